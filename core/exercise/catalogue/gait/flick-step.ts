import type { Exercise } from '../../exercise';
import {
  care,
  counts,
  cues,
  exercise,
  fault,
  foot,
  kit,
  ladder,
  offTheFloor,
  performance,
  phase,
  range,
  rung,
  saw,
  say,
  standing,
} from '../author';
import { jumpsLater } from '../shared/door';

const chairOrBarre = kit('chair', 'person', { barre: 'a barre' });

export const flickStep: Exercise = exercise({
  id: 'flick-step',
  name: say('Flick step, foot to foot', 'Rapid alternating step and flick'),
  family: 'gait',
  purpose: 'Quick change of weight to a count of eight, the free foot flicks: timing for feet that land.',
  stage: 'integrated',
  directions: ['ankle-down', 'ankle-up'],
  faults: [
    fault('the count runs away', 'front', 'Say the eight aloud and end on it.'),
    fault('heavy stamping', 'front', 'Under the sound of the music.'),
  ],
  cautions: [care('sore-achilles', 'leave-out', 'Easy stepping instead.')],
  cues: cues(
    'Space around you, soft knees.',
    'Change, flick, change, flick, and stand on eight.',
    'A match struck, and struck again.',
    'Smaller, on the beat.',
  ),
  foundBy: ['flick', 'step dance', 'timing', 'quick', 'count', 'reaction'],
  performance: performance({
    facing: 'centre',
    sidePattern: 'alternate',
    kit: [chairOrBarre],
    footwear: 'any',
    phases: [
      phase('change and flick', 1, foot(standing, { knee: 'soft' }), {
        other: foot(offTheFloor, { ankle: 'down', toes: 'long' }),
      }),
    ],
    regions: { calf: 2, shin: 1 },
    balance: { working: 2, standing: 2 },
    floorsRuledOut: ['tile', 'outdoors'],
    impactsPerRep: 1,
  }),
  doses: range(counts(2, 8, 96), counts(4, 8, 104), counts(8, 8, 120)),
  ladder: ladder(
    'held',
    rung(
      'held',
      'slow, both hands on the barre or chair, no spring',
      { speed: 'slow', support: 'both hands' },
      range(counts(2, 8, 80), counts(4, 8, 80), counts(8, 8, 80)),
      saw('Ends on eight, both feet leading once.'),
      {
        change: {
          facing: 'support',
          impactsPerRep: 0,
          regions: { calf: 1, shin: 1 },
          balance: { working: 1, standing: 1 },
        },
      },
    ),
    rung(
      'slow',
      'slow, hands free',
      { speed: 'slow', support: 'none' },
      range(counts(2, 8, 80), counts(4, 8, 96), counts(8, 8, 96)),
      saw('Ends on eight every time, landings that nobody hears, both feet leading.', 2),
      { door: jumpsLater },
    ),
    rung(
      'quick',
      'at dance speed',
      { speed: 'quick', support: 'none' },
      range(counts(2, 8, 104), counts(4, 8, 116), counts(8, 8, 132)),
      null,
    ),
  ),
  levelWords: {
    held: {
      setup: 'Both hands on the barre or the chair, soft knees.',
      action: 'Change feet without a spring, flick, change, flick, and stand on eight.',
    },
    slow: { setup: 'The chair in reach, space around you, soft knees.' },
    quick: {
      setup: 'The chair in reach, space around you, soft knees.',
      action: 'Change, flick, change, flick, light and close to the floor, and stand on eight.',
    },
  },
});
