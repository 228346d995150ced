import type { Exercise } from '../../exercise';
import type { FootState } from '../../foot-state';
import {
  cues,
  exercise,
  fault,
  foot,
  holds,
  kit,
  performance,
  phase,
  range,
  restsFlat,
  say,
  seatedFlat,
  standing,
  stands,
} from '../author';
import { chair } from '../shared/arch-work';
import { strapLevels } from '../shared/arch';

const strap = kit('strap', 'person', { cloth: 'a folded cloth is thicker and easier to feel' });
const pressed = (on: FootState) =>
  foot(on, {
    contacts: { heel: ['press', 'strap'], innerBall: ['press', 'floor'], outerBall: ['press', 'floor'] },
    midfoot: 'lifted',
  });
const doses = range(holds(1, 15, 5), holds(2, 30, 5), holds(3, 30, 5));

export const strapPressHeel: Exercise = exercise({
  id: 'strap-press-heel',
  name: say('Press a strap under the heel, both balls down', 'Calcaneal press with forefoot contact'),
  family: 'arch',
  purpose: 'Loads heel, inner ball and outer ball at once, so that the whole foot carries.',
  stage: 'active',
  directions: [],
  faults: [
    fault('the body leans back', 'outer side', 'Stand over the middle of the foot.'),
    fault('inner or outer ball lifts', 'above', 'Both balls first, then the heel.'),
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
    kit: [strap],
    setup: 'fiddly',
    phases: [phase('press', 30, pressed(standing), { other: stands, effort: true })],
    regions: { 'arch-intrinsics': 1, 'hip-and-trunk': 1 },
  }),
  doses,
  ladder: strapLevels(
    {
      kit: [strap, chair],
      phases: [phase('press', 30, pressed(seatedFlat), { other: restsFlat, effort: true })],
      regions: { 'arch-intrinsics': 1 },
    },
    doses,
  ),
  levelWords: {
    longer: { action: 'Trap the strap, both balls down, and stay longer: breathe, body over the foot.' },

    seated: { setup: 'Sit, strap folded under one heel, a light pull on its end.' },
  },
});
