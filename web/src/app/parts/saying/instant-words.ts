import { Temporal } from 'temporal-polyfill';

const here = (iso: string): Temporal.ZonedDateTime =>
  Temporal.Instant.from(iso).toZonedDateTimeISO(Temporal.Now.timeZoneId());

/** An instant as a day and a time, written as the whole house is; with its year where that is another. */
export function sayInstant(iso: string): string {
  const at = here(iso);
  return at.toLocaleString('en-GB', {
    weekday: 'short',
    day: 'numeric',
    month: 'short',
    ...(at.year === Temporal.Now.plainDateISO().year ? {} : { year: 'numeric' as const }),
    hour: '2-digit',
    minute: '2-digit',
  });
}

/** The day of an instant, with its year where that is another. */
export function sayDay(iso: string): string {
  const day = here(iso);
  const { year } = Temporal.Now.plainDateISO();
  return day.toLocaleString('en-GB', {
    weekday: 'long',
    day: 'numeric',
    month: 'long',
    ...(day.year === year ? {} : { year: 'numeric' as const }),
  });
}

/** When the month after this one begins here; null where what was typed is no month. @param month as a month field gives it: "2026-03" */
export function endOfMonth(month: string): string | null {
  try {
    const next = Temporal.PlainYearMonth.from(month).add({ months: 1 }).toPlainDate({ day: 1 });
    return next.toZonedDateTime(Temporal.Now.timeZoneId()).toInstant().toString({ smallestUnit: 'millisecond' });
  } catch {
    return null;
  }
}

/** What happened, day by day, in the order in which it comes. @param at of an entry, ISO */
export function byDay<T>(
  entries: readonly T[],
  at: (entry: T) => string,
): { readonly day: string; readonly entries: T[] }[] {
  const days: { day: string; entries: T[] }[] = [];
  for (const entry of entries) {
    const day = sayDay(at(entry));
    const last = days.at(-1);
    if (last?.day === day) last.entries.push(entry);
    else days.push({ day, entries: [entry] });
  }
  return days;
}

/** The time of day of an instant. */
export const sayClockTime = (iso: string): string =>
  here(iso).toLocaleString('en-GB', { hour: '2-digit', minute: '2-digit' });
