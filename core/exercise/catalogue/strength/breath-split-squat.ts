import type { Exercise } from '../../exercise';
import { care, cues, exercise, fault, foot, kit, performance, phase, range, reps, say } from '../author';
import { backToes, hangToes } from '../shared/squat-lunge';

export const breathSplitSquat: Exercise = exercise({
  id: 'breath-split-squat',
  name: say('Split squat with the breath, then big toe up', 'Breath-paced split squat to hallux lift'),
  family: 'strength',
  purpose: 'Sink with one breath, rise with the next, and finish with the big toe up: the arch winds and unwinds.',
  stage: 'integrated',
  directions: ['ankle-up', 'toes-lift'],
  faults: [
    fault('the knee locks at the top', 'outer side', 'Leave it soft; the toe does the finishing.'),
    fault('breath and movement part', 'front', 'Wait for the breath.'),
  ],
  cautions: [care('sore-big-toe-joint', 'go-gently', 'Leave the toe lift out.')],
  cues: cues(
    'As in the split squat, toes over the edge, hand on the wall.',
    'Sink on one breath, rise on the next, big toe up.',
    'A spring is wound and let go.',
    'Soft knee, then the toe.',
    'Out as you sink, in as you rise.',
  ),
  foundBy: ['split squat', 'breath', 'big toe', 'spiral', 'arch'],
  schools: { breath: 'out-on-sinking' },
  performance: performance({
    facing: 'support',
    sidePattern: 'each',
    kit: [kit('block', 'person', { step: 'a step edge' }), kit('wall', 'room', { chair: 'a chair back' })],
    setup: 'props',
    phases: [
      phase('sink', 8, foot(hangToes, { knee: 'bent', ankle: 'up', midfoot: 'let-down' }), {
        other: foot(backToes, { knee: 'bent' }),
        breath: 'out',
        body: 'sinks',
      }),
      phase(
        'rise, big toe up',
        8,
        foot(hangToes, { contacts: { bigToe: ['lift', 'air'] }, midfoot: 'lifted', knee: 'soft' }),
        { other: backToes, breath: 'in', body: 'rises', effort: true },
      ),
    ],
    regions: { 'arch-intrinsics': 2, 'toe-extensors': 1, 'hip-and-trunk': 2 },
    balance: { working: 2, standing: 1 },
  }),
  doses: range(
    reps(3, { sets: 1 }),
    reps(5, { sets: 2, setRest: 20 }),
    reps(5, { sets: 3, setRest: 20 }),
    'usual practice',
  ),
  preparedBy: ['toes-hanging-split-squat', 'big-toe-over-the-edge'],
});
