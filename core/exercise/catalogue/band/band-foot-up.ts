import type { Exercise } from '../../exercise';
import { cleanReps, cues, exercise, fault, foot, kit, phase, range, reps, saw, say } from '../author';
import { heelDown, longSit, restsLong, bandLadder } from '../shared/band';

/** The band lies over the top of the foot and pulls it down; the foot comes up against it. */
const at = (ankle: 'up' | 'down', banded: boolean) =>
  foot(heelDown, {
    ankle,
    contacts: banded
      ? {
          innerBall: [ankle === 'up' ? 'press' : 'rest', 'band'],
          outerBall: [ankle === 'up' ? 'press' : 'rest', 'band'],
        }
      : {},
  });
const anchored = foot(heelDown, {
  role: 'anchors',
  contacts: { innerBall: ['press', 'band'], outerBall: ['press', 'band'] },
});
const phases = (banded: boolean, other = anchored) => [
  phase('foot up', 2, at('up', banded), { other, picture: 'ankle-side', undo: 'let it down slowly', effort: true }),
  phase('let it down slowly', 3, at('down', banded), { other, picture: 'ankle-side', undo: 'foot up', effort: false }),
];
const usual = range(reps(8), reps(12), reps(15), 'usual practice');

export const bandFootUp: Exercise = exercise({
  id: 'band-foot-up',
  name: say('Band: draw the foot up', 'Resisted dorsiflexion'),
  family: 'band',
  purpose: 'Shin strength against a band: the other half of every push down.',
  stage: 'loaded',
  directions: ['ankle-up'],
  faults: [
    fault('only the toes come up', 'inner side', 'Ankle first; the toes ride along.'),
    fault('the big-toe side comes up alone', 'front', 'The whole front of the foot, level.'),
    fault('it drops back', 'inner side', 'Slower down than up.'),
  ],
  cues: cues(
    'Legs long, band over the top of one foot, its ends held under the sole of the other.',
    ['Draw the foot up against the band. Let it down slowly.', 'Dorsiflex against the band. Lower slowly.'],
    'A garage door opens, and is let down by hand.',
    'Less far, and level.',
  ),
  foundBy: ['band', 'foot up', 'shin', 'dorsiflexion', 'flex', 'shin splints'],
  schools: { band: 'form-allows' },
  performance: longSit({
    kit: [kit('band', 'person', { strap: 'a strap does not stretch: press against it and hold instead of moving' })],
    band: { placement: 'ball', border: 'top', purpose: 'resist' },
    phases: phases(true),
    regions: { shin: 3, 'toe-extensors': 1 },
  }),
  doses: usual,
  ladder: bandLadder({
    thing: 'band',
    bare: {
      change: { phases: phases(false, restsLong), regions: { shin: 1, 'toe-extensors': 1 } },
      doses: range(reps(8), reps(12), reps(15)),
      gate: saw('The whole front of the foot comes up level, both feet.'),
    },
    light: usual,
    gate: cleanReps(12, '12 level ones with a slow way down, both feet.'),
    firmer: range(reps(6), reps(10), reps(12)),
  }),
  levelWords: {
    firm: {
      setup: 'Legs long, firmer band over the top of one foot, its ends held under the sole of the other.',
    },

    'no-band': { setup: 'Legs long, heels on the floor.', action: 'Draw one foot up, let it down slowly.' },
  },
});
