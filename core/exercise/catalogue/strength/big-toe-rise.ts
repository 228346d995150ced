import type { Exercise } from '../../exercise';
import { cues, exercise, fault, foot, kit, onTheBall, performance, phase, range, reps, say } from '../author';
import { chairBack } from '../shared/rise';

const bigToeOnPlate = foot(onTheBall, {
  contacts: {
    innerBall: ['press', 'block'],
    outerBall: ['rest', 'block'],
    bigToe: ['press', 'block'],
    smallToes: ['hang', 'air'],
  },
  weightLine: 'first-toe',
});

export const bigToeRise: Exercise = exercise({
  id: 'big-toe-rise',
  name: say('Rise through the big toe alone', 'Hallux-emphasised heel raise'),
  family: 'strength',
  purpose: 'On a thin plate that only the big-toe side touches, the push-off comes from the big toe.',
  stage: 'loaded',
  directions: ['ankle-down', 'toes-curl'],
  faults: [
    fault('the foot tips to the small toes', 'behind', 'Stay on the big-toe side.'),
    fault('the big toe claws', 'above', 'Press it long.'),
  ],
  cues: cues(
    'Inner ball and big toe on the plate, small toes over its side. Hold on.',
    'Rise through the big toe, long and straight. Lower slowly.',
    'One finger lifts the lid.',
    'Long toe.',
  ),
  foundBy: ['big toe', 'rise', 'plate', 'push off', 'calf'],
  performance: performance({
    facing: 'support',
    kit: [kit('block', 'person', { cloth: 'a firmly folded cloth makes a softer plate' }), chairBack],
    setup: 'fiddly',
    phases: [
      phase('rise', 2, bigToeOnPlate, { undo: 'lower', effort: true, body: 'rises' }),
      phase(
        'lower',
        3,
        foot(bigToeOnPlate, {
          contacts: { heel: ['press', 'floor'] },
          heelHeightCm: 0,
          ankle: 'neutral',
          midfoot: 'resting',
        }),
        { undo: 'rise', effort: false, body: 'sinks' },
      ),
    ],
    regions: { calf: 2, 'toe-flexors': 2, 'big-toe-joint': 2 },
    balance: { working: 1, standing: 0 },
  }),
  schools: { toesOnRise: 'big-toe-leads', weightLine: 'first-toe' },
  doses: range(reps(4), reps(8), reps(12)),
});
