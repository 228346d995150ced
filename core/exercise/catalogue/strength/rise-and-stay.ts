import type { Exercise } from '../../exercise';
import {
  byFeel,
  cues,
  exercise,
  fault,
  ladder,
  onTheBall,
  performance,
  phase,
  range,
  rung,
  saw,
  say,
  toesOnRiseWords,
} from '../author';
import { chairBack, toesRight } from '../shared/rise';

export const riseAndStay: Exercise = exercise({
  id: 'rise-and-stay',
  name: say('Rise and stay up', 'Sustained bilateral heel raise'),
  family: 'strength',
  purpose: 'Endurance at the top, for as long as the line holds.',
  stage: 'loaded',
  directions: ['ankle-down'],
  faults: [toesRight, fault('height is lost bit by bit', 'outer side', 'Come down when it goes; that was the set.')],
  cues: cues(
    'Behind the chair, fingertips on it, feet parallel.',
    'Rise, and stay, fingertips light. Lower slowly when the height goes.',
    'A chimney: it stands and it does not strain.',
    'Inner ball, tall ankles.',
  ),
  foundBy: ['rise', 'hold', 'relevé', 'endurance', 'tiptoe', 'balance'],
  performance: performance({
    facing: 'support',
    kit: [chairBack],
    phases: [phase('stay', 20, onTheBall, { effort: true })],
    regions: { calf: 2, 'deep-calf': 1, 'arch-intrinsics': 1 },
    balance: { working: 2, standing: 0 },
  }),
  schoolVariants: toesOnRiseWords,
  doses: range(byFeel(10, 20, 45), byFeel(15, 30, 60), byFeel(30, 45, 90), 'usual practice'),
  ladder: ladder(
    'fingertips',
    rung(
      'both-hands',
      'both hands on the chair',
      { support: 'both hands' },
      range(byFeel(10, 15, 30), byFeel(10, 20, 45), byFeel(20, 30, 60)),
      saw('The line holds to the end, both feet.'),
      { change: { balance: { working: 1, standing: 0 } } },
    ),
    rung(
      'fingertips',
      'fingertips',
      { support: 'fingertips' },
      range(byFeel(10, 20, 45), byFeel(15, 30, 60), byFeel(30, 45, 90), 'usual practice'),
      saw('The inner balls stay down and the height stays to the end, both feet.', 2),
    ),
    rung(
      'free',
      'hands free',
      { support: 'none' },
      range(byFeel(5, 15, 30), byFeel(10, 20, 45), byFeel(20, 30, 60)),
      null,
      { change: { balance: { working: 3, standing: 0 } } },
    ),
  ),
  levelWords: {
    'both-hands': {
      setup: 'Behind the chair, both hands on it, feet parallel.',
      action: 'Rise, and stay. Lower slowly when the height goes.',
    },
    free: {
      setup: 'Behind the chair, hands free and near it, feet parallel.',
      action: 'Rise, and stay. Lower slowly when the height goes.',
    },
  },
});
