import type { Exercise } from '../../exercise';
import {
  afterWeeks,
  cleanReps,
  cues,
  exercise,
  fault,
  foot,
  kit,
  ladder,
  onTheBall,
  performance,
  phase,
  range,
  reps,
  rung,
  say,
  standing,
} from '../author';
import { wall } from '../shared/rise';

const mound = foot(onTheBall, {
  heelHeightCm: 4,
  contacts: { bigToe: ['rest', 'floor'] },
  knee: 'soft',
  weightLine: 'between-first-and-second',
});

const lowRise = (gather: number, up: number, lower: number) => [
  phase('gather', gather, foot(standing, { midfoot: 'lifted' }), { effort: true }),
  phase('rise', up, mound, { effort: true, body: 'rises' }),
  phase('lower', lower, foot(standing, { midfoot: 'lifted' }), { effort: false, body: 'sinks' }),
];

export const threePointRise: Exercise = exercise({
  id: 'three-point-rise',
  name: say('Low rise with the arch first', 'Tripod-led heel raise'),
  family: 'strength',
  purpose: 'Ankles drawn up and out of the arch first, inner balls down, toes soft; only then a small rise.',
  stage: 'loaded',
  directions: ['ankle-down', 'turn-in'],
  faults: [
    fault('the inner ball lifts with the arch', 'inner side', 'Ball down, ankle up; then rise.'),
    fault('toes grip', 'above', 'Soft toes, even at the top.'),
  ],
  cues: cues(
    'Wide stance, hands on the wall.',
    'Draw the ankles up out of the arch, inner balls down, toes soft. Small rise. Lower.',
    'A tent drawn up by its middle, pegs in the ground.',
    'Ball first, height last.',
  ),
  foundBy: ['arch', 'rise', 'tripod', 'flat feet', 'ankle', 'month'],
  schools: { toesOnRise: 'relaxed' },
  performance: performance({
    facing: 'support',
    kit: [wall],
    phases: lowRise(1, 2, 2),
    regions: { 'arch-intrinsics': 2, 'inner-ankle': 2, calf: 1 },
    balance: { working: 1, standing: 0 },
  }),
  doses: range(reps(3), reps(5), reps(8), 'usual practice'),
  ladder: ladder(
    'wall-slow',
    rung(
      'wall-slow',
      'wide, hands on the wall, slow',
      { support: 'wall', base: 'wide', speed: 'slow' },
      range(reps(3), reps(5), reps(8), 'usual practice'),
      cleanReps(5, '5 slow ones, inner balls down, both feet.'),
    ),
    rung(
      'stick-slow',
      'wide, one hand on a stick, slow',
      { support: 'stick', base: 'wide', speed: 'slow' },
      range(reps(5), reps(8), reps(12)),
      cleanReps(8, '8 slow ones, inner balls down, both feet.'),
      {
        door: afterWeeks(1, 'From the second week: a new thing about once a week.'),
        change: { kit: [kit('stick', 'person', { chair: 'a chair back gives more hold' })], facing: 'any' },
      },
    ),
    rung(
      'stick-narrow',
      'hip width, one hand on a stick',
      { support: 'stick', base: 'hip width', speed: 'slow' },
      range(reps(5), reps(8), reps(15)),
      cleanReps(8, '8 slow ones with soft toes, both feet.'),
      {
        door: afterWeeks(2, 'From the third week.'),
        change: { kit: [kit('stick', 'person', { chair: 'a chair back gives more hold' })], facing: 'any' },
      },
    ),
    rung(
      'free',
      'hip width, hands free',
      { support: 'none', base: 'hip width', speed: 'slow' },
      range(reps(5), reps(10), reps(20)),
      cleanReps(10, '10 slow ones with soft toes, both feet.'),
      {
        door: afterWeeks(3, 'From the fourth week.'),
        change: { facing: 'any', balance: { working: 2, standing: 0 } },
      },
    ),
    rung(
      'free-month',
      'hands free, towards 30 quicker ones',
      { support: 'none', base: 'hip width', speed: 'quicker' },
      range(reps(10), reps(20), reps(30), 'usual practice'),
      null,
      {
        change: { facing: 'any', phases: lowRise(0.5, 1, 1), balance: { working: 2, standing: 0 } },
        door: afterWeeks(4, 'After a month of slow ones.'),
      },
    ),
  ),
  levelWords: {
    'stick-slow': { setup: 'Wide stance, one hand on the stick.' },
    'stick-narrow': { setup: 'Feet hip width, one hand on the stick.' },
    free: { setup: 'Facing the wall in reach, feet hip width, hands free.' },
    'free-month': {
      setup: 'Facing the wall in reach, feet hip width, hands free.',
      action: 'Ankles up out of the arch, inner balls down, toes soft. Small rise, lower, a little quicker.',
    },
  },
});
