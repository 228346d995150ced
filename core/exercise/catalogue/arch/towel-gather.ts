import type { Exercise } from '../../exercise';
import type { FootState } from '../../foot-state';
import {
  cleanReps,
  exercise,
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
import { chairBack, frontOn } from '../shared/arch-work';

const gathered = (on: FootState, other: FootState) => [
  phase('reach', 2, foot(frontOn('cloth', 'rest', on), { contacts: { heel: ['rest', 'floor'] }, toes: 'spread' }), {
    other,
    effort: false,
  }),
  phase(
    'draw in',
    3,
    foot(frontOn('cloth', 'rest', on), {
      contacts: { bigToe: ['press', 'cloth'], smallToes: ['press', 'cloth'] },
      toes: 'curled',
      midfoot: 'lifted',
    }),
    { other, effort: true },
  ),
];
const cloth = kit('cloth', 'person', { 'small-objects': 'picking up small objects into a bowl works on any floor' });
const doses = range(reps(10), reps(10, { sets: 3, setRest: 20 }), reps(10, { sets: 5, setRest: 20 }), 'usual practice');

export const towelGather: Exercise = exercise({
  id: 'towel-gather',
  name: say('Gather a cloth with the toes', 'Towel curl'),
  family: 'arch',
  purpose: 'Curls a cloth under the foot, for the long and short toe benders.',
  stage: 'loaded',
  directions: ['toes-curl', 'toes-spread'],
  faults: [
    { seen: 'the heel lifts and helps', from: 'outer side', say: 'Heel heavy, toes busy.' },
    { seen: 'the big toe does it alone', from: 'above', say: 'All five take hold.' },
  ],
  cues: {
    setup: say('Sit, cloth flat on the smooth floor, toes on its edge.'),
    action: say('Reach long, take hold, draw it in. Let go and reach again.'),
    breath: null,
    picture: say('Drawing a curtain, a hand’s width at a time.'),
    correction: say('Open wide before every pull.'),
  },
  foundBy: ['towel', 'cloth', 'scrunch', 'curl', 'grip', 'arch'],
  schools: { archWork: 'toes-grip' },
  performance: performance({
    position: 'chair-seated',
    sidePattern: 'each',
    kit: [cloth, kit('chair', 'person', {})],
    floor: 'smooth-hard',
    floorsRuledOut: ['carpet', 'mat', 'outdoors'],
    phases: gathered(seatedFlat, restsFlat),
    setup: 'props',
    regions: { 'toe-flexors': 3, 'arch-intrinsics': 2 },
  }),
  doses,
  ladder: ladder(
    'seated',
    rung(
      'seated',
      'seated, the cloth alone',
      { base: 'seated', resistance: 'no weight on the cloth' },
      doses,
      cleanReps(10, '10 with the heel down and all five toes, both feet.'),
    ),
    rung(
      'weighted',
      'seated, a book on the far end',
      { base: 'seated', resistance: 'a book on the cloth' },
      range(reps(8), reps(10, { sets: 2, setRest: 20 }), reps(10, { sets: 4, setRest: 20 })),
      cleanReps(10, '10 with the heel down, both feet.'),
    ),
    rung(
      'standing',
      'standing, the cloth alone',
      { base: 'standing, the other leg carries', resistance: 'no weight on the cloth' },
      range(reps(8), reps(10, { sets: 2, setRest: 20 }), reps(10, { sets: 4, setRest: 20 })),
      null,
      {
        why: 'Standing up, the book comes off the cloth again.',
        change: {
          position: 'standing',
          facing: 'support',
          kit: [cloth, chairBack],
          phases: gathered(standing, stands),
          balance: { working: 1, standing: 1 },
        },
      },
    ),
  ),
  levelWords: {
    weighted: { setup: 'Sit, cloth flat on the smooth floor with a book on its far end, toes on its edge.' },
    standing: {
      setup: 'Stand at the chair, a hand on it, cloth flat on the smooth floor, toes of one foot on its edge.',
    },
  },
});
