import type { Exercise } from '../../exercise';
import {
  care,
  cleanReps,
  cues,
  exercise,
  fault,
  foot,
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
import { wall } from '../shared/ankle-stretch';

const rocks = (edge: 'inner' | 'outer') =>
  foot(standing, {
    contacts: edge === 'outer' ? { innerBall: ['rest', 'floor'] } : { outerBall: ['rest', 'floor'] },
    edge,
    ankle: edge === 'outer' ? 'turned-in' : 'turned-out',
    weightLine: edge === 'inner' ? 'first-toe' : 'even',
  });

const doses = range(reps(4), reps(6), reps(10), 'usual practice');

export const sidewaysRock: Exercise = exercise({
  id: 'sideways-ankle-rock',
  name: say('Sideways ankle rock, leaning tall', 'Frontal-plane ankle mobilisation'),
  family: 'mobility',
  purpose: 'Hands on a wall or counter, the whole body leans as one plank and the ankle gives sideways.',
  stage: 'active',
  directions: ['turn-in', 'turn-out'],
  faults: [
    fault('the trunk bends instead', 'behind', 'One plank from ear to ankle.'),
    fault('the rock is quick and short', 'behind', 'Slow, to where it still feels safe.'),
  ],
  cautions: [care('recent-injury', 'ask-clinician', 'After a sprain, tiny rocks and ask first.')],
  cues: cues(
    'Both hands on the wall or a counter, weight on one foot, the other one light.',
    'Lean the whole body to one side until the sole tilts; through the middle, and to the other side.',
    'A metronome arm, very slow.',
    'Tall, and half as far.',
  ),
  foundBy: ['sideways', 'ankle', 'rock', 'tilt', 'lean', 'mobility'],
  performance: performance({
    facing: 'support',
    sidePattern: 'each',
    kit: [wall],
    phases: [
      phase('to the outer edge', 2, rocks('outer'), {
        other: foot(stands, {
          role: 'rests',
          contacts: { heel: ['rest', 'floor'], innerBall: ['rest', 'floor'], outerBall: ['rest', 'floor'] },
        }),
        undo: 'to the inner edge',
      }),
      phase('to the inner edge', 2, rocks('inner'), {
        other: foot(stands, {
          role: 'rests',
          contacts: { heel: ['rest', 'floor'], innerBall: ['rest', 'floor'], outerBall: ['rest', 'floor'] },
        }),
        undo: 'to the outer edge',
      }),
    ],
    regions: { 'outer-ankle': 1, 'inner-ankle': 1, 'hip-and-trunk': 1 },
    balance: { working: 1, standing: 0 },
  }),
  doses,
  ladder: ladder(
    'both-hands',
    rung(
      'both-feet',
      'both hands, weight on both feet',
      { base: 'two feet', support: 'both hands' },
      doses,
      saw('One plank from ear to ankle, both ways.'),
      {
        change: {
          sidePattern: 'both',
          phases: [
            phase('to one side', 2, rocks('outer'), { other: rocks('inner'), undo: 'to the other side' }),
            phase('to the other side', 2, rocks('inner'), { other: rocks('outer'), undo: 'to one side' }),
          ],
          balance: { working: 0, standing: 0 },
        },
      },
    ),
    rung(
      'both-hands',
      'both hands, weight on one foot',
      { base: 'one foot, the other light', support: 'both hands' },
      doses,
      cleanReps(6, '6 each way without a bend in the trunk, both feet.'),
    ),
    rung(
      'fingertips',
      'fingertips, weight on one foot',
      { base: 'one foot, the other light', support: 'fingertips' },
      doses,
      null,
      {
        change: { balance: { working: 2, standing: 0 } },
      },
    ),
  ),
  levelWords: {
    'both-feet': { setup: 'Both hands on the wall or a counter, feet under your hips, weight on both.' },
    fingertips: { setup: 'Fingertips on the wall or a counter, weight on one foot, the other one light.' },
  },
});
