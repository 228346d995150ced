/** A copy of the database, as far as it decides how long it is kept. */
export interface KeptFor {
  readonly name: string;
  /** ISO instant. */
  readonly made: string;
  /** Made because somebody asked: it goes when somebody deletes it. */
  readonly asked: boolean;
}

const day = 86_400_000;
/** All of the last week, then one a week for five weeks, then one a month for a year (Needlework's own). */
const allDays = 7;
const weeklyDays = 42;
const monthlyDays = 366;

const dayOf = (iso: string): number => Math.floor(Date.parse(iso) / day);
/** Copies of one period are one as far as they are old enough. */
function periodOf(made: string, ageDays: number): string {
  if (ageDays < allDays) return made;
  // days from the epoch, which was a Thursday, in weeks from Monday
  if (ageDays < weeklyDays) return `week ${Math.floor((dayOf(made) + 3) / 7)}`;
  return `month ${made.slice(0, 7)}`;
}

/**
 * Which copies may go: of those that made themselves the first of each week and month stays, for a year.
 * @param now ISO instant
 */
export function copiesToGo(copies: readonly KeptFor[], now: string): string[] {
  const kept = new Set<string>();
  const oldestFirst = [...copies].sort((a, b) => a.made.localeCompare(b.made));
  return oldestFirst.flatMap(({ name, made, asked }) => {
    if (asked) return [];
    const age = dayOf(now) - dayOf(made);
    const period = periodOf(made, age);
    const goes = age >= monthlyDays || kept.has(period);
    kept.add(period);
    return goes ? [name] : [];
  });
}

/** The last day on which a copy that made itself can still be there. @returns YYYY-MM-DD */
export const lastDayOf = (made: string): string =>
  new Date((dayOf(made) + monthlyDays) * day).toISOString().slice(0, 10);
