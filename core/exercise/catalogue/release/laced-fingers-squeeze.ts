import type { Exercise } from '../../exercise';
import { byFeel, care, exercise, foot, hanging, kit, performance, phase, range, restsFlat, say } from '../author';

export const lacedSqueeze: Exercise = exercise({
  id: 'laced-fingers-squeeze',
  name: say('Fingers laced between the toes', 'Interdigital spread with squeeze and release'),
  family: 'release',
  purpose: 'Widens the front of the foot by hand and wakes the small muscles between the bones.',
  stage: 'active',
  directions: ['toes-spread', 'toes-narrow'],
  faults: [
    {
      seen: 'fingers forced to the root at once',
      from: 'above',
      say: 'Fingertips first; go deeper only when it is easy.',
    },
    { seen: 'the ankle is bent to one side', from: 'front', say: 'Keep the foot in line with the shin.' },
  ],
  cautions: [
    care('broken-skin', 'leave-out', 'Skin can split between the toes. Leave it out where it is cracked or sore.'),
  ],
  cues: {
    setup: say('One ankle over the other knee, fingers between the toes from below.'),
    action: say('Squeeze the fingers with the toes, then let everything go wide.'),
    breath: null,
    picture: say('Shaking hands with your foot.'),
    correction: say('Softer hands.'),
  },
  foundBy: ['fingers', 'spread', 'toes', 'hand', 'bunion', 'widen'],
  performance: performance({
    situations: ['between-the-toes'],
    position: 'chair-seated',
    sidePattern: 'each',
    kit: [kit('chair', 'person', { mat: 'on the floor, legs long or crossed' })],
    phases: [
      phase(
        'squeeze',
        2,
        foot(hanging, {
          contacts: { bigToe: ['press', 'hand'], smallToes: ['press', 'hand'] },
          hands: ['between the toes'],
          toes: 'long',
        }),
        {
          other: restsFlat,
          picture: 'ankle-front',
          undo: 'let go wide',
        },
      ),
      phase(
        'let go wide',
        2,
        foot(hanging, {
          contacts: { bigToe: ['rest', 'hand'], smallToes: ['rest', 'hand'] },
          hands: ['between the toes'],
          toes: 'spread',
        }),
        {
          other: restsFlat,
          picture: 'ankle-front',
          undo: 'squeeze',
        },
      ),
    ],
    regions: { 'arch-intrinsics': 1 },
  }),
  doses: range(byFeel(20, 30, 45), byFeel(30, 60, 90), byFeel(45, 90, 120)),
});
