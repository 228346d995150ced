import { ChangeDetectionStrategy, Component, computed, inject, input, output, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { Router } from '@angular/router';
import { reportOf } from '@core/run';
import { sayTime } from '@core/say-time';
import { buildTimeline } from '@core/timeline';
import { answerWords, notReachedWords, toldWords } from '../../parts/saying/owed-words';
import { FloorReading } from './floor-reading';
import { FloorStore } from './floor-store';
import { LeavingFlow } from './leaving-flow';
import { RosterFlow } from './roster-flow';
import { RehearsalTold } from './rehearsal-told';
import { SurpriseFlow } from './surprise-flow';

/** The class is over: how long it was, what is owed and can still be done, who came, a note for next time. */
@Component({
  selector: 'nw-floor-end',
  imports: [MatButton, RehearsalTold],
  templateUrl: './floor-end.html',
  styleUrls: ['./floor-quiet.scss', './floor-end.scss'],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FloorEnd {
  protected readonly store = inject(FloorStore);
  protected readonly reading = inject(FloorReading);
  protected readonly surprises = inject(SurpriseFlow);
  protected readonly roster = inject(RosterFlow);
  private readonly leaving = inject(LeavingFlow);
  private readonly router = inject(Router);
  /** Nothing of it enters the log. */
  readonly rehearsal = input(false);
  readonly madeUp = output<{ readonly bout: number; readonly fromMs: number }>();

  protected readonly saved = signal<'no' | 'saving' | 'yes' | 'not'>('no');
  protected readonly result = computed(() => {
    const state = this.store.state();
    if (!state) return null;
    const { planned } = this.store.played() ?? { planned: state.plan };
    const plannedMs = buildTimeline({ plan: planned, find: this.store.find }).totalMs;
    const missing = notReachedWords(state, reportOf(state));
    return {
      taught: this.reading.live()?.elapsed ?? '',
      planned: sayTime(plannedMs),
      changed: plannedMs === state.timeline.totalMs ? '' : `, ${sayTime(state.timeline.totalMs)} as changed on the way`,
      people: state.plan.brief.people,
      // what was felt in a room of surprises is told with them
      told: [
        ...answerWords(state),
        ...(this.surprises.told() ? [] : toldWords(state)),
        ...(missing === '' ? [] : [missing]),
      ],
    };
  });

  /** Who of the group came; everybody, until somebody is tapped away. */
  protected readonly came = computed(() => {
    const { away } = this.store.names();
    return this.roster.students().map((student) => ({ ...student, here: !away.includes(student.id) }));
  });
  protected readonly heads = computed(() => this.came().filter(({ here }) => here).length);

  private written = false;

  protected async leaveOut(): Promise<void> {
    const classId = this.store.state()?.plan.id ?? '';
    await this.leaving.leaveOut();
    void this.router.navigate(['/class', classId]);
  }

  protected async save(headcount: string, note: string): Promise<void> {
    this.saved.set('saving');
    // once, however often the log is asked to take it
    if (!this.written) this.roster.writePresent();
    this.written = true;
    const people = headcount.trim() === '' ? null : Math.round(Number(headcount));
    const sent = await this.store.remark(people !== null && Number.isFinite(people) ? people : null, note);
    this.saved.set(sent ? 'yes' : 'not');
    const runId = this.store.runId();
    if (sent && runId !== null) void this.router.navigate(['/log', runId]);
  }
}
