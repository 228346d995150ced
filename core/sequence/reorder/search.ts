import { Nodes, NumberList } from './nodes';
import type { Walk } from './walk';

export interface SearchRequest {
  readonly walk: Walk;
  /** How many units the block has, in the order in which they stand. */
  readonly count: number;
  /** Units that keep their place. */
  readonly pinned: ReadonlySet<number>;
  /** What one soft finding is worth, ms. */
  readonly softMs: number;
}

export interface Order {
  /** Units by the place where they stand now. */
  readonly units: readonly number[];
  /** Hard findings first, then time with soft findings at their worth, ms. */
  readonly hard: number;
  readonly soft: number;
  readonly ms: number;
}

export interface OrderFound {
  readonly best: Order;
  readonly now: Order;
  /** No other order is better; else the best of those that were tried. */
  readonly exact: boolean;
}

/** What is free to move, at the most, for a search that leaves nothing untried. */
export const mostFree = 14;
/** What is placed is the bits of one number: with more free than that only one at a time is moved. */
const mostBits = 31;
/** Nodes kept in one layer where more is free than that. */
const widest = 6000;
const hardMs = 1e9;
/** Of two orders as good as each other the one that moves less: each pair that changes places counts one. */
const perMs = 128;

/** An order, priced. */
export function priced(walk: Walk, units: readonly number[]): Order {
  let state = walk.start;
  let [ms, soft, hard] = [0, 0, 0];
  const add = (price: { readonly ms: number; readonly soft: number; readonly hard: number }) => {
    ms += price.ms;
    soft += price.soft;
    hard += price.hard;
  };
  for (const unit of units) {
    const [next, price] = walk.step(state, unit);
    add(price);
    state = next;
  }
  add(walk.end(state));
  return { units, ms, soft, hard };
}

const worth = ({ hard, soft, ms }: Omit<Order, 'units'>, softMs: number): number => hard * hardMs + soft * softMs + ms;

/**
 * The best order of a block: a dynamic programme whose state is which units are placed and where the class then stands
 * (the room, and what each rule remembers), with a bound from below on what is left and one from above from orders made
 * by hand. Nothing that could still be best is left out, up to fourteen free units. Yields its progress.
 */
export function* bestOrder(request: SearchRequest): Generator<{ readonly done: number }, OrderFound> {
  const { walk, count, pinned, softMs } = request;
  const places = Array.from({ length: count }, (_, i) => i);
  const now = priced(walk, places);
  const free = places.filter((i) => !pinned.has(i));
  if (free.length < 2) return { best: now, now, exact: true };
  const near = yield* improved(now, request, free);
  if (free.length > mostBits) return { best: near, now, exact: false };
  const least = places.map((unit) => walk.leastMs(unit));
  const isMuch = free.length > mostFree;
  const restOf = restBy(least, free);
  const nodes = new Nodes();
  const going: Going = {
    request,
    nodes,
    bits: Int32Array.from(places, (unit) => free.indexOf(unit)),
    nextOf: new NumberList(),
    costOf: new NumberList(),
    owedOf: new NumberList(),
    top: worth(near, softMs) * perMs + count * count,
    restOf,
  };
  nodes.reach(0, walk.start, 0, -1, -1);
  let [from, to] = [0, 1];
  let cut = false;
  for (let place = 0; place < count; place++) {
    nodes.openLayer();
    const later = [...pinned].reduce((ms, unit) => ms + (unit > place ? (least[unit] ?? 0) : 0), 0);
    const options = pinned.has(place) ? [place] : free;
    for (let node = from; node < to; node += atOnce) {
      yield { done: 0.1 + (0.85 * (place + (node - from) / (to - from))) / count };
      goOn(going, node, Math.min(to, node + atOnce), options, later);
    }
    if (isMuch && nodes.count - to > widest) {
      cut = true;
      nodes.keep(mostPromising(nodes, to, restOf));
    }
    [from, to] = [to, nodes.count];
  }
  const end = endOf(nodes, from, walk, softMs);
  const found = end === null ? near : priced(walk, traced(nodes, end));
  const best = worth(found, softMs) <= worth(near, softMs) ? found : near;
  return { best: worth(best, softMs) < worth(now, softMs) ? best : now, now, exact: !cut };
}

/** Nodes gone on from between two looks at the clock. */
const atOnce = 4096;

interface Going {
  readonly request: SearchRequest;
  readonly nodes: Nodes;
  /** The bit of each unit in what is placed; -1 for those that are pinned. */
  readonly bits: Int32Array;
  /** What one more unit brings from each state, and where the class then stands, both by state and unit. */
  readonly nextOf: NumberList;
  readonly costOf: NumberList;
  /** What is still to come at the least for what is open, by state, ms. */
  readonly owedOf: NumberList;
  /** What an order may cost to be the best. */
  readonly top: number;
  readonly restOf: (mask: number) => number;
}

/** One more unit behind some nodes: gone through by the million, so nothing in here is made. */
function goOn(going: Going, first: number, end: number, options: readonly number[], laterMs: number): void {
  const { nodes, bits, nextOf, costOf, owedOf, top, restOf, request } = going;
  const { walk, count, softMs } = request;
  for (let node = first; node < end; node++) {
    const mask = nodes.masks[node] ?? 0;
    const state = nodes.states[node] ?? 0;
    const cost = nodes.costs[node] ?? 0;
    for (const unit of options) {
      const bit = bits[unit] ?? -1;
      if (bit >= 0 && (mask & (1 << bit)) !== 0) continue;
      const step = state * count + unit;
      let brings = costOf.get(step);
      if (Number.isNaN(brings)) {
        const [to, price] = walk.step(state, unit);
        brings = worth(price, softMs) * perMs;
        nextOf.set(step, to);
        costOf.set(step, brings);
        owedOf.set(to, walk.owedMs(to));
      }
      const nextMask = bit < 0 ? mask : mask | (1 << bit);
      const sum = cost + brings + (bit < 0 ? 0 : passed(mask, bit));
      const behind = nextOf.get(step);
      if (sum + (laterMs + restOf(nextMask) + owedOf.get(behind)) * perMs <= top)
        nodes.reach(nextMask, behind, sum, node, unit);
    }
  }
}

/** How many that stand before a unit now are not placed yet: the pairs that change places. */
export function passed(mask: number, bit: number): number {
  let open = ~mask & ((1 << bit) - 1);
  open -= (open >>> 1) & 0x55555555;
  open = (open & 0x33333333) + ((open >>> 2) & 0x33333333);
  return Math.imul((open + (open >>> 4)) & 0x0f0f0f0f, 0x01010101) >>> 24;
}

/** The least time of the free units not placed yet, ms, by those that are. */
function restBy(least: readonly number[], free: readonly number[]): (mask: number) => number {
  const of = (mask: number) =>
    free.reduce((ms, unit, bit) => ms + ((mask & (1 << bit)) === 0 ? (least[unit] ?? 0) : 0), 0);
  if (free.length > mostFree) return of;
  const known = Float64Array.from({ length: 1 << free.length }, (_, mask) => of(mask));
  return (mask) => known[mask] ?? 0;
}

/** The most promising nodes of the layer that begins there, where there are too many. */
function mostPromising({ masks, costs, count }: Nodes, start: number, restOf: (mask: number) => number): number[] {
  const promise = Float64Array.from(
    { length: count - start },
    (_, at) => (costs[start + at] ?? 0) + restOf(masks[start + at] ?? 0) * perMs,
  );
  return [...promise.keys()]
    .sort((a, b) => (promise[a] ?? 0) - (promise[b] ?? 0))
    .slice(0, widest)
    .map((at) => start + at);
}

function endOf({ states, costs, count }: Nodes, start: number, walk: Walk, softMs: number): number | null {
  let best: { readonly node: number; readonly cost: number } | null = null;
  for (let node = start; node < count; node++) {
    const cost = (costs[node] ?? 0) + worth(walk.end(states[node] ?? 0), softMs) * perMs;
    if (!best || cost < best.cost) best = { node, cost };
  }
  return best?.node ?? null;
}

function traced({ from, units }: Nodes, end: number): number[] {
  const order: number[] = [];
  for (let node = end; (units[node] ?? -1) >= 0; node = from[node] ?? 0) order.unshift(units[node] ?? 0);
  return order;
}

/** A good order to begin with: one unit at a time to where it is best, until no such move helps. */
function* improved(
  from: Order,
  { walk, softMs }: SearchRequest,
  free: readonly number[],
): Generator<{ readonly done: number }, Order> {
  let best = from;
  for (let round = 0; round < 20; round++) {
    yield { done: Math.min(0.1, round / 200) };
    const tried = free.flatMap((unit) => movesOf(best.units, free, unit)).map((units) => priced(walk, units));
    const better = tried.reduce((a, b) => (worth(b, softMs) < worth(a, softMs) ? b : a), best);
    if (better === best) break;
    best = better;
  }
  return best;
}

/** All orders with one free unit elsewhere among the free ones. */
function movesOf(units: readonly number[], free: readonly number[], unit: number): number[][] {
  const open = units.map((u, place) => (free.includes(u) ? place : -1)).filter((place) => place >= 0);
  const order = open.map((place) => units[place] ?? 0);
  const others = order.filter((u) => u !== unit);
  return open.map((_, at) => {
    const moved = [...others.slice(0, at), unit, ...others.slice(at)];
    const next = [...units];
    open.forEach((place, i) => (next[place] = moved[i] ?? 0));
    return next;
  });
}
