import type { Exercise } from '../../exercise';
import { care, cleanReps, cues, exercise, fault, ladder, performance, range, reps, rung, saw, say } from '../author';
import { bareUpDown, seat, shortWay, upDown } from '../shared/loop';

export const waistLoopBentKnee: Exercise = exercise({
  id: 'waist-loop-bent-knee',
  name: say('Waist loop: bent knee, heel close', 'Resisted plantarflexion, knee flexed'),
  family: 'band',
  purpose: 'Pushes down with the knee bent, so that the deep calf does the work.',
  stage: 'loaded',
  directions: ['ankle-down', 'ankle-up'],
  faults: [
    fault('the heel creeps towards the seat', 'outer side', 'Move the heel away until the tendon is quiet.'),
    fault('the knee stretches to help', 'outer side', 'Knee angle stays.'),
  ],
  cautions: [care('sore-achilles', 'hold-at-rung', 'Heel far away and on the floor; stop if the ache grows.')],
  cues: cues(
    'Seated, knee bent, loop round waist and ball of the foot.',
    'Push down, come up, small and even; the knee does not change.',
    'A typewriter key under one finger.',
    'Heel farther if the tendon aches.',
  ),
  foundBy: ['loop', 'band', 'soleus', 'deep calf', 'achilles', 'bent knee'],
  performance: performance({
    ...seat,
    kit: [...seat.kit],
    band: { placement: 'ball', border: 'sole', purpose: 'resist' },
    phases: upDown('bent', 'floor', shortWay),
    regions: { 'deep-calf': 2, shin: 1 },
  }),
  doses: range(reps(8), reps(12), reps(20)),
  ladder: ladder(
    'far',
    rung(
      'no-loop',
      'no loop, heel far and on the floor',
      { resistance: 'none', lever: 'heel far' },
      range(reps(8), reps(12), reps(20)),
      saw('The knee keeps its angle and the tendon does not ache, both feet.'),
      {
        change: {
          kit: [],
          band: null,
          setup: 'plain',
          phases: bareUpDown('bent', 'floor', shortWay),
          regions: { 'deep-calf': 1, shin: 1 },
        },
      },
    ),
    rung(
      'far',
      'light loop, heel far and on the floor',
      { resistance: 'light loop', lever: 'heel far' },
      range(reps(8), reps(12), reps(20)),
      cleanReps(12, '12 without an ache in the tendon, both feet.'),
    ),
    rung(
      'near',
      'light loop, heel near the seat',
      { resistance: 'light loop', lever: 'heel near' },
      range(reps(8), reps(12), reps(20)),
      cleanReps(12, '12 with a still knee and no ache, both feet.'),
    ),
    rung(
      'near-raised',
      'light loop, heel near and lifted',
      { resistance: 'light loop', lever: 'heel near, lifted' },
      range(reps(6), reps(10), reps(15)),
      null,
      { change: { phases: upDown('bent', 'air', shortWay) } },
    ),
  ),
  preparedBy: ['waist-loop-up-down'],
  levelWords: {
    'no-loop': { setup: 'Seated, knee bent, heel far away on the floor.' },
    far: { setup: 'Seated, knee bent, heel far away on the floor, loop round waist and ball of the foot.' },
    near: { setup: 'Seated, heel drawn near the seat, loop round waist and ball of the foot.' },
    'near-raised': { setup: 'Seated, heel near the seat and held up, loop round waist and ball of the foot.' },
  },
});
