import type { Exercise } from '../../exercise';
import { strapPress } from '../shared/arch';

export const strapPressInner: Exercise = strapPress('inner');
