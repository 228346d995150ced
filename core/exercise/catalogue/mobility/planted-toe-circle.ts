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

const toesPlanted = foot(standing, {
  contacts: {
    heel: ['lift', 'air'],
    innerBall: ['rest', 'floor'],
    outerBall: ['rest', 'floor'],
    bigToe: ['press', 'floor'],
    smallToes: ['press', 'floor'],
  },
  heelHeightCm: 8,
  knee: 'soft',
  weightLine: 'none',
});

const lightly = { other: stands, picture: 'ankle-front' } as const;

const tips = foot(toesPlanted, { contacts: { bigToe: ['rest', 'floor'], smallToes: ['rest', 'floor'] } });

export const plantedToeCircle: Exercise = exercise({
  id: 'planted-toe-circle',
  name: say('Circles with the toes planted', 'Closed-chain ankle circumduction'),
  family: 'mobility',
  purpose: 'The toes stay on the floor, the heel draws a circle over them, both ways.',
  stage: 'active',
  directions: ['ankle-up', 'ankle-down', 'turn-in', 'turn-out'],
  faults: [
    fault('the whole leg swings', 'front', 'Small at the knee, round at the heel.'),
    fault('one way is forgotten', 'front', 'The same number the other way.'),
  ],
  cautions: [care('sore-big-toe-joint', 'go-gently', 'Less weight on the toes, or circles in the air.')],
  cues: cues(
    'Hand on the chair, one heel up, toes planted, little weight on them.',
    'Draw a circle with the heel. Then the other way round.',
    'Stirring a pot with the heel for a spoon.',
    'Leg quiet, circle round.',
  ),
  foundBy: ['circle', 'ankle', 'toes', 'warm up', 'rotate'],
  performance: performance({
    facing: 'support',
    sidePattern: 'each',
    kit: [kit('chair', 'person', { wall: 'a hand on the wall' })],
    phases: [
      phase('heel to the inner side', 0.5, foot(tips, { ankle: 'turned-out' }), lightly),
      phase('heel forward', 0.75, foot(tips, { ankle: 'down' }), { ...lightly, picture: 'ankle-side' }),
      phase('heel to the outer side', 0.5, foot(tips, { ankle: 'turned-in' }), lightly),
      phase('heel back', 0.75, foot(tips, { ankle: 'up' }), { ...lightly, picture: 'ankle-side' }),
    ],
    regions: { 'inner-ankle': 1, 'outer-ankle': 1, calf: 1 },
    balance: { working: 0, standing: 1 },
  }),
  doses: range(
    reps(3, { per: { directions: 2 } }),
    reps(5, { per: { directions: 2 } }),
    reps(10, { per: { directions: 2 } }),
  ),
});
