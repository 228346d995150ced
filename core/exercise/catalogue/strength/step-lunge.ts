import type { Exercise } from '../../exercise';
import {
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
  rung,
  say,
  standing,
} from '../author';
import { backToes, chairBack } from '../shared/squat-lunge';

const raised = (on: 'floor' | 'step') =>
  foot(standing, {
    contacts: {
      heel: ['press', on],
      innerBall: ['press', on],
      outerBall: ['press', on],
      bigToe: ['rest', on],
      smallToes: ['rest', on],
    },
  });
const lunge = (on: 'floor' | 'step') => [
  phase('bend in', 2, foot(raised(on), { knee: 'bent', ankle: 'up', weightLine: 'second-toe' }), {
    other: backToes,
    body: 'sinks',
    effort: false,
    undo: 'come back',
  }),
  phase('come back', 2, raised(on), { other: backToes, body: 'rises', effort: true, undo: 'bend in' }),
];
const step = kit('step', 'person', { block: 'a wide firm block' });
const ways = (n: number) => reps(n, { per: { directions: 2 } });
const doses = range(ways(3), ways(4), ways(8));

export const stepLunge: Exercise = exercise({
  id: 'step-lunge',
  name: say('Lunge with the front foot on a step', 'Stationary and lateral step lunge'),
  family: 'strength',
  purpose: 'Forward and sideways into a foot that stands higher: several directions, no travel.',
  stage: 'integrated',
  directions: ['ankle-up'],
  faults: [
    fault('the knee falls inward', 'front', 'Knee over the second toe.'),
    fault('the back knee hangs', 'outer side', 'Push the floor with both legs.'),
  ],
  cues: cues(
    'A hand on the chair, one foot on the step, the other a long step away.',
    'Bend into the raised foot from behind, come back. Then the same from the side.',
    'Leaning on a railing to look over.',
    'Shallower, straighter knee line.',
  ),
  foundBy: ['lunge', 'step', 'side', 'legs', 'directions'],
  performance: performance({
    sidePattern: 'each',
    kit: [step, chairBack],
    facing: 'support',
    footwear: 'bare or socks',
    phases: lunge('step'),
    regions: { 'hip-and-trunk': 2, 'deep-calf': 2 },
    balance: { working: 1, standing: 1 },
  }),
  doses,
  ladder: ladder(
    'held',
    rung(
      'flat',
      'front foot on the floor, a hand on the chair',
      { lever: 'no step', support: 'one hand' },
      doses,
      cleanReps(4, '4 each way with the knee over the second toe, both feet.'),
      {
        change: {
          kit: [chairBack],
          phases: lunge('floor'),
          regions: { 'hip-and-trunk': 2, 'deep-calf': 1 },
        },
      },
    ),
    rung(
      'held',
      'front foot on the step, a hand on the chair',
      { lever: 'low step', support: 'one hand' },
      doses,
      cleanReps(4, '4 each way with the knee over the second toe, both feet.'),
    ),
    rung('free', 'front foot on the step, hands free', { lever: 'low step', support: 'none' }, doses, null, {
      change: { balance: { working: 2, standing: 1 } },
    }),
  ),
  levelWords: {
    flat: {
      setup: 'A hand on the chair, one foot a long step in front.',
      action: 'Bend into the front foot, come back. Then the same to its side.',
    },
    free: { setup: 'Beside the chair, hands free, one foot on the step, the other a long step away.' },
  },
});
