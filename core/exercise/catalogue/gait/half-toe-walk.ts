import type { Exercise } from '../../exercise';
import { care, exercise, foot, performance, phase, range, say, standing, travel } from '../author';

const halfToe = foot(standing, {
  contacts: { heel: ['lift', 'air'] },
  midfoot: 'lifted',
  ankle: 'down',
  heelHeightCm: 7,
  knee: 'locked',
});

export const halfToeWalk: Exercise = exercise({
  id: 'half-toe-walk',
  name: say('Walk on the balls of the feet', 'Forefoot walking'),
  family: 'gait',
  purpose: 'Takes the rise into a step: height and line kept while moving.',
  stage: 'integrated',
  directions: ['ankle-down'],
  faults: [
    { seen: 'heels sink step by step', from: 'behind', say: 'Drive through the big toe.' },
    { seen: 'ankles roll to the outside', from: 'behind', say: 'Inner ball on the floor at every step.' },
  ],
  cautions: [care('sore-achilles', 'leave-out', 'Leave it out while the tendon is sore.')],
  cues: {
    setup: say('One lane each, space ahead.'),
    action: say('Small steps on the balls of the feet, heels high and level.'),
    breath: null,
    picture: say('Walking along a landing stage without waking anyone.'),
    correction: say('Shorter steps, taller heels.'),
  },
  foundBy: ['tiptoe', 'walk', 'half toe', 'demi-pointe'],
  performance: performance({
    position: 'walking',
    facing: 'lane',
    sidePattern: 'travelling',
    phases: [phase('step', 1, halfToe)],
    regions: { calf: 2, 'arch-intrinsics': 1 },
    balance: { working: 2, standing: 2 },
  }),
  doses: range(travel(1, 20, 80), travel(2, 20, 80), travel(4, 20, 80)),
  preparedBy: ['heel-to-ball-rock'],
});
