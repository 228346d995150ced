import { type Region, regionNames } from '../exercise';
import { dateOf, dayOf } from '../measure/day';
import { type Load, busier, noLoad, together } from './load';
import type { LoadRules } from './rules';

/** Where load comes from; what is outside class counts first. */
export const loadSources = ['outside', 'taught', 'planned', 'home'] as const;
export type LoadSource = (typeof loadSources)[number];
export const sourceNames: Readonly<Record<LoadSource, string>> = {
  outside: 'outside class',
  taught: 'classes taught',
  planned: 'classes planned',
  home: 'homework',
};

/** Something on a date, or over a week, that asks something of the feet. */
export interface LoadEntry {
  readonly date: string;
  readonly source: LoadSource;
  readonly title: string;
  readonly load: Load;
}

/** What is counted of a week. */
export type Counted = 'landings' | 'rises';

export interface WeekLoad {
  readonly monday: string;
  /** The week of the course, from 0. */
  readonly week: number;
  /** On the busier foot, by where it comes from. */
  readonly landings: Readonly<Record<LoadSource, number>>;
  readonly rises: Readonly<Record<LoadSource, number>>;
  readonly regions: readonly { readonly region: Region; readonly load: number }[];
  /** Held as a week of the course is: what comes after is compared with it. */
  readonly full: boolean;
  /** Rise against the last whole week before, per cent; null where there is none, or nothing was in it. */
  readonly landingsPercent: number | null;
  readonly risesPercent: number | null;
}

export interface WeeksAsked {
  /** The Monday of the first week, and how many. */
  readonly monday: string;
  readonly weeks: number;
  readonly entries: readonly LoadEntry[];
  /** Landings outside class a week, on both feet together. */
  readonly landingsOutside: number;
  /** Local date: what was planned before it and never taught asked nothing. */
  readonly today: string;
  /** Whether each week is held whole: nothing to compare a next one with else. */
  readonly full: readonly boolean[];
}

const total = (of: Readonly<Record<LoadSource, number>>): number =>
  loadSources.reduce((sum, source) => sum + of[source], 0);
export const landingsIn = ({ landings }: Pick<WeekLoad, 'landings'>): number => total(landings);
export const risesIn = ({ rises }: Pick<WeekLoad, 'rises'>): number => total(rises);

/** Load by week, each week against the last whole one before it. */
export function loadByWeek({ monday, weeks, entries, landingsOutside, today, full }: WeeksAsked): WeekLoad[] {
  const first = dayOf(monday);
  const byWeek = Array.from({ length: weeks }, (): LoadEntry[] => []);
  for (const entry of entries.filter(({ source, date }) => source !== 'planned' || date >= today))
    byWeek[Math.floor((dayOf(entry.date) - first) / 7)]?.push(entry);
  const found: WeekLoad[] = [];
  for (const [week, here] of byWeek.entries()) {
    const of = (source: LoadSource): Load =>
      together(here.filter((entry) => entry.source === source).map(({ load }) => load));
    const each = (count: Counted): Record<LoadSource, number> => ({
      // outside they are counted on both feet together
      outside: count === 'landings' ? Math.round(landingsOutside / 2) : 0,
      taught: busier(of('taught')[count]),
      planned: busier(of('planned')[count]),
      home: busier(of('home')[count]),
    });
    const before = found.findLast((one) => one.full) ?? null;
    const [landings, rises] = [each('landings'), each('rises')];
    found.push({
      monday: dateOf(first + 7 * week),
      week,
      landings,
      rises,
      regions: regionsOf(together(here.map(({ load }) => load))),
      full: full[week] ?? false,
      landingsPercent: before && percent(landingsIn(before), total(landings)),
      risesPercent: before && percent(risesIn(before), total(rises)),
    });
  }
  return found;
}

const percent = (from: number, to: number): number | null =>
  from === 0 ? null : Math.round((100 * (to - from)) / from);

const regionsOf = ({ regions }: Load = noLoad): WeekLoad['regions'] =>
  (Object.keys(regionNames) as Region[]).flatMap((region) => {
    const each = regions[region];
    return each && busier(each) > 0 ? [{ region, load: Math.round(busier(each)) }] : [];
  });

/** A week that asks too much more than the one before, and by how much. */
export interface Steep {
  readonly week: number;
  readonly of: Counted;
  readonly why: 'landings-grow' | 'rises-grow' | 'first-landings' | 'rises-with-landings';
  /** The last whole week's, and this one's, on the busier foot. */
  readonly from: number;
  readonly to: number;
  /** What it may come to. */
  readonly most: number;
}

/**
 * Weeks that rise too steeply against the last whole week: landings, rises, the first landings of all, and rises that grow
 * in the week in which landings begin.
 */
export function steepIn(weeks: readonly WeekLoad[], rules: LoadRules, newToImpact: boolean): Steep[] {
  return weeks.flatMap((week, i): Steep[] => {
    const before = weeks.slice(0, i).findLast((one) => one.full);
    const [landings, rises] = [landingsIn(week), risesIn(week)];
    const begins = newToImpact && landings > 0 && weeks.slice(0, i).every((one) => landingsIn(one) === 0);
    const found: Steep[] = [];
    const add = (of: Counted, why: Steep['why'], from: number, to: number, most: number): void => {
      if (to > most) found.push({ week: week.week, of, why, from, to, most });
    };
    if (begins) add('landings', 'first-landings', 0, landings, rules.firstLandings);
    if (!before) return found;
    const [landed, risen] = [landingsIn(before), risesIn(before)];
    const grown = (from: number, by: number): number => Math.max(Math.floor(from * (1 + by / 100)), from + rules.least);
    if (landed > 0) add('landings', 'landings-grow', landed, landings, grown(landed, rules.landingsPercent));
    if (risen > 0) {
      if (begins) add('rises', 'rises-with-landings', risen, rises, risen + rules.least);
      else add('rises', 'rises-grow', risen, rises, grown(risen, rules.risesPercent));
    }
    return found;
  });
}

/** Why a week is steep, with its figures. @param week its name: "week 5, from 30 March" */
export function steepWords({ of, why, from, to, most }: Steep, week: string): string {
  const grows = from === 0 ? '' : `, ${Math.round((100 * (to - from)) / from)} % more`;
  const figures = from === 0 ? `${to} ${of} on a foot` : `${of} on a foot go from ${from} to ${to}${grows}`;
  const begun = `In ${week} ${figures}`;
  switch (why) {
    case 'first-landings':
      return `In ${week} landings begin, with ${to} on a foot; at first no more than ${most}.`;
    case 'rises-with-landings':
      return `${begun}, and landings begin in the same week: then rises do not grow.`;
    default:
      return `${begun}; up to ${most} would do.`;
  }
}
