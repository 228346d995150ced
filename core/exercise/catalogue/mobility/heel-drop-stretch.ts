import type { Exercise } from '../../exercise';
import {
  care,
  cleanHold,
  cues,
  exercise,
  fault,
  foot,
  holds,
  kit,
  ladder,
  performance,
  phase,
  range,
  rung,
  saw,
  say,
  standing,
  stands,
} from '../author';
import { stretched, wall } from '../shared/ankle-stretch';

const overStep = foot(standing, {
  contacts: {
    heel: ['hang', 'air'],
    innerBall: ['press', 'step'],
    outerBall: ['press', 'step'],
    bigToe: ['rest', 'step'],
    smallToes: ['rest', 'step'],
  },
  ankle: 'up',
  knee: 'locked',
});

export const heelDropStretch: Exercise = exercise({
  id: 'heel-drop-stretch',
  name: say('Heel drop off a step, and stay', 'Static calf stretch over an edge'),
  family: 'mobility',
  purpose: 'Lets the heel sink below the step and waits there: a strong calf stretch.',
  stage: 'passive',
  directions: ['ankle-up'],
  faults: [
    fault('the foot rolls to one edge', 'behind', 'Two balls on the step, heel straight down.'),
    fault('bouncing', 'outer side', 'Sink and wait.'),
  ],
  cautions: [
    care(
      'sore-achilles',
      'hold-at-rung',
      'Sore where the tendon joins the heel: at the wall, never below floor level.',
    ),
    care('falls-or-faints', 'change-support', 'Both hands on the rail.'),
  ],
  cues: cues(
    'One foot flat on the step, the ball of the other on its edge, both hands on a support.',
    'Let that heel sink. Wait. Come up with the help of the other foot.',
    'A bucket sinks in a well, and finds the bottom.',
    'Straight down, not sideways.',
    'Breathe slowly.',
  ),
  foundBy: ['heel', 'drop', 'step', 'calf', 'stretch', 'stairs'],
  performance: performance({
    facing: 'support',
    sidePattern: 'each',
    kit: [kit('step', 'person', { block: 'a firm block that cannot slip' }), wall],
    footwear: 'bare',
    setup: 'props',
    phases: [
      phase('sink and wait', 20, overStep, {
        other: foot(standing, {
          role: 'stands',
          contacts: {
            heel: ['rest', 'step'],
            innerBall: ['press', 'step'],
            outerBall: ['press', 'step'],
            bigToe: ['rest', 'step'],
            smallToes: ['rest', 'step'],
          },
        }),
        body: 'sinks',
      }),
    ],
    regions: { calf: 3, 'plantar-tissue': 1 },
    balance: { working: 1, standing: 1 },
  }),
  doses: range(holds(1, 15, 5), holds(2, 20, 5), holds(2, 30, 5)),
  ladder: ladder(
    'wall',
    rung(
      'wall',
      'at the wall, heel on the floor',
      { lever: 'heel at floor level', surface: 'floor' },
      range(holds(1, 15, 5), holds(2, 20, 5), holds(2, 30, 5)),
      saw('The heel stays down, and the student points to the calf, not to the tendon, both feet.'),
      {
        change: {
          kit: [wall],
          phases: [phase('sink and wait', 20, stretched, { other: stands })],
          regions: { calf: 2 },
          balance: { working: 0, standing: 0 },
        },
      },
    ),
    rung(
      'low-edge',
      'on a thin block',
      { lever: 'heel a finger below', surface: 'floor' },
      range(holds(1, 15, 5), holds(2, 20, 5), holds(2, 30, 5)),
      cleanHold(20, '20 s, heel straight down, no ache in the tendon, both feet.'),
      { change: { kit: [kit('block', 'person', { step: 'the lowest step' }), wall] } },
    ),
    rung(
      'step',
      'on a step',
      { lever: 'heel well below', surface: 'floor' },
      range(holds(1, 15, 5), holds(2, 20, 5), holds(2, 30, 5)),
      null,
    ),
  ),
  levelWords: {
    wall: { setup: 'Hands on the wall, one foot back, heel on the floor.', action: 'Press that heel down, and wait.' },
    'low-edge': { setup: 'One foot flat on the block, the ball of the other on its edge, both hands on a support.' },
  },
});
