import type { Exercise } from '../../exercise';
import { care, cues, exercise, fault, holds, ladder, performance, phase, range, rung, saw, say } from '../author';
import { cushion, mat, tucked } from '../shared/ankle-stretch';

export const tuckedHeelSit: Exercise = exercise({
  id: 'tucked-toes-heel-sit',
  name: say('Sit on the heels, toes tucked', 'Kneeling toe extension stretch'),
  family: 'mobility',
  purpose: 'Stretches the sole and the toe joints under body weight, as much as is wanted.',
  stage: 'passive',
  directions: ['toes-lift', 'ankle-up'],
  faults: [
    fault('heels fall apart', 'behind', 'Heels together, over the second toes.'),
    fault('the little toe slips out', 'behind', 'Sort the toes by hand, all ten on their pads.'),
  ],
  cautions: [care('sore-knees', 'leave-out', 'No kneeling on sore knees; do the seated stretch instead.')],
  cues: cues(
    'Kneel, toes tucked under, a cushion between seat and heels if you like.',
    'Sit back slowly until the soles answer. Stay. Come off before it is too much.',
    'A heavy lid comes down on its hinge, and stops.',
    'Lean forward to make it less.',
    'Breathe slowly.',
  ),
  foundBy: ['toes', 'kneel', 'stretch', 'sole', 'tuck', 'plantar'],
  performance: performance({
    position: 'kneeling',
    kit: [mat],
    floor: 'padded',
    phases: [phase('stay', 20, tucked, { body: 'sinks' })],
    regions: { 'plantar-tissue': 3, 'big-toe-joint': 2 },
  }),
  doses: range(holds(1, 10, 5), holds(1, 30, 5), holds(2, 30, 10), 'usual practice'),
  ladder: ladder(
    'leaning',
    rung(
      'hands-and-knees',
      'on hands and knees, toes tucked',
      { lever: 'most weight on the hands' },
      range(holds(1, 10, 5), holds(1, 20, 5), holds(2, 30, 10)),
      saw('Ten toes lie evenly and the face is soft, both feet.'),
      { change: { regions: { 'plantar-tissue': 1, 'big-toe-joint': 2 } } },
    ),
    rung(
      'leaning',
      'seat on a cushion, hands on the floor in front',
      { lever: 'half the weight back' },
      range(holds(1, 10, 5), holds(1, 20, 5), holds(2, 30, 10), 'usual practice'),
      saw('All ten toes stay tucked to the end, both feet.', 2),
      { change: { kit: [mat, cushion], regions: { 'plantar-tissue': 2, 'big-toe-joint': 2 } } },
    ),
    rung(
      'upright',
      'upright on the heels',
      { lever: 'all the weight back' },
      range(holds(1, 10, 5), holds(1, 30, 5), holds(2, 30, 10), 'usual practice'),
      null,
    ),
  ),
  levelWords: {
    'hands-and-knees': {
      setup: 'Hands and knees on the mat, toes tucked under.',
      action: 'Move back a little until the soles answer. Stay. Come off before it is too much.',
    },
    leaning: { setup: 'Kneel, toes tucked under, seat on a cushion, hands on the floor in front.' },
    upright: { setup: 'Kneel, toes tucked under.' },
  },
});
