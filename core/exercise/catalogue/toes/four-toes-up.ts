import type { Exercise } from '../../exercise';
import { exercise, foot, performance, range, reps, say } from '../author';
import { chair, grounded, handHelp, liftAndLower, fourUp } from '../shared/toes';

const lifts = {
  lifting: fourUp,
  lowered: foot(grounded, { toes: 'spread' }),
};
const byHand = {
  ...lifts,
  lifting: foot(lifts.lifting, { contacts: { bigToe: ['rest', 'floor'], smallToes: ['lift', 'hand'] } }),
};

export const fourToesUp: Exercise = exercise({
  id: 'four-toes-up',
  name: say('Four toes up, big toe stays', 'Lesser toe extension, hallux anchored'),
  family: 'toes',
  purpose: 'The other half of big toe up: the big toe presses while four lift.',
  stage: 'active',
  directions: ['toes-lift'],
  faults: [
    { seen: 'the big toe comes along', from: 'above', say: 'Press the big toe as into a doorbell.' },
    { seen: 'the big toe bends and grips', from: 'inner side', say: 'Press it long, not curled.' },
  ],
  cues: {
    setup: say('Sit, one foot flat, heel under the knee.'),
    action: say(
      'Press the big toe, lift the four. Lay them down wide.',
      'Anchor the hallux, extend the lesser toes. Lower them spread.',
    ),
    breath: null,
    picture: say('Four keys up, the lowest note held.'),
    correction: say('The arch may flatten here; that is normal.'),
  },
  foundBy: ['toes', 'lift', 'little toes', 'isolate', 'toe yoga'],
  performance: performance({
    position: 'chair-seated',
    sidePattern: 'each',
    kit: [chair],
    phases: liftAndLower('four toes up', 'lay them down', lifts),
    regions: { 'toe-extensors': 2, 'toe-flexors': 1 },
  }),
  doses: range(reps(4), reps(8), reps(12)),
  ladder: handHelp('a finger holds the big toe down', 'The toes follow', {
    handLifts: liftAndLower('four toes up', 'lay them down', byHand, ['small toes'], 'hand'),
    handHolds: liftAndLower('four toes up', 'lay them down', lifts, ['big toe']),
  }),
  levelWords: {
    'hand-lifts': {
      setup: 'Sit, one foot flat, fingers under the four small toes.',
      action: 'The hand lifts four toes, the big one stays. Lay them down wide.',
    },
    'hand-holds': {
      setup: 'Sit, one foot flat, a finger lying on the big toe.',
      action: [
        'The finger keeps the big toe down. Lift the four, lay them down wide.',
        'A finger anchors the hallux. Extend the lesser toes, lower them spread.',
      ],
    },
  },
});
