import type { Exercise } from '../../exercise';
import {
  cleanReps,
  cues,
  exercise,
  fault,
  foot,
  hanging,
  kit,
  performance,
  phase,
  range,
  reps,
  saw,
  say,
} from '../author';
import { chair } from '../shared/arch-work';
import { bandHand, bandLadder } from '../shared/band';

/** One ankle over the other, both feet in a loop: each foot turns its sole away from the other, against the loop. */
const turned = (ankle: 'turned-in' | 'neutral', banded: boolean) =>
  foot(hanging, {
    contacts: {
      heel: ['rest', 'floor'],
      ...(banded ? { innerBall: [ankle === 'neutral' ? 'rest' : 'press', 'band'] as const } : {}),
    },
    ankle,
    toes: 'long',
  });
/** The anchor foot holds the other end of the loop. */
const anchored = (banded: boolean) =>
  foot(hanging, {
    role: 'anchors',
    contacts: { heel: ['rest', 'floor'], ...(banded ? { innerBall: ['press', 'band'] as const } : {}) },
  });
const phases = (banded: boolean) => [
  phase('turn in', 2, turned('turned-in', banded), {
    other: anchored(banded),
    picture: 'ankle-front',
    undo: 'slow return',
    effort: true,
  }),
  phase('slow return', 3, turned('neutral', banded), {
    other: anchored(banded),
    picture: 'ankle-front',
    undo: 'turn in',
    effort: false,
  }),
];
const usual = range(reps(8), reps(12), reps(15), 'usual practice');

export const seatedBandTurnIn: Exercise = exercise({
  id: 'seated-band-turn-in',
  name: say('Chair: turn the foot in, ankles crossed', 'Seated resisted inversion'),
  family: 'band',
  purpose: 'Inner ankle in the range where ankles roll, for people who do not sit on the floor.',
  stage: 'loaded',
  directions: ['turn-in'],
  faults: [
    fault('the whole leg swings', 'front', 'Knees quiet; the ankle does it.'),
    fault('quick return', 'front', 'Slowly home.'),
  ],
  cues: cues(
    'Sit forward, legs stretched, ankles crossed on their heels, loop round both feet on the inner borders.',
    [
      'Press one foot away from the other; its sole turns away too. Slow return.',
      'Invert one foot against the loop, ankles crossed. Slow return.',
    ],
    'Two magnets pushed apart, and let back slowly.',
    'Ankle, not hip.',
  ),
  foundBy: ['band', 'chair', 'seated', 'inner ankle', 'turn in', 'cannot sit on the floor'],
  schools: { band: 'form-allows' },
  performance: performance({
    position: 'chair-seated',
    sidePattern: 'each',
    kit: [kit('band', 'person', bandHand), chair],
    band: { placement: 'both-feet', border: 'inner', purpose: 'resist' },
    setup: 'fiddly',
    phases: phases(true),
    regions: { 'inner-ankle': 3 },
  }),
  doses: usual,
  ladder: bandLadder({
    thing: 'loop',
    bare: {
      change: { kit: [chair], phases: phases(false), regions: { 'inner-ankle': 1 } },
      doses: range(reps(6), reps(10), reps(12)),
      gate: saw('The sole turns and the kneecap stays, both feet.'),
    },
    light: usual,
    gate: cleanReps(12, '12 with a slow return, both feet.'),
    firmer: range(reps(6), reps(10), reps(12)),
  }),
  levelWords: {
    firm: {
      setup:
        'Sit forward, legs stretched, ankles crossed on their heels, firmer loop on the inner borders of both feet.',
    },

    'no-band': {
      setup: 'Sit forward, legs stretched, ankles crossed on their heels.',
      action: 'Turn one sole away from the other foot. Slow return.',
    },
  },
});
