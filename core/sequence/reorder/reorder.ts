import {
  type AnyItem,
  type Block,
  type Item,
  type NextId,
  type Plan,
  type PlanCommand,
  applyCommand,
  exercisesIn,
} from '../../plan';
import { type FindRevision, type Timeline, type TransitionReason, buildTimeline, leadOf } from '../../timeline';
import { contextOf, foundBy, keyOf } from '../finding';
import { rules } from '../review';
import type { Entry, OrderRule } from '../rule';
import { type Part, around, piecesOf, pinnedOf } from './pieces';
import { bestOrder } from './search';
import type { Course, Unit } from './units';
import { Walk } from './walk';

/** What one soft finding is worth where nobody has said, seconds (Needlework's own). */
export const softSeconds = 30;

export interface ReorderRequest {
  readonly plan: Plan;
  readonly find: FindRevision;
  /** Null: every block, one after the other. */
  readonly blockId: string | null;
  /** How much moving about one soft finding is worth, seconds. */
  readonly softSeconds?: number;
}

/** How often something stops the room, before and after. */
export interface Moves {
  readonly reason: TransitionReason;
  readonly before: number;
  readonly after: number;
}

export interface Reordered {
  readonly plan: Plan;
  /** One step to take and to undo; null where the order stays. */
  readonly command: PlanCommand | null;
  readonly before: OrderPrice;
  readonly after: OrderPrice;
  /** Changes of position, kit, mats, facing and band of the whole class: what is done more or less often. */
  readonly moves: readonly Moves[];
  /** Exercises that move: the fewest that make the new order. */
  readonly movedIds: readonly string[];
  /** How many could be moved, and how many keep their place. */
  readonly free: number;
  readonly pinnedIds: readonly string[];
  /** In no block is another order better; else the best of what was tried. */
  readonly exact: boolean;
}

/** What an order costs, as far as the order decides it. */
export interface OrderPrice {
  /** The whole class by the timeline, ms. */
  readonly totalMs: number;
  /** How much of it is setting up, ms. */
  readonly setUpMs: number;
  readonly hard: number;
  readonly soft: number;
}

/**
 * The order of a block (or of each block in turn) with the least time of getting from one to the next and the fewest soft findings, breaking no hard
 * rule that it does not break now. Drills keep their re-checks, music its run, talk what it stands before; what is locked,
 * worn, comes back, or frames the class stays. Rules of the order alone are counted; a class rule that would then object
 * keeps its items in their places, and the search is made again.
 */
export function* reorder(request: ReorderRequest): Generator<{ readonly done: number }, Reordered> {
  const { blockId, plan } = request;
  if (blockId !== null) return yield* inBlock({ ...request, blockId });
  const blocks = plan.blocks.filter(({ items }) => items.length > 1);
  let found: Reordered | null = null;
  for (let round = 0; round < mostRounds; round++) {
    const before: Plan = found?.plan ?? plan;
    let sum: Reordered | null = null;
    for (const [i, { id }] of blocks.entries()) {
      const work = inBlock({ ...request, plan: sum?.plan ?? before, blockId: id });
      let next = work.next();
      for (; !next.done; next = work.next())
        yield { done: Math.min(0.99, (round + (i + next.value.done) / blocks.length) / 2) };
      sum = sum ? joined(sum, next.value) : next.value;
    }
    if (!sum) return alike(plan, request.find);
    const isSettled: boolean = sum.command === null;
    found = found ? { ...joined(found, sum), free: sum.free, pinnedIds: sum.pinnedIds } : sum;
    found = { ...found, exact: sum.exact && isSettled };
    if (isSettled) break;
  }
  if (!found) return alike(plan, request.find);
  return { ...found, moves: movesBetween(...timelinesOf([plan, found.plan], request.find)) };
}

/** A block's best order may change what its neighbours' is: they are gone through until nothing moves, or so often. */
const mostRounds = 4;

/** Two reorders, one after the other. */
function joined(first: Reordered, then: Reordered): Reordered {
  const commands = [first.command, then.command].flatMap((c) => (c?.type === 'together' ? c.commands : []));
  return {
    ...then,
    command: commands.length === 0 ? null : { type: 'together', commands },
    before: first.before,
    movedIds: [...new Set([...first.movedIds, ...then.movedIds])],
    free: first.free + then.free,
    pinnedIds: [...first.pinnedIds, ...then.pinnedIds],
    exact: first.exact && then.exact,
  };
}

/** A class in which there is nothing to move. */
function alike(plan: Plan, find: FindRevision): Reordered {
  const price = priceOf(buildTimeline({ plan, find }), { hard: 0, soft: 0 });
  return {
    plan,
    command: null,
    before: price,
    after: price,
    moves: [],
    movedIds: [],
    free: 0,
    pinnedIds: [],
    exact: true,
  };
}

const timelinesOf = ([before, after]: readonly [Plan, Plan], find: FindRevision): [Timeline, Timeline] => [
  buildTimeline({ plan: before, find }),
  buildTimeline({ plan: after, find }),
];

type BlockRequest = ReorderRequest & { readonly blockId: string };

function* inBlock(request: BlockRequest): Generator<{ readonly done: number }, Reordered> {
  const held = new Set<string>();
  for (let round = 0; ; round++) {
    const found = yield* once(request, held);
    const objecting = found.command === null ? [] : objections(request, found.plan);
    const fresh = objecting.filter((id) => !held.has(id));
    if (objecting.length === 0 || round >= 4) return { ...found, exact: found.exact && round === 0 };
    if (fresh.length === 0) return { ...unchanged(request, found), exact: false };
    for (const id of fresh) held.add(id);
  }
}

const nextId: NextId = () => 'never-used';
const orderRules = rules.filter((rule): rule is OrderRule => rule.kind === 'order');
const classRules = rules.filter((rule) => rule.kind === 'class' && rule.severity !== 'note' && !rule.suggests);

function contextFor(plan: Plan, find: FindRevision, timeline = buildTimeline({ plan, find })) {
  return contextOf({ plan, timeline, nextId });
}

/** The items of the block that a rule of the whole class names where it finds more in a new order than in the old one. */
function objections({ plan, find, blockId }: BlockRequest, after: Plan): string[] {
  const [was, is] = [contextFor(plan, find), contextFor(after, find)];
  const here = new Set(plan.blocks.find(({ id }) => id === blockId)?.items.map(({ id }) => id));
  return classRules.flatMap((rule) => {
    const [before, now] = [was, is].map((context) => foundBy(rule, context));
    if (!before || !now || now.length <= before.length) return [];
    return now.flatMap(({ breach }) => breach.itemIds.filter((id) => here.has(id)));
  });
}

function unchanged({ plan }: ReorderRequest, found: Reordered): Reordered {
  return { ...found, plan, command: null, after: found.before, moves: [], movedIds: [] };
}

function* once(
  { plan, find, blockId, softSeconds: worth = softSeconds }: BlockRequest,
  held: ReadonlySet<string>,
): Generator<{ readonly done: number }, Reordered> {
  const timeline = buildTimeline({ plan, find });
  const context = contextFor(plan, find, timeline);
  const at = plan.blocks.findIndex(({ id }) => id === blockId);
  const block = plan.blocks[at];
  if (!block) throw new RangeError('a block of the class');
  const isWork = (itemId: string) => {
    const entry = context.entry(itemId);
    return (
      entry !== null && !['check', 'release', 'close'].includes(entry.execution.exercise.family) && !entry.item.recheck
    );
  };
  const pinnedItems = new Set([...pinnedOf(plan, isWork), ...held]);
  const units = unitsOf(plan, block, timeline, find, context.entry);
  const pinned = new Set(units.flatMap((unit, i) => (unit.itemIds.some((id) => pinnedItems.has(id)) ? [i] : [])));
  const accepted = new Set(plan.accepted.map(({ finding }) => finding));
  const entriesOf = (blocks: readonly Block[]) =>
    blocks.flatMap((b) => exercisesIn(b).flatMap(({ id }) => context.entry(id) ?? []));
  const beside = around(plan, blockId, timeline, find);
  const course: Course = {
    plan,
    units,
    rules: orderRules,
    setting: context,
    among: context.entries,
    before: { entries: entriesOf(plan.blocks.slice(0, at)), parts: beside.before },
    behind: { entries: entriesOf(plan.blocks.slice(at + 1)), parts: beside.behind },
    compareMs: block.compare ? Math.round(plan.pace.compareSeconds * 1000) : 0,
    reversed: block.secondOrder === 'reversed',
    isAccepted: (rule, breach) => accepted.has(keyOf(rule, breach)),
    hasAccepted: (rule) => plan.accepted.some(({ finding }) => finding.startsWith(`${rule.id} `)),
  };
  const isPlain = block.flow === 'by-exercise' || isPlainRing(units, plan, context.entry);
  const settled = isPlain ? pinned : new Set(units.keys());
  const { best, now, exact } = yield* bestOrder({
    walk: new Walk(course),
    count: units.length,
    pinned: settled,
    softMs: worth * 1000,
  });
  const commands = movesTo(plan, block.id, units, best.units);
  const command: PlanCommand | null = commands.length === 0 ? null : { type: 'together', commands };
  const after = command ? applied(plan, command) : plan;
  const then = after === plan ? timeline : buildTimeline({ plan: after, find });
  return {
    plan: after,
    command,
    before: priceOf(timeline, now),
    after: priceOf(then, best),
    moves: movesBetween(timeline, then),
    movedIds: commands.map(({ itemId }) => itemId),
    free: units.length - settled.size,
    pinnedIds: [...settled].flatMap((unit) => units[unit]?.entries.map(({ item }) => item.id) ?? []),
    exact: exact && isPlain,
  };
}

/** Cuts a block into what is moved as one. */
function unitsOf(
  plan: Plan,
  block: Block,
  timeline: Timeline,
  find: FindRevision,
  entryOf: (itemId: string) => Entry | null,
): Unit[] {
  const { lines, rings } = piecesOf(plan, block.id, timeline, find);
  const groups: AnyItem[][] = [];
  let talk: AnyItem[] = [];
  const ids = new Set(block.items.map(({ id }) => id));
  block.items.forEach((item) => {
    if (item.kind === 'talk') {
      talk.push(item);
      return;
    }
    const last = groups.at(-1);
    const goesWith = (item.recheck?.of && ids.has(item.recheck.of)) || lines.get(item.id)?.runsOn === true;
    if (last && goesWith) last.push(...talk, item);
    else groups.push([...talk, item]);
    talk = [];
  });
  // Talk at the end of a block ends it.
  if (talk.length > 0) groups.push(talk);
  return groups.map((items): Unit => {
    const exercises = items.filter((item): item is Item => item.kind === 'exercise');
    const [only] = exercises;
    return {
      entries: exercises.flatMap(({ id }) => entryOf(id) ?? []),
      itemIds: items.map(({ id }) => id),
      parts: exercises.flatMap(({ id }): Part[] => {
        const part = lines.get(id);
        return part ? [part] : [];
      }),
      ring: (only && rings.get(only.id)) ?? null,
    };
  });
}

/** Foot by foot in the plain way: whole rings of one-foot items with one lead, nothing said, looked at or laid out between. */
function isPlainRing(units: readonly Unit[], plan: Plan, entryOf: (itemId: string) => Entry | null): boolean {
  const mats = new Set(
    units.flatMap(({ ring }) => {
      const need = ring?.first.needs[0];
      return need ? [need.surface === 'mats' ? 'laid' : need.clear ? 'cleared' : 'neither'] : [];
    }),
  );
  return (
    !(mats.has('laid') && mats.has('cleared')) &&
    units.every((unit) =>
      unit.itemIds.every((id) => {
        const entry = entryOf(id);
        if (!entry) return false;
        const { item, execution } = entry;
        const isOneFoot = execution.sidePattern === 'each' && item.wornUntil === null;
        const leads = item.sides.mode !== 'one-foot' && leadOf(plan, item) === plan.lead;
        return !item.inEachPass && (!isOneFoot || (leads && unit.itemIds.length === 1));
      }),
    )
  );
}

type Move = Extract<PlanCommand, { type: 'move-item' }>;

/** Moves that bring the units of a block into an order: those that can stay where they are stay. */
function movesTo(plan: Plan, blockId: string, units: readonly Unit[], order: readonly number[]): Move[] {
  const stays = longestRise(order);
  const moves: Move[] = [];
  let now = plan;
  let before: string | null = null;
  for (const at of order) {
    for (const itemId of units[at]?.itemIds ?? []) {
      const items = now.blocks.find(({ id }) => id === blockId)?.items.map(({ id }) => id) ?? [];
      const place = before === null ? 0 : items.indexOf(before) + 1;
      before = itemId;
      if (stays.has(at) || items[place] === itemId) continue;
      const index = items.indexOf(itemId) < place ? place - 1 : place;
      const command: Move = { type: 'move-item', itemId, blockId, index };
      now = applied(now, command);
      moves.push(command);
    }
  }
  return moves;
}

function applied(plan: Plan, command: PlanCommand): Plan {
  const next = applyCommand(plan, command);
  if (!next.ok) throw new RangeError(next.error.code);
  return next.value;
}

/** The longest rising run in a list of different numbers, neighbours or not. */
function longestRise(list: readonly number[]): ReadonlySet<number> {
  const runs: number[][] = [];
  list.forEach((value, at) => {
    const before = runs.filter((run) => (run.at(-1) ?? 0) < value);
    const longest = before.reduce<number[]>((a, b) => (b.length > a.length ? b : a), []);
    runs[at] = [...longest, value];
  });
  return new Set(runs.reduce<number[]>((a, b) => (b.length > a.length ? b : a), []));
}

const priceOf = (
  { totalMs, activityMs }: Timeline,
  { hard, soft }: { readonly hard: number; readonly soft: number },
): OrderPrice => ({ totalMs, setUpMs: activityMs['set-up'], hard, soft });

/** What stops the room, counted over a class. */
function stopsOf({ events }: Timeline): ReadonlyMap<TransitionReason, number> {
  const counts = new Map<TransitionReason, number>();
  for (const { because } of events)
    for (const { reason } of because ?? []) counts.set(reason, (counts.get(reason) ?? 0) + 1);
  return counts;
}

function movesBetween(before: Timeline, after: Timeline): Moves[] {
  const [was, is] = [stopsOf(before), stopsOf(after)];
  return [...new Set([...was.keys(), ...is.keys()])]
    .map((reason) => ({ reason, before: was.get(reason) ?? 0, after: is.get(reason) ?? 0 }))
    .filter((moves) => moves.before !== moves.after);
}

/** Reorders to the end without stopping; for tests and for callers that have the time. */
export function reorderNow(request: ReorderRequest): Reordered {
  const work = reorder(request);
  for (;;) {
    const next = work.next();
    if (next.done) return next.value;
  }
}
