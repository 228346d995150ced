import type { Exercise } from '../../exercise';
import {
  cleanHold,
  cues,
  exercise,
  fault,
  foot,
  holds,
  ladder,
  offTheFloor,
  performance,
  phase,
  range,
  rung,
  saw,
  say,
  standing,
} from '../author';
import { chairBack } from '../shared/arch-work';

export const standOnThreePoints: Exercise = exercise({
  id: 'three-points-on-one-leg',
  name: say('Three points on one leg', 'Single-leg tripod'),
  family: 'arch',
  purpose: 'Keeps heel, inner ball and outer ball on the floor when one foot has to do it alone.',
  stage: 'integrated',
  directions: [],
  faults: [
    fault('the inner ball floats', 'inner side', 'Send the inner ball down before you lift the other foot.'),
    fault('toes hover or claw', 'above', 'Lay them long.'),
  ],
  cues: cues(
    'Fingertips on the chair, feet under your hips.',
    'Three points down, toes long. Shift over, lift the other foot, keep the three.',
    'A camera tripod that does not shake the picture.',
    'Inner ball first.',
  ),
  foundBy: ['tripod', 'one leg', 'arch', 'balance', 'three points'],
  performance: performance({
    facing: 'support',
    sidePattern: 'each',
    kit: [chairBack],
    phases: [
      phase('stand', 15, foot(standing, { midfoot: 'lifted', contacts: { bigToe: ['press', 'floor'] } }), {
        other: offTheFloor,
      }),
    ],
    regions: { 'arch-intrinsics': 2, 'inner-ankle': 1, 'outer-ankle': 1, 'hip-and-trunk': 1 },
    balance: { working: 2, standing: 2 },
  }),
  doses: range(holds(1, 10, 5), holds(2, 15, 5), holds(3, 30, 5)),
  ladder: ladder(
    'fingertips',
    rung(
      'both-feet',
      'both feet, fingertips',
      { base: 'hip width', support: 'fingertips' },
      range(holds(1, 10, 5), holds(2, 15, 5), holds(3, 30, 5)),
      saw('All three points stay, both feet.'),
      {
        change: {
          sidePattern: 'both',
          phases: [phase('stand', 15, foot(standing, { midfoot: 'lifted' }))],
          balance: { working: 0, standing: 0 },
        },
      },
    ),
    rung(
      'fingertips',
      'one foot, fingertips',
      { base: 'one foot', support: 'fingertips' },
      range(holds(1, 10, 5), holds(2, 15, 5), holds(3, 30, 5)),
      cleanHold(15, '15 s with three points on both feet.'),
    ),
    rung(
      'free',
      'one foot, hands free',
      { base: 'one foot', support: 'none' },
      range(holds(1, 10, 5), holds(2, 15, 5), holds(3, 30, 5)),
      null,
      { change: { balance: { working: 3, standing: 3 } } },
    ),
  ),
  levelWords: {
    'both-feet': { action: 'Three points down on both feet, toes long, and stay.' },
    free: { setup: 'Beside the chair, hands free, feet under your hips.' },
  },
});
