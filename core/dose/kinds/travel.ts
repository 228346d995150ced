import * as z from 'zod';
import { beatMs, defineKind, evenly, many, num } from '../kind';
import { type Rounds, count, rounds, shared } from '../part';

const schema = z.strictObject({
  kind: z.literal('travel'),
  lengths: count(40),
  steps: count(200),
  stepsPerMinute: z.int().min(4).max(240),
  /** Between two lengths. */
  turnSeconds: z.int().min(0).max(60),
  ...shared,
});
type Travel = z.infer<typeof schema>;

export const travel = (n: number, steps: number, stepsPerMinute: number, r: Rounds = {}): Travel => ({
  kind: 'travel',
  lengths: n,
  steps,
  stepsPerMinute,
  turnSeconds: 4,
  ...rounds(r),
});

const unit = ['length', 'lengths'] as const;

/** Lengths of the room, in steps. */
export const travelKind = defineKind({
  schema,
  name: 'lengths of the room',
  unit,
  plain: travel(2, 20, 80),
  numbers: {
    lengths: num('lengths', 'counts', true),
    steps: num('steps in a length', 'counts', true),
    stepsPerMinute: num('steps a minute', 'tempos'),
  },
  sentence: ({ lengths: n }) => [
    { at: 'lengths' },
    `${many(n, unit)} of`,
    { at: 'steps' },
    'steps at',
    { at: 'stepsPerMinute' },
    'a minute',
  ],
  say: ({ steps }, amount) => `${amount} × ${steps} steps`,
  amount: () => 'lengths',
  layOut: (part) => ({
    units: part.lengths,
    gapMs: part.turnSeconds * 1000,
    unitStartMs: evenly(beatMs(part.steps, part.stepsPerMinute)),
  }),
  beats: ({ steps, stepsPerMinute }) => [steps, stepsPerMinute],
  called: 'beats',
  event: 'length',
  gapEvent: 'turn',
  stitch: 'chain',
  gathers: false,
  alternates: false,
  paced: 'counted',
  roundsPhases: false,
  demonstrated: false,
  countable: false,
});
