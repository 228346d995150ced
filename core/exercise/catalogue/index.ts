import type { Exercise } from '../exercise';
import { archExercises } from './arch';
import { balanceExercises } from './balance';
import { bandExercises } from './band';
import { checkExercises } from './check';
import { closeExercises } from './close';
import { gaitExercises } from './gait';
import { impactExercises } from './impact';
import { mobilityExercises } from './mobility';
import { releaseExercises } from './release';
import { strengthExercises } from './strength';
import { toesExercises } from './toes';

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
].flat();
