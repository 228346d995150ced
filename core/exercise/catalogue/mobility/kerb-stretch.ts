import type { Exercise } from '../../exercise';
import {
  care,
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
  rung,
  saw,
  say,
  stands,
} from '../author';
import { stretched, wall } from '../shared/ankle-stretch';

const up = (on: 'floor' | 'block' | 'step') =>
  foot(stretched, {
    contacts: { innerBall: ['press', on], outerBall: ['press', on], bigToe: ['rest', on], smallToes: ['rest', on] },
    knee: 'soft',
  });
const threeWays = (on: 'floor' | 'block' | 'step') => [
  phase('knee forward', 5, up(on), { other: stands }),
  phase('forward and left', 5, up(on), { other: stands }),
  phase('forward and right', 5, up(on), { other: stands }),
];
const doses = range(reps(1), reps(3), reps(5));

export const kerbStretch: Exercise = exercise({
  id: 'kerb-stretch',
  name: say('Ball of the foot up on a kerb', 'Incline calf stretch with knee travel'),
  family: 'mobility',
  purpose: 'Toes up the kerb, heel on the ground; the knee travels forward, left and right to find the tight side.',
  stage: 'active',
  directions: ['ankle-up'],
  faults: [
    fault('the hips stay behind', 'outer side', 'Hips come forward over the foot.'),
    fault('the foot tips with the knee', 'behind', 'Foot quiet; only the knee travels.'),
  ],
  cautions: [care('sore-achilles', 'go-gently', 'Heel stays at floor level, small and slow.')],
  cues: cues(
    'Hand on the wall. Heel down, ball of the foot up on the edge.',
    'Knee forward. Then forward and left, forward and right.',
    'An owl looks ahead, to one side, to the other.',
    'Stay longer on the tight side.',
  ),
  foundBy: ['kerb', 'step', 'calf', 'achilles', 'stretch', 'outdoors'],
  performance: performance({
    facing: 'support',
    sidePattern: 'each',
    kit: [kit('step', 'person', { block: 'a block against the wall', wall: 'the toes up the wall' }), wall],
    footwear: 'any',
    floorsRuledOut: [],
    phases: threeWays('step'),
    regions: { calf: 2, 'deep-calf': 2 },
  }),
  doses,
  ladder: ladder(
    'thin',
    rung(
      'thin',
      'ball of the foot on a folded mat',
      { lever: 'a finger high' },
      doses,
      saw('Heel down in all three directions, no ache in the tendon, both feet.'),
      {
        change: {
          kit: [kit('mat', 'person', { cloth: 'a folded towel' }), wall],
          phases: threeWays('floor'),
          regions: { calf: 1, 'deep-calf': 1 },
        },
      },
    ),
    rung(
      'block',
      'ball of the foot on a low block',
      { lever: 'half a hand high' },
      doses,
      saw('Heel down in all three directions, hips over the foot, both feet.'),
      { change: { kit: [kit('block', 'person', { step: 'the lowest step' }), wall], phases: threeWays('block') } },
    ),
    rung('kerb', 'ball of the foot up on a kerb or step', { lever: 'a step high' }, doses, null),
  ),
  levelWords: {
    thin: { setup: 'A hand on the wall. Heel down, ball of the foot up on the folded mat.' },
    block: { setup: 'A hand on the wall. Heel down, ball of the foot up on the block.' },
  },
});
