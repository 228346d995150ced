import type { Exercise } from '../../exercise';
import { cleanReps, cues, exercise, fault, foot, ladder, performance, phase, range, reps, rung, say } from '../author';
import { atBall, resting, seat } from '../shared/loop';

const corners = (heel: 'leg' | 'air') => {
  const pushed = (ankle: 'turned-in' | 'turned-out') => foot(atBall('down', true, 'soft', heel), { ankle });
  const home = atBall('up', false, 'soft', heel);
  return [
    phase('down and turned in', 2, pushed('turned-in'), { other: resting, picture: 'ankle-front', effort: true }),
    phase('back slowly', 2, home, { other: resting, picture: 'ankle-side', effort: false }),
    phase('down and turned out', 2, pushed('turned-out'), { other: resting, picture: 'ankle-front', effort: true }),
    phase('home slowly', 2, home, { other: resting, picture: 'ankle-side', effort: false }),
  ];
};
const doses = range(reps(4), reps(6), reps(10));

export const waistLoopFree: Exercise = exercise({
  id: 'waist-loop-odd-angles',
  name: say('Waist loop: odd angles', 'Multi-planar resisted ankle work'),
  family: 'band',
  purpose: 'Pushes and turns mixed freely, so that the ankle has met odd angles before a kerb shows it one.',
  stage: 'loaded',
  directions: ['ankle-down', 'turn-in', 'turn-out', 'ankle-up'],
  faults: [
    fault('always the same easy corner', 'front', 'Go and visit the corner you skip.'),
    fault('the loop wins on the way back', 'front', 'You let it, it does not take it.'),
  ],
  cues: cues(
    'Seated, loop round waist and ball of the foot, foot held up.',
    'Push down and turn, anywhere; come back slowly from each.',
    'A joystick in every corner of its box.',
    'Slow home from every corner.',
  ),
  foundBy: ['loop', 'band', 'angles', 'free', 'ankle', 'mixed'],
  performance: performance({
    ...seat,
    kit: [...seat.kit],
    band: { placement: 'ball', border: 'sole', purpose: 'resist' },
    phases: corners('air'),
    regions: { calf: 1, 'inner-ankle': 2, 'outer-ankle': 2 },
  }),
  doses,
  ladder: ladder(
    'propped',
    rung(
      'propped',
      'light loop, foot propped on the other leg',
      { resistance: 'light loop', lever: 'propped' },
      doses,
      cleanReps(6, '6 with a slow way home from every corner, both feet.'),
      { change: { phases: corners('leg') } },
    ),
    rung(
      'raised',
      'light loop, foot held up',
      { resistance: 'light loop', lever: 'held up' },
      doses,
      cleanReps(6, '6 with a still shin, both feet.'),
    ),
    rung(
      'firmer',
      'firmer loop, foot held up',
      { resistance: 'firmer loop', lever: 'held up' },
      range(reps(3), reps(5), reps(8)),
      null,
    ),
  ),
  levelWords: {
    firmer: { setup: 'Seated, firmer loop round waist and ball of the foot, foot held up.' },

    propped: { setup: 'Seated, foot propped on the other leg, loop round waist and ball of the foot.' },
  },
  preparedBy: ['waist-loop-up-down'],
});
