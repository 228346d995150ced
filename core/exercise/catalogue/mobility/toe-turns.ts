import type { Exercise } from '../../exercise';
import { care, exercise, foot, hanging, kit, performance, phase, range, reps, restsFlat, say } from '../author';

const handTurns = foot(hanging, {
  contacts: { bigToe: ['rest', 'hand'], smallToes: ['rest', 'hand'] },
  hands: ['big toe'],
  toes: 'long',
});

export const toeTurns: Exercise = exercise({
  id: 'toe-turns',
  name: say('Each toe turned by hand', 'Passive MTP circumduction'),
  family: 'mobility',
  purpose: 'Moves the joint of every toe, both ways round.',
  stage: 'passive',
  directions: ['toes-lift', 'toes-curl'],
  faults: [
    { seen: 'the toe is twisted at the nail', from: 'above', say: 'Hold at the knuckle, close to the foot.' },
    { seen: 'only one way round', from: 'above', say: 'And the other way, the same number.' },
  ],
  cautions: [care('sore-big-toe-joint', 'go-gently', 'Pass over a toe whose joint is sore.')],
  cues: {
    setup: say('One ankle over the other knee. Hold one toe near its root.'),
    action: say('Draw it long, turn it slowly once this way, once that way. Next toe.'),
    breath: null,
    picture: say('Winding a small clock.'),
    correction: say('Longer first, then round.'),
  },
  foundBy: ['toes', 'circle', 'hand', 'stiff', 'turn', 'joints'],
  performance: performance({
    position: 'chair-seated',
    sidePattern: 'each',
    kit: [kit('chair', 'person', { mat: 'on the floor, ankle over the other thigh' })],
    setup: 'props',
    phases: [phase('one turn', 2.75, handTurns, { other: restsFlat, picture: 'ankle-front' })],
    regions: { 'big-toe-joint': 1 },
  }),
  doses: range(
    reps(1, { per: { toes: 5, directions: 2 } }),
    reps(1, { per: { toes: 5, directions: 2 } }),
    reps(2, { per: { toes: 5, directions: 2 } }),
  ),
});
