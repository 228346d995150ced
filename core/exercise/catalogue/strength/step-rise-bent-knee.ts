import type { Exercise } from '../../exercise';
import { stepRise } from '../shared/rise';
import { withLevels } from '../author';

export const stepRiseBent: Exercise = withLevels(stepRise('bent'), {
  levelWords: {
    'floor-two': {
      setup: 'Hands on the wall, feet parallel.',
      action: 'Knees bent and they stay bent. Rise, lower slowly.',
    },
    'floor-one': {
      setup: 'Hands on the wall, one foot off the floor.',
      action: 'Knee bent and it stays bent. Rise, lower slowly.',
    },
  },
});
