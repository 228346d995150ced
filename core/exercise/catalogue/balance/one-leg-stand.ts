import type { Exercise } from '../../exercise';
import { care, exercise, foot, holds, performance, phase, range, say, standing } from '../author';
import { chairBack, free } from '../shared/step';

export const oneLegStand: Exercise = exercise({
  id: 'one-leg-stand',
  name: say('Stand on one leg', 'Single-leg stance with fingertip support'),
  family: 'balance',
  purpose: 'An active foot under a quiet body, with fingers taken away one at a time.',
  stage: 'integrated',
  directions: [],
  faults: [
    { seen: 'the hip hangs out to the side', from: 'front', say: 'Nose, navel, heel in one line.' },
    { seen: 'toes claw', from: 'above', say: 'Long toes; press the big one.' },
    { seen: 'the big toe bobs', from: 'above', say: 'Steady big toe, soft knee.' },
  ],
  cautions: [care('pregnancy', 'change-support', 'Whole hand on the support throughout.')],
  cues: {
    setup: say('Beside the chair, fingertips on its back.'),
    action: say('Lift one foot just off the floor and stand on the other, three points and a long big toe.'),
    breath: say('Keep breathing.'),
    picture: say('A heron that has all day.'),
    correction: say('One finger more is not a failure.'),
  },
  foundBy: ['balance', 'one leg', 'stand', 'wobble', 'fingertips'],
  schools: { harderBalance: 'fingertips' },
  performance: performance({
    facing: 'support',
    sidePattern: 'each',
    kit: [chairBack],
    phases: [phase('stand', 30, foot(standing, { contacts: { bigToe: ['press', 'floor'] } }), { other: free })],
    regions: { 'arch-intrinsics': 1, 'inner-ankle': 1, 'outer-ankle': 1, 'hip-and-trunk': 2 },
    balance: { working: 2, standing: 2 },
  }),
  doses: range(holds(1, 15, 5), holds(1, 30, 5), holds(1, 60, 5), 'usual practice'),
  ladder: {
    startRung: 'five-fingers',
    rungs: (
      [
        ['five-fingers', 'five fingertips', '5 fingertips', 15, 30],
        ['three-fingers', 'three fingertips', '3 fingertips', 15, 30],
        ['one-finger', 'one fingertip', '1 fingertip', 15, 30],
        ['free', 'hands free, support in reach', '0 fingertips', 10, 30],
        ['crossed', 'arms crossed, eyes open, support in reach', '0 fingertips', 10, 30],
      ] as const
    ).map(([id, name, support, least, usual], i) => ({
      id,
      name,
      axes: id === 'crossed' ? { support, arms: 'crossed' } : { support },
      why: null,
      change: i < 3 ? { balance: { working: 2, standing: 2 } } : { balance: { working: 3, standing: 3 } },
      doses: range(holds(1, least, 5), holds(1, usual, 5), holds(1, 60, 5)),
      gate:
        i === 4
          ? null
          : {
              test: 'clean-hold-seconds' as const,
              value: 30,
              occasions: 2,
              words:
                '30 s on both feet without hopping or catching hold; over sixty, the seconds they own, the same on both feet.',
            },
    })),
  },
  levelWords: {
    'five-fingers': { setup: 'Beside the chair, five fingertips on its back.' },
    'three-fingers': { setup: 'Beside the chair, three fingertips on its back.' },
    'one-finger': { setup: 'Beside the chair, one fingertip on its back.' },
    free: { setup: 'Beside the chair in reach, hands free.' },
    crossed: { setup: 'Beside the chair in reach, arms crossed, eyes open.' },
  },
});
