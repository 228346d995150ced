import type { Exercise } from '../../exercise';
import {
  checked,
  cleanHold,
  exercise,
  foot,
  holds,
  ladder,
  performance,
  phase,
  range,
  restsFlat,
  rung,
  say,
  standing,
  stands,
} from '../author';
import { chair, grounded } from '../shared/toes';

export const splitHold: Exercise = exercise({
  id: 'toe-split-hold',
  name: say('Split hold: one up, then four up', 'Isometric toe dissociation'),
  family: 'toes',
  purpose: 'Holds the two toe lifts, one after the other.',
  stage: 'active',
  directions: ['toes-lift'],
  faults: [
    { seen: 'all toes rise together', from: 'above', say: 'A finger on those that should stay.' },
    { seen: 'toes sink before the end', from: 'above', say: 'Lower but steady; hold what you have.' },
  ],
  cues: {
    setup: say('Sit, one foot flat.'),
    action: say('Big toe up and hold. Change: four up and hold.'),
    breath: null,
    picture: say('A seesaw that rests at each end.'),
    correction: say('Half the height, twice as quiet.'),
  },
  foundBy: ['hold', 'toes', 'isolate', 'split', 'toe yoga'],
  performance: performance({
    situations: ['sole-may-cramp'],
    position: 'chair-seated',
    sidePattern: 'each',
    kit: [chair],
    phases: [
      phase(
        'big toe up',
        10,
        foot(grounded, { contacts: { bigToe: ['lift', 'air'], smallToes: ['press', 'floor'] }, midfoot: 'lifted' }),
        { other: restsFlat },
      ),
      phase(
        'four up',
        10,
        foot(grounded, { contacts: { bigToe: ['press', 'floor'], smallToes: ['lift', 'air'] }, midfoot: 'let-down' }),
        { other: restsFlat },
      ),
    ],
    regions: { 'toe-extensors': 2, 'arch-intrinsics': 1 },
  }),
  doses: range(
    holds(1, 5, 3, { per: { directions: 2 } }),
    holds(1, 10, 3, { per: { directions: 2 } }),
    holds(2, 10, 3, { per: { directions: 2 } }),
    'usual practice',
  ),
  ladder: ladder(
    'hand-holds',
    rung(
      'hand-holds',
      'fingers hold those that should stay',
      { 'hand-help': 'hand holds the others', base: 'seated' },
      range(
        holds(1, 5, 3, { per: { directions: 2 } }),
        holds(1, 10, 3, { per: { directions: 2 } }),
        holds(2, 10, 3, { per: { directions: 2 } }),
      ),
      checked('big-toe-separates', 'Free on both feet when tried without the hand.'),
    ),
    rung(
      'free',
      'hands off',
      { 'hand-help': 'none', base: 'seated' },
      range(
        holds(1, 5, 3, { per: { directions: 2 } }),
        holds(1, 10, 3, { per: { directions: 2 } }),
        holds(2, 10, 3, { per: { directions: 2 } }),
        'usual practice',
      ),
      cleanHold(10, '10 s each way on both feet, on two days.'),
    ),
    rung(
      'standing',
      'standing',
      { 'hand-help': 'none', base: 'hip width' },
      range(
        holds(1, 5, 3, { per: { directions: 2 } }),
        holds(1, 10, 3, { per: { directions: 2 } }),
        holds(2, 10, 3, { per: { directions: 2 } }),
      ),
      null,
      {
        change: {
          position: 'standing',
          kit: [],
          phases: [
            phase(
              'big toe up',
              10,
              foot(standing, {
                contacts: { bigToe: ['lift', 'air'], smallToes: ['press', 'floor'] },
                midfoot: 'lifted',
              }),
              { other: stands },
            ),
            phase(
              'four up',
              10,
              foot(standing, {
                contacts: { bigToe: ['press', 'floor'], smallToes: ['lift', 'air'] },
                midfoot: 'let-down',
              }),
              { other: stands },
            ),
          ],
        },
      },
    ),
  ),
  preparedBy: ['big-toe-up', 'four-toes-up'],
  levelWords: { standing: { setup: 'Stand, feet under your hips, weight on both.' } },
});
