import type { Exercise } from '../../exercise';
import { care, cues, exercise, fault, foot, kit, performance, phase, range, reps, say, standing } from '../author';
import { heldLadder, heldWords } from '../shared/held';

const doses = range(reps(4), reps(8), reps(12));

export const leanForwardAndBack: Exercise = exercise({
  id: 'lean-forward-and-back',
  name: say('Weight forward, weight back', 'Anterior-posterior weight shift'),
  family: 'mobility',
  purpose: 'Finds how far weight can travel over the foot before the toes or the heels have to save you.',
  stage: 'active',
  directions: ['ankle-up', 'ankle-down'],
  faults: [
    fault('bending at the hips', 'outer side', 'Move as one plank.'),
    fault('tipping over the heels', 'outer side', 'Backwards only half as far.'),
  ],
  cautions: [
    care('falls-or-faints', 'change-support', 'A chair in front and a wall behind; backwards is the precarious half.'),
  ],
  cues: cues(
    'Stand near a support, feet under your hips.',
    'Drift forward to the balls, back through the middle, a little to the heels.',
    'A tall poplar in a slow wind.',
    'Slower in the middle.',
  ),
  foundBy: ['weight', 'shift', 'lean', 'sway', 'balance', 'awareness'],
  performance: performance({
    facing: 'support',
    kit: [
      kit('chair', 'person', { barre: 'a barre gives more hold' }),
      kit('wall', 'room', { chair: 'a second chair behind' }),
    ],
    footwear: 'any',
    phases: [
      phase(
        'forward',
        3,
        foot(standing, {
          contacts: { heel: ['rest', 'floor'], bigToe: ['press', 'floor'], smallToes: ['press', 'floor'] },
          ankle: 'up',
        }),
        { undo: 'back' },
      ),
      phase(
        'back',
        3,
        foot(standing, {
          contacts: { innerBall: ['rest', 'floor'], outerBall: ['rest', 'floor'] },
          weightLine: 'even',
        }),
        { undo: 'forward' },
      ),
    ],
    regions: { calf: 1, shin: 1, 'toe-flexors': 1 },
    balance: { working: 1, standing: 0 },
  }),
  doses,
  ladder: heldLadder({ doses, working: [1, 1, 2], clean: 8, seen: 'in one line from ear to ankle' }),
  levelWords: heldWords('Behind the chair', 'a wall behind you, feet under your hips'),
});
