import { type Room, type Ways, roomAfter, arrivalMs, secondSetUpMs } from '../timeline';
import { type Step, type Landing, cheapest } from './chain';
import type { Choice, Segment, Unit } from './spans';

const weightOfPriority: Readonly<Record<number, number>> = { 1: 1, 2: 3, 3: 9 };
export const dropWeight = (priority: number): number => weightOfPriority[priority] ?? 9;
/** One dropped priority outweighs every sum of what changed doses cost. */
export const perDrop = 1 << 16;
const never = 0x7fffffff;
/** Costs tried as a ceiling, one after the other, before anything is left out: most classes fit with a few steps. */
const ceilings = [16, 64, 256];

/** The units kept of a ring; every subset of those that may go, the full one first. At most eight may go at once. */
function subsetsOf(units: readonly Unit[]): (readonly Unit[])[] {
  const loose = units.filter((u) => u.mayDrop).slice(0, 8);
  return Array.from({ length: 1 << loose.length }, (_, mask) =>
    units.filter((u) => {
      const at = loose.indexOf(u);
      return at === -1 || (mask & (1 << at)) === 0;
    }),
  );
}

type Piece = Room['out'][number];

interface Node {
  readonly hand: Room | null;
  readonly cost: Int32Array;
  /** For each second: which node of the layer before, and which of that move's steps. */
  readonly from: Int16Array;
  readonly step: Int16Array;
  readonly moves: Map<number, { readonly steps: readonly Step[]; readonly unit: Unit | null }[]>;
}

/** What a search over the whole seconds of a class found. */
export interface Searched {
  readonly picks: ReadonlyMap<Unit, Choice>;
  /** Seconds outside the landing; weight of what is left out and what changed doses cost, as one; seconds off the middle. */
  readonly rank: Rank;
}
export type Rank = readonly [missed: number, cost: number, off: number];

/**
 * The best choice for every unit of a class. With nothing left out the class is a chain, which is tried first under
 * rising ceilings of cost; what is found so is the best there is, since leaving out one item costs more than any of
 * them. Else a dynamic programme over whole seconds, one layer a unit, whose state is what the last kept unit leaves
 * behind. Yields after each attempt and each layer, 0 to 1.
 * @returns null for a class without units that can be reached
 */
export function* search(
  segments: readonly Segment[],
  ways: Ways,
  landing: Landing,
): Generator<number, Searched | null> {
  const { low, high, target } = landing;
  const chain = chainOf(segments, ways);
  for (const ceiling of ceilings) {
    const found = cheapest(
      chain.map(({ steps }) => steps),
      landing,
      ceiling,
    );
    yield 0.05;
    if (!found) continue;
    const picks = new Map<Unit, Choice>();
    chain.forEach(({ unit, steps }, link) => {
      const choice = unit.choices[steps[found.steps[link] ?? 0]?.choice ?? 0];
      if (choice) picks.set(unit, choice);
    });
    return { picks, rank: [0, found.cost, found.off] };
  }
  const least = chain.reduce((sum, { steps }) => sum + Math.min(...steps.map((step) => step.seconds)), 0);
  const horizon = Math.max(least, high + Math.max(0, low - least));
  const layers: Node[][] = [[start(horizon)]];
  let at = 0;
  for (const layer of layersOf(segments, ways, layers, horizon)) {
    layers.push(layer);
    at += 1;
    yield 0.05 + (0.95 * at) / (countOf(segments) + 1 + at / 8);
  }
  const end = bestEnd(layers.at(-1) ?? [], low, high, target);
  return end && { picks: traced(layers, end), rank: end.rank };
}

const countOf = (segments: readonly Segment[]) =>
  segments.reduce((n, s) => n + (s.kind === 'line' ? 1 : s.units.length), 0);

function start(horizon: number): Node {
  const node = emptyNode(null, horizon);
  node.cost[0] = 0;
  return node;
}

function emptyNode(hand: Room | null, horizon: number): Node {
  return {
    hand,
    cost: new Int32Array(horizon + 1).fill(never),
    from: new Int16Array(horizon + 1).fill(-1),
    step: new Int16Array(horizon + 1).fill(-1),
    moves: new Map(),
  };
}

/**
 * Getting to each of some neighbouring units and setting it up, one number a pass, ms; and the room they leave. Pass after
 * pass: a ring goes through all of them on one foot, then on the other.
 */
function walked(
  units: readonly Unit[],
  from: Room | null,
  ways: Ways,
  reversed = false,
): { gapsMs: number[][]; room: Room | null } {
  const gapsMs = units.map((): number[] => []);
  let room = from;
  for (let pass = 0; pass < (units[0]?.passes.length ?? 0); pass++) {
    const order = [...units.entries()];
    for (const [i, unit] of reversed && pass === 1 ? order.reverse() : order) {
      const needs = unit.passes[pass];
      if (!needs) {
        gapsMs[i]?.push(0);
        continue;
      }
      const [first, second] = needs;
      const otherFoot = unit.bothFeetInOne && second ? secondSetUpMs(room, first, second, ways.pace) : 0;
      gapsMs[i]?.push(arrivalMs(room, first, ways) + otherFoot);
      room = needs.reduce<Room | null>(roomAfter, room);
    }
  }
  return { gapsMs, room };
}

/** A room with only what somebody later reaches for still out: two rooms that differ in nothing else are the same. */
const forWhom = (room: Room | null, later: ReadonlySet<Piece>): Room | null =>
  room && { ...room, out: room.out.filter((piece) => later.has(piece)) };

const whole = (ms: number) => Math.ceil(ms / 1000);

/** Steps of a unit with the time of getting to it (two for a ring: one a foot); of equal seconds the cheapest. */
function stepsOf(unit: Unit, gapsMs: readonly number[]): Step[] {
  const best = new Map<number, Step>();
  unit.choices.forEach((choice, index) => {
    const seconds = choice.spanMs.reduce((s, ms, i) => s + whole(ms + (gapsMs[i] ?? 0)), 0);
    const known = best.get(seconds);
    if (!known || choice.cost < known.cost) best.set(seconds, { seconds, cost: choice.cost, choice: index });
  });
  return [...best.values()];
}

const keyOf = (hand: Room | null) => JSON.stringify(hand);

/** Builds layer after layer: a line unit is one layer; a ring is one layer for each unit of its fullest subset. */
function* layersOf(
  segments: readonly Segment[],
  ways: Ways,
  layers: readonly Node[][],
  horizon: number,
): Generator<Node[]> {
  for (const [at, segment] of segments.entries()) {
    const later = new Set(segments.slice(at + 1).flatMap(kitOf));
    if (segment.kind === 'line') yield lineLayer(segment.unit, ways, layers.at(-1) ?? [], horizon, later);
    else yield* ringLayers(segment, ways, layers, horizon, later);
  }
}

const kitOf = (segment: Segment): Piece[] =>
  (segment.kind === 'line' ? [segment.unit] : segment.units).flatMap((u) =>
    u.passes.flatMap((needs) => needs ?? []).flatMap((need) => need.kit),
  );

function lineLayer(
  unit: Unit,
  ways: Ways,
  before: readonly Node[],
  horizon: number,
  later: ReadonlySet<Piece>,
): Node[] {
  const nodes = new Map<string, Node>();
  const nodeFor = (room: Room | null) => {
    const hand = forWhom(room, later);
    const key = keyOf(hand);
    const known = nodes.get(key) ?? emptyNode(hand, horizon);
    nodes.set(key, known);
    return known;
  };
  before.forEach((from, index) => {
    const { gapsMs, room } = walked([unit], from.hand, ways);
    advance(from, index, nodeFor(room), stepsOf(unit, gapsMs[0] ?? []), unit);
    if (unit.mayDrop) advance(from, index, nodeFor(from.hand), [dropStep(unit)], null);
  });
  return [...nodes.values()];
}

const dropStep = (unit: Unit): Step => ({
  seconds: 0,
  cost: unit.items.reduce((w, item) => w + dropWeight(item.priority), 0) * perDrop,
  choice: -1,
});

/**
 * A ring closes on itself: the second foot begins where the first one ended. So each subset that may be kept is a chain
 * of its own, and the chains meet again at the end. A node's hand-over then stands for the chain until the ring is shut.
 */
function* ringLayers(
  ring: Extract<Segment, { kind: 'ring' }>,
  ways: Ways,
  layers: readonly Node[][],
  horizon: number,
  later: ReadonlySet<Piece>,
): Generator<Node[]> {
  const { units, compareMs } = ring;
  const before = layers.at(-1) ?? [];
  const subsets = subsetsOf(units);
  const walks = subsets.map((kept) => before.map((outer) => walked(kept, outer.hand, ways, ring.reversed)));
  // chains[s][o]: the node of subset s that came from node o of the layer before the ring
  let chains: (Node | null)[][] = subsets.map(() => before.map(() => null));
  for (const [position, unit] of units.entries()) {
    const layer: Node[] = [];
    const previous = position === 0 ? before : (layers.at(-1) ?? []);
    chains = subsets.map((kept, s) =>
      before.map((outer, o) => {
        const place = kept.indexOf(unit);
        const node = emptyNode(outer.hand, horizon);
        const from = position === 0 ? outer : (chains[s]?.[o] ?? outer);
        const index = previous.indexOf(from);
        if (place === -1) advance(from, index, node, [dropStep(unit)], null);
        else {
          const pause = place === 0 ? whole(compareMs) : 0;
          const steps = stepsOf(unit, walks[s]?.[o]?.gapsMs[place] ?? []);
          advance(
            from,
            index,
            node,
            steps.map((step) => ({ ...step, seconds: step.seconds + pause })),
            unit,
          );
        }
        layer.push(node);
        return node;
      }),
    );
    yield layer;
  }
  // The chains meet: one node for each hand-over that the ring can leave.
  const closed = new Map<string, Node>();
  const previous = layers.at(-1) ?? [];
  chains.forEach((row, s) =>
    row.forEach((node, o) => {
      if (!node) return;
      const hand = forWhom(walks[s]?.[o]?.room ?? null, later);
      const into = closed.get(keyOf(hand)) ?? emptyNode(hand, horizon);
      closed.set(keyOf(hand), into);
      advance(node, previous.indexOf(node), into, [{ seconds: 0, cost: 0, choice: -1 }], null);
    }),
  );
  yield [...closed.values()];
}

/** Carries every reachable second of one node over into another. */
function advance(from: Node, index: number, to: Node, steps: readonly Step[], unit: Unit | null): void {
  const moves = to.moves.get(index) ?? [];
  to.moves.set(index, moves);
  const move = moves.length;
  moves.push({ steps, unit });
  const horizon = to.cost.length - 1;
  // Only the seconds that can be reached at all are carried over.
  const reached: number[] = [];
  for (let t = 0; t <= horizon; t++) if (from.cost[t] !== never) reached.push(t);
  for (const [s, { seconds, cost }] of steps.entries()) {
    const code = move * 4096 + s;
    for (const t of reached) {
      const at = t + seconds;
      if (at > horizon) break;
      const sum = (from.cost[t] ?? never) + cost;
      if (sum < (to.cost[at] ?? never)) {
        to.cost[at] = sum;
        to.from[at] = index;
        to.step[at] = code;
      }
    }
  }
}

interface End {
  readonly node: number;
  readonly seconds: number;
  readonly rank: Rank;
}

function bestEnd(last: readonly Node[], low: number, high: number, target: number): End | null {
  let best: End | null = null;
  for (const [node, { cost }] of last.entries()) {
    for (let seconds = 0; seconds < cost.length; seconds++) {
      const sum = cost[seconds] ?? never;
      if (sum === never) continue;
      const rank = [Math.max(0, low - seconds, seconds - high), sum, Math.abs(seconds - target)] as const;
      if (!best || less(rank, best.rank)) best = { node, seconds, rank };
    }
  }
  return best;
}

export function less(a: readonly number[], b: readonly number[]): boolean {
  for (const [i, value] of a.entries()) if (value !== b[i]) return value < (b[i] ?? 0);
  return false;
}

/** Walks back from the end: which choice each kept unit got. */
function traced(layers: readonly Node[][], end: End): ReadonlyMap<Unit, Choice> {
  const picks = new Map<Unit, Choice>();
  let { node, seconds } = end;
  for (let l = layers.length - 1; l > 0; l--) {
    const here = layers[l]?.[node];
    const from = here?.from[seconds] ?? -1;
    const code = here?.step[seconds] ?? -1;
    const move = here?.moves.get(from)?.[Math.floor(code / 4096)];
    const step = move?.steps[code % 4096];
    if (!move || !step) break;
    const choice = move.unit?.choices[step.choice];
    if (move.unit && choice) picks.set(move.unit, choice);
    seconds -= step.seconds;
    node = from;
  }
  return picks;
}

/** The units of a class with nothing left out, each with its steps: what comes before and after it is settled. */
function chainOf(segments: readonly Segment[], ways: Ways): { readonly unit: Unit; readonly steps: Step[] }[] {
  let from: Room | null = null;
  return segments.flatMap((segment) => {
    const units = segment.kind === 'line' ? [segment.unit] : segment.units;
    const { gapsMs, room } = walked(units, from, ways, segment.kind === 'ring' && segment.reversed);
    from = room;
    return units.map((unit, i) => {
      const pause = segment.kind === 'ring' && i === 0 ? whole(segment.compareMs) : 0;
      return {
        unit,
        steps: stepsOf(unit, gapsMs[i] ?? []).map((step) => ({ ...step, seconds: step.seconds + pause })),
      };
    });
  });
}
