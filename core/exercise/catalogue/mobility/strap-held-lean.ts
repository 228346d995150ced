import type { Exercise } from '../../exercise';
import {
  care,
  cleanHold,
  cues,
  exercise,
  fault,
  foot,
  holds,
  kit,
  ladder,
  performance,
  phase,
  range,
  rung,
  say,
  standing,
} from '../author';

const doses = range(holds(2, 5, 5), holds(3, 10, 5), holds(5, 15, 5));

export const strapHeldLean: Exercise = exercise({
  id: 'strap-held-lean',
  name: say('Lean forward, held by a band', 'Assisted forward lean'),
  family: 'mobility',
  purpose: 'A band from behind the shoulders holds you while the whole body leans over the toes.',
  stage: 'loaded',
  directions: ['ankle-up', 'toes-curl'],
  faults: [
    fault('bending at the hips', 'outer side', 'One line from heel to ear.'),
    fault('the band hangs slack', 'outer side', 'It carries you all the time; do not go free.'),
  ],
  cautions: [
    care('falls-or-faints', 'hold-at-rung', 'Both hands on the wall all the time.'),
    care('brittle-bones', 'hold-at-rung', 'Both hands on the wall all the time.'),
  ],
  cues: cues(
    'Band fixed behind you at shoulder height, tried with a hard pull, and round both shoulders.',
    'Lean into the band, heels heavy, toes long and pressing. Stay, and come back.',
    'A plank leans against a rope.',
    'Less lean, straighter line.',
  ),
  foundBy: ['lean', 'band', 'forward', 'toes', 'ankle', 'stand'],
  performance: performance({
    facing: 'centre',
    kit: [
      kit('long-loop', 'person', { wall: 'hands on the wall all the time: they hold you instead of the band' }),
      kit('anchor', 'room', { wall: 'no anchor: hands on the wall instead of the band' }),
    ],
    setup: 'fiddly',
    phases: [
      phase(
        'lean',
        10,
        foot(standing, {
          ankle: 'up',
          knee: 'locked',
          contacts: { bigToe: ['press', 'floor'], smallToes: ['press', 'floor'] },
        }),
        { effort: true },
      ),
    ],
    regions: { 'deep-calf': 1, 'toe-flexors': 2, calf: 1 },
    balance: { working: 2, standing: 0 },
  }),
  doses,
  ladder: ladder(
    'wall',
    rung(
      'wall',
      'hands on the wall all the time',
      { support: 'both hands', lever: 'small lean' },
      doses,
      cleanHold(10, '10 s in one line, heels heavy, both feet.'),
      {
        change: {
          facing: 'support',
          kit: [kit('wall', 'room', { barre: 'hands on a barre' })],
          setup: 'plain',
          balance: { working: 1, standing: 0 },
        },
      },
    ),
    rung(
      'band-small',
      'held by the band, a small lean',
      { support: 'band behind the shoulders', lever: 'small lean' },
      doses,
      cleanHold(10, '10 s in one line, the band carrying all the time, both feet.'),
    ),
    rung(
      'band-far',
      'held by the band, as far as the line holds',
      { support: 'band behind the shoulders', lever: 'far lean' },
      doses,
      null,
      {
        change: { regions: { 'deep-calf': 2, 'toe-flexors': 3, calf: 2 } },
      },
    ),
  ),
  levelWords: {
    wall: {
      setup: 'Both hands on the wall, a step back from it, feet under your hips.',
      action: 'Lean the whole body towards the wall, heels heavy, toes long and pressing. Stay, and come back.',
      correction: 'Less lean, straighter line.',
    },
    'band-small': { action: 'Lean a hand’s width into the band, heels heavy, toes long and pressing. Come back.' },
  },
});
