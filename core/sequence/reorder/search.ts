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

/** A layer of the search: as many units placed in each of its nodes. */
interface Layer {
  readonly masks: number[];
  readonly states: number[];
  readonly costs: number[];
  readonly from: number[];
  readonly unit: number[];
}
const emptyLayer = (): Layer => ({ masks: [], states: [], costs: [], from: [], unit: [] });

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
  const bits = places.map((unit) => free.indexOf(unit));
  const span = 1 << free.length;
  // What one more unit brings from each state, and where the class then stands: plain numbers, since they are read by the million.
  const nextOf: (number | undefined)[] = [];
  const costOf: number[] = [];
  const least = places.map((unit) => walk.leastMs(unit));
  const isMuch = free.length > mostFree;
  const top = worth(near, softMs) * perMs + count * count;
  const restOf = restBy(least, free);
  let layer: Layer = { masks: [0], states: [walk.start], costs: [0], from: [-1], unit: [-1] };
  const layers = [layer];
  let cut = false;
  for (let place = 0; place < count; place++) {
    const next = emptyLayer();
    const later = [...pinned].reduce((ms, unit) => ms + (unit > place ? (least[unit] ?? 0) : 0), 0);
    const known = new Map<number, number>();
    const options = pinned.has(place) ? [place] : free;
    for (let node = 0; node < layer.masks.length; node++) {
      if (node % 4096 === 0) yield { done: 0.1 + (0.85 * (place + node / layer.masks.length)) / count };
      const mask = layer.masks[node] ?? 0;
      const state = layer.states[node] ?? 0;
      const cost = layer.costs[node] ?? 0;
      for (const unit of options) {
        const bit = bits[unit] ?? -1;
        if (bit >= 0 && (mask & (1 << bit)) !== 0) continue;
        const step = state * count + unit;
        let to = nextOf[step];
        if (to === undefined) {
          const [behind, price] = walk.step(state, unit);
          to = nextOf[step] = behind;
          costOf[step] = worth(price, softMs) * perMs;
        }
        const nextMask = bit < 0 ? mask : mask | (1 << bit);
        const sum = cost + (costOf[step] ?? 0) + (bit < 0 ? 0 : passed(mask, bit));
        if (sum + (later + restOf(nextMask)) * perMs > top) continue;
        const key = to * span + nextMask;
        const at = known.get(key);
        if (at === undefined) {
          known.set(key, next.masks.length);
          next.masks.push(nextMask);
          next.states.push(to);
          next.costs.push(sum);
          next.from.push(node);
          next.unit.push(unit);
        } else if (sum < (next.costs[at] ?? Infinity)) {
          next.costs[at] = sum;
          next.from[at] = node;
          next.unit[at] = unit;
        }
      }
    }
    const isWide = isMuch && next.masks.length > widest;
    cut ||= isWide;
    layer = isWide ? narrowed(next, restOf) : next;
    layers.push(layer);
  }
  const end = endOf(layer, walk, softMs);
  const found = end === null ? near : priced(walk, traced(layers, end));
  const best = worth(found, softMs) <= worth(near, softMs) ? found : near;
  return { best: worth(best, softMs) < worth(now, softMs) ? best : now, now, exact: !cut };
}

/** How many that stand before a unit now are not placed yet: the pairs that change places. */
function passed(mask: number, bit: number): number {
  let open = ~mask & ((1 << bit) - 1);
  let pairs = 0;
  for (; open !== 0; open &= open - 1) pairs += 1;
  return pairs;
}

/** The least time of the free units not placed yet, ms, by those that are. */
function restBy(least: readonly number[], free: readonly number[]): (mask: number) => number {
  const of = (mask: number) =>
    free.reduce((ms, unit, bit) => ms + ((mask & (1 << bit)) === 0 ? (least[unit] ?? 0) : 0), 0);
  if (free.length > mostFree) return of;
  const known = Float64Array.from({ length: 1 << free.length }, (_, mask) => of(mask));
  return (mask) => known[mask] ?? 0;
}

/** The most promising nodes of a layer, where there are too many. */
function narrowed(layer: Layer, restOf: (mask: number) => number): Layer {
  const promise = layer.masks.map((mask, at) => (layer.costs[at] ?? 0) + restOf(mask) * perMs);
  const kept = promise
    .map((_, at) => at)
    .sort((a, b) => (promise[a] ?? 0) - (promise[b] ?? 0))
    .slice(0, widest);
  const of = (list: readonly number[]) => kept.map((at) => list[at] ?? 0);
  return {
    masks: of(layer.masks),
    states: of(layer.states),
    costs: of(layer.costs),
    from: of(layer.from),
    unit: of(layer.unit),
  };
}

function endOf({ states, costs }: Layer, walk: Walk, softMs: number): number | null {
  let best: { readonly node: number; readonly cost: number } | null = null;
  for (const [node, state] of states.entries()) {
    const cost = (costs[node] ?? 0) + worth(walk.end(state), softMs) * perMs;
    if (!best || cost < best.cost) best = { node, cost };
  }
  return best?.node ?? null;
}

function traced(layers: readonly Layer[], end: number): number[] {
  const units: number[] = [];
  let node = end;
  for (let at = layers.length - 1; at > 0; at--) {
    units.unshift(layers[at]?.unit[node] ?? 0);
    node = layers[at]?.from[node] ?? 0;
  }
  return units;
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
