import type { Exercise } from '../../exercise';
import { care, cues, exercise, fault, foot, kit, performance, phase, range, reps, say, seatedFlat } from '../author';

export const seatedMarch: Exercise = exercise({
  id: 'seated-heel-toe-march',
  name: say('Seated march: heels and toes', 'Seated alternating ankle pumps'),
  family: 'gait',
  purpose: 'The walking rhythm for people who sit: heel, toes, heel, toes, left and right in turn.',
  stage: 'active',
  directions: ['ankle-up', 'ankle-down'],
  faults: [
    fault('only the knees bounce', 'front', 'Make the ankle do the talking.'),
    fault('slumped back', 'outer side', 'Sit forward and tall.'),
  ],
  cautions: [care('cramp', 'go-gently', 'Cramp: foot up, shake, go on.')],
  cues: cues(
    'Sit forward, both feet flat.',
    'Heel up, heel down, toes up, toes down. Change feet, in time.',
    'A mill with two hammers.',
    'Bigger at the ankle, smaller at the knee.',
  ),
  foundBy: ['seated', 'march', 'chair', 'warm up', 'cannot stand', 'circulation'],
  performance: performance({
    position: 'chair-seated',
    sidePattern: 'alternate',
    kit: [kit('chair', 'person', { mat: 'on the floor, knees bent' })],
    floorsRuledOut: [],
    footwear: 'any',
    phases: [
      phase(
        'heel up and down',
        1,
        foot(seatedFlat, { contacts: { heel: ['lift', 'air'] }, heelHeightCm: 5, ankle: 'down' }),
      ),
      phase(
        'toes up and down',
        1,
        foot(seatedFlat, {
          contacts: {
            innerBall: ['lift', 'air'],
            outerBall: ['lift', 'air'],
            bigToe: ['lift', 'air'],
            smallToes: ['lift', 'air'],
          },
          ankle: 'up',
        }),
      ),
    ],
    regions: { calf: 1, shin: 1 },
  }),
  doses: range(reps(8), reps(16), reps(32)),
});
