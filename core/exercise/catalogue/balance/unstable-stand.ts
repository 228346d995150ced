import type { Exercise } from '../../exercise';
import {
  cleanHold,
  cleanReps,
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
  reps,
  rung,
  say,
} from '../author';
import { chairBack, basicsFirst, footOn } from '../shared/unsteady';

const doses = range(holds(1, 15, 15), holds(2, 30, 15), holds(3, 45, 15));

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
    'Standing in the aisle of a train.',
    'Lower, softer, slower.',
    'Keep breathing.',
  ),
  foundBy: ['half ball', 'wobble', 'unstable', 'balance', 'beam', 'reflex'],
  schools: { harderBalance: 'surface' },
  performance: performance({
    facing: 'support',
    kit: [kit('half-ball', 'room', { cushion: 'two cushions move less' }), chairBack],
    setup: 'props',
    phases: [phase('stand', 30, footOn('half-ball'))],
    regions: { 'inner-ankle': 2, 'outer-ankle': 2, 'arch-intrinsics': 1, 'hip-and-trunk': 2 },
    balance: { working: 3, standing: 0 },
  }),
  doses,
  ladder: ladder(
    'pad-held',
    rung(
      'pad-held',
      'two feet on a cushion or low beam, hands on the chair',
      { surface: 'cushion or beam', support: 'both hands', base: 'two feet', amount: 'stand' },
      doses,
      cleanHold(30, '30 s with light hands.'),
      {
        change: {
          kit: [kit('cushion', 'person', { beam: 'a low beam, one foot behind the other' }), chairBack],
          setup: 'plain',
          phases: [phase('stand', 30, footOn('cushion'))],
          balance: { working: 2, standing: 0 },
        },
        door: basicsFirst,
      },
    ),
    rung(
      'held-two',
      'half-ball, two feet, hands on the chair',
      { surface: 'half-ball', support: 'both hands', base: 'two feet', amount: 'stand' },
      doses,
      cleanHold(30, '30 s with light hands.'),
      {
        change: { balance: { working: 2, standing: 0 } },
      },
    ),
    rung(
      'free-two',
      'half-ball, two feet, hands free',
      { surface: 'half-ball', support: 'none', base: 'two feet', amount: 'stand' },
      doses,
      cleanHold(30, '30 s hands free, no catching hold.'),
    ),
    rung(
      'squat-two',
      'half-ball, two feet, small squats',
      { surface: 'half-ball', support: 'none', base: 'two feet', amount: 'squat' },
      range(reps(4), reps(8), reps(12)),
      cleanReps(8, '8 small ones, the dome quiet.'),
      {
        change: {
          phases: [
            phase('sit a little', 2, footOn('half-ball', { knee: 'bent', ankle: 'up' }), {
              body: 'sinks',
              effort: false,
            }),
            phase('come up', 2, footOn('half-ball'), { body: 'rises', effort: true }),
          ],
        },
      },
    ),
    rung(
      'held-one',
      'half-ball, one foot, hands on the chair',
      { surface: 'half-ball', support: 'both hands', base: 'one foot', amount: 'stand' },
      range(holds(1, 10, 15), holds(2, 15, 15), holds(3, 30, 15)),
      null,
      {
        why: 'One foot goes back to both hands and to quiet standing.',
        change: {
          sidePattern: 'each',
          phases: [phase('stand', 15, footOn('half-ball'), { other: offTheFloor })],
          balance: { working: 3, standing: 3 },
        },
      },
    ),
  ),
  levelWords: {
    'pad-held': {
      setup: 'Cushion or low beam that cannot slide, barefoot, both hands on the chair.',
      action: 'Step on one foot at a time, soft knees, and let the ankles answer.',
    },
    'free-two': { setup: 'Firm trainer that cannot slide, barefoot, hands free, the chair in reach.' },
    'held-two': { action: 'Hands on the chair, step on one foot at a time, and let the ankles answer.' },
    'squat-two': {
      setup: 'Firm trainer that cannot slide, barefoot, hands free, the chair in reach.',
      action: 'Small squats on it, and let the ankles answer.',
    },
    'held-one': { action: 'Hands on the chair, one foot in the middle, and let the ankle answer.' },
  },
});
