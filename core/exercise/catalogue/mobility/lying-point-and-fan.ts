import type { Exercise } from '../../exercise';
import type { FootState } from '../../foot-state';
import {
  care,
  cleanReps,
  cues,
  exercise,
  fault,
  foot,
  hanging,
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
} from '../author';

const lying = foot(hanging, { knee: 'soft' });
const flat = foot(restsFlat, { knee: 'bent' });

const articulated = (on: FootState, other: FootState) => [
  phase('point long', 2, foot(on, { ankle: 'down', toes: 'long' }), {
    other,
    picture: 'ankle-side',
    undo: 'draw up and fan',
  }),
  phase('draw up and fan', 2, foot(on, { ankle: 'up', toes: 'spread' }), {
    other,
    picture: 'ankle-side',
    undo: 'point long',
  }),
];
const mat = kit('mat', 'person', { cushion: 'folded blankets under the back' });
const doses = range(reps(5), reps(10), reps(20));

export const lyingPointAndFan: Exercise = exercise({
  id: 'lying-point-and-fan',
  name: say('Lying: point, draw up, fan the toes', 'Supine ankle articulation with toe spread'),
  family: 'mobility',
  purpose: 'On the back with one leg held up, the foot moves freely without carrying anything.',
  stage: 'active',
  directions: ['ankle-down', 'ankle-up', 'toes-spread'],
  faults: [
    fault('the shin waves about', 'front', 'Hands hold the thigh still.'),
    fault('toes clench in the point', 'inner side', 'Long toes down, wide toes up.'),
  ],
  cautions: [
    care('pregnancy', 'change-support', 'Half sitting, back on a cushion.'),
    care('cramp', 'go-gently', 'Cramp: foot up, shake, go on smaller.'),
  ],
  cues: cues(
    'Lie on your back, one foot flat on the mat, the other leg up, hands behind its thigh.',
    'Point long. Draw the foot up and fan the toes.',
    'An umbrella closes long, and opens.',
    'Shin still.',
  ),
  foundBy: ['lying', 'point', 'flex', 'fan', 'legs up', 'circulation'],
  performance: performance({
    position: 'lying',
    sidePattern: 'each',
    kit: [mat],
    floor: 'padded',
    phases: articulated(lying, flat),
    regions: { shin: 1, calf: 1, 'toe-extensors': 1 },
  }),
  doses,
  ladder: ladder(
    'thigh',
    rung(
      'cushion',
      'both knees over a cushion, one foot works',
      { support: 'cushion under the knees' },
      doses,
      saw('Long toes down, wide toes up, both feet.'),
      {
        change: {
          kit: [mat, kit('cushion', 'person', { mat: 'a rolled mat under the knees' })],
          phases: articulated(
            foot(lying, { contacts: { heel: ['rest', 'floor'] }, knee: 'bent' }),
            foot(flat, { contacts: { heel: ['rest', 'floor'] } }),
          ),
        },
      },
    ),
    rung(
      'thigh',
      'one leg up, hands hold the thigh',
      { support: 'hands behind the thigh' },
      doses,
      cleanReps(10, '10 with a still shin, both feet.'),
    ),
    rung('free', 'one leg up, hands off', { support: 'none' }, doses, null, {
      change: { regions: { shin: 1, calf: 1, 'toe-extensors': 1, 'hip-and-trunk': 1 } },
    }),
  ),
  levelWords: {
    cushion: {
      setup: 'Lie on your back, both knees over the cushion, heels down.',
      action: 'One foot: point long. Draw it up and fan the toes.',
    },
    free: { setup: 'Lie on your back, one foot flat on the mat, the other leg up, hands off.' },
  },
});
