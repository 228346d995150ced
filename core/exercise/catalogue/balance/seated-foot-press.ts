import type { Exercise } from '../../exercise';
import {
  care,
  cleanHold,
  cues,
  exercise,
  fault,
  foot,
  holds,
  kit,
  ladder,
  performance,
  phase,
  range,
  rung,
  say,
  seatedFlat,
} from '../author';

const lend = foot(seatedFlat, {
  contacts: { heel: ['press', 'floor'], innerBall: ['press', 'floor'], outerBall: ['press', 'floor'] },
});

const doses = range(holds(2, 5, 5), holds(3, 10, 5), holds(5, 15, 5));

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
    kit: [kit('chair', 'person', { block: 'a firm bench or a stack of blocks to sit on' })],
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
  doses,
  ladder: ladder(
    'one-foot',
    rung(
      'both-feet',
      'both feet press',
      { base: 'both feet' },
      doses,
      cleanHold(10, '10 s with long toes, both feet.'),
      {
        change: {
          sidePattern: 'both',
          phases: [phase('press and hold', 10, foot(lend, { midfoot: 'lifted' }), { effort: true })],
        },
      },
    ),
    rung(
      'one-foot',
      'one foot presses',
      { base: 'one foot' },
      doses,
      cleanHold(10, '10 s with long toes and a level hip, both feet.'),
    ),
    rung(
      'eyes-shut',
      'one foot presses, eyes shut',
      { base: 'one foot', eyes: 'shut', support: 'a hand on the seat' },
      doses,
      null,
      {
        why: 'With the eyes shut a hand goes to the seat, on purpose.',
      },
    ),
  ),
  levelWords: {
    'both-feet': { setup: 'Sit forward, both feet under their knees, a hand on each knee.' },
    'eyes-shut': { setup: 'Sit forward, one foot under its knee, a hand on the seat. Settle, then shut your eyes.' },
  },
});
