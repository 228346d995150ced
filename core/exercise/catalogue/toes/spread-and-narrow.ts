import type { Exercise } from '../../exercise';
import {
  care,
  checked,
  cleanReps,
  exercise,
  foot,
  ladder,
  performance,
  phase,
  range,
  reps,
  rung,
  say,
  standing,
} from '../author';
import { chair, grounded } from '../shared/toes';

export const spreadAndNarrow: Exercise = exercise({
  id: 'spread-and-narrow',
  name: say('Toes wide, toes narrow', 'Active toe abduction and adduction'),
  family: 'toes',
  purpose: 'Opens and closes the toes along the floor, which shoes forget.',
  stage: 'active',
  directions: ['toes-spread', 'toes-narrow'],
  faults: [
    { seen: 'toes lift instead of opening', from: 'above', say: 'Wide along the floor, not up.' },
    {
      seen: 'the fingers spread and the toes do not',
      from: 'above',
      say: 'Fingers may show it; then let the toes copy.',
    },
  ],
  cautions: [care('bunion-pain', 'go-gently', 'Small and free of pain; a finger may steer the big toe.')],
  cues: {
    setup: say('Sit, both feet flat.'),
    action: say('Spread the toes along the floor. Bring them side by side.', 'Abduct all toes. Adduct.'),
    breath: null,
    picture: say('A fan opens and closes.'),
    correction: say('Heavy toes, wide toes.'),
  },
  foundBy: ['spread', 'wide', 'fan', 'bunion', 'toes apart'],
  performance: performance({
    position: 'chair-seated',
    sidePattern: 'both',
    kit: [chair],
    phases: [
      phase('wide', 3, foot(grounded, { toes: 'spread' }), { undo: 'narrow' }),
      phase('narrow', 2, foot(grounded, { toes: 'long' }), { undo: 'wide' }),
    ],
    regions: { 'arch-intrinsics': 2 },
  }),
  doses: range(reps(5), reps(8), reps(12)),
  ladder: ladder(
    'fingers-copy',
    rung(
      'fingers-copy',
      'the fingers do it beside them',
      { 'hand-help': 'fingers copy', base: 'seated' },
      range(reps(5), reps(8), reps(12)),
      checked('toes-spread-without-fingers', 'The toes spread without the fingers, both feet.'),
    ),
    rung(
      'free',
      'hands quiet',
      { 'hand-help': 'none', base: 'seated' },
      range(reps(5), reps(8), reps(12)),
      cleanReps(8, '8 along the floor, both feet.'),
    ),
    rung('standing', 'standing', { 'hand-help': 'none', base: 'hip width' }, range(reps(5), reps(8), reps(12)), null, {
      change: {
        position: 'standing',
        kit: [],
        phases: [
          phase('wide', 3, foot(standing, { toes: 'spread' }), { undo: 'narrow' }),
          phase('narrow', 2, standing, { undo: 'wide' }),
        ],
      },
    }),
  ),
  levelWords: {
    'fingers-copy': {
      setup: 'Sit, both feet flat, hands on your thighs, fingers ready to spread with the toes.',
      action: [
        'Fingers and toes spread together, along the floor. Bring them side by side.',
        'Abduct fingers and toes together. Adduct.',
      ],
    },
    standing: { setup: 'Stand, feet under your hips.' },
  },
});
