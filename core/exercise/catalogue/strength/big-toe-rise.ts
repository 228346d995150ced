import type { Exercise } from '../../exercise';
import {
  care,
  cleanReps,
  cues,
  exercise,
  fault,
  foot,
  kit,
  ladder,
  onTheBall,
  performance,
  phase,
  range,
  reps,
  restsFlat,
  rung,
  say,
  stands,
} from '../author';
import { chair } from '../shared/arch-work';
import { chairBack } from '../shared/rise';

const bigToeOnPlate = foot(onTheBall, {
  contacts: {
    innerBall: ['press', 'block'],
    outerBall: ['hang', 'air'],
    bigToe: ['press', 'block'],
    smallToes: ['hang', 'air'],
  },
  weightLine: 'first-toe',
});

const plate = kit('block', 'person', { cloth: 'a firmly folded cloth, a finger thick, makes a softer plate' });
const doses = range(reps(4), reps(8), reps(12));

export const bigToeRise: Exercise = exercise({
  id: 'big-toe-rise',
  name: say('Rise through the big toe alone', 'Hallux-emphasised heel raise'),
  family: 'strength',
  purpose: 'On a thin plate that only the big-toe side touches, the push-off comes from the big toe.',
  stage: 'loaded',
  directions: ['ankle-down', 'toes-curl'],
  faults: [
    fault('the weight slips to the small toes', 'behind', 'Stay on the big-toe side.'),
    fault('the big toe claws', 'above', 'Press it long.'),
  ],
  cautions: [care('bunion-pain', 'leave-out', 'Rises with all toe roots down instead.')],
  cues: cues(
    'Inner ball and big toe on the thin plate, the outer side of the foot over its edge. Hold on.',
    'Rise through the big toe, long and straight. Lower slowly.',
    'One finger lifts the lid.',
    'Long toe.',
  ),
  foundBy: ['big toe', 'rise', 'plate', 'push off', 'calf'],
  performance: performance({
    facing: 'support',
    kit: [plate, chairBack],
    setup: 'fiddly',
    phases: [
      phase('rise', 2, bigToeOnPlate, { undo: 'lower', effort: true, body: 'rises' }),
      phase(
        'lower',
        3,
        foot(bigToeOnPlate, {
          contacts: { heel: ['press', 'floor'] },
          heelHeightCm: 0,
          ankle: 'neutral',
          midfoot: 'resting',
        }),
        { undo: 'rise', effort: false, body: 'sinks' },
      ),
    ],
    regions: { calf: 2, 'toe-flexors': 2, 'big-toe-joint': 2 },
    balance: { working: 1, standing: 0 },
  }),
  schools: { toesOnRise: 'big-toe-leads', weightLine: 'first-toe' },
  doses,
  ladder: ladder(
    'two-feet',
    rung(
      'seated',
      'seated, the plate under one big toe',
      { base: 'seated' },
      doses,
      cleanReps(8, '8 with a long big toe, both feet.'),
      {
        change: {
          position: 'chair-seated',
          facing: 'any',
          sidePattern: 'each',
          kit: [plate, chair],
          phases: [
            phase('rise', 2, foot(bigToeOnPlate, { knee: 'bent', weightLine: 'even' }), {
              other: restsFlat,
              undo: 'lower',
              effort: true,
            }),
            phase(
              'lower',
              3,
              foot(bigToeOnPlate, {
                contacts: { heel: ['rest', 'floor'] },
                heelHeightCm: 0,
                ankle: 'neutral',
                midfoot: 'resting',
                knee: 'bent',
                weightLine: 'even',
              }),
              { other: restsFlat, undo: 'rise', effort: false },
            ),
          ],
          regions: { 'deep-calf': 1, 'toe-flexors': 1, 'big-toe-joint': 2 },
          balance: { working: 0, standing: 0 },
        },
      },
    ),
    rung(
      'two-feet',
      'standing, both feet',
      { base: 'two feet' },
      doses,
      cleanReps(8, '8 with long big toes, both feet.'),
    ),
    rung(
      'one-leads',
      'standing, one foot on the plate, the other flat',
      { base: 'one foot leads' },
      range(reps(3), reps(6), reps(10)),
      null,
      {
        change: {
          sidePattern: 'each',
          phases: [
            phase('rise', 2, bigToeOnPlate, {
              other: foot(onTheBall, { role: 'stands' }),
              undo: 'lower',
              effort: true,
              body: 'rises',
            }),
            phase(
              'lower',
              3,
              foot(bigToeOnPlate, {
                contacts: { heel: ['press', 'floor'] },
                heelHeightCm: 0,
                ankle: 'neutral',
                midfoot: 'resting',
              }),
              { other: stands, undo: 'rise', effort: false, body: 'sinks' },
            ),
          ],
          regions: { calf: 2, 'toe-flexors': 3, 'big-toe-joint': 3 },
          balance: { working: 1, standing: 1 },
        },
      },
    ),
  ),
  levelWords: {
    seated: { setup: 'Sit, inner ball and big toe of one foot on the thin plate, its outer side over the edge.' },
    'one-leads': {
      setup: 'One big toe on the thin plate, the other foot flat beside it. Hold on, most weight on the plate.',
    },
  },
});
