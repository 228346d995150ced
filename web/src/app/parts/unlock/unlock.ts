import { ChangeDetectionStrategy, Component, type Injector, effect, inject, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MatDialog, MatDialogActions, MatDialogContent, MatDialogRef, MatDialogTitle } from '@angular/material/dialog';
import { AccessBox } from '../../data/access';
import { Door } from '../../data/door';
import { PasswordField } from './password-field';

/** Asks for the password over whatever page is open; the page goes on where it was. */
@Component({
  selector: 'nw-unlock',
  imports: [MatButton, MatDialogActions, MatDialogContent, MatDialogTitle, PasswordField],
  providers: [AccessBox],
  template: `
    <form (submit)="$event.preventDefault(); give()">
      <h2 mat-dialog-title>The password, please</h2>
      <mat-dialog-content>
        <p>
          It is the one of this hall. What you did here and could not be saved is kept in this browser, and sent then.
        </p>
        <nw-password-field label="Password" fill="current-password" [(typed)]="typed" />
        @if (box.fault(); as words) {
          <p class="fault" role="alert">{{ words }}</p>
        }
        @if (box.now()?.encrypted === false) {
          <p class="quiet">
            This address is not encrypted: whoever is in this network can read along. With a certificate nobody can; the
            one who looks after the machine knows how.
          </p>
        }
      </mat-dialog-content>
      <mat-dialog-actions align="start">
        <button matButton="filled" type="submit" [disabled]="box.busy() || typed() === ''" disabledInteractive>
          Sign in
        </button>
      </mat-dialog-actions>
    </form>
  `,
  styles: `
    form {
      max-width: 26rem;
    }
    p {
      margin: 0 0 14px;
      color: var(--nw-ink);
    }
    .fault {
      margin: 12px 0 0;
      border-left: 4px solid var(--nw-madder);
      padding-left: 14px;
    }
    .quiet {
      margin: 14px 0 0;
      color: var(--nw-quiet);
    }
    mat-dialog-actions {
      padding: 14px 24px 20px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Unlock {
  protected readonly box = inject(AccessBox);
  private readonly door = inject(Door);
  protected readonly typed = signal('');

  constructor() {
    const dialog = inject<MatDialogRef<Unlock>>(MatDialogRef);
    effect(() => {
      if (!this.door.locked()) dialog.close();
    });
  }

  protected give(): void {
    if (this.typed() !== '' && !this.box.busy()) this.box.signIn(this.typed());
  }
}

/** Opens it over the page, once however often it is asked for; nothing but the password closes it. */
export function openUnlock(injector: Injector): void {
  const dialogs = injector.get(MatDialog);
  if (dialogs.getDialogById('unlock')) return;
  dialogs.open(Unlock, { id: 'unlock', disableClose: true, autoFocus: 'input', injector });
}
