import type { Exercise } from '../../exercise';
import {
  care,
  cleanReps,
  cues,
  exercise,
  fault,
  foot,
  kit,
  ladder,
  performance,
  phase,
  range,
  reps,
  rung,
  say,
  stands,
} from '../author';
import { chairBack, footOn } from '../shared/unsteady';

const squat = (ground: 'block' | 'floor') => [
  phase('sit down', 3, footOn(ground, { knee: 'bent', ankle: 'up' }), {
    other: foot(stands, { knee: 'bent', ankle: 'up' }),
    body: 'sinks',
    effort: false,
    undo: 'come up',
  }),
  phase('come up', 2, footOn(ground), { other: stands, body: 'rises', effort: true, undo: 'sit down' }),
];
const beam = kit('beam', 'person', { block: 'a firm block', step: 'a low step' });
const doses = range(reps(3), reps(6), reps(10));

export const beamSquat: Exercise = exercise({
  id: 'beam-squat',
  name: say('Squat with one foot raised', 'Asymmetric-height squat'),
  family: 'balance',
  purpose: 'One foot on a low beam or block, one on the floor: hips and ankles learn that ground is not level.',
  stage: 'integrated',
  directions: ['ankle-up'],
  faults: [
    fault('one hip shifts away at the bottom', 'front', 'The first hip that says stop decides the depth.'),
    fault('knees drift', 'front', 'Each knee over its own toes.'),
  ],
  cautions: [
    care('falls-or-faints', 'change-support', 'Both feet on the floor, both hands on the chair.'),
    care('sore-knees', 'go-gently', 'Shallow.'),
  ],
  cues: cues(
    'A hand on the chair, one foot on the beam, one on the floor, hip width.',
    'Sit down as far as the first hip lets you. Come up.',
    'One foot on the kerb, one in the road, both calm.',
    'Stop at the first hip.',
  ),
  foundBy: ['squat', 'uneven', 'beam', 'block', 'hips'],
  performance: performance({
    facing: 'support',
    sidePattern: 'each',
    kit: [beam, chairBack],
    footwear: 'bare or socks',
    phases: squat('block'),
    regions: { 'hip-and-trunk': 2, 'deep-calf': 1 },
    balance: { working: 2, standing: 1 },
  }),
  doses,
  ladder: ladder(
    'held',
    rung(
      'level',
      'both feet on the floor, a hand on the chair',
      { lever: 'floor level', support: 'one hand' },
      doses,
      cleanReps(6, '6 with both hips level at the bottom, both sides.'),
      { change: { kit: [chairBack], phases: squat('floor'), balance: { working: 1, standing: 1 } } },
    ),
    rung(
      'held',
      'one foot on the beam, a hand on the chair',
      { lever: 'a beam high', support: 'one hand' },
      doses,
      cleanReps(6, '6 with each knee over its own toes, both sides.'),
    ),
    rung('free', 'one foot on the beam, hands free', { lever: 'a beam high', support: 'none' }, doses, null, {
      change: { balance: { working: 2, standing: 2 } },
    }),
  ),
  levelWords: {
    level: { setup: 'A hand on the chair, feet hip width on the floor, one a hand’s width in front.' },
    free: { setup: 'Chair in reach, hands free, one foot on the beam, one on the floor, hip width.' },
  },
});
