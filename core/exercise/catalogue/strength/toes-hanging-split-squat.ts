import type { Exercise } from '../../exercise';
import type { FootState } from '../../foot-state';
import {
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
  say,
  standing,
} from '../author';
import { backToes, hangToes } from '../shared/squat-lunge';

const squat = (front: FootState) => [
  phase('sink', 8, foot(front, { knee: 'bent', ankle: 'up', midfoot: 'let-down' }), {
    other: foot(backToes, { knee: 'bent' }),
    body: 'sinks',
    effort: false,
    undo: 'come up',
  }),
  phase('come up', 6, foot(front, { midfoot: 'lifted' }), {
    other: backToes,
    body: 'rises',
    effort: true,
    undo: 'sink',
  }),
];
const doses = range(reps(4), reps(6), reps(10), 'usual practice');

export const toesHangingSplitSquat: Exercise = exercise({
  id: 'toes-hanging-split-squat',
  name: say('Split squat, front toes over the edge', 'Split squat with unsupported digits'),
  family: 'strength',
  purpose: 'With the toes over the edge nothing can grip: the arch gives and answers by itself.',
  stage: 'integrated',
  directions: ['ankle-up'],
  faults: [
    fault('the toes curl round the edge', 'above', 'They have nothing to hold; stand on heel and balls.'),
    fault('the knee leaves its line', 'front', 'Knee over the second toe.'),
  ],
  cues: cues(
    'Front foot on the block, toes over its edge, back foot on the floor, hand on the wall.',
    'Sink straight down on both legs, feel the arch grow long, come up.',
    'A lift between two floors.',
    'Heel and both balls.',
  ),
  foundBy: ['split squat', 'toes', 'block', 'arch', 'lunge', 'edge'],
  performance: performance({
    facing: 'support',
    sidePattern: 'each',
    kit: [kit('block', 'person', { step: 'a step edge' }), kit('wall', 'room', { chair: 'a chair back' })],
    setup: 'props',
    phases: squat(hangToes),
    regions: { 'arch-intrinsics': 2, 'hip-and-trunk': 2, 'deep-calf': 1 },
    balance: { working: 2, standing: 1 },
  }),
  doses,
  ladder: ladder(
    'edge',
    rung(
      'flat',
      'both feet on the floor',
      { surface: 'floor', amount: 'through' },
      range(reps(4), reps(6), reps(10)),
      cleanReps(6, '6 with the front knee over the second toe, both sides.'),
      {
        change: {
          kit: [kit('wall', 'room', { chair: 'a chair back' })],
          setup: 'plain',
          phases: squat(standing),
          regions: { 'arch-intrinsics': 1, 'hip-and-trunk': 2, 'deep-calf': 1 },
        },
      },
    ),
    rung(
      'edge',
      'front toes over the edge of a block',
      { surface: 'edge of a block', amount: 'through' },
      doses,
      cleanReps(6, '6 on heel and both balls, both sides.'),
    ),
    rung(
      'stay',
      'front toes over the edge, a stay at the bottom',
      { surface: 'edge of a block', amount: 'a stay at the bottom' },
      range([reps(3), holds(1, 5, 0)], [reps(4), holds(1, 10, 0)], [reps(6), holds(1, 15, 0)]),
      null,
      { change: { regions: { 'arch-intrinsics': 3, 'hip-and-trunk': 3, 'deep-calf': 1 } } },
    ),
  ),
  levelWords: {
    flat: {
      setup: 'One foot a step in front, both on the floor, a hand on the wall.',
      action: 'Sink straight down on both legs, toes long, come up.',
    },
    stay: { action: 'Sink straight down on both legs, come up. Stay down on the last one, arch long.' },
  },
});
