import type { Exercise, Rung } from '../exercise';
import type { Execution } from '../resolve';

/** What a foot teacher would stumble over in an exercise: said, never forbidden. */
export interface SenseNote {
  readonly code: SenseCode;
  /** The level it is about; null for the exercise as written. */
  readonly rungId: string | null;
  /** What, why, and what to do instead. */
  readonly words: string;
}

export type SenseCode =
  | 'felt-not-seen'
  | 'seen-from-elsewhere'
  | 'other-levels-words'
  | 'gate-above-usual'
  | 'gate-passes-everybody'
  | 'gate-says-what-is-not-meant'
  | 'support-out-of-reach'
  | 'rating-without-load'
  | 'ways-not-multiplied'
  | 'too-long-to-say'
  | 'no-door-of-weeks'
  | 'effort-unsaid'
  | 'other-foot-unsaid';

/** One way of doing it: the exercise as written, or one of its levels. */
export interface Way {
  readonly exercise: Exercise;
  /** Null where there is no ladder, or for the exercise as written. */
  readonly rung: Rung | null;
  /** The level before, as it is done; null for the first. */
  readonly before: Execution | null;
  readonly done: Execution;
}

/** A sense judges one way of doing it and says what it stumbles over. */
export type Sense = (way: Way) => readonly Omit<SenseNote, 'rungId'>[];
