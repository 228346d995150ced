import type { Exercise } from '../../exercise';
import {
  care,
  cleanHold,
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
import { kneesOverToes } from '../shared/ankle-stretch';

const chairInFront = kit('chair', 'person', { wall: 'a door frame or wall bar' });

export const deepSquatSit: Exercise = exercise({
  id: 'deep-squat-sit',
  name: say('Rest in a deep squat', 'Sustained full squat'),
  family: 'mobility',
  purpose: 'A resting place for hips and ankles, elbows inside the knees.',
  stage: 'active',
  directions: ['ankle-up'],
  faults: [
    fault('knees cave in', 'front', 'Elbows press them out over the toes.'),
    fault('heels float', 'outer side', 'Folded mat under the heels, or hold on.'),
  ],
  cautions: [
    care('sore-knees', 'leave-out', 'Leave it out on sore knees.'),
    care('pregnancy', 'change-support', 'Sit on a block and hold on.'),
  ],
  cues: cues(
    'Feet a little wider than the hips, legs slightly turned out.',
    'Sit down between your heels, elbows inside the knees, and stay.',
    'A child looking at a beetle.',
    'Tall back, heavy heels.',
    'Slow breath.',
  ),
  foundBy: ['squat', 'rest', 'deep', 'hips', 'ankle'],
  performance: performance({
    kit: [],
    phases: [phase('stay', 20, foot(kneesOverToes, { weightLine: 'even' }), { body: 'sinks' })],
    regions: { 'deep-calf': 1, 'hip-and-trunk': 1 },
    balance: { working: 1, standing: 0 },
  }),
  doses: range(holds(1, 10, 10), holds(2, 20, 10), holds(2, 60, 15)),
  ladder: ladder(
    'held',
    rung(
      'on-block',
      'seat on a block',
      { support: 'block', surface: 'flat' },
      range(holds(1, 15, 10), holds(2, 30, 10), holds(2, 60, 15)),
      saw('Knees stay over the toes to the end, both feet.'),
      {
        change: {
          kit: [kit('block', 'person', { cushion: 'two firm cushions' })],
          balance: { working: 0, standing: 0 },
        },
      },
    ),
    rung(
      'held',
      'hands on a support in front',
      { support: 'hands', surface: 'flat' },
      range(holds(1, 10, 10), holds(2, 20, 10), holds(2, 60, 15)),
      cleanHold(20, '20 s with heels down, both feet.'),
      { change: { kit: [chairInFront], facing: 'support' } },
    ),
    rung(
      'free',
      'hands free',
      { support: 'none', surface: 'flat' },
      range(holds(1, 10, 10), holds(2, 20, 10), holds(2, 60, 15)),
      null,
      { change: { kit: [chairInFront], balance: { working: 2, standing: 0 } } },
    ),
  ),
  levelWords: {
    'on-block': {
      setup: 'Feet a little wider than the hips, legs slightly turned out, the block behind you.',
      action: 'Sit down on the block, elbows inside the knees, and stay.',
    },
    free: {
      setup: 'Chair in front in reach, feet a little wider than the hips, legs slightly turned out.',
    },
    held: { setup: 'Hold the chair in front, feet a little wider than the hips, legs slightly turned out.' },
  },
});
