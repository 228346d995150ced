import type { Exercise } from '../../exercise';
import {
  care,
  checked,
  cleanHold,
  cues,
  exercise,
  fault,
  holds,
  ladder,
  offTheFloor,
  performance,
  phase,
  range,
  rung,
  saw,
  say,
} from '../author';
import { chairBack, oneLeg } from '../shared/toes';

export const groundTheToes: Exercise = exercise({
  id: 'ground-the-toes',
  name: say('Toes to the ground on one leg', 'Toe loading in single-leg stance'),
  family: 'toes',
  purpose: 'Puts the whole length of the toes to work while the leg stands on its own.',
  stage: 'integrated',
  directions: ['toes-curl'],
  faults: [
    fault('toes claw', 'above', 'Press them long, as if flattening paper.'),
    fault('the big toe bobs', 'above', 'A little weight into it, and leave it there.'),
  ],
  cautions: [care('cramp', 'go-gently', 'Cramp: put the other foot down, shake, come back.')],
  cues: cues(
    'Beside the chair, fingertips on it, one foot just off the floor.',
    'Notice the toes you stand on. Press them long and keep them there.',
    'Five roots go into the ground; none of them bends.',
    'Half the pressure, twice the length.',
  ),
  foundBy: ['toes', 'one leg', 'balance', 'grip', 'ground'],
  performance: performance({
    facing: 'support',
    sidePattern: 'each',
    kit: [chairBack],
    footwear: 'any',
    phases: [phase('stand and press', 20, oneLeg('press', 'press'), { other: offTheFloor })],
    regions: { 'toe-flexors': 2, 'arch-intrinsics': 1, 'hip-and-trunk': 1 },
    balance: { working: 2, standing: 2 },
  }),
  doses: range(holds(1, 10, 5), holds(2, 20, 5), holds(3, 30, 5)),
  ladder: ladder(
    'notice',
    rung(
      'notice',
      'only notice which toes press',
      { amount: 'notice', support: 'fingertips' },
      range(holds(1, 10, 5), holds(2, 15, 5), holds(2, 30, 5)),
      saw('All five toes lie down and none claws, both feet.'),
      {
        change: {
          phases: [phase('stand and notice', 15, oneLeg('rest', 'rest'), { other: offTheFloor })],
          regions: { 'toe-flexors': 1, 'hip-and-trunk': 1 },
        },
      },
    ),
    rung(
      'big-toe',
      'press the big toe',
      { amount: 'big toe', support: 'fingertips' },
      range(holds(1, 10, 5), holds(2, 20, 5), holds(3, 30, 5)),
      checked('big-toe-stays-down', 'The big toe stays steady, both feet.'),
      {
        change: { phases: [phase('stand and press', 20, oneLeg('press', 'rest'), { other: offTheFloor })] },
      },
    ),
    rung(
      'all-five',
      'press all five, long',
      { amount: 'all five', support: 'fingertips' },
      range(holds(1, 10, 5), holds(2, 20, 5), holds(3, 30, 5)),
      cleanHold(20, '20 s with long toes on both feet.'),
    ),
    rung(
      'free',
      'all five, hands free',
      { amount: 'all five', support: 'none' },
      range(holds(1, 10, 5), holds(2, 20, 5), holds(3, 30, 5)),
      null,
      { change: { balance: { working: 3, standing: 3 } } },
    ),
  ),
  levelWords: {
    notice: { action: 'Notice the toes you stand on. Change nothing.' },
    'big-toe': { action: 'Press the big toe long and keep it there.' },
    'all-five': { action: 'Press all five toes long and keep them there.' },
    free: {
      setup: 'Beside the chair, hands free and near it, one foot just off the floor.',
      action: 'Press all five toes long and keep them there.',
    },
  },
});
