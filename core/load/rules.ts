import * as z from 'zod';

/**
 * How fast a week may grow. The instructor's rules; the figures are Needlework's own, since none are usual: set so that a
 * step that most troupes take in a week passes, and one that doubles a week does not.
 */
export const LoadRules = z.strictObject({
  /** Landings on a foot may grow by so much from the last whole week, per cent. */
  landingsPercent: z.int().min(0).max(200),
  /** Rises on a foot, likewise. */
  risesPercent: z.int().min(0).max(200),
  /** Landings on a foot in the first week that has any. */
  firstLandings: z.int().min(0).max(2000),
  /** A week that grows by no more than so many is never steep, whatever that is in per cent. */
  least: z.int().min(0).max(500),
});
export type LoadRules = z.infer<typeof LoadRules>;

export const defaultLoadRules: LoadRules = { landingsPercent: 30, risesPercent: 40, firstLandings: 60, least: 20 };
