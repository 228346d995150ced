import type { Exercise } from '../../exercise';
import {
  care,
  cues,
  exercise,
  fault,
  foot,
  kit,
  ladder,
  performance,
  phase,
  range,
  rung,
  saw,
  say,
  seatedFlat,
  standing,
  timed,
} from '../author';

export const spacerWear: Exercise = exercise({
  id: 'toe-spacer-wear',
  name: say('Wear toe spacers', 'Sustained passive toe abduction'),
  family: 'release',
  purpose: 'Keeps the toes apart while something else is done, mostly at home in the evening.',
  stage: 'passive',
  directions: ['toes-spread'],
  faults: [
    fault('toes turn pale or blue', 'above', 'Take them out. Shorter next time.'),
    fault('a hand keeps going down to the toes', 'front', 'That is a complaint: out they come.'),
  ],
  cautions: [care('numb-or-diabetic-feet', 'leave-out', 'No spacers on feet with little feeling.')],
  cues: cues(
    'Clean dry feet. One soft spacer in each gap.',
    'Sit, read, or stand about. Take them out before they bother you.',
    'A window left ajar: it does nothing, and the room airs.',
    'A few minutes are enough to begin.',
  ),
  foundBy: ['spacer', 'separators', 'toes', 'home', 'bunion', 'evening'],
  performance: performance({
    situations: ['between-the-toes'],
    position: 'chair-seated',
    setup: 'fiddly',
    kit: [kit('toe-spacers', 'person', { cloth: 'a strip of cloth woven between the toes' })],
    floorsRuledOut: [],
    phases: [phase('wear', 120, foot(seatedFlat, { toes: 'spread' }))],
    regions: {},
  }),
  doses: range(timed(60), timed(300), timed(1800), 'usual practice'),
  ladder: ladder(
    'short',
    rung(
      'short',
      'a few minutes, seated',
      { weeks: 'first week', base: 'seated' },
      range(timed(60), timed(300), timed(600)),
      saw('Five minutes, and the toes keep their colour, both feet.'),
    ),
    rung(
      'evening',
      'up to half an hour, seated',
      { weeks: 'from the second week', base: 'seated' },
      range(timed(300), timed(900), timed(1800), 'usual practice'),
      saw('A quarter of an hour, no pale toes, no pain next day, both feet.', 2),
    ),
    rung(
      'moving',
      'worn during toe and balance work',
      { weeks: 'from the second week', base: 'hip width' },
      range(timed(60), timed(300), timed(600)),
      null,
      {
        change: {
          position: 'standing',
          phases: [phase('stand', 120, foot(standing, { toes: 'spread' }))],
          footwear: 'bare',
        },
      },
    ),
  ),
  levelWords: {
    evening: {
      setup: 'Clean dry feet, one soft spacer in each gap, seated for the evening.',
      action: 'Read or talk on. Out they come at the first complaint, or when you get up.',
    },

    moving: {
      setup: 'Clean dry feet, one soft spacer in each gap. Stand up slowly.',
      action: 'Go on with the toe and balance work. Take them out before they bother you.',
    },
  },
});
