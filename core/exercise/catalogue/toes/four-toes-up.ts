import type { Exercise } from '../../exercise';
import { exercise, foot, performance, phase, range, reps, restsFlat, say } from '../author';
import { chair, grounded, handHelp } from '../shared/toes';

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
    picture: say('The four toes wave; the big one keeps the boat tied.'),
    correction: say('The arch may flatten here; that is normal.'),
  },
  foundBy: ['toes', 'lift', 'little toes', 'isolate', 'toe yoga'],
  performance: performance({
    position: 'chair-seated',
    sidePattern: 'each',
    kit: [chair],
    phases: [
      phase(
        'four toes up',
        2,
        foot(grounded, { contacts: { bigToe: ['press', 'floor'], smallToes: ['lift', 'air'] }, midfoot: 'let-down' }),
        { other: restsFlat, undo: 'lay them down' },
      ),
      phase('lay them down', 2, foot(grounded, { toes: 'spread' }), { other: restsFlat, undo: 'four toes up' }),
    ],
    regions: { 'toe-extensors': 2, 'toe-flexors': 1 },
  }),
  doses: range(reps(4), reps(8), reps(12)),
  ladder: handHelp('fingers hold the big toe down', 'The toes follow'),
  levelWords: { 'hand-lifts': { action: 'The hand lifts four toes, the big one presses. Lay them down wide.' } },
});
