import type { Exercise } from '../../exercise';
import {
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
  saw,
  say,
  seatedFlat,
  stands,
} from '../author';
import { chairBack, onEdge } from '../shared/edge';

export const outerEdgeStand: Exercise = exercise({
  id: 'outer-edge-stand',
  name: say('Stand on the outer edge', 'Single-foot inverted stance, shared load'),
  family: 'strength',
  purpose: 'One foot stands on its outer edge while the other shares the weight: strength where ankles roll.',
  stage: 'loaded',
  directions: ['turn-in'],
  faults: [
    fault('the body leans over the edge foot', 'front', 'Half of the weight stays on the other foot.'),
    fault('the ankle sinks', 'behind', 'Stand on it; do not hang in it.'),
  ],
  cues: cues(
    'Behind the chair, feet hip width, both hands on it.',
    'Lift one foot’s inner side, stand on the edge, share the weight. Hold.',
    'A book stands on its spine, upright on the shelf.',
    'Less weight, same edge.',
  ),
  foundBy: ['outer edge', 'ankle', 'sprain', 'strength', 'sideways'],
  schools: { rollingIn: 'train-both-ways' },
  performance: performance({
    facing: 'support',
    sidePattern: 'each',
    kit: [chairBack],
    phases: [phase('hold', 10, onEdge('outer'), { other: stands, effort: true })],
    regions: { 'inner-ankle': 2, 'outer-ankle': 2 },
    balance: { working: 1, standing: 1 },
  }),
  doses: range(holds(2, 5, 5), holds(3, 10, 5), holds(5, 10, 5)),
  ladder: ladder(
    'held',
    rung(
      'seated',
      'seated, no weight',
      { base: 'seated', support: 'chair' },
      range(holds(2, 5, 5), holds(3, 10, 5), holds(5, 10, 5)),
      saw('The edge holds still, both feet.'),
      {
        change: {
          position: 'chair-seated',
          facing: 'any',
          kit: [kit('chair', 'person', { mat: 'on the floor, knees bent, feet flat' })],
          balance: { working: 0, standing: 0 },
          phases: [
            phase(
              'hold',
              10,
              foot(seatedFlat, {
                edge: 'outer',
                ankle: 'turned-in',
                contacts: { innerBall: ['lift', 'air'], bigToe: ['lift', 'air'] },
              }),
              { other: foot(seatedFlat, { role: 'rests' }) },
            ),
          ],
          regions: { 'inner-ankle': 1 },
        },
      },
    ),
    rung(
      'held',
      'standing, both hands on the chair',
      { base: 'two feet', support: 'chair' },
      range(holds(2, 5, 5), holds(3, 10, 5), holds(5, 10, 5)),
      cleanHold(10, '10 s without sinking, both feet.'),
    ),
    rung(
      'free',
      'standing, hands free',
      { base: 'two feet', support: 'none' },
      range(holds(2, 5, 5), holds(3, 10, 5), holds(5, 10, 5)),
      null,
      { change: { balance: { working: 2, standing: 1 } } },
    ),
  ),
  levelWords: {
    seated: { setup: 'Sit, one foot flat.', action: 'Lift the inner side of the foot, onto its outer edge. Hold.' },
    free: { setup: 'Behind the chair, hands free and near it, feet hip width.' },
  },
});
