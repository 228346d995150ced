import * as z from 'zod';

/** A local date, as it is written on a sheet: 2026-03-14. */
export const LocalDate = z.iso.date();

/** Days between dates are counted on the calendar alone. @returns whole days since 1970-01-01 */
export const dayOf = (date: string): number => Math.round(Date.parse(`${date}T00:00:00Z`) / 86_400_000);

/** The date of a day. */
export const dateOf = (day: number): string => new Date(day * 86_400_000).toISOString().slice(0, 10);
