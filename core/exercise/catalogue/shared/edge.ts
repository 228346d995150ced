import type { Exercise } from '../../exercise';
import {
  care,
  cues,
  exercise,
  fault,
  foot,
  kit,
  ladder,
  performance,
  phase,
  range,
  rung,
  saw,
  say,
  standing,
  travel,
} from '../author';

export const chairBack = kit('chair', 'person', { wall: 'a wall gives more hold' });

/** Standing on one edge: to the outer edge the ankle turns in, to the inner edge it turns out. */
export const onEdge = (edge: 'inner' | 'outer') =>
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

export const both = (edge: 'inner' | 'outer') =>
  foot(onEdge(edge), edge === 'outer' ? { contacts: { innerBall: ['rest', 'floor'], bigToe: ['rest', 'floor'] } } : {});

const rail = kit('wall', 'room', { barre: 'along the barre' });

export function edgeWalk(edge: 'inner' | 'outer'): Exercise {
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
    cautions: [care('recent-injury', 'leave-out', 'Not after a recent sprain: tilt seated, without weight.')],
    cues: cues(
      'One lane each along the wall, a hand on it.',
      outer ? 'Small steps on the outer edges, tall, quiet.' : 'Small steps on the inner edges, tall, quiet.',
      outer ? 'Walking on the ridge of a roof, one slope for each foot.' : 'Walking along a gutter.',
      'Less edge, more height.',
    ),
    foundBy: ['walk', 'edge', outer ? 'outer edge' : 'inner edge', 'ankle', 'sideways'],
    schools: { rollingIn: 'train-both-ways' },
    performance: performance({
      position: 'walking',
      facing: 'lane',
      sidePattern: 'travelling',
      kit: [rail],
      phases: [phase('step', 1, onEdge(edge))],
      regions: outer
        ? { 'inner-ankle': 2, 'outer-ankle': 2 }
        : { 'outer-ankle': 2, 'inner-ankle': 1, 'arch-intrinsics': 1 },
      balance: { working: 2, standing: 2 },
    }),
    doses: range(travel(1, 20, 60), travel(1, 40, 60), travel(1, 50, 60), 'usual practice'),
    ladder: ladder(
      'held',
      rung(
        'held',
        'a short way, a hand on the wall',
        { support: 'one hand', amount: 'a short way' },
        range(travel(1, 10, 60), travel(1, 20, 60), travel(1, 30, 60)),
        saw('No ankle gives way on the short way, both feet.'),
        {
          change: { balance: { working: 1, standing: 1 } },
        },
      ),
      rung(
        'free',
        'a short way, hands free, the wall in reach',
        { support: 'none', amount: 'a short way' },
        range(travel(1, 10, 60), travel(1, 20, 60), travel(1, 30, 60)),
        saw('Small quiet steps, no ankle gives way, both feet.', 2),
      ),
      rung(
        'longer',
        'the whole lane, hands free, the wall in reach',
        { support: 'none', amount: 'the whole lane' },
        range(travel(1, 30, 60), travel(1, 40, 60), travel(1, 50, 60), 'usual practice'),
        null,
      ),
    ),
    levelWords: {
      free: { setup: 'One lane each along the wall in reach, hands free.' },
      longer: {
        setup: 'One lane each along the wall in reach, hands free.',
        action: outer
          ? 'Small steps on the outer edges, the whole lane, tall and quiet to its end.'
          : 'Small steps on the inner edges, the whole lane, tall and quiet to its end.',
      },
    },
  });
}
