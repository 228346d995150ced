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
import { basicsFirst, chairBack, footOn } from '../shared/unsteady';

const onAndOff = (ground: 'cushion' | 'half-ball') => [
  phase('step on and settle', 3, footOn(ground, { knee: 'soft' }), { other: offTheFloor }),
  phase('off into a small lunge', 3, foot(standing, { knee: 'bent', ankle: 'up' }), { other: stands }),
];
const halfBall = kit('half-ball', 'room', { cushion: 'a firm cushion moves less' });
const under = kit('mat', 'room');
const cushion = kit('cushion', 'person', { mat: 'a mat folded three times' });
const doses = range(reps(2), reps(4), reps(8));

export const halfBallStep: Exercise = exercise({
  id: 'half-ball-step',
  name: say('Step on, off and over the half-ball', 'Reactive stepping on an unstable surface'),
  family: 'balance',
  purpose: 'Landing on something that gives, with a lunge to follow: reaction, once or twice a week.',
  stage: 'integrated',
  directions: ['ankle-up'],
  faults: [
    fault('the foot slides', 'above', 'Bare feet, middle of the dome.'),
    fault('the landing knee dives in', 'front', 'Knee over the second toe, then go on.'),
  ],
  cautions: [care('pregnancy', 'leave-out', 'Floor instead.')],
  cues: cues(
    'Half-ball firm and on a mat, hands free, chair in reach, space all round, barefoot.',
    'Step on, settle, step off into a small lunge. Come back over.',
    'Stepping off an escalator.',
    'Settle before you leave.',
  ),
  foundBy: ['half ball', 'step', 'reaction', 'unstable', 'lunge'],
  performance: performance({
    facing: 'centre',
    sidePattern: 'each',
    kit: [halfBall, under, chairBack],
    setup: 'props',
    phases: onAndOff('half-ball'),
    regions: { 'inner-ankle': 2, 'outer-ankle': 2, 'hip-and-trunk': 2, calf: 1 },
    balance: { working: 3, standing: 3 },
  }),
  doses,
  ladder: ladder(
    'pad-held',
    rung(
      'pad-held',
      'a firm cushion, step on and off, a hand held',
      { surface: 'cushion', support: 'one hand', amount: 'on and off' },
      doses,
      saw('The knee stays over the toes on the cushion, both feet.', 2),
      {
        change: {
          kit: [cushion, chairBack],
          setup: 'plain',
          phases: onAndOff('cushion'),
          balance: { working: 2, standing: 2 },
        },
        door: basicsFirst,
      },
    ),
    rung(
      'held',
      'half-ball, step on and off, a hand held',
      { surface: 'half-ball', support: 'one hand', amount: 'on and off' },
      doses,
      saw('The dome comes to rest each time before the foot leaves, both feet.', 2),
      { change: { balance: { working: 2, standing: 2 } } },
    ),
    rung(
      'on-off',
      'half-ball, step on and off, hands free',
      { surface: 'half-ball', support: 'none', amount: 'on and off' },
      doses,
      cleanReps(4, '4 settled ones on both feet.'),
    ),
    rung('over', 'step over with a lunge', { surface: 'half-ball', support: 'none', amount: 'over' }, doses, null),
  ),
  levelWords: {
    'pad-held': {
      setup: 'Firm cushion beside the chair, a hand on it, barefoot.',
      action: 'Step on, settle, step off.',
    },
    held: {
      setup: 'Half-ball firm and on a mat beside the chair, a hand on it, barefoot.',
      action: 'Step on, settle, step off.',
    },
    'on-off': { action: 'Step on, settle, step off into a small lunge.' },
    over: { action: 'Step on, settle, step over and down into a small lunge. Come back over.' },
  },
});
