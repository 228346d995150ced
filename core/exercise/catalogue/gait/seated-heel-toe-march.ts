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
} from '../author';

const march = (seconds: number, other?: FootState) => [
  phase(
    'heel up and down',
    seconds,
    foot(seatedFlat, { contacts: { heel: ['lift', 'air'] }, heelHeightCm: 5, ankle: 'down' }),
    { other },
  ),
  phase(
    'toes up and down',
    seconds,
    foot(seatedFlat, {
      contacts: {
        innerBall: ['lift', 'air'],
        outerBall: ['lift', 'air'],
        bigToe: ['lift', 'air'],
        smallToes: ['lift', 'air'],
      },
      ankle: 'up',
    }),
    { other },
  ),
];
const doses = range(reps(8), reps(16), reps(32));

export const seatedMarch: Exercise = exercise({
  id: 'seated-heel-toe-march',
  name: say('Seated march: heels and toes', 'Seated alternating ankle pumps'),
  family: 'gait',
  purpose: 'The walking rhythm for people who sit: heel, toes, heel, toes, left and right in turn.',
  stage: 'active',
  directions: ['ankle-up', 'ankle-down'],
  faults: [
    fault('only the knees bounce', 'front', 'Make the ankle do the talking.'),
    fault('slumped back', 'outer side', 'Sit forward and tall.'),
  ],
  cautions: [care('cramp', 'go-gently', 'Cramp: foot up, shake, go on.')],
  cues: cues(
    'Sit forward, both feet flat.',
    'Heel up, heel down, toes up, toes down. Change feet, in time.',
    'A mill with two hammers.',
    'Bigger at the ankle, smaller at the knee.',
  ),
  foundBy: ['seated', 'march', 'chair', 'warm up', 'cannot stand', 'circulation'],
  performance: performance({
    position: 'chair-seated',
    sidePattern: 'alternate',
    kit: [kit('chair', 'person', { mat: 'on the floor, knees bent' })],
    floorsRuledOut: [],
    footwear: 'any',
    phases: march(1, restsFlat),
    regions: { calf: 1, shin: 1 },
  }),
  doses,
  ladder: ladder(
    'in-turn',
    rung(
      'together',
      'both feet together',
      { base: 'both feet together', speed: 'easy' },
      doses,
      saw('The ankles do it and the knees stay, both feet.'),
      {
        change: { sidePattern: 'both', phases: march(1) },
      },
    ),
    rung(
      'in-turn',
      'left and right in turn',
      { base: 'in turn', speed: 'easy' },
      doses,
      cleanReps(16, '16 in time, each foot.'),
    ),
    rung(
      'quick',
      'left and right in turn, quicker',
      { base: 'in turn', speed: 'quick' },
      range(reps(8), reps(16), reps(32)),
      null,
      {
        change: { phases: march(0.5, restsFlat) },
      },
    ),
  ),
  levelWords: {
    together: { action: 'Heels up, heels down, toes up, toes down, both feet together.' },
    quick: { action: 'Heel up, heel down, toes up, toes down. Change feet, in quick time.' },
  },
});
