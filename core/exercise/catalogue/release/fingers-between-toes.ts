import type { Exercise } from '../../exercise';
import {
  care,
  cues,
  exercise,
  fault,
  foot,
  hanging,
  holds,
  kit,
  ladder,
  performance,
  phase,
  range,
  rung,
  saw,
  say,
  seatedFlat,
} from '../author';
import { chair, held, inHand } from '../shared/hand';

export const fingersBetweenToes: Exercise = exercise({
  id: 'fingers-between-toes',
  name: say('Fingers between the toes', 'Passive toe abduction hold'),
  family: 'release',
  purpose: 'Rests in the width that shoes take away, a minute or more at a time.',
  stage: 'passive',
  directions: ['toes-spread'],
  faults: [
    fault('fingers pushed to the roots at once', 'above', 'Fingertips first; deeper when it is easy.'),
    fault('the foot is pulled to one side', 'front', 'Keep it in line with the shin.'),
  ],
  cautions: [
    care(
      'numb-or-diabetic-feet',
      'ask-clinician',
      'Ask a clinician first; no spacers. Look at the skin before and after.',
    ),
  ],
  cues: cues(
    'One ankle over the other knee, a finger in each gap.',
    'Leave them there and let the foot get used to the room.',
    'Warm hands in a cold glove; it gives slowly.',
    'Less deep, and wait.',
    'Breathe as it comes.',
  ),
  foundBy: ['fingers', 'spread', 'toes', 'bunion', 'wide', 'evening'],
  performance: performance({
    situations: ['between-the-toes'],
    position: 'chair-seated',
    sidePattern: 'each',
    kit: [chair],
    phases: [phase('hold', 60, foot(inHand, { toes: 'spread', hands: ['between the toes'] }), held)],
    regions: { 'arch-intrinsics': 1 },
  }),
  doses: range(holds(1, 30, 0), holds(1, 60, 0), holds(1, 120, 0), 'usual practice'),
  ladder: ladder(
    'fingers',
    rung(
      'fingers',
      'your own fingers',
      { 'hand-help': 'fingers' },
      range(holds(1, 30, 0), holds(1, 60, 0), holds(1, 120, 0), 'usual practice'),
      saw('A minute with a quiet face and loose toes, both feet.', 2),
    ),
    rung(
      'spacers',
      'toe spacers, hands free',
      { 'hand-help': 'spacers' },
      range(holds(1, 60, 0), holds(1, 120, 0), holds(1, 300, 0)),
      saw('Two minutes without pale toes or tingling, both feet.', 2),
      {
        change: {
          kit: [chair, kit('toe-spacers', 'person', { cloth: 'a strip of cloth woven between the toes' })],
          sidePattern: 'both',
          phases: [phase('hold', 60, foot(seatedFlat, { toes: 'spread' }))],
        },
      },
    ),
    rung(
      'own-strength',
      'the toes hold the width alone',
      { 'hand-help': 'none' },
      range(holds(1, 5, 5), holds(3, 10, 5), holds(5, 10, 5)),
      null,
      {
        change: {
          phases: [phase('hold', 10, foot(hanging, { toes: 'spread' }), held)],
          regions: { 'arch-intrinsics': 2 },
        },
      },
    ),
  ),
  levelWords: {
    spacers: {
      setup: 'Sit, both feet flat, one soft spacer in each gap, hands free.',
      action: 'Leave them in and let both feet get used to the room.',
    },
    'own-strength': {
      setup: 'One ankle over the other knee, hands off.',
      action: 'Spread the toes by themselves, hold the width, let go.',
      correction: 'Less wide, and let the forehead go.',
    },
  },
});
