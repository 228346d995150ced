import { dayOf } from '../measure/day';
import type { Course } from './course';
import { type Session, heldOf, sessionsOf } from './sessions';

/** A date and a time on the wall where a course is. */
export interface OnTheWall {
  readonly date: string;
  /** "12:15". */
  readonly time: string;
}

/** Minutes since the first of January 1970, as the wall counts them. */
function minuteOf({ date, time }: OnTheWall): number {
  const [hours = 0, minutes = 0] = time.split(':').map(Number);
  return dayOf(date) * 1440 + hours * 60 + minutes;
}

/** Classes that are to come or are under way, the next one first; one that is in the log already is neither. */
export function toCome(course: Course, taught: ReadonlySet<string>, now: OnTheWall): Session[] {
  const at = minuteOf(now);
  return heldOf(sessionsOf(course)).filter(
    (session) => !taught.has(session.key) && minuteOf(session) + session.minutes > at,
  );
}

/** Classes from a date on that are over and that nobody taught, as far as is known. */
export function notTaught(course: Course, taught: ReadonlySet<string>, since: string, now: OnTheWall): Session[] {
  const at = minuteOf(now);
  return heldOf(sessionsOf(course)).filter(
    (session) => session.date >= since && !taught.has(session.key) && minuteOf(session) + session.minutes <= at,
  );
}
