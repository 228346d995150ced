import type { Exercise } from '../../exercise';
import { allToesUp } from './all-toes-up';
import { bigToeOverEdge } from './big-toe-over-the-edge';
import { bigToeOwnRange } from './big-toe-own-range';
import { bigToeSpring } from './big-toe-spring';
import { bigToeUp } from './big-toe-up';
import { fourToesUp } from './four-toes-up';
import { groundTheToes } from './ground-the-toes';
import { layDownOneByOne } from './lay-down-one-by-one';
import { layDownBigToeFirst } from './lay-down-big-toe-first';
import { splitHold } from './toe-split-hold';
import { spreadAndNarrow } from './spread-and-narrow';
import { steeredToe } from './steered-big-toe';
import { toeLiftsInSquat } from './toe-lifts-in-squat';
import { toeSeesaw } from './toe-seesaw';

export const toesExercises: readonly Exercise[] = [
  steeredToe,
  bigToeUp,
  fourToesUp,
  layDownOneByOne,
  splitHold,
  spreadAndNarrow,
  allToesUp,
  bigToeOverEdge,
  bigToeOwnRange,
  bigToeSpring,
  groundTheToes,
  toeLiftsInSquat,
  toeSeesaw,
  layDownBigToeFirst,
];
