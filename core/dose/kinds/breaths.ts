import * as z from 'zod';
import { defineKind, evenly, many, num } from '../kind';
import { type Rounds, count, rounds, shared } from '../part';

const schema = z.strictObject({
  kind: z.literal('breaths'),
  breaths: count(60),
  breathSeconds: z.int().min(2).max(20),
  ...shared,
});
type Breaths = z.infer<typeof schema>;

export const breaths = (n: number, breathSeconds: number, r: Rounds = {}): Breaths => ({
  kind: 'breaths',
  breaths: n,
  breathSeconds,
  ...rounds(r),
});

const unit = ['breath', 'breaths'] as const;

/** As long as so many breaths. */
export const breathsKind = defineKind({
  schema,
  name: 'breaths',
  unit,
  plain: breaths(5, 5),
  numbers: {
    breaths: num('breaths', 'counts', true),
    breathSeconds: num('seconds of each breath', 'seconds'),
  },
  sentence: ({ breaths: n }) => [{ at: 'breaths' }, `${many(n, unit)} of`, { at: 'breathSeconds' }],
  say: ({ breaths: n }, amount) => `${amount} ${many(n, unit)}`,
  amount: () => 'breaths',
  layOut: (part) => ({ units: part.breaths, gapMs: 0, unitStartMs: evenly(part.breathSeconds * 1000) }),
  called: 'units',
  event: 'breath',
  gapEvent: null,
  stitch: 'satin',
  gathers: true,
  alternates: false,
  paced: 'counted',
  roundsPhases: false,
  demonstrated: false,
  countable: true,
});
