import type { Exercise } from '../../exercise';
import { checked, exercise, kit, ladder, performance, phase, range, reps, rung, say } from '../author';
import { chairBack, down, onRise, rollsOut } from '../shared/strength';

const doses = range(reps(8), reps(12), reps(12), 'usual practice');

export const ballHeldRise: Exercise = exercise({
  id: 'ball-held-rise',
  name: say('Rise with a ball between the ankles', 'Heel raise with adductor cue'),
  family: 'strength',
  purpose: 'The ball tells at once when the heels part: it falls.',
  stage: 'loaded',
  directions: ['ankle-down'],
  faults: [{ seen: 'the ball falls', from: 'front', say: 'Lower, slower; keep it, do not crush it.' }, rollsOut],
  cues: {
    setup: say(
      'Behind the chair, fingertips on it, feet parallel, felt ball between the heels just below the ankle bones.',
    ),
    action: say('Rise and lower without losing the ball.'),
    breath: null,
    picture: say('Carrying an egg upstairs and down again.'),
    correction: say('Hold it like a bird.'),
  },
  foundBy: ['ball', 'rise', 'heels', 'line', 'relevé', 'sickle'],
  performance: performance({
    facing: 'support',
    kit: [
      kit('firm-ball', 'person', {
        'soft-ball': 'a soft one can be squeezed, so it tells later',
        cloth: 'a rolled cloth falls less easily, so it tells less',
      }),
      chairBack,
    ],
    setup: 'props',
    phases: [
      phase('rise', 2, onRise, { undo: 'lower', effort: true, body: 'rises' }),
      phase('lower', 3, down, { undo: 'rise', effort: false, body: 'sinks' }),
    ],
    regions: { calf: 2, 'inner-ankle': 2 },
    balance: { working: 1, standing: 0 },
  }),
  doses,
  ladder: ladder(
    'twelve',
    rung(
      'twelve',
      'towards 12',
      { amount: 'first 12' },
      doses,
      checked('ball-kept', 'The ball stays through 12.', 12, 2),
    ),
    rung(
      'twenty-four',
      'towards 24',
      { amount: 'to 24' },
      range(reps(12), reps(24), reps(24), 'usual practice'),
      checked('ball-kept', 'The ball stays through 24.', 24, 2),
    ),
    rung('thirty-two', 'towards 32', { amount: 'to 32' }, range(reps(16), reps(32), reps(32), 'usual practice'), null),
  ),
  levelWords: {
    'twenty-four': { action: 'On past the old number: same line, same ball. Stop when the line goes.' },
    'thirty-two': { action: 'All the way through, the last like the first. Stop when the line goes.' },
  },
});
