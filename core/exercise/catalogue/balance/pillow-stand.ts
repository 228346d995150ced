import type { Exercise } from '../../exercise';
import {
  cleanHold,
  cues,
  exercise,
  fault,
  holds,
  kit,
  ladder,
  offTheFloor,
  performance,
  phase,
  range,
  rung,
  say,
} from '../author';
import { chairBack, basicsFirst, footOn } from '../shared/unsteady';

export const pillowStand: Exercise = exercise({
  id: 'pillow-stand',
  name: say('Stand on one leg on a cushion', 'Single-leg stance on a compliant surface'),
  family: 'balance',
  purpose: 'The floor starts to move a little; the foot answers all the time. After hands-free standing is easy.',
  stage: 'integrated',
  directions: [],
  faults: [
    fault('the knee locks', 'outer side', 'Soft knee, then it can answer.'),
    fault('arms wave', 'front', 'A fingertip back on the chair.'),
  ],
  cues: cues(
    'Cushion beside the chair, barefoot, fingertips on the chair.',
    'Step up, settle, lift the other foot. Let the foot work.',
    'Standing on a mattress, on a bus.',
    'Eyes on one spot, soft knee.',
    'Keep breathing.',
  ),
  foundBy: ['cushion', 'pillow', 'balance', 'one leg', 'wobble', 'unstable'],
  schools: { harderBalance: 'surface' },
  performance: performance({
    facing: 'support',
    sidePattern: 'each',
    kit: [kit('cushion', 'person', { mat: 'a mat folded three times' }), chairBack],
    setup: 'props',
    phases: [phase('stand', 20, footOn('cushion'), { other: offTheFloor })],
    regions: { 'arch-intrinsics': 2, 'inner-ankle': 2, 'outer-ankle': 2, 'hip-and-trunk': 2 },
    balance: { working: 3, standing: 3 },
  }),
  doses: range(holds(1, 10, 10), holds(2, 20, 10), holds(2, 30, 10), 'usual practice'),
  ladder: ladder(
    'fingertips',
    rung(
      'fingertips',
      'fingertips on the chair, eyes open',
      { support: 'fingertips', eyes: 'open' },
      range(holds(1, 10, 10), holds(2, 20, 10), holds(2, 30, 10), 'usual practice'),
      cleanHold(20, '20 s with light fingertips, both feet.'),
      { change: { balance: { working: 2, standing: 2 } }, door: basicsFirst },
    ),
    rung(
      'free',
      'hands free, eyes open',
      { support: 'none', eyes: 'open' },
      range(holds(1, 10, 10), holds(2, 20, 10), holds(2, 30, 10)),
      cleanHold(
        20,
        '20 s without catching hold, both feet; over sixty, the level with fingertips is the place to stay.',
      ),
    ),
    rung(
      'eyes-shut',
      'eyes shut, fingertips back on the chair',
      { support: 'fingertips', eyes: 'shut' },
      range(holds(1, 5, 10), holds(2, 5, 10), holds(2, 10, 10)),
      null,
      { why: 'The first try with eyes shut goes back to fingertips, on purpose.' },
    ),
  ),
  preparedBy: ['one-leg-stand'],
  levelWords: {
    free: { setup: 'Cushion beside the chair in reach, barefoot, hands free.' },
    'eyes-shut': { action: 'Step up, settle, lift the other foot, then shut your eyes.' },
  },
});
