import type { Exercise } from '../../exercise';
import {
  care,
  cues,
  exercise,
  fault,
  foot,
  hanging,
  kit,
  performance,
  phase,
  range,
  reps,
  restsFlat,
  say,
} from '../author';

const lying = foot(hanging, { knee: 'soft' });
const flat = foot(restsFlat, { knee: 'bent' });

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
    kit: [kit('mat', 'person', { cushion: 'folded blankets under the back' })],
    floor: 'padded',
    phases: [
      phase('point long', 2, foot(lying, { ankle: 'down', toes: 'long' }), {
        other: flat,
        picture: 'ankle-side',
        undo: 'draw up and fan',
      }),
      phase('draw up and fan', 2, foot(lying, { ankle: 'up', toes: 'spread' }), {
        other: flat,
        picture: 'ankle-side',
        undo: 'point long',
      }),
    ],
    regions: { shin: 1, calf: 1, 'toe-extensors': 1 },
  }),
  doses: range(reps(5), reps(10), reps(20)),
});
