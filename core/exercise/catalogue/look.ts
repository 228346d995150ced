import type { Exercise } from '../exercise';
import {
  exercise,
  foot,
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
  timed,
} from './author';

export const walkAndNotice: Exercise = exercise({
  id: 'walk-and-notice',
  name: say('Walk and notice', 'Baseline gait observation'),
  family: 'check',
  purpose: 'Gives each student something to compare with later, before anything is done.',
  stage: 'integrated',
  directions: [],
  faults: [
    { seen: 'students perform a good walk', from: 'front', say: 'Walk as if you were late for the ferry.' },
    { seen: 'eyes on the floor', from: 'front', say: 'Look at the far wall and feel from inside.' },
  ],
  cues: {
    setup: say('Shoes and socks off, somewhere to walk.'),
    action: say('Walk as you always do. Which foot is heavier? Which toes do you feel?'),
    breath: null,
    picture: say('You are reading your own footprints while you make them.'),
    correction: say('Nothing to improve yet. Only notice.'),
  },
  foundBy: ['walk', 'look', 'before', 'baseline', 'notice'],
  performance: performance({
    position: 'walking',
    facing: 'lane',
    sidePattern: 'travelling',
    floorsRuledOut: [],
    phases: [phase('walk', 20, standing)],
    balance: { working: 0, standing: 0 },
  }),
  doses: range(timed(10), timed(20), timed(60), 'usual practice'),
});

export const readTheTripod: Exercise = exercise({
  id: 'read-the-tripod',
  name: say('Three points of the sole', 'Foot tripod: calcaneus, first and fifth metatarsal heads'),
  family: 'check',
  purpose: 'Finds heel, inner ball and outer ball, and how the weight lies between them.',
  stage: 'active',
  directions: [],
  faults: [
    { seen: 'toes hover or grip', from: 'above', say: 'Let the toes lie down long.' },
    {
      seen: 'inner ball comes off the floor',
      from: 'front',
      say: 'Put a coin under the inner ball and keep it there.',
    },
  ],
  cautions: [
    { concern: 'falls-or-faints', action: 'change-support', words: 'Stand beside a chair or wall, eyes open.' },
  ],
  cues: {
    setup: say('Feet under your hips, one foot’s width between them.'),
    action: say(
      'Heel, inner ball, outer ball: is each one on the floor, and do they carry alike?',
      'Calcaneus, first and fifth metatarsal heads: is each loaded, and evenly?',
    ),
    breath: null,
    picture: say('A milking stool stands on three legs and does not rock.'),
    correction: say('Do not press. Only let each point arrive.'),
  },
  foundBy: ['tripod', 'weight', 'three points', 'stand', 'sole', 'posture'],
  performance: performance({ phases: [phase('stand and read', 40, standing)], balance: { working: 0, standing: 0 } }),
  doses: range(timed(20), timed(45), timed(90)),
});

export const bigToeByHand: Exercise = exercise({
  id: 'big-toe-bend-by-hand',
  name: say('Big toe bent by hand', 'Passive first MTP extension'),
  family: 'check',
  purpose: 'Shows how far the big-toe joint goes without effort, and keeps it going there.',
  stage: 'passive',
  directions: ['toes-lift'],
  faults: [
    { seen: 'the toe is pulled off its line', from: 'above', say: 'Steer it straight, along the shoelaces.' },
    { seen: 'inner ball lifts with the toe', from: 'inner side', say: 'Keep the inner ball down; only the toe moves.' },
  ],
  cautions: [
    {
      concern: 'sore-big-toe-joint',
      action: 'leave-out',
      words: 'Pain in the joint ends it. Ask a clinician before trying again.',
    },
  ],
  cues: {
    setup: say('Sit, one foot flat, hand round the big toe.'),
    action: say('Lift the big toe with your hand as far as it goes without pain. Wait. Let it down.'),
    breath: null,
    picture: say('You are lifting the lid of a box that must not spill.'),
    correction: say('Less far, and straight.'),
  },
  foundBy: ['big toe', 'stiff toe', 'bend', 'range', 'check', 'bunion'],
  performance: performance({
    position: 'chair-seated',
    sidePattern: 'each',
    kit: [kit('chair', 'person', { mat: 'seated on the floor the knee is bent more and the calf is slack' })],
    phases: [
      phase(
        'hand lifts the big toe',
        5,
        foot(seatedFlat, { contacts: { bigToe: ['lift', 'hand'], innerBall: ['press', 'floor'] }, midfoot: 'lifted' }),
        {
          other: restsFlat,
          undo: 'hand lets it down',
        },
      ),
      phase('hand lets it down', 3, seatedFlat, { other: restsFlat, undo: 'hand lifts the big toe' }),
    ],
    regions: { 'big-toe-joint': 1, 'plantar-tissue': 1 },
  }),
  doses: range(reps(2), reps(4), reps(8)),
});

export const walkAndCompare: Exercise = exercise({
  id: 'walk-and-compare',
  name: say('Walk and compare', 'Gait re-check'),
  family: 'close',
  purpose: 'The same walk as at the start: same, better or worse decides what stays in the class.',
  stage: 'integrated',
  directions: [],
  faults: [
    { seen: 'students look for a good result', from: 'front', say: 'Same is an answer. Worse is an answer.' },
    { seen: 'a different speed from the first walk', from: 'front', say: 'The pace you came in with.' },
  ],
  cues: {
    setup: say('Stand up slowly. The same lane as before.'),
    action: say('Walk as you did at the start. Same, better or worse?'),
    breath: null,
    picture: say('Lay this walk beside the first one, like two prints in sand.'),
    correction: say('No trying. Just walk.'),
  },
  foundBy: ['walk', 'after', 'compare', 'again', 're-check', 'end'],
  performance: performance({
    position: 'walking',
    facing: 'lane',
    sidePattern: 'travelling',
    floorsRuledOut: [],
    phases: [phase('walk', 20, standing)],
  }),
  doses: range(timed(10), timed(20), timed(30), 'usual practice'),
});

export const compareFeet: Exercise = exercise({
  id: 'stand-and-compare',
  name: say('Stand on the finished foot', 'Side-to-side comparison in stance'),
  family: 'check',
  purpose: 'Feels the worked foot against the other one: spread, warmth, steadiness.',
  stage: 'integrated',
  directions: [],
  faults: [
    { seen: 'weight hangs on one leg', from: 'front', say: 'Share the weight, then compare.' },
    { seen: 'knees locked back', from: 'outer side', say: 'Soft knees.' },
  ],
  cues: {
    setup: say('Stand up, both feet side by side.'),
    action: say('Feel down into both soles: which foot lies wider, which is steadier?'),
    breath: null,
    picture: say('Two leaves on the ground; which one lies flatter?'),
    correction: say('Both feet get the same weight.'),
  },
  foundBy: ['compare', 'sides', 'difference', 'left', 'right'],
  performance: performance({ phases: [phase('stand', 20, standing)] }),
  doses: range(holds(1, 10, 0), holds(1, 20, 0), holds(1, 30, 0)),
});
