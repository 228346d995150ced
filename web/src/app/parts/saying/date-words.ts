/*
 * Dates of the first page, by the browser's own calendar: a package for it would be a twelfth of what that page loads.
 */

/** A local date in words. @param date "2026-03-14" */
export const inWords = (date: string, options: Intl.DateTimeFormatOptions): string =>
  new Date(`${date}T12:00:00Z`).toLocaleString('en-GB', { ...options, timeZone: 'UTC' });

/** A local date as one says it, with its year where that is another. @param date "2026-03-14" */
export function sayDate(date: string): string {
  const isThisYear = date.slice(0, 4) === today().slice(0, 4);
  // as the core says days inside a verdict
  return inWords(date, { day: 'numeric', month: 'short', ...(isThisYear ? {} : { year: 'numeric' }) });
}

/** "Tue 14 April". */
export const sayDay = (date: string): string => inWords(date, { weekday: 'short', day: 'numeric', month: 'long' });

/** The date of an instant where this device is. @param at ISO instant */
export const localDate = (at: string): string => dateHere(new Date(at));

/** Today where this device is. */
export const today = (): string => dateHere(new Date());

function dateHere(at: Date): string {
  const [year, month, day] = [at.getFullYear(), at.getMonth() + 1, at.getDate()].map(String);
  return [year?.padStart(4, '0'), month?.padStart(2, '0'), day?.padStart(2, '0')].join('-');
}
