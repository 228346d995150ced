import type { Exercise } from '../../exercise';
import { care, cues, exercise, fault, foot, kit, performance, phase, range, reps, say, standing } from '../author';
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
  ],
  cues: cues(
    'Half kneel, stick upright a hand’s width in front of the big toe.',
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
  doses: range(reps(10), reps(15), reps(30), 'usual practice'),
});
