import type { Exercise } from '../../exercise';
import { care, exercise, foot, hanging, holds, performance, phase, range, restsFlat, say } from '../author';

export const looseAnkleShake: Exercise = exercise({
  id: 'loose-ankle-shake',
  name: say('Loose ankle shake', 'Passive ankle oscillation'),
  family: 'close',
  purpose: 'Lets the foot hang and shake, so that calf and shin give up holding.',
  stage: 'passive',
  directions: [],
  faults: [
    { seen: 'the foot is held stiff', from: 'front', say: 'The foot is a wet cloth on a line.' },
    { seen: 'the knee is pumping', from: 'outer side', say: 'Shake from the hands, not from the hip.' },
  ],
  cautions: [care('recent-injury', 'leave-out', 'Not on an ankle that was hurt lately; ask a clinician.')],
  cues: {
    setup: say('Seated, both hands round one shin, foot hanging.'),
    action: say('Shake the shin and let the foot flop.'),
    breath: say('Sigh out.'),
    picture: say('A scarf in a light wind.'),
    correction: say('Heavier toes.'),
  },
  foundBy: ['shake', 'loose', 'relax', 'ease', 'cramp'],
  performance: performance({
    position: 'floor-seated',
    sidePattern: 'each',
    phases: [phase('shake', 15, foot(hanging, { hands: ['shin'] }), { other: restsFlat, picture: 'ankle-side' })],
  }),
  doses: range(holds(1, 10, 0), holds(1, 15, 0), holds(1, 30, 0)),
});
