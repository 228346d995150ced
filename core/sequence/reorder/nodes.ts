const firstRoom = 1024;

/** A longer array with the same beginning. */
function longer<T extends Int32Array | Float64Array>(list: T, length: number): T {
  const more = new (list.constructor as new (length: number) => T)(length);
  more.set(list);
  return more;
}

/**
 * What a search has come to, layer by layer, as plain numbers: a million of them take 20 MB and no time to tidy up.
 * A node of the open layer is told by what is placed and where the class then stands.
 */
export class Nodes {
  count = 0;
  masks = new Int32Array(firstRoom);
  states = new Int32Array(firstRoom);
  costs = new Float64Array(firstRoom);
  /** The node it came from. */
  from = new Int32Array(firstRoom);
  /** What was placed last. */
  units = new Int32Array(firstRoom);
  /** Where the open layer begins. */
  private start = 0;
  /** Node + 1 by its numbers, 0 where there is none; half of it stays empty. */
  private table = new Int32Array(4 * firstRoom);

  /** Closes a layer and begins the next one. */
  openLayer(): number {
    this.start = this.count;
    this.table.fill(0);
    return this.start;
  }

  /** Keeps the cheapest way to a node. */
  reach(mask: number, state: number, cost: number, from: number, unit: number): void {
    const { table, masks, states } = this;
    const last = table.length - 1;
    let at = placeOf(mask, state) & last;
    for (let node = table[at] ?? 0; node !== 0; node = table[at] ?? 0) {
      if (masks[node - 1] === mask && states[node - 1] === state) {
        if (cost < (this.costs[node - 1] ?? Infinity)) this.set(node - 1, mask, state, cost, from, unit);
        return;
      }
      at = (at + 1) & last;
    }
    table[at] = this.count + 1;
    if (this.count === masks.length) this.widen();
    this.set(this.count++, mask, state, cost, from, unit);
    if (2 * (this.count - this.start) > table.length) this.spread();
  }

  /** Leaves some nodes of the open layer, in this order, and no other. */
  keep(nodes: readonly number[]): void {
    const of = (list: Int32Array | Float64Array) => nodes.map((node) => list[node] ?? 0);
    this.masks.set(of(this.masks), this.start);
    this.states.set(of(this.states), this.start);
    this.costs.set(of(this.costs), this.start);
    this.from.set(of(this.from), this.start);
    this.units.set(of(this.units), this.start);
    this.count = this.start + nodes.length;
  }

  private set(node: number, mask: number, state: number, cost: number, from: number, unit: number): void {
    this.masks[node] = mask;
    this.states[node] = state;
    this.costs[node] = cost;
    this.from[node] = from;
    this.units[node] = unit;
  }

  private widen(): void {
    const length = 2 * this.masks.length;
    this.masks = longer(this.masks, length);
    this.states = longer(this.states, length);
    this.costs = longer(this.costs, length);
    this.from = longer(this.from, length);
    this.units = longer(this.units, length);
  }

  private spread(): void {
    this.table = new Int32Array(4 * this.table.length);
    const last = this.table.length - 1;
    for (let node = this.start; node < this.count; node++) {
      let at = placeOf(this.masks[node] ?? 0, this.states[node] ?? 0) & last;
      while (this.table[at] !== 0) at = (at + 1) & last;
      this.table[at] = node + 1;
    }
  }
}

/** Spreads the two numbers of a node over a table. */
function placeOf(mask: number, state: number): number {
  const mixed = Math.imul(mask, 0x9e3779b1) ^ Math.imul(state, 0x85ebca77);
  return (mixed ^ (mixed >>> 15)) >>> 0;
}

/** Numbers by a number that grows, not set where they are NaN. */
export class NumberList {
  private list = new Float64Array(firstRoom).fill(NaN);

  get(at: number): number {
    return at < this.list.length ? (this.list[at] ?? NaN) : NaN;
  }

  set(at: number, value: number): void {
    if (at >= this.list.length) {
      const had = this.list.length;
      this.list = longer(this.list, Math.max(at + 1, 2 * had)).fill(NaN, had);
    }
    this.list[at] = value;
  }
}
