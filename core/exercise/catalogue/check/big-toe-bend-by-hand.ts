import type { Exercise } from '../../exercise';
import { care, exercise, foot, kit, performance, phase, range, reps, restsFlat, say, seatedFlat } from '../author';

export const bigToeByHand: Exercise = exercise({
  id: 'big-toe-bend-by-hand',
  name: say('Big toe bent by hand', 'Passive first MTP extension'),
  family: 'check',
  purpose: 'Shows how far the big-toe joint goes without effort, and keeps it going there.',
  stage: 'passive',
  directions: ['toes-lift'],
  faults: [
    { seen: 'the toe is pulled off its line', from: 'above', say: 'Steer it straight, along the shoelaces.' },
    { seen: 'inner ball lifts with the toe', from: 'inner side', say: 'Keep the inner ball down; only the toe moves.' },
  ],
  cautions: [
    care('sore-big-toe-joint', 'leave-out', 'Pain in the joint ends it. Ask a clinician before trying again.'),
  ],
  cues: {
    setup: say('Sit, one foot flat, hand round the big toe.'),
    action: say('Lift the big toe with your hand as far as it goes without pain. Wait. Let it down.'),
    breath: null,
    picture: say('You are lifting the lid of a box that must not spill.'),
    correction: say('Less far, and straight.'),
  },
  foundBy: ['big toe', 'stiff toe', 'bend', 'range', 'check', 'bunion'],
  performance: performance({
    position: 'chair-seated',
    sidePattern: 'each',
    kit: [kit('chair', 'person', { mat: 'seated on the floor the knee is bent more and the calf is slack' })],
    phases: [
      phase(
        'hand lifts the big toe',
        5,
        foot(seatedFlat, {
          contacts: { bigToe: ['lift', 'hand'], innerBall: ['press', 'floor'] },
          hands: ['big toe'],
          midfoot: 'lifted',
        }),
        {
          other: restsFlat,
          undo: 'hand lets it down',
        },
      ),
      phase('hand lets it down', 3, seatedFlat, { other: restsFlat, undo: 'hand lifts the big toe' }),
    ],
    regions: { 'big-toe-joint': 1, 'plantar-tissue': 1 },
  }),
  doses: range(reps(2), reps(4), reps(8)),
});
