import type { Exercise } from '../../exercise';
import {
  cues,
  exercise,
  fault,
  foot,
  hanging,
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
import { ballUnder, wall } from '../shared/release';

const ball = kit('soft-ball', 'person', { 'firm-ball': 'presses more', roller: 'rolls straight and stays put' });
const doses = range(passes(5, 5), passes(8, 5), passes(15, 5));
const inTheHand = (at: 'ball of the foot' | 'heel') =>
  foot(hanging, {
    hands: [at],
    contacts: at === 'heel' ? { heel: ['rest', 'ball'] } : { innerBall: ['rest', 'ball'] },
  });

export const ballUnderTheDesk: Exercise = exercise({
  id: 'ball-under-the-desk',
  name: say('Roll a ball while seated', 'Seated plantar rolling'),
  family: 'release',
  purpose: 'The same slow roll without body weight: at a desk, on a train, or for anyone who cannot stand.',
  stage: 'passive',
  directions: ['toes-spread'],
  faults: [
    fault('quick to and fro', 'front', 'One slow pass is worth ten fast ones.'),
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
    kit: [ball, kit('chair', 'person', { mat: 'on the floor with the knee bent' })],
    phases: [
      phase('ball under the front', 1, ballUnder('innerBall', seatedFlat), { other: restsFlat, bodyWeightPercent: 5 }),
      phase('to the heel', 4, ballUnder('heel', seatedFlat), { other: restsFlat, bodyWeightPercent: 5 }),
    ],
    regions: { 'plantar-tissue': 1 },
  }),
  doses,
  ladder: ladder(
    'seated',
    rung(
      'hand-rolls',
      'foot up on the knee, the hand rolls the ball',
      { 'hand-help': 'hand rolls', base: 'seated' },
      range(passes(5, 5), passes(8, 5), passes(10, 5)),
      saw('The foot lies loose in the hand over the whole sole, both feet.'),
      {
        change: {
          phases: [
            phase('ball at the front', 1, inTheHand('ball of the foot'), { other: restsFlat, picture: 'ankle-side' }),
            phase('to the heel', 4, inTheHand('heel'), { other: restsFlat, picture: 'ankle-side' }),
          ],
        },
      },
    ),
    rung(
      'seated',
      'seated, the foot rolls it on the floor',
      { 'hand-help': 'none', base: 'seated' },
      doses,
      saw('Whole sole, slowly, nothing above three of ten, both feet.'),
    ),
    rung(
      'standing',
      'standing, hand on the wall, a third of the weight',
      { 'hand-help': 'none', base: 'one foot lends weight' },
      range(passes(5, 5), passes(8, 5), passes(10, 5)),
      null,
      {
        change: {
          position: 'standing',
          facing: 'support',
          kit: [kit('soft-ball', 'person', { roller: 'rolls straight and stays put' }), wall],
          phases: [
            phase('ball under the front', 1, ballUnder('innerBall', standing), {
              other: stands,
              bodyWeightPercent: 35,
            }),
            phase('to the heel', 4, ballUnder('heel', standing), { other: stands, bodyWeightPercent: 35 }),
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
    standing: { setup: 'A hand on the wall, ball under the front of one foot, a third of your weight on it.' },
  },
});
