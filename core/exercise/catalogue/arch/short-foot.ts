import type { Exercise } from '../../exercise';
import {
  exercise,
  foot,
  footChange,
  holds,
  kit,
  performance,
  phase,
  range,
  say,
  seatedFlat,
  standing,
} from '../author';

const domed = foot(standing, { midfoot: 'lifted', toes: 'long' });

export const shortFoot: Exercise = exercise({
  id: 'short-foot',
  name: say('Arch lift with long toes', 'Short foot'),
  family: 'arch',
  purpose: 'Draws inner ball and heel towards each other so that the arch works while the toes stay long.',
  stage: 'active',
  directions: [],
  faults: [
    { seen: 'toes curl and grip', from: 'above', say: 'Long toes; paint the floor with them.' },
    { seen: 'inner ball lifts, weight goes to the outer edge', from: 'inner side', say: 'Inner ball stays heavy.' },
    { seen: 'knees squeeze or lock', from: 'front', say: 'Soft knees; only the sole works.' },
  ],
  cues: {
    setup: say('Feet hip width, toes wide and long.'),
    action: say(
      'Draw the inner ball towards the heel without curling a toe. Hold.',
      'Draw the first metatarsal head towards the calcaneus, toe joints straight. Hold.',
    ),
    breath: null,
    picture: say('A tent pole rises in the middle; the pegs stay in the ground.'),
    correction: say('Half the effort, no toes.'),
  },
  foundBy: ['arch', 'short foot', 'dome', 'flat feet', 'lift'],
  schools: { archWork: 'long-toes-press' },
  performance: performance({
    sidePattern: 'both',
    phases: [phase('hold', 10, domed)],
    regions: { 'arch-intrinsics': 3 },
  }),
  schoolVariants: [
    {
      when: { archWork: 'toe-tips-stay' },
      change: {},
      foot: footChange({
        contacts: {
          innerBall: ['lift', 'air'],
          outerBall: ['lift', 'air'],
          bigToe: ['press', 'floor'],
          smallToes: ['press', 'floor'],
        },
      }),
      cues: {
        action: say(
          'Heel and toe tips stay; lift the ball of the foot towards the ankle, toes flat. Hold.',
          'Anchor calcaneus and distal phalanges; lift the metatarsal heads, toe joints straight. Hold.',
        ),
        picture: say('A bridge rises between its two banks.'),
        correction: say('Toe tips flat, half the effort.'),
      },
      faults: [
        { seen: 'toes curl and grip', from: 'above', say: 'Flat to the tips; paint the floor with them.' },
        { seen: 'the heel leaves the floor', from: 'outer side', say: 'Heel heavy; only the ball lifts.' },
      ],
    },
  ],
  doses: range(holds(3, 5, 5), holds(4, 10, 5), holds(5, 10, 5), 'usual practice'),
  ladder: {
    startRung: 'standing',
    rungs: [
      {
        id: 'seated',
        name: 'seated, no weight on the foot',
        axes: { base: 'seated' },
        why: null,
        change: {
          position: 'chair-seated',
          kit: [kit('chair')],
          phases: [phase('hold', 5, foot(seatedFlat, { midfoot: 'lifted' }))],
          regions: { 'arch-intrinsics': 2 },
        },
        doses: range(holds(3, 5, 5), holds(5, 5, 5), holds(5, 10, 5)),
        gate: {
          test: 'teacher-saw-it',
          value: null,
          occasions: 2,
          words: 'The arch lifts and the toes stay long, both feet.',
        },
      },
      {
        id: 'standing',
        name: 'standing on both feet',
        axes: { base: 'hip width' },
        why: null,
        change: {},
        doses: range(holds(3, 5, 5), holds(4, 10, 5), holds(5, 10, 5), 'usual practice'),
        gate: {
          test: 'clean-hold-seconds',
          value: 10,
          occasions: 2,
          words: '10 s without a curled toe on both feet.',
        },
      },
      {
        id: 'in-shoes',
        name: 'standing in shoes, where nobody sees it',
        axes: { base: 'hip width', surface: 'in shoes' },
        why: null,
        change: { footwear: 'any' },
        doses: range(holds(3, 5, 5), holds(4, 10, 5), holds(5, 10, 5)),
        gate: {
          test: 'clean-hold-seconds',
          value: 10,
          occasions: 1,
          words: '10 s; the laces of both shoes ease and the heels stay.',
        },
      },
      {
        id: 'one-foot',
        name: 'standing on one foot, fingers on a chair',
        axes: { base: 'one foot', support: 'fingers' },
        why: 'Shoes off again, and one foot goes with fingers on a chair, on purpose.',
        change: {
          sidePattern: 'each',
          facing: 'support',
          kit: [kit('chair')],
          phases: [
            phase('hold', 10, domed, {
              other: foot(standing, {
                role: 'rests',
                contacts: {
                  heel: ['lift', 'air'],
                  innerBall: ['lift', 'air'],
                  outerBall: ['lift', 'air'],
                  bigToe: ['hang', 'air'],
                  smallToes: ['hang', 'air'],
                },
                weightLine: 'none',
              }),
            }),
          ],
          balance: { working: 2, standing: 2 },
        },
        doses: range(holds(2, 5, 5), holds(3, 10, 5), holds(5, 10, 5)),
        gate: null,
      },
    ],
  },
  levelWords: {
    seated: { setup: 'Sit, both feet flat, toes wide and long.' },
    'in-shoes': {
      setup: 'Feet hip width in your shoes, toes wide and long inside them.',
      correction: 'Half the effort; nothing to be seen but the laces.',
    },
    'one-foot': { setup: 'Fingers on the chair, weight on one foot, toes wide and long.' },
  },
});
