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
  say,
  standing,
} from '../author';
import { kneesOverToes, mat } from '../shared/ankle-stretch';

const kneelingOther = foot(standing, {
  role: 'rests',
  contacts: {
    heel: ['lift', 'air'],
    innerBall: ['rest', 'floor'],
    outerBall: ['rest', 'floor'],
    bigToe: ['rest', 'floor'],
    smallToes: ['rest', 'floor'],
  },
  knee: 'bent',
  heelHeightCm: 10,
  weightLine: 'none',
});

const doses = range(reps(10), reps(15), reps(30), 'usual practice');

export const halfKneelKneeToWall: Exercise = exercise({
  id: 'half-kneel-knee-forward',
  name: say('Half kneeling, knee to the stick', 'Half-kneeling dorsiflexion mobilisation'),
  family: 'mobility',
  purpose: 'Bends the ankle with the body low and steady, heel down, knee to a mark.',
  stage: 'active',
  directions: ['ankle-up'],
  faults: [
    fault('the heel lifts', 'outer side', 'Back off until it stays down.'),
    fault('the knee falls to the inside', 'front', 'Touch the stick in front of the second toe.'),
  ],
  cautions: [
    care('sore-knees', 'change-support', 'Thick pad under the kneeling knee, or do it standing at the wall.'),
    care('recent-injury', 'ask-clinician', 'After a sprain ask first.'),
    care('sore-achilles', 'go-gently', 'A small, slow range; stop if the tendon aches.'),
  ],
  cues: cues(
    'Half kneel, stick upright a hand’s width in front of the second toe.',
    'Knee forward to the stick, heel heavy. Come back.',
    'A drawer slides out on level runners.',
    'Heel first, then distance.',
  ),
  foundBy: ['ankle', 'bend', 'kneel', 'stick', 'wall', 'dorsiflexion', 'stiff ankle'],
  performance: performance({
    position: 'kneeling',
    facing: 'support',
    sidePattern: 'each',
    kit: [kit('stick', 'person', { wall: 'knee to the wall, one at a time' }), mat],
    floor: 'padded',
    phases: [
      phase('knee forward', 2, kneesOverToes, { other: kneelingOther, undo: 'back', effort: true }),
      phase('back', 1, foot(standing, { knee: 'bent' }), { other: kneelingOther, undo: 'knee forward', effort: false }),
    ],
    regions: { 'deep-calf': 1 },
  }),
  doses,
  ladder: ladder(
    'near',
    rung(
      'near',
      'stick a hand’s width away',
      { lever: 'a hand’s width', resistance: 'none' },
      doses,
      cleanReps(15, '15 with the heel down, both feet.'),
    ),
    rung(
      'far',
      'stick as far away as the heel allows',
      { lever: 'own greatest distance', resistance: 'none' },
      range(reps(10), reps(15), reps(30)),
      cleanReps(15, '15 with the heel down, knee over the second toe, both feet.'),
    ),
    rung(
      'hands-press',
      'far, both hands lean on the front knee',
      { lever: 'own greatest distance', resistance: 'weight of the arms' },
      range(reps(8), reps(12), reps(20)),
      null,
      { change: { regions: { 'deep-calf': 2 } } },
    ),
  ),
  levelWords: {
    far: { setup: 'Half kneel, stick upright in front of the second toe, as far away as the heel allows.' },
    'hands-press': {
      setup: 'Half kneel, stick upright in front of the second toe, both hands on the front knee.',
      action: 'Lean on the knee, take it forward to the stick, heel heavy. Come back.',
    },
  },
});
