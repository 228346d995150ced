import type { Exercise } from '../../exercise';
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
} from '../author';
import { both, chairBack } from '../shared/edge';

const seat = kit('chair', 'person', { mat: 'on the floor, knees bent, feet flat' });

export const edgeToEdge: Exercise = exercise({
  id: 'edge-to-edge',
  name: say('From outer edges to inner edges', 'Bilateral inversion and eversion in stance'),
  family: 'mobility',
  purpose: 'Both feet travel to their outer edges and to their inner edges, as far as they stay in command.',
  stage: 'active',
  directions: ['turn-in', 'turn-out'],
  faults: [
    fault('the feet drop into an edge', 'behind', 'Smaller; carry them there.'),
    fault('knees swing instead', 'front', 'Kneecaps look forward.'),
  ],
  cues: cues(
    'Behind the chair, fingertips on it, feet hip width.',
    ['Weight to the outer edges, through the middle, to the inner edges.', 'Invert, through neutral, evert.'],
    'A table tips on two legs, and is set down again.',
    'Biggest range you command, not the biggest there is.',
  ),
  foundBy: ['edges', 'sideways', 'roll', 'ankle', 'inner edge', 'outer edge'],
  schools: { rollingIn: 'train-both-ways' },
  performance: performance({
    facing: 'support',
    kit: [chairBack],
    phases: [
      phase('to the outer edges', 2, both('outer'), { undo: 'to the inner edges' }),
      phase('to the inner edges', 2, both('inner'), { undo: 'to the outer edges' }),
    ],
    regions: { 'inner-ankle': 2, 'outer-ankle': 2 },
    balance: { working: 1, standing: 0 },
  }),
  doses: range(reps(10), reps(15), reps(30), 'usual practice'),
  ladder: ladder(
    'fingertips',
    rung(
      'seated',
      'seated',
      { base: 'seated', support: 'chair' },
      range(reps(10), reps(15), reps(30)),
      saw('Both ways in command, both feet.'),
      {
        change: {
          position: 'chair-seated',
          facing: 'any',
          kit: [seat],
          balance: { working: 0, standing: 0 },
          regions: { 'inner-ankle': 1, 'outer-ankle': 1 },
          phases: [
            phase(
              'to the outer edges',
              2,
              foot(seatedFlat, {
                edge: 'outer',
                ankle: 'turned-in',
                contacts: { innerBall: ['lift', 'air'], bigToe: ['lift', 'air'] },
              }),
              { undo: 'to the inner edges' },
            ),
            phase(
              'to the inner edges',
              2,
              foot(seatedFlat, {
                edge: 'inner',
                ankle: 'turned-out',
                contacts: { outerBall: ['lift', 'air'], smallToes: ['lift', 'air'] },
              }),
              { undo: 'to the outer edges' },
            ),
          ],
        },
      },
    ),
    rung(
      'fingertips',
      'standing, fingertips',
      { base: 'hip width', support: 'chair' },
      range(reps(10), reps(15), reps(30), 'usual practice'),
      cleanReps(15, '15 each way without a drop, both feet.'),
    ),
    rung(
      'free',
      'standing, hands free',
      { base: 'hip width', support: 'none' },
      range(reps(8), reps(12), reps(30)),
      null,
      { change: { facing: 'centre', balance: { working: 2, standing: 0 } } },
    ),
  ),
  levelWords: {
    seated: {
      setup: 'Sit, both feet flat.',
      action: 'Tilt both soles to their outer edges, through the middle, to the inner edges.',
    },
    free: { setup: 'Behind the chair, feet hip width, hands free and near it.' },
  },
});
