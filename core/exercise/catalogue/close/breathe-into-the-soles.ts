import type { Exercise } from '../../exercise';
import { breaths, care, cues, exercise, fault, performance, phase, range, say, standing } from '../author';

export const breathOnTheFeet: Exercise = exercise({
  id: 'breathe-into-the-soles',
  name: say('Stand and breathe into the soles', 'Standing rest with plantar attention'),
  family: 'close',
  purpose: 'A quiet end on both feet: weight, width and warmth, with a few breaths.',
  stage: 'passive',
  directions: [],
  faults: [fault('knees locked', 'outer side', 'Soft knees.'), fault('shoulders held', 'front', 'Let them hang.')],
  cautions: [care('falls-or-faints', 'change-support', 'Sit for this one.')],
  cues: cues(
    'Feet as wide as they like, arms hanging.',
    'Let each breath out reach down into the soles.',
    'Rain runs down a window.',
    'Nothing to do.',
    'Long breath out.',
  ),
  foundBy: ['rest', 'breathe', 'stand', 'end', 'quiet', 'close'],
  performance: performance({ footwear: 'any', floorsRuledOut: [], phases: [phase('stand', 5, standing)] }),
  doses: range(breaths(3, 5), breaths(5, 5), breaths(10, 5)),
});
