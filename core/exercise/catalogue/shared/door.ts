import { afterWeeks } from '../author';

/** Small jumps, for people new to impact: the earliest week of the usual five to eight. */
export const jumpsLater = afterWeeks(
  5,
  'For people new to impact: after five to eight weeks, and the sessions attended.',
);
export const jumpsNext = afterWeeks(
  6,
  'For people new to impact: a week after quiet small jumps with a support, or more.',
);
