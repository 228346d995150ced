import type { Exercise } from '../../exercise';
import { care, exercise, holds, kit, performance, phase, range, say, seatedFlat } from '../author';

/** A rest for both feet between two arch exercises. */
export const soleRestOnFloor: Exercise = exercise({
  id: 'let-the-feet-lie',
  name: say('Let the feet lie', 'Passive rest, soles supported'),
  family: 'close',
  purpose: 'A short rest with nothing to do, after cramp or before the last walk.',
  stage: 'passive',
  directions: [],
  faults: [
    { seen: 'toes still busy', from: 'above', say: 'Toes are done for today.' },
    { seen: 'shoulders lifted', from: 'front', say: 'Let the chair have your weight.' },
  ],
  cautions: [care('cramp', 'go-gently', 'Cramp in arch work is expected: ease, shake, go on when it has gone.')],
  cues: {
    setup: say('Seated, both feet flat.'),
    action: say('Let both soles lie on the floor like warm dough.'),
    breath: say('Breathe as it comes.'),
    picture: say('Two coats laid over a chair.'),
    correction: say('Nothing to hold.'),
  },
  foundBy: ['rest', 'pause', 'cramp', 'ease'],
  performance: performance({
    position: 'chair-seated',
    phases: [phase('rest', 30, seatedFlat)],
    kit: [kit('chair', 'person', { mat: 'lying down is as good' })],
  }),
  doses: range(holds(1, 15, 0), holds(1, 30, 0), holds(1, 60, 0)),
});
