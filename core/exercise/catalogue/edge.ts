import type { Exercise } from '../exercise';
import {
  care,
  cleanHold,
  cleanReps,
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
  reps,
  rung,
  saw,
  say,
  seatedFlat,
  standing,
  stands,
  travel,
} from './author';

const chairBack = kit('chair', 'person', { wall: 'a wall gives more hold' });
const sprain = care(
  'recent-injury',
  'ask-clinician',
  'After a sprain ask first, and share the weight with the other foot.',
);
const falls = care('falls-or-faints', 'change-support', 'Both hands on the chair or along the wall.');

/** Standing on one edge: to the outer edge the ankle turns in, to the inner edge it turns out. */
const onEdge = (edge: 'inner' | 'outer') =>
  foot(standing, {
    contacts:
      edge === 'outer'
        ? { innerBall: ['lift', 'air'], bigToe: ['hang', 'air'] }
        : { outerBall: ['rest', 'floor'], smallToes: ['rest', 'floor'] },
    edge,
    ankle: edge === 'outer' ? 'turned-in' : 'turned-out',
    midfoot: edge === 'outer' ? 'lifted' : 'let-down',
    weightLine: edge === 'inner' ? 'first-toe' : 'even',
  });
const both = (edge: 'inner' | 'outer') =>
  foot(onEdge(edge), edge === 'outer' ? { contacts: { innerBall: ['rest', 'floor'], bigToe: ['rest', 'floor'] } } : {});

export const edgeToEdge: Exercise = exercise({
  id: 'edge-to-edge',
  name: say('From outer edges to inner edges', 'Bilateral inversion and eversion in stance'),
  family: 'mobility',
  purpose: 'Both feet travel to their outer edges and to their inner edges, as far as they stay in command.',
  stage: 'active',
  directions: ['turn-in', 'turn-out'],
  faults: [
    fault('the feet drop into an edge', 'front', 'Smaller; carry them there.'),
    fault('knees swing instead', 'front', 'Kneecaps look forward.'),
  ],
  cautions: [sprain, falls],
  cues: cues(
    'Feet hip width, fingertips on the chair if you like.',
    ['Weight to the outer edges, through the middle, to the inner edges.', 'Invert, through neutral, evert.'],
    'A boat rolls and rights itself.',
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
      cleanReps(15, '15 each way without a drop, both feet, on two days.'),
    ),
    rung(
      'free',
      'standing, hands free',
      { base: 'hip width', support: 'none' },
      range(reps(8), reps(12), reps(30)),
      null,
      { change: { kit: [], facing: 'centre', balance: { working: 2, standing: 0 } } },
    ),
  ),
});

export const outerEdgeStand: Exercise = exercise({
  id: 'outer-edge-stand',
  name: say('Stand on the outer edge', 'Single-foot inverted stance, shared load'),
  family: 'strength',
  purpose: 'One foot stands on its outer edge while the other shares the weight: strength where ankles roll.',
  stage: 'loaded',
  directions: ['turn-in'],
  faults: [
    fault('all the weight goes onto the edge', 'front', 'Half of it stays on the other foot.'),
    fault('the ankle sinks', 'behind', 'Stand on it; do not hang in it.'),
  ],
  cautions: [sprain, falls],
  cues: cues(
    'Behind the chair, feet hip width, both hands on it.',
    'Lift one foot’s inner side, stand on the edge, share the weight. Hold.',
    'The keel holds; the boat leans.',
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
      cleanHold(10, '10 s without sinking, both feet, on two days.'),
    ),
    rung(
      'free',
      'standing, hands free',
      { base: 'two feet', support: 'none' },
      range(holds(2, 5, 5), holds(3, 10, 5), holds(5, 10, 5)),
      null,
      { change: { kit: [], facing: 'centre', balance: { working: 2, standing: 1 } } },
    ),
  ),
});

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
  cautions: [sprain, falls],
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
});

const leadIn = foot(standing, {
  contacts: { heel: ['lift', 'air'], outerBall: ['rest', 'floor'] },
  edge: 'inner',
  ankle: 'turned-out',
  heelHeightCm: 3,
  knee: 'bent',
  weightLine: 'first-toe',
  midfoot: 'let-down',
});
const leadOut = foot(standing, {
  contacts: { heel: ['lift', 'air'], innerBall: ['rest', 'floor'] },
  edge: 'outer',
  ankle: 'turned-in',
  heelHeightCm: 3,
  knee: 'bent',
  weightLine: 'even',
  midfoot: 'lifted',
});
export const leadFootTilt: Exercise = exercise({
  id: 'lead-foot-tilt',
  name: say('Front foot tilts on its ball', 'Split-stance forefoot pronation and supination'),
  family: 'arch',
  purpose: 'In a short split the front foot lets its arch down and gathers it again, on the ball of the foot.',
  stage: 'loaded',
  directions: ['turn-out', 'turn-in'],
  faults: [
    fault('the arch collapses at once', 'front', 'Let it down as a lift goes down.'),
    fault('the knee dives inward with it', 'front', 'Knee over the toes; only the foot tilts.'),
  ],
  cautions: [sprain, care('sore-knees', 'go-gently', 'Short step, little bend.')],
  cues: cues(
    'Short split on the mat, weight a little forward on the front ball.',
    'Weight to the inner edge, arch down. Weight to the outer edge, arch up.',
    'A tide that goes out and comes in.',
    'Free of pain, and slow.',
  ),
  foundBy: ['arch', 'tilt', 'inner edge', 'split', 'control'],
  schools: { rollingIn: 'train-both-ways' },
  performance: performance({
    sidePattern: 'each',
    kit: [kit('mat', 'person', { cloth: 'a folded cloth under the ball' })],
    floor: 'padded',
    phases: [
      phase('weight to the inner edge', 2, leadIn, { other: stands, undo: 'weight to the outer edge' }),
      phase('weight to the outer edge', 2, leadOut, { other: stands, undo: 'weight to the inner edge' }),
    ],
    regions: { 'arch-intrinsics': 2, 'inner-ankle': 2, 'outer-ankle': 1 },
    balance: { working: 1, standing: 1 },
  }),
  doses: range(reps(5), reps(10), reps(15), 'usual practice'),
  ladder: ladder(
    'short',
    rung(
      'held',
      'short split, a hand on the chair',
      { lever: 'short split', support: 'one hand' },
      range(reps(5), reps(10), reps(15)),
      saw('The arch goes down and comes back without a drop, both feet.'),
      { change: { kit: [kit('mat', 'person'), chairBack], facing: 'support' } },
    ),
    rung(
      'short',
      'short split, hands free',
      { lever: 'short split', support: 'none' },
      range(reps(5), reps(10), reps(15), 'usual practice'),
      cleanReps(10, '10 each way in command, both feet, on two days.'),
    ),
    rung(
      'lunge',
      'lunge with a lean',
      { lever: 'lunge and lean', support: 'none' },
      range(reps(5), reps(8), reps(12)),
      null,
      { change: { balance: { working: 2, standing: 1 } } },
    ),
  ),
});

function edgeWalk(edge: 'inner' | 'outer'): Exercise {
  const outer = edge === 'outer';
  return exercise({
    id: `${edge}-edge-walk`,
    name: outer
      ? say('Walk on the outer edges', 'Inverted walking')
      : say('Walk on the inner edges', 'Everted walking'),
    family: 'gait',
    purpose: outer
      ? 'Takes the outer edge into a step, small and in command.'
      : 'Takes the inner edge into a step; half of the foot’s job, trained on purpose.',
    stage: 'integrated',
    directions: [outer ? 'turn-in' : 'turn-out'],
    faults: [
      fault('the ankle gives way from step to step', 'behind', 'Shorter steps, less edge.'),
      outer
        ? fault('the legs bow', 'front', 'Knees forward, only the soles tilt.')
        : fault('knees knock', 'front', 'Knees over the toes, only the soles tilt.'),
    ],
    cautions: [care('recent-injury', 'leave-out', 'Not after a recent sprain.'), falls],
    cues: cues(
      'One lane each, along the wall if you like.',
      outer ? 'Small steps on the outer edges, tall, quiet.' : 'Small steps on the inner edges, tall, quiet.',
      outer ? 'Walking along a gutter.' : 'Walking on the inside of two rails.',
      'Less edge, more height.',
    ),
    foundBy: ['walk', 'edge', outer ? 'outer edge' : 'inner edge', 'ankle', 'sideways'],
    schools: { rollingIn: 'train-both-ways' },
    performance: performance({
      position: 'walking',
      facing: 'lane',
      sidePattern: 'travelling',
      phases: [phase('step', 1, onEdge(edge))],
      regions: outer
        ? { 'inner-ankle': 2, 'outer-ankle': 2 }
        : { 'outer-ankle': 2, 'inner-ankle': 1, 'arch-intrinsics': 1 },
      balance: { working: 2, standing: 2 },
    }),
    doses: range(travel(1, 20, 60), travel(1, 40, 60), travel(1, 50, 60), 'usual practice'),
  });
}
export const outerEdgeWalk = edgeWalk('outer');
export const innerEdgeWalk = edgeWalk('inner');
