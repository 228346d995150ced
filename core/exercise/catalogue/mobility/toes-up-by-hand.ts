import type { Exercise } from '../../exercise';
import {
  care,
  cues,
  exercise,
  fault,
  foot,
  hanging,
  holds,
  performance,
  phase,
  range,
  restsFlat,
  say,
} from '../author';
import { chair } from '../shared/hand';

export const toesUpByHand: Exercise = exercise({
  id: 'toes-up-by-hand',
  name: say('All toes drawn up by hand', 'Passive extension of all toes'),
  family: 'mobility',
  purpose: 'Stretches the sole and the undersides of the toes by hand, with no weight at all.',
  stage: 'passive',
  directions: ['toes-lift'],
  faults: [
    fault('only the big toe is drawn up', 'above', 'The whole row, from under the knuckles.'),
    fault('the ankle is pulled along with them', 'inner side', 'The other hand holds the heel.'),
  ],
  cautions: [care('sore-big-toe-joint', 'go-gently', 'Leave the big toe out and draw up the four.')],
  cues: cues(
    'One ankle over the other knee, a hand under all five toes, the other round the heel.',
    'Draw the toes towards the shin until the sole feels long. Wait. Let go.',
    'A page of a big atlas is turned up and held.',
    'Slower, and the whole row.',
    'Breathe out as they come.',
  ),
  foundBy: ['toes', 'hand', 'stretch', 'sole', 'draw up', 'plantar'],
  performance: performance({
    position: 'chair-seated',
    sidePattern: 'each',
    kit: [chair],
    phases: [
      phase(
        'draw up and wait',
        10,
        foot(hanging, {
          contacts: { bigToe: ['lift', 'hand'], smallToes: ['lift', 'hand'], heel: ['rest', 'hand'] },
          hands: ['big toe', 'small toes', 'heel'],
          toes: 'long',
        }),
        { other: restsFlat, picture: 'ankle-side', breath: 'out' },
      ),
    ],
    regions: { 'plantar-tissue': 1, 'big-toe-joint': 1 },
  }),
  doses: range(holds(2, 10, 3), holds(3, 10, 3), holds(4, 20, 3)),
});
