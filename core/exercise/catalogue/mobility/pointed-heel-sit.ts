import type { Exercise } from '../../exercise';
import {
  care,
  cleanHold,
  cues,
  exercise,
  fault,
  foot,
  holds,
  ladder,
  performance,
  phase,
  range,
  reps,
  rung,
  saw,
  say,
  standing,
} from '../author';
import { cushion, mat } from '../shared/ankle-stretch';

const pointed = foot(standing, {
  contacts: {
    heel: ['hang', 'air'],
    innerBall: ['hang', 'air'],
    outerBall: ['hang', 'air'],
    bigToe: ['rest', 'floor'],
    smallToes: ['rest', 'floor'],
  },
  ankle: 'down',
  toes: 'on-tops',
  knee: 'bent',
  weightLine: 'none',
});

export const pointedHeelSit: Exercise = exercise({
  id: 'pointed-heel-sit',
  name: say('Sit on the heels, feet pointed', 'Kneeling plantarflexion stretch and lift'),
  family: 'mobility',
  purpose: 'Stretches the front of the ankle; later the knees lift and the point carries weight.',
  stage: 'passive',
  directions: ['ankle-down'],
  faults: [
    fault('heels part', 'behind', 'Heels kiss.'),
    fault('the feet curve towards each other', 'behind', 'Feet straight back from the shins.'),
  ],
  cautions: [
    care('sore-knees', 'leave-out', 'No kneeling on sore knees; do the seated stretch instead.'),
    care('sore-big-toe-joint', 'leave-out', 'Leave it out while the big-toe joint is sore or stiff.'),
    care(
      'very-mobile-joints',
      'hold-at-rung',
      'No lifting of the knees; a cushion under the ankles, and not to the end.',
    ),
  ],
  cues: cues(
    'Kneel, tops of the feet on the mat, a cushion between seat and heels if you like.',
    'Sit back, heels together, and let the front of the ankles open.',
    'Two long brushes laid side by side.',
    'Heels together first.',
    'Breathe slowly.',
  ),
  foundBy: ['point', 'kneel', 'front of ankle', 'dancer', 'stretch', 'top of foot'],
  performance: performance({
    situations: ['end-range-point'],
    position: 'kneeling',
    kit: [mat],
    floor: 'padded',
    phases: [phase('stay', 20, pointed, { picture: 'ankle-side', body: 'sinks' })],
    regions: { shin: 2, 'toe-extensors': 1 },
  }),
  doses: range(holds(1, 10, 5), holds(1, 20, 5), holds(2, 30, 10), 'usual practice'),
  ladder: ladder(
    'sitting',
    rung(
      'cushioned',
      'a cushion between seat and heels',
      { support: 'cushion', lever: 'seat on cushion' },
      range(holds(1, 10, 5), holds(1, 20, 5), holds(2, 30, 10)),
      saw('The heels stay together to the end, both feet.'),
      { change: { kit: [mat, cushion] } },
    ),
    rung(
      'sitting',
      'seat on the heels',
      { support: 'none', lever: 'seat on heels' },
      range(holds(1, 10, 5), holds(1, 20, 5), holds(2, 30, 10), 'usual practice'),
      cleanHold(20, '20 s with the heels together, both feet.'),
      { why: 'The cushion is the lever here: taking it away moves both at once.' },
    ),
    rung(
      'knees-up',
      'hands behind, knees lift off the mat',
      { support: 'hands behind', lever: 'knees lifted' },
      range(
        [reps(6, { tempo: [2, 3] }), holds(1, 10, 0)],
        [reps(10, { tempo: [2, 3] }), holds(1, 15, 0)],
        [reps(15, { tempo: [2, 3] }), holds(1, 30, 0)],
        'usual practice',
      ),
      null,
      {
        why: 'Lifting the knees needs the hands behind; it goes back to support on purpose.',
        change: {
          phases: [
            phase('knees up', 2, pointed, { picture: 'ankle-side', body: 'rises', effort: true, undo: 'lower them' }),
            phase('lower them', 3, pointed, { picture: 'ankle-side', body: 'sinks', effort: false, undo: 'knees up' }),
          ],
          regions: { calf: 2, shin: 2, 'toe-extensors': 2, 'hip-and-trunk': 1 },
        },
      },
    ),
  ),
  levelWords: {
    cushioned: { setup: 'Kneel, tops of the feet on the mat, a cushion between seat and heels.' },
    sitting: { setup: 'Kneel, tops of the feet on the mat.' },
    'knees-up': {
      setup: 'Sit on the heels, tops of the feet on the mat, hands on the floor behind you.',
      action: 'Lift the knees off the mat, lower them. Stay up on the last one.',
    },
  },
});
