import type { Exercise } from '../../exercise';
import { exercise, kit, performance, phase, range, reps, say } from '../author';
import { chairBack, down, onRise, rollsOut } from '../shared/strength';

export const ballHeldRise: Exercise = exercise({
  id: 'ball-held-rise',
  name: say('Rise with a ball between the ankles', 'Heel raise with adductor cue'),
  family: 'strength',
  purpose: 'The ball tells at once when the heels part: it falls.',
  stage: 'loaded',
  directions: ['ankle-down'],
  faults: [{ seen: 'the ball falls', from: 'front', say: 'Lower, slower; keep it, do not crush it.' }, rollsOut],
  cues: {
    setup: say('Feet parallel, ball between the heels just below the ankle bones.'),
    action: say('Rise and lower without losing the ball.'),
    breath: null,
    picture: say('Carrying an egg upstairs and down again.'),
    correction: say('Hold it like a bird.'),
  },
  foundBy: ['ball', 'rise', 'heels', 'line', 'relevé', 'sickle'],
  performance: performance({
    facing: 'support',
    kit: [kit('soft-ball', 'person', { cloth: 'a rolled cloth falls less easily, so it tells less' }), chairBack],
    setup: 'props',
    phases: [phase('rise', 2, onRise, { undo: 'lower' }), phase('lower', 3, down, { undo: 'rise' })],
    regions: { calf: 2, 'inner-ankle': 2 },
    balance: { working: 1, standing: 0 },
  }),
  schoolVariants: [],
  doses: range(reps(8), reps(12), reps(32), 'usual practice'),
});
