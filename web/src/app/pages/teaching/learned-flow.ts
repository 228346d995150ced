import { Injectable, computed, inject } from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import { Subject, map, of, switchMap } from 'rxjs';
import { changedFigures, timeGroups } from '@core/log';
import { type Pace, paceDefaults } from '@core/plan';
import { sayTime } from '@core/say-time';
import { type FindRevision, buildTimeline } from '@core/timeline';
import { ClassApi } from '../../data/class-api';
import { everything, loading, waiting } from '../../data/loading';
import { Preferences } from '../../data/preferences';
import { RunApi } from '../../data/run-api';
import { Toasts } from '../../data/toasts';

/** What the log teaches about this teacher's times, and what it would change in the next class. */
@Injectable()
export class LearnedFlow {
  private readonly runs = inject(RunApi);
  private readonly classes = inject(ClassApi);
  private readonly preferences = inject(Preferences);
  private readonly toasts = inject(Toasts);
  private readonly asked$ = new Subject<void>();

  readonly found = toSignal(
    loading(this.asked$, () => this.runs.learned()),
    { initialValue: waiting },
  );
  /** The class that was worked on last. */
  private readonly next = toSignal(
    loading(this.asked$, () =>
      this.classes.list(everything, null).pipe(
        map(({ classes }) => classes.find(({ itemCount }) => itemCount > 0)),
        switchMap((summary) => (summary ? this.classes.read(summary.id) : of(null))),
      ),
    ),
    { initialValue: waiting },
  );

  readonly groups = computed(() =>
    (this.found().value?.groups ?? []).map(({ group, seen, stretches }) => ({
      group,
      name: timeGroups[group].name,
      seen: `${seen.toFixed(1)} ×`,
      stretches: Math.round(stretches),
      longer: seen > 1.15,
      shorter: seen < 0.87,
    })),
  );
  readonly figures = computed(() => {
    const learned = this.found().value;
    if (!learned) return [];
    return changedFigures(learned, this.preferences.pace()).map(({ key, label, from, to }) => ({
      key,
      label,
      words: `${say(from, key)} → ${say(to, key)}`,
    }));
  });
  /** The class that was worked on last, as it is and with these times. */
  readonly then = computed(() => {
    const [learned, read] = [this.found().value, this.next().value];
    if (!learned || !read) return '';
    const known = new Map(read.revisions.map(({ revision, exercise }) => [revision, exercise] as const));
    const find: FindRevision = (revision) => known.get(revision) ?? null;
    const at = (pace: Pace) => buildTimeline({ plan: { ...read.plan, pace }, find });
    const [now, then] = [at(this.preferences.pace()), at(learned.pace)];
    const range = `${sayTime(then.likely.lowMs)} to ${sayTime(then.likely.highMs)}`;
    return `“${read.plan.title}”, made today: ${sayTime(now.totalMs)} with your figures, ${sayTime(then.totalMs)} with these, likely ${range}; its slot is ${read.plan.slotSeconds / 60} min.`;
  });

  load(): void {
    this.asked$.next();
  }

  /** Takes them; the figures there were come back with one press. */
  use(): void {
    const learned = this.found().value;
    if (!learned) return;
    const before = this.preferences.pace();
    this.preferences.setPace(learned.pace);
    this.toasts.offer('New classes are planned with your own times.', 'Back to the figures before', () =>
      this.preferences.setPace(before),
    );
  }
}

function say(value: number, key: keyof Pace): string {
  const { unit } = paceDefaults[key];
  return unit === 's' ? `${value} s` : unit === 'times' ? `${value} ×` : String(value);
}
