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
  rung,
  saw,
  say,
  standing,
  stands,
} from './author';

const chairBack = kit('chair', 'person', { wall: 'a wall gives more hold' });
const slips = care(
  'falls-or-faints',
  'leave-out',
  'Not on soft or moving ground for anyone who falls or gets dizzy: stand on the floor beside the chair.',
);
const bare = care('pregnancy', 'leave-out', 'Stand on the floor instead, a hand on the chair.');
const soft = foot(standing, {
  contacts: {
    heel: ['press', 'block'],
    innerBall: ['press', 'block'],
    outerBall: ['press', 'block'],
    bigToe: ['press', 'block'],
    smallToes: ['rest', 'block'],
  },
});
const bent = foot(soft, { knee: 'bent', ankle: 'up' });

export const pillowStand: Exercise = exercise({
  id: 'pillow-stand',
  name: say('Stand on one leg on a cushion', 'Single-leg stance on a compliant surface'),
  family: 'balance',
  purpose: 'The floor starts to move a little; the foot answers all the time. After hands-free standing is easy.',
  stage: 'integrated',
  directions: [],
  faults: [
    fault('the knee locks', 'outer side', 'Soft knee, then it can answer.'),
    fault('arms wave', 'front', 'A fingertip back on the chair.'),
  ],
  cautions: [slips, bare],
  cues: cues(
    'Cushion beside the chair, barefoot, fingertips on the chair.',
    'Step up, settle, lift the other foot. Let the foot work.',
    'Standing in a moored dinghy.',
    'Eyes on one spot, soft knee.',
    'Keep breathing.',
  ),
  foundBy: ['cushion', 'pillow', 'balance', 'one leg', 'wobble', 'unstable'],
  schools: { harderBalance: 'surface' },
  performance: performance({
    facing: 'support',
    sidePattern: 'each',
    kit: [kit('cushion', 'person', { mat: 'a mat folded three times' }), chairBack],
    setup: 'props',
    phases: [phase('stand', 20, soft, { other: offTheFloor })],
    regions: { 'arch-intrinsics': 2, 'inner-ankle': 2, 'outer-ankle': 2, 'hip-and-trunk': 2 },
    balance: { working: 3, standing: 3 },
  }),
  doses: range(holds(1, 10, 10), holds(2, 20, 10), holds(2, 30, 10), 'usual practice'),
  ladder: ladder(
    'fingertips',
    rung(
      'fingertips',
      'fingertips on the chair, eyes open',
      { support: 'fingertips', eyes: 'open' },
      range(holds(1, 10, 10), holds(2, 20, 10), holds(2, 30, 10), 'usual practice'),
      cleanHold(30, '30 s with fingertips, both feet, on two days.'),
    ),
    rung(
      'free',
      'hands free, eyes open',
      { support: 'none', eyes: 'open' },
      range(holds(1, 10, 10), holds(2, 20, 10), holds(2, 30, 10)),
      checked('one-leg-stand', '30 s on the cushion, both feet; older students need not.', 30, 2),
    ),
    rung(
      'eyes-shut',
      'eyes shut, fingertips back on the chair',
      { support: 'fingertips', eyes: 'shut' },
      range(holds(1, 5, 10), holds(2, 5, 10), holds(2, 10, 10)),
      null,
      { why: 'The first try with eyes shut goes back to fingertips, on purpose.' },
    ),
  ),
});

export const unstableStand: Exercise = exercise({
  id: 'unstable-stand',
  name: say('Stand or squat on an unstable trainer', 'Reactive stance on an unstable surface'),
  family: 'balance',
  purpose:
    'Quick small answers of ankle and hip on something that moves. After two to four weeks of basics, once or twice a week.',
  stage: 'integrated',
  directions: [],
  faults: [
    fault('the trainer is soft or slides', 'front', 'Pump it firm, put it on a mat.'),
    fault('socks on', 'front', 'Bare feet: socks slip here.'),
    fault('knees locked', 'outer side', 'Bend to answer.'),
  ],
  cautions: [slips, bare, care('recent-injury', 'ask-clinician', 'After a sprain ask first.')],
  cues: cues(
    'Firm trainer that cannot slide, barefoot, support in reach.',
    'Step on one foot at a time, soft knees, and let the ankles answer.',
    'A gull on a buoy.',
    'Lower, softer, slower.',
    'Keep breathing.',
  ),
  foundBy: ['half ball', 'wobble', 'unstable', 'balance', 'beam', 'reflex'],
  schools: { harderBalance: 'surface' },
  performance: performance({
    facing: 'support',
    kit: [kit('half-ball', 'room', { cushion: 'two cushions move less' }), chairBack],
    setup: 'props',
    phases: [phase('stand', 30, soft)],
    regions: { 'inner-ankle': 2, 'outer-ankle': 2, 'arch-intrinsics': 1, 'hip-and-trunk': 2 },
    balance: { working: 3, standing: 0 },
  }),
  doses: range(holds(1, 15, 15), holds(2, 30, 15), holds(3, 45, 15)),
  ladder: ladder(
    'held-two',
    rung(
      'held-two',
      'two feet, hands on the chair',
      { support: 'both hands', base: 'two feet', amount: 'stand' },
      range(holds(1, 15, 15), holds(2, 30, 15), holds(3, 45, 15)),
      cleanHold(30, '30 s with light hands, on two days.'),
    ),
    rung(
      'free-two',
      'two feet, hands free',
      { support: 'none', base: 'two feet', amount: 'stand' },
      range(holds(1, 15, 15), holds(2, 30, 15), holds(3, 45, 15)),
      cleanHold(45, '45 s hands free, on two days.'),
    ),
    rung(
      'squat-two',
      'two feet, small squats',
      { support: 'none', base: 'two feet', amount: 'squat' },
      range(holds(1, 15, 15), holds(2, 30, 15), holds(3, 45, 15)),
      cleanHold(45, '45 s of small squats, on two days.'),
      { change: { phases: [phase('squat and come up', 30, bent)] } },
    ),
    rung(
      'held-one',
      'one foot, hands on the chair',
      { support: 'both hands', base: 'one foot', amount: 'stand' },
      range(holds(1, 10, 15), holds(2, 15, 15), holds(3, 30, 15)),
      null,
      {
        why: 'One foot goes back to both hands and to quiet standing.',
        change: {
          sidePattern: 'each',
          phases: [phase('stand', 15, soft, { other: offTheFloor })],
          balance: { working: 3, standing: 3 },
        },
      },
    ),
  ),
});

export const beamSquat: Exercise = exercise({
  id: 'beam-squat',
  name: say('Squat with one foot raised', 'Asymmetric-height squat'),
  family: 'balance',
  purpose: 'One foot on a beam or block, one on the floor: hips and ankles learn that ground is not level.',
  stage: 'integrated',
  directions: ['ankle-up'],
  faults: [
    fault('pushing on past the first hip that says stop', 'front', 'The first hip decides the depth.'),
    fault('knees drift', 'front', 'Each knee over its own toes.'),
  ],
  cautions: [slips, care('sore-knees', 'go-gently', 'Shallow.')],
  cues: cues(
    'One foot on the block, one on the floor, hip width.',
    'Sit down as far as the first hip lets you. Come up.',
    'One foot on the quay, one in the boat, both calm.',
    'Stop at the first hip.',
  ),
  foundBy: ['squat', 'uneven', 'beam', 'block', 'hips'],
  performance: performance({
    sidePattern: 'each',
    kit: [kit('block', 'person', { step: 'a low step' })],
    footwear: 'bare or socks',
    phases: [
      phase('sit down', 3, bent, {
        other: foot(stands, { knee: 'bent', ankle: 'up' }),
        body: 'sinks',
        undo: 'come up',
      }),
      phase('come up', 2, soft, { other: stands, body: 'rises', effort: true, undo: 'sit down' }),
    ],
    regions: { 'hip-and-trunk': 2, 'deep-calf': 1 },
    balance: { working: 2, standing: 2 },
  }),
  doses: range(reps(3), reps(6), reps(10)),
});

const onTheHalfBall = foot(soft, { knee: 'soft' });
export const halfBallStep: Exercise = exercise({
  id: 'half-ball-step',
  name: say('Step on, off and over the half-ball', 'Reactive stepping on an unstable surface'),
  family: 'balance',
  purpose: 'Landing on something that gives, with a lunge to follow: reaction, once or twice a week.',
  stage: 'integrated',
  directions: ['ankle-up'],
  faults: [
    fault('the foot slides', 'front', 'Bare feet, middle of the dome.'),
    fault('the landing knee dives in', 'front', 'Knee over the second toe, then go on.'),
  ],
  cautions: [
    slips,
    care('recent-injury', 'ask-clinician', 'After a sprain ask first.'),
    care('pregnancy', 'leave-out', 'Floor instead.'),
  ],
  cues: cues(
    'Half-ball firm and on a mat, space all round, barefoot.',
    'Step on, settle, step off into a small lunge. Come back over.',
    'Stepping ashore in a swell.',
    'Settle before you leave.',
  ),
  foundBy: ['half ball', 'step', 'reaction', 'unstable', 'lunge'],
  performance: performance({
    facing: 'centre',
    sidePattern: 'each',
    kit: [kit('half-ball', 'room', { cushion: 'a firm cushion moves less' }), kit('mat', 'room')],
    setup: 'props',
    phases: [
      phase('step on and settle', 3, onTheHalfBall, { other: offTheFloor }),
      phase('off into a small lunge', 3, foot(standing, { knee: 'bent', ankle: 'up' }), { other: stands }),
    ],
    regions: { 'inner-ankle': 2, 'outer-ankle': 2, 'hip-and-trunk': 2, calf: 1 },
    balance: { working: 3, standing: 3 },
  }),
  doses: range(reps(2), reps(4), reps(8)),
  ladder: ladder(
    'on-off',
    rung(
      'held',
      'step on and off, a hand held',
      { support: 'one hand', amount: 'on and off' },
      range(reps(2), reps(4), reps(8)),
      saw('Settles each time, both feet.', 2),
    ),
    rung(
      'on-off',
      'step on and off, hands free',
      { support: 'none', amount: 'on and off' },
      range(reps(2), reps(4), reps(8)),
      cleanReps(4, '4 settled ones on both feet, on two days.'),
    ),
    rung('over', 'step over with a lunge', { support: 'none', amount: 'over' }, range(reps(2), reps(4), reps(8)), null),
  ),
});

const padUnder = foot(soft, { knee: 'soft' });
export const softStepDown: Exercise = exercise({
  id: 'soft-step-down',
  name: say('Step down onto a soft pad', 'Compliant-surface step-down'),
  family: 'balance',
  purpose: 'Down, sideways and into a small lunge on a pad that gives: a landing without a jump.',
  stage: 'integrated',
  directions: ['ankle-up'],
  faults: [
    fault('the knee dives inward on landing', 'front', 'Knee over the second toe.'),
    fault('a thud', 'front', 'Ball, then heel, then quiet.'),
  ],
  cautions: [slips, care('sore-knees', 'go-gently', 'A lower step.'), bare],
  cues: cues(
    'On the low step, pad in front, rail or hand in reach.',
    'Step down softly, settle, step back up. Then to the side.',
    'A cat leaves the windowsill.',
    'Quieter.',
  ),
  foundBy: ['step down', 'landing', 'pad', 'soft', 'reaction', 'knee'],
  performance: performance({
    sidePattern: 'each',
    kit: [
      kit('step', 'person', { block: 'a wide firm block' }),
      kit('cushion', 'person', { mat: 'a mat folded twice' }),
    ],
    setup: 'props',
    phases: [
      phase('step down and settle', 3, padUnder, { other: offTheFloor, body: 'sinks', undo: 'step back up' }),
      phase('step back up', 2, standing, { other: stands, body: 'rises', effort: true, undo: 'step down and settle' }),
    ],
    regions: { 'deep-calf': 2, 'hip-and-trunk': 2, 'inner-ankle': 1, 'outer-ankle': 1 },
    balance: { working: 2, standing: 3 },
  }),
  doses: range(reps(3), reps(6), reps(10)),
});

export const ringOfReach: Exercise = exercise({
  id: 'reach-round-the-clock',
  name: say('Stand and reach round the clock', 'Single-leg reach, multi-directional'),
  family: 'balance',
  purpose: 'The standing foot keeps its three points while the free foot reaches to the hours of a clock.',
  stage: 'integrated',
  directions: ['ankle-up'],
  faults: [
    fault('the heel of the standing foot lifts', 'outer side', 'Reach less far.'),
    fault('the inner ball lifts on the outward reach', 'front', 'Three points first, reach second.'),
  ],
  cautions: [care('falls-or-faints', 'change-support', 'A hand on the chair, small reaches.')],
  cues: cues(
    'Stand on one leg, chair in reach, a clock in your mind.',
    'Reach the free foot to the front, to its side and behind, and come home between.',
    'The lamp of a lighthouse sweeps, the tower stands.',
    'Smaller, with three points down.',
  ),
  foundBy: ['reach', 'balance', 'clock', 'one leg', 'star'],
  performance: performance({
    facing: 'support',
    sidePattern: 'each',
    kit: [chairBack],
    footwear: 'any',
    phases: [
      phase('reach', 2, foot(standing, { knee: 'bent', ankle: 'up' }), { other: offTheFloor, effort: true }),
      phase('home', 2, standing, { other: offTheFloor, effort: false }),
    ],
    regions: { 'hip-and-trunk': 2, 'arch-intrinsics': 1, 'inner-ankle': 1, 'outer-ankle': 1 },
    balance: { working: 3, standing: 3 },
  }),
  doses: range(
    reps(1, { per: { 'contact-points': 3 } }),
    reps(2, { per: { 'contact-points': 3 } }),
    reps(4, { per: { 'contact-points': 3 } }),
  ),
});
