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
  restsFlat,
  say,
  seatedFlat,
} from '../author';
import { chair } from '../shared/arch-work';

export const pickUpSmallThings: Exercise = exercise({
  id: 'pick-up-small-things',
  name: say('Pick up small things with the toes', 'Toe prehension with objects'),
  family: 'arch',
  purpose: 'Grip, carry and let go: the whole hand-work of a foot, and the way round a carpet for cloth work.',
  stage: 'loaded',
  directions: ['toes-curl', 'toes-spread'],
  faults: [
    fault('always the same two toes', 'above', 'The next one with the others.'),
    fault('thrown instead of laid', 'front', 'Carry it to the bowl and let go.'),
  ],
  cautions: [care('numb-or-diabetic-feet', 'leave-out', 'Not for feet that do not feel what they step on.')],
  cues: cues(
    'Sit, small things on the floor, a bowl beside them.',
    'Spread, take one, carry it to the bowl, let go.',
    'A gull picks a mussel off the rocks.',
    'Open wide before you take.',
  ),
  foundBy: ['marbles', 'pick up', 'grip', 'toes', 'game', 'pebbles'],
  schools: { archWork: 'toes-grip' },
  performance: performance({
    position: 'chair-seated',
    sidePattern: 'each',
    kit: [
      kit('small-objects', 'person', { cloth: 'gathering a cloth works the same grip, on a smooth floor' }),
      kit('bowl', 'person'),
      chair,
    ],
    floorsRuledOut: [],
    setup: 'props',
    phases: [
      phase(
        'take',
        2,
        foot(seatedFlat, { contacts: { heel: ['press', 'floor'] }, toes: 'curled', midfoot: 'lifted' }),
        { other: restsFlat, effort: true },
      ),
      phase(
        'carry and let go',
        2,
        foot(seatedFlat, {
          contacts: {
            heel: ['press', 'floor'],
            innerBall: ['lift', 'air'],
            outerBall: ['lift', 'air'],
            bigToe: ['lift', 'air'],
            smallToes: ['lift', 'air'],
          },
          toes: 'spread',
        }),
        { other: restsFlat, effort: false },
      ),
    ],
    regions: { 'toe-flexors': 3, 'arch-intrinsics': 2 },
  }),
  doses: range(reps(5), reps(10), reps(20)),
});
