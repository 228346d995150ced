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
import { chair, chairBack } from '../shared/arch-work';

const gripped = (from: FootState) =>
  foot(from, {
    contacts: {
      heel: ['lift', 'air'],
      innerBall: ['lift', 'air'],
      outerBall: ['lift', 'air'],
      bigToe: ['press', 'object'],
      smallToes: ['press', 'object'],
    },
    toes: 'curled',
    midfoot: 'lifted',
    heelHeightCm: 5,
  });
const carried = (from: FootState, other: FootState) => [
  phase('take', 2, foot(gripped(from), { contacts: { heel: ['press', 'floor'] }, heelHeightCm: 0 }), {
    other,
    effort: true,
  }),
  phase('carry', 1.5, gripped(from), { other, effort: true }),
  phase(
    'let go',
    0.5,
    foot(gripped(from), {
      contacts: { bigToe: ['lift', 'air'], smallToes: ['lift', 'air'] },
      toes: 'spread',
      midfoot: 'resting',
    }),
    { other, effort: false },
  ),
];
const things = kit('small-objects', 'person', { cloth: 'gathering a cloth works the same grip, on a smooth floor' });
const doses = range(reps(5), reps(10), reps(20));

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
    'A crane in a toy arcade, with patience.',
    'Open wide before you take.',
  ),
  foundBy: ['marbles', 'pick up', 'grip', 'toes', 'game', 'pebbles'],
  schools: { archWork: 'toes-grip' },
  performance: performance({
    position: 'chair-seated',
    sidePattern: 'each',
    kit: [things, kit('bowl', 'person'), chair],
    floorsRuledOut: [],
    setup: 'props',
    phases: carried(seatedFlat, restsFlat),
    regions: { 'toe-flexors': 3, 'arch-intrinsics': 2 },
  }),
  doses,
  ladder: ladder(
    'small',
    rung(
      'soft',
      'soft and large: knotted cloths, corks',
      { amount: 'large and soft', base: 'seated' },
      doses,
      cleanReps(10, '10 laid down, not thrown, both feet.'),
      { change: { regions: { 'toe-flexors': 2, 'arch-intrinsics': 1 } } },
    ),
    rung(
      'small',
      'small and round: marbles, pebbles',
      { amount: 'small and round', base: 'seated' },
      doses,
      cleanReps(10, '10 laid in the bowl, with more than the same two toes, both feet.'),
    ),
    rung(
      'standing',
      'small and round, standing at a chair',
      { amount: 'small and round', base: 'one foot' },
      range(reps(3), reps(6), reps(12)),
      null,
      {
        change: {
          position: 'standing',
          facing: 'support',
          kit: [things, kit('bowl', 'person'), chairBack],
          phases: carried(standing, stands),
          balance: { working: 0, standing: 2 },
        },
      },
    ),
  ),
  levelWords: {
    soft: { setup: 'Sit, knotted cloths or corks on the floor, a bowl beside them.' },
    standing: { setup: 'Stand at the chair, both hands on it, small things and a bowl in front of one foot.' },
  },
});
