import { Temporal } from 'temporal-polyfill';

/** A local date as one says it, with its year where that is another. @param date "2026-03-14" */
export function sayDate(date: string): string {
  const day = Temporal.PlainDate.from(date);
  const { year } = Temporal.Now.plainDateISO();
  // as the core says days inside a verdict
  return day.toLocaleString('en-GB', {
    day: 'numeric',
    month: 'short',
    ...(day.year === year ? {} : { year: 'numeric' as const }),
  });
}

/** The date of an instant where this device is. @param at ISO instant */
export const localDate = (at: string): string =>
  Temporal.Instant.from(at).toZonedDateTimeISO(Temporal.Now.timeZoneId()).toPlainDate().toString();

/** Today where this device is. */
export const today = (): string => Temporal.Now.plainDateISO().toString();
