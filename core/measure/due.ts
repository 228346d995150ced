/** Where one person stands in one check, as far as the next look asks. */
interface Looked {
  readonly studentId: string;
  readonly protocol: string;
  /** Local date from which another look is worth it; null where that is whenever they come. */
  readonly again: string | null;
}

/** People to be looked at again in a check. */
export interface LookAgain {
  readonly protocol: string;
  readonly studentIds: readonly string[];
  /** The first of their dates. */
  readonly since: string;
}

/** Whom to look at again by a date, by check: those whose day has come, the check with most of them first. */
export function lookAgain(standings: readonly Looked[], by: string): LookAgain[] {
  const checks = new Map<string, { readonly ids: Set<string>; since: string }>();
  for (const { studentId, protocol, again } of standings) {
    if (again === null || again > by) continue;
    const check = checks.get(protocol) ?? { ids: new Set<string>(), since: again };
    check.ids.add(studentId);
    if (again < check.since) check.since = again;
    checks.set(protocol, check);
  }
  return [...checks]
    .map(([protocol, { ids, since }]) => ({ protocol, studentIds: [...ids], since }))
    .sort((a, b) => b.studentIds.length - a.studentIds.length || a.protocol.localeCompare(b.protocol));
}

/** A check, and how many people are due in it from a date on. */
export interface DueFrom {
  readonly protocol: string;
  readonly date: string;
  readonly people: number;
}

/** The dates from which people are due, by date; each person once in a check, on the first of their dates. */
export function dueDates(standings: readonly Looked[]): DueFrom[] {
  const firsts = new Map<string, { readonly protocol: string; again: string }>();
  for (const { studentId, protocol, again } of standings) {
    const key = `${studentId} ${protocol}`;
    const before = firsts.get(key);
    if (again !== null && (!before || again < before.again)) firsts.set(key, { protocol, again });
  }
  const dates = new Map<string, DueFrom>();
  for (const { protocol, again: date } of firsts.values()) {
    const key = `${date} ${protocol}`;
    dates.set(key, { protocol, date, people: (dates.get(key)?.people ?? 0) + 1 });
  }
  return [...dates.values()].sort((a, b) => a.date.localeCompare(b.date) || a.protocol.localeCompare(b.protocol));
}
