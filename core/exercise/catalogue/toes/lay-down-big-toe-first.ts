import type { Exercise } from '../../exercise';
import type { FootState } from '../../foot-state';
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
  restsFlat,
  rung,
  saw,
  say,
} from '../author';
import { allUp, chair, grounded } from '../shared/toes';

const wide = foot(allUp, { toes: 'spread' });
const laid = foot(grounded, { toes: 'spread' });
const oneFoot = (hands?: FootState['hands']) => [
  phase('all up and wide', 2, foot(wide, { hands }), { other: restsFlat }),
  phase('down, big toe first', 4, foot(laid, { hands }), { other: restsFlat }),
];
const doses = range(reps(3), reps(5), reps(8));

export const layDownBigToeFirst: Exercise = exercise({
  id: 'lay-down-big-toe-first',
  name: say('Lay the toes down, big toe first', 'Sequential toe lowering, medial to lateral'),
  family: 'toes',
  purpose: 'The way back of laying down one by one: the order turned round, so that each toe is its own.',
  stage: 'active',
  directions: ['toes-lift', 'toes-spread'],
  faults: [
    fault('the little toe lands with the big one', 'above', 'Big toe down, and the four wait.'),
    fault('the outer ball lifts to help', 'outer side', 'Outer ball keeps its place.'),
  ],
  cues: cues(
    'Sit, both feet flat, look at your toes.',
    'All up, wide, and down one after the other, big toe first.',
    'A row of dominoes, falling very slowly.',
    'The little toe has the last word.',
  ),
  foundBy: ['toes', 'one by one', 'back', 'big toe', 'order', 'spread'],
  performance: performance({
    position: 'chair-seated',
    kit: [chair],
    phases: [phase('all up and wide', 2, wide), phase('down, big toe first', 4, laid)],
    regions: { 'toe-extensors': 2, 'arch-intrinsics': 1 },
  }),
  doses,
  ladder: ladder(
    'one-foot',
    rung(
      'finger-waits',
      'one foot, a finger keeps the four waiting',
      { 'hand-help': 'finger holds the four up', base: 'one foot' },
      range(reps(2), reps(4), reps(6)),
      saw('The big toe lands while the four wait, both feet.'),
      { change: { sidePattern: 'each', phases: oneFoot(['small toes']) } },
    ),
    rung(
      'one-foot',
      'one foot, hands off',
      { 'hand-help': 'none', base: 'one foot' },
      doses,
      cleanReps(5, '5 in order on both feet.'),
      { change: { sidePattern: 'each', phases: oneFoot() } },
    ),
    rung('both-feet', 'ten toes together', { 'hand-help': 'none', base: 'both feet' }, doses, null),
  ),
  preparedBy: ['lay-down-one-by-one'],
  levelWords: {
    'finger-waits': {
      setup: 'Sit, one foot flat, a finger ready under the four small toes.',
      action: 'All up, wide. Big toe down while the finger keeps the four up; then they follow.',
    },
    'one-foot': { setup: 'Sit, one foot flat, look at your toes.' },
  },
});
