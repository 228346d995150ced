import type { Course, LadderLevel, Phase, PhaseKind } from './course';
import { type Session, heldOf, mondaysOf, weekOf } from './sessions';

/** What became of a course so far, and what its ladders will be at. */
export interface SoFar {
  /** Local date. */
  readonly today: string;
  /** Keys of classes that were taught. */
  readonly taught: ReadonlySet<string>;
  /** The week from which the group has reached a level, or is to; null where it is on no way to it. */
  readonly reachedIn: (level: LadderLevel) => number | null;
}

/** What a week was, or is to be. */
export type WeekState = 'worked' | 'coming' | 'missed' | 'closed' | 'show' | 'before';

/** A show is work and moves no door; closed and missed weeks do. */
export const isWork = (state: WeekState): boolean => state === 'worked' || state === 'coming' || state === 'show';

/** Each week of a course. A week without classes that has a show counts as one; today's class may still be taught. */
export function weekStates(course: Course, sessions: readonly Session[], { today, taught }: SoFar): WeekState[] {
  return mondaysOf(course).map((_, week) => {
    const here = sessions.filter((session) => session.week === week);
    const held = heldOf(here);
    if (held.some(({ key }) => taught.has(key))) return 'worked';
    if (held.some(({ date }) => date >= today)) return 'coming';
    if (held.length > 0) return hasShow(course, week) ? 'show' : 'missed';
    if (
      here.length > 0 ||
      course.off.some(({ from, to }) => weekOf(course, from) <= week && weekOf(course, to) >= week)
    )
      return hasShow(course, week) ? 'show' : 'closed';
    return 'before';
  });
}

const hasShow = (course: Course, week: number): boolean =>
  course.off.some(({ from, to, why }) => why === 'show' && weekOf(course, from) <= week && weekOf(course, to) >= week);

/** Why a phase is not open yet. */
export type Wait =
  | { readonly code: 'weeks'; readonly of: PhaseKind; readonly has: number; readonly needs: number }
  | { readonly code: 'sessions'; readonly has: number; readonly needs: number }
  | { readonly code: 'checks'; readonly levels: readonly LadderLevel[] };

/** When a phase may begin, and when the plans begin it. Weeks count from 0. */
export interface Door {
  readonly phase: Phase;
  /** The first week in which all that it asks is there, as far as can be foreseen; null where that is never. */
  readonly opens: number | null;
  /** The week in which the plans begin it: as open as that, and as far on as the course gives the weeks before it. */
  readonly begins: number | null;
  /** Where it would begin had no week been missed. */
  readonly unmoved: number | null;
  /** What is missing, in the last week before it opens; in the last of the course where it never does. */
  readonly waits: readonly Wait[];
}

/**
 * Weeks that each phase is given: the least of each, then what is left one week at a time from the first, up to the most;
 * the last takes the rest. No longer than the course has weeks with work.
 */
export function weeksGiven(phases: readonly Phase[], workWeeks: number): number[] {
  const given = phases.map(({ leastWeeks }) => leastWeeks);
  let left = workWeeks - given.reduce((sum, weeks) => sum + weeks, 0);
  for (let gave = true; left > 0 && gave;) {
    gave = false;
    for (const [i, { mostWeeks }] of phases.entries()) {
      if (left === 0 || (given[i] ?? 0) >= mostWeeks) continue;
      given[i] = (given[i] ?? 0) + 1;
      left -= 1;
      gave = true;
    }
  }
  const last = given.length - 1;
  return given.map((weeks, i) => (i === last ? weeks + Math.max(0, left) : weeks));
}

/** The doors of all phases, in their order. */
export function doorsOf(course: Course, sessions: readonly Session[], soFar: SoFar): Door[] {
  const states = weekStates(course, sessions, soFar);
  const asPlanned = weekStates(course, sessions, { ...soFar, today: '0000-01-01', taught: new Set() });
  const given = weeksGiven(course.phases, asPlanned.filter(isWork).length);
  const unmoved = opening(course, sessions, asPlanned, { ...soFar, today: '0000-01-01' }, given);
  const now = opening(course, sessions, states, soFar, given);
  return now.map((door, i) => ({ ...door, unmoved: unmoved[i]?.begins ?? null }));
}

function opening(
  course: Course,
  sessions: readonly Session[],
  states: readonly WeekState[],
  soFar: SoFar,
  given: readonly number[],
): Omit<Door, 'unmoved'>[] {
  const worked = (from: number, to: number) => states.slice(from, to).filter(isWork).length;
  const held = heldOf(sessions);
  const counts = ({ key, date }: Session) => soFar.taught.has(key) || date >= soFar.today;
  const sessionsBefore = (week: number) => held.filter((session) => session.week < week && counts(session)).length;
  const first = states.findIndex(isWork);
  const doors: Omit<Door, 'unmoved'>[] = [];
  for (const [i, phase] of course.phases.entries()) {
    const before = doors[i - 1];
    const length = course.phases[i - 1];
    const waitsIn = (week: number, openedIn: number | null, least: number): Wait[] => {
      const waits: Wait[] = [];
      const has = openedIn === null ? 0 : worked(openedIn, week);
      if (length && (openedIn === null || has < least))
        waits.push({ code: 'weeks', of: length.kind, has, needs: least });
      const sessionsHad = sessionsBefore(week);
      if (sessionsHad < phase.sessions) waits.push({ code: 'sessions', has: sessionsHad, needs: phase.sessions });
      const missing = phase.checks.filter((level) => (soFar.reachedIn(level) ?? Infinity) > week);
      if (missing.length > 0) waits.push({ code: 'checks', levels: missing });
      return waits;
    };
    const firstOpen = (openedIn: number | null, least: number): number | null => {
      if (first === -1) return null;
      const from = length ? (openedIn ?? Infinity) : first;
      for (let week = from; week < states.length; week++) {
        const state = states[week];
        if (state && isWork(state) && waitsIn(week, openedIn, length ? least : 0).length === 0) return week;
      }
      return null;
    };
    const opens = firstOpen(before?.opens ?? null, length?.leastWeeks ?? 0);
    const planned = firstOpen(before?.begins ?? null, given[i - 1] ?? 0);
    // a course that is too short for the weeks given begins it as soon as it may
    const begins = planned ?? (opens !== null && (before?.begins ?? -1) <= opens ? opens : null);
    const last = opens === null ? states.length - 1 : opens - 1;
    doors.push({
      phase,
      opens,
      begins,
      waits: opens === first ? [] : waitsIn(Math.max(0, last), before?.opens ?? null, length?.leastWeeks ?? 0),
    });
  }
  return doors;
}

/** The phases that are begun in a week, in their order. */
export const begunIn = (doors: readonly Door[], week: number): PhaseKind[] =>
  doors.filter(({ begins }) => begins !== null && begins <= week).map(({ phase }) => phase.kind);

/** Doors that a week brings: of phases that the plans begin in it, and of those that may begin from it on. */
export const doorsIn = (doors: readonly Door[], week: number): Door[] =>
  // the first phase has no door: a course begins with it
  doors.filter(({ opens, begins }, i) => i > 0 && (begins === week || opens === week));
