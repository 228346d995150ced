import type { Exercise } from '../../exercise';
import {
  care,
  cleanReps,
  cues,
  exercise,
  fault,
  kit,
  ladder,
  offTheFloor,
  performance,
  phase,
  range,
  reps,
  rung,
  say,
  stands,
} from '../author';
import { basicsFirst, chairBack, footOn } from '../shared/unsteady';

const stepDown = (ground: 'cushion' | 'floor') => [
  phase('step down and settle', 3, footOn(ground, { knee: 'bent', ankle: 'up' }), {
    other: offTheFloor,
    body: 'sinks',
    effort: false,
    undo: 'step back up',
  }),
  phase('step back up', 2, footOn('floor', { knee: 'soft' }), {
    other: stands,
    body: 'rises',
    effort: true,
    undo: 'step down and settle',
  }),
];
const step = kit('step', 'person', { block: 'a wide firm block' });
const ways = (n: number) => reps(n, { per: { directions: 2 } });
const doses = range(ways(2), ways(3), ways(5));

export const softStepDown: Exercise = exercise({
  id: 'soft-step-down',
  name: say('Step down onto a soft pad', 'Compliant-surface step-down'),
  family: 'balance',
  purpose: 'Down, sideways and into a small lunge on a pad that gives: a landing without a jump.',
  stage: 'integrated',
  directions: ['ankle-up'],
  faults: [
    fault('the knee dives inward on landing', 'front', 'Knee over the second toe.'),
    fault('the heel lands first, with a thud', 'outer side', 'Ball, then heel, then quiet.'),
  ],
  cautions: [care('sore-knees', 'go-gently', 'A lower step.')],
  cues: cues(
    'On the low step, cushion in front and one to the side, a hand on the chair.',
    'Step down softly to the front, settle, step back up. Then to the side.',
    'A cat leaves the windowsill.',
    'Quieter.',
  ),
  foundBy: ['step down', 'landing', 'pad', 'soft', 'reaction', 'knee'],
  performance: performance({
    facing: 'support',
    sidePattern: 'each',
    kit: [step, kit('cushion', 'person', { mat: 'a mat folded twice' }), chairBack],
    setup: 'props',
    phases: stepDown('cushion'),
    regions: { 'deep-calf': 2, 'hip-and-trunk': 2, 'inner-ankle': 1, 'outer-ankle': 1 },
    balance: { working: 2, standing: 2 },
  }),
  doses,
  ladder: ladder(
    'floor',
    rung(
      'floor',
      'onto the floor, a hand on the chair',
      { surface: 'floor', support: 'one hand' },
      doses,
      cleanReps(3, '3 each way that nobody hears, both feet.'),
      {
        change: {
          kit: [step, chairBack],
          phases: stepDown('floor'),
          balance: { working: 1, standing: 2 },
        },
      },
    ),
    rung(
      'held',
      'onto the cushion, a hand on the chair',
      { surface: 'cushion', support: 'one hand' },
      doses,
      cleanReps(3, '3 settled ones each way, both feet.'),
      {
        door: basicsFirst,
      },
    ),
    rung('free', 'onto the cushion, hands free', { surface: 'cushion', support: 'none' }, doses, null, {
      change: { balance: { working: 3, standing: 3 } },
    }),
  ),
  levelWords: {
    floor: { setup: 'On the low step, clear floor in front and to the side, a hand on the chair.' },
    free: { setup: 'On the low step, cushion in front and one to the side, hands free, the chair in reach.' },
  },
});
