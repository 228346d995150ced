import type { Exercise } from '../../exercise';
import { fourPartPoint } from '../shared/band';
import { withLevels } from '../author';

export const bandFourPartPoint: Exercise = withLevels(fourPartPoint(true), { preparedBy: ['four-part-point'] });
