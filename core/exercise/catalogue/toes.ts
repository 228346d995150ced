import type { Exercise } from '../exercise';
import {
  checked,
  cleanHold,
  cleanReps,
  exercise,
  foot,
  holds,
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
} from './author';

const grounded = foot(seatedFlat, {
  contacts: { heel: ['press', 'floor'], innerBall: ['press', 'floor'], outerBall: ['press', 'floor'] },
});
const chair = kit('chair', 'person', { mat: 'on the floor, knee bent, foot flat: the calf helps less' });
const handHelp = (words: string, helped: string): Exercise['ladder'] => ({
  startRung: 'hand-holds',
  rungs: [
    {
      id: 'hand-lifts',
      name: 'the hand does it, the toes think it',
      axes: { 'hand-help': 'hand lifts' },
      why: null,
      change: { setup: 'props' },
      doses: range(reps(4), reps(6), reps(8)),
      gate: {
        test: 'teacher-saw-it',
        value: null,
        occasions: 1,
        words: `${helped} the hand without pushing back, both feet.`,
      },
    },
    {
      id: 'hand-holds',
      name: words,
      axes: { 'hand-help': 'hand holds the others' },
      why: null,
      change: {},
      doses: range(reps(4), reps(8), reps(12)),
      gate: { test: 'clean-reps', value: 8, occasions: 2, words: '8 clean reps on both feet, on two days.' },
    },
    {
      id: 'free',
      name: 'hands off',
      axes: { 'hand-help': 'none' },
      why: null,
      change: {},
      doses: range(reps(4), reps(6), reps(12)),
      gate: null,
    },
  ],
});

export const bigToeUp: Exercise = exercise({
  id: 'big-toe-up',
  name: say('Big toe up alone', 'Isolated hallux extension'),
  family: 'toes',
  purpose: 'Lifts the big toe while the four others stay; the arch rises with it.',
  stage: 'active',
  directions: ['toes-lift'],
  faults: [
    { seen: 'all five toes rise', from: 'above', say: 'Hold the four down with your fingers.' },
    { seen: 'the big toe drifts towards the others', from: 'above', say: 'Steer it straight up.' },
    { seen: 'the foot rolls to its outer edge', from: 'front', say: 'Inner ball stays down.' },
  ],
  cautions: [{ concern: 'sore-big-toe-joint', action: 'go-gently', words: 'Only as far as it goes without pain.' }],
  cues: {
    setup: say('Sit, one foot flat, heel under the knee.'),
    action: say('Big toe up, four stay. Lay it down long.', 'Extend the hallux, lesser toes down. Lower it long.'),
    breath: null,
    picture: say('One shutter opens, the others stay closed.'),
    correction: say('Four heavy, one light.'),
  },
  foundBy: ['big toe', 'lift', 'isolate', 'toe yoga', 'arch'],
  performance: performance({
    position: 'chair-seated',
    sidePattern: 'each',
    kit: [chair],
    phases: [
      phase(
        'big toe up',
        2,
        foot(grounded, { contacts: { bigToe: ['lift', 'air'], smallToes: ['press', 'floor'] }, midfoot: 'lifted' }),
        { other: restsFlat, undo: 'lay it down' },
      ),
      phase('lay it down', 2, grounded, { other: restsFlat, undo: 'big toe up' }),
    ],
    regions: { 'toe-extensors': 2, 'arch-intrinsics': 1 },
  }),
  doses: range(reps(4), reps(8), reps(12)),
  ladder: handHelp('fingers hold the four others down', 'The toe follows'),
});

export const fourToesUp: Exercise = exercise({
  id: 'four-toes-up',
  name: say('Four toes up, big toe stays', 'Lesser toe extension, hallux anchored'),
  family: 'toes',
  purpose: 'The other half of big toe up: the big toe presses while four lift.',
  stage: 'active',
  directions: ['toes-lift'],
  faults: [
    { seen: 'the big toe comes along', from: 'above', say: 'Press the big toe as into a doorbell.' },
    { seen: 'the big toe bends and grips', from: 'inner side', say: 'Press it long, not curled.' },
  ],
  cues: {
    setup: say('Sit, one foot flat, heel under the knee.'),
    action: say(
      'Press the big toe, lift the four. Lay them down wide.',
      'Anchor the hallux, extend the lesser toes. Lower them spread.',
    ),
    breath: null,
    picture: say('The four toes wave; the big one keeps the boat tied.'),
    correction: say('The arch may flatten here; that is normal.'),
  },
  foundBy: ['toes', 'lift', 'little toes', 'isolate', 'toe yoga'],
  performance: performance({
    position: 'chair-seated',
    sidePattern: 'each',
    kit: [chair],
    phases: [
      phase(
        'four toes up',
        2,
        foot(grounded, { contacts: { bigToe: ['press', 'floor'], smallToes: ['lift', 'air'] }, midfoot: 'let-down' }),
        { other: restsFlat, undo: 'lay them down' },
      ),
      phase('lay them down', 2, foot(grounded, { toes: 'spread' }), { other: restsFlat, undo: 'four toes up' }),
    ],
    regions: { 'toe-extensors': 2, 'toe-flexors': 1 },
  }),
  doses: range(reps(4), reps(8), reps(12)),
  ladder: handHelp('fingers hold the big toe down', 'The toes follow'),
});

const oneFootLayDown: Partial<Exercise['performance']> = {
  sidePattern: 'each',
  phases: [
    phase(
      'all up and wide',
      2,
      foot(grounded, {
        contacts: { bigToe: ['lift', 'air'], smallToes: ['lift', 'air'] },
        toes: 'spread',
        midfoot: 'lifted',
      }),
      { other: restsFlat },
    ),
    phase('down, little toe first', 4, foot(grounded, { toes: 'spread' }), { other: restsFlat }),
  ],
};

export const layDownOneByOne: Exercise = exercise({
  id: 'lay-down-one-by-one',
  name: say('Lay the toes down one by one', 'Sequential toe lowering'),
  family: 'toes',
  purpose: 'All toes up and wide, then down in order from the little toe, for a wide, quiet landing.',
  stage: 'active',
  directions: ['toes-lift', 'toes-spread'],
  faults: [
    { seen: 'toes drop together', from: 'above', say: 'Little toe first. Wait for it.' },
    { seen: 'the foot tips to its outer edge to help', from: 'front', say: 'Inner ball keeps its place.' },
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
      { change: oneFootLayDown },
    ),
    rung(
      'one-foot',
      'one foot, hands off',
      { 'hand-help': 'none', base: 'one foot' },
      range(reps(3), reps(5), reps(8)),
      checked('toes-spread-without-fingers', 'They spread without fingers, both feet.'),
      { change: oneFootLayDown },
    ),
    rung(
      'both-feet',
      'ten toes together',
      { 'hand-help': 'none', base: 'both feet' },
      range(reps(3), reps(5), reps(8)),
      cleanReps(5, '5 in order on both feet, on two days.'),
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
});

export const spreadAndNarrow: Exercise = exercise({
  id: 'spread-and-narrow',
  name: say('Toes wide, toes narrow', 'Active toe abduction and adduction'),
  family: 'toes',
  purpose: 'Opens and closes the toes along the floor, which shoes forget.',
  stage: 'active',
  directions: ['toes-spread', 'toes-narrow'],
  faults: [
    { seen: 'toes lift instead of opening', from: 'above', say: 'Wide along the floor, not up.' },
    { seen: 'fingers do it too, toes do not', from: 'front', say: 'Fingers may show it; then let the toes copy.' },
  ],
  cautions: [
    { concern: 'bunion-pain', action: 'go-gently', words: 'Small and free of pain; a finger may steer the big toe.' },
  ],
  cues: {
    setup: say('Sit, both feet flat.'),
    action: say('Spread the toes along the floor. Bring them side by side.', 'Abduct all toes. Adduct.'),
    breath: null,
    picture: say('A fan opens and closes.'),
    correction: say('Heavy toes, wide toes.'),
  },
  foundBy: ['spread', 'wide', 'fan', 'bunion', 'toes apart'],
  performance: performance({
    position: 'chair-seated',
    sidePattern: 'both',
    kit: [chair],
    phases: [
      phase('wide', 3, foot(grounded, { toes: 'spread' }), { undo: 'narrow' }),
      phase('narrow', 2, foot(grounded, { toes: 'long' }), { undo: 'wide' }),
    ],
    regions: { 'arch-intrinsics': 2 },
  }),
  doses: range(reps(5), reps(8), reps(12)),
  ladder: ladder(
    'fingers-copy',
    rung(
      'fingers-copy',
      'the fingers do it beside them',
      { 'hand-help': 'fingers copy', base: 'seated' },
      range(reps(5), reps(8), reps(12)),
      checked('toes-spread-without-fingers', 'The toes spread without the fingers, both feet.'),
    ),
    rung(
      'free',
      'hands quiet',
      { 'hand-help': 'none', base: 'seated' },
      range(reps(5), reps(8), reps(12)),
      cleanReps(8, '8 along the floor, both feet, on two days.'),
    ),
    rung('standing', 'standing', { 'hand-help': 'none', base: 'hip width' }, range(reps(5), reps(8), reps(12)), null, {
      change: {
        position: 'standing',
        kit: [],
        phases: [
          phase('wide', 3, foot(standing, { toes: 'spread' }), { undo: 'narrow' }),
          phase('narrow', 2, standing, { undo: 'wide' }),
        ],
      },
    }),
  ),
});

export const splitHold: Exercise = exercise({
  id: 'toe-split-hold',
  name: say('Split hold: one up, then four up', 'Isometric toe dissociation'),
  family: 'toes',
  purpose: 'Holds the two toe lifts for ten seconds each way.',
  stage: 'active',
  directions: ['toes-lift'],
  faults: [
    { seen: 'all toes rise together', from: 'above', say: 'A finger on those that should stay.' },
    { seen: 'toes sink before the end', from: 'above', say: 'Lower but steady; hold what you have.' },
  ],
  cautions: [{ concern: 'cramp', action: 'go-gently', words: 'Cramp is expected here: ease, shake, resume.' }],
  cues: {
    setup: say('Sit, one foot flat.'),
    action: say('Big toe up and hold. Change: four up and hold.'),
    breath: null,
    picture: say('A seesaw that rests at each end.'),
    correction: say('Half the height, twice as quiet.'),
  },
  foundBy: ['hold', 'toes', 'isolate', 'split', 'toe yoga'],
  performance: performance({
    position: 'chair-seated',
    sidePattern: 'each',
    kit: [chair],
    phases: [
      phase(
        'big toe up',
        10,
        foot(grounded, { contacts: { bigToe: ['lift', 'air'], smallToes: ['press', 'floor'] }, midfoot: 'lifted' }),
        { other: restsFlat },
      ),
      phase(
        'four up',
        10,
        foot(grounded, { contacts: { bigToe: ['press', 'floor'], smallToes: ['lift', 'air'] }, midfoot: 'let-down' }),
        { other: restsFlat },
      ),
    ],
    regions: { 'toe-extensors': 2, 'arch-intrinsics': 1 },
  }),
  doses: range(
    holds(1, 5, 3, { per: { directions: 2 } }),
    holds(1, 10, 3, { per: { directions: 2 } }),
    holds(2, 10, 3, { per: { directions: 2 } }),
    'usual practice',
  ),
  ladder: ladder(
    'hand-holds',
    rung(
      'hand-holds',
      'fingers hold those that should stay',
      { 'hand-help': 'hand holds the others', base: 'seated' },
      range(
        holds(1, 5, 3, { per: { directions: 2 } }),
        holds(1, 10, 3, { per: { directions: 2 } }),
        holds(2, 10, 3, { per: { directions: 2 } }),
      ),
      checked('big-toe-separates', 'Free on both feet when tried without the hand.'),
    ),
    rung(
      'free',
      'hands off',
      { 'hand-help': 'none', base: 'seated' },
      range(
        holds(1, 5, 3, { per: { directions: 2 } }),
        holds(1, 10, 3, { per: { directions: 2 } }),
        holds(2, 10, 3, { per: { directions: 2 } }),
        'usual practice',
      ),
      cleanHold(10, '10 s each way on both feet, on two days.'),
    ),
    rung(
      'standing',
      'standing',
      { 'hand-help': 'none', base: 'hip width' },
      range(
        holds(1, 5, 3, { per: { directions: 2 } }),
        holds(1, 10, 3, { per: { directions: 2 } }),
        holds(2, 10, 3, { per: { directions: 2 } }),
      ),
      null,
      {
        change: {
          position: 'standing',
          kit: [],
          phases: [
            phase(
              'big toe up',
              10,
              foot(standing, {
                contacts: { bigToe: ['lift', 'air'], smallToes: ['press', 'floor'] },
                midfoot: 'lifted',
              }),
              { other: stands },
            ),
            phase(
              'four up',
              10,
              foot(standing, {
                contacts: { bigToe: ['press', 'floor'], smallToes: ['lift', 'air'] },
                midfoot: 'let-down',
              }),
              { other: stands },
            ),
          ],
        },
      },
    ),
  ),
});
