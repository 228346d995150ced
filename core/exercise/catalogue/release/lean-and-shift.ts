import type { Exercise } from '../../exercise';
import { exercise, kit, performance, phase, range, say, stands, stops } from '../author';
import { ballUnder, softBallInstead } from '../shared/release';

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
    setup: say('Ball under the ball of the foot, heel on the floor, hand on the wall.'),
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
    kit: [
      kit('firm-ball', 'person', softBallInstead),
      kit('wall', 'room', { chair: 'a chair back steadies less than a wall' }),
    ],
    phases: [
      phase('lean', 2, ballUnder('innerBall'), { other: stands, breath: 'out', shiftCm: 0.5, bodyWeightPercent: 40 }),
    ],
    regions: { 'plantar-tissue': 2, calf: 1 },
    balance: { working: 0, standing: 1 },
  }),
  doses: range(stops(5, 2, 2), stops(10, 2, 2), stops(15, 2, 2)),
});
