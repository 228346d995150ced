import type { Exercise } from '../../exercise';
import { cues, exercise, fault, foot, kit, performance, phase, range, reps, restsFlat, say } from '../author';
import { chair, paperUnder, smooth } from '../shared/arch-work';

export const clothPushAway: Exercise = exercise({
  id: 'cloth-push-away',
  name: say('Push the cloth away with the toes', 'Towel spread with toe extension'),
  family: 'arch',
  purpose: 'The opening half of gathering a cloth: toes lift, reach and lay it out flat again.',
  stage: 'active',
  directions: ['toes-lift', 'toes-spread'],
  faults: [
    fault('the whole leg pushes', 'outer side', 'Heel stays; only the toes walk.'),
    fault('toes stay bunched', 'above', 'Wide before you push.'),
  ],
  cues: cues(
    'Sit, a bunched cloth under your toes, heel on the floor.',
    'Toes up, reach, and smooth the cloth away from you.',
    'Spreading butter to the far edge.',
    'Wider toes.',
  ),
  foundBy: ['towel', 'cloth', 'push', 'spread', 'toes', 'open'],
  performance: performance({
    situations: ['sole-may-cramp'],
    position: 'chair-seated',
    sidePattern: 'each',
    kit: [kit('cloth', 'person', { paper: 'a sheet of paper slides more easily' }), chair],
    ...smooth,
    floorsRuledOut: [...smooth.floorsRuledOut],
    setup: 'props',
    phases: [
      phase('toes up', 1, foot(paperUnder, { contacts: { bigToe: ['lift', 'air'], smallToes: ['lift', 'air'] } }), {
        other: restsFlat,
      }),
      phase(
        'smooth it away',
        2,
        foot(paperUnder, { contacts: { bigToe: ['press', 'cloth'], smallToes: ['press', 'cloth'] }, toes: 'spread' }),
        { other: restsFlat },
      ),
    ],
    regions: { 'toe-extensors': 2, 'arch-intrinsics': 1 },
  }),
  doses: range(reps(5), reps(10), reps(20)),
});
