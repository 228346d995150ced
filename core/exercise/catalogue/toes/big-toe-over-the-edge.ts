import type { Exercise } from '../../exercise';
import {
  care,
  cues,
  exercise,
  fault,
  foot,
  kit,
  performance,
  phase,
  range,
  reps,
  say,
  standing,
  stands,
} from '../author';

const overEdge = foot(standing, {
  contacts: {
    heel: ['press', 'block'],
    innerBall: ['press', 'block'],
    outerBall: ['press', 'block'],
    bigToe: ['lift', 'air'],
    smallToes: ['hang', 'air'],
  },
  midfoot: 'lifted',
  toes: 'relaxed',
});

export const bigToeOverEdge: Exercise = exercise({
  id: 'big-toe-over-the-edge',
  name: say('Big toe up on a block, four over the edge', 'Hallux extension, lesser toes unsupported'),
  family: 'toes',
  purpose: 'With four toes hanging over the edge, the big toe alone lifts and the arch springs with it.',
  stage: 'loaded',
  directions: ['toes-lift'],
  faults: [
    fault('weight sits back in the heel', 'outer side', 'Bring it over the middle of the foot.'),
    fault('the knee locks', 'outer side', 'Soft knee.'),
  ],
  cautions: [care('falls-or-faints', 'change-support', 'On the lowest block, a hand on the wall.')],
  cues: cues(
    'Stand on the block, big toe on it, the other toes over the edge. Hand on the wall.',
    'Soft knee. Lift the big toe, feel the arch spring. Let it down.',
    'A bow is drawn and eased.',
    'The arch, not the ankle, comes up.',
  ),
  foundBy: ['big toe', 'block', 'arch', 'spring', 'windlass'],
  performance: performance({
    facing: 'support',
    sidePattern: 'each',
    kit: [
      kit('block', 'person', { step: 'a step edge does as well, one at a time' }),
      kit('wall', 'room', { chair: 'a chair back' }),
    ],
    setup: 'props',
    phases: [
      phase('big toe up', 2, overEdge, { other: stands, undo: 'let it down', effort: true }),
      phase('let it down', 2, foot(overEdge, { contacts: { bigToe: ['rest', 'block'] }, midfoot: 'resting' }), {
        other: stands,
        undo: 'big toe up',
        effort: false,
      }),
    ],
    regions: { 'toe-extensors': 2, 'arch-intrinsics': 2 },
    balance: { working: 2, standing: 0 },
  }),
  doses: range(reps(4), reps(8), reps(12)),
});
