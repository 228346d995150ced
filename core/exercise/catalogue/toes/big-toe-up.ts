import type { Exercise } from '../../exercise';
import { exercise, foot, performance, range, reps, say } from '../author';
import { chair, grounded, handHelp, liftAndLower, bigUp } from '../shared/toes';

const lifts = {
  lifting: bigUp,
  lowered: grounded,
};
const byHand = {
  ...lifts,
  lifting: foot(lifts.lifting, { contacts: { bigToe: ['lift', 'hand'], smallToes: ['rest', 'floor'] } }),
};

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
    { seen: 'the inner ball leaves the floor', from: 'inner side', say: 'Inner ball stays down.' },
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
    phases: liftAndLower('big toe up', 'lay it down', lifts),
    regions: { 'toe-extensors': 2, 'arch-intrinsics': 1 },
  }),
  doses: range(reps(4), reps(8), reps(12)),
  ladder: handHelp('fingers hold the four others down', 'The toe follows', {
    handLifts: liftAndLower('big toe up', 'lay it down', byHand, ['big toe'], 'hand'),
    handHolds: liftAndLower('big toe up', 'lay it down', lifts, ['small toes']),
  }),
  preparedBy: ['big-toe-spring'],
  levelWords: {
    'hand-lifts': {
      setup: 'Sit, one foot flat, a finger under the big toe.',
      action: 'The hand lifts the big toe, the toe thinks along. Lay it down long.',
    },
    'hand-holds': {
      setup: 'Sit, one foot flat, fingers of one hand lying on the four small toes.',
      action: [
        'Fingers keep the four down. Big toe up on its own; lay it down long.',
        'Fingers anchor the lesser toes. Extend the hallux; lower it long.',
      ],
    },
  },
});
