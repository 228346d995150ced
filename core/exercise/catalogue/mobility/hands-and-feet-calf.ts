import type { Exercise } from '../../exercise';
import {
  care,
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
} from '../author';
import { mat, stretched } from '../shared/ankle-stretch';

const heelDown = foot(stretched, { weightLine: 'even', knee: 'soft' });
const doses = range(holds(1, 15, 5), holds(2, 30, 5), holds(3, 30, 5));

export const handsAndFeetCalf: Exercise = exercise({
  id: 'hands-and-feet-calf',
  name: say('Calf stretch on hands and feet', 'Posterior chain stretch'),
  family: 'mobility',
  purpose: 'Stretches the whole back of the legs, heels walking towards the floor.',
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
    phases: [phase('stay', 30, heelDown)],
    regions: { calf: 2, 'hip-and-trunk': 1 },
  }),
  doses,
  ladder: ladder(
    'one-heel',
    rung(
      'chair-seat',
      'hands on a chair seat, both heels',
      { support: 'hands on a chair seat', base: 'two feet' },
      doses,
      saw('Long back, heels heavy, both feet.'),
      {
        change: {
          position: 'standing',
          facing: 'support',
          kit: [kit('chair', 'person', { wall: 'hands on the wall at hip height' })],
          floor: 'any',
          regions: { calf: 1, 'hip-and-trunk': 1 },
        },
      },
    ),
    rung(
      'one-heel',
      'hands on the mat, one heel at a time',
      { support: 'hands on the floor', base: 'one heel, then the other' },
      doses,
      saw('Each heel comes down as far as the other, back long.'),
      {
        why: 'With the hands lower one heel at a time is enough to begin.',
        change: {
          sidePattern: 'each',
          phases: [
            phase('stay', 30, heelDown, {
              other: foot(heelDown, {
                role: 'stands',
                contacts: { heel: ['lift', 'air'] },
                heelHeightCm: 5,
                ankle: 'neutral',
              }),
            }),
          ],
        },
      },
    ),
    rung(
      'both-heels',
      'hands on the mat, both heels',
      { support: 'hands on the floor', base: 'two feet' },
      doses,
      null,
    ),
  ),
  levelWords: {
    'chair-seat': {
      setup: 'Both hands on the chair seat, step back, hips high, knees soft.',
      action: 'Press both heels towards the floor, and stay.',
    },
    'one-heel': { action: 'Press one heel towards the floor, the other knee bends. Stay, and change.' },
    'both-heels': { action: 'Press both heels towards the floor, and stay.' },
  },
});
