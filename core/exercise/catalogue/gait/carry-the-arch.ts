import type { Exercise } from '../../exercise';
import { cues, exercise, fault, foot, performance, phase, range, say, standing, travel } from '../author';

export const carryTheArch: Exercise = exercise({
  id: 'carry-the-arch',
  name: say('Walk with the arch awake', 'Gait with intrinsic activation'),
  family: 'gait',
  purpose: 'Takes what the arch just did into a step, lightly, a length of the room at a time.',
  stage: 'integrated',
  directions: [],
  faults: [
    fault('toes grip at every step', 'above', 'Remember it, do not squeeze it.'),
    fault('the walk turns stiff', 'front', 'A tenth of the effort.'),
  ],
  cues: cues(
    'Straight from the arch work, one lane each.',
    'Walk, and let each foot remember its arch as it lands.',
    'A note still rings after the string is plucked.',
    'Lighter.',
  ),
  foundBy: ['walk', 'arch', 'carry over', 'transfer', 'step'],
  performance: performance({
    position: 'walking',
    facing: 'lane',
    sidePattern: 'travelling',
    footwear: 'any',
    floorsRuledOut: [],
    phases: [phase('step', 1, foot(standing, { midfoot: 'lifted' }))],
    regions: { 'arch-intrinsics': 1 },
    balance: { working: 1, standing: 1 },
  }),
  doses: range(travel(1, 20, 80), travel(2, 20, 80), travel(4, 20, 80)),
  preparedBy: ['paper-crinkle'],
});
