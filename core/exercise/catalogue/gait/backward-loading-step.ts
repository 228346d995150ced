import type { Exercise } from '../../exercise';
import {
  care,
  cues,
  exercise,
  fault,
  foot,
  kit,
  ladder,
  offTheFloor,
  onTheBall,
  performance,
  phase,
  range,
  rung,
  saw,
  say,
  standing,
  stands,
  travel,
} from '../author';

const back = (ball: number, lower: number) => [
  phase('ball first', ball, foot(onTheBall, { knee: 'soft' }), { other: stands, effort: true }),
  phase('lower the heel', lower, standing, { other: offTheFloor, body: 'sinks', effort: false }),
];

export const backwardStep: Exercise = exercise({
  id: 'backward-loading-step',
  name: say('Step back and load slowly', 'Retro-step with eccentric heel lowering'),
  family: 'gait',
  purpose: 'Steps backwards toe first and lowers the heel late: calf and hip brake together.',
  stage: 'integrated',
  directions: ['ankle-up'],
  faults: [
    fault('the heel drops early', 'outer side', 'Ball first, wait, then the heel.'),
    fault('looking over the shoulder', 'front', 'Your lane is clear; eyes ahead.'),
  ],
  cautions: [care('sore-achilles', 'go-gently', 'Short steps, and stop at an ache.')],
  cues: cues(
    'One lane each, walk it once to see it is clear.',
    'Step back onto the ball, take the weight, lower the heel as late as you can.',
    'Backing a car into a tight garage.',
    'Later heel.',
  ),
  foundBy: ['backwards', 'walk', 'calf', 'step', 'lower'],
  performance: performance({
    position: 'walking',
    facing: 'lane',
    sidePattern: 'travelling',
    phases: back(5, 10),
    regions: { calf: 2, 'hip-and-trunk': 2 },
    balance: { working: 2, standing: 2 },
  }),
  doses: range(travel(1, 4, 4), travel(2, 4, 4), travel(2, 6, 4)),
  ladder: ladder(
    'free',
    rung(
      'held',
      'along the wall, a hand on it',
      { support: 'one hand', amount: 'late heel' },
      range(travel(1, 3, 4), travel(1, 4, 4), travel(2, 4, 4)),
      saw('The ball lands, waits, then the heel, at every step, both feet.'),
      {
        change: { kit: [kit('wall', 'room', { barre: 'along the barre' })], balance: { working: 1, standing: 1 } },
      },
    ),
    rung(
      'free',
      'hands free',
      { support: 'none', amount: 'late heel' },
      range(travel(1, 4, 4), travel(2, 4, 4), travel(2, 6, 4)),
      saw('The heel comes down as slowly on the last step as on the first, both feet.', 2),
      {
        change: { kit: [kit('wall', 'room', { barre: 'along the barre' })] },
      },
    ),
    rung(
      'hold',
      'hands free, a hold on the ball',
      { support: 'none', amount: 'a hold on the ball' },
      range(travel(1, 3, 4), travel(1, 4, 4), travel(2, 4, 4)),
      null,
      {
        change: {
          kit: [kit('wall', 'room', { barre: 'along the barre' })],
          phases: back(9, 6),
          regions: { calf: 3, 'hip-and-trunk': 2 },
        },
      },
    ),
  ),
  levelWords: {
    held: { setup: 'One lane each along the wall, a hand on it.' },
    free: { setup: 'One lane each along the wall in reach, hands free.' },
    hold: {
      setup: 'One lane each along the wall in reach, hands free.',
      action: 'Step back onto the ball, take the weight, hold. Then lower the heel, late and slowly.',
    },
  },
});
