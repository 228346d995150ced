import type { Exercise } from '../../exercise';
import { cues, exercise, fault, foot, holds, kit, performance, phase, range, say, standing, stands } from '../author';

export const strapPressHeel: Exercise = exercise({
  id: 'strap-press-heel',
  name: say('Press a strap under the heel, both balls down', 'Calcaneal press with forefoot contact'),
  family: 'arch',
  purpose: 'Loads heel, inner ball and outer ball at once, so that the whole foot carries.',
  stage: 'active',
  directions: [],
  faults: [
    fault('the body leans back', 'outer side', 'Stand over the middle of the foot.'),
    fault('inner or outer ball lifts', 'front', 'Both balls first, then the heel.'),
  ],
  cues: cues(
    'Stand, strap folded four times under one heel, a light pull on its end.',
    'Press it so that it cannot be pulled out, both balls of the foot down.',
    'A tent peg in firm ground.',
    'Body over the foot.',
  ),
  foundBy: ['strap', 'heel', 'press', 'tripod', 'stand'],
  schools: { archWork: 'long-toes-press' },
  performance: performance({
    situations: ['sole-may-cramp'],
    sidePattern: 'each',
    kit: [kit('strap', 'person', { cloth: 'a folded cloth is thicker and easier to feel' })],
    setup: 'fiddly',
    phases: [
      phase('press', 30, foot(standing, { contacts: { heel: ['press', 'cloth'] }, midfoot: 'lifted' }), {
        other: stands,
        effort: true,
      }),
    ],
    regions: { 'arch-intrinsics': 1, 'hip-and-trunk': 1 },
  }),
  doses: range(holds(1, 15, 5), holds(2, 30, 5), holds(3, 30, 5)),
});
