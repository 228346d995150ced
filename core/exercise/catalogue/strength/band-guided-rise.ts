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
  onTheBall,
  performance,
  phase,
  range,
  reps,
  rung,
  say,
  seatedFlat,
  standing,
  stands,
} from '../author';
import { chair } from '../shared/arch-work';
import { chairBack } from '../shared/rise';

const up = foot(onTheBall, { contacts: { bigToe: ['press', 'floor'] }, knee: 'soft' });
const seatedUp = foot(seatedFlat, {
  contacts: { heel: ['lift', 'air'], innerBall: ['press', 'floor'], bigToe: ['press', 'floor'] },
  ankle: 'down',
  heelHeightCm: 6,
});
const phases = (top: FootState, bottom: FootState, other?: FootState) => [
  phase('rise', 2, top, { other, undo: 'lower', effort: true, body: 'rises' }),
  phase('lower', 3, bottom, { other, undo: 'rise', effort: false, body: 'sinks' }),
];
const loop = kit('band', 'person', { strap: 'a strap round both big toes does not stretch, and steers as well' });
const doses = range(reps(8), reps(15), reps(20), 'usual practice');

export const bandGuidedRise: Exercise = exercise({
  id: 'band-guided-rise',
  name: say('Rise with a light loop at the big toe', 'Heel raise with hallux alignment band'),
  family: 'strength',
  purpose: 'A light loop keeps the big toe on its line while the heel rises, so that the push goes through it.',
  stage: 'loaded',
  directions: ['ankle-down'],
  faults: [
    fault('the weight escapes to the little toe', 'behind', 'Big-toe root stays heavy all the way.'),
    fault('the big toe turns pale in the loop', 'above', 'Looser; it only reminds.'),
  ],
  cautions: [care('numb-or-diabetic-feet', 'leave-out', 'Nothing round a toe that feels little.')],
  cues: cues(
    'Behind the chair, light loop round both big toes, feet apart until it is just taut. Hold on, knees soft.',
    'Rise over the big-toe roots, lower slowly.',
    'A curtain on a straight rail.',
    'Looser loop, straighter path.',
  ),
  foundBy: ['band', 'big toe', 'rise', 'bunion', 'align', 'push off'],
  schools: { band: 'line-up' },
  performance: performance({
    facing: 'support',
    kit: [loop, chairBack],
    band: { placement: 'big-toe', border: 'inner', purpose: 'align' },
    setup: 'fiddly',
    phases: phases(up, foot(standing, { contacts: { bigToe: ['press', 'floor'] } })),
    regions: { calf: 2, 'toe-flexors': 1 },
    balance: { working: 1, standing: 0 },
  }),
  doses,
  ladder: ladder(
    'two-feet',
    rung(
      'seated',
      'seated, heels lift under the knees',
      { base: 'seated' },
      doses,
      cleanReps(15, '15 in which the big toe stays on its line, both feet.'),
      {
        change: {
          position: 'chair-seated',
          facing: 'any',
          kit: [loop, chair],
          phases: phases(seatedUp, seatedFlat),
          regions: { 'deep-calf': 1, 'toe-flexors': 1 },
          balance: { working: 0, standing: 0 },
        },
      },
    ),
    rung(
      'two-feet',
      'standing, both feet rise',
      { base: 'two feet' },
      doses,
      cleanReps(15, '15 over the big-toe roots, both feet.'),
    ),
    rung(
      'one-leads',
      'standing, one foot rises, the other holds the loop',
      { base: 'one foot leads' },
      range(reps(5), reps(10), reps(15)),
      null,
      {
        change: {
          sidePattern: 'each',
          phases: phases(up, foot(standing, { contacts: { bigToe: ['press', 'floor'] } }), stands),
          regions: { calf: 3, 'toe-flexors': 2 },
          balance: { working: 2, standing: 1 },
        },
      },
    ),
  ),
  levelWords: {
    seated: {
      setup: 'Sit, heels under the knees, light loop round both big toes, feet apart until it is just taut.',
      action: 'Heels up over the big-toe roots, lower slowly.',
    },
    'one-leads': {
      action: 'One foot stays and holds the loop. Rise on the other over its big-toe root, lower slowly.',
    },
  },
});
