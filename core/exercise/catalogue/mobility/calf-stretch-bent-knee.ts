import type { Exercise } from '../../exercise';
import { calfStretch } from '../shared/mobility';
import { withLevels } from '../author';

export const calfStretchBent: Exercise = withLevels(calfStretch('bent'), {
  preparedBy: ['calf-stretch-straight-knee'],
});
