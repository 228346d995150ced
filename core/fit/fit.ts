import { deepEqual } from 'fast-equals';
import type { Dose } from '../dose';
import { type Item, type Plan, type PlanCommand, applyCommand, findItem, itemsOf } from '../plan';
import { sayTime } from '../say-time';
import { type FindRevision, buildTimeline, readyItem, slotFit } from '../timeline';
import type { Landing } from './chain';
import { type Removal, removalsFor } from './removals';
import type { FitProgress, FitRequest } from './request';
import { type Searched, dropWeight, less, perDrop, search } from './search';
import { segmentsOf } from './spans';

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
  /** Sum of priorities left out, and of steps from the doses it had: what was made as small as it can be. */
  readonly dropped: number;
  readonly steps: number;
  readonly changes: readonly FitChange[];
  /** Why it cannot fit, in words, and the smallest sets of items whose removal would make it fit. */
  readonly obstacle: string | null;
  readonly removals: readonly Removal[];
}

/** Landing within this of the target counts as fitting, seconds. */
export const landingSeconds = 20;

/**
 * Fits a class to its slot, exactly: among sayable doses between each rung's least and most, the one that lands in the
 * landing (else nearest to it), with the least weight of items left out, then nearest to the usual doses, then nearest
 * to the middle of the landing. A dynamic programme over whole seconds; it yields its progress so that whoever pumps it
 * may stop.
 */
export function* fit(request: FitRequest): Generator<FitProgress, Fit> {
  const { plan, find } = request;
  const room = slotFit(plan, buildTimeline({ plan, find }));
  const targetMs = request.targetMs ?? room.slotMs - room.reserveMs;
  const target = Math.round(targetMs / 1000);
  const frame = {
    targetMs,
    low: target - landingSeconds,
    high: target + landingSeconds,
    target,
    beforeMs: room.plannedMs,
  };
  const loose = separatorsOf(plan, find, request);
  // A drill that is looked at again stays: its re-check would be left without it.
  const drills = itemsOf(plan).flatMap((item) => item.recheck?.of ?? []);
  const keep = new Set([...loose.map((item) => item.id), ...drills]);
  const variants = Array.from({ length: 1 << loose.length }, (_, mask) => loose.filter((_item, i) => mask & (1 << i)));
  let best: Searched | null = null;
  for (const [i, gone] of variants.entries()) {
    const found: Searched | null = yield* searched(
      request,
      gone,
      keep,
      frame,
      i / variants.length,
      0.8 / variants.length,
    );
    if (found && (!best || less(found.rank, best.rank))) best = found;
  }
  return yield* proposal(request, best, frame);
}

/**
 * Two-foot items that part two rings of a block taught foot by foot: without one, its rings become one. So each of them
 * is tried kept and left out. At most four are.
 */
function separatorsOf(plan: Plan, find: FindRevision, request: FitRequest): Item[] {
  const only = request.only ?? null;
  return plan.blocks
    .filter((block) => block.flow === 'by-foot')
    .flatMap((block) => {
      const oneFoot = block.items.map((item) => {
        const ready = readyItem(plan, block, item, find);
        return 'code' in ready ? null : ready.execution.sidePattern === 'each';
      });
      return block.items.filter(
        (item, i) =>
          oneFoot[i] === false &&
          !item.inEachPass &&
          oneFoot.slice(0, i).includes(true) &&
          oneFoot.slice(i + 1).includes(true) &&
          !item.locked &&
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
  keep: ReadonlySet<string>,
  frame: Frame,
  from: number,
  share: number,
): Generator<FitProgress, Searched | null> {
  const plan = gone.reduce<Plan>((so, item) => {
    const next = applyCommand(so, { type: 'remove-item', itemId: item.id });
    return next.ok ? next.value : so;
  }, request.plan);
  const options = { only: request.only ?? null, dropUpTo: request.dropUpTo ?? 1, keep };
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
  const stepsOfChoice = new Map<string, number>();
  for (const [unit, choice] of best?.picks ?? []) {
    unit.items.forEach((item, i) => doses.set(item.id, choice.doses[i] ?? item.dose));
    unit.items.forEach((item) => stepsOfChoice.set(item.id, choice.steps));
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
    const steps = (stepsOfChoice.get(itemId) ?? 0) * Math.sign(deltaMs);
    return { ...change, deltaMs, reason: reasonOf(after, steps, frame) };
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
    steps: (best?.rank[1] ?? 0) % perDrop,
    changes: told,
    obstacle: missMs === 0 && !empty ? null : obstacleOf(plan, missMs, ownMs),
    removals,
  };
}

/** @param steps from the dose there is, below zero for less */
function reasonOf(dose: Dose | null, steps: number, frame: Frame): string {
  const over = frame.beforeMs - frame.targetMs;
  const why =
    over > landingSeconds * 1000
      ? 'the class was too long'
      : over < -landingSeconds * 1000
        ? 'there was time to fill'
        : 'it lay outside what this level asks';
  if (dose === null) return `you marked it as one that can go; ${why}`;
  if (steps === 0) return 'back inside what this level asks';
  const count = Math.abs(steps);
  return `${count} ${count === 1 ? 'step' : 'steps'} ${steps < 0 ? 'less' : 'more'}: ${why}`;
}

/** What stands in the way: doses at their least or most, locks, or nothing to choose between. */
function obstacleOf(plan: Plan, missMs: number, ownMs: ReadonlyMap<string, number>): string {
  if (itemsOf(plan).length === 0) return 'There is nothing in the class yet.';
  const locked = itemsOf(plan).filter((item) => item.locked);
  const lockedMs = locked.reduce((ms, item) => ms + (ownMs.get(item.id) ?? 0), 0);
  const locks =
    locked.length === 0
      ? ''
      : ` ${locked.length === 1 ? 'One item is' : `${locked.length} items are`} locked and take ${sayTime(lockedMs)}.`;
  return missMs > 0
    ? `Every dose that may change is at its least, and it is still too long.${locks}`
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
