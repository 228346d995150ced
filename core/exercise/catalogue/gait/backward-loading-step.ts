import type { Exercise } from '../../exercise';
import {
  care,
  cues,
  exercise,
  fault,
  foot,
  onTheBall,
  performance,
  phase,
  range,
  say,
  standing,
  travel,
} from '../author';

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
    'Backing a boat onto the slip.',
    'Later heel.',
  ),
  foundBy: ['backwards', 'walk', 'calf', 'step', 'lower'],
  performance: performance({
    position: 'walking',
    facing: 'lane',
    sidePattern: 'travelling',
    phases: [
      phase('ball first', 5, foot(onTheBall, { knee: 'soft' })),
      phase('lower the heel', 10, standing, { body: 'sinks', effort: false }),
    ],
    regions: { calf: 2, 'hip-and-trunk': 2 },
    balance: { working: 2, standing: 2 },
  }),
  doses: range(travel(1, 4, 4), travel(2, 4, 4), travel(2, 6, 4)),
});
