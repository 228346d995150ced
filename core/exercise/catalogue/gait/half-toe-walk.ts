import type { Exercise } from '../../exercise';
import {
  care,
  exercise,
  foot,
  kit,
  ladder,
  performance,
  phase,
  range,
  rung,
  saw,
  say,
  standing,
  travel,
} from '../author';

const halfToe = foot(standing, {
  contacts: { heel: ['lift', 'air'] },
  midfoot: 'lifted',
  ankle: 'down',
  heelHeightCm: 7,
  knee: 'locked',
});

const rail = kit('wall', 'room', { barre: 'along the barre' });
const doses = range(travel(1, 20, 80), travel(2, 20, 80), travel(4, 20, 80));

export const halfToeWalk: Exercise = exercise({
  id: 'half-toe-walk',
  name: say('Walk on the balls of the feet', 'Forefoot walking'),
  family: 'gait',
  purpose: 'Takes the rise into a step: height and line kept while moving.',
  stage: 'integrated',
  directions: ['ankle-down'],
  faults: [
    { seen: 'heels sink step by step', from: 'behind', say: 'Drive through the big toe.' },
    { seen: 'weight goes to the outer edges', from: 'behind', say: 'Inner ball on the floor at every step.' },
  ],
  cautions: [care('sore-achilles', 'leave-out', 'Leave it out while the tendon is sore.')],
  cues: {
    setup: say('One lane each, space ahead.'),
    action: say('Small steps on the balls of the feet, heels high and level.'),
    breath: null,
    picture: say('Coming home late, without waking anyone.'),
    correction: say('Shorter steps, taller heels.'),
  },
  foundBy: ['tiptoe', 'walk', 'half toe', 'demi-pointe'],
  performance: performance({
    position: 'walking',
    facing: 'lane',
    sidePattern: 'travelling',
    phases: [phase('step', 1, halfToe)],
    regions: { calf: 2, 'arch-intrinsics': 1 },
    balance: { working: 2, standing: 2 },
  }),
  doses,
  ladder: ladder(
    'free',
    rung(
      'held',
      'along the wall, a hand on it',
      { support: 'one hand', amount: 'a short way' },
      range(travel(1, 10, 60), travel(1, 16, 60), travel(2, 16, 60)),
      saw('The heels stay level to the last step, both feet.'),
      {
        change: { kit: [rail], balance: { working: 1, standing: 1 } },
      },
    ),
    rung(
      'free',
      'hands free',
      { support: 'none', amount: 'a short way' },
      doses,
      saw('The heels stay level and the inner balls down to the last step, both feet.', 2),
      {
        change: { kit: [rail] },
      },
    ),
    rung(
      'longer',
      'hands free, a longer way',
      { support: 'none', amount: 'a longer way' },
      range(travel(2, 20, 80), travel(2, 32, 80), travel(4, 32, 80)),
      null,
      {
        change: { kit: [rail], regions: { calf: 3, 'arch-intrinsics': 1 } },
      },
    ),
  ),
  levelWords: {
    held: { setup: 'One lane each along the wall, a hand on it.' },
    free: { setup: 'One lane each along the wall in reach, hands free.' },
    longer: {
      setup: 'One lane each along the wall in reach, hands free.',
      action: 'Small steps on the balls, all the way and back, heels level to the last one.',
    },
  },
  preparedBy: ['heel-to-ball-rock'],
});
