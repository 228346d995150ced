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
  travel,
} from './author';

const cramp = care('cramp', 'go-gently', 'Cramp is expected in arch work: ease, shake, resume.');
const falls = care('falls-or-faints', 'change-support', 'Fingertips on a chair, eyes open.');
const chair = kit('chair', 'person', { mat: 'on the floor, knee bent, foot flat' });
const chairBack = kit('chair', 'person', { wall: 'a wall gives more hold' });
const smooth = { floor: 'smooth-hard', floorsRuledOut: ['carpet', 'mat', 'outdoors'] } as const;
const domed = foot(standing, { midfoot: 'lifted', toes: 'spread' });

export const splayAndTwist: Exercise = exercise({
  id: 'splay-and-twist',
  name: say(
    'Spread the toes and screw the feet into the floor',
    'Foot stiffening with abduction and external rotation torque',
  ),
  family: 'arch',
  purpose: 'Stiffens the middle of both feet by a twist of the legs that the floor does not allow.',
  stage: 'loaded',
  directions: ['toes-spread'],
  faults: [
    fault('toes crunch', 'above', 'Wide and long before you twist.'),
    fault('the feet really turn', 'above', 'The floor holds them; only the arch answers.'),
    fault('inner balls come up', 'front', 'Inner balls stay while the legs turn out.'),
  ],
  cautions: [cramp],
  cues: cues(
    'Feet shoulder width, toes wide.',
    'Turn both legs outward against feet that stay. Inner balls down. Hold.',
    'Two jar lids are screwed shut.',
    'Less force, both inner balls.',
  ),
  foundBy: ['arch', 'twist', 'screw', 'splay', 'flat feet', 'stiff foot'],
  performance: performance({
    phases: [phase('twist and hold', 8, domed, { effort: true })],
    regions: { 'arch-intrinsics': 2, 'inner-ankle': 1, 'hip-and-trunk': 2 },
  }),
  doses: range(holds(3, 5, 5), holds(3, 8, 5), holds(5, 10, 5), 'usual practice'),
  ladder: ladder(
    'both-feet',
    rung(
      'seated',
      'seated, hands on the knees to feel them',
      { base: 'seated' },
      range(holds(3, 5, 5), holds(3, 8, 5), holds(5, 10, 5)),
      saw('The arches answer and the toes stay long, both feet.'),
      {
        change: {
          position: 'chair-seated',
          kit: [chair],
          phases: [
            phase('twist and hold', 8, foot(seatedFlat, { midfoot: 'lifted', toes: 'spread' }), { effort: true }),
          ],
          regions: { 'arch-intrinsics': 1, 'hip-and-trunk': 1 },
        },
      },
    ),
    rung(
      'both-feet',
      'standing on both feet',
      { base: 'shoulder width' },
      range(holds(3, 5, 5), holds(3, 8, 5), holds(5, 10, 5), 'usual practice'),
      cleanHold(10, '10 s with long toes, both feet, on two days.'),
    ),
    rung(
      'split',
      'one foot a step in front',
      { base: 'split' },
      range(holds(3, 5, 5), holds(3, 8, 5), holds(5, 10, 5)),
      null,
      {
        change: { sidePattern: 'each', phases: [phase('twist and hold', 8, domed, { other: stands, effort: true })] },
      },
    ),
  ),
});

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
export const clothDrag: Exercise = exercise({
  id: 'cloth-drag',
  name: say('Draw the cloth towards the heel, toes long', 'Towel drag with extended toes'),
  family: 'arch',
  purpose: 'The ball of the foot slides towards the heel and takes the cloth with it; the toes never curl.',
  stage: 'loaded',
  directions: [],
  faults: [
    fault('toes scratch at the cloth', 'above', 'Toes long; the ball of the foot pulls.'),
    fault('the ankle bends up to help', 'outer side', 'Shin still, arch up.'),
  ],
  cautions: [cramp],
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
      phase('draw in', 3, foot(onCloth('rest', 'press'), { midfoot: 'lifted', toes: 'long' }), {
        other: stands,
        undo: 'let it go',
        effort: true,
      }),
      phase('let it go', 2, foot(onCloth('rest', 'rest'), { toes: 'long' }), {
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
              3,
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
              2,
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
      cleanReps(8, '8 with long toes on both feet, on two days.'),
    ),
    rung(
      'one-foot',
      'most of the weight on it',
      { base: 'one foot, toes of the other for help' },
      range(reps(4), reps(6), reps(10)),
      null,
      { change: { facing: 'support', kit: [kit('cloth', 'person'), chairBack], balance: { working: 1, standing: 0 } } },
    ),
  ),
});

const paperUnder = foot(seatedFlat, {
  contacts: {
    heel: ['press', 'floor'],
    innerBall: ['rest', 'cloth'],
    outerBall: ['rest', 'cloth'],
    bigToe: ['rest', 'cloth'],
    smallToes: ['rest', 'cloth'],
  },
});
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
  cautions: [cramp],
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
      phase('spread', 1, foot(paperUnder, { toes: 'spread' }), { other: restsFlat, effort: false }),
      phase(
        'grip',
        1,
        foot(paperUnder, {
          contacts: {
            bigToe: ['press', 'cloth'],
            smallToes: ['press', 'cloth'],
            innerBall: ['press', 'cloth'],
            outerBall: ['press', 'cloth'],
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
      checked('paper-creases', 'It creases without looking, both feet.'),
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
              1,
              foot(standing, {
                contacts: {
                  innerBall: ['rest', 'cloth'],
                  outerBall: ['rest', 'cloth'],
                  bigToe: ['rest', 'cloth'],
                  smallToes: ['rest', 'cloth'],
                },
                toes: 'spread',
              }),
              { other: stands },
            ),
            phase(
              'grip',
              1,
              foot(standing, {
                contacts: {
                  innerBall: ['press', 'cloth'],
                  outerBall: ['press', 'cloth'],
                  bigToe: ['press', 'cloth'],
                  smallToes: ['press', 'cloth'],
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
});

export const clothPushAway: Exercise = exercise({
  id: 'cloth-push-away',
  name: say('Push the cloth away with the toes', 'Towel spread with toe extension'),
  family: 'arch',
  purpose: 'The opening half of gathering a cloth: toes lift, reach and lay it out flat again.',
  stage: 'active',
  directions: ['toes-lift', 'toes-spread'],
  faults: [
    fault('the whole leg pushes', 'outer side', 'Heel stays; only the toes walk.'),
    fault('toes stay bunched', 'above', 'Wide before you push.'),
  ],
  cautions: [cramp],
  cues: cues(
    'Sit, a bunched cloth under your toes, heel on the floor.',
    'Toes up, reach, and smooth the cloth away from you.',
    'Spreading butter to the far edge.',
    'Wider toes.',
  ),
  foundBy: ['towel', 'cloth', 'push', 'spread', 'toes', 'open'],
  performance: performance({
    position: 'chair-seated',
    sidePattern: 'each',
    kit: [kit('cloth', 'person', { paper: 'a sheet of paper slides more easily' }), chair],
    ...smooth,
    floorsRuledOut: [...smooth.floorsRuledOut],
    setup: 'props',
    phases: [
      phase('toes up', 1, foot(paperUnder, { contacts: { bigToe: ['lift', 'air'], smallToes: ['lift', 'air'] } }), {
        other: restsFlat,
      }),
      phase(
        'smooth it away',
        2,
        foot(paperUnder, { contacts: { bigToe: ['press', 'cloth'], smallToes: ['press', 'cloth'] }, toes: 'spread' }),
        { other: restsFlat },
      ),
    ],
    regions: { 'toe-extensors': 2, 'arch-intrinsics': 1 },
  }),
  doses: range(reps(5), reps(10), reps(20)),
});

export const pickUpSmallThings: Exercise = exercise({
  id: 'pick-up-small-things',
  name: say('Pick up small things with the toes', 'Toe prehension with objects'),
  family: 'arch',
  purpose: 'Grip, carry and let go: the whole hand-work of a foot, and the way round a carpet for cloth work.',
  stage: 'loaded',
  directions: ['toes-curl', 'toes-spread'],
  faults: [
    fault('always the same two toes', 'above', 'The next one with the others.'),
    fault('thrown instead of laid', 'front', 'Carry it to the bowl and let go.'),
  ],
  cautions: [cramp, care('numb-or-diabetic-feet', 'leave-out', 'Not for feet that do not feel what they step on.')],
  cues: cues(
    'Sit, small things on the floor, a bowl beside them.',
    'Spread, take one, carry it to the bowl, let go.',
    'A gull picks a mussel off the rocks.',
    'Open wide before you take.',
  ),
  foundBy: ['marbles', 'pick up', 'grip', 'toes', 'game', 'pebbles'],
  schools: { archWork: 'toes-grip' },
  performance: performance({
    position: 'chair-seated',
    sidePattern: 'each',
    kit: [
      kit('small-objects', 'person', { cloth: 'gathering a cloth works the same grip, on a smooth floor' }),
      kit('bowl', 'person'),
      chair,
    ],
    floorsRuledOut: [],
    setup: 'props',
    phases: [
      phase(
        'take',
        2,
        foot(seatedFlat, { contacts: { heel: ['press', 'floor'] }, toes: 'curled', midfoot: 'lifted' }),
        { other: restsFlat, effort: true },
      ),
      phase(
        'carry and let go',
        2,
        foot(seatedFlat, {
          contacts: {
            heel: ['press', 'floor'],
            innerBall: ['lift', 'air'],
            outerBall: ['lift', 'air'],
            bigToe: ['lift', 'air'],
            smallToes: ['lift', 'air'],
          },
          toes: 'spread',
        }),
        { other: restsFlat, effort: false },
      ),
    ],
    regions: { 'toe-flexors': 3, 'arch-intrinsics': 2 },
  }),
  doses: range(reps(5), reps(10), reps(20)),
});

export const strapPressHeel: Exercise = exercise({
  id: 'strap-press-heel',
  name: say('Press a strap under the heel, both balls down', 'Calcaneal press with forefoot contact'),
  family: 'arch',
  purpose: 'Loads heel, inner ball and outer ball at once, so that the whole foot carries.',
  stage: 'active',
  directions: [],
  faults: [
    fault('the body leans back', 'outer side', 'Stand over the middle of the foot.'),
    fault('inner or outer ball lifts', 'front', 'Both balls first, then the heel.'),
  ],
  cautions: [cramp],
  cues: cues(
    'Stand, strap folded four times under one heel, a light pull on its end.',
    'Press it so that it cannot be pulled out, both balls of the foot down.',
    'A tent peg in firm ground.',
    'Body over the foot.',
  ),
  foundBy: ['strap', 'heel', 'press', 'tripod', 'stand'],
  schools: { archWork: 'long-toes-press' },
  performance: performance({
    sidePattern: 'each',
    kit: [kit('strap', 'person', { cloth: 'a folded cloth is thicker and easier to feel' })],
    setup: 'fiddly',
    phases: [
      phase('press', 30, foot(standing, { contacts: { heel: ['press', 'cloth'] }, midfoot: 'lifted' }), {
        other: stands,
        effort: true,
      }),
    ],
    regions: { 'arch-intrinsics': 1, 'hip-and-trunk': 1 },
  }),
  doses: range(holds(1, 15, 5), holds(2, 30, 5), holds(3, 30, 5)),
});

export const carryTheArch: Exercise = exercise({
  id: 'carry-the-arch',
  name: say('Walk with the arch awake', 'Gait with intrinsic activation'),
  family: 'gait',
  purpose: 'Takes what the arch just did into a step, lightly, a length of the room at a time.',
  stage: 'integrated',
  directions: [],
  faults: [
    fault('toes grip at every step', 'above', 'Remember it, do not squeeze it.'),
    fault('the walk turns stiff', 'front', 'A tenth of the effort.'),
  ],
  cautions: [care('falls-or-faints', 'change-support', 'Along a wall, a hand on it, eyes open.')],
  cues: cues(
    'Straight from the arch work, one lane each.',
    'Walk, and let each foot remember its arch as it lands.',
    'A note still rings after the string is plucked.',
    'Lighter.',
  ),
  foundBy: ['walk', 'arch', 'carry over', 'transfer', 'step'],
  performance: performance({
    position: 'walking',
    facing: 'lane',
    sidePattern: 'travelling',
    footwear: 'any',
    floorsRuledOut: [],
    phases: [phase('step', 1, foot(standing, { midfoot: 'lifted' }))],
    regions: { 'arch-intrinsics': 1 },
    balance: { working: 1, standing: 1 },
  }),
  doses: range(travel(1, 20, 80), travel(2, 20, 80), travel(4, 20, 80)),
});

export const pressureTour: Exercise = exercise({
  id: 'pressure-tour',
  name: say('Tour of the sole by pressure', 'Selective plantar loading'),
  family: 'check',
  purpose: 'Presses six places in turn: toe tips, toe roots, inner edge, outer edge, arch, heel.',
  stage: 'active',
  directions: ['turn-in', 'turn-out'],
  faults: [
    fault('the whole body tips to reach a place', 'front', 'The foot looks for it, the body stays.'),
    fault('toes curl at every place', 'above', 'Only the toe tips are allowed to.'),
  ],
  cautions: [falls],
  cues: cues(
    'Stand easily, feet under your hips.',
    'Lend weight to each place in turn, and name it as you go.',
    'A torch beam wanders over a map.',
    'Smaller; inner edge and outer edge get the same time.',
  ),
  foundBy: ['sole', 'pressure', 'awareness', 'weight', 'edges', 'feel'],
  performance: performance({
    phases: [
      phase(
        'toe tips',
        5,
        foot(standing, {
          contacts: { heel: ['rest', 'floor'], bigToe: ['press', 'floor'], smallToes: ['press', 'floor'] },
          toes: 'curled',
        }),
      ),
      phase('toe roots', 5, foot(standing, { contacts: { heel: ['rest', 'floor'] } })),
      phase(
        'inner edge',
        5,
        foot(standing, {
          contacts: { outerBall: ['rest', 'floor'] },
          edge: 'inner',
          ankle: 'turned-out',
          weightLine: 'first-toe',
        }),
      ),
      phase(
        'outer edge',
        5,
        foot(standing, {
          contacts: { innerBall: ['rest', 'floor'] },
          edge: 'outer',
          ankle: 'turned-in',
          weightLine: 'even',
        }),
      ),
      phase('arch', 5, foot(standing, { midfoot: 'let-down' })),
      phase(
        'heel',
        5,
        foot(standing, {
          contacts: { innerBall: ['rest', 'floor'], outerBall: ['rest', 'floor'] },
          weightLine: 'even',
        }),
      ),
    ],
    regions: { 'arch-intrinsics': 1 },
    balance: { working: 1, standing: 0 },
  }),
  doses: range(reps(1), reps(1), reps(2)),
  ladder: ladder(
    'standing',
    rung(
      'seated',
      'seated, one zone at a time',
      { base: 'seated' },
      range(reps(1), reps(1), reps(2)),
      saw('Every place can be found and named, both feet.'),
      {
        change: { position: 'chair-seated', kit: [chair], balance: { working: 0, standing: 0 } },
      },
    ),
    rung(
      'standing',
      'standing, one zone at a time',
      { base: 'hip width' },
      range(reps(1), reps(1), reps(2)),
      saw('Each place without tipping over, both feet.'),
    ),
    rung(
      'one-foot',
      'standing on one foot, fingertips on a chair',
      { base: 'one foot' },
      range(reps(1), reps(1), reps(2)),
      null,
      {
        change: {
          sidePattern: 'each',
          facing: 'support',
          kit: [chairBack],
          balance: { working: 2, standing: 0 },
          phases: [
            phase(
              'inner edge',
              10,
              foot(standing, {
                contacts: { outerBall: ['rest', 'floor'] },
                edge: 'inner',
                ankle: 'turned-out',
                weightLine: 'first-toe',
              }),
              { other: offTheFloor },
            ),
            phase(
              'outer edge',
              10,
              foot(standing, {
                contacts: { innerBall: ['rest', 'floor'] },
                edge: 'outer',
                ankle: 'turned-in',
                weightLine: 'even',
              }),
              { other: offTheFloor },
            ),
            phase(
              'heel',
              10,
              foot(standing, {
                contacts: { innerBall: ['rest', 'floor'], outerBall: ['rest', 'floor'] },
                weightLine: 'even',
              }),
              { other: offTheFloor },
            ),
          ],
        },
      },
    ),
  ),
});

export const lineUp: Exercise = exercise({
  id: 'line-up-parallel',
  name: say('Line the feet up', 'Parallel stance alignment'),
  family: 'check',
  purpose: 'Sets the feet parallel at three widths, so that later work starts from the same place each time.',
  stage: 'active',
  directions: [],
  faults: [
    fault('toes point outward unnoticed', 'mirror in front', 'Hide your heels behind your toes.'),
    fault('knees and toes point two ways', 'front', 'Second toe, ankle, knee: one line.'),
  ],
  cautions: [],
  cues: cues(
    'Stand in front of the mirror, one foot’s width between your feet.',
    'Hide the heels behind the toes. The same at hip width, then at shoulder width.',
    'Two boats moored side by side.',
    'Look in the mirror, not down.',
  ),
  foundBy: ['parallel', 'alignment', 'stand', 'posture', 'mirror', 'line'],
  performance: performance({
    facing: 'mirror',
    kit: [kit('mirror', 'room', { stick: 'a stick on the floor shows the line from above' })],
    footwear: 'any',
    phases: [
      phase('one foot’s width', 10, standing),
      phase('hip width', 10, standing),
      phase('shoulder width', 10, standing),
    ],
  }),
  doses: range(reps(1), reps(1), reps(2)),
});

export const standOnThreePoints: Exercise = exercise({
  id: 'three-points-on-one-leg',
  name: say('Three points on one leg', 'Single-leg tripod'),
  family: 'arch',
  purpose: 'Keeps heel, inner ball and outer ball on the floor when one foot has to do it alone.',
  stage: 'integrated',
  directions: [],
  faults: [
    fault('the inner ball floats', 'front', 'Send the inner ball down before you lift the other foot.'),
    fault('toes hover or claw', 'above', 'Lay them long.'),
  ],
  cautions: [falls, cramp],
  cues: cues(
    'Fingertips on the chair, feet under your hips.',
    'Three points down, toes long. Shift over, lift the other foot, keep the three.',
    'A camera tripod that does not shake the picture.',
    'Inner ball first.',
  ),
  foundBy: ['tripod', 'one leg', 'arch', 'balance', 'three points'],
  performance: performance({
    facing: 'support',
    sidePattern: 'each',
    kit: [chairBack],
    phases: [
      phase('stand', 15, foot(standing, { midfoot: 'lifted', contacts: { bigToe: ['press', 'floor'] } }), {
        other: offTheFloor,
      }),
    ],
    regions: { 'arch-intrinsics': 2, 'inner-ankle': 1, 'outer-ankle': 1, 'hip-and-trunk': 1 },
    balance: { working: 2, standing: 2 },
  }),
  doses: range(holds(1, 10, 5), holds(2, 15, 5), holds(3, 30, 5)),
  ladder: ladder(
    'fingertips',
    rung(
      'both-feet',
      'both feet, fingertips',
      { base: 'hip width', support: 'fingertips' },
      range(holds(1, 10, 5), holds(2, 15, 5), holds(3, 30, 5)),
      saw('All three points stay, both feet.'),
      {
        change: {
          sidePattern: 'both',
          phases: [phase('stand', 15, foot(standing, { midfoot: 'lifted' }))],
          balance: { working: 0, standing: 0 },
        },
      },
    ),
    rung(
      'fingertips',
      'one foot, fingertips',
      { base: 'one foot', support: 'fingertips' },
      range(holds(1, 10, 5), holds(2, 15, 5), holds(3, 30, 5)),
      cleanHold(15, '15 s with three points on both feet, on two days.'),
    ),
    rung(
      'free',
      'one foot, hands free',
      { base: 'one foot', support: 'none' },
      range(holds(1, 10, 5), holds(2, 15, 5), holds(3, 30, 5)),
      null,
    ),
  ),
});
