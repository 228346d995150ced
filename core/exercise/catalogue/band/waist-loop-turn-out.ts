import type { Exercise } from '../../exercise';
import { withLevels } from '../author';
import { turn } from '../shared/loop';

export const waistLoopTurnOut: Exercise = withLevels(turn('out'), {
  levelWords: {
    'no-loop': {
      setup: 'Seated, foot propped on the other leg.',
      action: 'Turn the sole away from the middle. Slow return.',
    },
    raised: { setup: 'Seated, loop round waist and arch, foot held up. Hold its strand on the inner side of the leg.' },
    firmer: {
      setup: 'Seated, firmer loop round waist and arch, foot held up. Hold its strand on the inner side of the leg.',
    },
  },
});
