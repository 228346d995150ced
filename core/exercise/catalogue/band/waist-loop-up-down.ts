import type { Exercise } from '../../exercise';
import { cues, exercise, fault, performance, range, reps, say } from '../author';
import { bareUpDown, heights, seat, upDown } from '../shared/loop';

const noLoop = (made: Exercise['ladder'], phases: ReturnType<typeof bareUpDown>): Exercise['ladder'] =>
  made && {
    ...made,
    rungs: made.rungs.map((r) => (r.id === 'no-loop' ? { ...r, change: { ...r.change, phases } } : r)),
  };

export const waistLoopUpDown: Exercise = exercise({
  id: 'waist-loop-up-down',
  name: say('Waist loop: push down, come up slowly', 'Resisted plantarflexion, waist-anchored'),
  family: 'band',
  purpose: 'Calf against a loop round the ball of the foot, with a slow way back up.',
  stage: 'loaded',
  directions: ['ankle-down', 'ankle-up'],
  faults: [
    fault('the loop slides off the toes', 'above', 'Lower, behind the toe roots.'),
    fault('toes crunch in the push', 'inner side', 'Ankle pushes, toes stay long.'),
  ],
  cues: cues(
    'Seated, foot propped on the other leg, loop round waist and ball of the foot, knee nearly long.',
    'Push the foot down against the loop. Let it bring you up slowly.',
    'A pedal with thick oil in it.',
    'Down, and up a little slower.',
  ),
  foundBy: ['loop', 'band', 'point', 'calf', 'flex', 'waist'],
  performance: performance({
    ...seat,
    kit: [...seat.kit],
    band: { placement: 'ball', border: 'sole', purpose: 'resist' },
    phases: upDown('soft', 'leg'),
    regions: { calf: 2, shin: 1 },
  }),
  doses: range(reps(10), reps(15), reps(20), 'usual practice'),
  ladder: noLoop(
    heights(
      (propped) => ({ phases: upDown('soft', propped ? 'leg' : 'air') }),
      range(reps(10), reps(15), reps(20), 'usual practice'),
      { calf: 1, shin: 1 },
    ),
    bareUpDown('soft', 'leg'),
  ),
  levelWords: {
    'no-loop': {
      setup: 'Seated, foot propped on the other leg, knee nearly long.',
      action: 'Push the foot down. Bring it up slowly.',
    },
    raised: { setup: 'Seated, loop round waist and ball of the foot, foot held up, knee nearly long.' },
    firmer: { setup: 'Seated, firmer loop round waist and ball of the foot, foot held up, knee nearly long.' },
  },
});
