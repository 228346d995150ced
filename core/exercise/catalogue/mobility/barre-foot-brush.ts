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
  reps,
  rung,
  saw,
  say,
  standing,
} from '../author';

export const barreBrush: Exercise = exercise({
  id: 'barre-foot-brush',
  name: say('At the barre: brush the foot out and home', 'Barre tendu with full articulation'),
  family: 'mobility',
  purpose: 'The foot brushes out through ball and toes to a long point and comes home the same way.',
  stage: 'integrated',
  directions: ['ankle-down', 'ankle-up', 'toes-curl'],
  faults: [
    fault('toes curl under at the end', 'inner side', 'Lengthen past the toenails.'),
    fault('the heel falls behind the line of the toes', 'behind', 'Heel forward, over the second toe.'),
    fault('weight slips to the brushing foot', 'front', 'The standing foot keeps its three points.'),
  ],
  cautions: [
    care('cramp', 'go-gently', 'Cramp in the sole: flat foot, shake, fewer.'),
    care('growing-feet', 'go-gently', 'No forcing of the point.'),
  ],
  cues: cues(
    'Side to the barre, a hand on it, standing leg long, legs turned out only as far as the hips give.',
    'Through the ball, through the toes, long. Home through toes and ball.',
    'Paint drawn out to a thin line, and the line drawn back.',
    'Ball first, toes last, every time.',
  ),
  foundBy: ['barre', 'tendu', 'brush', 'point', 'dancer', 'ballet', 'articulate'],
  performance: performance({
    facing: 'support',
    sidePattern: 'each',
    kit: [kit('barre', 'room', { chair: 'a heavy chair back', wall: 'a hand on the wall' })],
    footwear: 'bare or socks',
    floorsRuledOut: ['carpet', 'outdoors'],
    phases: [
      phase(
        'through the ball',
        1,
        foot(standing, {
          contacts: {
            heel: ['lift', 'air'],
            bigToe: ['press', 'floor'],
            smallToes: ['press', 'floor'],
          },
          heelHeightCm: 5,
          ankle: 'down',
          knee: 'locked',
        }),
        { other: foot(standing, { role: 'stands', knee: 'locked' }), undo: 'through the ball' },
      ),
      phase(
        'long point',
        1,
        foot(standing, {
          contacts: {
            heel: ['lift', 'air'],
            innerBall: ['lift', 'air'],
            outerBall: ['lift', 'air'],
            bigToe: ['rest', 'floor'],
            smallToes: ['rest', 'floor'],
          },
          heelHeightCm: 10,
          ankle: 'down',
          knee: 'locked',
          weightLine: 'none',
        }),
        { other: foot(standing, { role: 'stands', knee: 'locked' }), undo: 'home', picture: 'ankle-side' },
      ),
      phase('home', 2, foot(standing, { knee: 'locked' }), {
        other: foot(standing, { role: 'stands', knee: 'locked' }),
        undo: 'long point',
      }),
    ],
    regions: { 'toe-flexors': 2, calf: 1, 'arch-intrinsics': 1, 'hip-and-trunk': 1 },
    balance: { working: 0, standing: 2 },
  }),
  doses: range(reps(4), reps(8), reps(16)),
  ladder: ladder(
    'barre',
    rung(
      'facing',
      'facing the barre, both hands',
      { support: 'both hands', speed: 'slow' },
      range(reps(4), reps(8), reps(16)),
      saw('Toes stay long to the end, both feet.'),
    ),
    rung(
      'barre',
      'side to the barre, one hand',
      { support: 'one hand', speed: 'slow' },
      range(reps(4), reps(8), reps(16)),
      saw('The standing foot keeps three points all the way, both feet.', 2),
    ),
    rung(
      'off-barre',
      'beside the barre, hands free',
      { support: 'none', speed: 'slow' },
      range(reps(4), reps(8), reps(16)),
      null,
      {
        change: { facing: 'centre', balance: { working: 0, standing: 3 } },
      },
    ),
  ),
  levelWords: {
    facing: {
      setup: 'Face the barre, both hands on it, standing leg long, legs turned out only as far as the hips give.',
    },
    'off-barre': {
      setup: 'A step from the barre, hands free, standing leg long, legs turned out only as far as the hips give.',
    },
  },
});
