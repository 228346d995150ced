import type { Exercise } from '../../exercise';
import {
  afterWeeks,
  care,
  cleanReps,
  cues,
  exercise,
  fault,
  kit,
  ladder,
  onTheBall,
  performance,
  phase,
  range,
  reps,
  rung,
  saw,
  say,
  standing,
} from '../author';
import { landing } from '../shared/squat-lunge';

const drop = (seconds: number) => [
  phase('rise', 2, onTheBall, { effort: true, body: 'rises' }),
  phase('drop and catch', seconds, landing, { body: 'sinks', effort: false }),
  phase('straighten', 2, standing, { body: 'rises', effort: true }),
];
const doses = range(reps(4), reps(8), reps(12));

export const riseToSoftLanding: Exercise = exercise({
  id: 'rise-and-drop-to-landing',
  name: say('Rise, drop into a soft landing', 'Heel-raise to landing absorption'),
  family: 'strength',
  purpose: 'The landing without the jump: from the balls of the feet, release and catch yourself in a bend.',
  stage: 'integrated',
  directions: ['ankle-down', 'ankle-up'],
  faults: [
    fault('heels hit the floor', 'outer side', 'Toes, ball, heel, knees: all of them catch.'),
    fault('knees fall together', 'front', 'Knees over second toes.'),
  ],
  cautions: [care('sore-achilles', 'leave-out', 'Slow lowering instead.')],
  cues: cues(
    'Behind the chair, hands free and near it, feet hip width.',
    'Rise. Let go, and catch yourself in a soft bend. Straighten.',
    'A parcel set down on a sleeping cat.',
    'Quieter heels.',
  ),
  foundBy: ['landing', 'drop', 'absorb', 'plié', 'jump prep', 'rise'],
  performance: performance({
    footwear: 'any',
    floorsRuledOut: ['tile', 'outdoors'],
    kit: [kit('chair', 'person', { wall: 'a wall in front', barre: 'a barre' })],
    phases: drop(1),
    regions: { calf: 2, 'deep-calf': 2, 'hip-and-trunk': 1 },
    balance: { working: 2, standing: 0 },
    impactsPerRep: 1,
  }),
  doses,
  ladder: ladder(
    'slow',
    rung(
      'slow',
      'both hands on the support, a quick lowering',
      { support: 'both hands', speed: 'quick lowering' },
      doses,
      saw('Toes, ball, heel, knees arrive in that order every time, both feet.'),
      {
        change: {
          facing: 'support',
          phases: drop(2),
          impactsPerRep: 0,
          situations: ['landing'],
          regions: { calf: 2, 'deep-calf': 1, 'hip-and-trunk': 1 },
          balance: { working: 1, standing: 0 },
        },
      },
    ),
    rung(
      'held',
      'both hands on the support, a drop',
      { support: 'both hands', speed: 'drop' },
      doses,
      cleanReps(8, '8 with heels that nobody hears, both feet.'),
      {
        change: { facing: 'support', balance: { working: 1, standing: 0 } },
        door: afterWeeks(3, 'For people new to impact: after three weeks of rises, or more.'),
      },
    ),
    rung('free', 'hands free, a drop', { support: 'none', speed: 'drop' }, doses, null, {
      door: afterWeeks(4, 'For people new to impact: a week after the same with hands on a support, or more.'),
    }),
  ),
  levelWords: {
    slow: {
      setup: 'Both hands on the support, feet hip width.',
      action: 'Rise. Come down quickly, and catch yourself in a soft bend. Straighten.',
    },
    held: { setup: 'Both hands on the support, feet hip width.' },
  },
  preparedBy: ['two-foot-rise'],
});
