import * as z from 'zod';
import { defineKind, evenly, num } from '../kind';
import { type Rounds, rounds, seconds, shared } from '../part';

const schema = z
  .strictObject({
    kind: z.literal('byFeel'),
    leastSeconds: seconds(900),
    usualSeconds: seconds(900),
    mostSeconds: seconds(900),
    ...shared,
  })
  .refine((p) => p.leastSeconds <= p.usualSeconds && p.usualSeconds <= p.mostSeconds, {
    error: 'bounds-order',
    path: ['usualSeconds'],
  });
type ByFeel = z.infer<typeof schema>;

export const byFeel = (least: number, usual: number, most: number, r: Rounds = {}): ByFeel => ({
  kind: 'byFeel',
  leastSeconds: least,
  usualSeconds: usual,
  mostSeconds: most,
  ...rounds(r),
});

/** By feel, until it is felt or form goes, between two bounds; the plan counts `usualSeconds`. */
export const byFeelKind = defineKind({
  schema,
  name: 'by feel',
  unit: ['go', 'goes'],
  plain: byFeel(20, 40, 60),
  numbers: {
    usualSeconds: num('seconds, usually', 'seconds', true),
    leastSeconds: num('seconds, at least', 'seconds'),
    mostSeconds: num('seconds, at most', 'seconds'),
  },
  sentence: () => [
    'by feel, about',
    { at: 'usualSeconds' },
    '(between',
    { at: 'leastSeconds' },
    'and',
    { at: 'mostSeconds' },
    ')',
  ],
  say: (_, amount) => `by feel, about ${amount} s`,
  amount: () => 'usualSeconds',
  inOrder: (part) => ({
    ...part,
    leastSeconds: Math.min(part.leastSeconds, part.usualSeconds),
    mostSeconds: Math.max(part.mostSeconds, part.usualSeconds),
  }),
  layOut: (part) => ({ units: 1, gapMs: 0, unitStartMs: evenly(part.usualSeconds * 1000) }),
  bounds: ({ leastSeconds, usualSeconds, mostSeconds }) => [leastSeconds, usualSeconds, mostSeconds],
  called: 'seconds',
  event: 'feel',
  gapEvent: null,
  stitch: 'fade',
  gathers: false,
  alternates: false,
  paced: 'counted',
  roundsPhases: true,
  demonstrated: false,
  open: true,
  countable: false,
});
