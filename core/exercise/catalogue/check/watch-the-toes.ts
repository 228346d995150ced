import type { Exercise } from '../../exercise';
import { cues, exercise, fault, offTheFloor, performance, phase, range, say, timed } from '../author';
import { chairBack, oneLeg } from '../shared/toes';

export const watchTheToes: Exercise = exercise({
  id: 'watch-the-toes',
  name: say('Watch the toes while standing', 'Toe observation in single-leg stance'),
  family: 'check',
  purpose: 'A look, not a drill: does the big toe rest, or does it bob every second or so?',
  stage: 'integrated',
  directions: [],
  faults: [
    fault('the big toe bobs', 'above', 'Only notice how often.'),
    fault('the toes claw to hold it down', 'above', 'Leave it; we want to see what it does.'),
  ],
  cues: cues(
    'Beside the chair, fingertips near it. Your neighbour looks at your toes.',
    'Stand on one leg and let the foot do what it does.',
    'You are watching a kettle; you do not stir it.',
    'Nothing to mend yet.',
  ),
  foundBy: ['look', 'toes', 'check', 'one leg', 'wobble'],
  performance: performance({
    facing: 'support',
    sidePattern: 'each',
    kit: [chairBack],
    footwear: 'bare',
    phases: [phase('stand and look', 15, oneLeg('rest', 'rest'), { other: offTheFloor })],
    regions: { 'hip-and-trunk': 1 },
    balance: { working: 2, standing: 2 },
  }),
  doses: range(timed(10), timed(15), timed(30)),
});
