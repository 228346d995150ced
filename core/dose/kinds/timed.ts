import * as z from 'zod';
import { sayTime } from '../../say-time';
import { defineKind, evenly, num } from '../kind';
import { type Rounds, rounds, seconds as upTo, shared } from '../part';

const schema = z.strictObject({ kind: z.literal('timed'), seconds: upTo(1800), ...shared });
type Timed = z.infer<typeof schema>;

export const timed = (seconds: number, r: Rounds = {}): Timed => ({ kind: 'timed', seconds, ...rounds(r) });

/** Work by the clock. */
export const timedKind = defineKind({
  schema,
  name: 'a time',
  unit: ['stretch of time', 'stretches of time'],
  plain: timed(60),
  numbers: { seconds: num('seconds', 'seconds', true) },
  sentence: () => [{ at: 'seconds' }],
  say: ({ seconds, range }, amount) => (range ? `${amount} s` : sayTime(seconds * 1000)),
  amount: () => 'seconds',
  layOut: (part) => ({ units: 1, gapMs: 0, unitStartMs: evenly(part.seconds * 1000) }),
  called: 'seconds',
  event: 'time',
  gapEvent: null,
  stitch: 'satin',
  gathers: false,
  alternates: false,
  paced: 'byTheClock',
  roundsPhases: true,
  demonstrated: false,
  countable: false,
});
