import type { Exercise } from '../../exercise';
import type { FootState } from '../../foot-state';
import {
  checked,
  cleanReps,
  exercise,
  foot,
  ladder,
  performance,
  phase,
  range,
  reps,
  restsFlat,
  rung,
  saw,
  say,
  standing,
} from '../author';
import { chair, grounded } from '../shared/toes';

const oneFootLayDown = (hands?: FootState['hands']): Partial<Exercise['performance']> => ({
  sidePattern: 'each',
  phases: [
    phase(
      'all up and wide',
      2,
      foot(grounded, {
        contacts: { bigToe: ['lift', 'air'], smallToes: ['lift', 'air'] },
        toes: 'spread',
        midfoot: 'lifted',
        hands,
      }),
      { other: restsFlat },
    ),
    phase('down, little toe first', 4, foot(grounded, { toes: 'spread' }), { other: restsFlat }),
  ],
});

export const layDownOneByOne: Exercise = exercise({
  id: 'lay-down-one-by-one',
  name: say('Lay the toes down one by one', 'Sequential toe lowering'),
  family: 'toes',
  purpose: 'All toes up and wide, then down in order from the little toe, for a wide, quiet landing.',
  stage: 'active',
  directions: ['toes-lift', 'toes-spread'],
  faults: [
    { seen: 'toes drop together', from: 'above', say: 'Little toe first. Wait for it.' },
    { seen: 'the inner ball lifts to help', from: 'inner side', say: 'Inner ball keeps its place.' },
  ],
  cues: {
    setup: say('Sit, both feet flat, look at your toes.'),
    action: say('All up, wide, and down one after the other, little toe first.'),
    breath: null,
    picture: say('A hand laid down on a piano, finger by finger.'),
    correction: say('Slower than you think.'),
  },
  foundBy: ['toes', 'one by one', 'piano', 'spread', 'order'],
  performance: performance({
    position: 'chair-seated',
    sidePattern: 'both',
    kit: [chair],
    phases: [
      phase(
        'all up and wide',
        2,
        foot(grounded, {
          contacts: { bigToe: ['lift', 'air'], smallToes: ['lift', 'air'] },
          toes: 'spread',
          midfoot: 'lifted',
        }),
      ),
      phase('down, little toe first', 4, foot(grounded, { toes: 'spread' })),
    ],
    regions: { 'toe-extensors': 2, 'arch-intrinsics': 1 },
  }),
  doses: range(reps(3), reps(5), reps(8)),
  ladder: ladder(
    'both-feet',
    rung(
      'fingers-spread',
      'one foot, fingers spread the toes first',
      { 'hand-help': 'fingers', base: 'one foot' },
      range(reps(2), reps(4), reps(6)),
      saw('The toes land in order on both feet.'),
      { change: oneFootLayDown(['between the toes']) },
    ),
    rung(
      'one-foot',
      'one foot, hands off',
      { 'hand-help': 'none', base: 'one foot' },
      range(reps(3), reps(5), reps(8)),
      checked('toes-spread-without-fingers', 'They spread without fingers, both feet.'),
      { change: oneFootLayDown() },
    ),
    rung(
      'both-feet',
      'ten toes together',
      { 'hand-help': 'none', base: 'both feet' },
      range(reps(3), reps(5), reps(8)),
      cleanReps(5, '5 in order on both feet.'),
    ),
    rung(
      'standing',
      'ten toes, standing',
      { 'hand-help': 'none', base: 'both feet, standing' },
      range(reps(3), reps(5), reps(8)),
      null,
      {
        change: {
          position: 'standing',
          kit: [],
          phases: [
            phase(
              'all up and wide',
              2,
              foot(standing, {
                contacts: { bigToe: ['lift', 'air'], smallToes: ['lift', 'air'] },
                toes: 'spread',
                midfoot: 'lifted',
              }),
            ),
            phase('down, little toe first', 4, foot(standing, { toes: 'spread' })),
          ],
          balance: { working: 1, standing: 0 },
        },
      },
    ),
  ),
  levelWords: {
    'fingers-spread': {
      setup: 'Sit, one foot flat, fingers of one hand at your toes.',
      action: 'Fingers spread the toes. Up, wide, and down one after the other, little toe first.',
    },
    'one-foot': { setup: 'Sit, one foot flat, look at your toes.' },
    standing: { setup: 'Stand, feet under your hips, look at your toes.' },
  },
});
