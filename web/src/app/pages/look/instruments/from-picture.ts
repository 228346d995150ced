import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MatDialog } from '@angular/material/dialog';
import type { BaseOfSupport, Foot } from '@core/measure';
import type { Student } from '@core/roster';
import { LookSession } from '../look-session';
import { AngleDialog, type AngleAsked } from './angle-dialog';
import { TracingDialog, type TracingAsked } from './tracing-dialog';

/** Which checks are read from a picture, and as what. */
const readings: Readonly<Record<string, 'bend' | 'lean' | 'tracing'>> = {
  'big-toe-by-hand': 'bend',
  'big-toe-unaided': 'bend',
  'knee-to-wall-angle': 'lean',
  'base-of-support': 'tracing',
  'tripod-area': 'tracing',
  'outline-area': 'tracing',
};
export const fromPicture = (check: string) => readings[check] ?? null;

/** Takes a reading from a picture: an angle from three points, or the base of support from a tracing. */
@Component({
  selector: 'nw-from-picture',
  imports: [MatButton],
  template: `
    <h2>From a picture</h2>
    @if (student()) {
      <p class="who">{{ name() }}</p>
      <p class="go">
        @for (foot of session.feet(); track foot) {
          <button matButton="outlined" type="button" (click)="open(foot)">{{ foot }}</button>
        }
      </p>
    } @else {
      <p class="quiet">Choose a row: the picture is read for that person.</p>
    }
    <p class="quiet">
      {{
        tracing()
          ? 'The traced line on a sheet of known size gives width and both areas at once.'
          : 'Three points on a picture, set three times. A drawing to practise on is there.'
      }}
    </p>
  `,
  styleUrl: './instrument.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FromPicture {
  protected readonly session = inject(LookSession);
  private readonly dialog = inject(MatDialog);
  readonly student = input.required<Student | null>();
  readonly name = input.required<string>();
  protected readonly tracing = computed(() => fromPicture(this.session.check()) === 'tracing');

  protected open(foot: Foot): void {
    const student = this.student();
    const reading = fromPicture(this.session.check());
    if (!student || !reading) return;
    const whose = `${this.name()}, ${foot}`;
    const size = { width: '920px', maxWidth: '96vw', maxHeight: '96vh', autoFocus: 'dialog' };
    if (reading === 'tracing')
      this.session.takeWhenDone(
        this.dialog
          .open<TracingDialog, TracingAsked, BaseOfSupport>(TracingDialog, { ...size, data: { whose } })
          .afterClosed(),
        student,
        foot,
      );
    else
      this.session.takeWhenDone(
        this.dialog
          .open<AngleDialog, AngleAsked, readonly number[]>(AngleDialog, { ...size, data: { reading, whose } })
          .afterClosed(),
        student,
        foot,
      );
  }
}
