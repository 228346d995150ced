import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import type { Foot, Reading, SoleMark } from '@core/measure';
import type { Student } from '@core/roster';
import { SoleMap } from '../../../parts/sole-map/sole-map';
import { LookSession } from '../look-session';

const hours = [12, 1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11] as const;
const sides = ['left', 'right'] as const;

/** What is tapped on a picture of the feet: tender spots on the sole, or the hour at which an ankle circle sticks. */
@Component({
  selector: 'nw-foot-map',
  imports: [SoleMap],
  template: `
    <h2>{{ clock() ? 'Where it sticks' : 'Where it is tender' }}</h2>
    @if (student(); as student) {
      <p class="who">{{ name() }}</p>
      <div class="feet" [class.stacked]="clock()">
        @for (foot of feet(); track foot.side) {
          <div class="side" [class]="foot.side">
            <b>{{ foot.side === 'left' ? 'L left' : 'R right' }}</b>
            @if (clock()) {
              <div class="dial" role="group" [attr.aria-label]="name() + ', ' + foot.side + ': clock face'">
                @for (hour of foot.hours; track hour.hour) {
                  <button
                    type="button"
                    [style.left.%]="hour.left"
                    [style.top.%]="hour.top"
                    [class.on]="hour.on"
                    [attr.aria-pressed]="hour.on"
                    (click)="setHour(foot.side, hour.hour)"
                  >
                    {{ hour.hour }}
                  </button>
                }
                <button
                  type="button"
                  class="middle"
                  [class.on]="foot.nowhere"
                  [attr.aria-pressed]="foot.nowhere"
                  (click)="setHour(foot.side, 0)"
                >
                  nowhere
                </button>
              </div>
            } @else {
              <nw-sole-map
                [side]="foot.side"
                [marks]="foot.marks"
                [name]="name()"
                (changed)="session.takeMarks(student, foot.side, $event)"
              />
              <button type="button" class="none" (click)="session.takeMarks(student, foot.side, [])">
                nothing tender
              </button>
            }
          </div>
        }
      </div>
    } @else {
      <p class="quiet">Choose a row.</p>
    }
  `,
  styleUrl: './instrument.scss',
  styles: `
    .stacked {
      grid-template-columns: 1fr;
    }
    .dial {
      position: relative;
      width: 150px;
      height: 150px;
      margin: 6px auto;
      border: 1px dashed var(--nw-hem-strong);
      border-radius: 50%;
    }
    button {
      font: inherit;
      color: var(--nw-ink);
      background: none;
      border: 0;
      cursor: pointer;
    }
    .dial button {
      position: absolute;
      width: 28px;
      height: 28px;
      margin: -14px;
      padding: 0;
      font-size: 0.9rem;
      border-radius: 50%;
    }
    .dial .middle {
      left: 50%;
      top: 50%;
      width: 64px;
      margin: -14px -32px;
      border-radius: 14px;
    }
    .dial .on {
      color: var(--nw-on-ink);
      background: var(--nw-ink);
    }
    .none {
      margin-top: 4px;
      color: var(--nw-woad);
      text-decoration: underline;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FootMap {
  protected readonly session = inject(LookSession);
  readonly student = input.required<Student | null>();
  readonly name = input.required<string>();
  readonly readings = input.required<readonly Reading[]>();

  protected readonly clock = computed(() => this.session.protocol().result.gives === 'clock');
  protected readonly feet = computed(() =>
    sides.map((side) => {
      const value = this.session.takenOf(this.readings(), side)?.value;
      const marks: readonly SoleMark[] = value?.kind === 'marks' ? value.marks : [];
      const at = value?.kind === 'clock' ? value.hour : undefined;
      return {
        side,
        marks,
        nowhere: at === null,
        hours: hours.map((hour) => ({
          hour,
          on: at === hour,
          left: 50 + 41 * Math.sin((hour * Math.PI) / 6),
          top: 50 - 41 * Math.cos((hour * Math.PI) / 6),
        })),
      };
    }),
  );

  protected setHour(foot: Foot, hour: number): void {
    const student = this.student();
    if (student) this.session.takeHour(student, foot, String(hour));
  }
}
