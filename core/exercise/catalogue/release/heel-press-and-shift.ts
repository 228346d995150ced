import type { Exercise } from '../../exercise';
import { care, cues, exercise, fault, performance, phase, range, say, stops } from '../author';
import { type Lent, ballLevels, ballUnder, firm, lentStanding, wall } from '../shared/release';

const phases = ({ on, other, percent }: Lent) => [
  phase('sink in', 2, ballUnder('heel', on), {
    other,
    breath: 'out',
    body: 'sinks',
    bodyWeightPercent: Math.min(percent, 30),
    shiftCm: 2,
  }),
];
const doses = range(stops(4, 2, 2), stops(6, 2, 2), stops(10, 2, 2));

export const heelPressAndShift: Exercise = exercise({
  id: 'heel-press-and-shift',
  name: say('Heel on the ball, press and shift', 'Calcaneal pad pressure'),
  family: 'release',
  purpose: 'Covers the heel pad in small steps of about two centimetres.',
  stage: 'passive',
  directions: [],
  faults: [
    fault('the hips drop onto the ball at once', 'front', 'A third of your weight, then a little more.'),
    fault('only the middle is pressed', 'inner side', 'Rim as well: inner, back, outer.'),
  ],
  cautions: [care('morning-heel-pain', 'go-gently', 'Light only, and never on a heel that hurts at rest.')],
  cues: cues(
    'Side to the wall, a hand on it, ball under one heel, toes on the floor.',
    'Sink in, wait, ease, shift two centimetres.',
    'Stamping a row of postmarks, quite softly.',
    'Less weight, more places.',
    'Out as you sink, in as you ease.',
  ),
  foundBy: ['heel', 'ball', 'press', 'release', 'heel pad'],
  schools: { rolling: 'lean-and-shift' },
  performance: performance({
    facing: 'support',
    sidePattern: 'each',
    kit: [firm, wall],
    phases: phases(lentStanding),
    regions: { 'plantar-tissue': 2 },
    balance: { working: 0, standing: 1 },
  }),
  doses,
  ladder: ballLevels(phases, firm, doses),
  levelWords: {
    seated: { setup: 'Sit, ball under one heel, toes on the floor.' },
    'standing-light': { setup: 'Side to the wall, a hand on it, ball under one heel, little weight on it.' },
  },
});
