import { ChangeDetectionStrategy, Component } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MatDialogActions, MatDialogClose, MatDialogContent, MatDialogTitle } from '@angular/material/dialog';

/** Every key of the designer. */
@Component({
  selector: 'nw-shortcuts-dialog',
  imports: [MatButton, MatDialogActions, MatDialogClose, MatDialogContent, MatDialogTitle],
  template: `
    <h2 mat-dialog-title>Keys</h2>
    <mat-dialog-content>
      <dl>
        @for (entry of keys; track entry.keys) {
          <div>
            <dt>{{ entry.keys }}</dt>
            <dd>{{ entry.does }}</dd>
          </div>
        }
      </dl>
    </mat-dialog-content>
    <mat-dialog-actions align="end"
      ><button matButton="filled" type="button" mat-dialog-close>Done</button></mat-dialog-actions
    >
  `,
  styles: `
    div {
      display: grid;
      grid-template-columns: 11em 1fr;
      padding: 5px 0;
    }
    dt {
      font-weight: 700;
    }
    dd {
      margin: 0;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ShortcutsDialog {
  protected readonly keys = [
    { keys: '/', does: 'find an exercise' },
    { keys: 'Enter in the search', does: 'add the first exercise found' },
    { keys: '↑ ↓', does: 'the item before or after, in the running order' },
    { keys: 'Alt ↑ ↓', does: 'move the item' },
    { keys: 'Delete', does: 'take the item out' },
    { keys: '← →', does: 'from item to item, on the thread' },
    { keys: '+ − 0', does: 'closer, wider, whole class, on the thread' },
    { keys: '↑ ↓ in a number', does: 'the next value a teacher would say' },
    { keys: 'Ctrl Z, Ctrl Shift Z', does: 'undo, redo' },
    { keys: 'T', does: 'fit to the slot' },
    { keys: 'W', does: 'what is worth a look' },
    { keys: 'F', does: 'to the floor' },
    { keys: 'Space, Page Down (on the floor)', does: 'set up, count, hold, go on' },
    { keys: '← → (on the floor)', does: 'back, next' },
    { keys: '+ − U T (on the floor)', does: 'one more set, one less, take it back, tones' },
    { keys: '?', does: 'these keys' },
  ];
}
