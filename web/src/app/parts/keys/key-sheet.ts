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
      <div class="tables">
        @for (table of tables; track table.where) {
          <section>
            <h3>{{ table.where }}</h3>
            <dl>
              @for (line of table.lines; track line.shown) {
                <div>
                  <dt>{{ line.shown }}</dt>
                  <dd>{{ line.words }}</dd>
                </div>
              }
            </dl>
          </section>
        }
      </div>
    </mat-dialog-content>
    <mat-dialog-actions align="end"
      ><button matButton="filled" type="button" mat-dialog-close>Done</button></mat-dialog-actions
    >
  `,
  styles: `
    .tables {
      columns: 21rem auto;
      column-gap: 40px;
    }
    section {
      break-inside: avoid;
      padding-bottom: 14px;
    }
    h3 {
      margin: 0 0 2px;
      font-size: 0.95rem;
      color: var(--nw-quiet);
    }
    dl {
      margin: 0;
    }
    dl div {
      display: grid;
      grid-template-columns: 10.5em 1fr;
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
