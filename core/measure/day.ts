import * as z from 'zod';
import { remembering } from '../remembering';

/** A local date, as it is written on a sheet: 2026-03-14. */
export const LocalDate = z.iso.date();

/** So many days come up again and again among somebody's readings. */
const tenYears = 4000;

/** Days between dates are counted on the calendar alone. @returns whole days since 1970-01-01 */
export const dayOf: (date: string) => number = remembering(
  (date) => Math.round(Date.parse(`${date}T00:00:00Z`) / 86_400_000),
  tenYears,
);

/** The date of a day. */
export const dateOf: (day: number) => string = remembering(
  (day) => new Date(day * 86_400_000).toISOString().slice(0, 10),
  tenYears,
);
