import type { Exercise } from '../../exercise';
import {
  care,
  cleanReps,
  cues,
  exercise,
  fault,
  foot,
  kit,
  ladder,
  offTheFloor,
  onTheBall,
  performance,
  phase,
  range,
  reps,
  rung,
  say,
  standing,
} from '../author';
import { down, toesRight, wall, floorRise } from '../shared/rise';

const slopeDown = foot(standing, {
  knee: 'locked',
  ankle: 'up',
  contacts: {
    heel: ['press', 'slope'],
    innerBall: ['press', 'slope'],
    outerBall: ['press', 'slope'],
    bigToe: ['rest', 'slope'],
    smallToes: ['rest', 'slope'],
  },
});

const slopeUp = foot(onTheBall, {
  contacts: {
    innerBall: ['press', 'slope'],
    outerBall: ['press', 'slope'],
    bigToe: ['rest', 'slope'],
    smallToes: ['rest', 'slope'],
  },
});

export const inclineRise: Exercise = exercise({
  id: 'incline-rise',
  name: say('Rise on a slope', 'Heel raise on an incline'),
  family: 'strength',
  purpose: 'Toes uphill: the calf starts long and works from there.',
  stage: 'loaded',
  directions: ['ankle-down', 'ankle-up'],
  faults: [toesRight, fault('hurried, with a bounce at the bottom', 'outer side', 'Wait at the bottom; no bounce.')],
  cautions: [
    care('sore-achilles', 'hold-at-rung', 'On the flat floor while the tendon is sore; a growing ache ends it.'),
  ],
  cues: cues(
    'On the slope, toes uphill, hand on the wall.',
    'Rise slowly, lower more slowly, and wait at the bottom.',
    'A lift that pauses before each floor.',
    'Slower at the bottom.',
  ),
  foundBy: ['slope', 'incline', 'wedge', 'rise', 'calf', 'slant'],
  performance: performance({
    facing: 'support',
    kit: [kit('slope', 'person', { block: 'balls of the feet on a low block, heels on the floor' }), wall],
    setup: 'props',
    phases: [
      phase('rise', 2, slopeUp, { undo: 'lower', effort: true, body: 'rises' }),
      phase('lower', 3, slopeDown, { undo: 'rise', effort: false, body: 'sinks' }),
    ],
    regions: { calf: 3, 'deep-calf': 1 },
    balance: { working: 1, standing: 0 },
  }),
  doses: range(reps(5), reps(8), reps(15)),
  ladder: ladder(
    'flat',
    rung('flat', 'flat floor', { surface: 'floor', base: 'two feet' }, floorRise.doses, floorRise.gate, {
      change: {
        kit: [wall],
        setup: 'plain',
        phases: [
          phase('rise', 2, onTheBall, { undo: 'lower', effort: true, body: 'rises' }),
          phase('lower', 3, down, { undo: 'rise', effort: false, body: 'sinks' }),
        ],
        regions: floorRise.regions,
      },
    }),
    rung(
      'slope',
      'slope, two feet',
      { surface: 'slope', base: 'two feet' },
      range(reps(5), reps(8), reps(15)),
      cleanReps(8, '8 without a bounce, both feet.'),
    ),
    rung(
      'slope-one',
      'slope, one foot',
      { surface: 'slope', base: 'one foot' },
      range(reps(3), reps(5), reps(10)),
      null,
      {
        change: {
          sidePattern: 'each',
          balance: { working: 2, standing: 1 },
          phases: [
            phase('rise', 2, slopeUp, { other: offTheFloor, undo: 'lower', effort: true, body: 'rises' }),
            phase('lower', 3, slopeDown, { other: offTheFloor, undo: 'rise', effort: false, body: 'sinks' }),
          ],
        },
      },
    ),
  ),
  levelWords: {
    flat: { setup: 'Hand on the wall, feet parallel.', action: 'Rise slowly, lower more slowly.' },
    'slope-one': { setup: 'On the slope, toes uphill, hand on the wall, one foot off.' },
  },
});
