import type { Exercise } from '../../exercise';
import { care, cues, exercise, fault, foot, kit, performance, phase, range, reps, say, standing } from '../author';

const tilted = foot(standing, {
  contacts: {
    heel: ['press', 'block'],
    innerBall: ['press', 'block'],
    outerBall: ['press', 'block'],
    bigToe: ['rest', 'block'],
    smallToes: ['rest', 'block'],
  },
  knee: 'bent',
  ankle: 'up',
  weightLine: 'even',
});

export const wedgeSquat: Exercise = exercise({
  id: 'wedge-squat',
  name: say('Squat on a slope, four ways', 'Off-level squat'),
  family: 'strength',
  purpose: 'Toes up, heels up, left side up, right side up: the squat on ground that is not level. Once a week.',
  stage: 'integrated',
  directions: ['ankle-up', 'ankle-down'],
  faults: [
    fault('going past the first hip that says stop', 'front', 'The first hip decides the depth.'),
    fault('the feet slide down the slope', 'front', 'Bare feet, and less slope.'),
  ],
  cautions: [care('sore-achilles', 'leave-out', 'No toes-up squat while the tendon is sore.')],
  cues: cues(
    'Feet hip width on the slope.',
    'Sit down as far as the first hip lets you, come up. Turn the slope for the next set.',
    'A goat on four hillsides.',
    'Shallow first.',
  ),
  foundBy: ['squat', 'slope', 'wedge', 'uneven', 'hips'],
  performance: performance({
    kit: [kit('slope', 'person', { block: 'a low block under toes or heels' })],
    setup: 'props',
    phases: [
      phase('sit down', 3, tilted, { body: 'sinks', undo: 'come up' }),
      phase('come up', 2, foot(tilted, { knee: 'soft', ankle: 'neutral' }), {
        body: 'rises',
        effort: true,
        undo: 'sit down',
      }),
    ],
    regions: { 'hip-and-trunk': 2, 'deep-calf': 2, 'inner-ankle': 1, 'outer-ankle': 1 },
    balance: { working: 2, standing: 0 },
  }),
  doses: range(
    reps(2, { per: { 'contact-points': 4 } }),
    reps(4, { per: { 'contact-points': 4 } }),
    reps(6, { per: { 'contact-points': 4 } }),
  ),
});
