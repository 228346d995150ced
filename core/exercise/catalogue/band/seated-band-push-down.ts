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
  restsFlat,
  saw,
  say,
} from '../author';
import { chair } from '../shared/arch-work';
import { bandHand, bandLadder } from '../shared/band';

const at = (ankle: 'down' | 'up', banded: boolean) =>
  foot(hanging, {
    contacts: {
      heel: ['rest', 'floor'],
      ...(banded
        ? {
            innerBall: [ankle === 'down' ? 'press' : 'rest', 'band'] as const,
            outerBall: [ankle === 'down' ? 'press' : 'rest', 'band'] as const,
          }
        : {}),
    },
    ankle,
    toes: 'long',
    knee: 'soft',
  });
const phases = (banded: boolean) => [
  phase('push down', 2, at('down', banded), {
    other: restsFlat,
    picture: 'ankle-side',
    undo: 'come up slowly',
    effort: true,
  }),
  phase('come up slowly', 3, at('up', banded), {
    other: restsFlat,
    picture: 'ankle-side',
    undo: 'push down',
    effort: false,
  }),
];
const usual = range(reps(10), reps(15), reps(20), 'usual practice');

export const seatedBandPushDown: Exercise = exercise({
  id: 'seated-band-push-down',
  name: say('Chair: push down against a loop', 'Seated resisted plantarflexion'),
  family: 'band',
  purpose: 'Calf against a loop held in the hands, for people who do not sit on the floor.',
  stage: 'loaded',
  directions: ['ankle-down', 'ankle-up'],
  faults: [
    fault('the loop slides off the toes', 'above', 'Lower, behind the toe roots.'),
    fault('the back rounds with the pull', 'outer side', 'Sit tall; elbows by the ribs.'),
  ],
  cues: cues(
    'Sit forward, one leg stretched on its heel, loop round the ball of that foot, its ends in your hands.',
    [
      'Push the foot down against the loop. Let it bring you up slowly.',
      'Plantarflex against the loop. Return slowly.',
    ],
    'Pressing the air out of a big cushion.',
    'Down, and up a little slower.',
  ),
  foundBy: ['loop', 'band', 'chair', 'seated', 'calf', 'point', 'cannot sit on the floor'],
  schools: { band: 'form-allows' },
  performance: performance({
    position: 'chair-seated',
    sidePattern: 'each',
    kit: [
      kit('band', 'person', { 'long-loop': 'a long loop round the back leaves the hands free', ...bandHand }),
      chair,
    ],
    band: { placement: 'ball', border: 'sole', purpose: 'resist' },
    setup: 'fiddly',
    phases: phases(true),
    regions: { calf: 2, shin: 1 },
  }),
  doses: usual,
  ladder: bandLadder({
    thing: 'loop',
    bare: {
      change: { kit: [chair], phases: phases(false), regions: { calf: 1, shin: 1 } },
      doses: range(reps(8), reps(12), reps(15)),
      gate: saw('The foot moves and the knee stays, both feet.'),
    },
    light: usual,
    gate: cleanReps(15, '15 with a slow way up, both feet.'),
    firmer: range(reps(8), reps(12), reps(15)),
  }),
  levelWords: {
    firm: {
      setup: 'Sit forward, one leg stretched on its heel, firmer loop round the ball of that foot, ends in your hands.',
    },

    'no-band': {
      setup: 'Sit forward, one leg stretched on its heel.',
      action: 'Push the foot down. Bring it up slowly.',
    },
  },
});
