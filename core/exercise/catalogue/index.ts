import type { Exercise } from '../exercise';
import { archExercises } from './arch';
import { balanceExercises } from './balance';
import { bandExercises } from './band';
import { checkExercises } from './check';
import { closeExercises } from './close';
import { gaitExercises } from './gait';
import { impactExercises } from './impact';
import { mobilityExercises } from './mobility';
import { pairs } from './pairs';
import { releaseExercises } from './release';
import { strengthExercises } from './strength';
import { toesExercises } from './toes';
import { withPictures } from './pictures';

const halves = new Map(
  pairs.flatMap(([one, other]) => [
    [one, other],
    [other, one],
  ]),
);
const withPair = (exercise: Exercise): Exercise => {
  const pair = halves.get(exercise.id);
  return pair === undefined ? exercise : { ...exercise, pair };
};

/** The built-in exercises, family by family in the order of a usual class: one exercise a file, under its family and id. */
export const catalogue: readonly Exercise[] = [
  checkExercises,
  releaseExercises,
  mobilityExercises,
  toesExercises,
  archExercises,
  bandExercises,
  strengthExercises,
  gaitExercises,
  balanceExercises,
  impactExercises,
  closeExercises,
]
  .flat()
  .map(withPair)
  .map(withPictures);
