import type { Exercise } from '../../exercise';
import { cues, exercise, fault, kit, onTheBall, performance, phase, range, reps, say } from '../author';
import { chairBack, down } from '../shared/rise';
import { heldLadder, heldWords } from '../shared/held';

const doses = range(reps(6), reps(10), reps(16));

export const ballAboveAnkles: Exercise = exercise({
  id: 'ball-above-ankles-rise',
  name: say('Rise with a soft ball above the ankles', 'Heel raise with light adduction'),
  family: 'strength',
  purpose: 'A gentle squeeze above the ankle bones brings the legs to the middle while the heels rise.',
  stage: 'loaded',
  directions: ['ankle-down'],
  faults: [
    fault('the ball is crushed flat', 'front', 'Hold it like a peach; float the ankle bones up.'),
    fault('knees knock', 'front', 'The squeeze is low, not at the knees.'),
  ],
  cues: cues(
    'Feet parallel, soft ball between the shins just above the ankle bones, hold on.',
    'Rise with the ball, lower with the ball, same gentle squeeze.',
    'Carrying a peach between two saucers.',
    'Softer legs, taller ankles.',
  ),
  foundBy: ['ball', 'rise', 'midline', 'squeeze', 'ankles', 'relevé'],
  performance: performance({
    facing: 'support',
    kit: [kit('soft-ball', 'person', { cushion: 'a small cushion gives less feedback' }), chairBack],
    setup: 'props',
    phases: [
      phase('rise', 2, onTheBall, { undo: 'lower', effort: true, body: 'rises' }),
      phase('lower', 3, down, { undo: 'rise', effort: false, body: 'sinks' }),
    ],
    regions: { calf: 2, 'inner-ankle': 1, 'hip-and-trunk': 1 },
    balance: { working: 1, standing: 0 },
  }),
  doses,
  ladder: heldLadder({ doses, working: [1, 1, 2], clean: 10, seen: 'with the same soft squeeze and no bent knees' }),
  levelWords: heldWords('Behind the chair', 'feet parallel, soft ball just above the ankle bones'),
});
