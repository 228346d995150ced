import type { Exercise } from '../../exercise';
import {
  care,
  cues,
  exercise,
  fault,
  foot,
  onTheBall,
  performance,
  phase,
  range,
  reps,
  say,
  standing,
} from '../author';
import { chairBack, down } from '../shared/rise';
import { heldLadder, heldWords } from '../shared/held';

const doses = range(reps(4), reps(6), reps(12));

export const riseBendHeelsDown: Exercise = exercise({
  id: 'rise-bend-heels-down',
  name: say('Rise, bend, heels down, straighten', 'Relevé–plié descent sequence'),
  family: 'strength',
  purpose: 'The way round that lowers on a bent knee: control on the way down, often the harder one.',
  stage: 'loaded',
  directions: ['ankle-down', 'ankle-up'],
  faults: [
    fault('ankles wobble in the bend', 'behind', 'Both big toes press before you bend.'),
    fault('heels drop', 'outer side', 'Slowly, all the way down.'),
  ],
  cautions: [care('sore-knees', 'go-gently', 'A shallow bend.')],
  cues: cues(
    'Behind the chair, feet parallel.',
    'Rise, bend, heels down, straighten.',
    'A swing comes to rest without a jerk.',
    'Big toes first, then bend.',
  ),
  foundBy: ['rise', 'bend', 'plié', 'lower', 'eccentric', 'dance', 'control'],
  schools: { knees: 'on-purpose' },
  performance: performance({
    facing: 'support',
    kit: [chairBack],
    phases: [
      phase('rise', 4, onTheBall, { undo: 'lower', effort: true, body: 'rises' }),
      phase('bend', 4, foot(onTheBall, { knee: 'bent' }), { undo: 'straighten', body: 'sinks' }),
      phase('heels down', 5, foot(standing, { knee: 'bent', ankle: 'up' }), {
        undo: 'heels up',
        effort: false,
        body: 'sinks',
      }),
      phase('straighten', 5, down, { undo: 'bend', body: 'rises' }),
    ],
    regions: { calf: 2, 'deep-calf': 3 },
    balance: { working: 2, standing: 0 },
  }),
  doses,
  ladder: heldLadder({ doses, working: [1, 2, 3], clean: 6, seen: 'with slow heels all the way down' }),
  levelWords: heldWords('Behind the chair', 'feet parallel'),
  preparedBy: ['bend-heels-up-straighten'],
});
