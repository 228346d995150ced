import { type Dose, doseTime, partTime, tempoOf } from '../dose';
import type { Block, Item, Plan } from '../plan';
import {
  type FindRevision,
  type Need,
  type ReadyItem,
  type Round,
  type TimelineEvent,
  type Visit,
  buildTimeline,
  needOf,
  readyBlock,
  roundsOf,
} from '../timeline';
import { type Alternative, type Bend, alternativesOf, asItIs } from './alternatives';

/**
 * One choice for a unit: the doses of its items, what they cost, and its time without getting there and
 * setting up, ms.
 */
export interface Choice {
  readonly doses: readonly Dose[];
  readonly cost: number;
  /** One entry a visit: one for an item taught in one go, two (lead foot, other foot) in a ring. */
  readonly spanMs: readonly number[];
}

/** What is chosen as one: an item, or a run of items on one piece of music. */
export interface Unit {
  readonly items: readonly Item[];
  readonly choices: readonly Choice[];
  /**
   * What it needs of the room, pass by pass: one pass, or one a foot in a ring; each in the order of its visits. Null where
   * a ring goes by without it.
   */
  readonly passes: readonly (readonly [Need, ...Need[]] | null)[];
  /** The second visit is the other foot of the first, straight after it. */
  readonly bothFeetInOne: boolean;
  readonly mayDrop: boolean;
}

/** Units in a row, or a ring of one-foot units taught one whole foot after the other with a comparison between. */
export type Segment =
  | { readonly kind: 'line'; readonly unit: Unit }
  | { readonly kind: 'ring'; readonly units: readonly Unit[]; readonly compareMs: number; readonly reversed: boolean };

export interface SpanOptions {
  /** Items whose dose may change; null for all that are not locked. */
  readonly only: ReadonlySet<string> | null;
  /** Items of this priority or lower may be left out; 0 keeps all. */
  readonly dropUpTo: number;
  /** Items that are not left out here, whatever their priority. */
  readonly keep: ReadonlySet<string>;
  readonly bend: Bend;
  /** Doses that are settled beforehand, by item. */
  readonly settled: ReadonlyMap<string, Alternative>;
  /** The most work of an item, ms. */
  readonly mostWorkMs: ReadonlyMap<string, number>;
}

/** Runs of music longer than this are left as they are. */
const mostCombinations = 4096;

/**
 * Cuts a plan into what fit chooses between, each choice with its time read from a timeline of that unit alone. What
 * lies between two units is added by the timeline's own transition.
 */
export function segmentsOf(plan: Plan, find: FindRevision, options: SpanOptions): Segment[] {
  return plan.blocks.flatMap((block) => {
    const segments: Segment[] = [];
    const rounds = roundsOf(block, readyBlock(plan, block, find));
    for (let i = 0; i < rounds.length;) {
      const round = rounds[i];
      if (round?.kind === 'ring') segments.push(ringOf(plan, block, round, find, options));
      let end = i + 1;
      for (
        let next = rounds[end];
        round?.kind === 'line' && next?.kind === 'line' && next.runsOn;
        next = rounds[++end]
      );
      const run = rounds.slice(i, end).flatMap((r) => (r.kind === 'line' ? [r.visits] : []));
      if (run.length > 0) segments.push({ kind: 'line', unit: lineUnit(plan, block, run, find, options) });
      i = end;
    }
    return segments;
  });
}

const changeable = (item: Item, options: SpanOptions) =>
  !item.locked && (options.only === null || options.only.has(item.id));

const droppable = (item: Item, options: SpanOptions) =>
  changeable(item, options) && item.priority <= options.dropUpTo && !options.keep.has(item.id);

function choicesFor({ item, execution }: ReadyItem, options: SpanOptions): Alternative[] {
  // What is worn lasts as long as what it is worn through.
  if (!changeable(item, options) || item.wornUntil !== null) return [asItIs(item)];
  const settled = options.settled.get(item.id);
  if (settled) return [settled];
  const most = options.mostWorkMs.get(item.id);
  if (hasMoreOnOneSide(item)) return alternativesOf(item, execution, options.bend, most);
  // Doses of the same work and rest take the same time wherever they stand: the cheapest will do.
  const best = new Map<string, Alternative>();
  for (const alternative of alternativesOf(item, execution, options.bend, most)) {
    const key = alternative.dose
      .map((part) => partTime(part, execution.phaseSeconds))
      .map(({ workMs, restMs }) => `${workMs} ${restMs}`)
      .join();
    const known = best.get(key);
    if (!known || alternative.cost < known.cost) best.set(key, alternative);
  }
  return [...best.values()];
}

const hasMoreOnOneSide = ({ sides }: Item) => sides.mode === 'extra-set' || sides.mode === 'extra-reps';

/** @param visits of each item of a run in music, or of the one item there is */
function lineUnit(
  plan: Plan,
  block: Block,
  visits: readonly (readonly Visit[])[],
  find: FindRevision,
  options: SpanOptions,
): Unit {
  const run = visits.flatMap(([visit]) => (visit ? [visit.ready] : []));
  const each = run.map((ready) => choicesFor(ready, options));
  const many = each.reduce((n, list) => n * list.length, 1);
  const lists = many > mostCombinations ? run.map(({ item }): Alternative[] => [asItIs(item)]) : each;
  const combined = lists.reduce<{ doses: Dose[]; cost: number }[]>(
    (so, list) => so.flatMap((a) => list.map((b) => ({ doses: [...a.doses, b.dose], cost: a.cost + b.cost }))),
    [{ doses: [], cost: 0 }],
  );
  const items = run.map((r) => r.item);
  const first = run[0];
  if (!first) throw new RangeError('a run has at least one item');
  const own = spanAlone(
    plan,
    block,
    items,
    items.map((item) => item.dose),
    find,
  );
  const feet = visits[0]?.length ?? 1;
  const spanOf = (doses: readonly Dose[]): number => {
    const [dose] = doses;
    return run.length === 1 && dose && evenly(first, dose)
      ? own + feet * timeBetween(first, dose)
      : spanAlone(plan, block, items, doses, find);
  };
  return {
    items,
    choices: cheapestEach(combined.map(({ doses, cost }) => ({ doses, cost, spanMs: [spanOf(doses)] }))),
    passes: [visits.flat().map((visit) => needOf(visit)) as [Need, ...Need[]]],
    bothFeetInOne: visits[0]?.length === 2,
    mayDrop: run.length === 1 && droppable(first.item, options),
  };
}

function ringOf(
  plan: Plan,
  block: Block,
  round: Extract<Round, { kind: 'ring' }>,
  find: FindRevision,
  options: SpanOptions,
): Segment {
  const items = round.items.map((r) => r.item);
  const lead = round.passes[0][0]?.feet;
  // Where the items would lead with different feet, or not all of them are done on each foot, leaving one out could
  // turn the whole ring round: none is.
  const plain = round.items.every(
    (r) => r.lead === lead && r.execution.sidePattern === 'each' && r.item.sides.mode !== 'one-foot',
  );
  const units = round.items.map((ready, at): Unit => {
    const visits = round.passes.map((pass) => pass.find((v) => v.ready === ready) ?? null);
    const spansOf = (dose: Dose): number[] => {
      // In a plain ring an item's visits are the same in a ring of its own; else the ring decides which foot is first.
      const tried = plain ? [{ ...ready.item, dose }] : items.map((item, i) => (i === at ? { ...item, dose } : item));
      const spans = visitSpans(plan, { ...block, items: tried }, ready.item.id, find);
      return visits.map((visit) => (visit ? (spans.shift() ?? 0) : 0));
    };
    const own = spansOf(ready.item.dose);
    const choices = choicesFor(ready, options).map(({ dose, cost }): Choice => ({
      doses: [dose],
      cost,
      spanMs: evenly(ready, dose)
        ? own.map((ms, pass) => (visits[pass] ? ms + timeBetween(ready, dose) : 0))
        : spansOf(dose),
    }));
    return {
      items: [ready.item],
      choices: cheapestEach(choices),
      passes: visits.map((visit) => (visit ? [needOf(visit)] : null)),
      bothFeetInOne: false,
      mayDrop: plain && droppable(ready.item, options),
    };
  });
  const compareMs = round.compares ? Math.round(plan.pace.compareSeconds * 1000) : 0;
  return { kind: 'ring', units, compareMs, reversed: block.secondOrder === 'reversed' };
}

const timelineOf = (plan: Plan, block: Block, find: FindRevision) =>
  buildTimeline({ plan: { ...plan, blocks: [block] }, find });

/**
 * Whether another dose changes each visit of an item by the same: by the time of the work itself, as the timeline lays
 * it out. Not where feet alternate, one side has a set more, or a first rep is shown (its length is the dose's own).
 */
function evenly({ item, execution, turns }: ReadyItem, dose: Dose): boolean {
  if (turns > 1) return false;
  const [now, then] = [item.dose[0], dose[0]];
  const sameTempo = !now || !then || tempoOf(now) === tempoOf(then);
  return execution.sidePattern !== 'alternate' && !hasMoreOnOneSide(item) && sameTempo;
}

/** Work and rest of a dose less those of the dose the item has, ms, by the layout that the timeline uses. */
function timeBetween({ item, execution }: ReadyItem, dose: Dose): number {
  const [now, then] = [item.dose, dose].map((of) => doseTime(of, execution.phaseSeconds));
  return (then?.workMs ?? 0) + (then?.restMs ?? 0) - (now?.workMs ?? 0) - (now?.restMs ?? 0);
}

/** Getting to an item and setting it up depend on what came before: that is left to its place in the class. */
const isArriving = ({ kind }: TimelineEvent) => kind === 'transition' || kind === 'set-up' || kind === 'second-set-up';
const lasting = (ms: number, event: TimelineEvent) => ms + event.endMs - event.startMs;

/** Time of a run of items on its own, without setting up the first and without rounding up. */
function spanAlone(
  plan: Plan,
  block: Block,
  items: readonly Item[],
  doses: readonly Dose[],
  find: FindRevision,
): number {
  const tried = items.map((item, i) => ({ ...item, dose: doses[i] ?? item.dose }));
  const { totalMs, activityMs, events } = timelineOf(plan, { ...block, items: tried }, find);
  const setUp = events.filter((e) => e.itemId === tried[0]?.id && isArriving(e)).reduce(lasting, 0);
  return totalMs - activityMs.rounding - setUp;
}

/** Time of each visit of one item of a ring, without getting there, setting up and rounding up. */
function visitSpans(plan: Plan, block: Block, itemId: string, find: FindRevision): number[] {
  const timeline = timelineOf(plan, block, find);
  const visits = timeline.items.find((i) => i.itemId === itemId)?.visits ?? [];
  return visits.map(({ startMs, endMs }) =>
    timeline.events
      .filter((e) => e.lane === 'body' && e.itemId === itemId && e.startMs >= startMs && e.endMs <= endMs)
      .filter((e) => !isArriving(e) && e.kind !== 'rounding')
      .reduce(lasting, 0),
  );
}

/** Of choices that take the same time, the cheapest. */
function cheapestEach(choices: readonly Choice[]): Choice[] {
  const best = new Map<string, Choice>();
  for (const choice of choices) {
    const key = choice.spanMs.join();
    const known = best.get(key);
    if (!known || choice.cost < known.cost) best.set(key, choice);
  }
  return [...best.values()];
}
