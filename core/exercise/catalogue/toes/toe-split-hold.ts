import type { Exercise } from '../../exercise';
import type { FootState } from '../../foot-state';
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
  stands,
} from '../author';
import { bigUp, bigUpStanding, fourUp, fourUpStanding, chair } from '../shared/toes';

const bothHolds = (n: number, seconds: number) => holds(n, seconds, 3, { per: { directions: 2 } });
const usual = range(bothHolds(1, 5), bothHolds(1, 10), bothHolds(2, 10), 'usual practice');
const phases = (big: FootState, four: FootState, other: FootState) => [
  phase('big toe up', 10, big, { other }),
  phase('four up', 10, four, { other }),
];

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
    phases: phases(bigUp, fourUp, restsFlat),
    regions: { 'toe-extensors': 2, 'arch-intrinsics': 1 },
  }),
  doses: usual,
  ladder: ladder(
    'hand-holds',
    rung(
      'hand-holds',
      'fingers hold those that should stay',
      { 'hand-help': 'hand holds the others', base: 'seated' },
      usual,
      checked('big-toe-separates', 'Free on both feet when tried without the hand.'),
      {
        change: {
          phases: phases(foot(bigUp, { hands: ['small toes'] }), foot(fourUp, { hands: ['big toe'] }), restsFlat),
        },
      },
    ),
    rung(
      'free',
      'hands off',
      { 'hand-help': 'none', base: 'seated' },
      usual,
      cleanHold(10, '10 s each way on both feet.'),
    ),
    rung('standing', 'standing', { 'hand-help': 'none', base: 'hip width' }, usual, null, {
      change: { position: 'standing', kit: [], phases: phases(bigUpStanding, fourUpStanding, stands) },
    }),
  ),
  preparedBy: ['big-toe-up', 'four-toes-up'],
  levelWords: {
    'hand-holds': {
      setup: 'Sit, one foot flat. One hand lies on the four toes, a finger of the other waits by the big one.',
      action: 'Fingers keep the four down, big toe up, hold. Change hands: big toe held down, four up.',
    },
    standing: { setup: 'Stand, feet under your hips, weight on both.' },
  },
});
