import { type RunState, currentBout } from './run';
import { type Sensation, sensationAnswers } from './sensation';

/** Somebody whose work is stopped at this moment; the class goes on. */
export interface Resting {
  /** When it was told: what a name is kept under, where the teacher said one. */
  readonly atMs: number;
  readonly sensation: Sensation;
  /** Stopped and referred: rests to the end of the class; else only in the exercise where it was felt. */
  readonly toTheEnd: boolean;
}

/** Who rests now: a stop is for this exercise, on both its feet; a stop sign that refers is for all that is to come. */
export function restingNow(state: RunState): Resting[] {
  const here = currentBout(state)?.itemId ?? null;
  return state.sensed.flatMap(({ atMs, itemId, sensation }) => {
    const { follows } = sensationAnswers[sensation];
    const toTheEnd = follows === 'stop-and-refer';
    const rests = toTheEnd || (follows === 'stop' && itemId !== null && itemId === here);
    return rests ? [{ atMs, sensation, toTheEnd }] : [];
  });
}
