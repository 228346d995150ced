import type { Exercise } from '../../exercise';
import {
  exercise,
  foot,
  ladder,
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
  stops,
} from '../author';
import { ballUnder, chair, firm, wall } from '../shared/release';

const lean = (percent: number) =>
  phase('lean', 2, foot(ballUnder('innerBall', standing), { ankle: 'up' }), {
    other: stands,
    breath: 'out',
    shiftCm: 0.5,
    bodyWeightPercent: percent,
  });
const doses = range(stops(5, 2, 2), stops(10, 2, 2), stops(15, 2, 2), 'usual practice');

export const leanAndShift: Exercise = exercise({
  id: 'lean-and-shift',
  name: say('Lean and shift under the ball of the foot', 'Metatarsal pad pressure with lean'),
  family: 'release',
  purpose: 'Short leans over a ball under the front of the foot, moving half a centimetre each time.',
  stage: 'passive',
  directions: ['ankle-up'],
  faults: [
    { seen: 'heel comes off the floor', from: 'outer side', say: 'Heel down first, then lean.' },
    { seen: 'the lean comes from the back', from: 'outer side', say: 'Let the hips go forward.' },
  ],
  cues: {
    setup: say('Ball under the front of one foot, heel on the floor, a hand on the wall.'),
    action: say('Lean in, wait, ease off, shift half a centimetre, lean again.'),
    breath: say('Out as you lean, in as you ease.'),
    picture: say('You are pressing seeds into a flower box, one after another.'),
    correction: say('Stay below pain; less hip.'),
  },
  foundBy: ['ball', 'front of foot', 'press', 'calf', 'release'],
  schools: { rolling: 'lean-and-shift' },
  performance: performance({
    facing: 'support',
    sidePattern: 'each',
    kit: [firm, wall],
    phases: [lean(40)],
    regions: { 'plantar-tissue': 2, calf: 1 },
    balance: { working: 0, standing: 1 },
  }),
  doses,
  ladder: ladder(
    'less-lean',
    rung(
      'seated',
      'seated, the hand presses the knee down',
      { base: 'seated', lever: 'no body weight' },
      range(stops(5, 2, 2), stops(10, 2, 2), stops(15, 2, 2)),
      saw('Heel down, face soft, nothing above three of ten, both feet.'),
      {
        change: {
          position: 'chair-seated',
          facing: 'any',
          kit: [firm, chair],
          phases: [
            phase('press', 2, foot(ballUnder('innerBall', seatedFlat), { ankle: 'up' }), {
              other: restsFlat,
              breath: 'out',
              shiftCm: 0.5,
              bodyWeightPercent: 5,
            }),
          ],
          regions: { 'plantar-tissue': 1 },
          balance: { working: 0, standing: 0 },
        },
      },
    ),
    rung(
      'less-lean',
      'standing, hips over the heel',
      { base: 'split', lever: 'little lean' },
      doses,
      saw('The heel stays down and nothing is above three of ten, both feet.'),
      { why: 'Standing up lends weight at the same moment.', change: { phases: [lean(25)] } },
    ),
    rung('more-lean', 'standing, hips forward', { base: 'split', lever: 'more lean' }, doses, null),
  ),
  levelWords: {
    seated: {
      setup: 'Sit, ball under the front of one foot, heel on the floor, a hand on that knee.',
      action: 'Press the knee down, wait, ease off, shift half a centimetre, press again.',
      breath: 'Out as you press, in as you ease.',
    },
    'less-lean': { action: 'Lean in a little, hips over the heel. Wait, ease off, shift half a centimetre.' },
  },
});
