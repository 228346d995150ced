import type { Exercise } from '../../exercise';
import { care, cues, exercise, fault, foot, holds, performance, phase, range, say } from '../author';
import { mat, stretched } from '../shared/ankle-stretch';

export const handsAndFeetCalf: Exercise = exercise({
  id: 'hands-and-feet-calf',
  name: say('Calf stretch on hands and feet', 'Posterior chain stretch'),
  family: 'mobility',
  purpose: 'Lengthens the whole back of the legs, heels walking towards the floor.',
  stage: 'active',
  directions: ['ankle-up'],
  faults: [
    fault('feet fan out', 'behind', 'Toes to the hands.'),
    fault('back rounds to reach the floor', 'outer side', 'Bend the knees; long back first.'),
  ],
  cautions: [
    care('falls-or-faints', 'leave-out', 'Head down is not for anyone who gets dizzy: use the wall.'),
    care('pregnancy', 'change-support', 'Hands on a chair seat instead of the floor.'),
  ],
  cues: cues(
    'Hands and feet on the mat, hips high, knees soft.',
    'Press one heel towards the floor, then the other, then both, and stay.',
    'A tent with a high ridge.',
    'Knees bend as much as you like.',
    'Long breath out.',
  ),
  foundBy: ['calf', 'stretch', 'hands and feet', 'chain', 'hamstrings', 'heel'],
  performance: performance({
    position: 'kneeling',
    kit: [mat],
    floor: 'padded',
    phases: [phase('stay', 30, foot(stretched, { weightLine: 'even', knee: 'soft' }))],
    regions: { calf: 2, 'hip-and-trunk': 1 },
  }),
  doses: range(holds(1, 15, 5), holds(2, 30, 5), holds(3, 30, 5)),
});
