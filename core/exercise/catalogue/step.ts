import type { Exercise } from '../exercise';
import {
  checked,
  cleanHold,
  cleanReps,
  counts,
  exercise,
  foot,
  hanging,
  holds,
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
  travel,
} from './author';

const halfToe = foot(standing, {
  contacts: { heel: ['lift', 'air'] },
  midfoot: 'lifted',
  ankle: 'down',
  heelHeightCm: 7,
  knee: 'locked',
});
const free = foot(hanging, { role: 'rests', knee: 'soft' });
const chairBack = kit('chair', 'person', { wall: 'a wall gives more hold' });
const falls: Exercise['cautions'] = [
  { concern: 'falls-or-faints', action: 'change-support', words: 'Along a wall, a hand on it, eyes open.' },
];

export const halfToeWalk: Exercise = exercise({
  id: 'half-toe-walk',
  name: say('Walk on the balls of the feet', 'Forefoot walking'),
  family: 'gait',
  purpose: 'Takes the rise into a step: height and line kept while moving.',
  stage: 'integrated',
  directions: ['ankle-down'],
  faults: [
    { seen: 'heels sink step by step', from: 'behind', say: 'Drive through the big toe.' },
    { seen: 'ankles roll to the outside', from: 'behind', say: 'Inner ball on the floor at every step.' },
  ],
  cautions: [
    { concern: 'sore-achilles', action: 'leave-out', words: 'Leave it out while the tendon is sore.' },
    ...falls,
  ],
  cues: {
    setup: say('One lane each, space ahead.'),
    action: say('Small steps on the balls of the feet, heels high and level.'),
    breath: null,
    picture: say('Walking along a landing stage without waking anyone.'),
    correction: say('Shorter steps, taller heels.'),
  },
  foundBy: ['tiptoe', 'walk', 'half toe', 'demi-pointe'],
  performance: performance({
    position: 'walking',
    facing: 'lane',
    sidePattern: 'travelling',
    phases: [phase('step', 1, halfToe)],
    regions: { calf: 2, 'arch-intrinsics': 1 },
    balance: { working: 2, standing: 2 },
  }),
  doses: range(travel(1, 20, 80), travel(2, 20, 80), travel(4, 20, 80)),
});

export const heelToToeWalk: Exercise = exercise({
  id: 'heel-to-toe-walk',
  name: say('Roll-through walk', 'Heel-to-toe gait with pause'),
  family: 'gait',
  purpose: 'Heel, outer edge, ball, big toe: every step slow enough to feel the order.',
  stage: 'integrated',
  directions: ['ankle-up', 'ankle-down'],
  faults: [
    { seen: 'the foot slaps down', from: 'outer side', say: 'Quiet as a cat on a deck.' },
    { seen: 'push-off from the small toes', from: 'behind', say: 'Leave from the big toe.' },
  ],
  cautions: falls,
  cues: {
    setup: say('One lane each.'),
    action: say('Heel, edge, ball, big toe, and only then the next step.'),
    breath: null,
    picture: say('A rocking chair rolls you forward.'),
    correction: say('Half the speed.'),
  },
  foundBy: ['walk', 'roll', 'heel', 'slow', 'step'],
  performance: performance({
    position: 'walking',
    facing: 'lane',
    sidePattern: 'travelling',
    floorsRuledOut: [],
    phases: [phase('step', 2, standing)],
    regions: { shin: 1, calf: 1, 'hip-and-trunk': 1 },
    balance: { working: 1, standing: 1 },
  }),
  doses: range(travel(1, 20, 60), travel(2, 20, 60), travel(4, 20, 60)),
});

export const oneLegStand: Exercise = exercise({
  id: 'one-leg-stand',
  name: say('Stand on one leg', 'Single-leg stance with fingertip support'),
  family: 'balance',
  purpose: 'An active foot under a quiet body, with fingers taken away one at a time.',
  stage: 'integrated',
  directions: [],
  faults: [
    { seen: 'the hip hangs out to the side', from: 'front', say: 'Nose, navel, heel in one line.' },
    { seen: 'toes claw', from: 'above', say: 'Long toes; press the big one.' },
    { seen: 'the big toe bobs', from: 'above', say: 'Steady big toe, soft knee.' },
  ],
  cautions: [
    ...falls,
    { concern: 'pregnancy', action: 'change-support', words: 'Whole hand on the support throughout.' },
  ],
  cues: {
    setup: say('Beside the chair, fingertips on its back.'),
    action: say('Lift one foot just off the floor and stand on the other, three points and a long big toe.'),
    breath: say('Keep breathing.'),
    picture: say('A heron that has all day.'),
    correction: say('One finger more is not a failure.'),
  },
  foundBy: ['balance', 'one leg', 'stand', 'wobble', 'fingertips'],
  schools: { harderBalance: 'fingertips' },
  performance: performance({
    facing: 'support',
    sidePattern: 'each',
    kit: [chairBack],
    phases: [phase('stand', 30, foot(standing, { contacts: { bigToe: ['press', 'floor'] } }), { other: free })],
    regions: { 'arch-intrinsics': 1, 'inner-ankle': 1, 'outer-ankle': 1, 'hip-and-trunk': 2 },
    balance: { working: 2, standing: 2 },
  }),
  doses: range(holds(1, 15, 5), holds(1, 30, 5), holds(1, 60, 5), 'usual practice'),
  ladder: {
    startRung: 'five-fingers',
    rungs: (
      [
        ['five-fingers', 'five fingertips', '5 fingertips', 15, 30],
        ['three-fingers', 'three fingertips', '3 fingertips', 15, 30],
        ['one-finger', 'one fingertip', '1 fingertip', 15, 30],
        ['free', 'hands free, support in reach', '0 fingertips', 10, 30],
      ] as const
    ).map(([id, name, support, least, usual], i) => ({
      id,
      name,
      axes: { support },
      why: null,
      change: {},
      doses: range(holds(1, least, 5), holds(1, usual, 5), holds(1, 60, 5)),
      gate:
        i === 3
          ? null
          : {
              test: 'clean-hold-seconds' as const,
              value: 30,
              occasions: 2,
              words: '30 s quietly on both feet, on two days; older students need not.',
            },
    })),
  },
});

export const eyesShutStand: Exercise = exercise({
  id: 'eyes-shut-stand',
  name: say('Stand on one leg, eyes shut', 'Single-leg stance, eyes closed'),
  family: 'balance',
  purpose: 'Takes the eyes away, so that the foot has to tell where it is. Only after hands-free standing is easy.',
  stage: 'integrated',
  directions: [],
  faults: [
    { seen: 'the free foot touches', from: 'front', say: 'Open your eyes, find it, shut them again.' },
    { seen: 'holding the breath', from: 'front', say: 'Let the breath move.' },
  ],
  cautions: [
    { concern: 'falls-or-faints', action: 'leave-out', words: 'Not for anyone who falls or gets dizzy.' },
    { concern: 'pregnancy', action: 'leave-out', words: 'Eyes open in pregnancy.' },
  ],
  cues: {
    setup: say('Beside the support, a fingertip on it for the first try.'),
    action: say('One foot off, settle, then shut your eyes.'),
    breath: say('Keep breathing.'),
    picture: say('A mooring post in fog: it knows where it stands.'),
    correction: say('A fingertip back is the clever way.'),
  },
  foundBy: ['balance', 'eyes closed', 'one leg', 'proprioception'],
  performance: performance({
    facing: 'support',
    sidePattern: 'each',
    kit: [chairBack],
    phases: [phase('stand', 10, foot(standing, { contacts: { bigToe: ['press', 'floor'] } }), { other: free })],
    regions: { 'arch-intrinsics': 1, 'inner-ankle': 1, 'outer-ankle': 1, 'hip-and-trunk': 2 },
    balance: { working: 3, standing: 3 },
  }),
  doses: range(holds(1, 5, 5), holds(2, 8, 5), holds(2, 30, 5), 'usual practice'),
  ladder: ladder(
    'fingertips',
    rung(
      'fingertips',
      'fingertips on the chair',
      { support: 'fingertips', arms: 'one holds', eyes: 'shut' },
      range(holds(1, 5, 5), holds(2, 8, 5), holds(2, 15, 5), 'usual practice'),
      cleanHold(10, '10 s with light fingertips on both feet, on two days.'),
    ),
    rung(
      'one-finger',
      'one fingertip on the chair',
      { support: 'one fingertip', arms: 'one holds', eyes: 'shut' },
      range(holds(1, 5, 5), holds(2, 10, 5), holds(2, 20, 5)),
      checked('eyes-shut-stand', '10 s with one fingertip, both feet; few over sixty reach more, and need not.', 10, 2),
    ),
    rung(
      'free',
      'hands free, support in reach',
      { support: 'none', arms: 'free', eyes: 'shut' },
      range(holds(1, 5, 5), holds(2, 10, 5), holds(2, 30, 5)),
      checked('eyes-shut-stand', '20 s on both feet: a dancer’s goal.', 20, 2),
      { why: 'The hand that lets go is also the arm that is freed.' },
    ),
    rung(
      'crossed',
      'arms crossed',
      { support: 'none', arms: 'crossed', eyes: 'shut' },
      range(holds(1, 5, 5), holds(2, 10, 5), holds(2, 30, 5)),
      null,
    ),
  ),
});

export const easyStepping: Exercise = exercise({
  id: 'easy-stepping',
  name: say('Easy steps to the side and back', 'Low-intensity stepping'),
  family: 'gait',
  purpose: 'Warms the calves to music before anything quick.',
  stage: 'integrated',
  directions: ['ankle-up', 'ankle-down'],
  faults: [
    { seen: 'heavy landings', from: 'front', say: 'Roll down, do not drop.' },
    { seen: 'toes point outward', from: 'front', say: 'Toes the way the knees go.' },
  ],
  cautions: falls,
  cues: {
    setup: say('Space to both sides.'),
    action: say('Step side, close, step back, close, with the music.'),
    breath: null,
    picture: say('A small boat at its mooring, this way and that.'),
    correction: say('Smaller and softer.'),
  },
  foundBy: ['step', 'warm up', 'music', 'side step'],
  performance: performance({
    facing: 'centre',
    footwear: 'any',
    phases: [phase('step', 1, standing)],
    regions: { calf: 1, 'hip-and-trunk': 1 },
    balance: { working: 1, standing: 1 },
  }),
  doses: range(counts(4, 8, 104), counts(8, 8, 104), counts(16, 8, 104)),
});

export const smallJumps: Exercise = exercise({
  id: 'small-jumps',
  name: say('Small jumps on the spot', 'Low-amplitude bilateral jumps'),
  family: 'impact',
  purpose: 'Soft, small, quick off the floor: only after warmed calves and weeks of basics.',
  stage: 'integrated',
  directions: ['ankle-down', 'ankle-up'],
  faults: [
    { seen: 'loud landings', from: 'front', say: 'Land as if the floor were asleep.' },
    { seen: 'knees fall together', from: 'front', say: 'Knees over second toes.' },
    { seen: 'too high', from: 'front', say: 'A sheet of paper under your feet is enough.' },
  ],
  cautions: [
    { concern: 'brittle-bones', action: 'leave-out', words: 'Rises instead of jumps.' },
    { concern: 'pregnancy', action: 'leave-out', words: 'Rises instead of jumps.' },
    { concern: 'sore-achilles', action: 'leave-out', words: 'No jumps while the tendon is sore.' },
    { concern: 'recent-injury', action: 'ask-clinician', words: 'Ask first.' },
    { concern: 'joint-disease', action: 'leave-out', words: 'Push-offs without leaving the floor instead.' },
    { concern: 'falls-or-faints', action: 'leave-out', words: 'Rises with a hand on the support instead.' },
  ],
  cues: {
    setup: say('Feet hip width, soft knees, space around you.'),
    action: say('Small jumps, toes last off and first on, heels kiss the floor.'),
    breath: null,
    picture: say('A cork on the water.'),
    correction: say('Smaller and quieter.'),
  },
  foundBy: ['jump', 'hop', 'impact', 'landing', 'bounce'],
  performance: performance({
    facing: 'centre',
    footwear: 'any',
    floorsRuledOut: ['tile', 'outdoors'],
    phases: [phase('land and go', 1, foot(standing, { knee: 'bent', ankle: 'up' }))],
    regions: { calf: 3, 'deep-calf': 2, 'plantar-tissue': 2 },
    balance: { working: 1, standing: 0 },
    impactsPerRep: 1,
  }),
  doses: range(reps(8), reps(16), reps(32)),
  ladder: ladder(
    'held',
    rung(
      'bounce',
      'bouncing without leaving the floor, hands on a support',
      { amount: 'no flight', support: 'both hands' },
      range(reps(8), reps(12), reps(24)),
      saw('Heels kiss the floor and knees stay over the toes, both feet.', 2),
      {
        change: {
          facing: 'support',
          kit: [kit('chair', 'person', { wall: 'hands on the wall', barre: 'a barre' })],
          impactsPerRep: 0,
          regions: { calf: 2, 'deep-calf': 2 },
        },
      },
    ),
    rung(
      'held',
      'small jumps, hands on a support',
      { amount: 'paper-high', support: 'both hands' },
      range(reps(8), reps(12), reps(24)),
      cleanReps(12, '12 quiet landings, on two days, and nothing sore next morning.'),
      {
        change: { facing: 'support', kit: [kit('chair', 'person', { wall: 'hands on the wall', barre: 'a barre' })] },
      },
    ),
    rung(
      'free',
      'small jumps, hands free',
      { amount: 'paper-high', support: 'none' },
      range(reps(8), reps(16), reps(32)),
      null,
    ),
  ),
});
