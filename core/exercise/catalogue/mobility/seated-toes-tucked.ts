import type { Exercise } from '../../exercise';
import { care, exercise, foot, holds, kit, performance, phase, range, restsFlat, say, seatedFlat } from '../author';

export const toesTuckedSit: Exercise = exercise({
  id: 'seated-toes-tucked',
  name: say('Toes tucked under the chair', 'Seated toe extension stretch'),
  family: 'mobility',
  purpose: 'Stretches the sole and the toe joints with as little weight as wanted, from a chair.',
  stage: 'passive',
  directions: ['toes-lift'],
  faults: [
    { seen: 'heel leans to one side', from: 'behind', say: 'Heel above the second toe.' },
    { seen: 'the little toe slips out', from: 'above', say: 'All five toes stand on their pads.' },
  ],
  cautions: [care('sore-big-toe-joint', 'leave-out', 'Leave it out when the big-toe joint is sore.')],
  cues: {
    setup: say('Sit forward. One foot under the chair, toes tucked, heel up.'),
    action: say('Bring the heel up and forward over the toes until the sole feels long. Stay.'),
    breath: say('Out, and a little further.'),
    picture: say('A door that opens on its hinge, a crack at a time.'),
    correction: say('Less weight, straighter heel.'),
  },
  foundBy: ['toes', 'stretch', 'chair', 'sole', 'seated'],
  performance: performance({
    position: 'chair-seated',
    sidePattern: 'each',
    kit: [kit('chair', 'person', { wall: 'standing, the same shape with the hands on a wall and more weight' })],
    phases: [
      phase(
        'stretch',
        20,
        foot(seatedFlat, {
          contacts: {
            heel: ['lift', 'air'],
            innerBall: ['press', 'floor'],
            outerBall: ['press', 'floor'],
            bigToe: ['press', 'floor'],
            smallToes: ['press', 'floor'],
          },
          heelHeightCm: 8,
          ankle: 'neutral',
        }),
        {
          other: restsFlat,
        },
      ),
    ],
    regions: { 'plantar-tissue': 2, 'big-toe-joint': 1 },
  }),
  doses: range(holds(1, 10, 5), holds(2, 20, 5), holds(3, 30, 5), 'usual practice'),
});
