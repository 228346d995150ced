import type { Exercise } from '../../exercise';
import {
  care,
  cues,
  exercise,
  fault,
  foot,
  performance,
  phase,
  range,
  reps,
  restsFlat,
  say,
  seatedFlat,
} from '../author';
import { chair } from '../shared/toes';

export const bigToeSpring: Exercise = exercise({
  id: 'big-toe-spring',
  name: say('Big toe drawn up and let go', 'Passive hallux lift with active release'),
  family: 'toes',
  purpose: 'Shows the foot what lifting the big toe alone feels like: the hand takes it up, the toe springs back.',
  stage: 'passive',
  directions: ['toes-lift', 'toes-curl'],
  faults: [
    fault('the toe is pulled far back before it is let go', 'above', 'Only as far as it goes easily.'),
    fault('the other toes come up with it', 'above', 'The other hand lies on the four.'),
  ],
  cautions: [care('sore-big-toe-joint', 'leave-out', 'Leave it out while the joint is sore.')],
  cues: cues(
    'Sit, one foot flat, a finger under the big toe.',
    'Draw it up, let it go, and let it land flat.',
    'A ruler twanged on the edge of a desk, very softly.',
    'Gentle; it is a hint, not a stretch.',
  ),
  foundBy: ['big toe', 'hand', 'spring', 'help', 'learn'],
  performance: performance({
    position: 'chair-seated',
    sidePattern: 'each',
    kit: [chair],
    phases: [
      phase(
        'hand draws it up',
        2,
        foot(seatedFlat, { contacts: { bigToe: ['lift', 'hand'] }, hands: ['big toe'], midfoot: 'lifted' }),
        {
          other: restsFlat,
        },
      ),
      phase('it lands', 1, foot(seatedFlat, { contacts: { bigToe: ['press', 'floor'] } }), { other: restsFlat }),
    ],
    regions: { 'big-toe-joint': 1, 'toe-flexors': 1 },
  }),
  doses: range(reps(4), reps(8), reps(12)),
});
