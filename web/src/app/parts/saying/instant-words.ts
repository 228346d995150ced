import { Temporal } from 'temporal-polyfill';

const here = (iso: string): Temporal.ZonedDateTime =>
  Temporal.Instant.from(iso).toZonedDateTimeISO(Temporal.Now.timeZoneId());

/** An instant as a day and a time, the way this device writes them. */
export const sayInstant = (iso: string): string =>
  here(iso).toLocaleString(undefined, {
    weekday: 'short',
    day: 'numeric',
    month: 'short',
    hour: '2-digit',
    minute: '2-digit',
  });

/** The time of day of an instant. */
export const sayClockTime = (iso: string): string =>
  here(iso).toLocaleString(undefined, { hour: '2-digit', minute: '2-digit' });

/**
 * The time of day so long after a class began, with seconds; null where what was typed is no time.
 * @param startsAt as a time field gives it: "18:30"
 * @param ms class time
 */
export function clockAfter(startsAt: string, ms: number): string | null {
  try {
    const at = Temporal.PlainTime.from(startsAt).add({ seconds: Math.round(ms / 1000) });
    return at.toString({ smallestUnit: 'second' });
  } catch {
    return null;
  }
}
