import type { Exercise } from '../../exercise';
import { breathOnTheFeet } from './breathe-into-the-soles';
import { looseAnkleShake } from './loose-ankle-shake';
import { soleRestOnFloor } from './let-the-feet-lie';
import { walkAndCompare } from './walk-and-compare';

export const closeExercises: readonly Exercise[] = [walkAndCompare, looseAnkleShake, soleRestOnFloor, breathOnTheFeet];
