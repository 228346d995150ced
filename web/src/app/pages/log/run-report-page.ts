import { ChangeDetectionStrategy, Component, type OnInit, computed, inject, input } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { RouterLink } from '@angular/router';
import { sayTime } from '@core/say-time';
import { RunReader } from '../../data/run-log';
import { Loading } from '../../parts/loading/loading';
import { owedWords } from '../../parts/saying/owed-words';
import { sayInstant } from '../../parts/saying/instant-words';

/** One taught class: planned against actual, by item and side. */
@Component({
  selector: 'nw-run-report-page',
  imports: [Loading, MatButton, RouterLink],
  providers: [RunReader],
  templateUrl: './run-report-page.html',
  styleUrl: './run-report-page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class RunReportPage implements OnInit {
  readonly runId = input.required<string>();
  protected readonly run = inject(RunReader);
  private readonly state = this.run.state;
  protected readonly time = sayTime;
  protected readonly when = sayInstant;

  protected readonly rows = computed(() => {
    const state = this.state();
    if (!state) return [];
    const longest = Math.max(
      1,
      ...state.records.flatMap((r) => [r.setUpMs + r.workMs + r.heldMs, r.plannedSetUpMs + r.plannedWorkMs]),
    );
    const share = (ms: number) => (100 * ms) / longest;
    return state.records.map((r) => {
      const item = state.timeline.items.find((i) => i.itemId === r.itemId);
      const differenceMs = r.setUpMs + r.workMs + r.heldMs - r.plannedSetUpMs - r.plannedWorkMs;
      return {
        name: item?.execution?.exercise.name[state.plan.school.words] ?? 'Compare the feet',
        side: r.feet === 'left' || r.feet === 'right' ? r.feet : 'both',
        planned: { setUp: share(r.plannedSetUpMs), work: share(r.plannedWorkMs) },
        actual: { setUp: share(r.setUpMs), work: share(r.workMs), held: share(r.heldMs) },
        setUpWords: `${sayTime(r.setUpMs)} / ${sayTime(r.plannedSetUpMs)}`,
        workWords: `${sayTime(r.workMs)} / ${sayTime(r.plannedWorkMs)}`,
        done: r.unitsDone < r.unitsPlanned ? `${r.unitsDone} of ${r.unitsPlanned}` : '',
        difference:
          Math.abs(differenceMs) < 1000
            ? 'as planned'
            : `${sayTime(Math.abs(differenceMs))} ${differenceMs > 0 ? 'longer' : 'shorter'}`,
        late: differenceMs >= 15_000,
      };
    });
  });
  protected readonly totals = computed(() => {
    const state = this.state();
    if (!state) return null;
    const taughtMs = state.records.at(-1)?.endedAtMs ?? 0;
    const setUp = (key: 'setUpMs' | 'plannedSetUpMs') => state.records.reduce((ms, r) => ms + r[key], 0);
    const overMs = taughtMs - state.plan.slotSeconds * 1000;
    return {
      taught: sayTime(taughtMs),
      planned: sayTime(state.timeline.totalMs),
      slot: overMs > 0 ? `${sayTime(overMs)} over the slot` : `${sayTime(-overMs)} before the end of the slot`,
      setUp: `${sayTime(setUp('setUpMs'))} of set-up and talk, ${sayTime(setUp('plannedSetUpMs'))} planned`,
      owed: owedWords(state),
    };
  });

  ngOnInit(): void {
    this.run.open(this.runId());
  }
}
