import type { Exercise } from '../../exercise';
import { cues, exercise, fault, foot, performance, phase, range, say, stops } from '../author';
import { type Lent, ballLevels, ballUnder, firm, lentStanding, wall } from '../shared/release';

const phases = ({ on, other, percent }: Lent) => {
  const stay = { other, breath: 'out', bodyWeightPercent: Math.min(percent, 30) } as const;
  return [
    phase('outer toe roots', 10, ballUnder('outerBall', on), stay),
    phase('inner toe roots', 10, ballUnder('innerBall', on), stay),
    phase('inner edge and arch', 10, foot(ballUnder('middle', on), { edge: 'inner' }), stay),
    phase('rim of the heel', 10, ballUnder('heel', on), stay),
  ];
};
const doses = range(stops(4, 10, 3), stops(8, 10, 3), stops(8, 15, 3), 'usual practice');

export const edgeTour: Exercise = exercise({
  id: 'edge-tour',
  name: say('Tour of the toe roots, edges and heel', 'Perimeter plantar pressure'),
  family: 'release',
  purpose:
    'Visits the places a straight roll misses: five toe roots, the inner edge, the arch and the rim of the heel.',
  stage: 'passive',
  directions: [],
  faults: [
    fault('the inner edge is left out', 'inner side', 'Turn the knee a little to the middle to reach it.'),
    fault('rushing from place to place', 'front', 'Wait where it is tender, pass where it is not.'),
  ],
  cues: cues(
    'Side to the wall, a hand on it, ball under the root of the little toe.',
    'One toe root after the other, then inner edge, arch, rim of the heel. Wait where it is tender.',
    'A night watchman tries every door along the corridor.',
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
    phases: phases(lentStanding),
    regions: { 'plantar-tissue': 2 },
    balance: { working: 0, standing: 1 },
  }),
  doses,
  ladder: ballLevels(phases, firm, doses),
  levelWords: {
    seated: { setup: 'Sit, ball under the root of one little toe.' },
    'standing-light': {
      setup: 'Side to the wall, a hand on it, ball under the root of the little toe, little weight.',
    },
  },
});
