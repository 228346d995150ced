import type { Exercise } from '../../exercise';
import { cues, exercise, fault, performance, phase, range, reps, say, standing } from '../author';
import { both, chairBack } from '../shared/edge';

export const edgeEdgeFlat: Exercise = exercise({
  id: 'edge-edge-flat-flat',
  name: say('One edge, other edge, flat, flat', 'Alternating inverted stance'),
  family: 'strength',
  purpose: 'The feet take turns: left to its outer edge, right to its outer edge, left flat, right flat.',
  stage: 'loaded',
  directions: ['turn-in', 'turn-out'],
  faults: [
    fault('full weight lands on an edge', 'front', 'The flat foot carries.'),
    fault('the order falls apart', 'front', 'Say it: edge, edge, flat, flat.'),
  ],
  cues: cues(
    'Behind the chair, feet hip width.',
    'Edge, edge, flat, flat. One more each when that is easy.',
    'Two drummers who trade beats.',
    'Slower, and never a drop.',
  ),
  foundBy: ['edges', 'alternate', 'ankle', 'coordination', 'rhythm'],
  schools: { rollingIn: 'train-both-ways' },
  performance: performance({
    facing: 'support',
    sidePattern: 'alternate',
    kit: [chairBack],
    phases: [
      phase('to the edge', 2, both('outer'), { undo: 'flat' }),
      phase('flat', 2, standing, { undo: 'to the edge' }),
    ],
    regions: { 'inner-ankle': 2, 'outer-ankle': 2 },
    balance: { working: 1, standing: 1 },
  }),
  doses: range(reps(4), reps(6), reps(12)),
  preparedBy: ['outer-edge-stand'],
});
