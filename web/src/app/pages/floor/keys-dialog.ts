import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MatDialogActions, MatDialogClose, MatDialogContent, MatDialogTitle } from '@angular/material/dialog';
import { keyOf } from '../../parts/keys/key-table';
import type { FloorDoing } from './floor-keys';
import { OwnKeys, shownAs } from './own-keys';

/** The keys on the floor, each to be given to another key, a foot pedal or a presenter. */
@Component({
  selector: 'nw-floor-keys',
  imports: [MatButton, MatDialogActions, MatDialogClose, MatDialogContent, MatDialogTitle],
  template: `
    <h2 mat-dialog-title>Keys on the floor</h2>
    <mat-dialog-content>
      <p role="status">
        @if (asked()) {
          Press the key, the pedal or the presenter for it now. Escape leaves it.
        } @else {
          A pedal or a presenter is a keyboard too: choose “change”, then press it.
        }
      </p>
      <dl>
        @for (line of lines(); track line.does) {
          <div [class.asked]="asked() === line.does">
            <dt>{{ line.shown }}</dt>
            <dd>{{ line.words }}</dd>
            <dd>
              <button type="button" [attr.aria-label]="'change the key: ' + line.words" (click)="asked.set(line.does)">
                change
              </button>
            </dd>
          </div>
        }
      </dl>
    </mat-dialog-content>
    <mat-dialog-actions align="end">
      @if (keys.changed()) {
        <button matButton type="button" (click)="keys.reset()">As they came</button>
      }
      <button matButton="filled" type="button" mat-dialog-close>Done</button>
    </mat-dialog-actions>
  `,
  styles: `
    p {
      margin: 0 0 8px;
    }
    dl {
      margin: 0;
    }
    dl div {
      display: grid;
      grid-template-columns: 9.5em 1fr auto;
      align-items: center;
      gap: 8px;
      border-top: 1px solid var(--nw-cloth-2);
    }
    .asked {
      background: var(--nw-cloth-2);
    }
    dt {
      font-weight: 700;
    }
    dd {
      margin: 0;
    }
    button:not([matButton]) {
      font: inherit;
      color: var(--nw-woad);
      background: none;
      border: 0;
      min-height: 32px;
      padding: 4px 8px;
      text-decoration: underline;
      text-underline-offset: 3px;
      cursor: pointer;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { '(document:keydown)': 'pressed($event)' },
})
export class KeysDialog {
  protected readonly keys = inject(OwnKeys);
  protected readonly asked = signal<FloorDoing | null>(null);
  protected readonly lines = computed(() =>
    this.keys.table().bindings.map(({ does, words, keys }) => ({
      does,
      words: named[does] ?? words,
      shown: keys.length === 0 ? 'none' : keys.map(shownAs).join(', '),
    })),
  );

  protected pressed(event: KeyboardEvent): void {
    const does = this.asked();
    if (does === null || ['Shift', 'Control', 'Alt', 'Meta'].includes(event.key)) return;
    event.preventDefault();
    event.stopPropagation();
    if (event.key !== 'Escape') this.keys.give(does, keyOf(event));
    this.asked.set(null);
  }
}

/** Two that share a line on the sheet of keys are told apart here. */
const named: Partial<Record<FloorDoing, string>> = {
  next: 'next',
  back: 'back',
  more: 'one more set',
  less: 'one set less',
};
