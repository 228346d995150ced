import type { Exercise } from '../../exercise';
import { care, cues, exercise, fault, kit, performance, phase, range, reps, say } from '../author';
import { ballInHand, held } from '../shared/hand';

export const forefootShear: Exercise = exercise({
  id: 'forefoot-shear',
  name: say('Bones of the ball moved up and down', 'Metatarsal shear mobilisation'),
  family: 'mobility',
  purpose: 'Moves neighbouring bones of the ball of the foot against each other, thumbs above and fingers below.',
  stage: 'passive',
  directions: [],
  faults: [
    fault('the toes stand stiff', 'above', 'Let the foot go; the hands do this.'),
    fault('squeezing from the sides', 'above', 'Up and down, not together.'),
  ],
  cautions: [
    care('numb-or-diabetic-feet', 'ask-clinician', 'Ask a clinician first; look at the skin before and after.'),
    care('recent-injury', 'ask-clinician', 'After a fracture or operation ask first.'),
  ],
  cues: cues(
    'Foot tucked close. Thumbs on top, fingers under two neighbouring bones.',
    'One bone up, its neighbour down, and change. Move to the next pair.',
    'Two piano keys, in turn.',
    'Quieter foot, slower hands.',
  ),
  foundBy: ['ball of foot', 'bones', 'hand', 'stiff', 'metatarsal', 'massage'],
  performance: performance({
    position: 'floor-seated',
    sidePattern: 'each',
    kit: [kit('mat', 'person', { chair: 'ankle over the knee, or the foot on a second chair' })],
    floor: 'padded',
    setup: 'props',
    phases: [phase('one up, one down', 2, ballInHand, held), phase('change', 2, ballInHand, held)],
    regions: { 'arch-intrinsics': 1 },
  }),
  doses: range(reps(2, { per: { gaps: 4 } }), reps(4, { per: { gaps: 4 } }), reps(6, { per: { gaps: 4 } })),
});
