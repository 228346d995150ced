import type { Exercise } from '../../exercise';
import {
  afterWeeks,
  care,
  cleanReps,
  cues,
  exercise,
  fault,
  foot,
  kit,
  ladder,
  performance,
  phase,
  range,
  reps,
  rung,
  say,
  standing,
} from '../author';
import { chairBack } from '../shared/rise';

/** On a slope, or on the floor where there is none yet. */
const on = (ground: 'slope' | 'floor', change: Parameters<typeof foot>[1] = {}) =>
  foot(
    foot(standing, {
      contacts: {
        heel: ['press', ground],
        innerBall: ['press', ground],
        outerBall: ['press', ground],
        bigToe: ['rest', ground],
        smallToes: ['rest', ground],
      },
      knee: 'bent',
      ankle: 'up',
      weightLine: 'even',
    }),
    change,
  );
const squat = { body: 'sinks' } as const;
/** One squat each way; with one side up the two feet stand on different edges. */
const fourWays = (ground: 'slope' | 'floor') => {
  const inner = on(ground, {
    edge: ground === 'slope' ? 'inner' : 'even',
    ankle: ground === 'slope' ? 'turned-out' : 'up',
  });
  const outer = on(ground, {
    edge: ground === 'slope' ? 'outer' : 'even',
    ankle: ground === 'slope' ? 'turned-in' : 'up',
  });
  return [
    phase('toes up', 6, on(ground), squat),
    phase('heels up', 6, on(ground, { ankle: 'neutral', heelHeightCm: ground === 'slope' ? 4 : 0 }), squat),
    phase('left side up', 6, inner, { ...squat, other: outer }),
    phase('right side up', 6, outer, { ...squat, other: inner }),
  ];
};
const slope = kit('slope', 'person', { block: 'a low block under toes or heels' });
const doses = range(reps(1), reps(2), reps(4));

export const wedgeSquat: Exercise = exercise({
  id: 'wedge-squat',
  name: say('Squat on a slope, four ways', 'Off-level squat'),
  family: 'strength',
  purpose: 'Toes up, heels up, left side up, right side up: the squat on ground that is not level. Once a week.',
  stage: 'integrated',
  directions: ['ankle-up', 'ankle-down', 'turn-in', 'turn-out'],
  faults: [
    fault('one hip shifts away at the bottom', 'front', 'The first hip that says stop decides the depth.'),
    fault('the feet slide down the slope', 'front', 'Bare feet, and less slope.'),
  ],
  cautions: [
    care('sore-achilles', 'hold-at-rung', 'On level ground while the tendon is sore.'),
    care('recent-injury', 'hold-at-rung', 'After a sprain on level ground, until a clinician has been asked.'),
  ],
  cues: cues(
    'Feet hip width on the slope, a hand on the chair.',
    'One squat each way: toes up, heels up, left side up, right side up. Shallow; turn between.',
    'A goat on four hillsides.',
    'Shallow first.',
  ),
  foundBy: ['squat', 'slope', 'wedge', 'uneven', 'hips'],
  performance: performance({
    facing: 'support',
    kit: [slope, chairBack],
    setup: 'props',
    phases: fourWays('slope'),
    regions: { 'hip-and-trunk': 2, 'deep-calf': 2, 'inner-ankle': 1, 'outer-ankle': 1 },
    balance: { working: 2, standing: 0 },
  }),
  doses,
  ladder: ladder(
    'flat',
    rung(
      'flat',
      'level floor, turning to four sides',
      { surface: 'floor', support: 'one hand' },
      doses,
      cleanReps(2, '2 rounds, both hips level at the bottom.'),
      {
        change: {
          kit: [chairBack],
          setup: 'plain',
          phases: fourWays('floor'),
          regions: { 'hip-and-trunk': 2, 'deep-calf': 1 },
          balance: { working: 1, standing: 0 },
        },
      },
    ),
    rung(
      'held',
      'slope, a hand on the chair',
      { surface: 'slope', support: 'one hand' },
      doses,
      cleanReps(2, '2 rounds, both hips level and both feet quiet.'),
      { door: afterWeeks(2, 'After two weeks of squats on level ground; then once a week.') },
    ),
    rung('free', 'slope, hands free, chair in reach', { surface: 'slope', support: 'none' }, doses, null, {
      change: { balance: { working: 3, standing: 0 } },
    }),
  ),
  levelWords: {
    flat: {
      setup: 'Feet hip width on the floor, a hand on the chair.',
      action: 'One shallow squat, a quarter turn, the next, until you are home.',
    },
    free: { setup: 'Feet hip width on the slope, hands free, the chair in reach.' },
  },
});
