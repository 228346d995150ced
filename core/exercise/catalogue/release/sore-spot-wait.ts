import type { Exercise } from '../../exercise';
import { exercise, kit, performance, phase, range, say, stands, stops } from '../author';
import { ballUnder, softBallInstead } from '../shared/release';

export const soreSpotWait: Exercise = exercise({
  id: 'sore-spot-wait',
  name: say('Wait on a tender spot', 'Sustained plantar pressure'),
  family: 'release',
  purpose: 'Stays on a tender place of the sole until it softens, then finds the next.',
  stage: 'passive',
  directions: [],
  faults: [
    { seen: 'leaving before it eases', from: 'front', say: 'Stay. A few breaths more.' },
    { seen: 'face and shoulders tighten', from: 'front', say: 'Take weight off until your face lets go.' },
  ],
  cues: {
    setup: say('Hand on the wall, ball under the foot, weight on the other leg.'),
    action: say('Find a tender place. Stop there, and wait until it softens.'),
    breath: say('Long breath out, into the spot.'),
    picture: say('Butter on warm bread: you do not push, you wait.'),
    correction: say('Up to three out of ten, never more.'),
  },
  foundBy: ['sore', 'tender', 'trigger', 'ball', 'pressure', 'release'],
  schools: { rolling: 'stops', tightSpot: 'wait' },
  performance: performance({
    facing: 'support',
    sidePattern: 'each',
    kit: [
      kit('firm-ball', 'person', softBallInstead),
      kit('wall', 'room', { chair: 'a chair back steadies less than a wall' }),
    ],
    phases: [phase('wait', 10, ballUnder('innerBall'), { other: stands, breath: 'out', bodyWeightPercent: 30 })],
    regions: { 'plantar-tissue': 2 },
    balance: { working: 0, standing: 1 },
  }),
  doses: range(stops(2, 10, 3), stops(3, 10, 3), stops(6, 10, 3), 'usual practice'),
});
