import * as z from 'zod';
import { defineKind, evenly, many, num } from '../kind';
import { type Rounds, count, pauseSeconds, rounds, seconds, shared } from '../part';

const schema = z.strictObject({
  kind: z.literal('hold'),
  holds: count(60),
  holdSeconds: seconds(600),
  /** Between any two holds of one set. */
  restSeconds: pauseSeconds,
  ...shared,
});
type Hold = z.infer<typeof schema>;

export const holds = (n: number, holdSeconds: number, restSeconds: number, r: Rounds = {}): Hold => ({
  kind: 'hold',
  holds: n,
  holdSeconds,
  restSeconds,
  ...rounds(r),
});

const unit = ['hold', 'holds'] as const;

/** A position kept, once or several times. */
export const holdKind = defineKind({
  schema,
  name: 'holds',
  unit,
  plain: holds(1, 30, 5),
  numbers: {
    holds: num('holds', 'counts', true),
    holdSeconds: num('seconds of each hold', 'seconds', true),
    restSeconds: num('seconds of rest between holds', 'pauses'),
  },
  sentence: ({ holds: n }) => [
    ...(n === 1 ? [] : [{ at: 'holds' } as const, 'holds of']),
    { at: 'holdSeconds' },
    'hold,',
    { at: 'restSeconds' },
    'between',
  ],
  say: ({ holds: n, holdSeconds }, amount) =>
    n === 1 ? `${amount} s` : `${amount} ${many(n, unit)} of ${holdSeconds} s`,
  amount: ({ holds: n }) => (n === 1 ? 'holdSeconds' : 'holds'),
  layOut: (part) => ({
    units: part.holds,
    gapMs: part.restSeconds * 1000,
    unitStartMs: evenly(part.holdSeconds * 1000),
  }),
  called: 'seconds',
  event: 'hold',
  gapEvent: 'rest',
  stitch: 'satin',
  gathers: false,
  alternates: true,
  paced: 'counted',
  roundsPhases: false,
  demonstrated: false,
  countable: true,
});
