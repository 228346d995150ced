import type { Exercise } from '../../exercise';
import { care, cues, exercise, fault, foot, performance, phase, range, reps, say, standing, stands } from '../author';
import { wall } from '../shared/ankle-stretch';

const rocks = (edge: 'inner' | 'outer') =>
  foot(standing, {
    contacts: edge === 'outer' ? { innerBall: ['rest', 'floor'] } : { outerBall: ['rest', 'floor'] },
    edge,
    ankle: edge === 'outer' ? 'turned-in' : 'turned-out',
    weightLine: edge === 'inner' ? 'first-toe' : 'even',
  });

export const sidewaysRock: Exercise = exercise({
  id: 'sideways-ankle-rock',
  name: say('Sideways ankle rock, leaning tall', 'Frontal-plane ankle mobilisation'),
  family: 'mobility',
  purpose: 'Hands on a wall or counter, the whole body leans as one plank and the ankle gives sideways.',
  stage: 'active',
  directions: ['turn-in', 'turn-out'],
  faults: [
    fault('the trunk bends instead', 'front', 'One plank from ear to ankle.'),
    fault('the rock is quick and short', 'front', 'Slow, to where it still feels safe.'),
  ],
  cautions: [care('recent-injury', 'ask-clinician', 'After a sprain, tiny rocks and ask first.')],
  cues: cues(
    'Both hands on the wall or a counter, weight on one foot, the other one light.',
    'Lean the hips to one side until the sole tilts; come through the middle to the other side.',
    'A mast in a slow swell.',
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
  doses: range(reps(4), reps(6), reps(10), 'usual practice'),
});
