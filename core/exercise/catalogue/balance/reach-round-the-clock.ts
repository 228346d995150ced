import type { Exercise } from '../../exercise';
import {
  care,
  cues,
  exercise,
  fault,
  foot,
  offTheFloor,
  performance,
  phase,
  range,
  reps,
  say,
  standing,
} from '../author';
import { chairBack } from '../shared/unsteady';

export const ringOfReach: Exercise = exercise({
  id: 'reach-round-the-clock',
  name: say('Stand and reach round the clock', 'Single-leg reach, multi-directional'),
  family: 'balance',
  purpose: 'The standing foot keeps its three points while the free foot reaches to the hours of a clock.',
  stage: 'integrated',
  directions: ['ankle-up'],
  faults: [
    fault('the heel of the standing foot lifts', 'outer side', 'Reach less far.'),
    fault('the inner ball lifts on the outward reach', 'front', 'Three points first, reach second.'),
  ],
  cautions: [care('falls-or-faints', 'change-support', 'A hand on the chair, small reaches.')],
  cues: cues(
    'Stand on one leg, chair in reach, a clock in your mind.',
    'Reach the free foot to the front, to its side and behind, and come home between.',
    'The lamp of a lighthouse sweeps, the tower stands.',
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
  doses: range(
    reps(1, { per: { 'contact-points': 3 } }),
    reps(2, { per: { 'contact-points': 3 } }),
    reps(4, { per: { 'contact-points': 3 } }),
  ),
});
