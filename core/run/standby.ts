import { type Execution, type Exercise, type School, letsGo, startingExecution } from '../exercise';
import { recheckExercise } from '../plan';

/** An exercise that can be put into a class while it is taught. */
export interface Standby {
  readonly revision: string;
  readonly exercise: Exercise;
}

/** Whether an exercise is kept at hand for a class on the floor: what shakes out, and the walk that looks again. */
export const isStandby = (exercise: Exercise): boolean =>
  exercise.id === recheckExercise || (exercise.family === 'close' && letsGo(exercise));

/** Where somebody is who shakes out where they are. */
const near: Readonly<Record<Execution['position'], readonly Execution['position'][]>> = {
  lying: ['lying', 'floor-seated'],
  'floor-seated': ['floor-seated', 'lying'],
  kneeling: ['kneeling', 'floor-seated'],
  'chair-seated': ['chair-seated'],
  standing: ['standing'],
  walking: ['walking', 'standing'],
};

/** What shakes out without leaving the place; null where nothing at hand does. */
export function shakeFor(
  position: Execution['position'],
  school: School,
  standbys: readonly Standby[],
): Standby | null {
  const shakes = standbys.filter(({ exercise }) => exercise.id !== recheckExercise && letsGo(exercise));
  for (const place of near[position]) {
    const found = shakes.find(({ exercise }) => startingExecution(exercise, school).position === place);
    if (found) return found;
  }
  return null;
}

/** The walk that looks again; null where it is not at hand. */
export const lookFor = (standbys: readonly Standby[]): Standby | null =>
  standbys.find(({ exercise }) => exercise.id === recheckExercise) ?? null;
