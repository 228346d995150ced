import type { Exercise } from '../../exercise';
import { withLevels } from '../author';
import { calfStretch } from '../shared/mobility';

export const calfStretchBent: Exercise = withLevels(calfStretch('bent'), {
  preparedBy: ['calf-stretch-straight-knee'],
});
