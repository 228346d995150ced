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
  restsFlat,
  rung,
  saw,
  say,
  seatedFlat,
} from '../author';
import { chair } from '../shared/hand';

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
    care('bunion-pain', 'go-gently', 'Pain at the bump ends it for today.'),
    care('sore-big-toe-joint', 'go-gently', 'A small, painless lift.'),
    care('numb-or-diabetic-feet', 'hold-at-rung', 'By hand only; nothing round the toe.'),
  ],
  cues: cues(
    'Sit, one foot flat. A finger beside the big toe, towards its neighbour.',
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
    phases: [
      phase(
        'lift on the line',
        2,
        foot(seatedFlat, {
          contacts: { bigToe: ['lift', 'hand'], smallToes: ['press', 'floor'], innerBall: ['press', 'floor'] },
        }),
        { other: restsFlat, undo: 'lower on the line', effort: true },
      ),
      phase(
        'lower on the line',
        2,
        foot(seatedFlat, { contacts: { bigToe: ['rest', 'hand'], innerBall: ['press', 'floor'] } }),
        { other: restsFlat, undo: 'lift on the line', effort: false },
      ),
    ],
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
      cleanReps(8, '8 straight ones on both feet, on two days.'),
      {
        change: {
          kit: [chair, kit('band', 'person', { strap: 'a strap held by a partner steers as well' })],
          band: { placement: 'big-toe', border: 'inner', purpose: 'align' },
          setup: 'fiddly',
          phases: [
            phase(
              'lift on the line',
              2,
              foot(seatedFlat, {
                contacts: { bigToe: ['lift', 'band'], smallToes: ['press', 'floor'], innerBall: ['press', 'floor'] },
              }),
              { other: restsFlat, undo: 'lower on the line', effort: true },
            ),
            phase(
              'lower on the line',
              2,
              foot(seatedFlat, { contacts: { bigToe: ['rest', 'band'], innerBall: ['press', 'floor'] } }),
              { other: restsFlat, undo: 'lift on the line', effort: false },
            ),
          ],
        },
      },
    ),
    rung('free', 'nothing steers', { 'hand-help': 'none' }, range(reps(4), reps(8), reps(12)), null, {
      change: {
        phases: [
          phase(
            'lift on the line',
            2,
            foot(seatedFlat, {
              contacts: { bigToe: ['lift', 'air'], smallToes: ['press', 'floor'], innerBall: ['press', 'floor'] },
            }),
            { other: restsFlat, undo: 'lower on the line', effort: true },
          ),
          phase('lower on the line', 2, foot(seatedFlat, { contacts: { innerBall: ['press', 'floor'] } }), {
            other: restsFlat,
            undo: 'lift on the line',
            effort: false,
          }),
        ],
      },
    }),
  ),
  levelWords: {
    loop: {
      setup: 'Sit, one foot flat, a light loop drawing the big toe to its line.',
      action: 'Lift along the line of the loop, lower along it.',
    },
    free: { setup: 'Sit, one foot flat, nothing steering.', action: 'Lift straight, lower straight.' },
  },
});
