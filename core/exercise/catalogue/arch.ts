import type { Exercise } from '../exercise';
import {
  exercise,
  foot,
  footChange,
  holds,
  kit,
  performance,
  phase,
  range,
  reps,
  restsFlat,
  say,
  seatedFlat,
  standing,
  stands,
} from './author';

const crampExpected: Exercise['cautions'] = [
  { concern: 'cramp', action: 'go-gently', words: 'Cramp is expected in arch work: ease, shake, resume.' },
];

const domed = foot(standing, { midfoot: 'lifted', toes: 'long' });

export const shortFoot: Exercise = exercise({
  id: 'short-foot',
  name: say('Arch lift with long toes', 'Short foot'),
  family: 'arch',
  purpose: 'Draws inner ball and heel towards each other so that the arch works while the toes stay long.',
  stage: 'active',
  directions: [],
  faults: [
    { seen: 'toes curl and grip', from: 'above', say: 'Long toes; paint the floor with them.' },
    { seen: 'inner ball lifts, weight on the outer edge', from: 'front', say: 'Inner ball stays heavy.' },
    { seen: 'knees squeeze or lock', from: 'front', say: 'Soft knees; only the sole works.' },
  ],
  cautions: crampExpected,
  cues: {
    setup: say('Feet hip width, toes wide and long.'),
    action: say(
      'Draw the inner ball towards the heel without curling a toe. Hold.',
      'Draw the first metatarsal head towards the calcaneus, toes extended. Hold.',
    ),
    breath: null,
    picture: say('A tent pole rises in the middle; the pegs stay in the ground.'),
    correction: say('Half the effort, no toes.'),
  },
  foundBy: ['arch', 'short foot', 'dome', 'flat feet', 'lift'],
  schools: { archWork: 'long-toes-press' },
  performance: performance({
    sidePattern: 'both',
    phases: [phase('hold', 10, domed)],
    regions: { 'arch-intrinsics': 3 },
  }),
  schoolVariants: [
    {
      when: { archWork: 'toe-tips-stay' },
      change: {},
      foot: footChange({
        contacts: {
          innerBall: ['lift', 'air'],
          outerBall: ['lift', 'air'],
          bigToe: ['press', 'floor'],
          smallToes: ['press', 'floor'],
        },
      }),
      cues: {
        action: say(
          'Heel and toe tips stay; lift the ball of the foot towards the ankle, toes flat. Hold.',
          'Anchor calcaneus and distal phalanges; lift the metatarsal heads, toes extended. Hold.',
        ),
        picture: say('A bridge rises between its two banks.'),
        correction: say('Toe tips flat, half the effort.'),
      },
      faults: [
        { seen: 'toes curl and grip', from: 'above', say: 'Flat to the tips; paint the floor with them.' },
        { seen: 'the heel leaves the floor', from: 'outer side', say: 'Heel heavy; only the ball lifts.' },
      ],
    },
  ],
  doses: range(holds(3, 5, 5), holds(4, 10, 5), holds(5, 10, 5), 'usual practice'),
  ladder: {
    startRung: 'standing',
    rungs: [
      {
        id: 'seated',
        name: 'seated, no weight on the foot',
        axes: { base: 'seated' },
        why: null,
        change: {
          position: 'chair-seated',
          kit: [kit('chair')],
          phases: [phase('hold', 5, foot(seatedFlat, { midfoot: 'lifted' }))],
        },
        doses: range(holds(3, 5, 5), holds(5, 5, 5), holds(5, 10, 5)),
        gate: {
          test: 'teacher-saw-it',
          value: null,
          occasions: 2,
          words: 'The arch lifts and the toes stay long, both feet.',
        },
      },
      {
        id: 'standing',
        name: 'standing on both feet',
        axes: { base: 'hip width' },
        why: null,
        change: {},
        doses: range(holds(3, 5, 5), holds(4, 10, 5), holds(5, 10, 5), 'usual practice'),
        gate: {
          test: 'clean-hold-seconds',
          value: 10,
          occasions: 2,
          words: '10 s without a curled toe on both feet, twice.',
        },
      },
      {
        id: 'one-foot',
        name: 'standing on one foot, fingers on a chair',
        axes: { base: 'one foot', support: 'fingers' },
        why: 'One foot goes with fingers on a chair, on purpose.',
        change: {
          sidePattern: 'each',
          facing: 'support',
          kit: [kit('chair')],
          phases: [
            phase('hold', 10, domed, {
              other: foot(standing, {
                role: 'rests',
                contacts: {
                  heel: ['lift', 'air'],
                  innerBall: ['lift', 'air'],
                  outerBall: ['lift', 'air'],
                  bigToe: ['hang', 'air'],
                  smallToes: ['hang', 'air'],
                },
                weightLine: 'none',
              }),
            }),
          ],
          balance: { working: 1, standing: 0 },
        },
        doses: range(holds(2, 5, 5), holds(3, 10, 5), holds(5, 10, 5)),
        gate: null,
      },
    ],
  },
});

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
  cautions: crampExpected,
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

function strapPress(edge: 'inner' | 'outer'): Exercise {
  const inner = edge === 'inner';
  const ball = inner ? 'inner ball' : 'outer ball';
  return exercise({
    id: `strap-press-${edge}`,
    name: inner
      ? say('Press a strap under the inner ball', 'First ray press with medial arch lift')
      : say('Press a strap under the outer ball', 'Fifth ray press with lateral arch lift'),
    family: 'arch',
    purpose: `Keeps the ${ball} loaded while the ankle lifts away from it.`,
    stage: 'active',
    directions: [inner ? 'turn-in' : 'turn-out'],
    faults: [
      {
        seen: inner ? 'the foot rolls to its outer edge and the strap slips out' : 'the inner ball comes off the floor',
        from: 'front',
        say: inner ? 'Trap the strap first, then lift the ankle.' : 'Inner ball down too, then press.',
      },
      { seen: 'toes claw', from: 'above', say: 'Long toes; the ball of the foot does it.' },
    ],
    cautions: crampExpected,
    cues: {
      setup: say(`Stand, folded strap under the ${ball}, a gentle pull on its end.`),
      action: inner
        ? say('Press the strap so that it cannot be pulled out, and lift the inner ankle.')
        : say('Press the strap so that it cannot be pulled out, and keep the inner ball down.'),
      breath: null,
      picture: say('You are keeping a letter from the wind.'),
      correction: say('More ball, less toe.'),
    },
    foundBy: ['strap', 'press', 'arch', edge, 'coin', 'tripod'],
    schools: { archWork: 'long-toes-press' },
    performance: performance({
      sidePattern: 'each',
      kit: [
        kit('strap', 'person', {
          cloth: 'a folded cloth is thicker and easier to feel',
          band: 'a band stretches, so the pull says less',
        }),
      ],
      setup: 'fiddly',
      phases: [
        phase(
          'press and lift',
          30,
          foot(standing, {
            contacts: inner ? { innerBall: ['press', 'cloth'] } : { outerBall: ['press', 'cloth'] },
            midfoot: 'lifted',
            weightLine: inner ? 'first-toe' : 'even',
          }),
          { other: stands },
        ),
      ],
      regions: inner ? { 'inner-ankle': 2, 'arch-intrinsics': 2 } : { 'outer-ankle': 2, 'arch-intrinsics': 1 },
    }),
    doses: range(
      holds(1, 30, 5, { sets: 2, setRest: 5 }),
      holds(1, 30, 5, { sets: 3, setRest: 5 }),
      holds(1, 60, 5, { sets: 3, setRest: 10 }),
      'usual practice',
    ),
  });
}
export const strapPressInner = strapPress('inner');
export const strapPressOuter = strapPress('outer');
