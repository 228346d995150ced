import { dice } from '../dice';
import { type Plan, itemsOf } from '../plan';
import { type FocusFamily, isFocus, ComposeIdea } from './brief';
import { noHistory } from './candidates';
import { type Clash, clashOf, noneFits } from './clash';
import { type Draft, type Frame, drafted, mostShared } from './draft';
import { type Ground, type Meeting, groundOf } from './ground';
import { type Made, longestOnFeetMs, made } from './proposal';
import { type NotAsked, type Reason, notAskedOf, reasonsOf } from './reasons';
import { type Term, farthest, longestStanding, sharesIn } from './score';
import { type Swap, swapped } from './swap';

export interface ComposeRequest extends Meeting {
  /** Three, or one more. */
  readonly count?: number;
  /** Exercises that stay. */
  readonly kept?: readonly string[];
  /** Exercises of proposals shown already: a new one shares few of them. */
  readonly shown?: readonly (readonly string[])[];
  /** One exercise of a class for another of its family: the rest stays where it stands. */
  readonly swap?: Swap;
}

/** A class to look at, with what speaks for it. */
export interface Proposal {
  readonly plan: Plan;
  readonly idea: ComposeIdea;
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
  if (asked.swap) return yield* swappedOnly(request, asked.swap);
  const found = yield* composedOnly(request);
  if (found.proposals.length > 0) return { ...found, clash: null };
  const base = found.clash ?? noneFits(request.brief);
  const works: Clash['nearest'][number][] = [];
  for (const near of base.nearest) {
    const work = composedOnly({ ...request, brief: near.brief, count: 1 });
    let next = work.next();
    for (; !next.done; next = work.next()) yield { done: 0.95 };
    if (next.value.proposals.length > 0) works.push(near);
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

function* swappedOnly(request: ComposeRequest, swap: Swap): Generator<{ readonly done: number }, Composed> {
  const ground = groundOf(request);
  const idea = request.brief.idea ?? 'inner-ball';
  const work = swapped(swap, ground, idea, (of) => isSound(of, ground));
  let next = work.next();
  for (; !next.done; next = work.next()) yield { done: 0.1 + 0.4 * next.value };
  if (next.value)
    return {
      proposals: [proposalOf(next.value, idea, ground, request)],
      notAsked: notAskedOf(ground.not),
      clash: null,
    };
  // Where no other one lands in its place, the rest stays and may stand in another order.
  const kept = itemsOf(swap.plan).flatMap(({ exerciseId }) => (exerciseId === swap.exerciseId ? [] : [exerciseId]));
  const again = composedOnly({ ...request, kept, count: 1 });
  let step = again.next();
  for (; !step.done; step = again.next()) yield { done: 0.5 + 0.5 * step.value.done };
  return step.value;
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
  const used = new Set<ComposeIdea>();
  for (let at = 0; at < count; at++) {
    const order = ideasFor(request, ground, at, shown).filter((idea) => !used.has(idea) || request.brief.idea !== null);
    yield { done: 0.1 + (0.85 * (at + 0.2)) / count };
    let best: { readonly idea: ComposeIdea; readonly of: Made } | null = null;
    // Where doses could not take up what the draft misjudged, the next one is made for as much more or less.
    let moreSeconds = 0;
    for (let attempt = 0; attempt < mostTries; attempt++) {
      const idea = order[attempt % Math.max(1, Math.min(2, order.length))];
      if (idea === undefined) break;
      const work = oneOf(request, ground, idea, { at, attempt, shown, moreSeconds, howLong: rounds });
      let next = work.next();
      for (; !next.done; next = work.next())
        yield { done: 0.1 + (0.85 * (at + 0.2 + (0.8 * (attempt + next.value)) / mostTries)) / count };
      if (next.value && !next.value.fits) moreSeconds -= next.value.overMs / 1000;
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

interface Attempt {
  /** Which of the proposals it is for, and how often that was tried before. */
  readonly at: number;
  readonly attempt: number;
  readonly shown: readonly ReadonlySet<string>[];
  /** More work than the brief lets one expect, s. */
  readonly moreSeconds: number;
  readonly howLong: number;
}

/** The look and the rest that are among what is kept; null where none of it frames a class. */
function frameWith({ frame }: Ground, kept: readonly string[]): Frame | null {
  const frames = Array.from({ length: mostFrames }, (_, at) => frame(at));
  const has = ({ before, after }: Frame) =>
    [...before, ...after].filter(({ exercise }) => kept.includes(exercise.id)).length;
  const best = frames.reduce((a, b) => (has(b) > has(a) ? b : a));
  return has(best) > 0 ? best : null;
}
/** Looks and rests turn; so many turns show all there are together. */
const mostFrames = 30;

/** A draft with one idea, from the seed. */
function draftOf(
  request: ComposeRequest,
  ground: Ground,
  idea: ComposeIdea,
  { at, attempt, shown, moreSeconds, howLong }: Attempt,
): { readonly draft: Draft | null; readonly frame: Frame } {
  const { school, kept = [] } = request;
  const { may } = ground;
  const roll = dice(request.seed * 7919 + at * 101 + attempt * 13 + ComposeIdea.options.indexOf(idea));
  roll(97);
  const frame = frameWith(ground, kept) ?? ground.frame(at + (request.seed % 3));
  const keptOnes = kept.flatMap(
    (id) => may.find(({ exercise }) => exercise.id === id && isFocus(exercise.family)) ?? [],
  );
  const draft = drafted({
    judging: ground.judging(idea),
    school,
    may,
    seats: ground.seats,
    kept: keptOnes,
    frame,
    workSeconds: Math.max(0, ground.workSeconds(frame) + moreSeconds),
    shown,
    roll,
    rounds: howLong,
  });
  return { draft, frame };
}

function* oneOf(
  request: ComposeRequest,
  ground: Ground,
  idea: ComposeIdea,
  attempt: Attempt,
): Generator<number, Made | null> {
  const { draft, frame } = draftOf(request, ground, idea, attempt);
  yield 0.4;
  if (!draft) return null;
  const work = made(draft, frame, idea, ground.judging(idea), ground.setting);
  let next = work.next();
  for (; !next.done; next = work.next()) yield 0.4 + 0.6 * next.value;
  return next.value;
}

function proposalOf(
  of: Made,
  idea: ComposeIdea,
  { shares }: Ground,
  { brief, history = noHistory, school }: ComposeRequest,
): Proposal {
  const has = sharesIn(working(of));
  const families = [...new Set([...shares.keys(), ...has.keys()])];
  return {
    plan: of.plan,
    idea,
    reasons: reasonsOf(of.steps, idea, history, school.words, brief),
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
): readonly ComposeIdea[] {
  const { idea } = request.brief;
  if (idea) return [idea];
  return ComposeIdea.options
    .map((option) => ({
      option,
      sum:
        draftOf(request, ground, option, { at, attempt: 0, shown, moreSeconds: 0, howLong: quickRounds }).draft?.sum ??
        -Infinity,
    }))
    .sort((a, b) => b.sum - a.sum)
    .map(({ option }) => option);
}
