import type { Exercise } from '../../exercise';
import {
  care,
  cleanReps,
  cues,
  exercise,
  fault,
  foot,
  ladder,
  offTheFloor,
  performance,
  phase,
  range,
  reps,
  rung,
  saw,
  say,
  standing,
} from '../author';
import { chairBack } from '../shared/unsteady';

const ways = (n: number) => reps(n, { per: { directions: 3 } });
const doses = range(ways(1), ways(2), ways(4));

export const ringOfReach: Exercise = exercise({
  id: 'reach-round-the-clock',
  name: say('Stand and reach round the clock', 'Single-leg reach, multi-directional'),
  family: 'balance',
  purpose: 'The standing foot keeps its three points while the free foot reaches to the hours of a clock.',
  stage: 'integrated',
  directions: ['ankle-up'],
  faults: [
    fault('the heel of the standing foot lifts', 'outer side', 'Reach less far.'),
    fault('the inner ball lifts on the outward reach', 'inner side', 'Three points first, reach second.'),
  ],
  cautions: [care('falls-or-faints', 'change-support', 'A hand on the chair, small reaches.')],
  cues: cues(
    'Beside the chair, fingertips on it, stand on one leg, a clock in your mind.',
    'Reach the free foot to the front, to its side and behind, and come home between.',
    'A crane swings its arm; the tower stands.',
    'Smaller, with three points down.',
  ),
  foundBy: ['reach', 'balance', 'clock', 'one leg', 'star'],
  performance: performance({
    facing: 'support',
    sidePattern: 'each',
    kit: [chairBack],
    footwear: 'any',
    phases: [
      phase('reach', 2, foot(standing, { knee: 'bent', ankle: 'up' }), { other: offTheFloor, effort: true }),
      phase('home', 2, standing, { other: offTheFloor, effort: false }),
    ],
    regions: { 'hip-and-trunk': 2, 'arch-intrinsics': 1, 'inner-ankle': 1, 'outer-ankle': 1 },
    balance: { working: 3, standing: 3 },
  }),
  doses,
  ladder: ladder(
    'fingertips',
    rung(
      'small-held',
      'small reaches, a hand on the chair',
      { support: 'one hand', lever: 'small reaches' },
      doses,
      saw('Three points stay down on every reach, both feet.'),
      { change: { balance: { working: 2, standing: 2 } } },
    ),
    rung(
      'fingertips',
      'small reaches, fingertips',
      { support: 'fingertips', lever: 'small reaches' },
      doses,
      cleanReps(2, '2 each way with the heel down, both feet.'),
    ),
    rung(
      'far',
      'far reaches, fingertips',
      { support: 'fingertips', lever: 'far reaches' },
      doses,
      cleanReps(2, '2 far ones each way with three points down, both feet.'),
    ),
    rung('free', 'far reaches, hands free', { support: 'none', lever: 'far reaches' }, doses, null),
  ),
  levelWords: {
    'small-held': {
      setup: 'Beside the chair, a hand on it, stand on one leg, a clock in your mind.',
      action: 'Reach the free foot a little to the front, to its side and behind, home between.',
    },
    far: { action: 'Reach the free foot far to the front, to its side and behind, home between.' },
    free: {
      setup: 'Beside the chair in reach, hands free, stand on one leg, a clock in your mind.',
      action: 'Reach the free foot far to the front, to its side and behind, home between.',
    },
  },
});
