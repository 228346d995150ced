import type { Exercise } from '../../exercise';
import type { FootState } from '../../foot-state';
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
  restsFlat,
  rung,
  saw,
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

const tips = foot(toesPlanted, { contacts: { bigToe: ['rest', 'floor'], smallToes: ['rest', 'floor'] } });

const round = (on: FootState, other: FootState) => [
  phase('heel to the inner side', 0.5, foot(on, { ankle: 'turned-out' }), { other, picture: 'ankle-front' }),
  phase('heel forward', 0.75, foot(on, { ankle: 'down' }), { other, picture: 'ankle-side' }),
  phase('heel to the outer side', 0.5, foot(on, { ankle: 'turned-in' }), { other, picture: 'ankle-front' }),
  phase('heel back', 0.75, foot(on, { ankle: 'up' }), { other, picture: 'ankle-side' }),
];
const circles = (n: number) => reps(n, { per: { directions: 2 } });
const doses = range(circles(3), circles(5), circles(10));

export const plantedToeCircle: Exercise = exercise({
  id: 'planted-toe-circle',
  name: say('Circles with the toes planted', 'Closed-chain ankle circumduction'),
  family: 'mobility',
  purpose: 'The toes stay on the floor, the heel draws a circle over them, both ways.',
  stage: 'active',
  directions: ['ankle-up', 'ankle-down', 'turn-in', 'turn-out'],
  faults: [
    fault('the whole leg swings', 'front', 'Small at the knee, round at the heel.'),
    fault('the toes slide along the floor', 'above', 'Planted toes; the circle gets smaller, not they.'),
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
    phases: round(tips, stands),
    regions: { 'inner-ankle': 1, 'outer-ankle': 1, calf: 1 },
    balance: { working: 0, standing: 1 },
  }),
  doses,
  ladder: ladder(
    'little-weight',
    rung(
      'seated',
      'seated, toes planted',
      { base: 'seated', lever: 'no body weight' },
      doses,
      saw('The toes stay where they are, both ways, both feet.'),
      {
        change: {
          position: 'chair-seated',
          facing: 'any',
          kit: [kit('chair', 'person', { mat: 'on the floor, knees bent' })],
          phases: round(foot(tips, { knee: 'bent' }), restsFlat),
          balance: { working: 0, standing: 0 },
        },
      },
    ),
    rung(
      'little-weight',
      'standing, little weight on the toes',
      { base: 'split', lever: 'no body weight' },
      doses,
      saw('The knee is quiet and the heel goes round, both ways, both feet.'),
    ),
    rung(
      'more-weight',
      'standing, a third of the weight on the toes',
      { base: 'split', lever: 'some body weight' },
      doses,
      null,
      { change: { regions: { 'inner-ankle': 2, 'outer-ankle': 2, calf: 1, 'big-toe-joint': 1 } } },
    ),
  ),
  levelWords: {
    seated: { setup: 'Sit, one heel up, toes planted.' },
    'more-weight': { setup: 'A hand on the chair, one heel up, toes planted, a third of your weight on them.' },
  },
});
