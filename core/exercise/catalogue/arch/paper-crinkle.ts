import type { Exercise } from '../../exercise';
import {
  checked,
  cues,
  exercise,
  fault,
  foot,
  kit,
  ladder,
  performance,
  phase,
  range,
  restsFlat,
  rung,
  say,
  standing,
  stands,
  timed,
} from '../author';
import { chair, smooth, frontOn } from '../shared/arch-work';

export const paperCrinkle: Exercise = exercise({
  id: 'paper-crinkle',
  name: say('Crinkle the paper', 'Paper-grip activation'),
  family: 'arch',
  purpose: 'A sheet of paper under the foot keeps the proof: a crease says that the small muscles answered.',
  stage: 'active',
  directions: ['toes-curl', 'toes-spread'],
  faults: [
    fault('no mark on the paper', 'above', 'Spread the toes first, then grip.'),
    fault('the heel comes up', 'outer side', 'Heel heavy.'),
  ],
  cues: cues(
    'Sit, a sheet of paper under the front of one foot.',
    'Spread, grip, let go.',
    'A cat kneads a blanket.',
    'Spread first.',
  ),
  foundBy: ['paper', 'crinkle', 'grip', 'toes', 'arch', 'proof'],
  schools: { archWork: 'toes-grip' },
  performance: performance({
    position: 'chair-seated',
    sidePattern: 'each',
    kit: [kit('paper', 'person', { cloth: 'a thin cloth shows less' }), chair],
    ...smooth,
    floorsRuledOut: [...smooth.floorsRuledOut],
    setup: 'props',
    phases: [
      phase('spread', 5, foot(frontOn('paper'), { toes: 'spread' }), { other: restsFlat, effort: false }),
      phase(
        'grip',
        10,
        foot(frontOn('paper'), {
          contacts: {
            bigToe: ['press', 'paper'],
            smallToes: ['press', 'paper'],
            innerBall: ['press', 'paper'],
            outerBall: ['press', 'paper'],
          },
          toes: 'curled',
          midfoot: 'lifted',
        }),
        { other: restsFlat, effort: true },
      ),
    ],
    regions: { 'toe-flexors': 2, 'arch-intrinsics': 2 },
  }),
  doses: range(timed(30), timed(60), timed(90, { sets: 2, setRest: 15 }), 'usual practice'),
  ladder: ladder(
    'seated',
    rung(
      'seated',
      'seated, looking at the paper',
      { base: 'seated', eyes: 'open' },
      range(timed(30), timed(60), timed(90), 'usual practice'),
      checked('paper-creases', 'The paper shows a crease from both feet.'),
    ),
    rung(
      'unseen',
      'seated, looking straight ahead',
      { base: 'seated', eyes: 'away' },
      range(timed(30), timed(60), timed(90)),
      checked('paper-creases', 'It creases with the eyes straight ahead, both feet.'),
    ),
    rung(
      'standing',
      'standing, looking straight ahead',
      { base: 'hip width', eyes: 'away' },
      range(timed(30), timed(60), timed(90)),
      null,
      {
        change: {
          position: 'standing',
          kit: [kit('paper', 'person', { cloth: 'a thin cloth shows less' })],
          phases: [
            phase(
              'spread',
              5,
              foot(standing, {
                contacts: {
                  innerBall: ['rest', 'paper'],
                  outerBall: ['rest', 'paper'],
                  bigToe: ['rest', 'paper'],
                  smallToes: ['rest', 'paper'],
                },
                toes: 'spread',
              }),
              { other: stands },
            ),
            phase(
              'grip',
              10,
              foot(standing, {
                contacts: {
                  innerBall: ['press', 'paper'],
                  outerBall: ['press', 'paper'],
                  bigToe: ['press', 'paper'],
                  smallToes: ['press', 'paper'],
                },
                toes: 'curled',
                midfoot: 'lifted',
              }),
              { other: stands },
            ),
          ],
        },
      },
    ),
  ),
  levelWords: {
    unseen: { action: 'Look straight ahead. Spread, grip, let go.' },
    standing: {
      setup: 'Stand, a sheet of paper under the front of one foot.',
      action: 'Look straight ahead. Spread, grip, let go.',
    },
  },
});
