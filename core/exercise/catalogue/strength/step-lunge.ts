import type { Exercise } from '../../exercise';
import { cues, exercise, fault, foot, kit, performance, phase, range, reps, say, standing } from '../author';
import { backToes } from '../shared/squat-lunge';

export const stepLunge: Exercise = exercise({
  id: 'step-lunge',
  name: say('Lunge with the front foot on a step', 'Stationary and lateral step lunge'),
  family: 'strength',
  purpose: 'Forward and sideways into a foot that stands higher: several directions, no travel.',
  stage: 'integrated',
  directions: ['ankle-up'],
  faults: [
    fault('the knee falls inward', 'front', 'Knee over the second toe.'),
    fault('the back leg does nothing', 'outer side', 'Push the floor with both.'),
  ],
  cues: cues(
    'One foot on the step, the other a long step away.',
    'Bend into the raised foot, come back. Then the same from the side.',
    'Leaning on a railing to look over.',
    'Shallower, straighter knee line.',
  ),
  foundBy: ['lunge', 'step', 'side', 'legs', 'directions'],
  performance: performance({
    sidePattern: 'each',
    kit: [kit('step', 'person', { block: 'a wide firm block' })],
    footwear: 'any',
    phases: [
      phase(
        'bend in',
        2,
        foot(standing, {
          contacts: {
            heel: ['press', 'block'],
            innerBall: ['press', 'block'],
            outerBall: ['press', 'block'],
            bigToe: ['rest', 'block'],
            smallToes: ['rest', 'block'],
          },
          knee: 'bent',
          ankle: 'up',
          weightLine: 'second-toe',
        }),
        { other: backToes, body: 'sinks', undo: 'come back' },
      ),
      phase(
        'come back',
        2,
        foot(standing, {
          contacts: {
            heel: ['press', 'block'],
            innerBall: ['press', 'block'],
            outerBall: ['press', 'block'],
            bigToe: ['rest', 'block'],
            smallToes: ['rest', 'block'],
          },
        }),
        { other: backToes, body: 'rises', effort: true, undo: 'bend in' },
      ),
    ],
    regions: { 'hip-and-trunk': 2, 'deep-calf': 2 },
    balance: { working: 1, standing: 1 },
  }),
  doses: range(
    reps(3, { per: { directions: 2 } }),
    reps(4, { per: { directions: 2 } }),
    reps(8, { per: { directions: 2 } }),
  ),
});
