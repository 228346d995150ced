import type { Exercise } from '../../exercise';
import type { FootState } from '../../foot-state';
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
} from '../author';
import { kneesOverToes, mat, tucked } from '../shared/ankle-stretch';

const inReach = kit('chair', 'person', { wall: 'a wall in front' });
const waits = foot(kneesOverToes, { role: 'stands' });
const touch = (downAt: FootState, back: FootState, other?: FootState) => [
  phase('knee down', 2, downAt, { other, body: 'sinks', effort: false, undo: 'back' }),
  phase('back', 2, back, { other, body: 'rises', effort: true, undo: 'knee down' }),
];
const bothKnees = { sidePattern: 'both', phases: touch(foot(tucked, { knee: 'bent' }), kneesOverToes) } as const;

export const squatKneeTouch: Exercise = exercise({
  id: 'deep-squat-knee-touch',
  name: say('Knee to the floor from a deep squat', 'Deep-squat dorsiflexion drill'),
  family: 'mobility',
  purpose: 'From a deep squat one knee travels forward and down, heel free to lift, ankle bending to its end.',
  stage: 'loaded',
  directions: ['ankle-up'],
  faults: [
    fault('the knee falls inward', 'front', 'Knee over the second toe all the way.'),
    fault('the body tips to one side', 'front', 'Hands in front, weight in the middle.'),
  ],
  cautions: [
    care('sore-knees', 'leave-out', 'Leave it out on sore knees.'),
    care('sore-big-toe-joint', 'leave-out', 'Leave it out on a sore big-toe joint.'),
    care('falls-or-faints', 'change-support', 'Hands on the floor or a chair seat throughout, one knee at a time.'),
    care('pregnancy', 'leave-out', 'The half-kneeling knee drive instead.'),
  ],
  cues: cues(
    'Deep squat, hands on the floor in front.',
    'One knee forward and down to the floor, and back. Other knee.',
    'A drawbridge goes down, and comes up.',
    'Slow down the last hand’s width.',
  ),
  foundBy: ['squat', 'deep', 'knee', 'ankle', 'strength'],
  performance: performance({
    sidePattern: 'alternate',
    kit: [mat],
    floor: 'padded',
    phases: touch(foot(tucked, { knee: 'bent' }), kneesOverToes, waits),
    regions: { 'deep-calf': 2, shin: 1, 'hip-and-trunk': 2, 'big-toe-joint': 1 },
    balance: { working: 2, standing: 0 },
  }),
  doses: range(reps(6), reps(10), reps(15), 'usual practice'),
  ladder: ladder(
    'one-hands',
    rung(
      'one-hands',
      'one knee at a time, hands down',
      { amount: 'one knee', support: 'hands down' },
      range(reps(6), reps(10), reps(15), 'usual practice'),
      cleanReps(10, '10 with the knee over the toes, both sides.'),
      { change: { balance: { working: 1, standing: 0 } } },
    ),
    rung(
      'one-free',
      'one knee at a time, hands free',
      { amount: 'one knee', support: 'none' },
      range(reps(6), reps(10), reps(15), 'usual practice'),
      cleanReps(10, '10 without a hand, both sides.'),
      { change: { kit: [mat, inReach] } },
    ),
    rung(
      'both-hands',
      'both knees together, hands down',
      { amount: 'both knees', support: 'hands down' },
      range(reps(5), reps(10), reps(15), 'usual practice'),
      cleanReps(10, '10 in which both knees land softly together, both feet.'),
      {
        why: 'Two knees at once go back to the hands first.',
        change: { ...bothKnees, balance: { working: 1, standing: 0 } },
      },
    ),
    rung(
      'both-free',
      'both knees together, hands free',
      { amount: 'both knees', support: 'none' },
      range(reps(5), reps(10), reps(15), 'usual practice'),
      null,
      { change: { ...bothKnees, kit: [mat, inReach], balance: { working: 3, standing: 0 } } },
    ),
  ),
  levelWords: {
    'one-free': { setup: 'Deep squat, chair in front in reach, hands off the floor.' },
    'both-hands': { action: 'Both knees forward and down to the floor, and back.' },
    'both-free': {
      setup: 'Deep squat, chair in front in reach, hands off the floor.',
      action: 'Both knees forward and down to the floor, and back.',
    },
  },
});
