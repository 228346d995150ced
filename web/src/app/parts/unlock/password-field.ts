import { ChangeDetectionStrategy, Component, input, model, signal } from '@angular/core';
import { passwordLetters } from '@core/contract';

/** A password: pasted or typed, hidden unless one wants to see it. */
@Component({
  selector: 'nw-password-field',
  template: `
    <label>
      {{ label() }}
      <input
        #field
        [type]="shown() ? 'text' : 'password'"
        [autocomplete]="fill()"
        [value]="typed()"
        [attr.maxlength]="most"
        autocapitalize="off"
        spellcheck="false"
        (input)="typed.set(field.value)"
      />
    </label>
    <label class="show"><input type="checkbox" #seen (change)="shown.set(seen.checked)" /> show it</label>
  `,
  styles: `
    @use '../../theme/page';

    :host {
      display: flex;
      flex-wrap: wrap;
      align-items: end;
      gap: 6px 14px;
    }
    label {
      display: grid;
      gap: 4px;
      flex: 1 1 220px;
    }
    input:not([type='checkbox']) {
      @include page.field;
      width: 100%;
      box-sizing: border-box;
      min-height: 42px;
    }
    .show {
      display: flex;
      flex: 0 0 auto;
      align-items: center;
      gap: 6px;
      min-height: 42px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class PasswordField {
  readonly label = input.required<string>();
  /** What a password manager takes it for. */
  readonly fill = input.required<'current-password' | 'new-password'>();
  readonly typed = model('');
  protected readonly shown = signal(false);
  protected readonly most = passwordLetters.most;
}
