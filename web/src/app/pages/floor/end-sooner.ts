import { ChangeDetectionStrategy, Component, computed, inject, output } from '@angular/core';
import { endsSooner } from '@core/run';
import { sayTime } from '@core/say-time';
import { CatchUpFlow } from './catch-up-flow';
import { FloorStore } from './floor-store';

const minutes = [1, 2, 5, 10, 15, 20, 30] as const;

/** The hall is needed sooner: by how much, in one tap; then what gives way is shown. */
@Component({
  selector: 'nw-end-sooner',
  template: `
    <h2>How much sooner?</h2>
    <p>The slot ends at {{ end() }}. What gives way is shown next.</p>
    <ul>
      @for (one of offered(); track one.minutes) {
        <li>
          <button type="button" class="quiet tall" (click)="take(one.minutes)">
            {{ one.minutes }} min
            <small>at {{ one.words }}</small>
          </button>
        </li>
      }
    </ul>
    <button type="button" class="quiet tall" (click)="closed.emit()">Leave it as it is</button>
  `,
  styleUrl: './floor-quiet.scss',
  styles: `
    h2 {
      font-size: 1.5rem;
      margin: 0 0 4px;
    }
    p {
      margin: 0 0 8px;
    }
    ul {
      list-style: none;
      margin: 0 0 12px;
      padding: 0;
      display: flex;
      flex-wrap: wrap;
      gap: 8px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class EndSooner {
  private readonly store = inject(FloorStore);
  private readonly catchUp = inject(CatchUpFlow);
  readonly closed = output();

  protected readonly end = computed(() => sayTime((this.store.state()?.plan.slotSeconds ?? 0) * 1000));
  protected readonly offered = computed(() => {
    const state = this.store.state();
    return minutes.flatMap((one) => {
      const found = state && endsSooner(state, one * 60);
      return found ? [{ minutes: one, words: found.words }] : [];
    });
  });

  protected take(by: number): void {
    const state = this.store.state();
    const found = state && endsSooner(state, by * 60);
    if (found) {
      this.store.act(found.action);
      this.catchUp.ask();
    }
    this.closed.emit();
  }
}
