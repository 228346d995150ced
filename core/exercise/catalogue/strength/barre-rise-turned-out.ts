import type { Exercise } from '../../exercise';
import {
  care,
  cues,
  exercise,
  fault,
  foot,
  kit,
  onTheBall,
  performance,
  phase,
  range,
  reps,
  say,
  standing,
  toesOnRiseWords,
} from '../author';
import { heldLadder } from '../shared/held';

const doses = range(reps(8), reps(16), reps(32));

export const barreRise: Exercise = exercise({
  id: 'barre-rise-turned-out',
  name: say('At the barre: rise with the legs turned out', 'Turned-out relevé'),
  family: 'strength',
  purpose: 'The dancer’s rise: legs rotate out from the hips, feet stay long, heels come forward on top.',
  stage: 'loaded',
  directions: ['ankle-down'],
  faults: [
    fault('heels slip back as they rise', 'behind', 'Show your heels to the front on the way up.'),
    fault(
      'weight falls to the inner edges at the bottom',
      'behind',
      'Turn out from the hips, three points on the floor.',
    ),
    fault('toes claw at the top', 'above', 'Long toes carry.'),
  ],
  cautions: [
    care('sore-achilles', 'go-gently', 'From the floor, and stop at a growing ache.'),
    care('growing-feet', 'go-gently', 'Pointe is decided by a qualified teacher with a clinician, not by this rise.'),
  ],
  cues: cues(
    'Face the barre, heels together, turned out only as far as the hips give.',
    'Rise over the first two toes, heels forward. Lower slowly through the foot.',
    'A cork rises in its bottle: straight, nothing leans.',
    'Heels forward, slower down than up.',
  ),
  foundBy: ['barre', 'relevé', 'turnout', 'dancer', 'rise', 'ballet', 'pointe'],
  schools: { weightLine: 'between-first-and-second' },
  performance: performance({
    facing: 'support',
    kit: [kit('barre', 'room', { chair: 'two heavy chair backs', wall: 'hands on the wall' })],
    footwear: 'bare or socks',
    phases: [
      phase('rise', 2, onTheBall, { undo: 'lower', effort: true, body: 'rises' }),
      phase('stay', 1, onTheBall, { undo: 'stay', effort: true }),
      phase('lower', 3, foot(standing, { knee: 'locked' }), { undo: 'rise', effort: false, body: 'sinks' }),
    ],
    regions: { calf: 2, 'deep-calf': 1, 'arch-intrinsics': 1, 'hip-and-trunk': 1 },
    balance: { working: 1, standing: 0 },
  }),
  schoolVariants: toesOnRiseWords,
  doses,
  ladder: heldLadder({
    doses,
    working: [1, 1, 2],
    clean: 16,
    seen: 'with the heels forward on top',
    start: 'both-hands',
  }),
  levelWords: {
    'both-hands': {
      setup: 'Face the barre, both hands on it, heels together, legs turned out only as far as the hips give.',
    },
    fingertips: {
      setup: 'Face the barre, fingertips on it, heels together, legs turned out only as far as the hips give.',
    },
    free: { setup: 'Face the barre, hands free and near it, heels together, legs turned out as far as the hips give.' },
  },
});
