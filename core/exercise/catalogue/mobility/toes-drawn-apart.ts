import type { Exercise } from '../../exercise';
import { cues, exercise, fault, foot, holds, performance, phase, range, say } from '../author';
import { chair, held, inHand } from '../shared/hand';

export const toesDrawnApart: Exercise = exercise({
  id: 'toes-drawn-apart',
  name: say('Neighbouring toes drawn apart', 'Passive web-space mobilisation'),
  family: 'mobility',
  purpose: 'Opens each gap between two toes by hand, one after the other.',
  stage: 'passive',
  directions: ['toes-spread'],
  faults: [
    fault('pulled until the skin is white', 'above', 'Half of that; skin can split.'),
    fault('the hand jumps over a gap', 'above', 'Four gaps on each foot; count them aloud.'),
  ],
  cues: cues(
    'One ankle over the other knee. Take two neighbouring toes near their roots.',
    'Draw them apart, wait, let go. Next gap.',
    'Opening a book at its middle without breaking the spine.',
    'Slower and less.',
  ),
  foundBy: ['toes', 'gap', 'apart', 'hand', 'between'],
  performance: performance({
    situations: ['between-the-toes'],
    position: 'chair-seated',
    sidePattern: 'each',
    kit: [chair],
    phases: [phase('draw apart', 5, foot(inHand, { toes: 'spread', hands: ['between the toes'] }), held)],
    regions: { 'arch-intrinsics': 1 },
  }),
  doses: range(
    holds(1, 3, 2, { per: { gaps: 4 } }),
    holds(1, 5, 2, { per: { gaps: 4 } }),
    holds(2, 5, 2, { per: { gaps: 4 } }),
  ),
});
