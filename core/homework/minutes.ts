import { type Pace, type Plan, newBlock, newItem, newPlan } from '../plan';
import { type Timeline, buildTimeline } from '../timeline';
import type { HomeDay } from './days';
import type { HomeAsked, Settled } from './settled';
import { timesOver } from './settled';

/** What a day takes, ms: with the fewest sets and with the most. Nothing on a day without work. */
export interface DayTime {
  readonly leastMs: number;
  readonly mostMs: number;
}

/** A day at home as a class of one: known exercises, nobody who talks, kit fetched where it lies. */
export function dayPlan(
  settled: readonly Settled[],
  which: 'least' | 'most',
  { homework, school }: Pick<HomeAsked, 'homework' | 'school'>,
  pace: Pace,
): Plan {
  const plan = newPlan(homework.id, homework.title, 60 * 60, school, pace);
  const items = settled.map(({ item, exercise, substitutes }) => ({
    ...newItem(item.id, exercise, item.revision, school),
    rungId: item.rungId,
    dose: timesOver(item.dose, item.sets[which === 'least' ? 0 : 1]),
    talk: { beforeSeconds: 0, overSeconds: 0 },
    substitutes: [...substitutes],
  }));
  return {
    ...plan,
    brief: { ...plan.brief, floor: homework.floor, people: 1, kitOut: 'when-needed' },
    blocks: [newBlock('home', 'At home', items)],
  };
}

export function dayTimeline(
  settled: readonly Settled[],
  which: 'least' | 'most',
  asked: Pick<HomeAsked, 'homework' | 'school' | 'find'>,
  pace: Pace,
): Timeline {
  return buildTimeline({ plan: dayPlan(settled, which, asked, pace), find: asked.find });
}

/** What each day takes, by the timeline; days with the same exercises take the same. */
export function timesOfDays(
  days: readonly HomeDay[],
  settled: readonly Settled[],
  asked: Pick<HomeAsked, 'homework' | 'school' | 'find'>,
  pace: Pace,
): Map<string, DayTime> {
  const known = new Map<string, DayTime>();
  return new Map(
    days.map(({ date, due }) => {
      const key = due.join();
      const on = settled.filter(({ item }) => due.includes(item.id));
      const time = known.get(key) ?? {
        leastMs: on.length === 0 ? 0 : dayTimeline(on, 'least', asked, pace).totalMs,
        mostMs: on.length === 0 ? 0 : dayTimeline(on, 'most', asked, pace).totalMs,
      };
      known.set(key, time);
      return [date, time];
    }),
  );
}

/** The longest day, the shortest that has work, and what a week comes to. */
export interface Minutes {
  readonly longest: DayTime;
  readonly shortest: DayTime;
  readonly week: DayTime;
  readonly daysWithWork: number;
}

export function minutesOf(times: ReadonlyMap<string, DayTime>): Minutes {
  const all = [...times.values()];
  const work = all.filter(({ mostMs }) => mostMs > 0);
  const none: DayTime = { leastMs: 0, mostMs: 0 };
  const sum = (key: keyof DayTime) => all.reduce((total, time) => total + time[key], 0);
  const weeks = Math.max(1, all.length / 7);
  return {
    longest: work.reduce((a, b) => (b.leastMs > a.leastMs ? b : a), none),
    shortest: work.reduce((a, b) => (b.leastMs < a.leastMs ? b : a), work[0] ?? none),
    week: { leastMs: Math.round(sum('leastMs') / weeks), mostMs: Math.round(sum('mostMs') / weeks) },
    daysWithWork: work.length,
  };
}

/** Whole minutes, as they are said: "6 to 9 min". Half a minute counts as a whole one. */
export function minutesWords({ leastMs, mostMs }: DayTime): string {
  const [least, most] = [leastMs, mostMs].map((ms) => Math.max(ms > 0 ? 1 : 0, Math.round(ms / 60_000)));
  return least === most ? `${least ?? 0} min` : `${least ?? 0} to ${most ?? 0} min`;
}
