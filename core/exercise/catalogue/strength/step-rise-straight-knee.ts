import type { Exercise } from '../../exercise';
import { withLevels } from '../author';
import { stepRise } from '../shared/rise';

export const stepRiseStraight: Exercise = withLevels(stepRise('straight'), {
  levelWords: {
    'floor-two': {
      setup: 'Hands on the wall, feet parallel.',
      action: 'Rise to full height, knees straight. Lower slowly.',
    },
    'floor-one': {
      setup: 'Hands on the wall, one foot off the floor.',
      action: 'Rise to full height, knee straight. Lower slowly.',
    },
  },
});
