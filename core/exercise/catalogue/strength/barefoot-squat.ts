import type { Exercise } from '../../exercise';
import {
  care,
  checked,
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
  say,
  standing,
} from '../author';

const squatDown = foot(standing, { knee: 'bent', ankle: 'up', weightLine: 'even' });

export const barefootSquat: Exercise = exercise({
  id: 'barefoot-squat',
  name: say('Barefoot squat', 'Bodyweight squat, foot tripod maintained'),
  family: 'strength',
  purpose: 'The foot keeps its three points while everything above it stacks and folds.',
  stage: 'integrated',
  directions: ['ankle-up'],
  faults: [
    fault('arches sink on the way down', 'inner side', 'Three points; stop where they would leave.'),
    fault('heels lift', 'outer side', 'Less deep, or a folded mat under the heels.'),
  ],
  cautions: [
    care('falls-or-faints', 'change-support', 'Chair behind you, hands on another in front.'),
    care('sore-knees', 'hold-at-rung', 'No deeper than half way, and only as far as is free of pain.'),
  ],
  cues: cues(
    'Feet hip width, three points on each.',
    'Fold at hips, knees and ankles; keep the points. Come up.',
    'Three blocks are stacked; the lowest one is your foot.',
    'Stop before the arch goes.',
  ),
  foundBy: ['squat', 'barefoot', 'legs', 'ankle', 'tripod'],
  performance: performance({
    footwear: 'bare or socks',
    phases: [
      phase('fold', 3, squatDown, { body: 'sinks', effort: false, undo: 'come up' }),
      phase('come up', 2, standing, { body: 'rises', effort: true, undo: 'fold' }),
    ],
    regions: { 'hip-and-trunk': 2, 'deep-calf': 1, 'arch-intrinsics': 1 },
    balance: { working: 1, standing: 0 },
  }),
  doses: range(reps(5), reps(8), reps(15)),
  ladder: ladder(
    'chair-behind',
    rung(
      'to-chair',
      'sit to a chair and stand up',
      { lever: 'to a chair', support: 'chair' },
      range(reps(5), reps(8), reps(12)),
      cleanReps(8, '8 with three points on each foot, both feet.'),
      { change: { kit: [kit('chair', 'person', { block: 'two blocks stacked' })] } },
    ),
    rung(
      'chair-behind',
      'half way, hands free, chair behind',
      { lever: 'half way', support: 'chair' },
      range(reps(5), reps(8), reps(15)),
      checked('knee-in-line', 'Second toe, ankle and knee in one line for 8, both sides.', null, 2),
      { change: { kit: [kit('chair', 'person', { wall: 'a wall behind you' })] } },
    ),
    rung(
      'full',
      'as deep as the heels stay down',
      { lever: 'full', support: 'none' },
      range(reps(5), reps(8), reps(15)),
      null,
      {
        why: 'Going past the chair means it is no longer behind you.',
        change: { kit: [kit('chair', 'person', { wall: 'a wall in front' })], balance: { working: 2, standing: 0 } },
      },
    ),
  ),
  levelWords: {
    full: { setup: 'Chair in front in reach, feet hip width, three points on each.' },
    'to-chair': {
      setup: 'In front of the chair, feet hip width, three points on each.',
      action: 'Sit down to the chair, keep the points, get up again.',
    },
    'chair-behind': {
      setup: 'Chair behind you, feet hip width, three points on each.',
      action: 'Fold half way at hips, knees and ankles; keep the points. Come up.',
    },
  },
});
