import * as z from 'zod';
import type { Foot } from './reading';

export type AskReason = 'unusual-value' | 'trials-differ' | 'far-from-own' | 'own-above-by-hand';
export type RefuseReason = 'outside-limits' | 'future-date' | 'no-consent';
export type Reason =
  | AskReason
  | RefuseReason
  | 'conditions'
  | 'few-trials'
  | 'practice'
  | 'picked'
  | 'not-settled'
  | 'side-missing'
  | 'no-noise'
  | 'long-gap'
  | 'trials-not-known';

/** What a reading says against the student's own earlier ones. */
export const Verdict = z.enum([
  'first-reading',
  'too-early',
  'within-noise',
  'perhaps',
  'changed',
  'not-seen-again',
  'at-ceiling',
  'at-floor',
  'not-comparable',
  'ask',
  'refused',
  'not-judged',
]);
export type Verdict = z.infer<typeof Verdict>;

/** Numbers go more or less; words towards what is hoped, away from it, or elsewhere. */
export type Direction = 'more' | 'less' | 'towards' | 'away' | 'other';
export type How = 'at-once' | 'seen-twice' | 'slowly' | 'seen-in-a-row';

/** The numbers behind a verdict, all on the judging scale; `fromScale` gives them in the check's unit. */
export interface Figures {
  /** The mean of the readings it is compared with, and their first and last day. */
  readonly reference: number;
  readonly from: number;
  readonly to: number;
  readonly difference: number;
  /** One standard error of this comparison. */
  readonly noise: number;
  /** Cut at the end of the check: the difference is at least this. */
  readonly atLeast: boolean;
}

/** One date of one foot, judged. */
export interface Judged {
  readonly readingIds: readonly string[];
  readonly foot: Foot;
  readonly series: string;
  readonly day: number;
  /** In the check's unit; a word, for checks that give one. */
  readonly value: number | string;
  readonly verdict: Verdict;
  readonly reason: Reason | null;
  readonly direction: Direction | null;
  readonly how: How | null;
  readonly figures: Figures | null;
}
