import type { Exercise } from '../../exercise';
import { cues, exercise, fault, foot, kit, performance, phase, range, reps, say } from '../author';
import { backToes, hangToes } from '../shared/squat-lunge';

export const toesHangingSplitSquat: Exercise = exercise({
  id: 'toes-hanging-split-squat',
  name: say('Split squat, front toes over the edge', 'Split squat with unsupported digits'),
  family: 'strength',
  purpose: 'With the toes over the edge nothing can grip: the arch lengthens and answers by itself.',
  stage: 'integrated',
  directions: ['ankle-up'],
  faults: [
    fault('the student pushes into the toes', 'above', 'They have nothing to hold; stand on heel and balls.'),
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
    phases: [
      phase('sink', 8, foot(hangToes, { knee: 'bent', ankle: 'up', midfoot: 'let-down' }), {
        other: foot(backToes, { knee: 'bent' }),
        body: 'sinks',
        effort: false,
        undo: 'come up',
      }),
      phase('come up', 6, foot(hangToes, { midfoot: 'lifted' }), {
        other: backToes,
        body: 'rises',
        effort: true,
        undo: 'sink',
      }),
    ],
    regions: { 'arch-intrinsics': 2, 'hip-and-trunk': 2, 'deep-calf': 1 },
    balance: { working: 2, standing: 1 },
  }),
  doses: range(reps(4), reps(6), reps(10), 'usual practice'),
});
