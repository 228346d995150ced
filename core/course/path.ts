import { type Exercise, type Execution, type Rung, type School, onUnstableGround, resolve } from '../exercise';
import type { Course, LadderLevel, PhaseKind } from './course';
import { type Door, type SoFar, begunIn, isWork, weekStates } from './doors';
import { type Session, heldOf } from './sessions';

/** A ladder that the course climbs. */
export interface Climb {
  readonly exercise: Exercise;
  readonly from: number;
  readonly to: number;
  /** Where it stands in each class that has it, by the key of the class. */
  readonly at: ReadonlyMap<string, number>;
  /** Classes in which it is a level higher than in the one before. */
  readonly steps: readonly { readonly key: string; readonly week: number; readonly index: number }[];
  /** Why it ends below its aim; null where it gets there. */
  readonly short: { readonly levels: number; readonly because: 'weeks' | 'door' | 'phase' } | null;
}

export interface PathAsked {
  readonly course: Course;
  readonly sessions: readonly Session[];
  readonly doors: readonly Door[];
  readonly soFar: SoFar;
  readonly school: School;
  readonly exerciseOf: (id: string) => Exercise | null;
  /** Where the group stands, by exercise; null where nobody does. */
  readonly standsOn: (exerciseId: string) => string | null;
  /** Levels of classes that are as they are: taught, or changed by hand. */
  readonly given: ReadonlyMap<string, readonly { readonly exerciseId: string; readonly rungId: string | null }[]>;
  /** So many ladders have room in a class. */
  readonly roomFor: (session: Session) => number;
}

/** What a level needs of the weeks before it. */
export function phaseOf(execution: Execution): PhaseKind | null {
  if (execution.impactsPerRep > 0) return 'jumps';
  return onUnstableGround(execution) ? 'unstable' : null;
}

interface Standing {
  readonly exercise: Exercise;
  readonly to: number;
  readonly from: number;
  readonly phases: readonly (PhaseKind | null)[];
  index: number;
  /** Classes on this level so far. */
  seen: number;
  last: number;
  readonly at: Map<string, number>;
  readonly steps: { key: string; week: number; index: number }[];
  blocked: 'door' | 'phase' | null;
}

/**
 * The levels of each ladder in each class: one step up a week over all of them, since only steps up count as the week's
 * one change; spread over the weeks there are; never before so many classes on a level as its gate asks occasions, before
 * the weeks of its door for people new to it, or before the phase that it needs.
 */
export function climbsOf(asked: PathAsked): Climb[] {
  const { course, sessions, doors, soFar, given } = asked;
  const states = weekStates(course, sessions, soFar);
  const standings = course.aims.flatMap((aim) => standingOf(aim, asked) ?? []);
  const held = heldOf(sessions);
  const work = states.filter(isWork).length;
  const total = standings.reduce((sum, { from, to }) => sum + Math.max(0, to - from), 0);
  let [done, workedBefore, number] = [0, 0, 0];
  for (const [week, state] of states.entries()) {
    const here = held.filter((session) => session.week === week);
    const begun = begunIn(doors, week);
    let stepped = false;
    const weeksBehind = course.newToImpact ? workedBefore : Infinity;
    const own = new Map<PhaseKind, number>();
    for (const session of here) {
      number += 1;
      const isBehind = session.date < soFar.today;
      // what was missed nobody has seen, however it was planned
      if (isBehind && !soFar.taught.has(session.key)) continue;
      const fixed = given.get(session.key);
      if (fixed) {
        const ups = follow(standings, session, fixed, number);
        done += ups;
        stepped ||= ups > 0;
        continue;
      }
      if (!isWork(state) || isBehind) continue;
      const due = Math.ceil((total * (workedBefore + 1)) / Math.max(1, work));
      if (!stepped && done < due) {
        const next = bestStep(standings, begun, weeksBehind);
        if (next) {
          next.index += 1;
          next.seen = 0;
          next.steps.push({ key: session.key, week, index: next.index });
          done += 1;
          stepped = true;
        }
      }
      place(standings, session, { begun, own, number, workedWeeks: weeksBehind }, asked);
    }
    if (isWork(state)) workedBefore += 1;
  }
  return standings.map(({ exercise, from, to, at, steps, index, blocked }) => ({
    exercise,
    from,
    to,
    at,
    steps,
    short: index < to ? { levels: to - index, because: blocked ?? 'weeks' } : null,
  }));
}

function standingOf({ exerciseId, rungId }: LadderLevel, asked: PathAsked): Standing | null {
  const exercise = asked.exerciseOf(exerciseId);
  const rungs = exercise?.ladder?.rungs;
  if (!exercise || !rungs) return null;
  const at = (id: string | null | undefined) => rungs.findIndex((rung) => rung.id === id);
  const from = Math.max(0, at(asked.standsOn(exerciseId) ?? exercise.ladder?.startRung));
  const to = at(rungId);
  if (to === -1) return null;
  const phases = rungs.map(({ id }) => {
    const settled = resolve(exercise, id, asked.school);
    return settled.ok ? phaseOf(settled.value) : null;
  });
  return { exercise, from, to, phases, index: from, seen: 0, last: 0, at: new Map(), steps: [], blocked: null };
}

/** A class that is as it is says where its ladders stand. @returns how many levels up it takes */
function follow(
  standings: readonly Standing[],
  session: Session,
  fixed: readonly { readonly exerciseId: string; readonly rungId: string | null }[],
  number: number,
): number {
  let ups = 0;
  for (const standing of standings) {
    const found = fixed.find(({ exerciseId }) => exerciseId === standing.exercise.id);
    const index = standing.exercise.ladder?.rungs.findIndex(({ id }) => id === found?.rungId) ?? -1;
    if (!found || index === -1) continue;
    if (index > standing.index && standing.at.size > 0) {
      standing.steps.push({ key: session.key, week: session.week, index });
      ups += index - standing.index;
    }
    standing.seen = index === standing.index ? standing.seen + 1 : 1;
    standing.index = index;
    standing.last = number;
    standing.at.set(session.key, index);
  }
  return ups;
}

const occasionsOf = (rung: Rung | undefined): number => rung?.gate?.occasions ?? 1;

/** The ladder that has the longest way to go of those that may go up now; the longest on its level where two have. */
function bestStep(standings: readonly Standing[], begun: readonly PhaseKind[], workedWeeks: number): Standing | null {
  const may = standings.filter((standing) => {
    const rungs = standing.exercise.ladder?.rungs ?? [];
    const next = rungs[standing.index + 1];
    if (!next || standing.index >= standing.to) return false;
    if (standing.seen < occasionsOf(rungs[standing.index])) return false;
    const needs = standing.phases[standing.index + 1] ?? null;
    standing.blocked = needs !== null && !begun.includes(needs) ? 'phase' : null;
    if (!standing.blocked && next.door && workedWeeks < next.door.weeks) standing.blocked = 'door';
    return standing.blocked === null;
  });
  return may.reduce<Standing | null>((best, one) => {
    if (!best) return one;
    const left = ({ to, index }: Standing) => to - index;
    if (left(one) !== left(best)) return left(one) > left(best) ? one : best;
    return one.seen > best.seen ? one : best;
  }, null);
}

/** What a week brings to its classes. */
interface Week {
  readonly begun: readonly PhaseKind[];
  /** Classes of the week that do the work of a phase's own, so far. */
  readonly own: Map<PhaseKind, number>;
  /** Which class of the course it is. */
  readonly number: number;
  /** Weeks with work before it; as many as anybody asks for people who jump already. */
  readonly workedWeeks: number;
}

/** Which ladders a class has: those longest not done first, as many as have room, unstable and jumping ones not too often. */
function place(
  standings: readonly Standing[],
  session: Session,
  { begun, own, number, workedWeeks }: Week,
  { course, roomFor }: PathAsked,
): void {
  const needOf = (standing: Standing) => standing.phases[standing.index] ?? null;
  const mostOf = (kind: PhaseKind) => course.phases.find((phase) => phase.kind === kind)?.mostAWeek ?? null;
  const may = standings.filter((standing) => {
    const needs = needOf(standing);
    // a ladder is begun once its first level's own weeks have come, too
    const door = standing.exercise.ladder?.rungs[standing.index]?.door;
    if (standing.at.size === 0 && door && workedWeeks < door.weeks) return false;
    if (needs === null) return true;
    const most = mostOf(needs);
    return begun.includes(needs) && (most === null || (own.get(needs) ?? 0) < most);
  });
  const steppedHere = (standing: Standing) => standing.steps.some(({ key }) => key === session.key);
  const chosen = [...may]
    .sort((a, b) => Number(steppedHere(b)) - Number(steppedHere(a)) || a.last - b.last)
    .slice(0, Math.max(1, roomFor(session)));
  for (const standing of chosen) {
    standing.at.set(session.key, standing.index);
    standing.seen += 1;
    standing.last = number;
  }
  for (const kind of new Set(chosen.flatMap((standing) => needOf(standing) ?? [])))
    own.set(kind, (own.get(kind) ?? 0) + 1);
}

/** The week in which a ladder is at a level or beyond it; null where it never is. */
export function weekReached(climbs: readonly Climb[], { exerciseId, rungId }: LadderLevel): number | null {
  const climb = climbs.find(({ exercise }) => exercise.id === exerciseId);
  const index = climb?.exercise.ladder?.rungs.findIndex(({ id }) => id === rungId) ?? -1;
  if (!climb || index === -1) return null;
  if (climb.from >= index) return 0;
  return climb.steps.find((step) => step.index >= index)?.week ?? null;
}
