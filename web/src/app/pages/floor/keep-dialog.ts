import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { MatButton } from '@angular/material/button';
import {
  MAT_DIALOG_DATA,
  MatDialogActions,
  MatDialogClose,
  MatDialogContent,
  MatDialogTitle,
} from '@angular/material/dialog';
import { sayTime } from '@core/say-time';

/** A class that was left after seconds: whether it is one. */
@Component({
  selector: 'nw-keep-dialog',
  imports: [MatButton, MatDialogActions, MatDialogClose, MatDialogContent, MatDialogTitle],
  template: `
    <h2 mat-dialog-title>{{ time(ms) }} on the floor</h2>
    <mat-dialog-content>Was that a class? Only a class goes to the log.</mat-dialog-content>
    <mat-dialog-actions align="end">
      <button matButton type="button" mat-dialog-close="stay">Stay here</button>
      <button matButton="outlined" type="button" mat-dialog-close="keep">Keep it in the log</button>
      <button matButton="filled" type="button" mat-dialog-close="leave">Leave it out</button>
    </mat-dialog-actions>
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class KeepDialog {
  protected readonly ms = inject<number>(MAT_DIALOG_DATA);
  protected readonly time = sayTime;
}
