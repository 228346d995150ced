import type { School } from '../exercise';
import type { FocusFamily, PlaceInRoom } from './brief';
import { isFocus } from './brief';
import type { Candidate } from './candidates';
import type { DoseChoice } from './doses';
import { type Judging, type Step, longestStanding, sumFor } from './score';

/** An exercise picked for a class; those that are kept stay whatever is tried. */
export interface Pick {
  readonly candidate: Candidate;
  readonly kept: boolean;
}

/** What frames the work: a look before it, a rest and the look again behind it. */
export interface Frame {
  readonly before: readonly Candidate[];
  readonly after: readonly Candidate[];
  /** A rest on a chair, for those who must not stand long; null where there is none. */
  readonly rest: Candidate | null;
}

export interface Draft {
  readonly picks: readonly Pick[];
  /** In the order of the class, the frame left out. */
  readonly steps: readonly Step[];
  readonly sum: number;
}

export interface DraftRequest {
  readonly judging: Judging;
  readonly school: School;
  readonly may: readonly Candidate[];
  readonly seats: ReadonlyMap<FocusFamily, number>;
  readonly kept: readonly Candidate[];
  readonly frame: Frame;
  /** Class time there is for the work, s. */
  readonly workSeconds: number;
  /** Exercises of each proposal there is already: few of them may come again. */
  readonly shown: readonly ReadonlySet<string>[];
  readonly roll: (below: number) => number;
  readonly rounds: number;
}

/** Of the items of two proposals, the share that may be the same. */
export const mostShared = 0.6;
const perShared = 4;
/** A draft that cannot fill its time is none, whatever else speaks for it. */
const perMissed = 60;

/** Orders in which a class can go through its places: it ends up on its feet, where the work is carried into standing. */
const placeOrders: readonly (readonly PlaceInRoom[])[] = [
  ['floor', 'chair', 'up'],
  ['chair', 'floor', 'up'],
];

const families = (picks: readonly Pick[]) =>
  picks.flatMap(({ candidate }) => (isFocus(candidate.exercise.family) ? [candidate.exercise.family] : []));

/** The order of a class: release where the school has it, then place by place, in each of them through the hour. */
function inOrder(picks: readonly Pick[], places: readonly PlaceInRoom[], school: School): Candidate[] {
  const key = ({ exercise, place, demand, hour }: Candidate): number => {
    const { family } = exercise;
    const at = family === 'release' ? (school.release === 'closes' ? 9 : 0) : 1 + places.indexOf(place);
    return at * 1000 + hour * 20 + demand;
  };
  const order = picks
    .map(({ candidate }) => ({ candidate, at: key(candidate) }))
    .sort((a, b) => a.at - b.at)
    .map(({ candidate }) => candidate);
  if (school.release !== 'both') return order;
  // Both: the shortest one closes, where there are two.
  const release = order.filter(({ exercise }) => exercise.family === 'release');
  const last = release.length > 1 ? release.at(-1) : undefined;
  return last ? [...order.filter((c) => c !== last), last] : order;
}

/**
 * Seats between: what is done on a chair comes in where the class has stood for as long as somebody who has fallen stands;
 * where nothing is left to do on a chair, a rest on it.
 */
function withSeats(steps: readonly Step[], rest: Candidate | null): Step[] {
  const sitting = steps.filter(({ candidate }) => candidate.place !== 'up');
  const up = steps.filter(({ candidate }) => candidate.place === 'up');
  const standing = up.reduce((sum, { seconds }) => sum + seconds, 0);
  // The last of what is done sitting parts the standing; the first of it opens the class.
  const parts = Math.max(0, Math.ceil(standing / (longestStanding - spareSeconds)) - 1);
  const between = sitting.splice(Math.max(1, sitting.length - parts));
  const out = [...sitting];
  let now = 0;
  for (const step of up) {
    if (now > 0 && now + step.seconds > longestStanding - spareSeconds) {
      const seat = between.shift() ?? (rest && { candidate: rest, seconds: rest.seconds });
      if (seat) {
        out.push(seat);
        now = 0;
      }
    }
    out.push(step);
    now += step.seconds;
  }
  return [...out, ...between];
}
/** For getting from one to the next, s. */
const spareSeconds = 30;

/** A dose for each, so that the families share the time as asked: in each family by what is usual for its exercises. */
export function dosed(
  order: readonly Candidate[],
  shares: ReadonlyMap<FocusFamily, number>,
  workSeconds: number,
): Step[] {
  const usual = new Map<string, number>();
  for (const { exercise, seconds } of order) usual.set(exercise.family, (usual.get(exercise.family) ?? 0) + seconds);
  const present = [...shares].filter(([family]) => usual.has(family));
  const sum = present.reduce((s, [, share]) => s + share, 0) || 1;
  return order.map((candidate) => {
    const { family } = candidate.exercise;
    const share = isFocus(family) ? (shares.get(family) ?? 0) / sum : 0;
    const wanted = (share * workSeconds * candidate.seconds) / (usual.get(family) ?? 1);
    return { candidate, seconds: nearestDose(candidate.doses, wanted)?.seconds ?? candidate.seconds };
  });
}

export function nearestDose(doses: readonly DoseChoice[], seconds: number): DoseChoice | undefined {
  let [best] = doses;
  let off = best ? Math.abs(best.seconds - seconds) : 0;
  for (const choice of doses) {
    const from = Math.abs(choice.seconds - seconds);
    if (from < off) [best, off] = [choice, from];
  }
  return best;
}

/** Tries picks against each other, one at a time, from a seed: what makes the sum no smaller stays. */
export function drafted(request: DraftRequest): Draft | null {
  const { may, seats, kept, roll, rounds } = request;
  const { shares } = request.judging;
  const work = may.filter(({ exercise: { family } }) => isFocus(family) && shares.has(family));
  const byFamily = new Map<FocusFamily, Candidate[]>();
  for (const candidate of work) {
    const family = candidate.exercise.family as FocusFamily;
    byFamily.set(family, [...(byFamily.get(family) ?? []), candidate]);
  }
  const start: Pick[] = kept.map((candidate) => ({ candidate, kept: true }));
  for (const [family, count] of seats) {
    const open = (byFamily.get(family) ?? []).filter((c) => !start.some(({ candidate }) => candidate === c));
    const has = families(start).filter((f) => f === family).length;
    for (let i = has; i < count && open.length > 0; i++)
      start.push({ candidate: open.splice(roll(open.length), 1)[0]!, kept: false });
  }
  if (start.length === 0) return null;
  // More minutes mean rounds and looks, not more items.
  const seated = [...seats.values()].reduce((sum, n) => sum + n, 0);
  // But where the exercises there are cannot be dosed for so long, it takes more of them.
  const needed = Math.ceil(freedom * fewest(work, request.workSeconds));
  const most = Math.max(start.length, seated, needed) + 1;
  let best = judged(start, request);
  let now = best;
  for (let round = 0; round < rounds; round++) {
    const tried = changed(now.picks, byFamily, work, roll);
    if (!tried || tried.length > most) continue;
    const draft = judged(tried, request);
    // Early on something a little worse may be on the way to something better.
    const patience = 1.2 * Math.max(0, 1 - (2 * round) / rounds);
    if (draft.sum >= now.sum - (patience * roll(100)) / 100) now = draft;
    if (draft.sum > best.sum) best = draft;
  }
  return best;
}

/** So many more than the fewest leave something to choose. */
const freedom = 1.4;

/** The fewest exercises that fill a time, each at its most. */
function fewest(work: readonly Candidate[], seconds: number): number {
  const longest = work.map(({ doses, seconds: usual }) => doses.at(-1)?.seconds ?? usual).sort((a, b) => b - a);
  let filled = 0;
  const at = longest.findIndex((most) => (filled += most) >= seconds);
  return at === -1 ? longest.length : at + 1;
}

function changed(
  picks: readonly Pick[],
  byFamily: ReadonlyMap<FocusFamily, readonly Candidate[]>,
  work: readonly Candidate[],
  roll: (below: number) => number,
): Pick[] | null {
  const free = picks.flatMap((pick, i) => (pick.kept ? [] : [i]));
  const has = new Set(picks.map(({ candidate }) => candidate.exercise.id));
  const kind = roll(10);
  const open = (list: readonly Candidate[]) => list.filter(({ exercise }) => !has.has(exercise.id));
  if (kind === 0 && free.length > 2) return picks.filter((_, i) => i !== free[roll(free.length)]);
  if (kind === 1) {
    const others = open(work);
    const candidate = others[roll(Math.max(1, others.length))];
    return candidate ? [...picks, { candidate, kept: false }] : null;
  }
  const at = free[roll(Math.max(1, free.length))];
  const out = at === undefined ? undefined : picks[at];
  if (!out || at === undefined) return null;
  const others = open(kind === 2 ? work : (byFamily.get(out.candidate.exercise.family as FocusFamily) ?? []));
  const candidate = others[roll(Math.max(1, others.length))];
  return candidate ? picks.map((pick, i) => (i === at ? { candidate, kept: false } : pick)) : null;
}

/** A draft in the better of the orders through the places. */
function judged(picks: readonly Pick[], request: DraftRequest): Draft {
  let best: Draft | null = null;
  const has = new Set(picks.map(({ candidate }) => candidate.place));
  for (const places of has.has('floor') && has.has('chair') ? placeOrders : placeOrders.slice(0, 1)) {
    const draft = judgedIn(picks, places, request);
    if (!best || draft.sum > best.sum) best = draft;
  }
  if (!best) throw new RangeError('there is an order through the places');
  return best;
}

function judgedIn(picks: readonly Pick[], places: readonly PlaceInRoom[], request: DraftRequest): Draft {
  const { judging, school, workSeconds, shown, frame } = request;
  const placed = dosed(inOrder(picks, places, school), judging.shares, workSeconds);
  const steps = judging.brief.concerns.includes('falls-or-faints') ? withSeats(placed, frame.rest) : placed;
  const framed = [...asSteps(frame.before), ...steps, ...asSteps(frame.after)];
  const all = framed.map(({ candidate }) => candidate.exercise.id);
  const over = shown.reduce((sum, ids) => {
    const same = all.filter((id) => ids.has(id)).length;
    return sum + Math.max(0, same - Math.floor(mostShared * Math.min(all.length, ids.size)));
  }, 0);
  const worked = steps.reduce((sum, { seconds }) => sum + seconds, 0);
  const missed = Math.abs(worked - workSeconds) / workSeconds;
  return { picks, steps, sum: sumFor(framed, judging) - perShared * over - perMissed * Math.max(0, missed - 0.03) };
}

const asSteps = (list: readonly Candidate[]): Step[] =>
  list.map((candidate) => ({ candidate, seconds: candidate.seconds }));
