import type { DosePart, Multiplier, MultiplierKind } from './dose';

/** Short ways to write a part of a dose down; the schema judges it where it is used. */

const times = (per: Partial<Record<MultiplierKind, number>>): Multiplier[] =>
  Object.entries(per).map(([kind, count]) => ({ per: kind as MultiplierKind, count }));

interface Rounds {
  readonly sets?: number;
  readonly setRest?: number;
  readonly per?: Partial<Record<MultiplierKind, number>>;
}
const rounds = (r: Rounds) => ({
  sets: r.sets ?? 1,
  setRestSeconds: r.setRest ?? (r.sets ? 15 : 0),
  multipliers: times(r.per ?? {}),
});

export const reps = (n: number, r: Rounds & { readonly tempo?: number[] } = {}): DosePart => ({
  kind: 'reps',
  reps: n,
  tempoSeconds: r.tempo ?? null,
  ...rounds(r),
});
export const holds = (n: number, holdSeconds: number, restSeconds: number, r: Rounds = {}): DosePart => ({
  kind: 'hold',
  holds: n,
  holdSeconds,
  restSeconds,
  ...rounds(r),
});
export const passes = (n: number, passSeconds: number, r: Rounds = {}): DosePart => ({
  kind: 'passes',
  passes: n,
  passSeconds,
  ...rounds(r),
});
export const stops = (spots: number, stopSeconds: number, shiftSeconds: number, r: Rounds = {}): DosePart => ({
  kind: 'stops',
  spots,
  stopSeconds,
  shiftSeconds,
  ...rounds(r),
});
export const travel = (n: number, steps: number, stepsPerMinute: number, r: Rounds = {}): DosePart => ({
  kind: 'travel',
  passes: n,
  steps,
  stepsPerMinute,
  turnSeconds: 4,
  ...rounds(r),
});
export const timed = (seconds: number, r: Rounds = {}): DosePart => ({ kind: 'timed', seconds, ...rounds(r) });
export const breaths = (n: number, breathSeconds: number, r: Rounds = {}): DosePart => ({
  kind: 'breaths',
  breaths: n,
  breathSeconds,
  ...rounds(r),
});
export const byFeel = (least: number, usual: number, most: number, r: Rounds = {}): DosePart => ({
  kind: 'byFeel',
  leastSeconds: least,
  usualSeconds: usual,
  mostSeconds: most,
  ...rounds(r),
});
export const counts = (phrases: number, countsPerPhrase: number, beatsPerMinute: number, r: Rounds = {}): DosePart => ({
  kind: 'counts',
  phrases,
  countsPerPhrase,
  beatsPerMinute,
  ...rounds(r),
});
