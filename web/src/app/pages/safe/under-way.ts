import { ChangeDetectionStrategy, Component, input, output } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MatProgressBar } from '@angular/material/progress-bar';

/** Something that takes a while: what it is, how far, and the way to stop it where there is one. */
@Component({
  selector: 'nw-under-way',
  imports: [MatButton, MatProgressBar],
  template: `
    <div role="status">
      <span>{{ words() }}</span>
      <mat-progress-bar
        [mode]="done() === null ? 'indeterminate' : 'determinate'"
        [value]="100 * (done() ?? 0)"
        aria-label="How far it is"
      />
      @if (stops()) {
        <button matButton type="button" (click)="stop.emit()">Stop</button>
      }
    </div>
  `,
  styles: `
    div {
      display: grid;
      gap: 8px;
      justify-items: start;
      margin: 14px 0;
    }
    mat-progress-bar {
      width: 100%;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class UnderWay {
  readonly words = input.required<string>();
  /** 0 to 1; null where nobody knows. */
  readonly done = input.required<number | null>();
  readonly stops = input(false);
  readonly stop = output();
}
