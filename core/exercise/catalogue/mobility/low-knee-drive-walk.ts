import type { Exercise } from '../../exercise';
import { care, cues, exercise, fault, performance, phase, range, say, travel } from '../author';
import { kneesOverToes } from '../shared/ankle-stretch';

export const kneeDriveWalk: Exercise = exercise({
  id: 'low-knee-drive-walk',
  name: say('Low walk, knee driven forward', 'Loaded dorsiflexion walk'),
  family: 'mobility',
  purpose: 'Long low steps: at each one the knee drives over the toes while the heel stays down.',
  stage: 'integrated',
  directions: ['ankle-up'],
  faults: [
    fault('the heel lifts', 'outer side', 'Shorter step, heel heavy, then the knee.'),
    fault('the knee dives inward', 'front', 'Knee over the second toe.'),
  ],
  cautions: [
    care('sore-achilles', 'go-gently', 'Heel stays at floor level; no drop over an edge.'),
    care('sore-knees', 'go-gently', 'Stay higher.'),
  ],
  cues: cues(
    'One lane each, hands on the front thigh.',
    'Step, sink, drive the knee over the toes, heel down. Next step.',
    'A plough that keeps its depth.',
    'A strong pull in the calf is enough.',
  ),
  foundBy: ['walk', 'low', 'ankle', 'knee', 'calf', 'dorsiflexion'],
  performance: performance({
    position: 'walking',
    facing: 'lane',
    sidePattern: 'travelling',
    phases: [phase('step and drive', 2, kneesOverToes)],
    regions: { 'deep-calf': 2, 'hip-and-trunk': 2 },
    balance: { working: 2, standing: 1 },
  }),
  doses: range(travel(1, 30, 40), travel(1, 40, 40), travel(1, 50, 40), 'usual practice'),
});
