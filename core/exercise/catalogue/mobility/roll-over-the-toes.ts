import type { Exercise } from '../../exercise';
import {
  care,
  cues,
  exercise,
  fault,
  foot,
  kit,
  performance,
  phase,
  range,
  reps,
  say,
  standing,
  stands,
} from '../author';
import { mat, topOfFoot, tucked } from '../shared/ankle-stretch';

export const rollOverTheToes: Exercise = exercise({
  id: 'roll-over-the-toes',
  name: say('Roll over the toes and set the heel', 'Dynamic dorsal-to-plantar transition'),
  family: 'mobility',
  purpose: 'Flows from the top of the foot over the toes to a planted heel, and back.',
  stage: 'active',
  directions: ['ankle-down', 'ankle-up', 'toes-curl', 'toes-lift'],
  faults: [
    fault('the foot flips at the toes', 'inner side', 'Pass through every joint.'),
    fault('weight lands at once', 'outer side', 'The other leg carries until it is easy.'),
  ],
  cautions: [
    care('sore-big-toe-joint', 'leave-out', 'Leave it out while the joint is sore.'),
    care('sore-knees', 'go-gently', 'A short step, little bend.'),
  ],
  cues: cues(
    'Stand at the chair, one foot behind on the tops of its toes.',
    'Roll over the toes to the ball, set the heel down, and roll back.',
    'A wheel over a kerb, slow motion.',
    'First time can be tough; less weight.',
  ),
  foundBy: ['roll', 'toes', 'flow', 'point', 'dancer', 'over the toes'],
  performance: performance({
    situations: ['end-range-point'],
    facing: 'support',
    sidePattern: 'each',
    kit: [kit('chair', 'person', { wall: 'a hand on the wall' }), mat],
    floor: 'padded',
    phases: [
      phase('on the tops', 2, foot(topOfFoot, { knee: 'soft' }), { other: stands, undo: 'on the tops' }),
      phase('over to the ball', 2, foot(tucked, { knee: 'soft' }), {
        other: stands,
        undo: 'back over the toes',
        body: 'rises',
      }),
      phase('set the heel', 2, foot(standing, { ankle: 'up' }), { other: stands, undo: 'heel off', body: 'sinks' }),
    ],
    regions: { shin: 1, 'toe-extensors': 2, 'plantar-tissue': 1, 'big-toe-joint': 1 },
    balance: { working: 1, standing: 1 },
  }),
  doses: range(reps(3), reps(5), reps(10)),
  preparedBy: ['top-of-foot-stretch'],
});
