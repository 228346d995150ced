import type { Exercise } from '../../exercise';
import { care, exercise, foot, performance, phase, range, reps, say, standing } from '../author';
import { chairBack, down, onRise } from '../shared/strength';
import { heldLadder, heldWords } from '../shared/held';

const doses = range(reps(4), reps(8), reps(12));

export const riseBendLower: Exercise = exercise({
  id: 'bend-heels-up-straighten',
  name: say('Bend, heels up, straighten, lower', 'Plié–relevé sequence'),
  family: 'strength',
  purpose: 'Strength and control through bent and straight knees in one round.',
  stage: 'loaded',
  directions: ['ankle-up', 'ankle-down'],
  faults: [
    { seen: 'knees fall together on the bend', from: 'front', say: 'Knees over second toes.' },
    { seen: 'heels drop when the knees straighten', from: 'outer side', say: 'Keep your height and grow.' },
  ],
  cautions: [care('sore-knees', 'go-gently', 'A shallow bend, or leave it out.')],
  cues: {
    setup: say('Behind the chair, feet parallel.'),
    action: say('Bend, heels up, straighten, lower.'),
    breath: null,
    picture: say('A wheel turns once round, no corner in it.'),
    correction: say('Same height all the way.'),
  },
  foundBy: ['bend', 'plié', 'rise', 'relevé', 'dance', 'calf'],
  schools: { knees: 'on-purpose' },
  performance: performance({
    facing: 'support',
    kit: [chairBack],
    phases: [
      phase('bend', 5, foot(standing, { knee: 'bent', ankle: 'up' }), {
        undo: 'straighten',
        effort: false,
        body: 'sinks',
      }),
      phase('heels up', 3, foot(onRise, { knee: 'bent' }), { undo: 'heels down', effort: true, body: 'rises' }),
      phase('straighten', 5, onRise, { undo: 'bend', effort: true, body: 'rises' }),
      phase('lower', 5, down, { undo: 'rise', effort: false, body: 'sinks' }),
    ],
    regions: { calf: 2, 'deep-calf': 2 },
    balance: { working: 1, standing: 0 },
  }),
  doses,
  ladder: heldLadder({ doses, working: [1, 1, 2], clean: 8, seen: 'without losing height when the knees straighten' }),
  levelWords: heldWords('Behind the chair', 'feet parallel'),
});
