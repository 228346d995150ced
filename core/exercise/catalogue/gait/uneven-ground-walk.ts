import type { Exercise } from '../../exercise';
import { care, cues, exercise, fault, performance, phase, range, say, standing, timed } from '../author';

export const unevenGround: Exercise = exercise({
  id: 'uneven-ground-walk',
  name: say('Walk on uneven ground', 'Natural-surface walking'),
  family: 'gait',
  purpose: 'Sand, grass or smooth stones ask the foot a new question at each step.',
  stage: 'integrated',
  directions: [],
  faults: [
    fault('stiff, tiptoe steps', 'front', 'Slower, and let the whole foot arrive.'),
    fault('nobody looked for sharp things', 'above', 'Walk the stretch once in shoes first.'),
  ],
  cautions: [
    care('numb-or-diabetic-feet', 'leave-out', 'Shoes on: feet with little feeling do not go bare outdoors.'),
    care('broken-skin', 'leave-out', 'Not with open skin.'),
  ],
  cues: cues(
    'A stretch that has been looked over for sharp things.',
    'Walk slowly, let the foot find out what it stands on.',
    'Reading a page with your soles.',
    'Slower.',
  ),
  foundBy: ['outdoors', 'sand', 'grass', 'barefoot', 'walk', 'beach'],
  performance: performance({
    position: 'walking',
    facing: 'lane',
    sidePattern: 'travelling',
    floorsRuledOut: ['wood', 'tile', 'carpet'],
    phases: [phase('step', 1, standing)],
    regions: { 'arch-intrinsics': 1, 'inner-ankle': 1, 'outer-ankle': 1 },
    balance: { working: 2, standing: 2 },
  }),
  doses: range(timed(60), timed(180), timed(600)),
});
