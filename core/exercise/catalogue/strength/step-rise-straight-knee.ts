import type { Exercise } from '../../exercise';
import { withLevels } from '../author';
import { stepRise } from '../shared/rise';

export const stepRiseStraight: Exercise = withLevels(stepRise('straight'), {
  levelWords: {
    'floor-two': {
      setup: 'Hands on the wall, feet parallel.',
      action: 'Rise to full height, knees straight. Lower slowly.',
      picture: 'A lift to the top floor, and the slow one down.',
    },
    'two-up-one-down': {
      setup: 'Balls of both feet on the step edge, hands on the wall.',
      action: 'Two feet up, knees straight. Take one off, and let the other down slowly below the edge.',
    },
    'floor-one': {
      setup: 'Hands on the wall, one foot off the floor.',
      action: 'Rise to full height, knee straight. Lower slowly.',
      picture: 'A lift to the top floor, and the slow one down.',
    },
  },
});
