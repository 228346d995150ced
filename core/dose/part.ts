import * as z from 'zod';

/** What a count is a count *of*, beyond the feet themselves: ten per toe is fifty. */
export const MultiplierKind = z.enum(['toes', 'gaps', 'spots', 'directions', 'contact-points', 'pulls']);
export type MultiplierKind = z.infer<typeof MultiplierKind>;

/** How many of it a foot, a movement or a sole usually has (common practice, no source). */
export const usualMultiplier: Readonly<Record<MultiplierKind, number>> = {
  toes: 5,
  gaps: 4,
  spots: 3,
  directions: 2,
  'contact-points': 3,
  pulls: 2,
};

export const Multiplier = z.strictObject({ per: MultiplierKind, count: z.int().min(1).max(12) });
export type Multiplier = z.infer<typeof Multiplier>;

export const count = (most: number) => z.int().min(1).max(most);
export const seconds = (most: number) => z.int().min(1).max(most);
export const pauseSeconds = z.int().min(0).max(300);

/** What every part of a dose has, whatever it counts. */
export const shared = {
  /** How many times the whole part is done on each foot. */
  sets: count(20),
  /** Rest between two sets, seconds. */
  setRestSeconds: pauseSeconds,
  multipliers: z
    .array(Multiplier)
    .max(3)
    .refine((list) => new Set(list.map((m) => m.per)).size === list.length, { error: 'multiplier-twice' }),
};
export interface Shared {
  readonly sets: number;
  readonly setRestSeconds: number;
  readonly multipliers: readonly Multiplier[];
}

/** Rest that two rounds get where nobody named one, seconds (Needlework's own). */
export const usualSetRest = 15;

/** How often a part is done, and per what, in the short way of writing a dose down. */
export interface Rounds {
  readonly sets?: number;
  readonly setRest?: number;
  readonly per?: Partial<Record<MultiplierKind, number>>;
}
export const rounds = (r: Rounds) => ({
  sets: r.sets ?? 1,
  setRestSeconds: r.setRest ?? (r.sets ? usualSetRest : 0),
  multipliers: Object.entries(r.per ?? {}).map(([per, n]): Multiplier => ({ per: per as MultiplierKind, count: n })),
});
