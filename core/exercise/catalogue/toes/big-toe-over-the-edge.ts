import type { Exercise } from '../../exercise';
import type { FootState } from '../../foot-state';
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
  restsFlat,
  rung,
  say,
  seatedFlat,
  standing,
  stands,
} from '../author';
import { chair } from '../shared/toes';

/** The edge of the block runs slanting behind the four small toes; the big toe stays on it. */
const slanted = (on: FootState) =>
  foot(on, {
    contacts: {
      heel: ['press', 'block'],
      innerBall: ['press', 'block'],
      outerBall: ['press', 'block'],
      bigToe: ['lift', 'block'],
      smallToes: ['hang', 'air'],
    },
    midfoot: 'lifted',
    toes: 'relaxed',
  });
const beside = foot(stands, {
  contacts: {
    heel: ['press', 'block'],
    innerBall: ['press', 'block'],
    outerBall: ['press', 'block'],
    bigToe: ['rest', 'block'],
    smallToes: ['rest', 'block'],
  },
});
const phases = (on: FootState, other: FootState) => [
  phase('big toe up', 2, slanted(on), { other, undo: 'let it down', effort: true }),
  phase('let it down', 2, foot(slanted(on), { contacts: { bigToe: ['rest', 'block'] }, midfoot: 'resting' }), {
    other,
    undo: 'big toe up',
    effort: false,
  }),
];
const block = kit('block', 'person', { step: 'a step edge does as well, one at a time' });
const doses = range(reps(4), reps(8), reps(12));

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
    fault('the arch stays flat while the toe lifts', 'inner side', 'The arch, not the ankle, comes up.'),
  ],
  cautions: [care('falls-or-faints', 'change-support', 'Seated, or on the lowest block with both hands on the wall.')],
  cues: cues(
    'Both feet on the block, one slanted at its corner, four toes over the edge. A hand on the wall.',
    'Soft knee. Lift the big toe, feel the arch spring. Let it down.',
    'A bow is drawn and eased.',
    'The arch, not the ankle, comes up.',
  ),
  foundBy: ['big toe', 'block', 'arch', 'spring', 'windlass'],
  performance: performance({
    facing: 'support',
    sidePattern: 'each',
    kit: [block, kit('wall', 'room', { chair: 'a chair back' })],
    setup: 'props',
    phases: phases(standing, beside),
    regions: { 'toe-extensors': 2, 'arch-intrinsics': 2 },
    balance: { working: 2, standing: 1 },
  }),
  doses,
  ladder: ladder(
    'held',
    rung(
      'seated',
      'seated, the foot on the block',
      { support: 'seat' },
      doses,
      cleanReps(8, '8 in which only the big toe moves, both feet.'),
      {
        change: {
          position: 'chair-seated',
          facing: 'any',
          kit: [block, chair],
          phases: phases(seatedFlat, restsFlat),
          regions: { 'toe-extensors': 2, 'arch-intrinsics': 1 },
          balance: { working: 0, standing: 0 },
        },
      },
    ),
    rung(
      'held',
      'standing on the block, a hand on the wall',
      { support: 'one hand' },
      doses,
      cleanReps(8, '8 with the weight over the middle, both feet.'),
    ),
    rung('free', 'standing on the block, hands free', { support: 'none' }, doses, null, {
      change: { balance: { working: 3, standing: 1 } },
    }),
  ),
  levelWords: {
    seated: {
      setup: 'Sit, one foot slanted on the block, big toe on it, four toes over its edge.',
      action: 'Lift the big toe, feel the arch spring. Let it down.',
    },
    free: {
      setup: 'Both feet on the block, one slanted at its corner, four toes over the edge. Hands free near the wall.',
    },
  },
});
