import { ChangeDetectionStrategy, Component, type OnInit, computed, inject, input, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { RouterLink } from '@angular/router';
import { nameOf } from '@core/card';
import { reportOf } from '@core/run';
import { sayTime } from '@core/say-time';
import { buildTimeline } from '@core/timeline';
import { fileOf } from '../../data/file-of';
import { RunReader } from '../../data/run-log';
import { Loading } from '../../parts/loading/loading';
import { answerWords, notReachedWords, owedWords, toldWords } from '../../parts/saying/owed-words';
import { sayInstant } from '../../parts/saying/instant-words';
import { TopBar } from '../../parts/top/top-bar';

/** One taught class: planned against actual, by item and side. */
@Component({
  selector: 'nw-run-report-page',
  imports: [Loading, MatButton, RouterLink, TopBar],
  providers: [RunReader],
  templateUrl: './run-report-page.html',
  styleUrl: './run-report-page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class RunReportPage implements OnInit {
  protected readonly fileOf = fileOf;
  readonly runId = input.required<string>();
  protected readonly run = inject(RunReader);
  private readonly state = this.run.state;
  protected readonly time = sayTime;
  protected readonly when = sayInstant;

  private readonly report = computed(() => {
    const state = this.state();
    return state && reportOf(state);
  });

  protected readonly rows = computed(() => {
    const [state, report] = [this.state(), this.report()];
    if (!state || !report) return [];
    const longest = Math.max(1, ...report.bouts.flatMap((b) => [b.actualMs, b.plannedMs]));
    const share = (ms: number) => (100 * ms) / longest;
    return report.bouts.map(({ record: r, differenceMs, late }) => {
      const item = state.timeline.items.find((i) => i.itemId === r.itemId);
      return {
        name: item ? nameOf(state.plan, item) : 'Compare the feet',
        side: r.feet === 'left' || r.feet === 'right' ? r.feet : item?.execution === null ? '' : 'both',
        planned: { setUp: share(r.plannedSetUpMs), work: share(r.plannedWorkMs) },
        actual: { setUp: share(r.setUpMs), work: share(r.workMs), held: share(r.heldMs) },
        setUpWords: `${sayTime(r.setUpMs)} / ${sayTime(r.plannedSetUpMs)}`,
        workWords: `${sayTime(r.workMs)} / ${sayTime(r.plannedWorkMs)}`,
        done: r.unitsDone < r.unitsPlanned ? `${r.unitsDone} of ${r.unitsPlanned}` : '',
        difference:
          Math.abs(differenceMs) < 1000
            ? 'as planned'
            : `${sayTime(Math.abs(differenceMs))} ${differenceMs > 0 ? 'longer' : 'shorter'}`,
        late,
      };
    });
  });
  protected readonly totals = computed(() => {
    const [state, report] = [this.state(), this.report()];
    const read = this.run.read().value;
    if (!state || !report || !read) return null;
    const known = new Map(read.revisions.map(({ revision, exercise }) => [revision, exercise] as const));
    const begunMs = buildTimeline({ plan: read.plan, find: (id) => known.get(id) ?? null }).totalMs;
    const { taughtMs, overSlotMs, setUpMs, plannedSetUpMs } = report;
    return {
      taught: sayTime(taughtMs),
      planned: sayTime(begunMs),
      changed: begunMs === report.plannedMs ? '' : `, ${sayTime(report.plannedMs)} as changed on the way`,
      slot:
        overSlotMs > 0 ? `${sayTime(overSlotMs)} over the slot` : `${sayTime(-overSlotMs)} before the end of the slot`,
      setUp: `${sayTime(setUpMs)} of set-up and talk, ${sayTime(plannedSetUpMs)} planned`,
      owed: [...owedWords(state), ...answerWords(state), ...toldWords(state)],
      notReached: notReachedWords(state, report),
    };
  });

  /** How many came and the note are being put right. */
  protected readonly editing = signal(false);

  protected async putRight(headcount: string, note: string): Promise<void> {
    const people = headcount.trim() === '' ? null : Math.round(Number(headcount));
    if (people !== null && !(people >= 0 && people <= 500)) return;
    if (await this.run.putRight(this.runId(), { headcount: people, note })) this.editing.set(false);
  }

  ngOnInit(): void {
    this.run.open(this.runId());
  }
}
