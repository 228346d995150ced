import type { Exercise } from '../../exercise';
import {
  care,
  cleanReps,
  cues,
  exercise,
  fault,
  foot,
  kit,
  ladder,
  performance,
  phase,
  range,
  reps,
  rung,
  saw,
  say,
  standing,
} from '../author';
import { chairBack } from '../shared/toes';

const squat = foot(standing, { knee: 'bent', ankle: 'up', weightLine: 'even' });

export const toeLiftsInSquat: Exercise = exercise({
  id: 'toe-lifts-in-squat',
  name: say('Toe lifts in a deep squat', 'Toe extension in full squat'),
  family: 'toes',
  purpose: 'Toe control where the ankle is bent most, with hips and knees folded.',
  stage: 'integrated',
  directions: ['toes-lift', 'ankle-up'],
  faults: [
    fault('knees cave in', 'front', 'Elbows open the knees over the toes; a slight turn-out of the legs is fine.'),
    fault('heels lift', 'outer side', 'Hold on to something and sit back, or put a folded mat under the heels.'),
  ],
  cautions: [
    care('sore-knees', 'leave-out', 'No deep squat on sore knees: do the seated toe lifts.'),
    care('sore-big-toe-joint', 'go-gently', 'Small lifts only.'),
    care('pregnancy', 'change-support', 'Hold a chair throughout, or sit on a block.'),
  ],
  cues: cues(
    'Feet a little wider than the hips. Sit down between your heels, elbows inside the knees.',
    'Lift all toes, lay them down. Come up when you need to, and sink in again.',
    'A frog that drums its fingers.',
    'Weight in the middle of the foot.',
  ),
  foundBy: ['squat', 'toes', 'deep', 'hips', 'ankle'],
  performance: performance({
    phases: [
      phase(
        'toes up',
        2,
        foot(squat, { contacts: { bigToe: ['lift', 'air'], smallToes: ['lift', 'air'] }, midfoot: 'lifted' }),
        { undo: 'toes down', effort: true },
      ),
      phase('toes down', 2, squat, { undo: 'toes up', effort: false }),
    ],
    regions: { 'toe-extensors': 2, shin: 2, 'hip-and-trunk': 1 },
    balance: { working: 2, standing: 0 },
  }),
  doses: range(reps(3), reps(6), reps(12)),
  ladder: ladder(
    'on-block',
    rung(
      'on-block',
      'sitting on a block, elbows inside the knees',
      { support: 'block under the seat' },
      range(reps(3), reps(6), reps(12)),
      saw('Knees stay over the toes while the toes move, both feet.', 2),
      {
        change: {
          kit: [kit('block', 'person', { cushion: 'two firm cushions do as well' })],
          balance: { working: 1, standing: 0 },
        },
      },
    ),
    rung(
      'held',
      'one hand on a support',
      { support: 'one hand' },
      range(reps(3), reps(6), reps(12)),
      cleanReps(6, '6 with heels down, both feet.'),
      {
        change: { facing: 'support', kit: [chairBack], balance: { working: 1, standing: 0 } },
      },
    ),
    rung('free', 'hands free', { support: 'none' }, range(reps(3), reps(6), reps(12)), null, {
      change: { kit: [chairBack] },
    }),
  ),
  levelWords: {
    'on-block': { setup: 'Feet a little wider than the hips. Sit down on the block, elbows inside the knees.' },
    held: { setup: 'Hold the chair in front, feet a little wider than the hips. Sit down between your heels.' },
    free: {
      setup: 'Chair in front in reach. Feet wider than the hips, sit down between your heels, elbows inside the knees.',
    },
  },
});
