import type { Feet } from '../timeline';

/** What is said, by what it does for the class. */
export type CueMoment =
  /** The one idea of the class. */
  | 'idea'
  /** What stands in a talk of its own. */
  | 'talk'
  | 'setup'
  /** Which foot comes now. */
  | 'side'
  /** What somebody in this room has to mind. */
  | 'limit'
  /** Easier and harder, before the first rep. */
  | 'options'
  | 'action'
  | 'picture'
  | 'breath'
  | 'correction'
  /** The other way, on the last rep before it. */
  | 'turn'
  | 'last'
  | 'compare'
  /** Same, better or worse. */
  | 'ask'
  | 'take-off';

/** One thing that is said, and where it stands in the class. Times in ms of class time. */
export interface Cue {
  /** The bout it belongs to, and its item; null for the pause to compare. */
  readonly bout: number;
  readonly itemId: string | null;
  readonly moment: CueMoment;
  readonly feet: Feet;
  readonly words: string;
  /** The phase of a rep that it belongs to; null where it belongs to no one phase. */
  readonly phase: string | null;
  readonly startMs: number;
  /** How long there is until something else is said or done. */
  readonly roomMs: number;
  /** How long it takes at the teacher's own rate. */
  readonly sayMs: number;
}

/** Nobody speaks to the half second (Needlework's own). */
const graceMs = 500;

/** Whether the words are longer than their place. */
export const isTooLong = ({ sayMs, roomMs }: Pick<Cue, 'sayMs' | 'roomMs'>): boolean => sayMs > roomMs + graceMs;
