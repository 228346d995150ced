import type { Exercise } from '../../exercise';
import { care, cues, exercise, fault, foot, kit, performance, phase, range, reps, say, stands } from '../author';
import { bent, soft } from '../shared/unsteady';

export const beamSquat: Exercise = exercise({
  id: 'beam-squat',
  name: say('Squat with one foot raised', 'Asymmetric-height squat'),
  family: 'balance',
  purpose: 'One foot on a beam or block, one on the floor: hips and ankles learn that ground is not level.',
  stage: 'integrated',
  directions: ['ankle-up'],
  faults: [
    fault('pushing on past the first hip that says stop', 'front', 'The first hip decides the depth.'),
    fault('knees drift', 'front', 'Each knee over its own toes.'),
  ],
  cautions: [
    care(
      'falls-or-faints',
      'leave-out',
      'Not on soft or moving ground for anyone who falls or gets dizzy: stand on the floor beside the chair.',
    ),
    care('sore-knees', 'go-gently', 'Shallow.'),
  ],
  cues: cues(
    'One foot on the block, one on the floor, hip width.',
    'Sit down as far as the first hip lets you. Come up.',
    'One foot on the quay, one in the boat, both calm.',
    'Stop at the first hip.',
  ),
  foundBy: ['squat', 'uneven', 'beam', 'block', 'hips'],
  performance: performance({
    sidePattern: 'each',
    kit: [kit('block', 'person', { step: 'a low step' })],
    footwear: 'bare or socks',
    phases: [
      phase('sit down', 3, bent, {
        other: foot(stands, { knee: 'bent', ankle: 'up' }),
        body: 'sinks',
        undo: 'come up',
      }),
      phase('come up', 2, soft, { other: stands, body: 'rises', effort: true, undo: 'sit down' }),
    ],
    regions: { 'hip-and-trunk': 2, 'deep-calf': 1 },
    balance: { working: 2, standing: 2 },
  }),
  doses: range(reps(3), reps(6), reps(10)),
});
