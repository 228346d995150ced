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
  stands,
} from '../author';
import { chairBack } from '../shared/edge';

const leadIn = foot(standing, {
  contacts: { heel: ['lift', 'air'], outerBall: ['rest', 'floor'] },
  edge: 'inner',
  ankle: 'turned-out',
  heelHeightCm: 2,
  knee: 'bent',
  weightLine: 'first-toe',
  midfoot: 'let-down',
});

const leadOut = foot(standing, {
  contacts: { heel: ['lift', 'air'], innerBall: ['rest', 'floor'] },
  edge: 'outer',
  ankle: 'turned-in',
  heelHeightCm: 2,
  knee: 'bent',
  weightLine: 'even',
  midfoot: 'lifted',
});

export const leadFootTilt: Exercise = exercise({
  id: 'lead-foot-tilt',
  name: say('Front foot tilts on its ball', 'Split-stance forefoot pronation and supination'),
  family: 'arch',
  purpose: 'In a short split the front foot lets its arch down and gathers it again, on the ball of the foot.',
  stage: 'loaded',
  directions: ['turn-out', 'turn-in'],
  faults: [
    fault('the arch collapses at once', 'inner side', 'Let it down as a lift goes down.'),
    fault('the knee dives inward with it', 'front', 'Knee over the toes; only the foot tilts.'),
  ],
  cautions: [care('sore-knees', 'go-gently', 'Short step, little bend.')],
  cues: cues(
    'Short split on the mat, weight on the front ball, front heel a finger off the floor.',
    'Weight to the inner edge, arch down. Weight to the outer edge, arch up.',
    'A hammock sinks in the middle and is drawn up again.',
    'Free of pain, and slow.',
  ),
  foundBy: ['arch', 'tilt', 'inner edge', 'split', 'control'],
  schools: { rollingIn: 'train-both-ways' },
  performance: performance({
    sidePattern: 'each',
    kit: [kit('mat', 'person', { cloth: 'a folded cloth under the ball' })],
    floor: 'padded',
    phases: [
      phase('weight to the inner edge', 2, leadIn, { other: stands, undo: 'weight to the outer edge' }),
      phase('weight to the outer edge', 2, leadOut, { other: stands, undo: 'weight to the inner edge' }),
    ],
    regions: { 'arch-intrinsics': 2, 'inner-ankle': 2, 'outer-ankle': 1 },
    balance: { working: 1, standing: 1 },
  }),
  doses: range(reps(5), reps(10), reps(15), 'usual practice'),
  ladder: ladder(
    'short',
    rung(
      'held',
      'short split, a hand on the chair',
      { lever: 'short split', support: 'one hand' },
      range(reps(5), reps(10), reps(15)),
      saw('The arch goes down and comes back without a drop, both feet.'),
      { change: { kit: [kit('mat', 'person'), chairBack], facing: 'support', balance: { working: 1, standing: 0 } } },
    ),
    rung(
      'short',
      'short split, hands free',
      { lever: 'short split', support: 'none' },
      range(reps(5), reps(10), reps(15), 'usual practice'),
      cleanReps(10, '10 each way in command, both feet.'),
      { change: { kit: [kit('mat', 'person'), chairBack] } },
    ),
    rung(
      'lunge',
      'lunge with a lean',
      { lever: 'lunge and lean', support: 'none' },
      range(reps(5), reps(8), reps(12)),
      null,
      { change: { kit: [kit('mat', 'person'), chairBack], balance: { working: 2, standing: 1 } } },
    ),
  ),
  levelWords: {
    held: { setup: 'Short split on the mat, a hand on the chair, weight on the front ball, heel a finger up.' },
    short: { setup: 'Short split beside the chair, hands free, weight on the front ball, heel a finger up.' },
    lunge: { setup: 'Lunge beside the chair, hands free, leaning over the front ball, heel a finger up.' },
  },
});
