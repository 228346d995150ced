import type { Exercise } from '../../exercise';
import { care, cues, exercise, fault, offTheFloor, performance, phase, range, reps, say } from '../author';
import { onStep, step, wall } from '../shared/rise';

export const stepRiseTightWay: Exercise = exercise({
  id: 'step-rise-tight-way',
  name: say('Step rise towards the tight side', 'Biased heel raise over a step'),
  family: 'strength',
  purpose: 'A few slow ones that lean a little towards the side where the heel drop resists.',
  stage: 'loaded',
  directions: ['ankle-down', 'ankle-up', 'turn-in', 'turn-out'],
  faults: [
    fault('it is forced', 'behind', 'Visit the tight side; do not move in.'),
    fault('the knee goes along', 'front', 'Knee forward, heel drifts.'),
  ],
  cautions: [care('sore-achilles', 'leave-out', 'Sore where the tendon joins the heel: rises from the floor instead.')],
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
    footwear: 'any',
    setup: 'props',
    phases: [
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
    ],
    regions: { calf: 2, 'deep-calf': 1, 'outer-ankle': 1, 'inner-ankle': 1 },
    balance: { working: 2, standing: 1 },
  }),
  doses: range(reps(2), reps(3), reps(5)),
  preparedBy: ['heel-drop-stretch'],
});
