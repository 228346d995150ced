import type { Exercise } from '../../exercise';
import { fourPartPoint } from '../shared/band';

export const freeFourPartPoint: Exercise = fourPartPoint(false);
