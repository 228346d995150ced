import type { Exercise } from '../exercise';
import { type KeepAsked, type Kept, keepLevel, stopOf } from './keeper';

/** A ladder on which something is to be said of somebody before their next class. */
export interface Move {
  readonly exercise: Exercise;
  readonly kept: Kept;
}

export interface MovesAsked extends Omit<KeepAsked, 'exercise'> {
  /** Exercises whose ladders somebody may stand on. */
  readonly exercises: readonly Exercise[];
}

/** What is to be said of somebody before their next class. */
export interface Moves {
  /** A stop sign of theirs, until a clinician has spoken: nothing else moves then. */
  readonly stop: { readonly sign: string; readonly date: string } | null;
  readonly moves: readonly Move[];
}

/** Where somebody is ready for more, or better a level lower, on the ladders they stand on. */
export function movesOf({ exercises, ...asked }: MovesAsked): Moves {
  const places = [...new Set(asked.notes.map(({ exerciseId }) => exerciseId ?? ''))];
  const stop = places.flatMap((exerciseId) => stopOf(asked.notes, exerciseId) ?? [])[0];
  if (stop) return { stop: { sign: stop.what.sign, date: stop.date }, moves: [] };
  const moves = exercises
    .map((exercise): Move => ({ exercise, kept: keepLevel({ ...asked, exercise }) }))
    .filter(({ kept: { verdict } }) => verdict === 'up' || verdict === 'down');
  return { stop: null, moves };
}
