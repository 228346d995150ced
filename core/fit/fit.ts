import { deepEqual } from 'fast-equals';
import type { Dose } from '../dose';
import {
  type Item,
  type Plan,
  type PlanCommand,
  allItemsOf,
  applyCommand,
  exercisesIn,
  findItem,
  itemsOf,
} from '../plan';
import { sayTime } from '../say-time';
import { type FindRevision, type Timeline, type TimelineEvent, buildTimeline, readyItem, slotFit } from '../timeline';
import type { Landing } from './chain';
import type { Alternative, Bend } from './alternatives';
import { isEven, pairsOf } from './pairs';
import { type Removal, removalsFor } from './removals';
import type { FitProgress, FitRequest } from './request';
import { type Searched, dropWeight, less, perDrop, search } from './search';
import { type SpanOptions, segmentsOf } from './spans';

/** One change that fit proposes. */
export interface FitChange {
  readonly itemId: string;
  readonly before: Dose;
  /** Null: left out. */
  readonly after: Dose | null;
  /** What it does to the class, ms. */
  readonly deltaMs: number;
  /** Why, in words. */
  readonly reason: string;
}

export interface Fit {
  /** Whether the class lands in the landing. */
  readonly fits: boolean;
  readonly before: { readonly totalMs: number };
  readonly targetMs: number;
  /** The class as proposed, and its time by the timeline. */
  readonly plan: Plan;
  readonly totalMs: number;
  /** Above zero: too long by so much; below: too short; 0 inside the landing. */
  readonly missMs: number;
  /** Sum of priorities left out, and what changed doses cost: what was made as small as it can be. */
  readonly dropped: number;
  readonly cost: number;
  readonly changes: readonly FitChange[];
  /** Why it cannot fit, in words, and the smallest sets of items whose removal would make it fit. */
  readonly obstacle: string | null;
  readonly removals: readonly Removal[];
}

/** Landing within this of the target counts as fitting, seconds. */
export const landingSeconds = 20;

/** Which way a class has to go to land. */
export function bendOf(plannedSeconds: number, target: number): Bend | 'none' {
  if (plannedSeconds > target + landingSeconds) return 'shorter';
  return plannedSeconds < target - landingSeconds ? 'longer' : 'none';
}

/**
 * Fits a class to its slot, exactly: among sayable doses between each rung's least and most, the one that lands in the
 * landing (else nearest to it), with the least weight of items left out, then with few changes, spread over the items,
 * then nearest to the middle of the landing. A class that is too long raises nothing, one that is too short cuts nothing
 * and leaves nothing out; two halves of one job keep the same dose. A dynamic programme over whole seconds; it yields its
 * progress so that whoever pumps it may stop.
 */
export function* fit(request: FitRequest): Generator<FitProgress, Fit> {
  const { plan, find } = request;
  const timeline = buildTimeline({ plan, find });
  const room = slotFit(plan, timeline);
  const targetMs = request.targetMs ?? room.slotMs - room.reserveMs;
  const target = Math.round(targetMs / 1000);
  const frame: Frame = {
    targetMs,
    low: target - landingSeconds,
    high: target + landingSeconds,
    target,
    beforeMs: room.plannedMs,
  };
  const bend = bendOf(room.plannedMs / 1000, target);
  if (bend === 'none') return yield* proposal(request, null, frame);
  const asked = { ...request, dropUpTo: bend === 'shorter' ? (request.dropUpTo ?? 1) : 0 };
  const mayChange = (item: Item) => !item.locked && (!asked.only || asked.only.has(item.id));
  let settled: ReadonlyMap<string, Alternative> = new Map();
  const beside = besideMs(timeline) / 1000;
  const rest = { ...frame, low: frame.low - beside, high: frame.high - beside, target: frame.target - beside };
  let best = yield* bestOf(asked, { bend, settled }, rest);
  for (const pair of pairsOf(plan, find, bend, mayChange, request.mostWorkMs)) {
    const proposed = planOf(plan, best);
    if (isEven(pair, proposed)) continue;
    let even: Searched | null = null;
    for (const dose of pair.common) {
      const both = new Map([...settled, ...pair.items.map(({ id }) => [id, dose] as const)]);
      const found = yield* bestOf(asked, { bend, settled: both }, rest);
      if (found && (!even || less(found.rank, even.rank))) {
        even = found;
        settled = both;
      }
    }
    best = even ?? best;
  }
  return yield* proposal(request, best, frame);
}

/** The best class under some settled doses, with two-foot items between rings tried kept and left out. */
function* bestOf(
  request: FitRequest,
  how: Pick<SpanOptions, 'bend' | 'settled'>,
  frame: Frame,
): Generator<FitProgress, Searched | null> {
  const loose = separatorsOf(request.plan, request.find, request);
  const keep = new Set([...loose.map((item) => item.id), ...keptOf(request.plan)]);
  const variants = Array.from({ length: 1 << loose.length }, (_, mask) => loose.filter((_item, i) => mask & (1 << i)));
  let best: Searched | null = null;
  for (const [i, gone] of variants.entries()) {
    const work = searched(request, gone, { ...how, keep }, frame, i / variants.length, 0.8 / variants.length);
    const found: Searched | null = yield* work;
    if (found && (!best || less(found.rank, best.rank))) best = found;
  }
  return best;
}

/**
 * What is never left out by itself: a drill that is looked at again, since its re-check would be left without it; what is
 * worn, and the item behind which it is taken off.
 */
const keptOf = (plan: Plan): ReadonlySet<string> =>
  new Set(
    itemsOf(plan).flatMap(({ id, recheck, wornUntil }) => [
      ...(recheck?.of ? [recheck.of] : []),
      ...(wornUntil === null ? [] : [id, wornUntil]),
    ]),
  );

/** A class with the doses that were picked; only for comparing two of its items. */
function planOf(plan: Plan, found: Searched | null): Plan {
  const doses = new Map<string, Dose>();
  for (const [unit, { doses: of }] of found?.picks ?? [])
    unit.items.forEach((item, i) => doses.set(item.id, of[i] ?? item.dose));
  return {
    ...plan,
    blocks: plan.blocks.map((block) => ({
      ...block,
      items: block.items.map((item) =>
        item.kind === 'talk' ? item : { ...item, dose: doses.get(item.id) ?? item.dose },
      ),
    })),
  };
}

/** Talk, and taking off what was worn: time of the class in which fit chooses nothing, ms. */
function besideMs(timeline: Timeline): number {
  const isBeside = ({ kind }: TimelineEvent) => kind === 'talk-item' || kind === 'take-off';
  const beside = timeline.events.filter(isBeside);
  return timeline.items
    .flatMap((item) => item.visits)
    .filter((visit) => beside.some((e) => e.startMs === visit.startMs))
    .reduce((ms, visit) => ms + visit.endMs - visit.startMs, 0);
}

/**
 * Two-foot items that part two rings of a block taught foot by foot: without one, its rings become one. So each of them
 * is tried kept and left out. At most four are.
 */
function separatorsOf(plan: Plan, find: FindRevision, request: FitRequest): Item[] {
  const only = request.only ?? null;
  const kept = keptOf(plan);
  return plan.blocks
    .filter((block) => block.flow === 'by-foot')
    .flatMap((block) => {
      const items = exercisesIn(block);
      const oneFoot = items.map((item) => {
        const ready = readyItem(plan, block, item, find);
        return 'code' in ready ? null : ready.execution.sidePattern === 'each';
      });
      return items.filter(
        (item, i) =>
          oneFoot[i] === false &&
          !item.inEachPass &&
          oneFoot.slice(0, i).includes(true) &&
          oneFoot.slice(i + 1).includes(true) &&
          !item.locked &&
          !kept.has(item.id) &&
          (only === null || only.has(item.id)) &&
          item.priority <= (request.dropUpTo ?? 1),
      );
    })
    .slice(0, 4);
}

/** The best class with some items gone from the start. */
function* searched(
  request: FitRequest,
  gone: readonly Item[],
  how: Pick<SpanOptions, 'bend' | 'settled' | 'keep'>,
  frame: Frame,
  from: number,
  share: number,
): Generator<FitProgress, Searched | null> {
  const plan = gone.reduce<Plan>((so, item) => {
    const next = applyCommand(so, { type: 'remove-item', itemId: item.id });
    return next.ok ? next.value : so;
  }, request.plan);
  const options: SpanOptions = {
    only: request.only ?? null,
    dropUpTo: request.dropUpTo ?? 1,
    mostWorkMs: request.mostWorkMs ?? new Map(),
    ...how,
  };
  const segments = segmentsOf(plan, request.find, options);
  yield { done: from + 0.2 * share };
  const work = search(segments, plan, frame);
  let next = work.next();
  for (; !next.done; next = work.next()) yield { done: from + share * (0.2 + 0.8 * next.value) };
  const already = gone.reduce((w, item) => w + dropWeight(item.priority), 0) * perDrop;
  const found = next.value;
  return found && { ...found, rank: [found.rank[0], found.rank[1] + already, found.rank[2]] };
}

/** Fits to the end of a generator without stopping; for tests and for callers that have the time. */
export function fitNow(request: FitRequest): Fit {
  const work = fit(request);
  for (;;) {
    const next = work.next();
    if (next.done) return next.value;
  }
}

interface Frame extends Landing {
  readonly targetMs: number;
  readonly beforeMs: number;
}

/** The proposal with its reasons. Every time in it is read from a timeline of the proposed class. */
function* proposal(request: FitRequest, best: Searched | null, frame: Frame): Generator<FitProgress, Fit> {
  const { plan, find } = request;
  const doses = new Map<string, Dose>();
  for (const [unit, choice] of best?.picks ?? []) {
    unit.items.forEach((item, i) => doses.set(item.id, choice.doses[i] ?? item.dose));
  }
  const start = buildTimeline({ plan, find });
  const unsettled = new Set(start.problems.map((p) => p.itemId));
  const commands: { readonly item: Item; readonly dose: Dose | null; readonly command: PlanCommand }[] = [];
  for (const item of best ? itemsOf(plan) : []) {
    const dose = doses.get(item.id) ?? null;
    if (unsettled.has(item.id) || (dose && deepEqual(dose, item.dose))) continue;
    const command: PlanCommand = dose
      ? { type: 'edit-item', itemId: item.id, change: { dose } }
      : { type: 'remove-item', itemId: item.id };
    commands.push({ item, dose, command });
  }
  // Doses change an item's own time and nothing else; leaving one out changes what lies before the next.
  const dosesOnly = commands.every(({ dose }) => dose !== null);
  const ownMs = new Map(start.items.map((i) => [i.itemId, i.totalMs]));
  const changes: FitChange[] = [];
  let now = plan;
  let nowMs = start.totalMs;
  for (const { item, dose, command } of commands) {
    const after = applyCommand(now, command);
    if (!after.ok) continue;
    now = after.value;
    const thenMs = dosesOnly ? nowMs : buildTimeline({ plan: now, find }).totalMs;
    changes.push({ itemId: item.id, before: item.dose, after: dose, deltaMs: thenMs - nowMs, reason: '' });
    nowMs = thenMs;
  }
  const end = buildTimeline({ plan: now, find });
  const endMs = new Map(end.items.map((i) => [i.itemId, i.totalMs]));
  const told = changes.map((change): FitChange => {
    const { itemId, after } = change;
    const deltaMs = dosesOnly ? (endMs.get(itemId) ?? 0) - (ownMs.get(itemId) ?? 0) : change.deltaMs;
    return { ...change, deltaMs, reason: reasonOf(after, frame) };
  });
  yield { done: 0.85 };
  const { totalMs } = end;
  const seconds = totalMs / 1000;
  const missMs =
    seconds > frame.high ? totalMs - frame.high * 1000 : seconds < frame.low ? totalMs - frame.low * 1000 : 0;
  const empty = itemsOf(plan).length === 0;
  const removals = missMs > 0 ? yield* removalsFor(request, frame.high * 1000) : [];
  return {
    fits: missMs === 0 && !empty,
    before: { totalMs: frame.beforeMs },
    targetMs: frame.targetMs,
    plan: now,
    totalMs,
    missMs,
    dropped: Math.floor((best?.rank[1] ?? 0) / perDrop),
    cost: (best?.rank[1] ?? 0) % perDrop,
    changes: told,
    obstacle: missMs === 0 && !empty ? null : obstacleOf(plan, missMs, ownMs),
    removals,
  };
}

/** Why a dose changes or an item goes. */
function reasonOf(dose: Dose | null, frame: Frame): string {
  const why = frame.beforeMs > frame.targetMs ? 'the class was too long' : 'there was time to fill';
  return dose === null ? `you marked it as one that can go; ${why}` : why;
}

/** What stands in the way: doses at their least or most, locks, or nothing to choose between. */
function obstacleOf(plan: Plan, missMs: number, ownMs: ReadonlyMap<string, number>): string {
  if (itemsOf(plan).length === 0) return 'There is no exercise in the class yet.';
  const locked = itemsOf(plan).filter((item) => item.locked);
  const lockedMs = locked.reduce((ms, item) => ms + (ownMs.get(item.id) ?? 0), 0);
  const locks =
    locked.length === 0
      ? ''
      : ` ${locked.length === 1 ? 'One item is' : `${locked.length} items are`} locked and take ${sayTime(lockedMs)}.`;
  const talkMs = allItemsOf(plan).reduce((ms, { kind, id }) => ms + (kind === 'talk' ? (ownMs.get(id) ?? 0) : 0), 0);
  const talk = talkMs > 0 ? ` Talk of its own takes ${sayTime(talkMs)}; fit leaves it as it is.` : '';
  return missMs > 0
    ? `Every dose that may change is at its least, and it is still too long.${locks}${talk}`
    : `Every dose that may change is at its most, and there is still time.${locks}`;
}

/** The commands of some of the proposed changes, as one step to take and to undo. */
export function commandOf(plan: Plan, changes: readonly FitChange[]): PlanCommand | null {
  const commands = changes
    .filter((change) => findItem(plan, change.itemId) !== null)
    .map((change) =>
      change.after === null
        ? ({ type: 'remove-item', itemId: change.itemId } as const)
        : ({ type: 'edit-item', itemId: change.itemId, change: { dose: change.after } } as const),
    );
  return commands.length === 0 ? null : { type: 'together', commands };
}
