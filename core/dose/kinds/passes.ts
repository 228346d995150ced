import * as z from 'zod';
import { defineKind, evenly, many, num } from '../kind';
import { type Rounds, count, rounds, seconds, shared } from '../part';

const schema = z.strictObject({ kind: z.literal('passes'), passes: count(60), passSeconds: seconds(60), ...shared });
type Passes = z.infer<typeof schema>;

export const passes = (n: number, passSeconds: number, r: Rounds = {}): Passes => ({
  kind: 'passes',
  passes: n,
  passSeconds,
  ...rounds(r),
});

const unit = ['pass', 'passes'] as const;

/** Slow passes over the foot, as in rolling; the phases of the exercise stretch to the length of a pass. */
export const passesKind = defineKind({
  schema,
  name: 'slow passes',
  unit,
  plain: passes(8, 6),
  numbers: {
    passes: num('passes', 'counts', true),
    passSeconds: num('seconds of each pass', 'seconds'),
  },
  sentence: ({ passes: n }) => [{ at: 'passes' }, `slow ${many(n, unit)} of`, { at: 'passSeconds' }],
  say: ({ passes: n }, amount) => `${amount} slow ${many(n, unit)}`,
  amount: () => 'passes',
  layOut: (part) => ({ units: part.passes, gapMs: 0, unitStartMs: evenly(part.passSeconds * 1000) }),
  phasesMs: (part, phaseSeconds) => stretched(phaseSeconds, part.passSeconds * 1000),
  called: 'units',
  event: 'pass',
  gapEvent: null,
  stitch: 'stitch',
  gathers: true,
  alternates: false,
  paced: 'counted',
  roundsPhases: false,
  demonstrated: false,
  countable: true,
});

/** Phases in the same proportion, whole ms, adding up to a given length. */
function stretched(phaseSeconds: readonly number[], totalMs: number): number[] {
  const whole = phaseSeconds.reduce((a, b) => a + b, 0);
  const edges = phaseSeconds.map((_, i) =>
    Math.round((totalMs * phaseSeconds.slice(0, i + 1).reduce((a, b) => a + b, 0)) / whole),
  );
  return edges.map((edge, i) => edge - (edges[i - 1] ?? 0));
}
