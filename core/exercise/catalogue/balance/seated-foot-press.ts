import type { Exercise } from '../../exercise';
import { care, cues, exercise, fault, foot, holds, kit, performance, phase, range, say, seatedFlat } from '../author';

const lend = foot(seatedFlat, {
  contacts: { heel: ['press', 'floor'], innerBall: ['press', 'floor'], outerBall: ['press', 'floor'] },
});

export const seatedStand: Exercise = exercise({
  id: 'seated-foot-press',
  name: say('Seated stand: press one foot into the floor', 'Seated single-foot loading'),
  family: 'balance',
  purpose: 'What standing on one leg asks of the foot, for someone who stays seated: three points press and hold.',
  stage: 'loaded',
  directions: [],
  faults: [
    fault('toes claw', 'above', 'Long toes; the three points press.'),
    fault('the hip hikes', 'front', 'Both sit bones stay heavy.'),
  ],
  cautions: [care('recent-injury', 'go-gently', 'Only as much as is free of pain.')],
  cues: cues(
    'Sit forward, one foot under its knee, hand on that knee.',
    'Press heel, inner ball and outer ball as if to stand, and hold.',
    'A thumb pressed into clay.',
    'Less, and even.',
  ),
  foundBy: ['seated', 'balance', 'press', 'chair', 'cannot stand', 'tripod'],
  performance: performance({
    position: 'chair-seated',
    sidePattern: 'each',
    kit: [kit('chair', 'person', { mat: 'half kneeling on a mat' })],
    floorsRuledOut: [],
    footwear: 'any',
    phases: [
      phase('press and hold', 10, foot(lend, { midfoot: 'lifted' }), {
        other: foot(seatedFlat, { role: 'rests' }),
        effort: true,
      }),
    ],
    regions: { 'arch-intrinsics': 1, 'deep-calf': 1, 'hip-and-trunk': 1 },
  }),
  doses: range(holds(2, 5, 5), holds(3, 10, 5), holds(5, 15, 5)),
});
