import type { Region } from '../exercise';
import { dateOf, dayOf } from '../measure/day';
import type { Homework, Rhythm } from './homework';
import type { Settled } from './settled';

/** A class on a day of the sheet. */
export interface ClassDay {
  readonly date: string;
  readonly title: string;
  /** What it does; null where that is not planned yet: it is then taken to load all that homework loads. */
  readonly does: { readonly exerciseIds: readonly string[]; readonly loads: readonly Region[] } | null;
}

/** Why an exercise of the sheet is not for a day. */
export type NotToday = 'in-class' | 'day-between';

/** A day of the sheet: what is to be done, and what is not. */
export interface HomeDay {
  readonly date: string;
  readonly classes: readonly ClassDay[];
  /** Ids of items. */
  readonly due: readonly string[];
  readonly not: Readonly<Record<string, NotToday>>;
}

/** Days from one time to the next, at the least. */
const least: Readonly<Record<Rhythm, number>> = { daily: 1, 'every-other-day': 2, 'twice-a-week': 3 };
/** What loads a region at least so much has worked it for the day. */
const wellLoaded = 2;

/** Regions that an exercise loads well. */
export const loadsOf = ({ regions }: Settled['execution']): Region[] =>
  (Object.keys(regions) as Region[]).filter((region) => (regions[region] ?? 0) >= wellLoaded);

/** Whether a class does what an exercise would do at home. */
function isInClass({ item, execution, kind }: Settled, { does }: ClassDay): boolean {
  if (does === null) return kind !== 'mobilise';
  if (does.exerciseIds.includes(item.exerciseId)) return true;
  return kind !== 'mobilise' && loadsOf(execution).some((region) => does.loads.includes(region));
}

export const daysOf = ({ from, weeks }: Pick<Homework, 'from' | 'weeks'>): string[] =>
  Array.from({ length: 7 * weeks }, (_, day) => dateOf(dayOf(from) + day));

/**
 * What is done on which day. Nothing is done at home on a day whose class does it, and what needs a day between has one
 * before a class too; so a class counts as one of the times.
 */
export function homeDays(
  homework: Pick<Homework, 'from' | 'weeks'>,
  settled: readonly Settled[],
  classes: readonly ClassDay[],
): HomeDay[] {
  const dates = daysOf(homework);
  const byDate = new Map<string, ClassDay[]>();
  for (const one of classes) byDate.set(one.date, [...(byDate.get(one.date) ?? []), one]);
  const done = new Map<string, number[]>();
  return dates.map((date) => {
    const day = dayOf(date);
    const here = byDate.get(date) ?? [];
    const due: string[] = [];
    const not: Record<string, NotToday> = {};
    for (const one of settled) {
      const { id, rhythm } = one.item;
      const doesIt = (on: number) => (byDate.get(dateOf(on)) ?? []).some((of) => isInClass(one, of));
      const before = done.get(id) ?? [];
      if (doesIt(day)) {
        not[id] = 'in-class';
        done.set(id, [...before, day]);
        continue;
      }
      const next = Array.from({ length: least[rhythm] - 1 }, (_, after) => day + after + 1);
      const isTooSoon = day - (before.at(-1) ?? -Infinity) < least[rhythm] || next.some(doesIt);
      const isEnough = rhythm === 'twice-a-week' && before.filter((on) => day - on < 7).length >= 2;
      if (isTooSoon || isEnough) not[id] = 'day-between';
      else {
        due.push(id);
        done.set(id, [...before, day]);
      }
    }
    return { date, classes: here, due, not };
  });
}

/** How often an item is done over the days of the sheet. */
export function timesOf(itemId: string, days: readonly HomeDay[]): { readonly home: number; readonly inClass: number } {
  return {
    home: days.filter(({ due }) => due.includes(itemId)).length,
    inClass: days.filter(({ not }) => not[itemId] === 'in-class').length,
  };
}
