import type { Exercise } from '../../exercise';
import { breaths, cues, exercise, fault, foot, kit, performance, phase, range, say, standing, stands } from '../author';
import { wall } from '../shared/sole-pressure';

const archOnBall = foot(standing, {
  contacts: {
    heel: ['rest', 'floor'],
    innerBall: ['press', 'ball'],
    outerBall: ['press', 'ball'],
    bigToe: ['hang', 'air'],
    smallToes: ['hang', 'air'],
  },
  midfoot: 'let-down',
  toes: 'relaxed',
  weightLine: 'even',
});

export const archOnABall: Exercise = exercise({
  id: 'arch-on-a-ball',
  name: say('Arch laid over a ball', 'Sustained midfoot pressure'),
  family: 'release',
  purpose: 'Lets the whole middle of the foot drape over a softer ball and stay.',
  stage: 'passive',
  directions: ['toes-spread'],
  faults: [
    fault('toes grip the ball', 'above', 'Let them hang over the front like wet cloth.'),
    fault('weight is thrown on', 'front', 'Other leg carries; lend this one a third.'),
  ],
  cues: cues(
    'Hand on the wall, ball under the middle of the foot.',
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
    kit: [
      kit('soft-ball', 'person', {
        roller: 'a small roller, sideways under the arch',
        cloth: 'a rolled towel is softest',
      }),
      wall,
    ],
    phases: [phase('drape', 5, archOnBall, { other: stands, breath: 'out', body: 'sinks', bodyWeightPercent: 35 })],
    regions: { 'plantar-tissue': 2 },
    balance: { working: 0, standing: 1 },
  }),
  doses: range(breaths(3, 5), breaths(6, 5), breaths(10, 5)),
});
