import type { Exercise } from '../exercise';
import {
  care,
  checked,
  cleanHold,
  cleanReps,
  cues,
  exercise,
  fault,
  foot,
  holds,
  kit,
  ladder,
  offTheFloor,
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
  timed,
} from './author';

const grounded = foot(seatedFlat, {
  contacts: { heel: ['press', 'floor'], innerBall: ['press', 'floor'], outerBall: ['press', 'floor'] },
});
const bigUp = foot(grounded, {
  contacts: { bigToe: ['lift', 'air'], smallToes: ['press', 'floor'] },
  midfoot: 'lifted',
});
const fourUp = foot(grounded, {
  contacts: { bigToe: ['press', 'floor'], smallToes: ['lift', 'air'] },
  midfoot: 'let-down',
});
const chair = kit('chair', 'person', { mat: 'on the floor, knee bent, foot flat: the calf helps less' });
const chairBack = kit('chair', 'person', { wall: 'a wall gives more hold and less freedom to sway' });
const soreBigToe = care('sore-big-toe-joint', 'go-gently', 'Only as far as it goes without pain.');
const falls = care('falls-or-faints', 'change-support', 'Beside a wall or chair, hand on it, eyes open.');

export const bigToeOwnRange: Exercise = exercise({
  id: 'big-toe-own-range',
  name: say('Big toe up as far as the hand took it', 'Active first MTP extension to passive range'),
  family: 'toes',
  purpose: 'Makes the range that the hand can give the big toe into range that the toe can use.',
  stage: 'active',
  directions: ['toes-lift'],
  faults: [
    fault('the toe drifts towards the others', 'above', 'Steer it with a finger, along the laces.'),
    fault('the inner ball lifts with the toe', 'inner side', 'Inner ball heavy; only the toe goes.'),
  ],
  cautions: [soreBigToe],
  cues: cues(
    'Sit, one foot flat. First bend the big toe up by hand, and remember how far.',
    [
      'Now without the hand: big toe up to the same place. Stay, then lower it long.',
      'Extend the hallux actively to its passive limit. Stay, then lower.',
    ],
    'The hand draws a pencil line; the toe comes up to it.',
    'Straight first, high second.',
  ),
  foundBy: ['big toe', 'lift', 'range', 'stiff toe', 'strength'],
  performance: performance({
    position: 'chair-seated',
    sidePattern: 'each',
    kit: [chair],
    setup: 'props',
    phases: [
      phase('big toe up', 2, bigUp, { other: restsFlat, undo: 'lower it', effort: true }),
      phase('stay', 3, bigUp, { other: restsFlat, undo: 'stay', effort: true }),
      phase('lower it', 2, grounded, { other: restsFlat, undo: 'big toe up', effort: false }),
    ],
    regions: { 'toe-extensors': 2, 'big-toe-joint': 1, 'arch-intrinsics': 1 },
  }),
  doses: range(reps(3), reps(5), reps(8)),
  ladder: ladder(
    'helped',
    rung(
      'by-hand',
      'the hand lifts, the toe goes along',
      { 'hand-help': 'hand lifts' },
      range(reps(3), reps(4), reps(6)),
      checked('big-toe-by-hand', 'The hand brings it up without pain, both feet; the angle is noted.'),
    ),
    rung(
      'helped',
      'the toe lifts, a finger steers',
      { 'hand-help': 'finger steers' },
      range(reps(3), reps(5), reps(8)),
      saw('It stays on its line to the top, both feet.', 2),
    ),
    rung(
      'free',
      'hands off',
      { 'hand-help': 'none' },
      range(reps(3), reps(5), reps(10)),
      checked('big-toe-unaided', 'It comes within a finger’s width of what the hand reached, both feet.'),
    ),
    rung(
      'standing',
      'standing, weight on both feet',
      { 'hand-help': 'none', base: 'hip width' },
      range(reps(3), reps(5), reps(10)),
      null,
      {
        change: {
          position: 'standing',
          kit: [],
          phases: [
            phase(
              'big toe up',
              2,
              foot(standing, {
                contacts: { bigToe: ['lift', 'air'], smallToes: ['press', 'floor'] },
                midfoot: 'lifted',
              }),
              { other: stands, undo: 'lower it', effort: true },
            ),
            phase(
              'stay',
              3,
              foot(standing, {
                contacts: { bigToe: ['lift', 'air'], smallToes: ['press', 'floor'] },
                midfoot: 'lifted',
              }),
              { other: stands, undo: 'stay', effort: true },
            ),
            phase('lower it', 2, standing, { other: stands, undo: 'big toe up', effort: false }),
          ],
        },
      },
    ),
  ),
});

const allUpStanding = foot(standing, {
  contacts: { bigToe: ['lift', 'air'], smallToes: ['lift', 'air'] },
  midfoot: 'lifted',
});
export const allToesUp: Exercise = exercise({
  id: 'all-toes-up',
  name: say('All toes up and down', 'Active toe extension, all digits'),
  family: 'toes',
  purpose: 'Wakes the front of the shin and the toe lifters; many feel it as high as the hip.',
  stage: 'active',
  directions: ['toes-lift'],
  faults: [
    fault('weight falls back into the heels', 'outer side', 'Balls of the feet keep their place.'),
    fault('toes slap down', 'above', 'Lay them down one by one, without a sound.'),
  ],
  cautions: [falls],
  cues: cues(
    'Stand with your feet under your hips, fingertips on the chair if you like.',
    'All ten toes up; balls and heels stay. Lay them down long.',
    'Ten shutters open to the morning.',
    'Lift from the knuckles, ankles quiet.',
  ),
  foundBy: ['toes', 'lift', 'wake', 'shin', 'warm up'],
  performance: performance({
    facing: 'support',
    kit: [chairBack],
    phases: [
      phase('toes up', 2, allUpStanding, { undo: 'toes down', effort: true }),
      phase('toes down', 2, foot(standing, { toes: 'spread' }), { undo: 'toes up', effort: false }),
    ],
    regions: { 'toe-extensors': 2, shin: 1 },
    balance: { working: 1, standing: 0 },
  }),
  doses: range(reps(5), reps(8), reps(16)),
  ladder: ladder(
    'fingertips',
    rung(
      'seated',
      'seated',
      { base: 'seated', support: 'chair' },
      range(reps(5), reps(8), reps(16)),
      saw('All ten lift and the feet stay where they are, both feet.'),
      {
        change: {
          position: 'chair-seated',
          kit: [chair],
          facing: 'any',
          balance: { working: 0, standing: 0 },
          phases: [
            phase('toes up', 2, foot(grounded, { contacts: { bigToe: ['lift', 'air'], smallToes: ['lift', 'air'] } }), {
              undo: 'toes down',
              effort: true,
            }),
            phase('toes down', 2, foot(grounded, { toes: 'spread' }), { undo: 'toes up', effort: false }),
          ],
        },
      },
    ),
    rung(
      'fingertips',
      'standing, fingertips on the chair',
      { base: 'hip width', support: 'chair' },
      range(reps(5), reps(8), reps(16)),
      cleanReps(8, '8 without swaying, both feet alike.'),
    ),
    rung(
      'free',
      'standing, hands free',
      { base: 'hip width', support: 'none' },
      range(reps(5), reps(8), reps(16)),
      null,
      {
        change: { kit: [], facing: 'any', balance: { working: 2, standing: 0 } },
      },
    ),
  ),
});

export const toeSeesaw: Exercise = exercise({
  id: 'toe-seesaw',
  name: say('Toe seesaw: one up, four up', 'Alternating hallux and lesser toe extension'),
  family: 'toes',
  purpose: 'Changes between the two toe lifts without a stop, so that they stop helping each other.',
  stage: 'active',
  directions: ['toes-lift'],
  faults: [
    fault('toes of both kinds rise together at the change', 'above', 'Land one before the other leaves.'),
    fault('fingers and jaw do the work', 'front', 'Soft hands, soft face.'),
  ],
  cautions: [care('cramp', 'go-gently', 'Cramp is expected: ease, shake, resume.')],
  cues: cues(
    'Sit, one foot flat, heel under the knee.',
    [
      'Big toe up. Change. Four up. Change.',
      'Hallux up, lesser toes down. Change. Lesser toes up, hallux down. Change.',
    ],
    'A seesaw with one heavy child and four light ones.',
    'Slower, and fully down before the change.',
  ),
  foundBy: ['toes', 'alternate', 'coordination', 'toe yoga', 'isolate'],
  performance: performance({
    position: 'chair-seated',
    sidePattern: 'each',
    kit: [chair],
    phases: [
      phase('big toe up', 2, bigUp, { other: restsFlat, undo: 'four toes up' }),
      phase('four toes up', 2, fourUp, { other: restsFlat, undo: 'big toe up' }),
    ],
    regions: { 'toe-extensors': 2, 'arch-intrinsics': 1, 'toe-flexors': 1 },
  }),
  doses: range(reps(4), reps(8), reps(12)),
  ladder: ladder(
    'hand-holds',
    rung(
      'hand-holds',
      'fingers hold whichever should stay',
      { 'hand-help': 'hand holds the others' },
      range(reps(4), reps(6), reps(8)),
      saw('Each half moves while the other stays, both feet.', 2),
    ),
    rung(
      'free',
      'hands off',
      { 'hand-help': 'none' },
      range(reps(4), reps(8), reps(12)),
      cleanReps(8, '8 clean changes on both feet, on two days.'),
    ),
    rung(
      'standing',
      'standing on both feet, hands off',
      { 'hand-help': 'none', base: 'hip width' },
      range(reps(4), reps(8), reps(12)),
      null,
      {
        change: {
          position: 'standing',
          kit: [],
          phases: [
            phase(
              'big toe up',
              2,
              foot(standing, {
                contacts: { bigToe: ['lift', 'air'], smallToes: ['press', 'floor'] },
                midfoot: 'lifted',
              }),
              { other: stands, undo: 'four toes up' },
            ),
            phase(
              'four toes up',
              2,
              foot(standing, {
                contacts: { bigToe: ['press', 'floor'], smallToes: ['lift', 'air'] },
                midfoot: 'let-down',
              }),
              { other: stands, undo: 'big toe up' },
            ),
          ],
        },
      },
    ),
  ),
});

export const bigToeSpring: Exercise = exercise({
  id: 'big-toe-spring',
  name: say('Big toe drawn up and let go', 'Passive hallux lift with active release'),
  family: 'toes',
  purpose: 'Shows the foot what lifting the big toe alone feels like: the hand takes it up, the toe springs back.',
  stage: 'passive',
  directions: ['toes-lift', 'toes-curl'],
  faults: [
    fault('the toe is let go from pain’s edge', 'above', 'Only as far as it goes easily.'),
    fault('the other toes come up with it', 'above', 'The other hand lies on the four.'),
  ],
  cautions: [care('sore-big-toe-joint', 'leave-out', 'Leave it out while the joint is sore.')],
  cues: cues(
    'Sit, one foot flat, a finger under the big toe.',
    'Draw it up, let it go, and let it land flat.',
    'A ruler twanged on the edge of a desk, very softly.',
    'Gentle; it is a hint, not a stretch.',
  ),
  foundBy: ['big toe', 'hand', 'spring', 'help', 'learn'],
  performance: performance({
    position: 'chair-seated',
    sidePattern: 'each',
    kit: [chair],
    phases: [
      phase('hand draws it up', 2, foot(seatedFlat, { contacts: { bigToe: ['lift', 'hand'] }, midfoot: 'lifted' }), {
        other: restsFlat,
      }),
      phase('it lands', 1, foot(seatedFlat, { contacts: { bigToe: ['press', 'floor'] } }), { other: restsFlat }),
    ],
    regions: { 'big-toe-joint': 1, 'toe-flexors': 1 },
  }),
  doses: range(reps(4), reps(8), reps(12)),
});

const oneLeg = (bigToe: 'rest' | 'press', small: 'rest' | 'press') =>
  foot(standing, { contacts: { bigToe: [bigToe, 'floor'], smallToes: [small, 'floor'] } });
export const groundTheToes: Exercise = exercise({
  id: 'ground-the-toes',
  name: say('Toes to the ground on one leg', 'Toe loading in single-leg stance'),
  family: 'toes',
  purpose: 'Puts the whole length of the toes to work while the leg stands on its own.',
  stage: 'integrated',
  directions: ['toes-curl'],
  faults: [
    fault('toes claw', 'above', 'Press them long, as if flattening paper.'),
    fault('the big toe bobs', 'above', 'A little weight into it, and leave it there.'),
  ],
  cautions: [falls, care('cramp', 'go-gently', 'Cramp: put the other foot down, shake, come back.')],
  cues: cues(
    'Beside the chair, fingertips on it, one foot just off the floor.',
    'Notice the toes you stand on. Press them long and keep them there.',
    'Five roots go into the ground; none of them bends.',
    'Half the pressure, twice the length.',
  ),
  foundBy: ['toes', 'one leg', 'balance', 'grip', 'ground'],
  performance: performance({
    facing: 'support',
    sidePattern: 'each',
    kit: [chairBack],
    footwear: 'any',
    phases: [phase('stand and press', 20, oneLeg('press', 'press'), { other: offTheFloor })],
    regions: { 'toe-flexors': 2, 'arch-intrinsics': 1, 'hip-and-trunk': 1 },
    balance: { working: 2, standing: 2 },
  }),
  doses: range(holds(1, 10, 5), holds(2, 20, 5), holds(3, 30, 5)),
  ladder: ladder(
    'notice',
    rung(
      'notice',
      'only notice which toes press',
      { amount: 'notice', support: 'fingertips' },
      range(holds(1, 10, 5), holds(2, 15, 5), holds(2, 30, 5)),
      saw('The student can say which toes press, on both feet.'),
      {
        change: { phases: [phase('stand and notice', 15, oneLeg('rest', 'rest'), { other: offTheFloor })] },
      },
    ),
    rung(
      'big-toe',
      'press the big toe',
      { amount: 'big toe', support: 'fingertips' },
      range(holds(1, 10, 5), holds(2, 20, 5), holds(3, 30, 5)),
      checked('big-toe-stays-down', 'The big toe stays steady, both feet.'),
      {
        change: { phases: [phase('stand and press', 20, oneLeg('press', 'rest'), { other: offTheFloor })] },
      },
    ),
    rung(
      'all-five',
      'press all five, long',
      { amount: 'all five', support: 'fingertips' },
      range(holds(1, 10, 5), holds(2, 20, 5), holds(3, 30, 5)),
      cleanHold(20, '20 s with long toes on both feet, on two days.'),
    ),
    rung(
      'free',
      'all five, hands free',
      { amount: 'all five', support: 'none' },
      range(holds(1, 10, 5), holds(2, 20, 5), holds(3, 30, 5)),
      null,
    ),
  ),
});

const squat = foot(standing, { knee: 'bent', ankle: 'up', weightLine: 'even' });
export const toeLiftsInSquat: Exercise = exercise({
  id: 'toe-lifts-in-squat',
  name: say('Toe lifts in a deep squat', 'Toe extension in full squat'),
  family: 'toes',
  purpose: 'Toe control where the ankle is bent most, with hips and knees folded.',
  stage: 'integrated',
  directions: ['toes-lift', 'ankle-up'],
  faults: [
    fault('knees cave in', 'front', 'Elbows open the knees over the toes; a slight turn-out of the legs is fine.'),
    fault('heels lift', 'outer side', 'Hold on to something and sit back, or put a folded mat under the heels.'),
  ],
  cautions: [
    care('sore-knees', 'leave-out', 'No deep squat on sore knees: do the seated toe lifts.'),
    care('sore-big-toe-joint', 'go-gently', 'Small lifts only.'),
    care('pregnancy', 'change-support', 'Hold a chair throughout, or sit on a block.'),
  ],
  cues: cues(
    'Feet a little wider than the hips. Sit down between your heels, elbows inside the knees.',
    'Lift all toes, lay them down. Come up when you need to, and sink in again.',
    'A frog that drums its fingers.',
    'Weight in the middle of the foot.',
  ),
  foundBy: ['squat', 'toes', 'deep', 'hips', 'ankle'],
  performance: performance({
    phases: [
      phase(
        'toes up',
        2,
        foot(squat, { contacts: { bigToe: ['lift', 'air'], smallToes: ['lift', 'air'] }, midfoot: 'lifted' }),
        { undo: 'toes down', effort: true },
      ),
      phase('toes down', 2, squat, { undo: 'toes up', effort: false }),
    ],
    regions: { 'toe-extensors': 2, shin: 2, 'hip-and-trunk': 1 },
    balance: { working: 2, standing: 0 },
  }),
  doses: range(reps(3), reps(6), reps(12)),
  ladder: ladder(
    'on-block',
    rung(
      'on-block',
      'sitting on a block, elbows inside the knees',
      { support: 'block under the seat' },
      range(reps(3), reps(6), reps(12)),
      saw('Knees stay over the toes while the toes move, both feet.', 2),
      {
        change: {
          kit: [kit('block', 'person', { cushion: 'two firm cushions do as well' })],
          balance: { working: 1, standing: 0 },
        },
      },
    ),
    rung(
      'held',
      'one hand on a support',
      { support: 'one hand' },
      range(reps(3), reps(6), reps(12)),
      cleanReps(6, '6 with heels down, both feet, on two days.'),
      {
        change: { facing: 'support', kit: [chairBack] },
      },
    ),
    rung('free', 'hands free', { support: 'none' }, range(reps(3), reps(6), reps(12)), null),
  ),
});

const overEdge = foot(standing, {
  contacts: {
    heel: ['press', 'block'],
    innerBall: ['press', 'block'],
    outerBall: ['press', 'block'],
    bigToe: ['lift', 'air'],
    smallToes: ['hang', 'air'],
  },
  midfoot: 'lifted',
  toes: 'relaxed',
});
export const bigToeOverEdge: Exercise = exercise({
  id: 'big-toe-over-the-edge',
  name: say('Big toe up on a block, four over the edge', 'Hallux extension, lesser toes unsupported'),
  family: 'toes',
  purpose: 'With four toes hanging over the edge, the big toe alone lifts and the arch springs with it.',
  stage: 'loaded',
  directions: ['toes-lift'],
  faults: [
    fault('weight sits back in the heel', 'outer side', 'Bring it over the middle of the foot.'),
    fault('the knee locks', 'outer side', 'Soft knee.'),
  ],
  cautions: [soreBigToe, care('falls-or-faints', 'change-support', 'On the lowest block, a hand on the wall.')],
  cues: cues(
    'Stand on the block, big toe on it, the other toes over the edge. Hand on the wall.',
    'Soft knee. Lift the big toe, feel the arch spring. Let it down.',
    'A bow is drawn and eased.',
    'The arch, not the ankle, comes up.',
  ),
  foundBy: ['big toe', 'block', 'arch', 'spring', 'windlass'],
  performance: performance({
    facing: 'support',
    sidePattern: 'each',
    kit: [
      kit('block', 'person', { step: 'a step edge does as well, one at a time' }),
      kit('wall', 'room', { chair: 'a chair back' }),
    ],
    setup: 'props',
    phases: [
      phase('big toe up', 2, overEdge, { other: stands, undo: 'let it down', effort: true }),
      phase('let it down', 2, foot(overEdge, { contacts: { bigToe: ['rest', 'block'] }, midfoot: 'resting' }), {
        other: stands,
        undo: 'big toe up',
        effort: false,
      }),
    ],
    regions: { 'toe-extensors': 2, 'arch-intrinsics': 2 },
    balance: { working: 2, standing: 0 },
  }),
  doses: range(reps(4), reps(8), reps(12)),
});

export const watchTheToes: Exercise = exercise({
  id: 'watch-the-toes',
  name: say('Watch the toes while standing', 'Toe observation in single-leg stance'),
  family: 'check',
  purpose: 'A look, not a drill: does the big toe rest, or does it bob every second or so?',
  stage: 'integrated',
  directions: [],
  faults: [
    fault('the big toe bobs', 'above', 'Only notice how often.'),
    fault('the student tries to hold it down', 'above', 'Leave it; we want to see what it does.'),
  ],
  cautions: [falls],
  cues: cues(
    'Beside the chair, fingertips near it. Your neighbour looks at your toes.',
    'Stand on one leg and let the foot do what it does.',
    'You are watching a float on the water.',
    'Nothing to mend yet.',
  ),
  foundBy: ['look', 'toes', 'check', 'one leg', 'wobble'],
  performance: performance({
    facing: 'support',
    sidePattern: 'each',
    kit: [chairBack],
    footwear: 'bare',
    phases: [phase('stand and look', 15, oneLeg('rest', 'rest'), { other: offTheFloor })],
    regions: { 'hip-and-trunk': 1 },
    balance: { working: 2, standing: 2 },
  }),
  doses: range(timed(10), timed(15), timed(30)),
});
