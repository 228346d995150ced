import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { MatButton } from '@angular/material/button';
import {
  MAT_DIALOG_DATA,
  MatDialogActions,
  MatDialogClose,
  MatDialogContent,
  MatDialogTitle,
} from '@angular/material/dialog';
import { type KeyTable, linesOf } from './key-table';

/** Every key of a page, place by place, made from the tables that its handlers use. */
@Component({
  selector: 'nw-key-sheet',
  imports: [MatButton, MatDialogActions, MatDialogClose, MatDialogContent, MatDialogTitle],
  template: `
    <h2 mat-dialog-title>Keys</h2>
    <mat-dialog-content>
      @for (table of tables; track table.where) {
        <h3>{{ table.where }}</h3>
        <dl>
          @for (line of table.lines; track line.shown) {
            <div>
              <dt>{{ line.shown }}</dt>
              <dd>{{ line.words }}</dd>
            </div>
          }
        </dl>
      }
    </mat-dialog-content>
    <mat-dialog-actions align="end"
      ><button matButton="filled" type="button" mat-dialog-close>Done</button></mat-dialog-actions
    >
  `,
  styles: `
    h3 {
      margin: 14px 0 2px;
      font-size: 0.95rem;
      color: var(--nw-quiet);
    }
    dl {
      margin: 0;
    }
    div {
      display: grid;
      grid-template-columns: 11em 1fr;
      padding: 4px 0;
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
export class KeySheet {
  protected readonly tables = inject<readonly KeyTable[]>(MAT_DIALOG_DATA).map((table) => ({
    where: table.where,
    lines: linesOf(table),
  }));
}
