import type { Exercise } from '../../exercise';
import type { FootState } from '../../foot-state';
import {
  cues,
  exercise,
  fault,
  foot,
  ladder,
  performance,
  phase,
  range,
  reps,
  rung,
  saw,
  say,
  seatedFlat,
  standing,
  stands,
} from '../author';
import { chair, chairBack } from '../shared/arch-work';

/** The six places in turn; a seated foot lends what weight the leg has. */
const sixPlaces = (on: FootState) => [
  phase(
    'toe tips',
    5,
    foot(on, {
      contacts: { heel: ['rest', 'floor'], bigToe: ['press', 'floor'], smallToes: ['press', 'floor'] },
      toes: 'curled',
    }),
  ),
  phase(
    'toe roots',
    5,
    foot(on, { contacts: { heel: ['rest', 'floor'], innerBall: ['press', 'floor'], outerBall: ['press', 'floor'] } }),
  ),
  phase('inner edge', 5, toEdge(on, 'inner')),
  phase('outer edge', 5, toEdge(on, 'outer')),
  phase('arch', 5, foot(on, { midfoot: 'let-down' })),
  phase('heel', 5, heelOnly(on)),
];
const toEdge = (on: FootState, edge: 'inner' | 'outer') =>
  foot(on, {
    contacts:
      edge === 'inner'
        ? { outerBall: ['rest', 'floor'], innerBall: ['press', 'floor'] }
        : { innerBall: ['rest', 'floor'], outerBall: ['press', 'floor'] },
    edge,
    ankle: edge === 'inner' ? 'turned-out' : 'turned-in',
    weightLine: edge === 'inner' ? 'first-toe' : 'even',
  });
const heelOnly = (on: FootState) =>
  foot(on, {
    contacts: { heel: ['press', 'floor'], innerBall: ['rest', 'floor'], outerBall: ['rest', 'floor'] },
    weightLine: 'even',
  });
/** The other foot keeps its toes down: an edge is never carried alone. */
const toesDown = foot(stands, {
  role: 'rests',
  contacts: { heel: ['lift', 'air'], innerBall: ['rest', 'floor'], outerBall: ['rest', 'floor'] },
  heelHeightCm: 5,
});
const onOneLeg = [
  phase('inner edge', 10, toEdge(standing, 'inner'), { other: toesDown }),
  phase('outer edge', 10, toEdge(standing, 'outer'), { other: toesDown }),
  phase('heel', 10, heelOnly(standing), { other: toesDown }),
];

export const pressureTour: Exercise = exercise({
  id: 'pressure-tour',
  name: say('Tour of the sole by pressure', 'Selective plantar loading'),
  family: 'check',
  purpose: 'Presses six places in turn: toe tips, toe roots, inner edge, outer edge, arch, heel.',
  stage: 'active',
  directions: ['turn-in', 'turn-out'],
  faults: [
    fault('the whole body tips to reach a place', 'front', 'The foot looks for it, the body stays.'),
    fault('toes curl at every place', 'above', 'Only the toe tips are allowed to.'),
  ],
  cues: cues(
    'Stand easily, feet under your hips.',
    'Lend weight to each place in turn, and name it as you go.',
    'A torch beam wanders over a map.',
    'Smaller; inner edge and outer edge get the same time.',
  ),
  foundBy: ['sole', 'pressure', 'awareness', 'weight', 'edges', 'feel'],
  performance: performance({
    phases: sixPlaces(standing),
    regions: { 'arch-intrinsics': 1 },
    balance: { working: 1, standing: 0 },
  }),
  doses: range(reps(1), reps(1), reps(2)),
  ladder: ladder(
    'standing',
    rung(
      'seated',
      'seated, one zone at a time',
      { base: 'seated' },
      range(reps(1), reps(1), reps(2)),
      saw('Every place is shown with a finger as it is named, both feet.'),
      {
        change: {
          position: 'chair-seated',
          kit: [chair],
          phases: sixPlaces(seatedFlat),
          balance: { working: 0, standing: 0 },
        },
      },
    ),
    rung(
      'standing',
      'standing, one zone at a time',
      { base: 'hip width' },
      range(reps(1), reps(1), reps(2)),
      saw('The body stays while the foot looks for each place, both feet.'),
    ),
    rung(
      'one-foot',
      'most of the weight on one foot, fingertips on a chair',
      { base: 'one foot, toes of the other down', support: 'fingertips' },
      range(reps(1), reps(1), reps(2)),
      null,
      {
        why: 'With the weight on one foot the fingertips go to a chair, on purpose.',
        change: {
          sidePattern: 'each',
          facing: 'support',
          kit: [chairBack],
          balance: { working: 2, standing: 2 },
          phases: onOneLeg,
        },
      },
    ),
  ),
  levelWords: {
    seated: { setup: 'Sit, both feet flat.' },
    'one-foot': {
      setup: 'Fingertips on the chair, most of the weight on one foot, toes of the other down.',
      action: 'Inner edge, outer edge, heel: lend weight to each in turn, and name it.',
    },
  },
});
