import type { Exercise } from '../../exercise';
import {
  care,
  cues,
  exercise,
  fault,
  foot,
  kit,
  ladder,
  performance,
  phase,
  range,
  rung,
  saw,
  say,
  seatedFlat,
  standing,
  timed,
  travel,
} from '../author';

const heels = foot(standing, {
  contacts: {
    innerBall: ['lift', 'air'],
    outerBall: ['lift', 'air'],
    bigToe: ['lift', 'air'],
    smallToes: ['lift', 'air'],
  },
  ankle: 'up',
  knee: 'locked',
  weightLine: 'even',
});

export const heelWalk: Exercise = exercise({
  id: 'heel-walk',
  name: say('Walk on the heels', 'Heel walking'),
  family: 'gait',
  purpose: 'Shin strength in a step: toes up all the way across the room.',
  stage: 'integrated',
  directions: ['ankle-up', 'toes-lift'],
  faults: [
    fault('the forefoot sinks', 'outer side', 'Shorter way, toes up to the last step.'),
    fault('the seat drops back', 'outer side', 'Tall over the heels.'),
  ],
  cautions: [care('morning-heel-pain', 'leave-out', 'Leave it out while the heel hurts; seated toe lifts instead.')],
  cues: cues(
    'One lane each, space ahead.',
    'Toes up, small steps on the heels.',
    'A puppet with strings on its toes.',
    'Toes higher, steps shorter.',
  ),
  foundBy: ['heel', 'walk', 'shin', 'toes up', 'shin splints'],
  schools: { knees: 'on-purpose' },
  performance: performance({
    position: 'walking',
    facing: 'lane',
    sidePattern: 'travelling',
    phases: [phase('step', 1, heels)],
    regions: { shin: 3, 'toe-extensors': 1 },
    balance: { working: 1, standing: 1 },
  }),
  doses: range(travel(1, 16, 80), travel(2, 16, 80), travel(4, 20, 80)),
  ladder: ladder(
    'straight',
    rung(
      'seated',
      'seated, stepping with toes up',
      { base: 'seated', knee: 'bent' },
      range(timed(15), timed(30), timed(60)),
      saw('The toes stay up to the end, both feet.'),
      {
        change: {
          position: 'chair-seated',
          facing: 'any',
          sidePattern: 'both',
          kit: [kit('chair', 'person', { mat: 'on the floor, knees bent' })],
          regions: { shin: 2 },
          balance: { working: 0, standing: 0 },
          phases: [
            phase(
              'step',
              1,
              foot(seatedFlat, {
                contacts: {
                  innerBall: ['lift', 'air'],
                  outerBall: ['lift', 'air'],
                  bigToe: ['lift', 'air'],
                  smallToes: ['lift', 'air'],
                },
                ankle: 'up',
              }),
            ),
          ],
        },
      },
    ),
    rung(
      'straight',
      'walking, straight legs',
      { base: 'walking', knee: 'straight' },
      range(travel(1, 16, 80), travel(2, 16, 80), travel(4, 20, 80)),
      saw('The toes stay up to the last step, both feet.', 2),
      { why: 'From the chair into a step the knee straightens too.' },
    ),
    rung(
      'bent',
      'walking, soft bent legs',
      { base: 'walking', knee: 'bent' },
      range(travel(1, 12, 60), travel(2, 16, 60), travel(4, 16, 60)),
      null,
      {
        change: { phases: [phase('step', 1, foot(heels, { knee: 'bent' }))], regions: { shin: 3, 'hip-and-trunk': 2 } },
      },
    ),
  ),
  levelWords: {
    seated: { setup: 'Sit forward, both feet flat.', action: 'Toes up, and step on the spot on your heels.' },
    bent: { setup: 'One lane each, space ahead, knees softly bent.' },
  },
});
