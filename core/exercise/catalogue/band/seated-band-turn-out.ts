import type { Exercise } from '../../exercise';
import {
  cleanReps,
  cues,
  exercise,
  fault,
  foot,
  kit,
  performance,
  phase,
  range,
  reps,
  saw,
  say,
  seatedFlat,
} from '../author';
import { chair } from '../shared/arch-work';
import { bandHand, bandLadder } from '../shared/band';

/** Both feet flat in a loop, on a chair: one sole turns, the other foot is the anchor. */
const turned = (ankle: 'turned-out' | 'neutral', banded: boolean) =>
  foot(seatedFlat, {
    contacts: {
      outerBall: banded ? [ankle === 'neutral' ? 'rest' : 'press', 'band'] : ['rest', 'floor'],
      ...(ankle === 'neutral' ? {} : { smallToes: ['lift', 'air'] as const }),
    },
    ankle,
    weightLine: 'none',
  });
/** The anchor foot holds the other end of the loop. */
const anchored = (banded: boolean) =>
  foot(seatedFlat, { role: 'anchors', contacts: banded ? { outerBall: ['press', 'band'] } : {} });
const phases = (banded: boolean) => [
  phase('turn out', 2, turned('turned-out', banded), {
    other: anchored(banded),
    picture: 'ankle-front',
    undo: 'slow return',
    effort: true,
  }),
  phase('slow return', 3, turned('neutral', banded), {
    other: anchored(banded),
    picture: 'ankle-front',
    undo: 'turn out',
    effort: false,
  }),
];
const usual = range(reps(8), reps(12), reps(15), 'usual practice');

export const seatedBandTurnOut: Exercise = exercise({
  id: 'seated-band-turn-out',
  name: say('Chair: turn the foot out in a loop', 'Seated resisted eversion'),
  family: 'band',
  purpose: 'Outer ankle against a loop round both feet, for people who do not sit on the floor.',
  stage: 'loaded',
  directions: ['turn-out'],
  faults: [
    fault('the knee falls outward with the foot', 'front', 'Knees stay a fist apart; only the sole turns.'),
    fault('the loop snaps the foot back', 'front', 'Slow on the way home.'),
  ],
  cues: cues(
    'Sit forward, heels under the knees, loop round both feet on the outer borders.',
    [
      'Heel stays. Turn one sole away from the other foot, slow return.',
      'Heel stays. Evert one foot against the loop, slow return.',
    ],
    'A cupboard door opens a hand’s width, on a spring.',
    'Smaller, and the knee still.',
  ),
  foundBy: ['band', 'chair', 'seated', 'outer ankle', 'turn out', 'cannot sit on the floor'],
  schools: { band: 'form-allows' },
  performance: performance({
    position: 'chair-seated',
    sidePattern: 'each',
    kit: [kit('band', 'person', bandHand), chair],
    band: { placement: 'both-feet', border: 'outer', purpose: 'resist' },
    setup: 'fiddly',
    phases: phases(true),
    regions: { 'outer-ankle': 3 },
  }),
  doses: usual,
  ladder: bandLadder({
    thing: 'loop',
    bare: {
      change: { kit: [chair], phases: phases(false), regions: { 'outer-ankle': 1 } },
      doses: range(reps(6), reps(10), reps(12)),
      gate: saw('The sole turns and the knee stays, both feet.'),
    },
    light: usual,
    gate: cleanReps(12, '12 with a slow return, both feet.'),
    firmer: range(reps(6), reps(10), reps(12)),
  }),
  levelWords: {
    'no-band': { setup: 'Sit forward, heels under the knees, feet a fist apart.' },
    firm: { setup: 'Sit forward, heels under the knees, firmer loop round both feet on the outer borders.' },
  },
});
