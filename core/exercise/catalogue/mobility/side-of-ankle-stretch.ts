import type { Exercise } from '../../exercise';
import { care, cues, exercise, fault, foot, kit, performance, phase, range, reps, say, stands } from '../author';
import { pad, topOfFoot } from '../shared/ankle-stretch';

export const sideOfAnkleStretch: Exercise = exercise({
  id: 'side-of-ankle-stretch',
  name: say('Side of the ankle, foot behind', 'Lateral and medial ankle stretch'),
  family: 'mobility',
  purpose: 'From the top-of-foot stretch the heel drifts a little to each side and stretches the side line.',
  stage: 'passive',
  directions: ['turn-in', 'turn-out'],
  faults: [
    fault('the knee swings instead of the heel', 'behind', 'Knee forward; only the heel drifts.'),
    fault('the toes lie on the bare floor', 'above', 'Pad first, then less weight.'),
  ],
  cautions: [care('recent-injury', 'leave-out', 'Not on an ankle that was sprained lately; ask a clinician.')],
  cues: cues(
    'Stand with one foot behind, tops of the toes on the pad, hand on the chair.',
    'Let the heel drift out, wait; let it drift in, wait.',
    'A gate that swings a hand’s width each way.',
    'Gentler; the line, not the joint.',
  ),
  foundBy: ['side of ankle', 'stretch', 'outer ankle', 'sprain', 'drift'],
  performance: performance({
    situations: ['end-range-point'],
    facing: 'support',
    sidePattern: 'each',
    kit: [kit('chair', 'person', { wall: 'a hand on the wall' }), pad],
    floor: 'padded',
    phases: [
      phase('heel drifts out', 8, foot(topOfFoot, { ankle: 'turned-in', edge: 'outer', knee: 'soft' }), {
        other: stands,
        picture: 'ankle-front',
        undo: 'heel drifts in',
      }),
      phase('heel drifts in', 8, foot(topOfFoot, { ankle: 'turned-out', edge: 'inner', knee: 'soft' }), {
        other: stands,
        picture: 'ankle-front',
        undo: 'heel drifts out',
      }),
    ],
    regions: { 'outer-ankle': 1, 'inner-ankle': 1, shin: 1 },
    balance: { working: 0, standing: 1 },
  }),
  doses: range(reps(1), reps(3), reps(4), 'usual practice'),
  preparedBy: ['top-of-foot-stretch'],
});
