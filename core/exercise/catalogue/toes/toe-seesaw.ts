import type { Exercise } from '../../exercise';
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
import { bigUp, chair, grounded } from '../shared/toe-control';

const fourUp = foot(grounded, {
  contacts: { bigToe: ['press', 'floor'], smallToes: ['lift', 'air'] },
  midfoot: 'let-down',
});

export const toeSeesaw: Exercise = exercise({
  id: 'toe-seesaw',
  name: say('Toe seesaw: one up, four up', 'Alternating hallux and lesser toe extension'),
  family: 'toes',
  purpose: 'Changes between the two toe lifts without a stop, so that they stop helping each other.',
  stage: 'active',
  directions: ['toes-lift'],
  faults: [
    fault('toes of both kinds rise together at the change', 'above', 'Land one before the other leaves.'),
    fault('fingers and jaw do the work', 'front', 'Soft hands, soft face.'),
  ],
  cues: cues(
    'Sit, one foot flat, heel under the knee.',
    [
      'Big toe up. Change. Four up. Change.',
      'Hallux up, lesser toes down. Change. Lesser toes up, hallux down. Change.',
    ],
    'A seesaw with one heavy child and four light ones.',
    'Slower, and fully down before the change.',
  ),
  foundBy: ['toes', 'alternate', 'coordination', 'toe yoga', 'isolate'],
  performance: performance({
    situations: ['sole-may-cramp'],
    position: 'chair-seated',
    sidePattern: 'each',
    kit: [chair],
    phases: [
      phase('big toe up', 2, bigUp, { other: restsFlat, undo: 'four toes up' }),
      phase('four toes up', 2, fourUp, { other: restsFlat, undo: 'big toe up' }),
    ],
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
    ),
    rung(
      'free',
      'hands off',
      { 'hand-help': 'none' },
      range(reps(4), reps(8), reps(12)),
      cleanReps(8, '8 clean changes on both feet, on two days.'),
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
          phases: [
            phase(
              'big toe up',
              2,
              foot(standing, {
                contacts: { bigToe: ['lift', 'air'], smallToes: ['press', 'floor'] },
                midfoot: 'lifted',
              }),
              { other: stands, undo: 'four toes up' },
            ),
            phase(
              'four toes up',
              2,
              foot(standing, {
                contacts: { bigToe: ['press', 'floor'], smallToes: ['lift', 'air'] },
                midfoot: 'let-down',
              }),
              { other: stands, undo: 'big toe up' },
            ),
          ],
        },
      },
    ),
  ),
  preparedBy: ['big-toe-up', 'four-toes-up'],
  levelWords: { standing: { setup: 'Stand, feet under your hips, weight on both.' } },
});
