import type { Exercise } from '../../exercise';
import {
  cleanReps,
  cues,
  exercise,
  fault,
  foot,
  ladder,
  performance,
  phase,
  range,
  reps,
  rung,
  saw,
  say,
  standing,
  stands,
} from '../author';
import { chairBack } from '../shared/squat-lunge';

const ways = (n: number) => reps(n, { per: { directions: 3 } });

export const steppingLunge: Exercise = exercise({
  id: 'stepping-lunge',
  name: say('Stepping lunge: side, front, round to the back', 'Multi-directional stepping lunge'),
  family: 'strength',
  purpose: 'Mild power: step out, catch yourself over a steady foot, push home.',
  stage: 'integrated',
  directions: ['ankle-up', 'ankle-down'],
  faults: [
    fault('the toes land pointing outward', 'front', 'Land the foot the way the knee goes.'),
    fault('crashing into the bend', 'front', 'Shallow and soft first.'),
  ],
  cues: cues(
    'Chair behind you in reach, space all round, feet under your hips.',
    'Step out, bend over the foot, push home. Side, front, round to the back.',
    'Stepping over a puddle and back.',
    'Shallower, quieter.',
  ),
  foundBy: ['lunge', 'step', 'side', 'power', 'directions'],
  performance: performance({
    facing: 'centre',
    sidePattern: 'alternate',
    kit: [chairBack],
    footwear: 'any',
    phases: [
      phase('step out and bend', 2, foot(standing, { knee: 'bent', ankle: 'up', weightLine: 'second-toe' }), {
        other: stands,
        body: 'sinks',
        effort: false,
        undo: 'push home',
      }),
      phase('push home', 1, standing, { other: stands, body: 'rises', effort: true, undo: 'step out and bend' }),
    ],
    regions: { 'hip-and-trunk': 3, 'deep-calf': 2, calf: 1 },
    balance: { working: 2, standing: 1 },
  }),
  doses: range(ways(1), ways(2), ways(4)),
  ladder: ladder(
    'shallow',
    rung(
      'held',
      'shallow, a hand on the chair',
      { support: 'one hand', amount: 'shallow' },
      range(ways(1), ways(2), ways(3)),
      saw('Knee over toes each time, both sides.'),
      { change: { facing: 'support', balance: { working: 1, standing: 1 } } },
    ),
    rung(
      'shallow',
      'shallow, hands free',
      { support: 'none', amount: 'shallow' },
      range(ways(1), ways(2), ways(4)),
      cleanReps(2, '2 each way that land soft, both sides.'),
    ),
    rung(
      'reach',
      'reach up or touch the foot',
      { support: 'none', amount: 'with a reach' },
      range(ways(1), ways(2), ways(4)),
      null,
    ),
  ),
  levelWords: {
    held: { setup: 'Chair in front, a hand on it, feet under your hips, space behind and to both sides.' },
    reach: { action: 'Step out, bend over the foot, reach up or touch it, push home. Side, front, round to the back.' },
  },
});
