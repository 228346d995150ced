import type { Exercise } from '../../exercise';
import { exercise, performance, phase, range, say, stops } from '../author';
import { type Lent, ballLevels, ballUnder, firm, lentStanding, wall } from '../shared/release';

const phases = ({ on, other, percent }: Lent) => [
  phase('wait', 10, ballUnder('middle', on), { other, breath: 'out', bodyWeightPercent: Math.min(percent, 30) }),
];
const doses = range(stops(2, 10, 3), stops(3, 10, 3), stops(6, 10, 3), 'usual practice');

export const soreSpotWait: Exercise = exercise({
  id: 'sore-spot-wait',
  name: say('Wait on a tender spot', 'Sustained plantar pressure'),
  family: 'release',
  purpose: 'Stays on a tender place of the sole until it softens, then finds the next.',
  stage: 'passive',
  directions: [],
  faults: [
    { seen: 'the foot moves on after one breath', from: 'front', say: 'Stay. A few breaths more.' },
    { seen: 'face and shoulders tighten', from: 'front', say: 'Take weight off until your face lets go.' },
  ],
  cues: {
    setup: say('Side to the wall, a hand on it, ball under the foot, weight on the other leg.'),
    action: say('Find a tender place. Stop there, and wait until it softens.'),
    breath: say('Long breath out, into the spot.'),
    picture: say('Butter on warm bread: you do not push, you wait.'),
    correction: say('Up to three out of ten, never more.'),
  },
  foundBy: ['sore', 'tender', 'trigger', 'ball', 'pressure', 'release'],
  schools: { rolling: 'stops', tightSpot: 'wait' },
  performance: performance({
    situations: ['ball-under-heel'],
    facing: 'support',
    sidePattern: 'each',
    kit: [firm, wall],
    phases: phases(lentStanding),
    regions: { 'plantar-tissue': 2 },
    balance: { working: 0, standing: 1 },
  }),
  doses,
  ladder: ballLevels(phases, firm, doses),
  levelWords: {
    seated: { setup: 'Sit, ball under one foot, the weight of the leg on it.' },
    'standing-light': { setup: 'Side to the wall, a hand on it, ball under the foot, only a little weight on it.' },
  },
});
