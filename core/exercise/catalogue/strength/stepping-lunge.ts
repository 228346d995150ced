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
} from '../author';
import { chairBack } from '../shared/squat-lunge';

export const steppingLunge: Exercise = exercise({
  id: 'stepping-lunge',
  name: say('Stepping lunge: side, front, round and back', 'Multi-directional stepping lunge'),
  family: 'strength',
  purpose: 'Mild power: step out, catch yourself over a steady foot, push home.',
  stage: 'integrated',
  directions: ['ankle-up', 'ankle-down'],
  faults: [
    fault('the toes land pointing outward', 'front', 'Land the foot the way the knee goes.'),
    fault('crashing into the bend', 'front', 'Shallow and soft first.'),
  ],
  cues: cues(
    'Space all round, feet under your hips.',
    'Step out, bend over the foot, push home. Side, front, round and back.',
    'Stepping from boat to quay and back.',
    'Shallower, quieter.',
  ),
  foundBy: ['lunge', 'step', 'side', 'power', 'directions'],
  performance: performance({
    facing: 'centre',
    sidePattern: 'alternate',
    footwear: 'any',
    phases: [
      phase('step out and bend', 2, foot(standing, { knee: 'bent', ankle: 'up', weightLine: 'second-toe' }), {
        body: 'sinks',
        undo: 'push home',
      }),
      phase('push home', 1, standing, { body: 'rises', effort: true, undo: 'step out and bend' }),
    ],
    regions: { 'hip-and-trunk': 3, 'deep-calf': 2, calf: 1 },
    balance: { working: 2, standing: 1 },
  }),
  doses: range(reps(3), reps(6), reps(12)),
  ladder: ladder(
    'shallow',
    rung(
      'held',
      'shallow, a hand on the chair',
      { support: 'one hand', amount: 'shallow' },
      range(reps(3), reps(6), reps(10)),
      saw('Knee over toes each time, both sides.'),
      { change: { facing: 'support', kit: [chairBack] } },
    ),
    rung(
      'shallow',
      'shallow, hands free',
      { support: 'none', amount: 'shallow' },
      range(reps(3), reps(6), reps(12)),
      cleanReps(6, '6 quiet ones each side, on two days.'),
    ),
    rung(
      'reach',
      'reach up or touch the foot',
      { support: 'none', amount: 'with a reach' },
      range(reps(3), reps(6), reps(12)),
      null,
    ),
  ),
  levelWords: {
    held: { setup: 'A hand on the chair, feet under your hips, space on the other side.' },
    reach: { action: 'Step out, bend over the foot, reach up or touch it, push home. Side, front, round and back.' },
  },
});
