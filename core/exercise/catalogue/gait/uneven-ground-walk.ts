import type { Exercise } from '../../exercise';
import {
  care,
  cues,
  exercise,
  fault,
  ladder,
  performance,
  phase,
  range,
  rung,
  saw,
  say,
  standing,
  timed,
} from '../author';
import { basicsFirst } from '../shared/unsteady';

const doses = range(timed(60), timed(180), timed(600));

export const unevenGround: Exercise = exercise({
  id: 'uneven-ground-walk',
  name: say('Walk on uneven ground', 'Natural-surface walking'),
  family: 'gait',
  purpose: 'Sand, grass or smooth stones ask the foot a new question at each step.',
  stage: 'integrated',
  directions: [],
  faults: [
    fault('stiff, tiptoe steps', 'front', 'Slower, and let the whole foot arrive.'),
    fault('stones or glass lie on the stretch', 'above', 'Stop; walk it once in shoes first.'),
  ],
  cautions: [
    care('numb-or-diabetic-feet', 'leave-out', 'Shoes on: feet with little feeling do not go bare outdoors.'),
    care('broken-skin', 'leave-out', 'Not with open skin.'),
    care('recent-injury', 'ask-clinician', 'After a sprain ask first; level ground until then.'),
    care('falls-or-faints', 'change-support', 'On a partner’s arm, on short grass, or on level ground.'),
  ],
  cues: cues(
    'Short grass that has been looked over for sharp things, arms free.',
    'Walk slowly, let the foot find out what it stands on.',
    'Reading a page with your soles.',
    'Slower.',
  ),
  foundBy: ['outdoors', 'sand', 'grass', 'barefoot', 'walk', 'beach'],
  performance: performance({
    position: 'walking',
    facing: 'lane',
    sidePattern: 'travelling',
    floorsRuledOut: ['wood', 'tile', 'carpet', 'mat'],
    phases: [phase('step', 1, standing)],
    regions: { 'arch-intrinsics': 1, 'inner-ankle': 1, 'outer-ankle': 1 },
    balance: { working: 2, standing: 2 },
  }),
  doses,
  ladder: ladder(
    'grass',
    rung(
      'arm',
      'short grass, on a partner’s arm',
      { surface: 'short grass', support: 'a partner’s arm' },
      doses,
      saw('The whole foot arrives at every step, both feet.'),
      {
        change: { balance: { working: 1, standing: 1 } },
      },
    ),
    rung(
      'grass',
      'short grass, arms free',
      { surface: 'short grass', support: 'none' },
      doses,
      saw('Easy steps without looking down, both feet.', 2),
    ),
    rung(
      'rough',
      'sand, roots or smooth stones, arms free',
      { surface: 'sand, roots or smooth stones', support: 'none' },
      range(timed(30), timed(120), timed(300)),
      null,
      {
        change: { balance: { working: 3, standing: 3 } },
        door: basicsFirst,
      },
    ),
  ),
  levelWords: {
    arm: { setup: 'Short grass that has been looked over for sharp things, on a partner’s arm.' },
    rough: { setup: 'Sand or smooth stones that have been looked over for sharp things, a partner beside you.' },
  },
});
