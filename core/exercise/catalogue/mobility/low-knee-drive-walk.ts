import type { Exercise } from '../../exercise';
import { care, cues, exercise, fault, kit, ladder, performance, phase, range, rung, saw, say, travel } from '../author';
import { kneesOverToes } from '../shared/ankle-stretch';
import { backToes } from '../shared/squat-lunge';

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
    care('sore-achilles', 'go-gently', 'Stay high, short steps; stop if the tendon aches.'),
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
    phases: [phase('step and drive', 2, kneesOverToes, { other: backToes })],
    regions: { 'deep-calf': 2, 'hip-and-trunk': 2 },
    balance: { working: 2, standing: 1 },
  }),
  doses: range(travel(1, 30, 30), travel(1, 40, 30), travel(1, 50, 30), 'usual practice'),
  ladder: ladder(
    'high',
    rung(
      'held',
      'high, along the wall, a hand on it',
      { support: 'one hand', lever: 'high' },
      range(travel(1, 10, 30), travel(1, 20, 30), travel(1, 30, 30)),
      saw('The heel stays down under the knee at every step, both sides.'),
      {
        change: {
          kit: [kit('wall', 'room', { barre: 'along the barre' })],
          regions: { 'deep-calf': 2, 'hip-and-trunk': 1 },
          balance: { working: 1, standing: 1 },
        },
      },
    ),
    rung(
      'high',
      'high, hands on the front thigh',
      { support: 'own thigh', lever: 'high' },
      range(travel(1, 20, 30), travel(1, 30, 30), travel(1, 40, 30)),
      saw('Heel down and knee over the second toe at every step, both sides.', 2),
      { change: { regions: { 'deep-calf': 2, 'hip-and-trunk': 1 } } },
    ),
    rung(
      'low',
      'long and low',
      { support: 'own thigh', lever: 'low' },
      range(travel(1, 30, 30), travel(1, 40, 30), travel(1, 50, 30), 'usual practice'),
      null,
    ),
  ),
  levelWords: {
    held: {
      setup: 'One lane each along the wall, a hand on it.',
      action: 'A middling step, stay high, drive the knee over the toes, heel down. Next step.',
    },
    high: { action: 'A middling step, stay high, drive the knee over the toes, heel down. Next step.' },
  },
});
