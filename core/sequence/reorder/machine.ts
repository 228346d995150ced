/** What one more unit brings: time and what the review would say. */
export interface Price {
  readonly ms: number;
  readonly soft: number;
  readonly hard: number;
}

/** Where something then stands, and what that brings. */
export type Step = readonly [next: number, price: Price];

/** Something that a class is gone through with, unit by unit. Where it stands is a small number. */
export interface Machine {
  readonly start: number;
  step(from: number, unit: number): Step;
  /** What comes behind the last unit. */
  end(from: number): Price;
}

export const nothing: Price = { ms: 0, soft: 0, hard: 0 };

function sumOf(a: Price, b: Price): Price {
  if (a === nothing) return b;
  return b === nothing ? a : { ms: a.ms + b.ms, soft: a.soft + b.soft, hard: a.hard + b.hard };
}

/** Gives small numbers to what is the same by its text. */
export class Numbers<T> {
  readonly list: T[] = [];
  private readonly known = new Map<string, number>();

  of(value: T, key: unknown = value): number {
    const text = JSON.stringify(key);
    const known = this.known.get(text);
    if (known !== undefined) return known;
    this.known.set(text, this.list.length);
    this.list.push(value);
    return this.list.length - 1;
  }
}

/** More than either of two ever stands at. */
const most = 2 ** 26;

/** Two gone through side by side. Where both stand is a number again, and what a unit brings is worked out once. */
export class Both implements Machine {
  readonly start: number;
  private readonly firsts: number[] = [];
  private readonly thens: number[] = [];
  private readonly known = new Map<number, number>();
  private readonly steps = new Map<number, Step>();

  constructor(
    private readonly first: Machine,
    private readonly then: Machine,
    private readonly units: number,
  ) {
    this.start = this.numberOf(first.start, then.start);
  }

  step(from: number, unit: number): Step {
    const key = from * this.units + unit;
    const known = this.steps.get(key);
    if (known) return known;
    const [a, costA] = this.first.step(this.firstOf(from), unit);
    const [b, costB] = this.then.step(this.thens[from] ?? 0, unit);
    const made: Step = [this.numberOf(a, b), sumOf(costA, costB)];
    this.steps.set(key, made);
    return made;
  }

  end(from: number): Price {
    return sumOf(this.first.end(this.firstOf(from)), this.then.end(this.thens[from] ?? 0));
  }

  /** Where the first of the two stands. */
  firstOf(state: number): number {
    return this.firsts[state] ?? 0;
  }

  private numberOf(first: number, then: number): number {
    const key = first * most + then;
    const known = this.known.get(key);
    if (known !== undefined) return known;
    this.known.set(key, this.firsts.length);
    this.firsts.push(first);
    this.thens.push(then);
    return this.firsts.length - 1;
  }
}

const still: Machine = { start: 0, step: () => [0, nothing], end: () => nothing };

/** All of some gone through side by side, in halves: each half has far fewer places to stand than the whole. */
export function together(machines: readonly Machine[], units: number): Machine {
  const [only] = machines;
  if (!only) return still;
  if (machines.length === 1) return only;
  const half = machines.length >> 1;
  return new Both(together(machines.slice(0, half), units), together(machines.slice(half), units), units);
}
