import type { Exercise } from '../../exercise';
import {
  cues,
  exercise,
  fault,
  foot,
  kit,
  ladder,
  passes,
  performance,
  phase,
  range,
  restsFlat,
  rung,
  saw,
  say,
  seatedFlat,
  standing,
  stands,
} from '../author';
import { wall } from '../shared/sole-pressure';

const seatedOnBall = foot(seatedFlat, {
  contacts: {
    heel: ['rest', 'floor'],
    innerBall: ['rest', 'ball'],
    outerBall: ['rest', 'ball'],
    bigToe: ['hang', 'air'],
    smallToes: ['hang', 'air'],
  },
  toes: 'relaxed',
  weightLine: 'none',
});

export const ballUnderTheDesk: Exercise = exercise({
  id: 'ball-under-the-desk',
  name: say('Roll a ball while seated', 'Seated plantar rolling'),
  family: 'release',
  purpose: 'The same slow roll without body weight: at a desk, on a ferry, or for anyone who cannot stand.',
  stage: 'passive',
  directions: ['toes-spread'],
  faults: [
    fault('quick and absent-minded', 'front', 'One slow pass is worth ten fast ones.'),
    fault('the ball runs away', 'front', 'Lighter at the ends, and lift to start again.'),
  ],
  cues: cues(
    'Sit, shoe off, ball under the front of one foot.',
    'Draw it slowly to the heel, lift, and begin again in a new lane.',
    'Ironing a ribbon.',
    'Slower.',
  ),
  foundBy: ['desk', 'seated', 'roll', 'ball', 'office', 'travel', 'release'],
  schools: { rolling: 'sweeps' },
  performance: performance({
    position: 'chair-seated',
    sidePattern: 'each',
    kit: [
      kit('soft-ball', 'person', { 'firm-ball': 'presses more', roller: 'rolls straight and stays put' }),
      kit('chair', 'person', { mat: 'on the floor with the knee bent' }),
    ],
    phases: [
      phase('sweep to the heel', 6, seatedOnBall, { other: restsFlat, picture: 'ankle-side', bodyWeightPercent: 5 }),
    ],
    regions: { 'plantar-tissue': 1 },
  }),
  doses: range(passes(5, 6), passes(8, 6), passes(15, 6)),
  ladder: ladder(
    'seated',
    rung(
      'hand-rolls',
      'foot up on the knee, the hand rolls the ball',
      { 'hand-help': 'hand rolls', base: 'seated' },
      range(passes(5, 6), passes(8, 6), passes(10, 6)),
      saw('Comfortable over the whole sole, both feet.'),
      {
        change: {
          phases: [
            phase('sweep to the heel', 6, foot(seatedOnBall, { contacts: { heel: ['hang', 'air'] } }), {
              other: restsFlat,
              picture: 'ankle-side',
            }),
          ],
        },
      },
    ),
    rung(
      'seated',
      'seated, the foot rolls it on the floor',
      { 'hand-help': 'none', base: 'seated' },
      range(passes(5, 6), passes(8, 6), passes(15, 6)),
      saw('Whole sole, slowly, nothing worse than three of ten, both feet.'),
    ),
    rung(
      'standing',
      'standing, hand on the wall, a third of the weight',
      { 'hand-help': 'none', base: 'one foot lends weight' },
      range(passes(5, 6), passes(8, 6), passes(10, 6)),
      null,
      {
        change: {
          position: 'standing',
          facing: 'support',
          kit: [kit('soft-ball', 'person', { roller: 'rolls straight and stays put' }), wall],
          phases: [
            phase(
              'sweep to the heel',
              6,
              foot(standing, {
                contacts: {
                  heel: ['rest', 'floor'],
                  innerBall: ['press', 'ball'],
                  outerBall: ['press', 'ball'],
                  bigToe: ['hang', 'air'],
                  smallToes: ['hang', 'air'],
                },
                toes: 'relaxed',
                weightLine: 'even',
              }),
              { other: stands, bodyWeightPercent: 35 },
            ),
          ],
          regions: { 'plantar-tissue': 2 },
          balance: { working: 0, standing: 1 },
        },
      },
    ),
  ),
  levelWords: {
    'hand-rolls': {
      setup: 'Sit, one ankle over the other knee, the ball in your hand.',
      action: 'Roll it slowly from the front of the foot to the heel, lane by lane.',
    },
    standing: { setup: 'Hand on the wall, ball under the front of one foot, a third of your weight on it.' },
  },
});
