import {
  type ComposeBrief,
  type ComposeRequest,
  type Composed,
  type History,
  type Leaning,
  type Levels,
  type Offer,
  type Proposal,
  classFrom,
  compose,
} from '../compose';
import { type Exercise, type Rung, type School, resolve, startingRung } from '../exercise';
import type { Dose } from '../dose';
import { dayOf } from '../measure/day';
import { type Pace, type Plan, itemsOf } from '../plan';
import type { LadderNote, Student } from '../roster';
import { type Change, changesBetween } from './changes';
import type { Course, PhaseKind } from './course';
import { type CoursePlan, type CoursePlanAsked, coursePlanOf } from './course-plan';
import { begunIn, isWork, weekStates } from './doors';
import { phaseOf } from './path';
import { type Session, heldOf } from './sessions';
import { phaseNames } from './templates';

export interface CourseRequest {
  readonly course: Course;
  /** Local date. */
  readonly today: string;
  readonly taught: readonly string[];
  readonly library: readonly Offer[];
  readonly school: School;
  readonly pace: Pace;
  readonly roster: { readonly students: readonly Student[]; readonly notes: readonly LadderNote[] } | null;
  /** Where the group stands, by exercise. */
  readonly stands: Readonly<Record<string, string>>;
  /** What the group was taught before the course, and what helped it. */
  readonly history: History;
  /** Classes that are as they are, by key: taught, or changed by hand. They are followed, never made anew. */
  readonly given: readonly { readonly key: string; readonly plan: Plan }[];
  /** The classes to make; all that are to come without it. The rest of the course is read from what is given. */
  readonly only: readonly string[] | null;
  /** How often a class was asked for anew: another turn is another class of the same brief. */
  readonly turn: number;
}

/** A class of a course as it was made. */
export interface MadeClass {
  readonly key: string;
  readonly plan: Plan;
  /** Against the classes before it. */
  readonly changes: readonly Change[];
}

export interface ComposedCourse {
  readonly made: readonly MadeClass[];
  /** Classes that could not be made, and why. */
  readonly notMade: readonly { readonly key: string; readonly words: string }[];
}

/** Parts of the working time where the teacher asked for no others, per cent, by the phase a class is in (Needlework's own). */
const leanings: Readonly<Record<PhaseKind, Leaning>> = {
  mobilise: { release: 10, mobility: 32, toes: 20, arch: 16, strength: 8, balance: 8, gait: 6 },
  strengthen: { release: 6, mobility: 18, toes: 14, arch: 16, band: 16, strength: 20, balance: 10 },
  unstable: { release: 5, mobility: 15, toes: 10, arch: 14, band: 12, strength: 18, balance: 26 },
  jumps: { release: 5, mobility: 16, toes: 8, arch: 12, band: 8, strength: 21, balance: 18, impact: 7, gait: 5 },
};

/** Days ahead for which the levels of today say who needs which option. */
const soonDays = 10;

export const planAsked = (request: CourseRequest): CoursePlanAsked => {
  const byId = new Map(request.library.map(({ exercise }) => [exercise.id, exercise]));
  return {
    course: request.course,
    today: request.today,
    taught: new Set(request.taught),
    school: request.school,
    exerciseOf: (id) => byId.get(id) ?? null,
    standsOn: (id) => request.stands[id] ?? null,
    given: new Map(request.given.map(({ key, plan }) => [key, itemsOf(plan)])),
  };
};

/** What has been taught by a class of the course, as the next one meets it. */
interface Behind {
  readonly times: Record<string, number>;
  /** The level and the dose that each exercise had last. */
  readonly levels: Map<string, { readonly rungId: string | null; readonly dose: Dose }>;
  readonly plans: Plan[];
  last: History['last'];
}

/**
 * A class for every date that is to come: composed, fitted, reviewed; each after the ones before it, on the levels that
 * the ladders have come to. Given classes are read and left alone.
 */
export function* composeCourse(request: CourseRequest): Generator<{ readonly done: number }, ComposedCourse> {
  const { course, today } = request;
  const asked = planAsked(request);
  const plan = coursePlanOf(asked);
  const given = new Map(request.given.map(({ key, plan: of }) => [key, of]));
  const only = request.only && new Set(request.only);
  const behind: Behind = {
    times: { ...request.history.times },
    levels: new Map(),
    plans: [],
    last: request.history.last,
  };
  const made: MadeClass[] = [];
  const notMade: { key: string; words: string }[] = [];
  const isBehind = ({ key, date }: Session) => date < today || asked.taught.has(key);
  const wanted = heldOf(plan.sessions).filter(
    (session) => !given.has(session.key) && !isBehind(session) && (only === null || only.has(session.key)),
  );
  let ready = 0;
  for (const session of heldOf(plan.sessions)) {
    const fixed = given.get(session.key);
    // what was planned and missed nobody was taught
    if (fixed && (session.date >= today || asked.taught.has(session.key))) remember(behind, fixed);
    if (!wanted.includes(session)) continue;
    const work = oneClass(session, plan, behind, request, asked);
    let next = work.next();
    for (; !next.done; next = work.next()) yield { done: (ready + next.value.done) / wanted.length };
    const proposal = next.value.proposals[0];
    ready += 1;
    if (!proposal) {
      notMade.push({ key: session.key, words: next.value.clash?.words.join(' ') ?? noneWords });
      continue;
    }
    const titled = classOf(proposal, session, plan, course);
    const changes = changesBetween(behind.plans, titled, asked.exerciseOf, request.school);
    const told = withChanges(titled, changes);
    made.push({ key: session.key, plan: told, changes });
    remember(behind, told);
    yield { done: ready / wanted.length };
  }
  return { made, notMade };
}

const noneWords = 'No class with these ladders fits this brief in this length.';

function remember(behind: Behind, plan: Plan): void {
  const items = itemsOf(plan).filter(({ recheck }) => !recheck);
  for (const { exerciseId, rungId, dose } of items) {
    behind.times[exerciseId] = (behind.times[exerciseId] ?? 0) + 1;
    behind.levels.set(exerciseId, { rungId, dose });
  }
  behind.last = items.map(({ exerciseId, rungId }) => ({ exerciseId, rungId }));
  behind.plans.push(plan);
}

/** The phase that gives a class its weight: the last that has begun. */
const phaseIn = (plan: CoursePlan, { week }: Session): PhaseKind => begunIn(plan.doors, week).at(-1) ?? 'mobilise';

function* oneClass(
  session: Session,
  plan: CoursePlan,
  behind: Behind,
  request: CourseRequest,
  { exerciseOf }: CoursePlanAsked,
): Generator<{ readonly done: number }, Composed> {
  const { course, school, pace, library, roster, today } = request;
  const here = plan.climbs.flatMap((climb) => {
    const index = climb.at.get(session.key);
    const rung = climb.exercise.ladder?.rungs[index ?? -1];
    if (!rung) return [];
    const had = behind.levels.get(climb.exercise.id);
    const isNew = had !== undefined && had.rungId !== rung.id;
    return [{ id: climb.exercise.id, rungId: rung.id, isNew, dose: isNew ? null : (had?.dose ?? null) }];
  });
  const levels: Record<string, Levels[string]> = {};
  for (const [id, { rungId, dose }] of behind.levels) {
    const exercise = exerciseOf(id);
    const rungs = exercise?.ladder?.rungs ?? null;
    const isKnown = rungs === null ? rungId === null : rungs.some((rung) => rung.id === rungId);
    if (exercise && isKnown && !isFrame(exercise)) levels[id] = { rungId, isNew: false, dose };
  }
  for (const { id, ...level } of here) levels[id] = level;
  const brief: ComposeBrief = {
    ...course.brief,
    slotSeconds: session.minutes * 60,
    groupId: course.groupId,
  };
  const soon = dayOf(session.date) - dayOf(today) <= soonDays;
  const phase = phaseIn(plan, session);
  const base: ComposeRequest = {
    brief,
    school,
    pace,
    lead: session.lead,
    library,
    history: { times: behind.times, last: behind.last, helped: request.history.helped },
    roster: soon ? roster : null,
    levels,
    keepsDoors: true,
    seed: course.seed * 1000 + session.number + 131 * request.turn,
    without: notYet(session, plan, library, levels, request),
    count: 1,
    ...(brief.occasion === 'class' ? { leaning: leanings[phase] } : {}),
  };
  // ladders first; where they cannot all be had in one class, one fewer each time, those that step up last
  const kept = [...here].sort((a, b) => Number(b.isNew) - Number(a.isNew)).map(({ id }) => id);
  for (let fewer = 0; ; fewer++) {
    const found = yield* compose({ ...base, kept: kept.slice(0, kept.length - fewer) });
    if (found.proposals.length > 0 || fewer >= kept.length) return found;
  }
}

/** Exercises whose weeks have not come, and ladders that have their turn in another class of the week. */
function notYet(
  session: Session,
  plan: CoursePlan,
  library: readonly Offer[],
  levels: Levels,
  { course, school, today, taught }: CourseRequest,
): string[] {
  const begun = begunIn(plan.doors, session.week);
  const sameWeek = heldOf(plan.sessions).filter(({ week }) => week === session.week);
  const nth = sameWeek.findIndex(({ key }) => key === session.key);
  const may = (kind: PhaseKind): boolean => {
    const phase = course.phases.find((one) => one.kind === kind);
    return phase !== undefined && begun.includes(kind) && (phase.mostAWeek === null || nth < phase.mostAWeek);
  };
  const climbing = new Map(plan.climbs.map((climb) => [climb.exercise.id, climb.at.has(session.key)]));
  // a ladder that is still climbed, as far as it has come by now
  const unfinished = new Set(
    plan.climbs
      .filter(({ to, steps, from }) => {
        const now = steps.filter(({ week }) => week <= session.week).at(-1)?.index ?? from;
        return now < to;
      })
      .map(({ exercise }) => exercise.id),
  );
  const states = weekStates(course, plan.sessions, { today, taught: new Set(taught), reachedIn: () => null });
  const workedWeeks = course.newToImpact ? states.slice(0, session.week).filter(isWork).length : Infinity;
  const isEarly = begun.every((kind) => kind === 'mobilise');
  return library.flatMap(({ exercise }) => {
    if (climbing.get(exercise.id) === false) return [exercise.id];
    if (climbing.get(exercise.id)) return [];
    // what a ladder prepares comes once that ladder is climbed; while feet are mobilised nothing is put together yet
    if (exercise.preparedBy?.some((id) => unfinished.has(id))) return [exercise.id];
    if (isEarly && exercise.stage === 'integrated' && !isFrame(exercise) && exercise.family !== 'gait')
      return [exercise.id];
    const rung = levelOf(exercise, levels[exercise.id]?.rungId ?? null, school);
    if ((rung?.door?.weeks ?? 0) > workedWeeks) return [exercise.id];
    const settled = resolve(exercise, rung?.id ?? null, school);
    const needs = settled.ok ? phaseOf(settled.value) : null;
    return needs !== null && !may(needs) ? [exercise.id] : [];
  });
}

/** Looks, and what a class ends with. */
const isFrame = ({ family }: Exercise): boolean => family === 'check' || family === 'close';

/** The level it has come to, or on which most begin. */
const levelOf = (exercise: Exercise, rungId: string | null, school: School): Rung | null =>
  exercise.ladder?.rungs.find(({ id }) => id === rungId) ?? startingRung(exercise, school);

function classOf(proposal: Proposal, session: Session, plan: CoursePlan, course: Course): Plan {
  const made = classFrom(proposal, `${course.id}-${session.key}`);
  const phase = phaseNames[phaseIn(plan, session)];
  return {
    ...made,
    title: `${course.title} ${session.number}`,
    brief: { ...made.brief, purpose: `Week ${session.week + 1} of ${course.weeks}: ${phase.toLowerCase()}.` },
  };
}

/** What is a level up says so beside its exercise. */
function withChanges(plan: Plan, changes: readonly Change[]): Plan {
  const up = new Map(changes.filter(({ kind }) => kind === 'up' || kind === 'down').map((c) => [c.exerciseId, c]));
  return {
    ...plan,
    blocks: plan.blocks.map((block) => ({
      ...block,
      items: block.items.map((item) => {
        const change = item.kind === 'talk' || item.recheck ? undefined : up.get(item.exerciseId);
        if (!change || item.kind === 'talk') return item;
        const step = change.kind === 'up' ? 'A level up' : 'A level lower';
        return { ...item, because: `${step}, ${change.words}. ${item.because}`.slice(0, 300) };
      }),
    })),
  };
}
