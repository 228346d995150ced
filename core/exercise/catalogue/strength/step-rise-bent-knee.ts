import type { Exercise } from '../../exercise';
import { withLevels } from '../author';
import { stepRise } from '../shared/rise';

export const stepRiseBent: Exercise = withLevels(stepRise('bent'), {
  levelWords: {
    'floor-two': {
      setup: 'Hands on the wall, feet parallel.',
      action: 'Knees bent and they stay bent. Rise, lower slowly.',
    },
    'two-up-one-down': {
      setup: 'Balls of both feet on the step edge, hands on the wall.',
      action: 'Two feet up, knees bent. Take one off, and let the other down slowly below the edge.',
    },
    'floor-one': {
      setup: 'Hands on the wall, one foot off the floor.',
      action: 'Knee bent and it stays bent. Rise, lower slowly.',
    },
  },
});
