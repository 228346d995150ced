import type { Exercise } from '../../exercise';
import type { FootState } from '../../foot-state';
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
  restsFlat,
  rung,
  saw,
  say,
  seatedFlat,
} from '../author';
import { chair } from '../shared/hand';

const onTheLine = (meets: 'hand' | 'band' | 'air', hands?: FootState['hands']) => [
  phase(
    'lift on the line',
    2,
    foot(seatedFlat, {
      contacts: { bigToe: ['lift', meets], smallToes: ['press', 'floor'], innerBall: ['press', 'floor'] },
      hands,
    }),
    { other: restsFlat, undo: 'lower on the line', effort: true },
  ),
  phase(
    'lower on the line',
    2,
    foot(seatedFlat, {
      contacts: { bigToe: ['rest', meets === 'air' ? 'floor' : meets], innerBall: ['press', 'floor'] },
      hands,
    }),
    { other: restsFlat, undo: 'lift on the line', effort: false },
  ),
];

export const steeredToe: Exercise = exercise({
  id: 'steered-big-toe',
  name: say('Big toe lifted on a straight line', 'Hallux extension with manual alignment'),
  family: 'toes',
  purpose: 'Trains the lift while a hand, later a light loop, keeps the big toe on its line.',
  stage: 'active',
  directions: ['toes-lift'],
  faults: [
    fault('the toe slides towards the others', 'above', 'The hand holds the line; the toe does the lifting.'),
    fault('the hand does the lifting', 'above', 'Steer sideways only.'),
  ],
  cautions: [
    care('bunion-pain', 'go-gently', 'Never pushed towards its neighbour; pain at the bump ends it for today.'),
    care('sore-big-toe-joint', 'go-gently', 'A small, painless lift.'),
    care('numb-or-diabetic-feet', 'hold-at-rung', 'By hand only; nothing round the toe.'),
  ],
  cues: cues(
    'Sit, one foot flat. A finger between big and second toe, keeping them apart.',
    'Lift along the line of the finger, lower along it.',
    'A bead on a wire.',
    'Less height; stay on the wire.',
  ),
  foundBy: ['bunion', 'big toe', 'straight', 'align', 'hand', 'band'],
  performance: performance({
    position: 'chair-seated',
    sidePattern: 'each',
    kit: [chair],
    setup: 'props',
    phases: onTheLine('hand', ['big toe']),
    regions: { 'toe-extensors': 2, 'arch-intrinsics': 1 },
  }),
  doses: range(reps(4), reps(8), reps(12)),
  ladder: ladder(
    'hand',
    rung(
      'hand',
      'a hand keeps the line',
      { 'hand-help': 'hand steers' },
      range(reps(4), reps(8), reps(12)),
      saw('The toe lifts straight under the hand, both feet.', 2),
    ),
    rung(
      'loop',
      'a light loop keeps the line',
      { 'hand-help': 'light loop steers' },
      range(reps(4), reps(8), reps(12)),
      cleanReps(8, '8 straight ones on both feet.'),
      {
        change: {
          kit: [chair, kit('band', 'person', { strap: 'a strap round both big toes steers and does not stretch' })],
          band: { placement: 'big-toe', border: 'inner', purpose: 'align' },
          setup: 'fiddly',
          phases: onTheLine('band'),
        },
      },
    ),
    rung('free', 'nothing steers', { 'hand-help': 'none' }, range(reps(4), reps(8), reps(12)), null, {
      change: {
        phases: onTheLine('air'),
      },
    }),
  ),
  levelWords: {
    loop: {
      setup: 'Sit, a light loop round both big toes; the other foot moves off until the toe stands on its line.',
      action: 'Lift along the line of the loop, lower along it.',
    },
    free: { setup: 'Sit, one foot flat, nothing steering.', action: 'Lift straight, lower straight.' },
  },
});
