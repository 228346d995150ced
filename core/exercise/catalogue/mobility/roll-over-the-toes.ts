import type { Exercise } from '../../exercise';
import type { FootState } from '../../foot-state';
import {
  care,
  cleanReps,
  cues,
  exercise,
  fault,
  foot,
  kit,
  ladder,
  performance,
  phase,
  range,
  reps,
  restsFlat,
  rung,
  saw,
  say,
  seatedFlat,
  standing,
  stands,
} from '../author';
import { topOfFoot, tucked } from '../shared/ankle-stretch';

const flow = (knee: 'soft' | 'bent', flat: FootState, other: FootState) => [
  phase('on the tops', 2, foot(topOfFoot, { knee }), { other, picture: 'ankle-side', undo: 'on the tops' }),
  phase('over to the ball', 2, foot(tucked, { knee }), { other, undo: 'back over the toes', body: 'rises' }),
  phase('set the heel', 2, foot(flat, { ankle: 'up' }), { other, undo: 'heel off', body: 'sinks' }),
];
const doses = range(reps(3), reps(5), reps(10));
const pad = kit('mat', 'person', { cushion: 'a folded blanket under the toes' });

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
    kit: [kit('chair', 'person', { wall: 'a hand on the wall' }), pad],
    floor: 'padded',
    phases: flow('soft', standing, stands),
    regions: { shin: 1, 'toe-extensors': 2, 'plantar-tissue': 1, 'big-toe-joint': 1 },
    balance: { working: 1, standing: 1 },
  }),
  doses,
  ladder: ladder(
    'light',
    rung(
      'seated',
      'seated, the foot beside the chair',
      { base: 'seated', lever: 'no body weight' },
      doses,
      saw('The foot passes through every joint, both feet.'),
      {
        change: {
          position: 'chair-seated',
          facing: 'any',
          kit: [kit('chair', 'person', { mat: 'half kneeling, hands on the floor' }), pad],
          phases: flow('bent', seatedFlat, restsFlat),
          regions: { shin: 1, 'toe-extensors': 1, 'plantar-tissue': 1 },
          balance: { working: 0, standing: 0 },
        },
      },
    ),
    rung(
      'light',
      'standing, the other leg carries',
      { base: 'split', lever: 'little body weight' },
      doses,
      cleanReps(5, '5 that pass through every joint, both feet.'),
      { why: 'Standing up lends a little weight at once.' },
    ),
    rung(
      'shared',
      'standing, weight shared',
      { base: 'split', lever: 'half of body weight' },
      range(reps(3), reps(4), reps(8)),
      null,
      {
        change: { regions: { shin: 2, 'toe-extensors': 2, 'plantar-tissue': 1, 'big-toe-joint': 2 } },
      },
    ),
  ),
  levelWords: {
    seated: { setup: 'Sit forward, one foot a little behind, tops of its toes on the mat.' },
    shared: { setup: 'Stand at the chair, one foot behind on the tops of its toes, weight on both feet.' },
  },
  preparedBy: ['top-of-foot-stretch'],
});
