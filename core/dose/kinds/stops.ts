import * as z from 'zod';
import { defineKind, evenly, many, num } from '../kind';
import { type Rounds, count, rounds, seconds, shared } from '../part';

const schema = z.strictObject({
  kind: z.literal('stops'),
  spots: count(30),
  stopSeconds: seconds(120),
  /** To find the next spot. */
  shiftSeconds: z.int().min(0).max(30),
  ...shared,
});
type Stops = z.infer<typeof schema>;

export const stops = (spots: number, stopSeconds: number, shiftSeconds: number, r: Rounds = {}): Stops => ({
  kind: 'stops',
  spots,
  stopSeconds,
  shiftSeconds,
  ...rounds(r),
});

const spot = ['spot', 'spots'] as const;

/** A stay on each spot. */
export const stopsKind = defineKind({
  schema,
  name: 'stops on spots',
  unit: ['stop', 'stops'],
  plain: stops(3, 10, 3),
  numbers: {
    spots: num('spots', 'counts', true),
    stopSeconds: num('seconds on each spot', 'seconds', true),
    shiftSeconds: num('seconds to shift', 'pauses'),
  },
  sentence: ({ spots: n }) => [
    { at: 'spots' },
    `${many(n, spot)},`,
    { at: 'stopSeconds' },
    'on each,',
    { at: 'shiftSeconds' },
    'to shift',
  ],
  say: ({ spots: n, stopSeconds }, amount) => `${amount} ${many(n, spot)} of ${stopSeconds} s`,
  amount: () => 'spots',
  layOut: (part) => ({
    units: part.spots,
    gapMs: part.shiftSeconds * 1000,
    unitStartMs: evenly(part.stopSeconds * 1000),
  }),
  called: 'seconds',
  event: 'stop',
  gapEvent: 'shift',
  stitch: 'dot',
  gathers: true,
  alternates: false,
  paced: 'counted',
  roundsPhases: false,
  demonstrated: false,
  countable: true,
});
