import type { Exercise, School } from '../exercise';
import type { Course, LadderLevel } from './course';
import { type Door, type SoFar, doorsOf } from './doors';
import { type CourseFault, faultsOf } from './faults';
import { type Climb, type PathAsked, climbsOf, weekReached } from './path';
import { type Session, sessionsOf } from './sessions';
import { worksIn } from '../compose/shape';

export interface CoursePlanAsked {
  readonly course: Course;
  readonly today: string;
  readonly taught: ReadonlySet<string>;
  readonly school: School;
  readonly exerciseOf: (id: string) => Exercise | null;
  readonly standsOn: (exerciseId: string) => string | null;
  readonly given: PathAsked['given'];
}

/** A course in its weeks: the classes, the doors of its phases, the ladders, and what cannot be. */
export interface CoursePlan {
  readonly sessions: readonly Session[];
  readonly doors: readonly Door[];
  readonly climbs: readonly Climb[];
  readonly faults: readonly CourseFault[];
}

/** A class has room for so many ladders: about half of it comes back, the rest is for what they need around them. */
export const roomFor = ({ minutes }: Pick<Session, 'minutes'>): number =>
  Math.max(1, Math.round(0.5 * worksIn(minutes * 60)));

/**
 * Lays a course out over its weeks. Doors may ask for levels that the ladders reach on the way, and ladders wait for doors:
 * the ladders are laid out as far as the doors let them that ask for nothing on the way, then both once more for each door
 * that asks for a level.
 */
export function layOut(asked: CoursePlanAsked): Omit<CoursePlan, 'faults'> & { readonly soFar: SoFar } {
  const { course, today, taught, exerciseOf } = asked;
  const sessions = sessionsOf(course);
  const stands = (level: LadderLevel): number | null => {
    const rungs = exerciseOf(level.exerciseId)?.ladder?.rungs ?? [];
    const at = (id: string | null) => rungs.findIndex((rung) => rung.id === id);
    return at(asked.standsOn(level.exerciseId)) >= at(level.rungId) && at(level.rungId) >= 0 ? 0 : null;
  };
  let soFar: SoFar = { today, taught, reachedIn: stands };
  let doors = doorsOf(course, sessions, soFar);
  let climbs = climbsOf({ ...asked, sessions, doors, soFar, roomFor });
  const asking = course.phases.filter(({ checks }) => checks.length > 0).length;
  for (let round = 0; round < asking; round++) {
    const climbed = climbs;
    soFar = {
      today,
      taught,
      reachedIn: (level) => {
        const week = weekReached(climbed, level);
        // it is on the level from that week on: the door opens in the next
        return stands(level) ?? (week === null ? null : week === 0 ? 0 : week + 1);
      },
    };
    doors = doorsOf(course, sessions, soFar);
    climbs = climbsOf({ ...asked, sessions, doors, soFar, roomFor });
  }
  return { sessions, doors, climbs, soFar };
}

/** A course in its weeks, and what of it cannot be. */
export function coursePlanOf(asked: CoursePlanAsked): CoursePlan {
  const { soFar, ...laidOut } = layOut(asked);
  return { ...laidOut, faults: faultsOf(asked.course, soFar, laidOut.climbs, asked.exerciseOf, asked.school) };
}
