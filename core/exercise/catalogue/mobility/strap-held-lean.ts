import type { Exercise } from '../../exercise';
import { care, cues, exercise, fault, foot, holds, kit, performance, phase, range, say, standing } from '../author';

export const strapHeldLean: Exercise = exercise({
  id: 'strap-held-lean',
  name: say('Lean forward, held by a band', 'Assisted forward lean'),
  family: 'mobility',
  purpose: 'A band from behind the shoulders holds you while the whole body leans over the toes.',
  stage: 'loaded',
  directions: ['ankle-up', 'toes-curl'],
  faults: [
    fault('bending at the hips', 'outer side', 'One line from heel to ear.'),
    fault('the band hangs slack', 'outer side', 'It carries you all the time; do not go free.'),
  ],
  cautions: [
    care('falls-or-faints', 'leave-out', 'Lean at a wall instead.'),
    care('brittle-bones', 'leave-out', 'Lean at a wall instead.'),
  ],
  cues: cues(
    'Band fixed behind you at shoulder height, tried with a hard pull, and round both shoulders.',
    'Lean into the band, heels heavy, toes long and pressing. Stay, and come back.',
    'A figurehead under the bow.',
    'Less lean, straighter line.',
  ),
  foundBy: ['lean', 'band', 'forward', 'toes', 'ankle', 'stand'],
  performance: performance({
    facing: 'centre',
    kit: [kit('long-loop', 'person', { wall: 'facing a wall, hands ready: nothing holds you, so lean less' })],
    setup: 'fiddly',
    phases: [
      phase(
        'lean',
        10,
        foot(standing, {
          ankle: 'up',
          knee: 'locked',
          contacts: { bigToe: ['press', 'floor'], smallToes: ['press', 'floor'] },
        }),
        { effort: true },
      ),
    ],
    regions: { 'deep-calf': 1, 'toe-flexors': 2, calf: 1 },
    balance: { working: 2, standing: 0 },
  }),
  doses: range(holds(2, 5, 5), holds(3, 10, 5), holds(5, 15, 5)),
});
