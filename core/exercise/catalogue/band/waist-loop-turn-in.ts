import type { Exercise } from '../../exercise';
import { withLevels } from '../author';
import { turn } from '../shared/loop';

export const waistLoopTurnIn: Exercise = withLevels(turn('in'), {
  levelWords: {
    'no-loop': { setup: 'Seated, foot propped on the other leg.', action: 'Turn the sole to the middle. Slow return.' },
    raised: { setup: 'Seated, loop round waist and arch, foot held up. Hold its strand on the outer side of the leg.' },
    firmer: {
      setup: 'Seated, firmer loop round waist and arch, foot held up. Hold its strand on the outer side of the leg.',
    },
  },
});
