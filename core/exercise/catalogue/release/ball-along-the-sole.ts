import type { Exercise } from '../../exercise';
import { exercise, kit, passes, performance, phase, range, say, stands } from '../author';
import { ballUnder, softBallInstead } from '../shared/release';

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
    setup: say('Hand on the wall. Ball under the ball of one foot, about half your weight on it.'),
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
    kit: [
      kit('firm-ball', 'person', softBallInstead),
      kit('wall', 'room', { chair: 'a chair back steadies less than a wall' }),
    ],
    floor: 'smooth-hard',
    phases: [
      phase('ball under the front', 1, ballUnder('innerBall'), { other: stands, breath: 'in', bodyWeightPercent: 40 }),
      phase('sweep to the heel', 5, ballUnder('heel'), { other: stands, breath: 'out', bodyWeightPercent: 45 }),
    ],
    regions: { 'plantar-tissue': 2, 'toe-flexors': 1 },
    balance: { working: 0, standing: 1 },
  }),
  doses: range(passes(5, 6), passes(8, 6), passes(10, 6), 'usual practice'),
});
