import type { Exercise } from '../../exercise';
import { care, cues, exercise, fault, foot, kit, performance, phase, range, reps, say } from '../author';
import { held, inHand } from '../shared/hand';

export const toesCurledByHand: Exercise = exercise({
  id: 'toes-curled-by-hand',
  name: say('Toes curled by hand', 'Passive toe flexion'),
  family: 'mobility',
  purpose: 'Bends the toe knuckles the way they rarely go, and stretches the top of the foot.',
  stage: 'passive',
  directions: ['toes-curl'],
  faults: [
    fault('only the tips bend', 'inner side', 'Hold over the knuckles; roll all three joints.'),
    fault('the ankle is dragged down', 'inner side', 'One hand keeps the ankle still.'),
  ],
  cautions: [care('sore-big-toe-joint', 'go-gently', 'Leave the big toe out if its joint is sore.')],
  cues: cues(
    'One ankle over the other knee, a hand over the tops of the toes.',
    'Roll the toes down and under, wait, and let them out.',
    'Rolling a rug from its end.',
    'Softer grip, whole hand.',
  ),
  foundBy: ['toes', 'curl', 'hand', 'knuckles', 'top of foot', 'hammer toe'],
  performance: performance({
    position: 'floor-seated',
    sidePattern: 'each',
    kit: [kit('mat', 'person', { chair: 'on a chair, ankle over the knee' })],
    floor: 'padded',
    phases: [
      phase('curl', 5, foot(inHand, { toes: 'curled', hands: ['small toes', 'ankle'] }), held),
      phase('let out', 3, inHand, held),
    ],
    regions: { 'toe-extensors': 1 },
  }),
  doses: range(reps(2), reps(4), reps(8)),
});
