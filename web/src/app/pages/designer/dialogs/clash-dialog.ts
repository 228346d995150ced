import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { MatButton } from '@angular/material/button';
import {
  MAT_DIALOG_DATA,
  MatDialogActions,
  MatDialogClose,
  MatDialogContent,
  MatDialogTitle,
} from '@angular/material/dialog';

export type ClashChoice = 'mine' | 'theirs' | 'both';
export interface ClashSides {
  readonly mine: string;
  readonly theirs: string;
}

/** Two pages changed one class: nothing is lost, the teacher says which side goes on. */
@Component({
  selector: 'nw-clash-dialog',
  imports: [MatButton, MatDialogActions, MatDialogClose, MatDialogContent, MatDialogTitle],
  template: `
    <h2 mat-dialog-title>Changed in two places</h2>
    <mat-dialog-content>
      <p>
        This class was also changed on another page. Both sides are kept: the one that does not go on is among the
        earlier states. Which one goes on?
      </p>
      <dl>
        <dt>This page</dt>
        <dd>{{ sides.mine }}</dd>
        <dt>The other page</dt>
        <dd>{{ sides.theirs }}</dd>
      </dl>
    </mat-dialog-content>
    <mat-dialog-actions align="end">
      <button matButton type="button" mat-dialog-close="theirs">The other page</button>
      <button matButton type="button" mat-dialog-close="both">Both, mine as a copy</button>
      <button matButton="filled" type="button" mat-dialog-close="mine">This page</button>
    </mat-dialog-actions>
  `,
  styles: `
    dl {
      display: grid;
      grid-template-columns: auto 1fr;
      gap: 6px 14px;
      margin: 12px 0 0;
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
export class ClashDialog {
  protected readonly sides = inject<ClashSides>(MAT_DIALOG_DATA);
}
