import type { Exercise } from '../../exercise';
import {
  care,
  cleanReps,
  cues,
  exercise,
  fault,
  foot,
  ladder,
  onTheBall,
  performance,
  phase,
  range,
  reps,
  rung,
  saw,
  say,
  seatedFlat,
  standing,
} from '../author';
import { chairBack } from '../shared/rise';

const onHeels = foot(standing, {
  contacts: {
    innerBall: ['lift', 'air'],
    outerBall: ['lift', 'air'],
    bigToe: ['lift', 'air'],
    smallToes: ['lift', 'air'],
  },
  ankle: 'up',
  knee: 'locked',
  weightLine: 'none',
});

const backOnHeels = foot(onHeels, { weightLine: 'even' });

export const heelToeRock: Exercise = exercise({
  id: 'heel-to-ball-rock',
  name: say('Rock from heels to balls', 'Heel-to-forefoot rocking'),
  family: 'strength',
  purpose: 'From the heels with toes up to the balls with heels up, straight knees, smooth through the middle.',
  stage: 'loaded',
  directions: ['ankle-up', 'ankle-down'],
  faults: [
    fault('knees bend to help', 'outer side', 'Straight knees; it comes from the ankles.'),
    fault('weight goes to the outer edge on top', 'behind', 'Press the big-toe root.'),
  ],
  cautions: [care('falls-or-faints', 'change-support', 'Hands on the chair: the back half is the precarious one.')],
  cues: cues(
    'Behind the chair, fingers on it, feet parallel.',
    'Toes up and back onto the heels. Through the middle and up to the balls.',
    'A rocking chair that never bumps.',
    'Slower through the middle.',
  ),
  foundBy: ['rock', 'heel', 'toe', 'shin', 'calf', 'warm up'],
  schools: { knees: 'on-purpose' },
  performance: performance({
    facing: 'support',
    kit: [chairBack],
    phases: [
      phase('onto the heels', 2, backOnHeels, { undo: 'onto the balls', effort: true }),
      phase('onto the balls', 2, onTheBall, { undo: 'onto the heels', effort: true, body: 'rises' }),
    ],
    regions: { calf: 2, shin: 2 },
    balance: { working: 2, standing: 0 },
  }),
  doses: range(reps(10), reps(15), reps(30), 'usual practice'),
  ladder: ladder(
    'chair',
    rung(
      'seated',
      'seated',
      { base: 'seated', support: 'chair' },
      range(reps(10), reps(15), reps(30)),
      saw('Heels and balls change without a stamp, both feet.'),
      {
        change: {
          position: 'chair-seated',
          balance: { working: 0, standing: 0 },
          regions: { calf: 1, shin: 1 },
          phases: [
            phase(
              'onto the heels',
              2,
              foot(seatedFlat, {
                contacts: {
                  innerBall: ['lift', 'air'],
                  outerBall: ['lift', 'air'],
                  bigToe: ['lift', 'air'],
                  smallToes: ['lift', 'air'],
                },
                ankle: 'up',
              }),
              { undo: 'onto the balls' },
            ),
            phase(
              'onto the balls',
              2,
              foot(seatedFlat, { contacts: { heel: ['lift', 'air'] }, ankle: 'down', heelHeightCm: 6 }),
              { undo: 'onto the heels' },
            ),
          ],
        },
      },
    ),
    rung(
      'chair',
      'standing at the chair',
      { base: 'hip width', support: 'chair' },
      range(reps(10), reps(15), reps(30), 'usual practice'),
      cleanReps(15, '15 with straight knees, both feet.'),
    ),
    rung(
      'free',
      'standing, hands free',
      { base: 'hip width', support: 'none' },
      range(reps(8), reps(12), reps(30)),
      null,
      { change: { facing: 'centre', balance: { working: 3, standing: 0 } } },
    ),
  ),
  levelWords: {
    seated: {
      setup: 'Sit, both feet flat.',
      action: 'Toes up, heels heavy. Through the middle, and heels up onto the balls.',
    },
    free: { setup: 'Behind the chair, hands free and near it, feet parallel, space behind you.' },
  },
});
