import type { Exercise } from '../../exercise';
import {
  checked,
  cleanReps,
  cues,
  exercise,
  fault,
  foot,
  ladder,
  offTheFloor,
  performance,
  phase,
  range,
  reps,
  rung,
  say,
  standing,
  stands,
} from '../author';
import { chairBack } from '../shared/squat-lunge';

export const stepAndLand: Exercise = exercise({
  id: 'step-and-land',
  name: say('Step forward and land on one leg', 'Step-to-balance lunge'),
  family: 'balance',
  purpose: 'Step, land, and be still: foot, ankle and knee in one line before anything quicker.',
  stage: 'integrated',
  directions: ['ankle-up'],
  faults: [
    fault('the knee is off the line of the toes', 'front', 'Second toe, ankle, knee: then stay.'),
    fault('the other foot touches down at once', 'front', 'Land lower, and wait.'),
  ],
  cues: cues(
    'A small step of space in front, a hand on the chair beside you.',
    'Step, land soft on one leg, stand still. Step back.',
    'A dart that sticks.',
    'Smaller step, longer stillness.',
  ),
  foundBy: ['landing', 'step', 'balance', 'lunge', 'knee line'],
  performance: performance({
    facing: 'support',
    sidePattern: 'each',
    kit: [chairBack],
    footwear: 'any',
    phases: [
      phase('step and land', 1, foot(standing, { knee: 'bent', ankle: 'up', weightLine: 'second-toe' }), {
        other: offTheFloor,
        body: 'sinks',
      }),
      phase('be still', 2, foot(standing, { knee: 'soft', weightLine: 'second-toe' }), { other: offTheFloor }),
      phase('step back', 2, standing, { other: stands }),
    ],
    regions: { 'hip-and-trunk': 2, calf: 1, 'deep-calf': 1, 'inner-ankle': 1, 'outer-ankle': 1 },
    balance: { working: 2, standing: 3 },
  }),
  doses: range(reps(3), reps(6), reps(10)),
  ladder: ladder(
    'small',
    rung(
      'held',
      'small step, a hand on the chair',
      { support: 'one hand', lever: 'small step' },
      range(reps(3), reps(6), reps(10)),
      checked('knee-in-line', 'In line at every landing, both sides.'),
      { change: { balance: { working: 1, standing: 2 } } },
    ),
    rung(
      'small',
      'small step, hands free',
      { support: 'none', lever: 'small step' },
      range(reps(3), reps(6), reps(10)),
      cleanReps(6, '6 landings on each leg that come to rest before the foot goes down.'),
      { change: { facing: 'centre', balance: { working: 3, standing: 3 } } },
    ),
    rung(
      'long',
      'long step, hands free',
      { support: 'none', lever: 'long step' },
      range(reps(3), reps(6), reps(10)),
      null,
      { change: { facing: 'centre', balance: { working: 3, standing: 3 } } },
    ),
  ),
  levelWords: {
    small: { setup: 'A small step of space in front, hands free, the chair in reach.' },
    long: { setup: 'A long step of space in front, hands free, the chair in reach.' },
  },
});
