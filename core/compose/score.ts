import { amountName, numberIn, numberOf } from '../dose';
import type { ComposeBrief, ComposeIdea, FocusFamily } from './brief';
import { isFocus } from './brief';
import type { Candidate, History } from './candidates';
import { worksIn } from './shape';

/** An exercise in its place, with its class time. */
export interface Step {
  readonly candidate: Candidate;
  readonly seconds: number;
}

/** One named part of what makes a class good, 0 to 1, and how much it counts. */
export interface Term {
  readonly id: TermId;
  readonly value: number;
  readonly weight: number;
}

/**
 * What a class is judged by. The first ten are what a teacher is proud of (common practice, no source): one idea, one high
 * point, few items, each place once, kit that pays, two levels, a concern with a seat in the class, a group that comes back,
 * seats between. The weights are Needlework's own.
 */
export const termWeights = {
  idea: 5,
  grows: 1,
  peak: 2,
  prepared: 1.5,
  count: 3,
  places: 3,
  kit: 3,
  cleared: 1,
  returns: 2,
  seats: 2,
  focus: 4,
  hour: 3,
  opposites: 1.5,
  variety: 1.5,
  moving: 2,
  fresh: 1,
  helped: 2,
  eights: 1,
  found: 3,
} as const;
export type TermId = keyof typeof termWeights;
const termIds = Object.keys(termWeights) as readonly TermId[];

export const termWords: Readonly<Record<TermId, string>> = {
  idea: 'seven in ten exercises carry the idea',
  grows: 'the idea comes back under more weight',
  peak: 'one high point, in the second half',
  prepared: 'two earlier exercises prepare it',
  count: 'as many exercises as the minutes carry',
  places: 'each place is visited once',
  kit: 'nothing is brought out for one exercise',
  cleared: 'kit is away before anybody balances, walks or jumps',
  returns: 'about half comes back, at most five are new',
  seats: 'nobody stands long without a seat',
  focus: 'as much of each as was asked for',
  hour: 'look, loosen, isolate, arch, band, rises, balance, close',
  opposites: 'what goes one way goes the other way too',
  variety: 'no two exercises alike',
  moving: 'little time goes into moving about',
  fresh: 'not the same as last time',
  helped: 'what helped this group comes again',
  eights: 'counts close on an eight',
  found: 'the review has nothing to say',
};

export interface Judging {
  readonly brief: ComposeBrief;
  readonly shares: ReadonlyMap<FocusFamily, number>;
  readonly idea: ComposeIdea;
  readonly history: History;
  readonly alike: (a: Candidate, b: Candidate) => number;
}

const clamp = (value: number) => Math.max(0, Math.min(1, value));
const frames = ({ exercise }: Candidate) => exercise.family === 'check' || exercise.family === 'close';
/** Seconds that a change of place, and of kit, usually take; only for weighing drafts. */
const changeSeconds = 10;

/** Longest that somebody who has fallen stands between seats, s (common practice). */
export const longestStanding = 360;
/** Of all the time, what moving about may take at the most (common practice). */
export const mostMoving = 0.2;

/** How many per cent of the working time each family has. */
export function sharesIn(steps: readonly Step[]): Map<FocusFamily, number> {
  const by = new Map<FocusFamily, number>();
  let all = 0;
  for (const { candidate, seconds } of steps) {
    const { family } = candidate.exercise;
    if (!isFocus(family)) continue;
    by.set(family, (by.get(family) ?? 0) + seconds);
    all += seconds;
  }
  for (const [family, seconds] of by) by.set(family, all === 0 ? 0 : seconds / all);
  return by;
}

/** The farthest that any of some families is from what was asked for, as a share. */
export function farthest(
  steps: readonly Step[],
  shares: ReadonlyMap<FocusFamily, number>,
  among?: Iterable<FocusFamily>,
): number {
  const has = sharesIn(steps);
  let most = 0;
  const look = (families: Iterable<FocusFamily>) => {
    for (const family of families) most = Math.max(most, Math.abs((has.get(family) ?? 0) - (shares.get(family) ?? 0)));
  };
  if (among) look(among);
  else {
    look(has.keys());
    look(shares.keys());
  }
  return most;
}

/** The longest that the class stands or walks between two seats, s. */
function standingSeconds(steps: readonly Step[]): number {
  let [now, longest] = [0, 0];
  for (const { candidate, seconds } of steps) {
    now = candidate.place === 'up' ? now + seconds : 0;
    longest = Math.max(longest, now);
  }
  return longest;
}

/** Index of the item that asks most. */
const peakOf = (steps: readonly Step[]): number =>
  steps.reduce((best, { candidate }, i) => (candidate.demand > (steps[best]?.candidate.demand ?? -1) ? i : best), 0);

const prepares = (a: Candidate, b: Candidate): boolean =>
  (a.bits.loads & b.bits.heavy) !== 0 ||
  (a.bits.trains & b.bits.trains) !== 0 ||
  b.exercise.preparedBy?.includes(a.exercise.id) === true;

/** The earlier items that prepare another one: they load the same part, or go the same way. */
export const preparing = (steps: readonly Step[], at: number): Step[] => {
  const peak = steps[at];
  if (!peak) return [];
  return steps.slice(0, at).filter(({ candidate }) => !frames(candidate) && prepares(candidate, peak.candidate));
};

export const highPoint = (steps: readonly Step[]): number => peakOf(steps);

type Known = Partial<Record<TermId, number>>;

/**
 * Judges a class in its order. What only the timeline and the review can say is passed in; without it those terms are left
 * at what the places and the kit let one expect.
 */
export function termsOf(steps: readonly Step[], judging: Judging, known: Known = {}): Term[] {
  const values = valuesOf(steps, judging, known);
  return (Object.entries(values) as [TermId, number][]).map(([id, value]) => ({ id, value, weight: termWeights[id] }));
}

/** The sum alone: for drafts, of which there are many. */
export function sumFor(steps: readonly Step[], judging: Judging): number {
  const values = valuesOf(steps, judging, {});
  let sum = 0;
  for (const id of termIds) sum += values[id] * termWeights[id];
  return sum;
}

function valuesOf(steps: readonly Step[], judging: Judging, known: Known): Record<TermId, number> {
  const { brief, shares, idea, history, alike } = judging;
  const working = steps.filter(({ candidate }) => !frames(candidate));
  const total = steps.reduce((sum, { seconds }) => sum + seconds, 0) || 1;
  const carriers = working.filter(({ candidate }) => candidate.carries.has(idea));
  const peak = peakOf(working);
  const isRest = brief.occasion === 'release' || brief.occasion === 'opening';
  return {
    idea: clamp(carriers.length / Math.max(1, working.length) / 0.7),
    grows: (carriers.at(-1)?.candidate.demand ?? 0) > (carriers[0]?.candidate.demand ?? 0) ? 1 : 0,
    peak: isRest || working.length < 3 ? 1 : peakAt(working, peak),
    prepared: isRest || working.length < 4 ? 1 : clamp(preparing(working, peak).length / 2),
    count: countValue(working.length, worksIn(brief.slotSeconds)),
    places: brief.concerns.includes('falls-or-faints') ? 1 : placesValue(working),
    kit: kitValue(working, brief),
    cleared: clearedValue(working),
    returns: returnsValue(working, history),
    seats: brief.concerns.includes('falls-or-faints') ? clamp(2 - standingSeconds(steps) / longestStanding) : 1,
    focus: clamp(1 - farthest(working, shares) / 0.2),
    hour: hourValue(steps, brief.concerns.includes('falls-or-faints')),
    opposites: oppositesValue(working),
    variety: varietyValue(working, alike),
    moving: known.moving ?? clamp(1.5 - (changes(steps) * changeSeconds) / total / (2 * mostMoving)),
    fresh: freshValue(working, history),
    helped: helpedValue(working, history),
    eights: brief.music ? eightsValue(working) : 1,
    found: known.found ?? 1,
  };
}

/** One more or fewer is as good; each one beyond that costs a quarter. */
const countValue = (has: number, carries: number): number => clamp(1 - Math.max(0, Math.abs(has - carries) - 1) / 4);

/** The printed sum. */
export const sumOf = (terms: readonly Term[]): number =>
  terms.reduce((sum, { value, weight }) => sum + value * weight, 0);

/** In the second half, and after it the class comes down. */
function peakAt(working: readonly Step[], peak: number): number {
  const late = peak >= Math.floor(working.length / 2) ? 1 : (2 * peak) / working.length;
  const high = working[peak]?.candidate.demand ?? 0;
  const after = working.slice(peak + 1);
  const down = after.length === 0 || after.every(({ candidate }) => candidate.demand < high) ? 1 : 0.5;
  return late * down;
}

/** Visits to a place beyond the first. */
function placesValue(working: readonly Step[]): number {
  const visits: string[] = [];
  for (const { candidate } of working) if (visits.at(-1) !== candidate.place) visits.push(candidate.place);
  const again = visits.length - new Set(visits).size;
  return clamp(1 - again / 2);
}

function kitValue(working: readonly Step[], { focus, occasion }: ComposeBrief): number {
  const users = new Map<string, { readonly first: number; last: number; count: number }>();
  working.forEach(({ candidate }, at) => {
    for (const kit of candidate.kit) {
      const use = users.get(kit);
      if (!use) users.set(kit, { first: at, last: at, count: 1 });
      else {
        use.last = at;
        use.count += 1;
      }
    }
  });
  const wanted = (at: number) => {
    const family = working[at]?.candidate.exercise.family;
    return (
      family !== undefined &&
      ((isFocus(family) && focus[family] !== undefined) || (family === 'release' && occasion === 'release'))
    );
  };
  let [single, split] = [0, 0];
  for (const { first, last, count } of users.values()) {
    if (count === 1 && !wanted(first)) single += 1;
    // Out once: what is used again later without a break between.
    if (last - first >= count) split += 1;
  }
  return clamp(1 - single / 2 - split / 3);
}

/** Kit that lies about is put away before people balance, walk or jump; what they stand on or hold is theirs. */
function clearedValue(working: readonly Step[]): number {
  const open = working.filter(
    ({ candidate }, i) =>
      ['balance', 'gait', 'impact'].includes(candidate.exercise.family) &&
      working.slice(i + 1).some((later) => later.candidate.kit.some((kit) => kitBefore(working.slice(0, i), kit))),
  );
  return clamp(1 - open.length / 2);
}
const kitBefore = (steps: readonly Step[], kit: string) =>
  steps.some(({ candidate }) => candidate.kit.some((piece) => piece === kit));

function returnsValue(working: readonly Step[], { last, times }: History): number {
  if (last.length === 0) return 1;
  const back = working.filter(({ candidate }) => candidate.returns).length / Math.max(1, working.length);
  // Where nobody counted, nothing is known to be new.
  const counted = Object.keys(times).length > 0;
  const fresh = counted ? working.filter(({ candidate }) => (times[candidate.exercise.id] ?? 0) === 0).length : 0;
  return clamp(1 - Math.abs(back - 0.5) * 2) * (fresh <= 5 ? 1 : 0.5);
}

/** Not the same ten exercises: somebody's last class three quarters over again is no new class. */
function freshValue(working: readonly Step[], { last }: History): number {
  if (last.length === 0) return 1;
  const back = working.filter(({ candidate }) => candidate.returns).length / Math.max(1, working.length);
  return clamp((1 - back) / 0.25);
}

/** Fewer looks than this say nothing. */
const leastLooks = 4;

/** Exercises after which people were better more often than not, where that was looked at often enough. */
export const whatHelped = ({ helped }: Pick<History, 'helped'>): string[] =>
  Object.entries(helped).flatMap(([id, { better, looks }]) =>
    looks >= leastLooks && better / looks > 0.5 ? [id] : [],
  );

function helpedValue(working: readonly Step[], history: History): number {
  const good = whatHelped(history);
  if (good.length === 0) return 1;
  const has = good.filter((id) => working.some(({ candidate }) => candidate.exercise.id === id)).length;
  return clamp(has / Math.min(2, good.length));
}

/**
 * Pairs in which a later part of the hour comes before an earlier one. Release at the end is the school's, a look has its
 * own place, and where nobody stands long a rest may come anywhere.
 */
function hourValue(steps: readonly Step[], rests: boolean): number {
  const order = steps.filter(
    ({ candidate: { exercise, item } }) =>
      exercise.family !== 'release' &&
      exercise.family !== 'check' &&
      !item.recheck &&
      !(rests && exercise.family === 'close'),
  );
  let wrong = 0;
  const hours = order.map(({ candidate }) => candidate.hour);
  for (let i = 0; i < hours.length; i++)
    for (let j = i + 1; j < hours.length; j++) if (hours[i]! > hours[j]!) wrong += 1;
  const pairs = (order.length * (order.length - 1)) / 2;
  return clamp(1 - (3 * wrong) / Math.max(3, pairs));
}

function oppositesValue(working: readonly Step[]): number {
  let [trained, owed] = [0, 0];
  for (const { candidate } of working) {
    trained |= candidate.bits.trains;
    owed |= candidate.bits.owes;
  }
  let missing = 0;
  for (let bits = owed & ~trained; bits !== 0; bits &= bits - 1) missing += 1;
  return clamp(1 - missing / 2);
}

function varietyValue(working: readonly Step[], alike: Judging['alike']): number {
  let close = 0;
  for (let i = 0; i < working.length; i++)
    for (let j = i + 1; j < working.length; j++) {
      const [a, b] = [working[i]!.candidate, working[j]!.candidate];
      if (alike(a, b) > 0.85 && a.exercise.pair !== b.exercise.id) close += 1;
    }
  return clamp(1 - close / 3);
}

function changes(steps: readonly Step[]): number {
  let count = 0;
  steps.forEach(({ candidate }, i) => {
    const before = steps[i - 1]?.candidate;
    if (!before) return;
    if (before.place !== candidate.place) count += 1;
    if (candidate.kit.some((kit) => !before.kit.includes(kit))) count += 1;
    if (before.execution.position !== candidate.execution.position && before.place === candidate.place) count += 0.5;
  });
  return count;
}

/** Counted reps that close on an eight: 8, 16, 24, 32. */
function eightsValue(working: readonly Step[]): number {
  const counted = working.flatMap(({ candidate: { item } }) =>
    item.dose.flatMap((part) => {
      const name = amountName(part);
      return part.kind === 'reps' && numberOf(part, name) ? [numberIn(part, name)] : [];
    }),
  );
  return counted.length === 0 ? 1 : counted.filter((n) => n % 8 === 0).length / counted.length;
}
