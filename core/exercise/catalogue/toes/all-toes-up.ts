import type { Exercise } from '../../exercise';
import {
  cleanReps,
  cues,
  exercise,
  fault,
  foot,
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
import { chair, chairBack, grounded, allUp, allUpStanding } from '../shared/toes';

export const allToesUp: Exercise = exercise({
  id: 'all-toes-up',
  name: say('All toes up and down', 'Active toe extension, all digits'),
  family: 'toes',
  purpose: 'Wakes the front of the shin and the toe lifters; many feel it as high as the hip.',
  stage: 'active',
  directions: ['toes-lift'],
  faults: [
    fault('weight falls back into the heels', 'outer side', 'Balls of the feet keep their place.'),
    fault('toes slap down', 'above', 'Lay them down one by one, without a sound.'),
  ],
  cues: cues(
    'Stand with your feet under your hips, fingertips on the chair.',
    'All ten toes up; balls and heels stay. Lay them down long.',
    'Ten shutters open to the morning.',
    'Lift from the knuckles, ankles quiet.',
  ),
  foundBy: ['toes', 'lift', 'wake', 'shin', 'warm up'],
  performance: performance({
    facing: 'support',
    kit: [chairBack],
    phases: [
      phase('toes up', 2, allUpStanding, { undo: 'toes down', effort: true }),
      phase('toes down', 2, foot(standing, { toes: 'spread' }), { undo: 'toes up', effort: false }),
    ],
    regions: { 'toe-extensors': 2, shin: 1 },
    balance: { working: 1, standing: 0 },
  }),
  doses: range(reps(5), reps(8), reps(16)),
  ladder: ladder(
    'fingertips',
    rung(
      'seated',
      'seated',
      { base: 'seated', support: 'chair' },
      range(reps(5), reps(8), reps(16)),
      saw('All ten lift and the feet stay where they are, both feet.'),
      {
        change: {
          position: 'chair-seated',
          kit: [chair],
          facing: 'any',
          balance: { working: 0, standing: 0 },
          phases: [
            phase('toes up', 2, allUp, {
              undo: 'toes down',
              effort: true,
            }),
            phase('toes down', 2, foot(grounded, { toes: 'spread' }), { undo: 'toes up', effort: false }),
          ],
        },
      },
    ),
    rung(
      'fingertips',
      'standing, fingertips on the chair',
      { base: 'hip width', support: 'chair' },
      range(reps(5), reps(8), reps(16)),
      cleanReps(8, '8 in which the balls keep their place, both feet.'),
    ),
    rung(
      'free',
      'standing, hands free',
      { base: 'hip width', support: 'none' },
      range(reps(5), reps(8), reps(16)),
      null,
      {
        change: { facing: 'any', balance: { working: 2, standing: 0 } },
      },
    ),
  ),
  levelWords: {
    seated: { setup: 'Sit, both feet flat, heels under the knees.' },
    free: { setup: 'Stand with your feet under your hips, hands free, the chair in reach.' },
  },
});
