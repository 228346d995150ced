import type { Exercise } from '../../exercise';
import {
  care,
  checked,
  exercise,
  foot,
  hanging,
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

export const ankleCircles: Exercise = exercise({
  id: 'ankle-circles',
  name: say('Ankle circles', 'Active ankle circumduction'),
  family: 'mobility',
  purpose: 'Draws the largest circle the ankle owns, both ways, and shows where it sticks.',
  stage: 'active',
  directions: ['ankle-up', 'ankle-down', 'turn-in', 'turn-out'],
  faults: [
    { seen: 'the shin turns with the foot', from: 'front', say: 'Quiet shin; hold it with your hand.' },
    { seen: 'a corner is skipped', from: 'front', say: 'Slow down where it sticks.' },
    { seen: 'toes curl on the way down', from: 'front', say: 'Long toes all the way round.' },
  ],
  cautions: [care('recent-injury', 'ask-clinician', 'After a sprain, small circles only, and ask first.')],
  cues: {
    setup: say('Sit, one leg long, hand on the shin.'),
    action: say('Draw a big slow circle with the big toe. Then the same the other way.'),
    breath: null,
    picture: say('Polish the inside of a round bowl, and miss no part of it.'),
    correction: say('Only the foot moves.'),
  },
  foundBy: ['circle', 'ankle', 'rotate', 'stiff', 'loosen'],
  performance: performance({
    position: 'floor-seated',
    sidePattern: 'each',
    phases: [
      phase('turn in', 1, foot(hanging, { ankle: 'turned-in', toes: 'long' }), {
        other: restsFlat,
        picture: 'ankle-front',
      }),
      phase('down', 1, foot(hanging, { ankle: 'down', toes: 'long' }), { other: restsFlat, picture: 'ankle-side' }),
      phase('turn out', 1, foot(hanging, { ankle: 'turned-out', toes: 'long' }), {
        other: restsFlat,
        picture: 'ankle-front',
      }),
      phase('up', 1, foot(hanging, { ankle: 'up', toes: 'long' }), {
        other: restsFlat,
        picture: 'ankle-side',
      }),
    ],
    regions: { shin: 1, 'inner-ankle': 1, 'outer-ankle': 1 },
  }),
  doses: range(
    reps(3, { per: { directions: 2 } }),
    reps(5, { per: { directions: 2 } }),
    reps(10, { per: { directions: 2 } }),
  ),
  ladder: ladder(
    'small',
    rung(
      'by-hand',
      'the hand leads the foot round',
      { 'hand-help': 'hand leads', amount: 'small' },
      range(
        reps(2, { per: { directions: 2 } }),
        reps(3, { per: { directions: 2 } }),
        reps(6, { per: { directions: 2 } }),
      ),
      saw('The foot lets itself be led, both ways, both feet.'),
    ),
    rung(
      'small',
      'small circles, hand on the shin',
      { 'hand-help': 'hand on the shin', amount: 'small' },
      range(
        reps(3, { per: { directions: 2 } }),
        reps(5, { per: { directions: 2 } }),
        reps(10, { per: { directions: 2 } }),
      ),
      saw('The shin stays still both ways, both feet.'),
    ),
    rung(
      'full',
      'the largest circle, hand on the shin',
      { 'hand-help': 'hand on the shin', amount: 'full' },
      range(
        reps(3, { per: { directions: 2 } }),
        reps(5, { per: { directions: 2 } }),
        reps(10, { per: { directions: 2 } }),
      ),
      checked('circle-sticks', 'No corner is skipped, or the place is noted, both feet.'),
    ),
    rung(
      'free',
      'the largest circle, hands off',
      { 'hand-help': 'none', amount: 'full' },
      range(
        reps(3, { per: { directions: 2 } }),
        reps(5, { per: { directions: 2 } }),
        reps(10, { per: { directions: 2 } }),
      ),
      null,
    ),
  ),
  levelWords: {
    'by-hand': {
      setup: 'Sit, one ankle over the other knee, a hand round the foot.',
      action: 'The hand leads the foot round, slowly. Then the other way.',
    },
    small: { action: 'Draw a small slow circle with the big toe. Then the same the other way.' },
    free: { setup: 'Sit, one leg long, hands off.' },
  },
});
