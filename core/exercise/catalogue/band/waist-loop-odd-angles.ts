import type { Exercise } from '../../exercise';
import { cues, exercise, fault, foot, performance, phase, range, reps, say } from '../author';
import { atBall, resting, seat } from '../shared/loop';

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
    'A tiller in a cross sea.',
    'Slow home from every corner.',
  ),
  foundBy: ['loop', 'band', 'angles', 'free', 'ankle', 'mixed'],
  performance: performance({
    ...seat,
    kit: [...seat.kit],
    band: { placement: 'ball', border: 'sole', purpose: 'resist' },
    phases: [
      phase('down and turned in', 2, foot(atBall('down', true, 'soft', 'air'), { ankle: 'turned-in' }), {
        other: resting,
        picture: 'ankle-front',
        effort: true,
      }),
      phase('back slowly', 2, atBall('up', false, 'soft', 'air'), {
        other: resting,
        picture: 'ankle-side',
        effort: false,
      }),
      phase('down and turned out', 2, foot(atBall('down', true, 'soft', 'air'), { ankle: 'turned-out' }), {
        other: resting,
        picture: 'ankle-front',
        effort: true,
      }),
      phase('home slowly', 2, atBall('up', false, 'soft', 'air'), {
        other: resting,
        picture: 'ankle-side',
        effort: false,
      }),
    ],
    regions: { calf: 1, 'inner-ankle': 2, 'outer-ankle': 2 },
  }),
  doses: range(reps(4), reps(6), reps(10)),
  preparedBy: ['waist-loop-up-down'],
});
