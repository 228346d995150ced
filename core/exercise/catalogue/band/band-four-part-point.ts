import type { Exercise } from '../../exercise';
import { withLevels } from '../author';
import { fourPartPoint } from '../shared/band';

export const bandFourPartPoint: Exercise = withLevels(fourPartPoint(true), { preparedBy: ['four-part-point'] });
