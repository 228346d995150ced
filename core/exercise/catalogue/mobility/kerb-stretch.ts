import type { Exercise } from '../../exercise';
import { care, cues, exercise, fault, foot, kit, performance, phase, range, reps, say, stands } from '../author';
import { stretched, wall } from '../shared/ankle-stretch';

const onKerb = foot(stretched, {
  contacts: {
    innerBall: ['press', 'block'],
    outerBall: ['press', 'block'],
    bigToe: ['rest', 'block'],
    smallToes: ['rest', 'block'],
  },
});

export const kerbStretch: Exercise = exercise({
  id: 'kerb-stretch',
  name: say('Ball of the foot up on a kerb', 'Incline calf stretch with knee travel'),
  family: 'mobility',
  purpose: 'Toes up the kerb, heel on the ground; the knee travels forward, left and right to find the tight side.',
  stage: 'active',
  directions: ['ankle-up'],
  faults: [
    fault('the hips stay behind', 'outer side', 'Hips come forward over the foot.'),
    fault('the foot rolls with the knee', 'front', 'Foot quiet; only the knee travels.'),
  ],
  cautions: [care('sore-achilles', 'go-gently', 'Heel stays at floor level, small and slow.')],
  cues: cues(
    'Hand on the wall. Heel down, ball of the foot up on the edge.',
    'Knee forward. Then forward and left, forward and right.',
    'A weathervane that looks in three directions.',
    'Stay longer on the tight side.',
  ),
  foundBy: ['kerb', 'step', 'calf', 'achilles', 'stretch', 'outdoors'],
  performance: performance({
    facing: 'support',
    sidePattern: 'each',
    kit: [kit('step', 'person', { block: 'a block against the wall', wall: 'the toes up the wall' }), wall],
    footwear: 'any',
    floorsRuledOut: [],
    phases: [
      phase('knee forward', 5, foot(onKerb, { knee: 'soft' }), { other: stands }),
      phase('forward and left', 5, foot(onKerb, { knee: 'soft' }), { other: stands }),
      phase('forward and right', 5, foot(onKerb, { knee: 'soft' }), { other: stands }),
    ],
    regions: { calf: 2, 'deep-calf': 2 },
  }),
  doses: range(reps(1), reps(3), reps(5)),
});
