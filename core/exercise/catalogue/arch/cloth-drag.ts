import type { Exercise } from '../../exercise';
import {
  cleanReps,
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
  restsFlat,
  rung,
  saw,
  say,
  seatedFlat,
  standing,
  stands,
} from '../author';
import { chair, chairBack, smooth } from '../shared/arch-work';

const onCloth = (toes: 'press' | 'rest', balls: 'press' | 'rest') =>
  foot(standing, {
    contacts: {
      heel: ['press', 'floor'],
      innerBall: [balls, 'cloth'],
      outerBall: [balls, 'cloth'],
      bigToe: [toes, 'cloth'],
      smallToes: [toes, 'cloth'],
    },
  });

/** The other foot helps with its toes only. */
const toesOnly = foot(stands, {
  role: 'rests',
  contacts: { heel: ['lift', 'air'], innerBall: ['rest', 'floor'], outerBall: ['rest', 'floor'] },
  heelHeightCm: 5,
});

export const clothDrag: Exercise = exercise({
  id: 'cloth-drag',
  name: say('Draw the cloth towards the heel, toes long', 'Towel drag, toe joints straight'),
  family: 'arch',
  purpose: 'The ball of the foot slides towards the heel and takes the cloth with it; the toes never curl.',
  stage: 'loaded',
  directions: [],
  faults: [
    fault('toes scratch at the cloth', 'above', 'Toes long; the ball of the foot pulls.'),
    fault('the ankle bends up to help', 'outer side', 'Shin still, arch up.'),
  ],
  cues: cues(
    'One foot a little in front, ball of the foot on the cloth, toes long.',
    'Shorten the foot: draw the ball towards the heel. One small fold is plenty. Let it go.',
    'A caterpillar’s first step.',
    'No fold at all is better than one made with the toes.',
  ),
  foundBy: ['towel', 'cloth', 'drag', 'arch', 'short foot'],
  schools: { archWork: 'long-toes-press' },
  performance: performance({
    sidePattern: 'each',
    kit: [kit('cloth', 'person', { paper: 'a sheet of paper shows the same pull' })],
    ...smooth,
    floorsRuledOut: [...smooth.floorsRuledOut],
    setup: 'props',
    phases: [
      phase('draw in', 9, foot(onCloth('rest', 'press'), { midfoot: 'lifted', toes: 'long' }), {
        other: stands,
        undo: 'let it go',
        effort: true,
      }),
      phase('let it go', 5, foot(onCloth('rest', 'rest'), { toes: 'long' }), {
        other: stands,
        undo: 'draw in',
        effort: false,
      }),
    ],
    regions: { 'arch-intrinsics': 3 },
  }),
  doses: range(reps(5), reps(8), reps(12)),
  ladder: ladder(
    'standing',
    rung(
      'seated',
      'seated, no weight',
      { base: 'seated' },
      range(reps(5), reps(8), reps(12)),
      saw('The foot shortens and no toe curls, both feet.'),
      {
        change: {
          position: 'chair-seated',
          kit: [kit('cloth', 'person', { paper: 'a sheet of paper shows the same pull' }), chair],
          phases: [
            phase(
              'draw in',
              9,
              foot(seatedFlat, {
                contacts: {
                  innerBall: ['rest', 'cloth'],
                  outerBall: ['rest', 'cloth'],
                  bigToe: ['rest', 'cloth'],
                  smallToes: ['rest', 'cloth'],
                },
                midfoot: 'lifted',
              }),
              { other: restsFlat, undo: 'let it go', effort: true },
            ),
            phase(
              'let it go',
              5,
              foot(seatedFlat, {
                contacts: {
                  innerBall: ['rest', 'cloth'],
                  outerBall: ['rest', 'cloth'],
                  bigToe: ['rest', 'cloth'],
                  smallToes: ['rest', 'cloth'],
                },
              }),
              { other: restsFlat, undo: 'draw in', effort: false },
            ),
          ],
          regions: { 'arch-intrinsics': 2 },
        },
      },
    ),
    rung(
      'standing',
      'standing, a little weight',
      { base: 'split' },
      range(reps(5), reps(8), reps(12)),
      cleanReps(8, '8 with long toes on both feet.'),
    ),
    rung(
      'one-foot',
      'most of the weight on it',
      { base: 'one foot, toes of the other down', support: 'fingers' },
      range(reps(4), reps(6), reps(10)),
      null,
      {
        why: 'With most of the weight on one foot the fingers go to a chair, on purpose.',
        change: {
          facing: 'support',
          kit: [kit('cloth', 'person'), chairBack],
          phases: [
            phase('draw in', 9, foot(onCloth('rest', 'press'), { midfoot: 'lifted', toes: 'long' }), {
              other: toesOnly,
              undo: 'let it go',
              effort: true,
            }),
            phase('let it go', 5, foot(onCloth('rest', 'rest'), { toes: 'long' }), {
              other: toesOnly,
              undo: 'draw in',
              effort: false,
            }),
          ],
          balance: { working: 2, standing: 1 },
        },
      },
    ),
  ),
  levelWords: {
    seated: { setup: 'Sit, ball of one foot on the cloth, toes long.' },
    'one-foot': {
      setup: 'Fingers on the chair, most of the weight on the foot on the cloth, only the toes of the other down.',
    },
  },
});
