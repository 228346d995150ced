import type { Exercise } from '../../exercise';
import {
  cleanReps,
  cues,
  exercise,
  fault,
  foot,
  ladder,
  onTheBall,
  performance,
  phase,
  range,
  reps,
  rung,
  say,
  standing,
  stands,
} from '../author';
import { chairBack } from '../shared/rise';

const backFoot = foot(onTheBall, { knee: 'locked' });

const frontFoot = foot(stands, { knee: 'soft' });

export const splitRise: Exercise = exercise({
  id: 'split-rise',
  name: say('Long split, back heel rises', 'Split-stance heel raise'),
  family: 'strength',
  purpose: 'Balance and calf together: one long line from the back heel to the crown.',
  stage: 'integrated',
  directions: ['ankle-down'],
  faults: [
    fault('the front knee leaves the line of the toes', 'front', 'Front knee over the second toe.'),
    fault('the back heel swings in or out', 'behind', 'Heel straight over the toes.'),
  ],
  cues: cues(
    'Long step, one foot in front, a hand on the chair beside you.',
    'Rise on the back foot, tall; lower slowly.',
    'A drawn bow from heel to crown.',
    'Shorter step if it wobbles.',
  ),
  foundBy: ['split', 'rise', 'lunge', 'balance', 'calf', 'back heel'],
  performance: performance({
    facing: 'support',
    sidePattern: 'each',
    kit: [chairBack],
    phases: [
      phase('rise', 2, backFoot, { other: frontFoot, undo: 'lower', effort: true, body: 'rises' }),
      phase('lower', 3, foot(standing, { knee: 'locked', ankle: 'up' }), {
        other: frontFoot,
        undo: 'rise',
        effort: false,
        body: 'sinks',
      }),
    ],
    regions: { calf: 2, 'hip-and-trunk': 2 },
    balance: { working: 2, standing: 2 },
  }),
  doses: range(reps(5), reps(8), reps(12)),
  ladder: ladder(
    'hand',
    rung(
      'hand',
      'a hand on the chair',
      { support: 'one hand', arms: 'one holds', amount: 'rise' },
      range(reps(5), reps(8), reps(12)),
      cleanReps(8, '8 in line, both sides.'),
      { change: { balance: { working: 1, standing: 1 } } },
    ),
    rung(
      'arms-out',
      'arms out to the sides',
      { support: 'none', arms: 'out', amount: 'rise' },
      range(reps(5), reps(8), reps(12)),
      cleanReps(8, '8 without a touch, both sides.'),
      { why: 'The hand that let go becomes the arm that balances.', change: { facing: 'centre' } },
    ),
    rung(
      'arms-crossed',
      'arms crossed or behind the head',
      { support: 'none', arms: 'crossed', amount: 'rise' },
      range(reps(5), reps(8), reps(12)),
      cleanReps(8, '8 without a touch, both sides.'),
      { change: { facing: 'centre' } },
    ),
    rung(
      'both-knees',
      'rise, then bend both knees and come up',
      { support: 'none', arms: 'crossed', amount: 'rise and bend' },
      range(reps(3), reps(6), reps(10)),
      null,
      {
        change: {
          facing: 'centre',
          phases: [
            phase('rise', 4, backFoot, { other: frontFoot, effort: true, body: 'rises' }),
            phase('bend both knees', 5, foot(backFoot, { knee: 'bent' }), {
              other: foot(frontFoot, { knee: 'bent' }),
              effort: false,
              body: 'sinks',
            }),
            phase('straighten', 4, backFoot, { other: frontFoot, effort: true, body: 'rises' }),
            phase('lower', 5, foot(standing, { knee: 'locked', ankle: 'up' }), {
              other: frontFoot,
              effort: false,
              body: 'sinks',
            }),
          ],
          regions: { calf: 2, 'deep-calf': 2, 'hip-and-trunk': 2 },
          balance: { working: 3, standing: 2 },
        },
      },
    ),
  ),
  levelWords: {
    'arms-out': { setup: 'Long step beside the chair, one foot in front, arms out to the sides.' },
    'arms-crossed': { setup: 'Long step beside the chair, one foot in front, arms crossed or hands behind the head.' },
    'both-knees': {
      setup: 'Long step beside the chair, one foot in front, arms crossed.',
      action: 'Rise on the back foot, bend both knees, come up tall, lower slowly.',
    },
  },
});
