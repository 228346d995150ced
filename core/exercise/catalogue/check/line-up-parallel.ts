import type { Exercise } from '../../exercise';
import { cues, exercise, fault, kit, performance, phase, range, reps, say, standing } from '../author';

export const lineUp: Exercise = exercise({
  id: 'line-up-parallel',
  name: say('Line the feet up', 'Parallel stance alignment'),
  family: 'check',
  purpose: 'Sets the feet parallel at three widths, so that later work starts from the same place each time.',
  stage: 'active',
  directions: [],
  faults: [
    fault('toes point outward, heels show', 'mirror in front', 'Hide your heels behind your toes.'),
    fault('knees and toes point two ways', 'front', 'Second toe, ankle, knee: one line.'),
  ],
  cues: cues(
    'Stand in front of the mirror, one foot’s width between your feet.',
    'Hide the heels behind the toes. The same at hip width, then at shoulder width.',
    'Two shoes left side by side outside a door.',
    'Look in the mirror, not down.',
  ),
  foundBy: ['parallel', 'alignment', 'stand', 'posture', 'mirror', 'line'],
  performance: performance({
    facing: 'mirror',
    kit: [kit('mirror', 'room', { stick: 'a stick on the floor shows the line from above' })],
    footwear: 'any',
    phases: [
      phase('one foot’s width', 10, standing),
      phase('hip width', 10, standing),
      phase('shoulder width', 10, standing),
    ],
  }),
  doses: range(reps(1), reps(1), reps(2)),
});
