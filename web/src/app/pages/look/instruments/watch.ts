import { ChangeDetectionStrategy, Component, computed, effect, inject, input, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { unitWords } from '@core/measure';
import type { Student } from '@core/roster';
import { LookSession } from '../look-session';
import { WatchClock } from './watch-clock';

/** The stopwatch of a look: everybody on one foot at once, or the one whose row is chosen. */
@Component({
  selector: 'nw-watch',
  imports: [MatButton],
  template: `
    <h2>{{ rises() ? 'To the beat' : 'Stopwatch' }}</h2>
    @if (clock.running()) {
      <p class="count" role="timer" aria-live="off">
        {{ count() }} <small>{{ unit() }}, {{ clock.foot() }}</small>
      </p>
      <p class="hint">{{ rises() ? 'Tap whose form goes.' : 'Tap who comes down.' }} It ends by itself.</p>
      <button matButton="outlined" type="button" (click)="clock.stop()">Stop without the others</button>
    } @else {
      @if (students().length > 1) {
        <label><input type="radio" name="who" [checked]="all()" (change)="all.set(true)" /> everybody at once</label>
        <label
          ><input type="radio" name="who" [checked]="!all()" (change)="all.set(false)" /> only
          {{ chosen()?.name ?? 'the chosen row' }}</label
        >
      }
      @if (rises()) {
        <label
          ><input type="checkbox" #loud [checked]="aloud()" (change)="aloud.set(loud.checked)" /> beat aloud, one rise
          each 2 s</label
        >
      }
      <p class="go">
        @for (foot of session.feet(); track foot) {
          <button
            matButton="filled"
            type="button"
            [disabled]="who().length === 0"
            (click)="clock.start(foot, who(), aloud())"
          >
            Start {{ foot === 'both' ? '' : foot }}
          </button>
        }
      </p>
    }
  `,
  styleUrl: './instrument.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Watch {
  protected readonly session = inject(LookSession);
  protected readonly clock = inject(WatchClock);
  readonly students = input.required<readonly Student[]>();
  protected readonly all = signal(true);
  protected readonly aloud = signal(true);

  private readonly result = computed(() => this.session.protocol().result);
  protected readonly rises = computed(() => {
    const result = this.result();
    return result.gives === 'number' && result.unit === 'reps';
  });
  protected readonly unit = computed(() => {
    const result = this.result();
    return result.gives === 'number' ? unitWords[result.unit].name : '';
  });
  protected readonly count = computed(() => Math.floor(this.clock.count()));
  private readonly consenting = computed(() => this.students().filter(({ consent }) => consent));
  protected readonly chosen = computed(() => this.consenting().find(({ id }) => id === this.session.at()) ?? null);
  protected readonly who = computed(() => {
    if (this.all() && this.students().length > 1) return this.consenting().map(({ id }) => id);
    const one = this.students().length === 1 ? this.consenting()[0] : this.chosen();
    return one ? [one.id] : [];
  });

  constructor() {
    effect(() => {
      this.clock.count();
      this.clock.atEnd();
    });
  }
}
