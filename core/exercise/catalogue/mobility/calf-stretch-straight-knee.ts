import type { Exercise } from '../../exercise';
import { calfStretch } from '../shared/mobility';

export const calfStretchStraight: Exercise = calfStretch('straight');
