import type { Exercise } from '../../exercise';
import { exercise, performance, phase, range, say, standing, timed } from '../author';

export const walkAndCompare: Exercise = exercise({
  id: 'walk-and-compare',
  name: say('Walk and compare', 'Gait re-check'),
  family: 'close',
  purpose: 'The same walk as at the start: same, better or worse decides what stays in the class.',
  stage: 'integrated',
  directions: [],
  faults: [
    { seen: 'eyes go down to the feet', from: 'front', say: 'Eyes up. Same is an answer. Worse is an answer.' },
    { seen: 'a different speed from the first walk', from: 'front', say: 'The pace you came in with.' },
  ],
  cues: {
    setup: say('Stand up slowly. The same lane as before.'),
    action: say('Walk as you did at the start. Same, better or worse?'),
    breath: null,
    picture: say('Lay this walk beside the first one, like two photographs.'),
    correction: say('No trying. Just walk.'),
  },
  foundBy: ['walk', 'after', 'compare', 'again', 're-check', 'end'],
  performance: performance({
    position: 'walking',
    facing: 'lane',
    sidePattern: 'travelling',
    floorsRuledOut: [],
    phases: [phase('walk', 20, standing)],
  }),
  doses: range(timed(10), timed(20), timed(30), 'usual practice'),
});
