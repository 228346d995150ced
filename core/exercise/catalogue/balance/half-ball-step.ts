import type { Exercise } from '../../exercise';
import {
  care,
  cleanReps,
  cues,
  exercise,
  fault,
  foot,
  kit,
  ladder,
  offTheFloor,
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
import { soft } from '../shared/unsteady';

const onTheHalfBall = foot(soft, { knee: 'soft' });

export const halfBallStep: Exercise = exercise({
  id: 'half-ball-step',
  name: say('Step on, off and over the half-ball', 'Reactive stepping on an unstable surface'),
  family: 'balance',
  purpose: 'Landing on something that gives, with a lunge to follow: reaction, once or twice a week.',
  stage: 'integrated',
  directions: ['ankle-up'],
  faults: [
    fault('the foot slides', 'front', 'Bare feet, middle of the dome.'),
    fault('the landing knee dives in', 'front', 'Knee over the second toe, then go on.'),
  ],
  cautions: [care('pregnancy', 'leave-out', 'Floor instead.')],
  cues: cues(
    'Half-ball firm and on a mat, space all round, barefoot.',
    'Step on, settle, step off into a small lunge. Come back over.',
    'Stepping ashore in a swell.',
    'Settle before you leave.',
  ),
  foundBy: ['half ball', 'step', 'reaction', 'unstable', 'lunge'],
  performance: performance({
    facing: 'centre',
    sidePattern: 'each',
    kit: [kit('half-ball', 'room', { cushion: 'a firm cushion moves less' }), kit('mat', 'room')],
    setup: 'props',
    phases: [
      phase('step on and settle', 3, onTheHalfBall, { other: offTheFloor }),
      phase('off into a small lunge', 3, foot(standing, { knee: 'bent', ankle: 'up' }), { other: stands }),
    ],
    regions: { 'inner-ankle': 2, 'outer-ankle': 2, 'hip-and-trunk': 2, calf: 1 },
    balance: { working: 3, standing: 3 },
  }),
  doses: range(reps(2), reps(4), reps(8)),
  ladder: ladder(
    'on-off',
    rung(
      'held',
      'step on and off, a hand held',
      { support: 'one hand', amount: 'on and off' },
      range(reps(2), reps(4), reps(8)),
      saw('Settles each time, both feet.', 2),
    ),
    rung(
      'on-off',
      'step on and off, hands free',
      { support: 'none', amount: 'on and off' },
      range(reps(2), reps(4), reps(8)),
      cleanReps(4, '4 settled ones on both feet, on two days.'),
    ),
    rung('over', 'step over with a lunge', { support: 'none', amount: 'over' }, range(reps(2), reps(4), reps(8)), null),
  ),
  levelWords: {
    held: {
      setup: 'Half-ball firm and on a mat, a partner’s hand to hold, barefoot.',
      action: 'Step on, settle, step off.',
    },
    'on-off': { action: 'Step on, settle, step off into a small lunge.' },
    over: { action: 'Step on, settle, step over and down into a small lunge. Come back over.' },
  },
});
