import type { Exercise } from '../../exercise';
import type { FootState } from '../../foot-state';
import {
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
  rung,
  saw,
  say,
  seatedFlat,
  standing,
} from '../author';
import { both, chairBack } from '../shared/edge';

const tilted = (edge: Edge): FootState =>
  foot(seatedFlat, {
    edge,
    ankle: edge === 'outer' ? 'turned-in' : 'turned-out',
    contacts:
      edge === 'outer'
        ? { innerBall: ['lift', 'air'], bigToe: ['lift', 'air'] }
        : { outerBall: ['lift', 'air'], smallToes: ['lift', 'air'] },
  });
const doses = range(reps(3), reps(6), reps(12));
const flat = standing;
type Edge = 'inner' | 'outer';
/** Four steps with a state for each foot: one goes, the other follows, one comes home, the other follows. */
const byTurns = (on: (edge: Edge) => FootState, edge: Edge = 'outer', home = on === tilted ? seatedFlat : flat) => [
  phase(`${edge} edge, one foot`, 2, on(edge), { other: home, effort: true }),
  phase(`${edge} edge, the other too`, 2, on(edge), { other: on(edge), effort: true }),
  phase(edge === 'outer' ? 'one flat' : 'one flat again', 2, home, { other: on(edge), effort: true }),
  phase(edge === 'outer' ? 'both flat' : 'both flat again', 2, home, { other: home, effort: false }),
];

export const edgeEdgeFlat: Exercise = exercise({
  id: 'edge-edge-flat-flat',
  name: say('One edge, other edge, flat, flat', 'Alternating inverted stance'),
  family: 'strength',
  purpose: 'The feet take turns: one to its outer edge, the other to its own, one flat, the other flat.',
  stage: 'loaded',
  directions: ['turn-in', 'turn-out'],
  faults: [
    fault('the body falls over onto one edge', 'front', 'Share the weight; half stays with the other foot.'),
    fault('both feet tilt at once', 'front', 'Say it: edge, edge, flat, flat.'),
  ],
  cues: cues(
    'Behind the chair, feet hip width.',
    'One foot to its outer edge, the other too. One flat, the other flat. Weight shared.',
    'Two drummers who trade beats.',
    'Slower, and never a drop.',
  ),
  foundBy: ['edges', 'alternate', 'ankle', 'coordination', 'rhythm'],
  schools: { rollingIn: 'train-both-ways' },
  performance: performance({
    facing: 'support',
    sidePattern: 'both',
    kit: [chairBack],
    phases: byTurns((edge) => both(edge)),
    regions: { 'inner-ankle': 2, 'outer-ankle': 2 },
    balance: { working: 1, standing: 1 },
  }),
  doses,
  ladder: ladder(
    'held',
    rung(
      'seated',
      'seated, no weight',
      { base: 'seated', support: 'chair' },
      doses,
      saw('The order holds and the knees stay, both feet.'),
      {
        change: {
          position: 'chair-seated',
          facing: 'any',
          kit: [kit('chair', 'person', { mat: 'on the floor, knees bent' })],
          phases: byTurns(tilted),
          regions: { 'inner-ankle': 1, 'outer-ankle': 1 },
          balance: { working: 0, standing: 0 },
        },
      },
    ),
    rung(
      'held',
      'standing, both hands on the chair',
      { base: 'two feet', support: 'both hands' },
      doses,
      cleanReps(6, '6 rounds in order, no drop, both feet.'),
      {
        why: 'Standing up goes to both hands at once.',
      },
    ),
    rung(
      'lift-and-roll',
      'standing, each foot lifted and set down on its edge',
      { base: 'two feet', support: 'both hands', amount: 'lifted and set down' },
      range(reps(2), reps(4), reps(8)),
      cleanReps(4, '4 rounds in order, each edge set down softly, both feet.'),
    ),
    rung(
      'inner-too',
      'standing, to the outer and to the inner edges',
      { base: 'two feet', support: 'both hands', amount: 'outer, then inner edges, lifted' },
      range(reps(2), reps(4), reps(8)),
      cleanReps(4, '4 rounds in order, no drop, both feet.'),
      {
        change: { phases: [...byTurns((edge) => both(edge)), ...byTurns((edge) => both(edge), 'inner')] },
      },
    ),
    rung(
      'fingertips',
      'standing, fingertips',
      { base: 'two feet', support: 'fingertips', amount: 'outer, then inner edges, lifted' },
      range(reps(2), reps(4), reps(8)),
      null,
      {
        change: {
          phases: [...byTurns((edge) => both(edge)), ...byTurns((edge) => both(edge), 'inner')],
          balance: { working: 2, standing: 1 },
        },
      },
    ),
  ),
  levelWords: {
    seated: {
      setup: 'Sit, both feet flat, hip width.',
      action: 'One sole to its outer edge, the other too. One flat, the other flat.',
    },
    held: { setup: 'Behind the chair, both hands on it, feet hip width.' },
    'lift-and-roll': {
      setup: 'Behind the chair, both hands on it, feet hip width.',
      action: 'Lift one foot, set it on its outer edge; the other too. Roll one flat, the other flat.',
    },
    'inner-too': {
      setup: 'Behind the chair, both hands on it, feet hip width.',
      action: 'Outer edges one by one, flat one by one. Then inner edges, and flat.',
    },
    fingertips: {
      setup: 'Behind the chair, fingertips on it, feet hip width.',
      action: 'Outer edges one by one, flat one by one. Then inner edges, and flat.',
    },
  },
  preparedBy: ['outer-edge-stand'],
});
