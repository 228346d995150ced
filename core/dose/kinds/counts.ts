import * as z from 'zod';
import { beatMs, defineKind, many, num } from '../kind';
import { type Rounds, count, rounds, shared } from '../part';

const schema = z.strictObject({
  kind: z.literal('counts'),
  phrases: count(64),
  countsPerPhrase: count(64),
  beatsPerMinute: z.int().min(30).max(240),
  ...shared,
});
type Counts = z.infer<typeof schema>;

export const counts = (phrases: number, countsPerPhrase: number, beatsPerMinute: number, r: Rounds = {}): Counts => ({
  kind: 'counts',
  phrases,
  countsPerPhrase,
  beatsPerMinute,
  ...rounds(r),
});

const unit = ['phrase', 'phrases'] as const;

/** Counts to music: phrases of counts at a tempo. */
export const countsKind = defineKind({
  schema,
  name: 'counts to music',
  unit,
  plain: counts(4, 8, 104),
  numbers: {
    phrases: num('phrases', 'counts', true),
    countsPerPhrase: num('counts in a phrase', 'counts'),
    beatsPerMinute: num('beats a minute', 'tempos'),
  },
  sentence: ({ phrases: n }) => [
    { at: 'phrases' },
    `${many(n, unit)} of`,
    { at: 'countsPerPhrase' },
    'counts at',
    { at: 'beatsPerMinute' },
    'beats a minute',
  ],
  say: (part, amount) => `${amount} × ${part.countsPerPhrase} counts at ${part.beatsPerMinute}`,
  amount: () => 'phrases',
  layOut: (part) => ({
    units: part.phrases,
    gapMs: 0,
    unitStartMs: (index) => beatMs(index * part.countsPerPhrase, part.beatsPerMinute),
  }),
  beats: ({ countsPerPhrase, beatsPerMinute }) => [countsPerPhrase, beatsPerMinute],
  called: 'beats',
  music: ({ beatsPerMinute }) => beatsPerMinute,
  event: 'phrase',
  gapEvent: null,
  stitch: 'phrase',
  gathers: true,
  alternates: false,
  paced: 'byTheClock',
  roundsPhases: false,
  demonstrated: false,
  countable: false,
});
