import { dateOf, dayOf } from '../measure/day';
import { type Side, otherSide } from '../plan';
import type { Course, Off, Weekly } from './course';

/** One class of a course, where the calendar puts it. */
export interface Session {
  /** The date its weekday gives it: its name, wherever it is moved. */
  readonly key: string;
  readonly date: string;
  readonly time: string;
  readonly minutes: number;
  /** Weeks since the Monday of the first day, from 0. */
  readonly week: number;
  /** Its place among the classes that are held, from 1; 0 where it is not. */
  readonly number: number;
  /** The foot that starts. */
  readonly lead: Side;
  /** Why it is not held. */
  readonly off: Off | null;
  readonly moved: boolean;
}

/** Day of the week, Monday 1 to Sunday 7. 1970-01-01 was a Thursday. */
export const weekdayOf = (date: string): number => ((((dayOf(date) + 3) % 7) + 7) % 7) + 1;

/** The Monday of a date's week. */
export const mondayOf = (date: string): string => dateOf(dayOf(date) - weekdayOf(date) + 1);

/** The Monday of each week of a course. */
export const mondaysOf = ({ from, weeks }: Pick<Course, 'from' | 'weeks'>): string[] =>
  Array.from({ length: weeks }, (_, week) => dateOf(dayOf(mondayOf(from)) + 7 * week));

export const weekOf = ({ from }: Pick<Course, 'from'>, date: string): number =>
  Math.floor((dayOf(date) - dayOf(mondayOf(from))) / 7);

const offOn = ({ off }: Pick<Course, 'off'>, date: string): Off | null =>
  off.find(({ from, to }) => date >= from && date <= to) ?? null;

/**
 * The classes of a course in the order of their dates: those of each week's days from the first day on, moved ones where
 * they were moved to, those on dates off marked as not held. The foot that starts turns with each class; where a week has
 * an even number of them it turns once more with each week that has one, since else each weekday would keep its foot.
 */
export function sessionsOf(course: Course): Session[] {
  const days = [...course.weekly].sort((a, b) => a.weekday - b.weekday);
  const dated = mondaysOf(course)
    .flatMap((monday) => days.map((weekly) => ({ weekly, key: dateOf(dayOf(monday) + weekly.weekday - 1) })))
    .filter(({ key }) => key >= course.from)
    .map(({ weekly, key }) => placed(course, weekly, key))
    .sort((a, b) => (a.date === b.date ? (a.time < b.time ? -1 : 1) : a.date < b.date ? -1 : 1));
  const even = days.length % 2 === 0;
  const weeksSeen: number[] = [];
  let number = 0;
  return dated.map((session) => {
    if (session.off) return { ...session, number: 0, lead: 'left' };
    number += 1;
    if (!weeksSeen.includes(session.week)) weeksSeen.push(session.week);
    const turns = number - 1 + (even ? weeksSeen.indexOf(session.week) : 0);
    return { ...session, number, lead: turns % 2 === 0 ? 'left' : otherSide('left') };
  });
}

function placed(course: Course, { time, minutes }: Weekly, key: string): Omit<Session, 'number' | 'lead'> {
  const move = course.moved.find(({ from }) => from === key);
  const date = move?.to ?? key;
  return {
    key,
    date,
    time: move?.time ?? time,
    minutes,
    week: weekOf(course, date),
    // what was moved away from a date off is held
    off: offOn(course, date),
    moved: move !== undefined && (move.to !== key || (move.time !== null && move.time !== time)),
  };
}

/** Those that are held. */
export const heldOf = (sessions: readonly Session[]): Session[] => sessions.filter(({ off }) => off === null);
