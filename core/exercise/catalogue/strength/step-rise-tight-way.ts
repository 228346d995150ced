import type { Exercise } from '../../exercise';
import {
  care,
  cues,
  exercise,
  fault,
  ladder,
  offTheFloor,
  onTheBall,
  performance,
  phase,
  range,
  reps,
  rung,
  saw,
  say,
} from '../author';
import { onStep, step, wall, down } from '../shared/rise';

const tight = () => [
  phase('sink towards the tight side', 4, onStep('hang', 0, 'up', 'locked'), {
    other: offTheFloor,
    effort: false,
    body: 'sinks',
    undo: 'press up straight',
  }),
  phase('press up straight', 2, onStep('lift', 8, 'down', 'locked'), {
    other: offTheFloor,
    effort: true,
    body: 'rises',
    undo: 'sink towards the tight side',
  }),
];
const doses = range(reps(2), reps(3), reps(5));

export const stepRiseTightWay: Exercise = exercise({
  id: 'step-rise-tight-way',
  name: say('Step rise towards the tight side', 'Biased heel raise over a step'),
  family: 'strength',
  purpose: 'A few slow ones that lean a little towards the side where the heel drop resists.',
  stage: 'loaded',
  directions: ['ankle-down', 'ankle-up', 'turn-in', 'turn-out'],
  faults: [
    fault('the heel is thrown to the side', 'behind', 'Visit the tight side; do not move in.'),
    fault('the knee goes along', 'behind', 'Knee forward, heel drifts.'),
  ],
  cautions: [
    care('sore-achilles', 'hold-at-rung', 'Sore where the tendon joins the heel: on the floor, never below it.'),
  ],
  cues: cues(
    'Ball of one foot on the step edge, hands on the wall. You know which way the heel resists.',
    'Sink with a lean of a thumb’s width that way, and press up straight.',
    'A key that finds its stiff notch.',
    'A few, and slow.',
  ),
  foundBy: ['step', 'tight', 'rise', 'side', 'heel drop', 'explore'],
  performance: performance({
    facing: 'support',
    sidePattern: 'each',
    kit: [step, wall],
    footwear: 'bare',
    setup: 'props',
    phases: tight(),
    regions: { calf: 2, 'deep-calf': 1, 'outer-ankle': 1, 'inner-ankle': 1 },
    balance: { working: 2, standing: 1 },
  }),
  doses,
  ladder: ladder(
    'floor',
    rung(
      'floor',
      'on the floor, both feet',
      { base: 'two feet', lever: 'floor level' },
      doses,
      saw('The knees stay forward while the heels drift, both feet.'),
      {
        change: {
          sidePattern: 'both',
          kit: [wall],
          setup: 'plain',
          footwear: 'any',
          phases: [
            phase('rise', 2, onTheBall, { undo: 'lower towards the tight side', effort: true, body: 'rises' }),
            phase('lower towards the tight side', 4, down, { undo: 'rise', effort: false, body: 'sinks' }),
          ],
          regions: { calf: 1, 'deep-calf': 1, 'outer-ankle': 1, 'inner-ankle': 1 },
          balance: { working: 1, standing: 0 },
        },
      },
    ),
    rung(
      'two-feet',
      'below the edge, both feet',
      { base: 'two feet', lever: 'below the edge' },
      doses,
      saw('The heel drifts a thumb’s width and the knee stays, both feet.'),
      {
        change: {
          sidePattern: 'both',
          phases: tight().map((p) => ({ ...p, other: null })),
          regions: { calf: 1, 'deep-calf': 1, 'outer-ankle': 1, 'inner-ankle': 1 },
          balance: { working: 1, standing: 0 },
        },
      },
    ),
    rung('one-foot', 'below the edge, one foot', { base: 'one foot', lever: 'below the edge' }, doses, null),
  ),
  levelWords: {
    floor: {
      setup: 'Both hands on the wall, feet parallel. You know which way each heel resists.',
      action: 'Rise straight. Lower with a lean of a thumb’s width that way.',
    },
    'two-feet': {
      setup: 'Balls of both feet on the step edge, hands on the wall. You know which way each heel resists.',
    },
  },
  preparedBy: ['heel-drop-stretch'],
});
