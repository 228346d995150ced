import type { Exercise } from '../../exercise';
import { strapPress } from '../shared/arch';

export const strapPressOuter: Exercise = strapPress('outer');
