import type { Exercise } from '../../exercise';
import {
  exercise,
  foot,
  kit,
  ladder,
  offTheFloor,
  onTheBall,
  performance,
  phase,
  range,
  rung,
  saw,
  say,
  standing,
  stands,
  travel,
} from '../author';

/** Heel, outer edge, ball, big toe, and a hold on top before the next step. */
const rolled = (hold: number) => [
  phase(
    'heel',
    1,
    foot(standing, {
      contacts: {
        innerBall: ['lift', 'air'],
        outerBall: ['lift', 'air'],
        bigToe: ['lift', 'air'],
        smallToes: ['lift', 'air'],
      },
      ankle: 'up',
    }),
    { other: stands },
  ),
  phase('outer edge', 1, foot(standing, { contacts: { innerBall: ['rest', 'floor'] }, weightLine: 'even' }), {
    other: offTheFloor,
  }),
  phase('ball', 1, foot(standing, { contacts: { heel: ['rest', 'floor'] } }), { other: offTheFloor }),
  phase('big toe', 1, foot(onTheBall, { contacts: { bigToe: ['press', 'floor'] }, heelHeightCm: 5, knee: 'soft' }), {
    other: offTheFloor,
  }),
  phase('hold', hold, foot(onTheBall, { contacts: { bigToe: ['press', 'floor'] }, heelHeightCm: 6, knee: 'soft' }), {
    other: offTheFloor,
  }),
];
const rail = kit('wall', 'room', { barre: 'along the barre' });
const doses = range(travel(1, 8, 12), travel(2, 8, 12), travel(4, 8, 12));

export const heelToToeWalk: Exercise = exercise({
  id: 'heel-to-toe-walk',
  name: say('Roll-through walk', 'Heel-to-toe gait with pause'),
  family: 'gait',
  purpose: 'Heel, outer edge, ball, big toe: every step slow enough to feel the order.',
  stage: 'integrated',
  directions: ['ankle-up', 'ankle-down'],
  faults: [
    { seen: 'the foot slaps down', from: 'outer side', say: 'Quiet as a cat on a shelf.' },
    { seen: 'the small toes leave last', from: 'behind', say: 'Leave from the big toe.' },
  ],
  cues: {
    setup: say('One lane each.'),
    action: say('Heel, edge, ball, big toe, and only then the next step.'),
    breath: null,
    picture: say('A rocking chair rolls you forward.'),
    correction: say('Half the speed.'),
  },
  foundBy: ['walk', 'roll', 'heel', 'slow', 'step'],
  performance: performance({
    position: 'walking',
    facing: 'lane',
    sidePattern: 'travelling',
    floorsRuledOut: [],
    phases: rolled(1),
    regions: { shin: 1, calf: 1, 'hip-and-trunk': 1 },
    balance: { working: 1, standing: 1 },
  }),
  doses,
  ladder: ladder(
    'free',
    rung(
      'held',
      'along the wall, a hand on it',
      { support: 'one hand', amount: 'a short hold' },
      doses,
      saw('Heel, outer edge, ball, big toe can be told apart, both feet.'),
      {
        change: { kit: [rail], balance: { working: 1, standing: 0 } },
      },
    ),
    rung(
      'free',
      'hands free',
      { support: 'none', amount: 'a short hold' },
      doses,
      saw('Heel, outer edge, ball, big toe, and the big toe leaves last, both feet.', 2),
      { change: { kit: [rail] } },
    ),
    rung(
      'hold',
      'hands free, a longer hold on the ball',
      { support: 'none', amount: 'a longer hold' },
      range(travel(1, 6, 8), travel(2, 6, 8), travel(2, 8, 8)),
      null,
      {
        change: {
          kit: [rail],
          phases: rolled(3.5),
          regions: { shin: 1, calf: 2, 'hip-and-trunk': 1 },
          balance: { working: 2, standing: 1 },
        },
      },
    ),
  ),
  levelWords: {
    held: { setup: 'One lane each along the wall, a hand on it.' },
    free: { setup: 'One lane each along the wall in reach, hands free.' },
    hold: {
      setup: 'One lane each along the wall in reach, hands free.',
      action: 'Heel, edge, ball, big toe; stay up on the ball, and only then the next step.',
    },
  },
});
