import { dice } from '../dice';
import type { School } from '../exercise';
import { type Pace, type Plan, type Side, newBlock, newPlan, recheckExercise } from '../plan';
import { type LadderNote, type RosterAsked, type Student, mainLevelFor, optionsFor } from '../roster';
import { type FindRevision, buildTimeline } from '../timeline';
import { type ComposeBrief, type FocusFamily, isFocus } from './brief';
import {
  type Candidate,
  type History,
  type LeftOut,
  type Offer,
  candidatesFor,
  likenessOf,
  noHistory,
} from './candidates';
import { type Clash, clashOf, noneFits } from './clash';
import { type Draft, type Frame, drafted, mostShared, nearestDose } from './draft';
import { IdeaId, ideas } from './idea';
import { type Made, type Setting, longestOnFeetMs, made } from './proposal';
import { type NotAsked, type Reason, notAskedOf, reasonsOf, titleOf } from './reasons';
import { type Judging, type Term, farthest, longestStanding, sharesIn } from './score';
import { itemsIn, seatedShares, seats, sharesOf } from './shape';

export interface ComposeRequest {
  readonly brief: ComposeBrief;
  readonly school: School;
  readonly pace: Pace;
  readonly lead?: Side;
  readonly library: readonly Offer[];
  readonly history?: History;
  /** Who comes, where they are known: levels follow them. */
  readonly roster?: { readonly students: readonly Student[]; readonly notes: readonly LadderNote[] } | null;
  /** The same brief, library and seed give the same classes. */
  readonly seed: number;
  /** Three, or one more. */
  readonly count?: number;
  /** Exercises that stay, and those that may not come (again). */
  readonly kept?: readonly string[];
  readonly without?: readonly string[];
  /** Exercises of proposals shown already: a new one shares few of them. */
  readonly shown?: readonly (readonly string[])[];
  /** Nothing is added or left out beside what is kept: one exercise for another of its family. */
  readonly swapIn?: FocusFamily;
}

/** A class to look at, with what speaks for it. */
export interface Proposal {
  readonly plan: Plan;
  readonly idea: IdeaId;
  readonly reasons: readonly Reason[];
  readonly terms: readonly Term[];
  readonly sum: number;
  readonly totalMs: number;
  readonly likely: { readonly lowMs: number; readonly highMs: number };
  /** Of the working time, what each family has and what was asked for. */
  readonly shares: readonly { readonly family: FocusFamily; readonly has: number; readonly asked: number }[];
  /** What the review still says, softly. */
  readonly soft: number;
}

export interface Composed {
  readonly proposals: readonly Proposal[];
  readonly notAsked: readonly NotAsked[];
  /** What cannot be had together, and briefs that work; null where there are proposals. */
  readonly clash: Clash | null;
}

/** Rounds of trying one exercise for another, and drafts that are made into classes for each proposal. */
const rounds = 900;
const quickRounds = 120;
const mostTries = 5;
/** Farther than this from what was asked for of any family is no proposal, as a share. */
export const mostOff = 0.1;

/**
 * Classes from a brief: each fitted, ordered, reviewed, with its reasons, and with an idea of its own. Repeatable from the
 * seed. Where nothing can be made it says what clashes, and which briefs near to it work: each of those is tried first.
 */
export function* compose(asked: ComposeRequest): Generator<{ readonly done: number }, Composed> {
  const request = { ...asked, school: { ...asked.school, ...asked.brief.school } };
  const found = yield* composedOnly(request);
  if (found.proposals.length > 0) return { ...found, clash: null };
  const base = found.clash ?? noneFits(request.brief);
  const works: Clash['nearest'][number][] = [];
  for (const near of base.nearest) {
    yield { done: 0.95 };
    const tried = toEnd(composedOnly({ ...request, brief: near.brief, count: 1 }));
    if (tried.proposals.length > 0) works.push(near);
    if (works.length === 3) break;
  }
  return { ...found, clash: { ...base, nearest: works } };
}

function toEnd<T>(work: Generator<unknown, T>): T {
  for (;;) {
    const next = work.next();
    if (next.done) return next.value;
  }
}

/** Composes to the end without stopping; for tests and for callers that have the time. */
export const composeNow = (request: ComposeRequest): Composed => toEnd(compose(request));

interface Ground {
  readonly setting: Setting;
  readonly may: readonly Candidate[];
  readonly not: readonly LeftOut[];
  /** Shares of what is seated in the class, and of what was asked for by name. */
  readonly shares: ReadonlyMap<FocusFamily, number>;
  readonly asked: ReadonlyMap<FocusFamily, number>;
  readonly seats: ReadonlyMap<FocusFamily, number>;
  readonly frame: (at: number) => Frame;
  readonly judging: (idea: IdeaId) => Judging;
  readonly workSeconds: (frame: Frame) => number;
}

function* composedOnly(request: ComposeRequest): Generator<{ readonly done: number }, Composed> {
  const ground = groundOf(request);
  const { may, not } = ground;
  const notAsked = notAskedOf(not);
  const clash = clashOf(request.brief, may, not, ground.frame(0), ground.workSeconds(ground.frame(0)), ground.shares);
  if (clash) return { proposals: [], notAsked, clash };
  yield { done: 0.1 };
  const count = request.count ?? 3;
  const proposals: Proposal[] = [];
  const shown = (request.shown ?? []).map((ids) => new Set(ids));
  const used = new Set<IdeaId>();
  for (let at = 0; at < count; at++) {
    const order = ideasFor(request, ground, at, shown).filter((idea) => !used.has(idea) || request.brief.idea !== null);
    yield { done: 0.1 + (0.85 * (at + 0.2)) / count };
    let best: { readonly idea: IdeaId; readonly of: Made } | null = null;
    for (let attempt = 0; attempt < mostTries; attempt++) {
      const idea = order[attempt % Math.max(1, Math.min(2, order.length))];
      if (idea === undefined) break;
      const work = oneOf(request, ground, idea, at, attempt, shown);
      let next = work.next();
      for (; !next.done; next = work.next())
        yield { done: 0.1 + (0.85 * (at + 0.2 + (0.8 * (attempt + next.value)) / mostTries)) / count };
      if (next.value && (!best || isBetter(next.value, best.of, ground, shown))) best = { idea, of: next.value };
      if (best && attempt > 0 && isSound(best.of, ground) && differs(best.of, shown)) break;
    }
    if (!best || !isSound(best.of, ground) || !differs(best.of, shown)) continue;
    used.add(best.idea);
    proposals.push(proposalOf(best.of, best.idea, ground, request));
    shown.push(new Set(best.of.steps.map(({ candidate }) => candidate.exercise.id)));
  }
  return { proposals, notAsked, clash: null };
}

const isSound = (of: Made, { asked, setting }: Ground): boolean =>
  (!setting.brief.concerns.includes('falls-or-faints') || longestOnFeetMs(of.timeline) <= 1000 * longestStanding) &&
  of.fits &&
  of.hard === 0 &&
  farthest(working(of), asked, asked.keys()) <= mostOff;
/** Shares few enough of its exercises with each of those that are shown. */
const differs = (of: Made, shown: readonly ReadonlySet<string>[]): boolean => {
  const ids = of.steps.map(({ candidate }) => candidate.exercise.id);
  return shown.every(
    (other) => ids.filter((id) => other.has(id)).length <= mostShared * Math.min(ids.length, other.size),
  );
};
const working = (of: Made) => of.steps.filter(({ candidate }) => isFocus(candidate.exercise.family));

function isBetter(a: Made, b: Made, ground: Ground, shown: readonly ReadonlySet<string>[]): boolean {
  const [first, second] = [a, b].map((of) => isSound(of, ground) && differs(of, shown));
  return first !== second ? first === true : a.sum > b.sum;
}

/** A draft with one idea, from the seed. */
function draftOf(
  request: ComposeRequest,
  ground: Ground,
  idea: IdeaId,
  at: number,
  attempt: number,
  shown: readonly ReadonlySet<string>[],
  howLong: number,
): { readonly draft: Draft | null; readonly frame: Frame } {
  const { school, kept = [], swapIn } = request;
  const { may } = ground;
  const roll = dice(request.seed * 7919 + at * 101 + attempt * 13 + IdeaId.options.indexOf(idea));
  roll(97);
  const frame = ground.frame(at + (request.seed % 3));
  const keptOnes = kept.flatMap(
    (id) => may.find(({ exercise }) => exercise.id === id && isFocus(exercise.family)) ?? [],
  );
  const has = (family: FocusFamily) => keptOnes.filter(({ exercise }) => exercise.family === family).length;
  const draft = drafted({
    judging: ground.judging(idea),
    school,
    may,
    seats: swapIn ? new Map([[swapIn, has(swapIn) + 1]]) : ground.seats,
    kept: keptOnes,
    frame,
    workSeconds: ground.workSeconds(frame),
    shown,
    roll,
    rounds: swapIn ? Math.min(60, howLong) : howLong,
    isSwap: swapIn !== undefined,
  });
  return { draft, frame };
}

function* oneOf(
  request: ComposeRequest,
  ground: Ground,
  idea: IdeaId,
  at: number,
  attempt: number,
  shown: readonly ReadonlySet<string>[],
): Generator<number, Made | null> {
  const { draft, frame } = draftOf(request, ground, idea, at, attempt, shown, rounds);
  yield 0.4;
  if (!draft) return null;
  const work = made(draft, frame, idea, ground.judging(idea), ground.setting);
  let next = work.next();
  for (; !next.done; next = work.next()) yield 0.4 + 0.6 * next.value;
  return next.value;
}

function proposalOf(
  of: Made,
  idea: IdeaId,
  { shares }: Ground,
  { brief, history = noHistory, school }: ComposeRequest,
): Proposal {
  const has = sharesIn(working(of));
  const families = [...new Set([...shares.keys(), ...has.keys()])];
  return {
    plan: of.plan,
    idea,
    reasons: reasonsOf(of.steps, idea, history, school.words, brief.occasion),
    terms: of.terms,
    sum: of.sum,
    totalMs: of.timeline.totalMs,
    likely: of.timeline.likely,
    shares: families.map((family) => ({ family, has: has.get(family) ?? 0, asked: shares.get(family) ?? 0 })),
    soft: of.findings.filter(({ severity }) => severity === 'soft').length,
  };
}

/** Ideas by how good a quick draft with each of them is, the best first; the one that was asked for alone. */
function ideasFor(
  request: ComposeRequest,
  ground: Ground,
  at: number,
  shown: readonly ReadonlySet<string>[],
): readonly IdeaId[] {
  const { idea } = request.brief;
  if (idea) return [idea];
  return IdeaId.options
    .map((option) => ({
      option,
      sum: draftOf(request, ground, option, at, 0, shown, quickRounds).draft?.sum ?? -Infinity,
    }))
    .sort((a, b) => b.sum - a.sum)
    .map(({ option }) => option);
}

/** All that is worked out once for a brief. */
function groundOf(request: ComposeRequest): Ground {
  const { brief, school, pace, library, history = noHistory, roster = null, without = [] } = request;
  let made_ = 0;
  const nextId = () => `made-${request.seed}-${++made_}`;
  const known = new Map(library.map(({ revision, exercise }) => [revision, exercise] as const));
  const find: FindRevision = (revision) => known.get(revision) ?? null;
  const askedOf = (item: RosterAsked['item'], exercise: RosterAsked['exercise']): RosterAsked => ({
    item,
    exercise,
    school,
    students: roster?.students ?? [],
    notes: roster?.notes ?? [],
    library: [],
  });
  const open = library.filter(({ exercise }) => !without.includes(exercise.id));
  const { may, not } = candidatesFor({
    brief,
    school,
    pace,
    library: open,
    history,
    nextId,
    secondsOf: (item) => {
      const one = { ...newPlan('one-item', 'One', 3600, school, pace), blocks: [newBlock('block', 'One', [item])] };
      return buildTimeline({ plan: one, find }).totalMs / 1000;
    },
    mainLevel: roster ? (item, exercise) => mainLevelFor(askedOf(item, exercise)) : null,
  });
  const possible = new Set(may.flatMap(({ exercise: { family } }) => (isFocus(family) ? [family] : [])));
  const wanted = sharesOf(brief, possible);
  const named = new Set(
    (Object.entries(brief.focus) as [FocusFamily, number][]).flatMap(([f, n]) => (n > 0 ? [f] : [])),
  );
  const framed = frameOf(brief, may, 0);
  const count = Math.max(1, itemsIn(brief.slotSeconds) - framed.before.length - framed.after.length);
  const seated = seats(wanted, count, named);
  const shares = seatedShares(wanted, seated, named);
  const alike = likenessOf(may);
  const setting: Setting = {
    brief,
    school,
    pace,
    lead: request.lead ?? 'left',
    find,
    may,
    offers: may.map(({ revision, exercise }) => ({ revision, exercise })),
    nextId,
    optionsFor: roster
      ? (item) => {
          const exercise = find(item.revision);
          return exercise && optionsFor(askedOf(item, exercise));
        }
      : null,
    titleFor: (idea) => titleOf(brief, ideas[idea].name),
  };
  const reserve = brief.mustEnd ? 0.15 : 0.05;
  return {
    setting,
    may,
    not,
    shares,
    asked: new Map([...wanted].filter(([family]) => named.has(family))),
    seats: seated,
    frame: (at) => frameOf(brief, may, at),
    judging: (idea) => ({ brief, shares, idea, history, alike }),
    workSeconds: (frame) => {
      const framed = [...frame.before, ...frame.after].reduce((sum, { seconds }) => sum + seconds, 0);
      const moving = 8 * Math.max(1, itemsIn(brief.slotSeconds) - 1);
      return Math.max(0, brief.slotSeconds * (1 - reserve) - framed - moving);
    },
  };
}

/** A look takes no longer than this where it can be shorter, s. */
const longestLook = 45;
function shortest(look: Candidate): Candidate {
  const short = nearestDose(look.doses, Math.min(longestLook, look.seconds));
  return short ? { ...look, seconds: short.seconds, item: { ...look.item, dose: short.dose } } : look;
}

/** A look to begin with: not the one that compares a finished foot with the other, and no drill of its own. */
const isFirstLook = ({ family, id, ladder }: Candidate['exercise']): boolean =>
  family === 'check' && ladder === null && id !== 'stand-and-compare';

/** A class shorter than this has no rest at its end, s. */
const restFrom = 15 * 60;

/** The look first and again, and a rest at the end; which of the looks turns with the proposals. */
function frameOf({ looks, slotSeconds, occasion }: ComposeBrief, may: readonly Candidate[], at: number): Frame {
  const rests = may.filter(
    ({ exercise, place }) => exercise.family === 'close' && exercise.id !== recheckExercise && place !== 'floor',
  );
  const rest = slotSeconds >= restFrom && occasion !== 'warm-up' ? rests[at % Math.max(1, rests.length)] : undefined;
  const walk = may.find(({ exercise }) => exercise.id === recheckExercise);
  const first = may.filter(({ exercise, seconds }) => isFirstLook(exercise) && seconds <= 90);
  const quick = first.filter(({ seconds }) => seconds <= 45);
  const list = quick.length > 0 ? quick : first;
  const picked = looks ? list[at % Math.max(1, list.length)] : undefined;
  const look = picked && shortest(picked);
  const seat = rests.find(({ place }) => place === 'chair') ?? null;
  if (!look) return { before: [], after: rest ? [rest] : [], rest: seat };
  const again = look.exercise.id === 'walk-and-notice' ? walk : look;
  return { before: [look], after: [...(rest ? [rest] : []), ...(again ? [again] : [])], rest: seat };
}
