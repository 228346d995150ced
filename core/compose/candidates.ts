import {
  Direction,
  type Execution,
  type Exercise,
  Region,
  type Rung,
  type School,
  type Substitute,
  barredBy,
  concernNames,
  differsFrom,
  handsNearlyFree,
  oppositeOf,
  resolve,
  startingRung,
  withSubstitutes,
} from '../exercise';
import { ideas } from '../idea';
import { type KitId, floorSuits, isFetched, isWorn, kitNames } from '../kit';
import { likeness } from '../library';
import { type Item, type Pace, familiarityAfter, newItem } from '../plan';
import { surfaceFor } from '../timeline';
import { type ComposeBrief, type FocusFamily, type PlaceInRoom, isFocus, ComposeIdea } from './brief';
import { type DoseChoice, type Levels, dosesFor, isLoaded } from './doses';
import { placeInHour } from './shape';

/** What was taught before, as far as it bears on the next class. */
export interface History {
  /** How often the group was taught an exercise, by its id. */
  readonly times: Readonly<Record<string, number>>;
  /** What the last class had, with its levels. */
  readonly last: readonly { readonly exerciseId: string; readonly rungId: string | null }[];
  /** Exercises that helped this group, and how often of how many looks. */
  readonly helped: Readonly<Record<string, { readonly better: number; readonly looks: number }>>;
}
export const noHistory: History = { times: {}, last: [], helped: {} };

export interface Offer {
  readonly revision: string;
  readonly exercise: Exercise;
}

/** An exercise that may come, on the level it would be done. */
export interface Candidate {
  readonly revision: string;
  readonly exercise: Exercise;
  readonly execution: Execution;
  readonly item: Item;
  readonly place: PlaceInRoom;
  /** What has to be there and be carried: chairs count as the place they are. */
  readonly kit: readonly KitId[];
  readonly carries: ReadonlySet<ComposeIdea>;
  /** How much it asks, 0 to about 10: what it loads, how far it is integrated, balance and landings. */
  readonly demand: number;
  /** Shortest first. */
  readonly doses: readonly DoseChoice[];
  /** At its usual dose, s. */
  readonly seconds: number;
  readonly returns: boolean;
  /** The most work it may come to, ms on one foot; null as far as its rung allows. */
  readonly mostWorkMs: number | null;
  /** Its part of the hour. */
  readonly hour: number;
  /** What it goes and loads, as bits, so that drafts can be weighed by the thousand. */
  readonly bits: Bits;
}

interface Bits {
  /** Directions it trains, and those whose opposite it loads. */
  readonly trains: number;
  readonly owes: number;
  /** Regions it loads at all, and those it loads well. */
  readonly loads: number;
  readonly heavy: number;
}

function bitsOf({ regions, exercise }: Execution): Bits {
  const directions = (list: readonly Direction[]) =>
    list.reduce((bits, direction) => bits | (1 << Direction.options.indexOf(direction)), 0);
  const regionBits = (least: number) =>
    Region.options.reduce((bits, region, at) => ((regions[region] ?? 0) >= least ? bits | (1 << at) : bits), 0);
  return {
    trains: directions(exercise.directions),
    owes: exercise.stage === 'loaded' ? directions(exercise.directions.map((direction) => oppositeOf[direction])) : 0,
    loads: regionBits(1),
    heavy: regionBits(2),
  };
}

/** Why an exercise of the library is not asked to come. */
export interface LeftOut {
  readonly exerciseId: string;
  readonly family: FocusFamily | null;
  readonly why:
    'concern' | 'kit' | 'floor' | 'place' | 'school' | 'weeks' | 'tires' | 'worn' | 'much' | 'dancers' | 'unwritten';
  /** What in particular: a concern, a piece of kit; empty where there is no more to say. */
  readonly what: string;
}

const places: Readonly<Record<Execution['position'], PlaceInRoom>> = {
  lying: 'floor',
  'floor-seated': 'floor',
  kneeling: 'floor',
  'chair-seated': 'chair',
  standing: 'up',
  walking: 'up',
};
export const placeOf = ({ position }: Pick<Execution, 'position'>): PlaceInRoom => places[position];

/** The level a brief asks for: where most people begin, or one beside it; never through a door of weeks. */
function rungFor(
  exercise: Exercise,
  brief: ComposeBrief,
  school: School,
  last: string | null | undefined,
): Rung | null {
  const rungs = exercise.ladder?.rungs ?? [];
  const start = startingRung(exercise, school);
  const known = rungs.find(({ id }) => id === last);
  if (known) return known;
  if (!start) return null;
  const at = rungs.indexOf(start) + { new: -1, usual: 0, further: 1 }[brief.level];
  const asked = rungs[Math.max(0, Math.min(rungs.length - 1, at))] ?? start;
  return asked.door ? start : asked;
}

/** They had no class for so long: they come back from a break, days (Needlework's own). */
const breakFrom = 28;
export const isBreak = (lastAt: string, nowMs: number): boolean => nowMs - Date.parse(lastAt) >= breakFrom * 86_400_000;

/** The level before one, where there is one. */
function easierRung(exercise: Exercise, rungId: string | null): string | null {
  const rungs = exercise.ladder?.rungs ?? [];
  return rungs[rungs.findIndex(({ id }) => id === rungId) - 1]?.id ?? rungId;
}

/** Pieces that stand in for what is not there. */
function substitutesIn(execution: Execution, brief: ComposeBrief): readonly Substitute[] {
  return execution.kit.flatMap((need): Substitute[] => {
    if (enough(need, brief)) return [];
    const other = need.substitutes.find(({ kit }) => enough({ ...need, kit }, brief));
    return other ? [{ of: need.kit, by: other.kit }] : [];
  });
}

function enough(need: { kit: KitId; per: 'person' | 'room'; count: number }, { kit, people }: ComposeBrief): boolean {
  const has = kit[need.kit] ?? 0;
  if (need.kit === 'metronome') return true;
  if (!isFetched(need.kit)) return has > 0;
  return has >= (need.per === 'person' ? need.count * (people ?? 1) : need.count);
}

/** Pieces that the last class used and the brief has too few of, as many as it takes for its people. */
export function kitOfLast(
  { last }: Pick<History, 'last'>,
  library: readonly Pick<Offer, 'exercise'>[],
  brief: ComposeBrief,
  school: School,
): Partial<Record<KitId, number>> {
  const missing: Partial<Record<KitId, number>> = {};
  for (const { exerciseId, rungId } of last) {
    const exercise = library.find((offer) => offer.exercise.id === exerciseId)?.exercise;
    const settled = exercise && resolve(exercise, rungId, school);
    if (!settled?.ok) continue;
    for (const need of withSubstitutes(settled.value, substitutesIn(settled.value, brief)).kit) {
      if (enough(need, brief)) continue;
      const count = need.per === 'person' ? need.count * (brief.people ?? 1) : need.count;
      missing[need.kit] = Math.max(missing[need.kit] ?? 0, count);
    }
  }
  return missing;
}

const regionSum = ({ regions }: Execution) => Object.values(regions).reduce((sum, rating) => sum + (rating ?? 0), 0);

export function demandOf(execution: Execution): number {
  const stage = { passive: 0, active: 1, loaded: 2, integrated: 3 }[execution.exercise.stage];
  if (['check', 'close', 'release'].includes(execution.exercise.family)) return 0;
  return (
    stage +
    0.5 * regionSum(execution) +
    Math.max(execution.balance.working, execution.balance.standing) +
    Math.min(2, execution.impactsPerRep) +
    (placeOf(execution) === 'up' ? 1 : 0)
  );
}

/** Rooms in which nothing is asked that asks very much: people new to it, and people who have fallen. */
const isCareful = ({ level, concerns }: ComposeBrief): boolean =>
  level === 'new' || concerns.includes('falls-or-faints');
/** Balance with the hands all but free or more of it than a chair makes up for; lunges and deep bends. */
function isShaky(execution: Execution): boolean {
  const { stage, family } = execution.exercise;
  if (family === 'strength' && stage === 'integrated') return true;
  if (family === 'mobility' && stage === 'loaded') return true;
  const balance = Math.max(execution.balance.working, execution.balance.standing);
  return balance >= 3 || (balance >= 2 && handsNearlyFree(execution));
}

export interface CandidateRequest {
  readonly brief: ComposeBrief;
  readonly school: School;
  readonly pace: Pace;
  readonly library: readonly Offer[];
  readonly history: History;
  /** Class time of an item alone, s. */
  readonly secondsOf: (item: Item, exercise: Exercise) => number;
  readonly nextId: () => string;
  readonly levels: Levels;
  /** Whoever asks leaves out what doors of weeks do not let in. */
  readonly keepsDoors: boolean;
  /** The main level that suits the people, where they are known. */
  readonly mainLevel: ((item: Item, exercise: Exercise) => string | null) | null;
}

/** Who may come, and why the others do not. */
export function candidatesFor(request: CandidateRequest): {
  readonly may: readonly Candidate[];
  readonly not: readonly LeftOut[];
} {
  const may: Candidate[] = [];
  const not: LeftOut[] = [];
  for (const offer of request.library) {
    const found = candidateOf(offer, request);
    if ('why' in found) not.push(found);
    else may.push(found);
  }
  return { may, not };
}

function candidateOf({ revision, exercise }: Offer, request: CandidateRequest): Candidate | LeftOut {
  const { brief, school, history, levels, nextId, secondsOf } = request;
  const out = (why: LeftOut['why'], what = ''): LeftOut => ({
    exerciseId: exercise.id,
    family: isFocus(exercise.family) ? exercise.family : null,
    why,
    what,
  });
  const last = history.last.find(({ exerciseId }) => exerciseId === exercise.id);
  const before = rungFor(exercise, brief, school, last?.rungId);
  const made = newItem(nextId(), exercise, revision, school);
  const come = levels[exercise.id];
  // What a course climbs has its own way back from a break.
  const isBack = brief.afterBreak && come === undefined && isLoaded(exercise);
  const usualRung =
    come?.rungId ?? request.mainLevel?.({ ...made, rungId: before?.id ?? null }, exercise) ?? before?.id ?? null;
  const rungId = isBack ? easierRung(exercise, usualRung) : usualRung;
  if (come === undefined && !request.keepsDoors && !isThroughDoor(exercise, rungId, request)) return out('weeks');
  const bar = barOf(exercise, rungId, brief, school, come !== undefined);
  if ('why' in bar) return out(bar.why, bar.what);
  const { execution, substitutes } = bar;
  const place = placeOf(execution);
  if (isCareful(brief) && isShaky(execution)) return out('much');
  const isBefore = brief.occasion === 'warm-up';
  if (isBefore && tires(execution)) return out('tires');
  const familiarity =
    Object.keys(history.times).length === 0 ? 'known' : familiarityAfter(history.times[exercise.id] ?? 0);
  const familiar: Item = { ...made, rungId, substitutes: [...substitutes], familiarity };
  const asked = { brief, exercise, execution, come: come ?? null, isBack, secondsOf };
  const dosed = dosesFor(familiar, rungId === made.rungId ? made.dose : execution.doses.usual, asked);
  if (!dosed) return out('tires');
  return {
    revision,
    exercise,
    execution,
    item: dosed.item,
    place,
    kit: execution.kit.map((need) => need.kit).filter((kit) => isFetched(kit) && kit !== 'chair' && kit !== 'mat'),
    carries: new Set(ComposeIdea.options.filter((idea) => ideas[idea].carries(execution))),
    demand: demandOf(execution),
    doses: dosed.choices,
    seconds: dosed.seconds,
    returns: last !== undefined,
    mostWorkMs: dosed.mostWorkMs,
    hour: placeInHour(exercise.family),
    bits: bitsOf(execution),
  };
}

/**
 * A level with a door of weeks is for people who have gone through it: dancers who are no beginners, people who are
 * further, groups that had the exercise before.
 */
function isThroughDoor(exercise: Exercise, rungId: string | null, { brief, history }: CandidateRequest): boolean {
  const rung = exercise.ladder?.rungs.find(({ id }) => id === rungId);
  if (!rung?.door || brief.level === 'further' || (brief.who === 'dancers' && brief.level !== 'new')) return true;
  return (history.times[exercise.id] ?? 0) > 0 || history.last.some(({ exerciseId }) => exerciseId === exercise.id);
}

/** Why the room, the kit or the people leave no place for an exercise on a level; else how it is done with what there is. */
export function barOf(
  exercise: Exercise,
  rungId: string | null,
  brief: ComposeBrief,
  school: School,
  isOfCourse: boolean,
): Pick<LeftOut, 'why' | 'what'> | { readonly execution: Execution; readonly substitutes: readonly Substitute[] } {
  const out = (why: LeftOut['why'], what = '') => ({ why, what });
  // a name so far: nobody could say what to do
  if (!isOfCourse && exercise.cues.action.plain === '') return out('unwritten');
  const settled = resolve(exercise, rungId, school);
  if (!settled.ok) return out('school');
  // what a course climbs its teacher chose knowingly
  if (!isOfCourse && differsFrom(exercise, school).length > 0) return out('school');
  const substitutes = substitutesIn(settled.value, brief);
  const execution = withSubstitutes(settled.value, substitutes);
  const place = placeOf(execution);
  if (!brief.places.includes(place)) return out('place', place);
  const caution = barredBy(execution.cautions, brief.concerns);
  if (caution) return out('concern', concernNames[caution.concern]);
  const short = execution.kit.find((need) => !enough(need, brief));
  if (short) return out('kit', kitNames[short.kit]);
  const onMats = surfaceFor(execution, brief.floor) === 'mats' && !execution.floorsRuledOut.includes('mat');
  if (!onMats && !floorSuits(execution.floor, execution.floorsRuledOut, brief.floor)) return out('floor', brief.floor);
  if (onMats && (brief.kit.mat ?? 0) < (brief.people ?? 1) && brief.floor !== 'mat') return out('kit', kitNames.mat);
  if (brief.who !== 'dancers' && exercise.performance.kit.some(({ kit }) => kit === 'barre')) return out('dancers');
  // a course says for itself when its weeks allow it
  if (exercise.family === 'impact' && brief.who !== 'dancers' && !isOfCourse) return out('weeks');
  if (settled.value.kit.some(({ kit }) => isWorn(kit)) && brief.occasion !== 'homework') return out('worn');
  return { execution, substitutes };
}

/** Leaves tired, or lets go, what the rehearsal needs awake: the heaviest load, and anything passive. */
const tires = ({ regions, exercise }: Execution): boolean =>
  exercise.stage === 'passive' || Object.values(regions).some((rating) => (rating ?? 0) >= 3);

/** How alike two candidates are, 0 to 1; worked out once for each pair. */
export function likenessOf(candidates: readonly Candidate[]): (a: Candidate, b: Candidate) => number {
  const at = new Map(candidates.map((candidate, i) => [candidate, i]));
  const known = new Float32Array(candidates.length ** 2).fill(-1);
  return (a, b) => {
    const key = (at.get(a) ?? 0) * candidates.length + (at.get(b) ?? 0);
    if ((known[key] ?? -1) < 0) known[key] = likeness(a.exercise, b.exercise);
    return known[key] ?? 0;
  };
}
