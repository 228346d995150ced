import type { Exercise } from '../../exercise';
import { withLevels } from '../author';
import { stepRise } from '../shared/rise';

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
