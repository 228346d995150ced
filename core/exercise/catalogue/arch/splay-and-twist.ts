import type { Exercise } from '../../exercise';
import {
  care,
  cleanHold,
  cues,
  exercise,
  fault,
  foot,
  holds,
  ladder,
  performance,
  phase,
  range,
  rung,
  saw,
  say,
  seatedFlat,
  standing,
  stands,
} from '../author';
import { chair } from '../shared/arch-work';

const domed = foot(standing, { midfoot: 'lifted', toes: 'spread' });

export const splayAndTwist: Exercise = exercise({
  id: 'splay-and-twist',
  name: say(
    'Spread the toes and screw the feet into the floor',
    'Foot stiffening with abduction and external rotation torque',
  ),
  family: 'arch',
  purpose: 'Stiffens the middle of both feet by a twist of the legs that the floor does not allow.',
  stage: 'loaded',
  directions: ['toes-spread'],
  faults: [
    fault('toes crunch', 'above', 'Wide and long before you twist.'),
    fault('the feet really turn', 'above', 'The floor holds them; only the arch answers.'),
    fault('inner balls come up', 'inner side', 'Inner balls stay while the legs turn out.'),
  ],
  cautions: [care('sore-knees', 'go-gently', 'A third of the force, and turn from the hips: nothing in the knees.')],
  cues: cues(
    'Feet shoulder width, toes wide.',
    'Turn both legs outward against feet that stay. Inner balls down. Hold.',
    'Wringing a towel that does not move.',
    'Less force, both inner balls.',
  ),
  foundBy: ['arch', 'twist', 'screw', 'splay', 'flat feet', 'stiff foot'],
  performance: performance({
    phases: [phase('twist and hold', 8, domed, { effort: true })],
    regions: { 'arch-intrinsics': 2, 'inner-ankle': 1, 'hip-and-trunk': 2 },
  }),
  doses: range(holds(3, 5, 5), holds(3, 8, 5), holds(5, 10, 5), 'usual practice'),
  ladder: ladder(
    'both-feet',
    rung(
      'seated',
      'seated, hands on the knees to feel them',
      { base: 'seated' },
      range(holds(3, 5, 5), holds(3, 8, 5), holds(5, 10, 5)),
      saw('The arches answer and the toes stay long, both feet.'),
      {
        change: {
          position: 'chair-seated',
          kit: [chair],
          phases: [
            phase('twist and hold', 8, foot(seatedFlat, { midfoot: 'lifted', toes: 'spread' }), { effort: true }),
          ],
          regions: { 'arch-intrinsics': 1, 'hip-and-trunk': 1 },
        },
      },
    ),
    rung(
      'both-feet',
      'standing on both feet',
      { base: 'shoulder width' },
      range(holds(3, 5, 5), holds(3, 8, 5), holds(5, 10, 5), 'usual practice'),
      cleanHold(8, '8 s with long toes, both feet.'),
    ),
    rung(
      'split',
      'one foot a step in front',
      { base: 'split' },
      range(holds(3, 5, 5), holds(3, 8, 5), holds(5, 10, 5)),
      null,
      {
        change: { sidePattern: 'each', phases: [phase('twist and hold', 8, domed, { other: stands, effort: true })] },
      },
    ),
  ),
  levelWords: {
    seated: { setup: 'Sit, feet shoulder width, hands on the knees, toes wide.' },
    split: {
      setup: 'One foot a step in front, toes wide.',
      action: 'Turn the front leg outward against a foot that stays. Inner ball down. Hold.',
    },
  },
});
