import type { Exercise } from '../../exercise';
import { breaths, cues, exercise, fault, kit, performance, phase, range, say } from '../author';
import { type Lent, ballLevels, ballUnder, lentStanding, wall } from '../shared/release';

const ball = kit('soft-ball', 'person', {
  roller: 'a small roller, sideways under the arch',
  cloth: 'a rolled towel is softest',
});
const phases = ({ on, other, percent }: Lent) => [
  phase('drape', 5, ballUnder('middle', on), {
    other,
    breath: 'out',
    body: 'sinks',
    bodyWeightPercent: Math.min(percent, 35),
  }),
];
const doses = range(breaths(3, 5), breaths(6, 5), breaths(10, 5));

export const archOnABall: Exercise = exercise({
  id: 'arch-on-a-ball',
  name: say('Arch laid over a ball', 'Sustained midfoot pressure'),
  family: 'release',
  purpose: 'Lets the whole middle of the foot drape over a softer ball and stay.',
  stage: 'passive',
  directions: ['toes-spread'],
  faults: [
    fault('toes grip the ball', 'above', 'Let them hang over the front like wet cloth.'),
    fault('the hips slide over the ball at once', 'front', 'The other leg carries; lend this one a third.'),
  ],
  cues: cues(
    'Side to the wall, a hand on it, ball under the middle of the foot.',
    'Let the foot drape over it. Each breath out, a little heavier.',
    'A saddle settles on a horse.',
    'Heavier, not harder.',
    'Long breath out.',
  ),
  foundBy: ['arch', 'ball', 'press', 'release', 'tired feet', 'cramp'],
  schools: { rolling: 'stops' },
  performance: performance({
    facing: 'support',
    sidePattern: 'each',
    kit: [ball, wall],
    phases: phases(lentStanding),
    regions: { 'plantar-tissue': 2 },
    balance: { working: 0, standing: 1 },
  }),
  doses,
  ladder: ballLevels(phases, ball, doses),
  levelWords: {
    seated: { setup: 'Sit, ball under the middle of one foot.' },
    'standing-light': { setup: 'Side to the wall, a hand on it, ball under the middle of the foot, little weight.' },
  },
});
