import type { Exercise } from '../../exercise';
import { exercise, foot, kit, performance, phase, range, reps, restsFlat, say, seatedFlat } from '../author';

export const towelGather: Exercise = exercise({
  id: 'towel-gather',
  name: say('Gather a cloth with the toes', 'Towel curl'),
  family: 'arch',
  purpose: 'Curls a cloth under the foot, for the long and short toe benders.',
  stage: 'loaded',
  directions: ['toes-curl'],
  faults: [
    { seen: 'the heel lifts and helps', from: 'outer side', say: 'Heel heavy, toes busy.' },
    { seen: 'the big toe does it alone', from: 'above', say: 'All five take hold.' },
  ],
  cues: {
    setup: say('Sit, cloth flat on the smooth floor, toes on its edge.'),
    action: say('Reach long, take hold, draw it in. Let go and reach again.'),
    breath: null,
    picture: say('Hauling in a net, a hand’s width at a time.'),
    correction: say('Open wide before every pull.'),
  },
  foundBy: ['towel', 'cloth', 'scrunch', 'curl', 'grip', 'arch'],
  schools: { archWork: 'toes-grip' },
  performance: performance({
    position: 'chair-seated',
    sidePattern: 'each',
    kit: [
      kit('cloth', 'person', { 'small-objects': 'picking up small objects into a bowl works on any floor' }),
      kit('chair', 'person', {}),
    ],
    floor: 'smooth-hard',
    floorsRuledOut: ['carpet', 'mat', 'outdoors'],
    phases: [
      phase(
        'reach',
        2,
        foot(seatedFlat, {
          contacts: {
            bigToe: ['rest', 'cloth'],
            smallToes: ['rest', 'cloth'],
            innerBall: ['rest', 'cloth'],
            outerBall: ['rest', 'cloth'],
          },
          toes: 'spread',
        }),
        { other: restsFlat },
      ),
      phase(
        'draw in',
        3,
        foot(seatedFlat, {
          contacts: {
            bigToe: ['press', 'cloth'],
            smallToes: ['press', 'cloth'],
            innerBall: ['rest', 'cloth'],
            outerBall: ['rest', 'cloth'],
            heel: ['press', 'floor'],
          },
          toes: 'curled',
          midfoot: 'lifted',
        }),
        { other: restsFlat },
      ),
    ],
    setup: 'props',
    regions: { 'toe-flexors': 3, 'arch-intrinsics': 2 },
  }),
  doses: range(reps(10), reps(10, { sets: 3, setRest: 20 }), reps(10, { sets: 5, setRest: 20 }), 'usual practice'),
});
