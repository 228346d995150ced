import type { Exercise } from '../../exercise';
import {
  care,
  cues,
  exercise,
  fault,
  foot,
  kit,
  offTheFloor,
  performance,
  phase,
  range,
  reps,
  say,
  standing,
  stands,
} from '../author';
import { soft } from '../shared/unsteady';

const padUnder = foot(soft, { knee: 'soft' });

export const softStepDown: Exercise = exercise({
  id: 'soft-step-down',
  name: say('Step down onto a soft pad', 'Compliant-surface step-down'),
  family: 'balance',
  purpose: 'Down, sideways and into a small lunge on a pad that gives: a landing without a jump.',
  stage: 'integrated',
  directions: ['ankle-up'],
  faults: [
    fault('the knee dives inward on landing', 'front', 'Knee over the second toe.'),
    fault('a thud', 'front', 'Ball, then heel, then quiet.'),
  ],
  cautions: [care('sore-knees', 'go-gently', 'A lower step.')],
  cues: cues(
    'On the low step, pad in front, rail or hand in reach.',
    'Step down softly, settle, step back up. Then to the side.',
    'A cat leaves the windowsill.',
    'Quieter.',
  ),
  foundBy: ['step down', 'landing', 'pad', 'soft', 'reaction', 'knee'],
  performance: performance({
    sidePattern: 'each',
    kit: [
      kit('step', 'person', { block: 'a wide firm block' }),
      kit('cushion', 'person', { mat: 'a mat folded twice' }),
    ],
    setup: 'props',
    phases: [
      phase('step down and settle', 3, padUnder, { other: offTheFloor, body: 'sinks', undo: 'step back up' }),
      phase('step back up', 2, standing, { other: stands, body: 'rises', effort: true, undo: 'step down and settle' }),
    ],
    regions: { 'deep-calf': 2, 'hip-and-trunk': 2, 'inner-ankle': 1, 'outer-ankle': 1 },
    balance: { working: 2, standing: 3 },
  }),
  doses: range(reps(3), reps(6), reps(10)),
});
