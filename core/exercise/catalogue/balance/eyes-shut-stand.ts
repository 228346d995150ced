import type { Exercise } from '../../exercise';
import {
  care,
  checked,
  cleanHold,
  exercise,
  foot,
  holds,
  ladder,
  performance,
  phase,
  range,
  rung,
  say,
  standing,
} from '../author';
import { chairBack, free } from '../shared/step';

export const eyesShutStand: Exercise = exercise({
  id: 'eyes-shut-stand',
  name: say('Stand on one leg, eyes shut', 'Single-leg stance, eyes closed'),
  family: 'balance',
  purpose: 'Takes the eyes away, so that the foot has to tell where it is. Only after hands-free standing is easy.',
  stage: 'integrated',
  directions: [],
  faults: [
    { seen: 'the free foot touches', from: 'front', say: 'Open your eyes, find it, shut them again.' },
    { seen: 'jaw and shoulders set hard', from: 'front', say: 'Soft jaw; let the breath move.' },
  ],
  cautions: [
    care('falls-or-faints', 'leave-out', 'Not for anyone who falls or gets dizzy.'),
    care('pregnancy', 'leave-out', 'Eyes open in pregnancy.'),
    care('numb-or-diabetic-feet', 'leave-out', 'Eyes open: feet with little feeling need them.'),
  ],
  cues: {
    setup: say('Beside the support, a fingertip on it for the first try.'),
    action: say('One foot off, settle, then shut your eyes.'),
    breath: say('Keep breathing.'),
    picture: say('A lamp post in fog: it knows where it stands.'),
    correction: say('A fingertip back is the clever way.'),
  },
  foundBy: ['balance', 'eyes closed', 'one leg', 'proprioception'],
  performance: performance({
    facing: 'support',
    sidePattern: 'each',
    kit: [chairBack],
    phases: [phase('stand', 10, foot(standing, { contacts: { bigToe: ['press', 'floor'] } }), { other: free })],
    regions: { 'arch-intrinsics': 1, 'inner-ankle': 1, 'outer-ankle': 1, 'hip-and-trunk': 2 },
    balance: { working: 3, standing: 3 },
  }),
  doses: range(holds(1, 5, 5), holds(2, 8, 5), holds(2, 30, 5), 'usual practice'),
  ladder: ladder(
    'fingertips',
    rung(
      'fingertips',
      'fingertips on the chair',
      { support: 'fingertips', arms: 'one holds', eyes: 'shut' },
      range(holds(1, 5, 5), holds(2, 8, 5), holds(2, 15, 5), 'usual practice'),
      cleanHold(8, '8 s with light fingertips on both feet.'),
    ),
    rung(
      'one-finger',
      'one fingertip on the chair',
      { support: 'one fingertip', arms: 'one holds', eyes: 'shut' },
      range(holds(1, 5, 5), holds(2, 10, 5), holds(2, 20, 5)),
      cleanHold(
        10,
        '10 s with one light fingertip on both feet; for most people over sixty this level is the place to stay.',
      ),
    ),
    rung(
      'free',
      'hands free, support in reach',
      { support: 'none', arms: 'free', eyes: 'shut' },
      range(holds(1, 5, 5), holds(2, 10, 5), holds(2, 30, 5)),
      checked('eyes-shut-stand', '10 s without touching, both feet.', 10, 2),
      { why: 'The hand that lets go is also the arm that is freed.' },
    ),
    rung(
      'crossed',
      'arms crossed',
      { support: 'none', arms: 'crossed', eyes: 'shut' },
      range(holds(1, 5, 5), holds(2, 10, 5), holds(2, 30, 5)),
      null,
    ),
  ),
  preparedBy: ['one-leg-stand'],
  levelWords: {
    fingertips: { setup: 'Beside the support, fingertips on it.' },
    'one-finger': { setup: 'Beside the support, one fingertip on it.' },
    free: { setup: 'Support in reach, hands free.' },
    crossed: { setup: 'Support in reach, arms crossed.' },
  },
});
