import type { Exercise } from '../../exercise';
import { bigToeByHand } from './big-toe-bend-by-hand';
import { compareFeet } from './stand-and-compare';
import { lineUp } from './line-up-parallel';
import { pressureTour } from './pressure-tour';
import { readTheTripod } from './read-the-tripod';
import { walkAndNotice } from './walk-and-notice';
import { watchTheToes } from './watch-the-toes';

export const checkExercises: readonly Exercise[] = [
  bigToeByHand,
  compareFeet,
  readTheTripod,
  walkAndNotice,
  watchTheToes,
  lineUp,
  pressureTour,
];
