import { dateOf, dayOf } from '../measure/day';
import type { Course } from './course';
import { heldOf, mondayOf, sessionsOf } from './sessions';

/** Something on a date: a class to come, one that was taught, a date off, a check that is due, homework. */
export interface Entry {
  readonly date: string;
  /** Time on the wall; null for what lasts all day. */
  readonly time: string | null;
  readonly kind: 'class' | 'taught' | 'off' | 'show' | 'check' | 'homework';
  readonly title: string;
  /** What it leads to: a course, a taught class, a group, a sheet. */
  readonly to: { readonly kind: 'course' | 'run' | 'group' | 'homework'; readonly id: string };
}

/** A class in the log, where this device is. */
export interface Logged {
  readonly runId: string;
  readonly classId: string;
  readonly title: string;
  readonly date: string;
  readonly time: string;
}

/** A check that people of a group are to be looked at in again, from a date on. */
export interface Due {
  readonly groupId: string;
  readonly check: string;
  readonly date: string;
  readonly people: number;
}

/** A sheet of homework: it is given out on its first day, and comes back on its last. */
export interface GivenOut {
  readonly id: string;
  readonly title: string;
  /** Whom it is for; empty where it is for anybody. */
  readonly who: string;
  readonly from: string;
  readonly to: string;
}

/** What there is to stand on dates. */
export interface AgendaOf {
  readonly courses: readonly Course[];
  readonly logged: readonly Logged[];
  readonly due: readonly Due[];
  readonly homework: readonly GivenOut[];
}

/**
 * All that stands on the dates from one to another, both with it, in the order of the day. A class of a course that is in
 * the log stands there once, as taught, on the date of the course.
 */
export function agendaOf({ courses, logged, due, homework }: AgendaOf, from: string, to: string): Entry[] {
  const within = (date: string) => date >= from && date <= to;
  const runs = new Map(logged.map((run) => [run.classId, run]));
  const ofCourses = new Set<string>();
  const entries: Entry[] = courses.flatMap((course) => {
    const sessions = heldOf(sessionsOf(course)).filter(({ date }) => within(date));
    const classes = sessions.map(({ key, date, time, number }): Entry => {
      const classId = `${course.id}-${key}`;
      const run = runs.get(classId);
      if (run) ofCourses.add(classId);
      const title = `${course.title} ${number}`;
      if (run) return { date, time, kind: 'taught', title, to: { kind: 'run', id: run.runId } };
      const kind = course.taught.includes(key) ? 'taught' : 'class';
      return { date, time, kind, title, to: { kind: 'course', id: course.id } };
    });
    const off = course.off.flatMap(({ from: first, to: last, why, note }): Entry[] =>
      daysFrom(first < from ? from : first, last > to ? to : last).map((date) => ({
        date,
        time: null,
        kind: why === 'show' ? 'show' : 'off',
        title: `${course.title}: ${note === '' ? (why === 'show' ? 'show' : 'closed') : note}`,
        to: { kind: 'course', id: course.id },
      })),
    );
    return [...classes, ...off];
  });
  for (const { runId, classId, title, date, time } of logged)
    if (within(date) && !ofCourses.has(classId))
      entries.push({ date, time, kind: 'taught', title, to: { kind: 'run', id: runId } });
  for (const { groupId, check, date, people } of due)
    if (within(date))
      entries.push({
        date,
        time: null,
        kind: 'check',
        title: `${check}: ${people} ${people === 1 ? 'person' : 'people'} to look at again`,
        to: { kind: 'group', id: groupId },
      });
  for (const { id, title, who, from: first, to: last } of homework) {
    const name = who === '' ? title : `${title}, ${who}`;
    const link = { kind: 'homework', id } as const;
    if (within(first))
      entries.push({ date: first, time: null, kind: 'homework', title: `${name}: given out`, to: link });
    if (within(last))
      entries.push({ date: last, time: null, kind: 'homework', title: `${name}: comes back`, to: link });
  }
  return entries.sort(
    (a, b) =>
      a.date.localeCompare(b.date) || (a.time ?? '').localeCompare(b.time ?? '') || a.title.localeCompare(b.title),
  );
}

function daysFrom(from: string, to: string): string[] {
  const days = dayOf(to) - dayOf(from);
  return days < 0 ? [] : Array.from({ length: days + 1 }, (_, i) => dateOf(dayOf(from) + i));
}

/** The weeks that hold a month, each from its Monday. @param month "2026-03" */
export function weeksOfMonth(month: string): string[][] {
  const first = `${month}-01`;
  const start = dayOf(mondayOf(first));
  const next = dayOf(`${monthAfter(month, 1)}-01`);
  const weeks = Math.ceil((next - start) / 7);
  return Array.from({ length: weeks }, (_, week) =>
    Array.from({ length: 7 }, (_day, day) => dateOf(start + 7 * week + day)),
  );
}

/** So many months later, or earlier. @param month "2026-03" */
export function monthAfter(month: string, by: number): string {
  const [year = 0, of = 1] = month.split('-').map(Number);
  const at = year * 12 + (of - 1) + by;
  return `${String(Math.floor(at / 12)).padStart(4, '0')}-${String((at % 12) + 1).padStart(2, '0')}`;
}
