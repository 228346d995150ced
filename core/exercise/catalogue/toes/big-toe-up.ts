import type { Exercise } from '../../exercise';
import { exercise, foot, performance, phase, range, reps, restsFlat, say } from '../author';
import { chair, grounded, handHelp } from '../shared/toes';

export const bigToeUp: Exercise = exercise({
  id: 'big-toe-up',
  name: say('Big toe up alone', 'Isolated hallux extension'),
  family: 'toes',
  purpose: 'Lifts the big toe while the four others stay; the arch rises with it.',
  stage: 'active',
  directions: ['toes-lift'],
  faults: [
    { seen: 'all five toes rise', from: 'above', say: 'Hold the four down with your fingers.' },
    { seen: 'the big toe drifts towards the others', from: 'above', say: 'Steer it straight up.' },
    { seen: 'the foot rolls to its outer edge', from: 'front', say: 'Inner ball stays down.' },
  ],
  cues: {
    setup: say('Sit, one foot flat, heel under the knee.'),
    action: say('Big toe up, four stay. Lay it down long.', 'Extend the hallux, lesser toes down. Lower it long.'),
    breath: null,
    picture: say('One shutter opens, the others stay closed.'),
    correction: say('Four heavy, one light.'),
  },
  foundBy: ['big toe', 'lift', 'isolate', 'toe yoga', 'arch'],
  performance: performance({
    position: 'chair-seated',
    sidePattern: 'each',
    kit: [chair],
    phases: [
      phase(
        'big toe up',
        2,
        foot(grounded, { contacts: { bigToe: ['lift', 'air'], smallToes: ['press', 'floor'] }, midfoot: 'lifted' }),
        { other: restsFlat, undo: 'lay it down' },
      ),
      phase('lay it down', 2, grounded, { other: restsFlat, undo: 'big toe up' }),
    ],
    regions: { 'toe-extensors': 2, 'arch-intrinsics': 1 },
  }),
  doses: range(reps(4), reps(8), reps(12)),
  ladder: handHelp('fingers hold the four others down', 'The toe follows'),
  preparedBy: ['big-toe-spring'],
  levelWords: { 'hand-lifts': { action: 'The hand lifts the big toe, the toe thinks along. Lay it down long.' } },
});
