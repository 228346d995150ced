import type { Exercise } from '../../exercise';
import { exercise, holds, performance, phase, range, say, standing } from '../author';

export const compareFeet: Exercise = exercise({
  id: 'stand-and-compare',
  name: say('Stand on the finished foot', 'Side-to-side comparison in stance'),
  family: 'check',
  purpose: 'Feels the worked foot against the other one: spread, warmth, steadiness.',
  stage: 'integrated',
  directions: [],
  faults: [
    { seen: 'weight hangs on one leg', from: 'front', say: 'Share the weight, then compare.' },
    { seen: 'knees locked back', from: 'outer side', say: 'Soft knees.' },
  ],
  cues: {
    setup: say('Stand up, both feet side by side.'),
    action: say('Feel down into both soles: which foot lies wider, which is steadier?'),
    breath: null,
    picture: say('Two leaves on the ground; which one lies flatter?'),
    correction: say('Both feet get the same weight.'),
  },
  foundBy: ['compare', 'sides', 'difference', 'left', 'right'],
  performance: performance({ phases: [phase('stand', 20, standing)] }),
  doses: range(holds(1, 10, 0), holds(1, 20, 0), holds(1, 30, 0)),
});
