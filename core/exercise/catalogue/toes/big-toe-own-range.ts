import type { Exercise } from '../../exercise';
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
import { bigUp, chair, grounded } from '../shared/toe-control';

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
    phases: [
      phase('big toe up', 2, bigUp, { other: restsFlat, undo: 'lower it', effort: true }),
      phase('stay', 3, bigUp, { other: restsFlat, undo: 'stay', effort: true }),
      phase('lower it', 2, grounded, { other: restsFlat, undo: 'big toe up', effort: false }),
    ],
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
      checked('big-toe-by-hand', 'The hand brings it up without pain, both feet; the angle is noted.'),
    ),
    rung(
      'helped',
      'the toe lifts, a finger steers',
      { 'hand-help': 'finger steers' },
      range(reps(3), reps(5), reps(8)),
      saw('It stays on its line to the top, both feet.', 2),
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
          phases: [
            phase(
              'big toe up',
              2,
              foot(standing, {
                contacts: { bigToe: ['lift', 'air'], smallToes: ['press', 'floor'] },
                midfoot: 'lifted',
              }),
              { other: stands, undo: 'lower it', effort: true },
            ),
            phase(
              'stay',
              3,
              foot(standing, {
                contacts: { bigToe: ['lift', 'air'], smallToes: ['press', 'floor'] },
                midfoot: 'lifted',
              }),
              { other: stands, undo: 'stay', effort: true },
            ),
            phase('lower it', 2, standing, { other: stands, undo: 'big toe up', effort: false }),
          ],
        },
      },
    ),
  ),
  preparedBy: ['big-toe-bend-by-hand'],
  levelWords: {
    'by-hand': { action: 'The hand lifts the big toe, the toe goes along. Stay, then let it down.' },
    standing: { setup: 'Stand, weight on both feet. Remember how far the hand took the big toe.' },
  },
});
