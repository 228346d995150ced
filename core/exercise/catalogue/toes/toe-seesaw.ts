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
  standing,
  stands,
} from '../author';
import { bigUp, bigUpStanding, fourUp, fourUpStanding, grounded, chair } from '../shared/toes';

const phases = (big: FootState, down: FootState, four: FootState, other: FootState) => [
  phase('big toe up', 1.5, big, { other, undo: 'four toes up' }),
  phase('all down', 0.5, down, { other, undo: 'all down' }),
  phase('four toes up', 1.5, four, { other, undo: 'big toe up' }),
  phase('all down again', 0.5, down, { other, undo: 'all down again' }),
];

export const toeSeesaw: Exercise = exercise({
  id: 'toe-seesaw',
  name: say('Toe seesaw: one up, four up', 'Alternating hallux and lesser toe extension'),
  family: 'toes',
  purpose: 'Changes between the two toe lifts, landing in between, so that they stop helping each other.',
  stage: 'active',
  directions: ['toes-lift'],
  faults: [
    fault('toes of both kinds are up at the change', 'above', 'Land one before the other leaves.'),
    fault('the fingers lift too', 'front', 'Soft hands, soft face.'),
  ],
  cues: cues(
    'Sit, one foot flat, heel under the knee.',
    ['Big toe up. Down. Four up. Down.', 'Hallux up, lesser toes down. Lower. Lesser toes up, hallux down. Lower.'],
    'A seesaw with one heavy child and four light ones.',
    'Slower, and fully down before the change.',
  ),
  foundBy: ['toes', 'alternate', 'coordination', 'toe yoga', 'isolate'],
  performance: performance({
    situations: ['sole-may-cramp'],
    position: 'chair-seated',
    sidePattern: 'each',
    kit: [chair],
    phases: phases(bigUp, grounded, fourUp, restsFlat),
    regions: { 'toe-extensors': 2, 'arch-intrinsics': 1, 'toe-flexors': 1 },
  }),
  doses: range(reps(4), reps(8), reps(12)),
  ladder: ladder(
    'hand-holds',
    rung(
      'hand-holds',
      'fingers hold whichever should stay',
      { 'hand-help': 'hand holds the others' },
      range(reps(4), reps(6), reps(8)),
      saw('Each half moves while the other stays, both feet.', 2),
      {
        change: {
          phases: phases(
            foot(bigUp, { hands: ['small toes'] }),
            foot(grounded, { hands: ['big toe', 'small toes'] }),
            foot(fourUp, { hands: ['big toe'] }),
            restsFlat,
          ),
        },
      },
    ),
    rung(
      'free',
      'hands off',
      { 'hand-help': 'none' },
      range(reps(4), reps(8), reps(12)),
      cleanReps(8, '8 clean changes on both feet.'),
    ),
    rung(
      'standing',
      'standing on both feet, hands off',
      { 'hand-help': 'none', base: 'hip width' },
      range(reps(4), reps(8), reps(12)),
      null,
      {
        change: {
          position: 'standing',
          kit: [],
          phases: phases(bigUpStanding, standing, fourUpStanding, stands),
        },
      },
    ),
  ),
  preparedBy: ['big-toe-up', 'four-toes-up'],
  levelWords: {
    'hand-holds': {
      setup: 'Sit, one foot flat, one hand over the four small toes, a finger on the big toe.',
      action: 'The hand presses whichever should stay. Big toe up. Down. Four up. Down.',
    },
    standing: { setup: 'Stand, feet under your hips, weight on both.' },
  },
});
