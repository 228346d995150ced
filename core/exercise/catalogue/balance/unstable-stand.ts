import type { Exercise } from '../../exercise';
import {
  cleanHold,
  cues,
  exercise,
  fault,
  holds,
  kit,
  ladder,
  offTheFloor,
  performance,
  phase,
  range,
  rung,
  say,
} from '../author';
import { bent, chairBack, soft } from '../shared/unsteady';

export const unstableStand: Exercise = exercise({
  id: 'unstable-stand',
  name: say('Stand or squat on an unstable trainer', 'Reactive stance on an unstable surface'),
  family: 'balance',
  purpose:
    'Quick small answers of ankle and hip on something that moves. After two to four weeks of basics, once or twice a week.',
  stage: 'integrated',
  directions: [],
  faults: [
    fault('the trainer is soft or slides', 'front', 'Pump it firm, put it on a mat.'),
    fault('socks on', 'front', 'Bare feet: socks slip here.'),
    fault('knees locked', 'outer side', 'Bend to answer.'),
  ],
  cues: cues(
    'Firm trainer that cannot slide, barefoot, support in reach.',
    'Step on one foot at a time, soft knees, and let the ankles answer.',
    'A gull on a buoy.',
    'Lower, softer, slower.',
    'Keep breathing.',
  ),
  foundBy: ['half ball', 'wobble', 'unstable', 'balance', 'beam', 'reflex'],
  schools: { harderBalance: 'surface' },
  performance: performance({
    facing: 'support',
    kit: [kit('half-ball', 'room', { cushion: 'two cushions move less' }), chairBack],
    setup: 'props',
    phases: [phase('stand', 30, soft)],
    regions: { 'inner-ankle': 2, 'outer-ankle': 2, 'arch-intrinsics': 1, 'hip-and-trunk': 2 },
    balance: { working: 3, standing: 0 },
  }),
  doses: range(holds(1, 15, 15), holds(2, 30, 15), holds(3, 45, 15)),
  ladder: ladder(
    'held-two',
    rung(
      'held-two',
      'two feet, hands on the chair',
      { support: 'both hands', base: 'two feet', amount: 'stand' },
      range(holds(1, 15, 15), holds(2, 30, 15), holds(3, 45, 15)),
      cleanHold(30, '30 s with light hands, on two days.'),
    ),
    rung(
      'free-two',
      'two feet, hands free',
      { support: 'none', base: 'two feet', amount: 'stand' },
      range(holds(1, 15, 15), holds(2, 30, 15), holds(3, 45, 15)),
      cleanHold(45, '45 s hands free, on two days.'),
    ),
    rung(
      'squat-two',
      'two feet, small squats',
      { support: 'none', base: 'two feet', amount: 'squat' },
      range(holds(1, 15, 15), holds(2, 30, 15), holds(3, 45, 15)),
      cleanHold(45, '45 s of small squats, on two days.'),
      { change: { phases: [phase('squat and come up', 30, bent)] } },
    ),
    rung(
      'held-one',
      'one foot, hands on the chair',
      { support: 'both hands', base: 'one foot', amount: 'stand' },
      range(holds(1, 10, 15), holds(2, 15, 15), holds(3, 30, 15)),
      null,
      {
        why: 'One foot goes back to both hands and to quiet standing.',
        change: {
          sidePattern: 'each',
          phases: [phase('stand', 15, soft, { other: offTheFloor })],
          balance: { working: 3, standing: 3 },
        },
      },
    ),
  ),
  levelWords: {
    'held-two': { action: 'Hands on the chair, step on one foot at a time, and let the ankles answer.' },
    'squat-two': { action: 'Small squats on it, and let the ankles answer.' },
    'held-one': { action: 'Hands on the chair, one foot in the middle, and let the ankle answer.' },
  },
});
