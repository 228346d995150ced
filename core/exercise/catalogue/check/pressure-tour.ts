import type { Exercise } from '../../exercise';
import {
  cues,
  exercise,
  fault,
  foot,
  ladder,
  offTheFloor,
  performance,
  phase,
  range,
  reps,
  rung,
  saw,
  say,
  standing,
} from '../author';
import { chair, chairBack } from '../shared/arch-work';

export const pressureTour: Exercise = exercise({
  id: 'pressure-tour',
  name: say('Tour of the sole by pressure', 'Selective plantar loading'),
  family: 'check',
  purpose: 'Presses six places in turn: toe tips, toe roots, inner edge, outer edge, arch, heel.',
  stage: 'active',
  directions: ['turn-in', 'turn-out'],
  faults: [
    fault('the whole body tips to reach a place', 'front', 'The foot looks for it, the body stays.'),
    fault('toes curl at every place', 'above', 'Only the toe tips are allowed to.'),
  ],
  cues: cues(
    'Stand easily, feet under your hips.',
    'Lend weight to each place in turn, and name it as you go.',
    'A torch beam wanders over a map.',
    'Smaller; inner edge and outer edge get the same time.',
  ),
  foundBy: ['sole', 'pressure', 'awareness', 'weight', 'edges', 'feel'],
  performance: performance({
    phases: [
      phase(
        'toe tips',
        5,
        foot(standing, {
          contacts: { heel: ['rest', 'floor'], bigToe: ['press', 'floor'], smallToes: ['press', 'floor'] },
          toes: 'curled',
        }),
      ),
      phase('toe roots', 5, foot(standing, { contacts: { heel: ['rest', 'floor'] } })),
      phase(
        'inner edge',
        5,
        foot(standing, {
          contacts: { outerBall: ['rest', 'floor'] },
          edge: 'inner',
          ankle: 'turned-out',
          weightLine: 'first-toe',
        }),
      ),
      phase(
        'outer edge',
        5,
        foot(standing, {
          contacts: { innerBall: ['rest', 'floor'] },
          edge: 'outer',
          ankle: 'turned-in',
          weightLine: 'even',
        }),
      ),
      phase('arch', 5, foot(standing, { midfoot: 'let-down' })),
      phase(
        'heel',
        5,
        foot(standing, {
          contacts: { innerBall: ['rest', 'floor'], outerBall: ['rest', 'floor'] },
          weightLine: 'even',
        }),
      ),
    ],
    regions: { 'arch-intrinsics': 1 },
    balance: { working: 1, standing: 0 },
  }),
  doses: range(reps(1), reps(1), reps(2)),
  ladder: ladder(
    'standing',
    rung(
      'seated',
      'seated, one zone at a time',
      { base: 'seated' },
      range(reps(1), reps(1), reps(2)),
      saw('Every place can be found and named, both feet.'),
      {
        change: { position: 'chair-seated', kit: [chair], balance: { working: 0, standing: 0 } },
      },
    ),
    rung(
      'standing',
      'standing, one zone at a time',
      { base: 'hip width' },
      range(reps(1), reps(1), reps(2)),
      saw('Each place without tipping over, both feet.'),
    ),
    rung(
      'one-foot',
      'standing on one foot, fingertips on a chair',
      { base: 'one foot' },
      range(reps(1), reps(1), reps(2)),
      null,
      {
        change: {
          sidePattern: 'each',
          facing: 'support',
          kit: [chairBack],
          balance: { working: 2, standing: 0 },
          phases: [
            phase(
              'inner edge',
              10,
              foot(standing, {
                contacts: { outerBall: ['rest', 'floor'] },
                edge: 'inner',
                ankle: 'turned-out',
                weightLine: 'first-toe',
              }),
              { other: offTheFloor },
            ),
            phase(
              'outer edge',
              10,
              foot(standing, {
                contacts: { innerBall: ['rest', 'floor'] },
                edge: 'outer',
                ankle: 'turned-in',
                weightLine: 'even',
              }),
              { other: offTheFloor },
            ),
            phase(
              'heel',
              10,
              foot(standing, {
                contacts: { innerBall: ['rest', 'floor'], outerBall: ['rest', 'floor'] },
                weightLine: 'even',
              }),
              { other: offTheFloor },
            ),
          ],
        },
      },
    ),
  ),
  levelWords: {
    seated: { setup: 'Sit, both feet flat.' },
    'one-foot': {
      setup: 'Fingertips on the chair, weight on one foot.',
      action: 'Inner edge, outer edge, heel: lend weight to each in turn, and name it.',
    },
  },
});
