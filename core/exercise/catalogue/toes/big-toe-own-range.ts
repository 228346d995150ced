import type { Exercise } from '../../exercise';
import type { FootState } from '../../foot-state';
import {
  checked,
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
  standing,
  stands,
} from '../author';
import { bigUp, chair, grounded, bigUpStanding } from '../shared/toes';

/** Up, stay, down. Where the hand lifts there is no effort: the toe goes along. */
const raised = (up: FootState, down: FootState, other: FootState, hands?: FootState['hands'], byHand = false) => [
  phase('big toe up', 2, foot(up, { hands }), { other, undo: 'lower it', effort: byHand ? undefined : true }),
  phase('stay', 3, foot(up, { hands }), { other, undo: 'stay', effort: byHand ? undefined : true }),
  phase('lower it', 2, foot(down, { hands }), { other, undo: 'big toe up', effort: byHand ? undefined : false }),
];
const handUp = foot(bigUp, { contacts: { bigToe: ['lift', 'hand'], smallToes: ['rest', 'floor'] } });

export const bigToeOwnRange: Exercise = exercise({
  id: 'big-toe-own-range',
  name: say('Big toe up as far as the hand took it', 'Active first MTP extension to passive range'),
  family: 'toes',
  purpose: 'Makes the range that the hand can give the big toe into range that the toe can use.',
  stage: 'active',
  directions: ['toes-lift'],
  faults: [
    fault('the toe drifts towards the others', 'above', 'Steer it with a finger, along the laces.'),
    fault('the inner ball lifts with the toe', 'inner side', 'Inner ball heavy; only the toe goes.'),
  ],
  cues: cues(
    'Sit, one foot flat. First bend the big toe up by hand, and remember how far.',
    [
      'Now without the hand: big toe up to the same place. Stay, then lower it long.',
      'Extend the hallux actively to its passive limit. Stay, then lower.',
    ],
    'The hand draws a pencil line; the toe comes up to it.',
    'Straight first, high second.',
  ),
  foundBy: ['big toe', 'lift', 'range', 'stiff toe', 'strength'],
  performance: performance({
    position: 'chair-seated',
    sidePattern: 'each',
    kit: [chair],
    setup: 'props',
    phases: raised(bigUp, grounded, restsFlat),
    regions: { 'toe-extensors': 2, 'big-toe-joint': 1, 'arch-intrinsics': 1 },
  }),
  doses: range(reps(3), reps(5), reps(8)),
  ladder: ladder(
    'helped',
    rung(
      'by-hand',
      'the hand lifts, the toe goes along',
      { 'hand-help': 'hand lifts' },
      range(reps(3), reps(4), reps(6)),
      checked('big-toe-by-hand', 'The hand brings it up on its line and without pain, both feet.'),
      { change: { phases: raised(handUp, grounded, restsFlat, ['big toe'], true), regions: { 'big-toe-joint': 1 } } },
    ),
    rung(
      'helped',
      'the toe lifts, a finger steers',
      { 'hand-help': 'finger steers' },
      range(reps(3), reps(5), reps(8)),
      saw('It stays on its line to the top, both feet.', 2),
      { change: { phases: raised(bigUp, grounded, restsFlat, ['big toe']) } },
    ),
    rung(
      'free',
      'hands off',
      { 'hand-help': 'none' },
      range(reps(3), reps(5), reps(10)),
      checked('big-toe-unaided', 'It comes within a finger’s width of what the hand reached, both feet.'),
    ),
    rung(
      'standing',
      'standing, weight on both feet',
      { 'hand-help': 'none', base: 'hip width' },
      range(reps(3), reps(5), reps(10)),
      null,
      {
        change: {
          position: 'standing',
          kit: [],
          phases: raised(bigUpStanding, standing, stands),
        },
      },
    ),
  ),
  preparedBy: ['big-toe-bend-by-hand'],
  levelWords: {
    'by-hand': {
      setup: 'Sit, one foot flat, a hand round the big toe.',
      action: 'The hand lifts the big toe, the toe goes along. Stay, then let it down.',
    },
    helped: {
      setup: 'Sit, one foot flat. Bend the big toe up by hand, remember how far, leave a finger along its side.',
      action: [
        'The toe lifts to that height by itself; the finger only keeps its line. Stay, lower it long.',
        'Extend the hallux to its passive limit, a finger keeping its line. Stay, then lower.',
      ],
    },
    standing: { setup: 'Stand, weight on both feet. Remember how far the hand took the big toe.' },
  },
});
