import type { Exercise } from '../../exercise';
import { exercise, performance, phase, range, say, standing, timed } from '../author';

export const walkAndNotice: Exercise = exercise({
  id: 'walk-and-notice',
  name: say('Walk and notice', 'Baseline gait observation'),
  family: 'check',
  purpose: 'Gives each student something to compare with later, before anything is done.',
  stage: 'integrated',
  directions: [],
  faults: [
    { seen: 'the steps turn careful and stiff', from: 'front', say: 'Walk as if you were late for the bus.' },
    { seen: 'eyes on the floor', from: 'front', say: 'Look at the far wall and feel from inside.' },
  ],
  cues: {
    setup: say('Shoes and socks off, somewhere to walk.'),
    action: say('Walk as you always do. Which foot is heavier? Which toes do you feel?'),
    breath: null,
    picture: say('You are reading your own footprints while you make them.'),
    correction: say('Nothing to improve yet. Only notice.'),
  },
  foundBy: ['walk', 'look', 'before', 'baseline', 'notice'],
  performance: performance({
    position: 'walking',
    facing: 'lane',
    sidePattern: 'travelling',
    floorsRuledOut: [],
    phases: [phase('walk', 20, standing)],
    balance: { working: 0, standing: 0 },
  }),
  doses: range(timed(10), timed(20), timed(60), 'usual practice'),
});
