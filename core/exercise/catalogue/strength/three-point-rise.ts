import type { Exercise } from '../../exercise';
import {
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

export const threePointRise: Exercise = exercise({
  id: 'three-point-rise',
  name: say('Low rise with the arch first', 'Tripod-led heel raise'),
  family: 'strength',
  purpose: 'Ankles drawn up and out of the arch first, inner balls down, toes soft; only then a small rise.',
  stage: 'loaded',
  directions: ['ankle-down', 'turn-in'],
  faults: [
    fault('the inner ball lifts with the arch', 'front', 'Ball down, ankle up; then rise.'),
    fault('toes grip', 'above', 'Soft toes, even at the top.'),
  ],
  cues: cues(
    'Wide stance, hands on the wall.',
    'Draw the ankles up out of the arch, inner balls down, toes soft. Small rise. Lower.',
    'A jellyfish that gathers and lifts.',
    'Ball first, height last.',
  ),
  foundBy: ['arch', 'rise', 'tripod', 'flat feet', 'ankle', 'month'],
  schools: { toesOnRise: 'relaxed' },
  performance: performance({
    facing: 'support',
    kit: [wall],
    phases: [
      phase('gather', 1, foot(standing, { midfoot: 'lifted' }), { effort: true }),
      phase('rise', 2, mound, { effort: true, body: 'rises' }),
      phase('lower', 2, foot(standing, { midfoot: 'lifted' }), { effort: false, body: 'sinks' }),
    ],
    regions: { 'arch-intrinsics': 2, 'inner-ankle': 2, calf: 1 },
    balance: { working: 1, standing: 0 },
  }),
  doses: range(reps(5), reps(8), reps(30), 'usual practice'),
  ladder: ladder(
    'wall-slow',
    rung(
      'wall-slow',
      'wide, hands on the wall, slow',
      { support: 'wall', base: 'wide', weeks: 'first week' },
      range(reps(3), reps(5), reps(8), 'usual practice'),
      cleanReps(5, '5 slow ones, inner balls down, both feet, on two days.'),
    ),
    rung(
      'stick-slow',
      'wide, one hand on a stick, slow',
      { support: 'stick', base: 'wide', weeks: 'first week' },
      range(reps(5), reps(8), reps(12)),
      cleanReps(10, '10 slow ones, both feet, on two days.'),
      { change: { kit: [kit('stick', 'person', { chair: 'a chair back gives more hold' })], facing: 'any' } },
    ),
    rung(
      'stick-narrow',
      'hip width, one hand on a stick',
      { support: 'stick', base: 'hip width', weeks: 'first week' },
      range(reps(5), reps(8), reps(15)),
      cleanReps(15, '15, both feet, on two days.'),
      { change: { kit: [kit('stick', 'person', { chair: 'a chair back gives more hold' })], facing: 'any' } },
    ),
    rung(
      'free',
      'hip width, hands free',
      { support: 'none', base: 'hip width', weeks: 'first week' },
      range(reps(5), reps(10), reps(20)),
      cleanReps(20, '20, both feet, on two days.'),
      { change: { kit: [], facing: 'any', balance: { working: 2, standing: 0 } } },
    ),
    rung(
      'free-month',
      'hands free, towards 30 quicker ones',
      { support: 'none', base: 'hip width', weeks: 'after a month' },
      range(reps(10), reps(20), reps(30), 'usual practice'),
      null,
      { change: { kit: [], facing: 'any', balance: { working: 2, standing: 0 } } },
    ),
  ),
  levelWords: {
    'stick-slow': { setup: 'Wide stance, one hand on the stick.' },
    'stick-narrow': { setup: 'Feet hip width, one hand on the stick.' },
    free: { setup: 'Feet hip width, hands free.' },
    'free-month': {
      setup: 'Feet hip width, hands free.',
      action: 'Ankles up out of the arch, inner balls down, toes soft. Small rise, lower, a little quicker.',
    },
  },
});
