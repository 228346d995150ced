import type { Exercise } from '../../exercise';
import {
  cleanReps,
  cues,
  exercise,
  fault,
  kit,
  ladder,
  performance,
  phase,
  range,
  reps,
  rung,
  saw,
  say,
} from '../author';
import { landing } from '../shared/squat-lunge';
import { jumpsNext } from '../shared/door';

const inReach = kit('chair', 'person', { barre: 'a barre', wall: 'hands on the wall' });
const line = kit('stick', 'person', { strap: 'a strap laid out flat is safer underfoot' });
/** Per way: to one side and to the other, front and back, either foot in front, either turn. */
const ways = (n: number) => reps(n, { per: { directions: 2 } });
const doses = range(ways(4), ways(6), ways(8));

export const jumpsAllWays: Exercise = exercise({
  id: 'small-jumps-all-ways',
  name: say('Small jumps: side, front, back, split, turn', 'Multi-directional low-amplitude jumps'),
  family: 'impact',
  purpose: 'The same soft small jump, now travelling a hand’s width each way. Only after jumping on the spot is quiet.',
  stage: 'integrated',
  directions: ['ankle-down', 'ankle-up'],
  faults: [
    fault('jumps grow', 'front', 'A hand’s width, no more.'),
    fault('knees fall together', 'front', 'Knees over second toes at every landing.'),
    fault('loud landings', 'front', 'Under the music.'),
  ],
  cues: cues(
    'Space all round, the chair in reach, soft knees, thin stick on the floor.',
    'Small jumps over the line: side, back, front, back. Then split, then a quarter turn.',
    'A typist’s fingers, quick and light.',
    'Smaller, quieter.',
  ),
  foundBy: ['jump', 'side', 'hop', 'landing', 'quick', 'impact'],
  performance: performance({
    facing: 'centre',
    kit: [line, inReach],
    footwear: 'any',
    floorsRuledOut: ['tile', 'outdoors'],
    phases: [phase('land and go', 1, landing)],
    regions: { calf: 3, 'deep-calf': 2, 'plantar-tissue': 2 },
    balance: { working: 2, standing: 0 },
    impactsPerRep: 1,
  }),
  doses,
  ladder: ladder(
    'held',
    rung(
      'held',
      'side to side, hands on the barre or chair',
      { support: 'both hands', amount: 'side to side' },
      range(ways(4), ways(6), ways(8)),
      saw('Both feet land together and nobody hears it.', 2),
      {
        change: { facing: 'support', kit: [inReach, line] },
        door: jumpsNext,
      },
    ),
    rung(
      'side',
      'side to side, hands free',
      { support: 'none', amount: 'side to side' },
      range(ways(4), ways(6), ways(8)),
      cleanReps(6, '6 each way that nobody hears; no pain during or next morning.'),
    ),
    rung(
      'front-back',
      'front and back, hands free',
      { support: 'none', amount: 'front and back' },
      range(ways(4), ways(6), ways(8)),
      cleanReps(6, '6 each way that nobody hears; no pain during or next morning.'),
    ),
    rung(
      'split',
      'split landings',
      { support: 'none', amount: 'split' },
      range(ways(4), ways(6), ways(8)),
      cleanReps(6, '6 with each foot in front, none of them heard; no pain next morning.'),
    ),
    rung(
      'turn',
      'quarter turns over the line',
      { support: 'none', amount: 'turn' },
      range(ways(2), ways(4), ways(8)),
      null,
    ),
  ),
  preparedBy: ['small-jumps'],
  levelWords: {
    held: {
      setup: 'Hands on the chair or barre, soft knees, the stick on the floor beside you.',
      action: 'Small jumps over the line, side to side.',
    },
    side: { action: 'Small jumps over the line, side to side.' },
    'front-back': { action: 'Small jumps over the line, front and back.' },
    split: { action: 'Small jumps that land with one foot in front, then with the other.' },
    turn: { action: 'Small jumps over the line, each with a quarter turn, one way and the other.' },
  },
});
