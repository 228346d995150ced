import type { Exercise } from '../../exercise';
import { counts, exercise, foot, performance, phase, range, say, standing, stands } from '../author';

export const easyStepping: Exercise = exercise({
  id: 'easy-stepping',
  name: say('Easy steps to the side, front and back', 'Low-intensity stepping'),
  family: 'gait',
  purpose: 'Warms the calves to music before anything quick.',
  stage: 'integrated',
  directions: ['ankle-up', 'ankle-down'],
  faults: [
    { seen: 'heavy landings', from: 'front', say: 'Roll down, do not drop.' },
    { seen: 'toes point outward', from: 'front', say: 'Toes the way the knees go.' },
  ],
  cues: {
    setup: say('Space all round, feet under your hips.'),
    action: say('Step side, close, step front, close, step back, close, with the music.'),
    breath: null,
    picture: say('Walking round a table you know in the dark.'),
    correction: say('Smaller and softer.'),
  },
  foundBy: ['step', 'warm up', 'music', 'side step'],
  performance: performance({
    facing: 'centre',
    sidePattern: 'alternate',
    footwear: 'any',
    phases: [phase('step and close', 1, standing, { other: foot(stands, { contacts: { heel: ['rest', 'floor'] } }) })],
    regions: { calf: 1, 'hip-and-trunk': 1 },
    balance: { working: 1, standing: 1 },
  }),
  doses: range(counts(12, 8, 96), counts(24, 8, 96), counts(32, 8, 96)),
});
