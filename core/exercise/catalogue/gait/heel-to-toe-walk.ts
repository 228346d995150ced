import type { Exercise } from '../../exercise';
import { exercise, performance, phase, range, say, standing, travel } from '../author';

export const heelToToeWalk: Exercise = exercise({
  id: 'heel-to-toe-walk',
  name: say('Roll-through walk', 'Heel-to-toe gait with pause'),
  family: 'gait',
  purpose: 'Heel, outer edge, ball, big toe: every step slow enough to feel the order.',
  stage: 'integrated',
  directions: ['ankle-up', 'ankle-down'],
  faults: [
    { seen: 'the foot slaps down', from: 'outer side', say: 'Quiet as a cat on a deck.' },
    { seen: 'push-off from the small toes', from: 'behind', say: 'Leave from the big toe.' },
  ],
  cues: {
    setup: say('One lane each.'),
    action: say('Heel, edge, ball, big toe, and only then the next step.'),
    breath: null,
    picture: say('A rocking chair rolls you forward.'),
    correction: say('Half the speed.'),
  },
  foundBy: ['walk', 'roll', 'heel', 'slow', 'step'],
  performance: performance({
    position: 'walking',
    facing: 'lane',
    sidePattern: 'travelling',
    floorsRuledOut: [],
    phases: [phase('step', 5, standing)],
    regions: { shin: 1, calf: 1, 'hip-and-trunk': 1 },
    balance: { working: 1, standing: 1 },
  }),
  doses: range(travel(1, 8, 12), travel(2, 8, 12), travel(4, 8, 12)),
});
