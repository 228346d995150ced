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
  /** As it is said: "10 to 12", "10, 15 or 20", "30 to 60 s". The amount is the usual one of these; the plan counts that. */
  range: z
    .array(z.int().min(1).max(3600))
    .min(2, { error: 'range-form' })
    .max(4, { error: 'range-form' })
    .refine((said) => said.every((n, i) => i === 0 || n > (said[i - 1] ?? 0)), { error: 'range-order' })
    .optional(),
  /** What ends it, as the teacher says it: "the toes fan". Then it goes on until the teacher taps. */
  until: z.string().trim().min(1).max(60).optional(),
};
export interface Shared {
  readonly sets: number;
  readonly setRestSeconds: number;
  readonly multipliers: readonly Multiplier[];
  readonly range?: readonly number[] | undefined;
  readonly until?: string | undefined;
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
