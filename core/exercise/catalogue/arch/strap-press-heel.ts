import type { Exercise } from '../../exercise';
import type { FootState } from '../../foot-state';
import {
  cleanHold,
  cues,
  exercise,
  fault,
  foot,
  holds,
  kit,
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
} from '../author';
import { chair } from '../shared/arch-work';

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
  ladder: ladder(
    'standing',
    rung(
      'seated',
      'seated, the weight of the leg',
      { base: 'seated', amount: 'half a minute' },
      range(holds(1, 15, 5), holds(2, 30, 5), holds(3, 30, 5)),
      saw('The strap stays trapped and no toe claws, both feet.'),
      {
        change: {
          position: 'chair-seated',
          kit: [strap, chair],
          phases: [phase('press', 30, pressed(seatedFlat), { other: restsFlat, effort: true })],
          regions: { 'arch-intrinsics': 1 },
        },
      },
    ),
    rung(
      'standing',
      'standing, half a minute',
      { base: 'two feet', amount: 'half a minute' },
      doses,
      cleanHold(30, '30 s with the strap trapped and long toes, both feet.'),
    ),
    rung(
      'longer',
      'standing, up to a minute',
      { base: 'two feet', amount: 'up to a minute' },
      range(holds(1, 45, 5), holds(2, 45, 10), holds(3, 60, 10)),
      null,
    ),
  ),
  levelWords: {
    seated: { setup: 'Sit, strap folded under one heel, a light pull on its end.' },
  },
});
