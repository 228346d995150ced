import type { Exercise } from '../../exercise';
import { exercise, passes, performance, phase, range, say } from '../author';
import { type Lent, ballLevels, ballUnder, firm, lentStanding, wall } from '../shared/release';

const phases = ({ on, other, percent }: Lent) => [
  phase('ball under the front', 1, ballUnder('innerBall', on), { other, breath: 'in', bodyWeightPercent: percent }),
  phase('along the middle', 2, ballUnder('middle', on), { other, breath: 'out', bodyWeightPercent: percent }),
  phase('to the heel', 2, ballUnder('heel', on), { other, breath: 'out', bodyWeightPercent: percent }),
];
const doses = range(passes(5, 5), passes(8, 5), passes(10, 5), 'usual practice');

export const ballAlongTheSole: Exercise = exercise({
  id: 'ball-along-the-sole',
  name: say('Ball along the sole', 'Plantar sweep with a firm ball'),
  family: 'release',
  purpose: 'Slow sweeps from the ball of the foot to the heel, until the toes fan.',
  stage: 'passive',
  directions: ['toes-spread'],
  faults: [
    { seen: 'one lane only', from: 'above', say: 'Middle, then inner edge, then outer edge.' },
    { seen: 'fast back and forth', from: 'outer side', say: 'As slow as honey; one way only.' },
    { seen: 'standing knee locked', from: 'outer side', say: 'Soft knee on the leg that holds you.' },
  ],
  cues: {
    setup: say('Side to the wall, a hand on it. Ball under the front of one foot, nearly half your weight on it.'),
    action: say('Draw the ball slowly towards the heel. Lift, start again in front.'),
    breath: say('Breathe out as you sink in.'),
    picture: say('You are pressing the last toothpaste out of the tube.'),
    correction: say('Slower, and a new lane.'),
  },
  foundBy: ['roll', 'ball', 'massage', 'sole', 'tired feet', 'release'],
  schools: { rolling: 'sweeps' },
  performance: performance({
    facing: 'support',
    sidePattern: 'each',
    kit: [firm, wall],
    floor: 'smooth-hard',
    phases: phases(lentStanding),
    regions: { 'plantar-tissue': 2, 'toe-flexors': 1 },
    balance: { working: 0, standing: 1 },
  }),
  doses,
  ladder: ballLevels(phases, firm, doses, 'nearly half'),
  levelWords: {
    seated: { setup: 'Sit, ball under the front of one foot.' },
    'standing-light': {
      setup: 'Side to the wall, a hand on it. Ball under the front of one foot, little weight on it.',
    },
  },
});
