import type { Exercise } from '../../exercise';
import type { FootState } from '../../foot-state';
import {
  cleanReps,
  cues,
  exercise,
  fault,
  foot,
  kit,
  ladder,
  performance,
  phase,
  range,
  reps,
  restsFlat,
  rung,
  say,
  seatedFlat,
  standing,
  stands,
} from '../author';
import { chair, smooth, chairBack, frontOn } from '../shared/arch-work';

const away = (from: FootState, on: 'floor' | 'cloth', other: FootState) => [
  phase('toes up', 1, foot(from, { contacts: { bigToe: ['lift', 'air'], smallToes: ['lift', 'air'] } }), { other }),
  phase(
    'smooth it away',
    2,
    foot(from, { contacts: { bigToe: ['press', on], smallToes: ['press', on] }, toes: 'spread' }),
    {
      other,
    },
  ),
];
const doses = range(reps(5), reps(10), reps(20));

export const clothPushAway: Exercise = exercise({
  id: 'cloth-push-away',
  name: say('Push the cloth away with the toes', 'Towel spread with toe extension'),
  family: 'arch',
  purpose: 'The opening half of gathering a cloth: toes lift, reach and lay it out flat again.',
  stage: 'active',
  directions: ['toes-lift', 'toes-spread'],
  faults: [
    fault('the knee pushes forward', 'outer side', 'Heel stays; only the toes walk.'),
    fault('toes stay bunched', 'above', 'Wide before you push.'),
  ],
  cues: cues(
    'Sit, a bunched cloth under your toes, heel on the floor.',
    'Toes up, reach, and smooth the cloth away from you.',
    'Spreading butter to the far edge.',
    'Wider toes.',
  ),
  foundBy: ['towel', 'cloth', 'push', 'spread', 'toes', 'open'],
  performance: performance({
    situations: ['sole-may-cramp'],
    position: 'chair-seated',
    sidePattern: 'each',
    kit: [kit('cloth', 'person', { paper: 'a sheet of paper slides more easily' }), chair],
    ...smooth,
    floorsRuledOut: [...smooth.floorsRuledOut],
    setup: 'props',
    phases: away(frontOn('cloth'), 'cloth', restsFlat),
    regions: { 'toe-extensors': 2, 'arch-intrinsics': 1 },
  }),
  doses,
  ladder: ladder(
    'cloth',
    rung(
      'no-cloth',
      'without a cloth, along the floor',
      { resistance: 'no cloth', base: 'seated' },
      doses,
      cleanReps(10, '10 in which the toes go wide before they land, both feet.'),
      {
        change: {
          kit: [chair],
          floor: 'any',
          floorsRuledOut: ['outdoors'],
          setup: 'plain',
          phases: away(foot(seatedFlat, { contacts: { heel: ['press', 'floor'] } }), 'floor', restsFlat),
          regions: { 'toe-extensors': 1, 'arch-intrinsics': 1 },
        },
      },
    ),
    rung(
      'cloth',
      'a cloth, seated',
      { resistance: 'cloth', base: 'seated' },
      doses,
      cleanReps(10, '10 with the heel down, both feet.'),
    ),
    rung(
      'standing',
      'a cloth, standing',
      { resistance: 'cloth', base: 'standing, the other leg carries' },
      doses,
      null,
      {
        change: {
          position: 'standing',
          facing: 'support',
          kit: [kit('cloth', 'person', { paper: 'a sheet of paper slides more easily' }), chairBack],
          phases: away(frontOn('cloth', 'rest', standing), 'cloth', stands),
          balance: { working: 1, standing: 1 },
        },
      },
    ),
  ),
  levelWords: {
    'no-cloth': {
      setup: 'Sit, one foot flat, heel on the floor.',
      action: 'Toes up, reach, and smooth the floor away from you.',
    },
    standing: { setup: 'Stand at the chair, a hand on it, a bunched cloth under the toes of one foot.' },
  },
});
