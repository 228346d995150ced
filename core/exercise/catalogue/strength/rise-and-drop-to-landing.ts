import type { Exercise } from '../../exercise';
import { care, cues, exercise, fault, onTheBall, performance, phase, range, reps, say, standing } from '../author';
import { landing } from '../shared/squat-lunge';

export const riseToSoftLanding: Exercise = exercise({
  id: 'rise-and-drop-to-landing',
  name: say('Rise, drop into a soft landing', 'Heel-raise to landing absorption'),
  family: 'strength',
  purpose: 'The landing without the jump: from the balls of the feet, release and catch yourself in a bend.',
  stage: 'integrated',
  directions: ['ankle-down', 'ankle-up'],
  faults: [
    fault('heels hit the floor', 'front', 'Toes, ball, heel, knees: all of them catch.'),
    fault('knees fall together', 'front', 'Knees over second toes.'),
  ],
  cautions: [care('sore-achilles', 'leave-out', 'Slow lowering instead.')],
  cues: cues(
    'Feet hip width, space in front of you.',
    'Rise. Let go, and catch yourself in a soft bend. Straighten.',
    'A parcel set down on a sleeping cat.',
    'Quieter heels.',
  ),
  foundBy: ['landing', 'drop', 'absorb', 'plié', 'jump prep', 'rise'],
  performance: performance({
    footwear: 'any',
    floorsRuledOut: ['tile', 'outdoors'],
    phases: [
      phase('rise', 2, onTheBall, { effort: true, body: 'rises' }),
      phase('drop and catch', 1, landing, { body: 'sinks' }),
      phase('straighten', 2, standing, { body: 'rises' }),
    ],
    regions: { calf: 2, 'deep-calf': 2, 'hip-and-trunk': 1 },
    balance: { working: 2, standing: 0 },
  }),
  doses: range(reps(4), reps(8), reps(12)),
  preparedBy: ['two-foot-rise'],
});
