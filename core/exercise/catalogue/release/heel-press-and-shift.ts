import type { Exercise } from '../../exercise';
import { care, cues, exercise, fault, foot, performance, phase, range, say, standing, stands, stops } from '../author';
import { firm, wall } from '../shared/sole-pressure';

const heelOnBall = foot(standing, {
  contacts: {
    heel: ['press', 'ball'],
    innerBall: ['rest', 'floor'],
    outerBall: ['rest', 'floor'],
  },
  toes: 'relaxed',
  heelHeightCm: 4,
  weightLine: 'even',
});

export const heelPressAndShift: Exercise = exercise({
  id: 'heel-press-and-shift',
  name: say('Heel on the ball, press and shift', 'Calcaneal pad pressure'),
  family: 'release',
  purpose: 'Covers the heel pad in small steps of about two centimetres.',
  stage: 'passive',
  directions: [],
  faults: [
    fault('all the weight drops on the ball at once', 'front', 'A third of your weight, then a little more.'),
    fault('only the middle is pressed', 'above', 'Rim as well: inner, back, outer.'),
  ],
  cautions: [care('morning-heel-pain', 'go-gently', 'Light only, and never on a heel that hurts at rest.')],
  cues: cues(
    'Hand on the wall, ball under one heel, toes on the floor.',
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
    phases: [
      phase('sink in', 2, heelOnBall, {
        other: stands,
        breath: 'out',
        body: 'sinks',
        bodyWeightPercent: 30,
        shiftCm: 2,
      }),
    ],
    regions: { 'plantar-tissue': 2 },
    balance: { working: 0, standing: 1 },
  }),
  doses: range(stops(4, 2, 2), stops(6, 2, 2), stops(10, 2, 2)),
});
