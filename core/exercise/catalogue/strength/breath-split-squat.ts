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
  performance,
  phase,
  range,
  reps,
  rung,
  say,
} from '../author';
import { backToes, hangToes } from '../shared/squat-lunge';

const breathed = (toe: 'lift' | 'rest') => [
  phase('sink', 8, foot(hangToes, { knee: 'bent', ankle: 'up', midfoot: 'let-down' }), {
    other: foot(backToes, { knee: 'bent' }),
    breath: 'out',
    body: 'sinks',
    effort: false,
  }),
  phase(
    toe === 'lift' ? 'rise, big toe up' : 'rise',
    8,
    foot(hangToes, { contacts: toe === 'lift' ? { bigToe: ['lift', 'air'] } : {}, midfoot: 'lifted', knee: 'soft' }),
    { other: backToes, breath: 'in', body: 'rises', effort: true },
  ),
];
const doses = range(
  reps(3, { sets: 1 }),
  reps(5, { sets: 2, setRest: 20 }),
  reps(5, { sets: 3, setRest: 20 }),
  'usual practice',
);

export const breathSplitSquat: Exercise = exercise({
  id: 'breath-split-squat',
  name: say('Split squat with the breath, then big toe up', 'Breath-paced split squat to hallux lift'),
  family: 'strength',
  purpose: 'Sink with one breath, rise with the next, and finish with the big toe up: the arch winds and unwinds.',
  stage: 'integrated',
  directions: ['ankle-up', 'toes-lift'],
  faults: [
    fault('the knee locks at the top', 'outer side', 'Leave it soft; the toe does the finishing.'),
    fault('the shoulders lift with the breath', 'front', 'Breathe low, and wait for the breath.'),
  ],
  cautions: [care('sore-big-toe-joint', 'go-gently', 'Leave the toe lift out.')],
  cues: cues(
    'Front foot on the block, its toes over the edge, back foot on the floor, a hand on the wall.',
    'Sink on one breath, rise on the next, big toe up.',
    'A spring is wound and let go.',
    'Soft knee, then the toe.',
    'Out as you sink, in as you rise.',
  ),
  foundBy: ['split squat', 'breath', 'big toe', 'spiral', 'arch'],
  schools: { breath: 'out-on-sinking' },
  performance: performance({
    facing: 'support',
    sidePattern: 'each',
    kit: [kit('block', 'person', { step: 'a step edge' }), kit('wall', 'room', { chair: 'a chair back' })],
    setup: 'props',
    phases: breathed('lift'),
    regions: { 'arch-intrinsics': 2, 'toe-extensors': 1, 'hip-and-trunk': 2 },
    balance: { working: 2, standing: 1 },
  }),
  doses,
  ladder: ladder(
    'toe',
    rung(
      'no-toe',
      'with the breath, without the toe',
      { amount: 'without the toe', support: 'one hand' },
      range(reps(3), reps(5), reps(8)),
      cleanReps(5, '5 in which breath and legs arrive together, both sides.'),
      { change: { phases: breathed('rest'), regions: { 'arch-intrinsics': 1, 'hip-and-trunk': 2 } } },
    ),
    rung(
      'toe',
      'and the big toe up at the top',
      { amount: 'big toe up', support: 'one hand' },
      doses,
      cleanReps(5, '5 with a soft knee and the toe straight up, both sides.'),
    ),
    rung(
      'fingertip',
      'and the big toe up, one fingertip on the wall',
      { amount: 'big toe up', support: '1 fingertip' },
      range(reps(3), reps(5), reps(5, { sets: 2, setRest: 20 })),
      null,
      {
        change: { balance: { working: 3, standing: 2 } },
      },
    ),
  ),
  levelWords: {
    'no-toe': { action: 'Sink on one breath, rise on the next.', correction: 'Soft knee, and wait for the breath.' },
    fingertip: { setup: 'Front foot on the block, its toes over the edge, one fingertip on the wall.' },
  },
  preparedBy: ['toes-hanging-split-squat', 'big-toe-over-the-edge'],
});
