import type { Exercise } from '../../exercise';
import { cues, exercise, fault, foot, performance, phase, range, say, standing, stands, stops } from '../author';
import { firm, wall } from '../shared/sole-pressure';

export const edgeTour: Exercise = exercise({
  id: 'edge-tour',
  name: say('Tour of the toe roots, edges and heel', 'Perimeter plantar pressure'),
  family: 'release',
  purpose:
    'Visits the places a straight roll misses: five toe roots, the inner edge, the arch and the rim of the heel.',
  stage: 'passive',
  directions: [],
  faults: [
    fault('the inner edge is left out', 'front', 'Turn the knee in a little to reach it.'),
    fault('rushing from place to place', 'front', 'Wait where it is tender, pass where it is not.'),
  ],
  cues: cues(
    'Hand on the wall, ball under the root of the little toe.',
    'One toe root after the other, then inner edge, arch, rim of the heel. Stay where it is tender.',
    'A harbour inspector who looks into every boat.',
    'Find them, do not fight them.',
    'Breathe out into each place.',
  ),
  foundBy: ['toe roots', 'edge', 'heel', 'ball', 'tour', 'tender', 'release'],
  schools: { rolling: 'stops' },
  performance: performance({
    facing: 'support',
    sidePattern: 'each',
    kit: [firm, wall],
    setup: 'props',
    phases: [
      phase(
        'stay',
        10,
        foot(standing, {
          contacts: {
            heel: ['rest', 'floor'],
            innerBall: ['press', 'ball'],
            outerBall: ['rest', 'ball'],
            bigToe: ['hang', 'air'],
            smallToes: ['hang', 'air'],
          },
          toes: 'relaxed',
          edge: 'inner',
          weightLine: 'even',
        }),
        { other: stands, breath: 'out', bodyWeightPercent: 30 },
      ),
    ],
    regions: { 'plantar-tissue': 2 },
    balance: { working: 0, standing: 1 },
  }),
  doses: range(stops(4, 10, 3), stops(8, 10, 3), stops(8, 15, 3), 'usual practice'),
});
