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
  hanging,
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
  travel,
} from './author';

const kneel = [
  care('sore-knees', 'leave-out', 'No kneeling on sore knees; do the seated stretch instead.'),
  care('sore-big-toe-joint', 'leave-out', 'Leave it out while the big-toe joint is sore or stiff.'),
];
const mat = kit('mat', 'person', { cushion: 'a folded blanket under shins and toes' });
const cushion = kit('cushion', 'person', { block: 'a block between seat and heels takes more weight' });
const pad = kit('cushion', 'person', { mat: 'a folded mat under the toes' });
const achilles = care('sore-achilles', 'go-gently', 'Heel stays at floor level; no drop over an edge.');
const wall = kit('wall', 'room', { chair: 'a chair back, pushed against the wall' });

const tucked = foot(standing, {
  contacts: { heel: ['lift', 'air'], bigToe: ['press', 'floor'], smallToes: ['press', 'floor'] },
  ankle: 'up',
  heelHeightCm: 10,
  knee: 'bent',
  weightLine: 'even',
});
export const tuckedHeelSit: Exercise = exercise({
  id: 'tucked-toes-heel-sit',
  name: say('Sit on the heels, toes tucked', 'Kneeling toe extension stretch'),
  family: 'mobility',
  purpose: 'Stretches the sole and the toe joints under body weight, as much as is wanted.',
  stage: 'passive',
  directions: ['toes-lift', 'ankle-up'],
  faults: [
    fault('heels fall apart', 'behind', 'Heels together, over the second toes.'),
    fault('only the big toe is tucked', 'front', 'Sort the toes by hand, all ten on their pads.'),
  ],
  cautions: kneel,
  cues: cues(
    'Kneel, toes tucked under, a cushion between seat and heels if you like.',
    'Sit back slowly until the soles speak. Stay. Come off before it is too much.',
    'A drawbridge comes down on its chains.',
    'Lean forward to make it less.',
    'Breathe slowly.',
  ),
  foundBy: ['toes', 'kneel', 'stretch', 'sole', 'tuck', 'plantar'],
  performance: performance({
    position: 'kneeling',
    kit: [mat],
    floor: 'padded',
    phases: [phase('stay', 20, tucked, { body: 'sinks' })],
    regions: { 'plantar-tissue': 3, 'big-toe-joint': 2 },
  }),
  doses: range(holds(1, 10, 5), holds(1, 30, 5), holds(2, 30, 10), 'usual practice'),
  ladder: ladder(
    'leaning',
    rung(
      'hands-and-knees',
      'on hands and knees, toes tucked',
      { lever: 'most weight on the hands' },
      range(holds(1, 10, 5), holds(1, 20, 5), holds(2, 30, 10)),
      saw('Ten toes lie evenly and it is a stretch, not a pain, both feet.'),
    ),
    rung(
      'leaning',
      'seat on a cushion, hands on the floor in front',
      { lever: 'half the weight back' },
      range(holds(1, 10, 5), holds(1, 20, 5), holds(2, 30, 10), 'usual practice'),
      saw('30 s without pain, both feet.', 2),
      { change: { kit: [mat, cushion] } },
    ),
    rung(
      'upright',
      'upright on the heels',
      { lever: 'all the weight back' },
      range(holds(1, 10, 5), holds(1, 30, 5), holds(2, 30, 10), 'usual practice'),
      null,
    ),
  ),
});

const pointed = foot(standing, {
  contacts: {
    heel: ['hang', 'air'],
    innerBall: ['hang', 'air'],
    outerBall: ['hang', 'air'],
    bigToe: ['rest', 'floor'],
    smallToes: ['rest', 'floor'],
  },
  ankle: 'down',
  toes: 'long',
  knee: 'bent',
  weightLine: 'none',
});
export const pointedHeelSit: Exercise = exercise({
  id: 'pointed-heel-sit',
  name: say('Sit on the heels, feet pointed', 'Kneeling plantarflexion stretch and lift'),
  family: 'mobility',
  purpose: 'Lengthens the front of the ankle; later the knees lift and the point carries weight.',
  stage: 'passive',
  directions: ['ankle-down'],
  faults: [
    fault('heels part', 'behind', 'Heels kiss.'),
    fault('feet curve in behind you', 'behind', 'Feet straight back from the shins.'),
  ],
  cautions: [...kneel, care('very-mobile-joints', 'go-gently', 'Do not go to the end; a cushion under the ankles.')],
  cues: cues(
    'Kneel, tops of the feet on the mat, a cushion between seat and heels if you like.',
    'Sit back, heels together, and let the front of the ankles open.',
    'A swan’s feet behind it in the water.',
    'Heels together first.',
    'Breathe slowly.',
  ),
  foundBy: ['point', 'kneel', 'front of ankle', 'dancer', 'stretch', 'top of foot'],
  performance: performance({
    position: 'kneeling',
    kit: [mat],
    floor: 'padded',
    phases: [phase('stay', 20, pointed, { picture: 'ankle-side', body: 'sinks' })],
    regions: { shin: 2, 'toe-extensors': 1 },
  }),
  doses: range(holds(1, 10, 5), holds(1, 20, 5), holds(2, 30, 10), 'usual practice'),
  ladder: ladder(
    'sitting',
    rung(
      'cushioned',
      'a cushion between seat and heels',
      { support: 'cushion', lever: 'seat on cushion' },
      range(holds(1, 10, 5), holds(1, 20, 5), holds(2, 30, 10)),
      saw('30 s with the heels together, no pain, both feet.'),
      { change: { kit: [mat, cushion] } },
    ),
    rung(
      'sitting',
      'seat on the heels',
      { support: 'none', lever: 'seat on heels' },
      range(holds(1, 10, 5), holds(1, 20, 5), holds(2, 30, 10), 'usual practice'),
      cleanHold(30, '30 s with the heels together, both feet, on two days.'),
      { why: 'The cushion is the lever here: taking it away moves both at once.' },
    ),
    rung(
      'knees-up',
      'hands behind, knees lift off the mat',
      { support: 'hands behind', lever: 'knees lifted' },
      range(
        [reps(6, { tempo: [2] }), holds(1, 10, 0)],
        [reps(10, { tempo: [2] }), holds(1, 15, 0)],
        [reps(15, { tempo: [2] }), holds(1, 30, 0)],
        'usual practice',
      ),
      null,
      {
        why: 'Lifting the knees needs the hands behind; it goes back to support on purpose.',
        change: {
          phases: [phase('knees up', 2, pointed, { picture: 'ankle-side', body: 'rises', effort: true })],
          regions: { shin: 2, 'toe-extensors': 2, 'hip-and-trunk': 1 },
        },
      },
    ),
  ),
});

const topDown = foot(seatedFlat, {
  contacts: {
    heel: ['lift', 'air'],
    innerBall: ['hang', 'air'],
    outerBall: ['hang', 'air'],
    bigToe: ['press', 'floor'],
    smallToes: ['press', 'floor'],
  },
  ankle: 'down',
  toes: 'curled',
  heelHeightCm: 12,
  weightLine: 'none',
});
const topPicture = { picture: 'footprints' } as const;
const topOfFoot = foot(topDown, { weightLine: 'even' });
export const topOfFootStretch: Exercise = exercise({
  id: 'top-of-foot-stretch',
  name: say('Top of the foot to the floor', 'Dorsal foot and ankle stretch'),
  family: 'mobility',
  purpose: 'Opens the front of the ankle and the tops of the toes: the length that a point needs.',
  stage: 'passive',
  directions: ['ankle-down', 'toes-curl'],
  faults: [
    fault('weight is put on too suddenly', 'outer side', 'A little, wait, a little more.'),
    fault('the heel falls to one side', 'behind', 'Heel straight above the toes.'),
  ],
  cautions: [
    care('very-mobile-joints', 'go-gently', 'Stop short of the end of the way.'),
    care('growing-feet', 'go-gently', 'Growing feet: no pushing, no partner leaning on them.'),
    care('sore-big-toe-joint', 'go-gently', 'Roll a cloth under the toes, or leave it out.'),
  ],
  cues: cues(
    'Sit forward on the chair. One foot under it, tops of the toes on something soft.',
    'Let the heel come forward over the toes until the front of the ankle opens.',
    'A page bends at its lower corner.',
    'Pad under the toenails.',
  ),
  foundBy: ['point', 'top of foot', 'stretch', 'instep', 'dancer', 'front of ankle'],
  performance: performance({
    position: 'chair-seated',
    sidePattern: 'each',
    kit: [kit('chair', 'person', { wall: 'standing, a hand on the wall' }), pad],
    floor: 'padded',
    phases: [phase('open', 15, topOfFoot, { other: restsFlat, ...topPicture })],
    regions: { shin: 2, 'toe-extensors': 2 },
  }),
  doses: range(holds(2, 10, 5), holds(3, 15, 5), holds(3, 30, 5), 'usual practice'),
  ladder: ladder(
    'under-chair',
    rung(
      'under-chair',
      'seated, foot under the chair',
      { base: 'seated', lever: 'no body weight' },
      range(holds(2, 10, 5), holds(3, 15, 5), holds(3, 30, 5), 'usual practice'),
      saw('The front of the ankle opens without pain, both feet.'),
    ),
    rung(
      'standing-light',
      'standing, foot behind, little weight',
      { base: 'split', lever: 'no body weight' },
      range(holds(2, 10, 5), holds(3, 15, 5), holds(3, 30, 5), 'usual practice'),
      saw('Heel straight above the toes, both feet.', 2),
      {
        change: {
          position: 'standing',
          facing: 'support',
          kit: [kit('chair', 'person', { wall: 'a hand on the wall' })],
          phases: [phase('open', 15, foot(topOfFoot, { knee: 'soft' }), { other: stands, ...topPicture })],
          balance: { working: 0, standing: 1 },
        },
      },
    ),
    rung(
      'standing-leaning',
      'standing, bend the knee and lean into it',
      { base: 'split', lever: 'some body weight' },
      range(holds(2, 10, 5), holds(3, 15, 5), holds(3, 30, 5)),
      null,
      {
        change: {
          position: 'standing',
          facing: 'support',
          kit: [kit('chair', 'person', { wall: 'a hand on the wall' })],
          phases: [phase('open', 15, topOfFoot, { other: stands, ...topPicture })],
          regions: { shin: 3, 'toe-extensors': 2 },
          balance: { working: 0, standing: 1 },
        },
      },
    ),
  ),
});

export const sideOfAnkleStretch: Exercise = exercise({
  id: 'side-of-ankle-stretch',
  name: say('Side of the ankle, foot behind', 'Lateral and medial ankle stretch'),
  family: 'mobility',
  purpose: 'From the top-of-foot stretch the heel drifts a little in, a little out, and the side line opens.',
  stage: 'passive',
  directions: ['turn-in', 'turn-out'],
  faults: [
    fault('the knee swings instead of the heel', 'front', 'Knee forward; only the heel drifts.'),
    fault('it is forced on a hard floor', 'above', 'Pad first, then less.'),
  ],
  cautions: [
    care('very-mobile-joints', 'go-gently', 'Stop short of the end of the way.'),
    care('recent-injury', 'leave-out', 'Not on an ankle that was sprained lately; ask a clinician.'),
  ],
  cues: cues(
    'Stand with one foot behind, tops of the toes on the pad, hand on the chair.',
    'Let the heel drift out, wait; let it drift in, wait.',
    'A boat on its anchor line, first this side, then that.',
    'Gentler; the line, not the joint.',
  ),
  foundBy: ['side of ankle', 'stretch', 'outer ankle', 'sprain', 'drift'],
  performance: performance({
    facing: 'support',
    sidePattern: 'each',
    kit: [kit('chair', 'person', { wall: 'a hand on the wall' }), pad],
    floor: 'padded',
    phases: [
      phase('heel drifts out', 8, foot(topOfFoot, { ankle: 'turned-in', edge: 'outer', knee: 'soft' }), {
        other: stands,
        undo: 'heel drifts in',
      }),
      phase('heel drifts in', 8, foot(topOfFoot, { ankle: 'turned-out', edge: 'inner', knee: 'soft' }), {
        other: stands,
        undo: 'heel drifts out',
      }),
    ],
    regions: { 'outer-ankle': 1, 'inner-ankle': 1, shin: 1 },
    balance: { working: 0, standing: 1 },
  }),
  doses: range(reps(1), reps(3), reps(4), 'usual practice'),
});

export const rollOverTheToes: Exercise = exercise({
  id: 'roll-over-the-toes',
  name: say('Roll over the toes and set the heel', 'Dynamic dorsal-to-plantar transition'),
  family: 'mobility',
  purpose: 'Flows from the top of the foot over the toes to a planted heel, and back.',
  stage: 'active',
  directions: ['ankle-down', 'ankle-up', 'toes-curl', 'toes-lift'],
  faults: [
    fault('the foot flips at the toes', 'inner side', 'Pass through every joint.'),
    fault('weight lands at once', 'outer side', 'The other leg carries until it is easy.'),
  ],
  cautions: [
    care('sore-big-toe-joint', 'leave-out', 'Leave it out while the joint is sore.'),
    care('sore-knees', 'go-gently', 'A short step, little bend.'),
  ],
  cues: cues(
    'Stand at the chair, one foot behind on the tops of its toes.',
    'Roll over the toes to the ball, set the heel down, and roll back.',
    'A wheel over a kerb, slow motion.',
    'First time can be tough; less weight.',
  ),
  foundBy: ['roll', 'toes', 'flow', 'point', 'dancer', 'over the toes'],
  performance: performance({
    facing: 'support',
    sidePattern: 'each',
    kit: [kit('chair', 'person', { wall: 'a hand on the wall' }), mat],
    floor: 'padded',
    phases: [
      phase('on the tops', 2, foot(topOfFoot, { knee: 'soft' }), { other: stands, undo: 'on the tops' }),
      phase('over to the ball', 2, foot(tucked, { knee: 'soft' }), {
        other: stands,
        undo: 'back over the toes',
        body: 'rises',
      }),
      phase('set the heel', 2, foot(standing, { ankle: 'up' }), { other: stands, undo: 'heel off', body: 'sinks' }),
    ],
    regions: { shin: 1, 'toe-extensors': 2, 'plantar-tissue': 1, 'big-toe-joint': 1 },
    balance: { working: 1, standing: 1 },
  }),
  doses: range(reps(3), reps(5), reps(10)),
});

const kneesOverToes = foot(standing, { knee: 'bent', ankle: 'up', weightLine: 'second-toe' });
const kneelingOther = foot(standing, {
  role: 'rests',
  contacts: {
    heel: ['lift', 'air'],
    innerBall: ['rest', 'floor'],
    outerBall: ['rest', 'floor'],
    bigToe: ['rest', 'floor'],
    smallToes: ['rest', 'floor'],
  },
  knee: 'bent',
  heelHeightCm: 10,
  weightLine: 'none',
});
export const halfKneelKneeToWall: Exercise = exercise({
  id: 'half-kneel-knee-forward',
  name: say('Half kneeling, knee to the stick', 'Half-kneeling dorsiflexion mobilisation'),
  family: 'mobility',
  purpose: 'Bends the ankle with the body low and steady, heel down, knee to a mark.',
  stage: 'active',
  directions: ['ankle-up'],
  faults: [
    fault('the heel lifts', 'outer side', 'Back off until it stays down.'),
    fault('the knee falls to the inside', 'front', 'Touch the stick in front of the second toe.'),
  ],
  cautions: [
    care('sore-knees', 'change-support', 'Thick pad under the kneeling knee, or do it standing at the wall.'),
    care('recent-injury', 'ask-clinician', 'After a sprain ask first.'),
  ],
  cues: cues(
    'Half kneel, stick upright a hand’s width in front of the big toe.',
    'Knee forward to the stick, heel heavy. Come back.',
    'A drawer slides out on level runners.',
    'Heel first, then distance.',
  ),
  foundBy: ['ankle', 'bend', 'kneel', 'stick', 'wall', 'dorsiflexion', 'stiff ankle'],
  performance: performance({
    position: 'kneeling',
    facing: 'support',
    sidePattern: 'each',
    kit: [kit('stick', 'person', { wall: 'knee to the wall, one at a time' }), mat],
    floor: 'padded',
    phases: [
      phase('knee forward', 2, kneesOverToes, { other: kneelingOther, undo: 'back', effort: true }),
      phase('back', 1, foot(standing, { knee: 'bent' }), { other: kneelingOther, undo: 'knee forward', effort: false }),
    ],
    regions: { 'deep-calf': 1 },
  }),
  doses: range(reps(10), reps(15), reps(30), 'usual practice'),
});

export const squatKneeTouch: Exercise = exercise({
  id: 'deep-squat-knee-touch',
  name: say('Knee to the floor from a deep squat', 'Deep-squat dorsiflexion drill'),
  family: 'mobility',
  purpose: 'From a deep squat one knee travels forward and down, heel free to lift, ankle bending to its end.',
  stage: 'loaded',
  directions: ['ankle-up'],
  faults: [
    fault('the knee falls inward', 'front', 'Knee over the second toe all the way.'),
    fault('the body tips to one side', 'front', 'Hands in front, weight in the middle.'),
  ],
  cautions: [
    care('sore-knees', 'leave-out', 'Leave it out on sore knees.'),
    care('sore-big-toe-joint', 'leave-out', 'Leave it out on a sore big-toe joint.'),
  ],
  cues: cues(
    'Deep squat, hands on the floor in front.',
    'One knee forward and down to the floor, and back. Other knee.',
    'A drawbridge goes down, and comes up.',
    'Slow down the last hand’s width.',
  ),
  foundBy: ['squat', 'deep', 'knee', 'ankle', 'strength'],
  performance: performance({
    sidePattern: 'alternate',
    kit: [mat],
    floor: 'padded',
    phases: [
      phase('knee down', 2, foot(tucked, { knee: 'bent' }), { body: 'sinks', effort: false, undo: 'back' }),
      phase('back', 2, kneesOverToes, { body: 'rises', effort: true, undo: 'knee down' }),
    ],
    regions: { 'deep-calf': 2, shin: 1, 'hip-and-trunk': 2, 'big-toe-joint': 1 },
    balance: { working: 2, standing: 0 },
  }),
  doses: range(reps(6), reps(10), reps(15), 'usual practice'),
  ladder: ladder(
    'one-hands',
    rung(
      'one-hands',
      'one knee at a time, hands down',
      { amount: 'one knee', support: 'hands down' },
      range(reps(6), reps(10), reps(15), 'usual practice'),
      cleanReps(10, '10 with the knee over the toes, both sides.'),
    ),
    rung(
      'one-free',
      'one knee at a time, hands free',
      { amount: 'one knee', support: 'none' },
      range(reps(6), reps(10), reps(15), 'usual practice'),
      cleanReps(10, '10 without a hand, both sides, on two days.'),
    ),
    rung(
      'both-hands',
      'both knees together, hands down',
      { amount: 'both knees', support: 'hands down' },
      range(reps(5), reps(10), reps(15), 'usual practice'),
      cleanReps(10, '10 under control, on two days.'),
      {
        why: 'Two knees at once go back to the hands first.',
        change: { sidePattern: 'both' },
      },
    ),
    rung(
      'both-free',
      'both knees together, hands free',
      { amount: 'both knees', support: 'none' },
      range(reps(5), reps(10), reps(15), 'usual practice'),
      null,
      { change: { sidePattern: 'both', balance: { working: 3, standing: 0 } } },
    ),
  ),
});

export const deepSquatSit: Exercise = exercise({
  id: 'deep-squat-sit',
  name: say('Rest in a deep squat', 'Sustained full squat'),
  family: 'mobility',
  purpose: 'A resting place for hips and ankles, elbows inside the knees.',
  stage: 'active',
  directions: ['ankle-up'],
  faults: [
    fault('knees cave in', 'front', 'Elbows press them out over the toes.'),
    fault('heels float', 'outer side', 'Folded mat under the heels, or hold on.'),
  ],
  cautions: [
    care('sore-knees', 'leave-out', 'Leave it out on sore knees.'),
    care('pregnancy', 'change-support', 'Sit on a block and hold on.'),
  ],
  cues: cues(
    'Feet a little wider than the hips, legs slightly turned out.',
    'Sit down between your heels, elbows inside the knees, and stay.',
    'A child looking at a beetle.',
    'Tall back, heavy heels.',
    'Slow breath.',
  ),
  foundBy: ['squat', 'rest', 'deep', 'hips', 'ankle'],
  performance: performance({
    kit: [],
    phases: [phase('stay', 20, foot(kneesOverToes, { weightLine: 'even' }), { body: 'sinks' })],
    regions: { 'deep-calf': 1, 'hip-and-trunk': 1 },
    balance: { working: 1, standing: 0 },
  }),
  doses: range(holds(1, 10, 10), holds(2, 20, 10), holds(2, 60, 15)),
  ladder: ladder(
    'held',
    rung(
      'on-block',
      'seat on a block',
      { support: 'block', surface: 'flat' },
      range(holds(1, 15, 10), holds(2, 30, 10), holds(2, 60, 15)),
      saw('Knees over toes for half a minute, both feet.'),
      {
        change: {
          kit: [kit('block', 'person', { cushion: 'two firm cushions' })],
          balance: { working: 0, standing: 0 },
        },
      },
    ),
    rung(
      'held',
      'hands on a support in front',
      { support: 'hands', surface: 'flat' },
      range(holds(1, 10, 10), holds(2, 20, 10), holds(2, 60, 15)),
      cleanHold(30, '30 s with heels down, both feet.'),
      { change: { kit: [kit('chair', 'person', { wall: 'a door frame or wall bar' })], facing: 'support' } },
    ),
    rung(
      'free',
      'hands free',
      { support: 'none', surface: 'flat' },
      range(holds(1, 10, 10), holds(2, 20, 10), holds(2, 60, 15)),
      null,
    ),
  ),
});

const stretched = foot(standing, { ankle: 'up', knee: 'locked' });
const overStep = foot(standing, {
  contacts: {
    heel: ['hang', 'air'],
    innerBall: ['press', 'block'],
    outerBall: ['press', 'block'],
    bigToe: ['rest', 'block'],
    smallToes: ['rest', 'block'],
  },
  ankle: 'up',
  knee: 'locked',
});
const onKerb = foot(stretched, {
  contacts: {
    innerBall: ['press', 'block'],
    outerBall: ['press', 'block'],
    bigToe: ['rest', 'block'],
    smallToes: ['rest', 'block'],
  },
});
export const kerbStretch: Exercise = exercise({
  id: 'kerb-stretch',
  name: say('Ball of the foot up on a kerb', 'Incline calf stretch with knee travel'),
  family: 'mobility',
  purpose: 'Toes up the kerb, heel on the ground; the knee travels forward, left and right to find the tight side.',
  stage: 'active',
  directions: ['ankle-up'],
  faults: [
    fault('the hips stay behind', 'outer side', 'Hips come forward over the foot.'),
    fault('the foot rolls with the knee', 'front', 'Foot quiet; only the knee travels.'),
  ],
  cautions: [care('sore-achilles', 'go-gently', 'Heel stays at floor level, small and slow.')],
  cues: cues(
    'Hand on the wall. Heel down, ball of the foot up on the edge.',
    'Knee forward. Then forward and left, forward and right.',
    'A weathervane that looks in three directions.',
    'Stay longer on the tight side.',
  ),
  foundBy: ['kerb', 'step', 'calf', 'achilles', 'stretch', 'outdoors'],
  performance: performance({
    facing: 'support',
    sidePattern: 'each',
    kit: [kit('step', 'person', { block: 'a block against the wall', wall: 'the toes up the wall' }), wall],
    footwear: 'any',
    floorsRuledOut: [],
    phases: [
      phase('knee forward', 5, foot(onKerb, { knee: 'soft' }), { other: stands }),
      phase('forward and left', 5, foot(onKerb, { knee: 'soft' }), { other: stands }),
      phase('forward and right', 5, foot(onKerb, { knee: 'soft' }), { other: stands }),
    ],
    regions: { calf: 2, 'deep-calf': 2 },
  }),
  doses: range(reps(1), reps(3), reps(5)),
});

export const handsAndFeetCalf: Exercise = exercise({
  id: 'hands-and-feet-calf',
  name: say('Calf stretch on hands and feet', 'Posterior chain stretch'),
  family: 'mobility',
  purpose: 'Lengthens the whole back of the legs, heels walking towards the floor.',
  stage: 'active',
  directions: ['ankle-up'],
  faults: [
    fault('feet fan out', 'behind', 'Toes to the hands.'),
    fault('back rounds to reach the floor', 'outer side', 'Bend the knees; long back first.'),
  ],
  cautions: [
    care('falls-or-faints', 'leave-out', 'Head down is not for anyone who gets dizzy: use the wall.'),
    care('pregnancy', 'change-support', 'Hands on a chair seat instead of the floor.'),
  ],
  cues: cues(
    'Hands and feet on the mat, hips high, knees soft.',
    'Press one heel towards the floor, then the other, then both, and stay.',
    'A tent with a high ridge.',
    'Knees bend as much as you like.',
    'Long breath out.',
  ),
  foundBy: ['calf', 'stretch', 'hands and feet', 'chain', 'hamstrings', 'heel'],
  performance: performance({
    position: 'kneeling',
    kit: [mat],
    floor: 'padded',
    phases: [phase('stay', 30, foot(stretched, { weightLine: 'even', knee: 'soft' }))],
    regions: { calf: 2, 'hip-and-trunk': 1 },
  }),
  doses: range(holds(1, 15, 5), holds(2, 30, 5), holds(3, 30, 5)),
});

export const heelDropStretch: Exercise = exercise({
  id: 'heel-drop-stretch',
  name: say('Heel drop off a step, and stay', 'Static calf stretch over an edge'),
  family: 'mobility',
  purpose: 'Lets the heel sink below the step and waits there: a strong calf stretch.',
  stage: 'passive',
  directions: ['ankle-up'],
  faults: [
    fault('the foot rolls to one edge', 'behind', 'Two balls on the step, heel straight down.'),
    fault('bouncing', 'outer side', 'Sink and wait.'),
  ],
  cautions: [
    care(
      'sore-achilles',
      'leave-out',
      'Sore where the tendon joins the heel: never below floor level. Stretch at the wall.',
    ),
    care('falls-or-faints', 'change-support', 'Both hands on the rail.'),
  ],
  cues: cues(
    'One foot flat on the step, the ball of the other on its edge, both hands on a support.',
    'Let that heel sink. Wait. Come up with the help of the other foot.',
    'An anchor that finds the bottom.',
    'Straight down, not sideways.',
    'Breathe slowly.',
  ),
  foundBy: ['heel', 'drop', 'step', 'calf', 'stretch', 'stairs'],
  performance: performance({
    facing: 'support',
    sidePattern: 'each',
    kit: [kit('step', 'person', { block: 'a firm block that cannot slip' }), wall],
    footwear: 'any',
    setup: 'props',
    phases: [
      phase('sink and wait', 20, overStep, {
        other: foot(standing, {
          role: 'stands',
          contacts: {
            heel: ['rest', 'block'],
            innerBall: ['press', 'block'],
            outerBall: ['press', 'block'],
            bigToe: ['rest', 'block'],
            smallToes: ['rest', 'block'],
          },
        }),
        body: 'sinks',
      }),
    ],
    regions: { calf: 3, 'plantar-tissue': 1 },
    balance: { working: 1, standing: 1 },
  }),
  doses: range(holds(1, 15, 5), holds(2, 20, 5), holds(2, 30, 5)),
  ladder: ladder(
    'wall',
    rung(
      'wall',
      'at the wall, heel on the floor',
      { lever: 'heel at floor level', surface: 'floor' },
      range(holds(1, 15, 5), holds(2, 20, 5), holds(2, 30, 5)),
      saw('A stretch in the calf and none in the tendon, both feet.'),
      {
        change: {
          kit: [wall],
          phases: [phase('sink and wait', 20, stretched, { other: stands })],
          regions: { calf: 2 },
          balance: { working: 0, standing: 0 },
        },
      },
    ),
    rung(
      'low-edge',
      'on a thin block',
      { lever: 'heel a finger below', surface: 'floor' },
      range(holds(1, 15, 5), holds(2, 20, 5), holds(2, 30, 5)),
      checked('heel-drop-resists', 'The heel sinks straight, resisting to neither side, both feet.'),
      { change: { kit: [kit('block', 'person', { step: 'the lowest step' }), wall] } },
    ),
    rung(
      'step',
      'on a step',
      { lever: 'heel well below', surface: 'floor' },
      range(holds(1, 15, 5), holds(2, 20, 5), holds(2, 30, 5)),
      null,
    ),
  ),
});

const rocks = (edge: 'inner' | 'outer') =>
  foot(standing, {
    contacts: edge === 'outer' ? { innerBall: ['rest', 'floor'] } : { outerBall: ['rest', 'floor'] },
    edge,
    ankle: edge === 'outer' ? 'turned-in' : 'turned-out',
    weightLine: edge === 'inner' ? 'first-toe' : 'even',
  });
export const sidewaysRock: Exercise = exercise({
  id: 'sideways-ankle-rock',
  name: say('Sideways ankle rock, leaning tall', 'Frontal-plane ankle mobilisation'),
  family: 'mobility',
  purpose: 'Hands on a wall or counter, the whole body leans as one plank and the ankle gives sideways.',
  stage: 'active',
  directions: ['turn-in', 'turn-out'],
  faults: [
    fault('the trunk bends instead', 'front', 'One plank from ear to ankle.'),
    fault('the rock is quick and short', 'front', 'Slow, to where it still feels safe.'),
  ],
  cautions: [care('recent-injury', 'ask-clinician', 'After a sprain, tiny rocks and ask first.')],
  cues: cues(
    'Both hands on the wall or a counter, weight on one foot, the other one light.',
    'Lean the hips to one side until the sole tilts; come through the middle to the other side.',
    'A mast in a slow swell.',
    'Tall, and half as far.',
  ),
  foundBy: ['sideways', 'ankle', 'rock', 'tilt', 'lean', 'mobility'],
  performance: performance({
    facing: 'support',
    sidePattern: 'each',
    kit: [wall],
    phases: [
      phase('to the outer edge', 2, rocks('outer'), {
        other: foot(stands, {
          role: 'rests',
          contacts: { heel: ['rest', 'floor'], innerBall: ['rest', 'floor'], outerBall: ['rest', 'floor'] },
        }),
        undo: 'to the inner edge',
      }),
      phase('to the inner edge', 2, rocks('inner'), {
        other: foot(stands, {
          role: 'rests',
          contacts: { heel: ['rest', 'floor'], innerBall: ['rest', 'floor'], outerBall: ['rest', 'floor'] },
        }),
        undo: 'to the outer edge',
      }),
    ],
    regions: { 'outer-ankle': 1, 'inner-ankle': 1, 'hip-and-trunk': 1 },
    balance: { working: 1, standing: 0 },
  }),
  doses: range(reps(4), reps(6), reps(10), 'usual practice'),
});

const toesPlanted = foot(standing, {
  contacts: {
    heel: ['lift', 'air'],
    innerBall: ['rest', 'floor'],
    outerBall: ['rest', 'floor'],
    bigToe: ['press', 'floor'],
    smallToes: ['press', 'floor'],
  },
  heelHeightCm: 8,
  knee: 'soft',
  weightLine: 'none',
});
const lightly = { other: stands, picture: 'ankle-front' } as const;
const tips = foot(toesPlanted, { contacts: { bigToe: ['rest', 'floor'], smallToes: ['rest', 'floor'] } });
export const plantedToeCircle: Exercise = exercise({
  id: 'planted-toe-circle',
  name: say('Circles with the toes planted', 'Closed-chain ankle circumduction'),
  family: 'mobility',
  purpose: 'The toes stay on the floor, the heel draws a circle over them, both ways.',
  stage: 'active',
  directions: ['ankle-up', 'ankle-down', 'turn-in', 'turn-out'],
  faults: [
    fault('the whole leg swings', 'front', 'Small at the knee, round at the heel.'),
    fault('one way is forgotten', 'front', 'The same number the other way.'),
  ],
  cautions: [care('sore-big-toe-joint', 'go-gently', 'Less weight on the toes, or circles in the air.')],
  cues: cues(
    'Hand on the chair, one heel up, toes planted, little weight on them.',
    'Draw a circle with the heel. Then the other way round.',
    'Stirring a pot with the heel for a spoon.',
    'Leg quiet, circle round.',
  ),
  foundBy: ['circle', 'ankle', 'toes', 'warm up', 'rotate'],
  performance: performance({
    facing: 'support',
    sidePattern: 'each',
    kit: [kit('chair', 'person', { wall: 'a hand on the wall' })],
    phases: [
      phase('heel to the inner side', 1, foot(tips, { ankle: 'turned-out' }), lightly),
      phase('heel forward', 1, foot(tips, { ankle: 'down' }), { ...lightly, picture: 'ankle-side' }),
      phase('heel to the outer side', 1, foot(tips, { ankle: 'turned-in' }), lightly),
      phase('heel back', 1, foot(tips, { ankle: 'up' }), { ...lightly, picture: 'ankle-side' }),
    ],
    regions: { 'inner-ankle': 1, 'outer-ankle': 1, calf: 1 },
    balance: { working: 0, standing: 1 },
  }),
  doses: range(
    reps(3, { per: { directions: 2 } }),
    reps(5, { per: { directions: 2 } }),
    reps(10, { per: { directions: 2 } }),
  ),
});

const lying = foot(hanging, { knee: 'soft' });
export const lyingPointAndFan: Exercise = exercise({
  id: 'lying-point-and-fan',
  name: say('Lying: point, draw up, fan the toes', 'Supine ankle articulation with toe spread'),
  family: 'mobility',
  purpose: 'On the back with one leg held up, the foot moves freely without carrying anything.',
  stage: 'active',
  directions: ['ankle-down', 'ankle-up', 'toes-spread'],
  faults: [
    fault('the shin waves about', 'front', 'Hands hold the thigh still.'),
    fault('toes clench in the point', 'inner side', 'Long toes down, wide toes up.'),
  ],
  cautions: [
    care('pregnancy', 'change-support', 'Half sitting, back on a cushion.'),
    care('cramp', 'go-gently', 'Cramp: foot up, shake, go on smaller.'),
  ],
  cues: cues(
    'Lie on your back, one leg up, hands behind the thigh.',
    'Point long. Draw the foot up and fan the toes.',
    'A sea anemone that closes and opens.',
    'Shin still.',
  ),
  foundBy: ['lying', 'point', 'flex', 'fan', 'legs up', 'circulation'],
  performance: performance({
    position: 'lying',
    sidePattern: 'each',
    kit: [kit('mat', 'person', { cushion: 'folded blankets under the back' })],
    floor: 'padded',
    phases: [
      phase('point long', 2, foot(lying, { ankle: 'down', toes: 'long' }), {
        other: foot(lying, { role: 'rests' }),
        picture: 'ankle-side',
        undo: 'draw up and fan',
      }),
      phase('draw up and fan', 2, foot(lying, { ankle: 'up', toes: 'spread' }), {
        other: foot(lying, { role: 'rests' }),
        picture: 'ankle-side',
        undo: 'point long',
      }),
    ],
    regions: { shin: 1, calf: 1, 'toe-extensors': 1 },
  }),
  doses: range(reps(5), reps(10), reps(20)),
});

export const strapHeldLean: Exercise = exercise({
  id: 'strap-held-lean',
  name: say('Lean forward, held by a band', 'Assisted forward lean'),
  family: 'mobility',
  purpose: 'A band from behind the shoulders holds you while the whole body leans over the toes.',
  stage: 'loaded',
  directions: ['ankle-up', 'toes-curl'],
  faults: [
    fault('bending at the hips', 'outer side', 'One line from heel to ear.'),
    fault('the band hangs slack', 'outer side', 'It carries you all the time; do not go free.'),
  ],
  cautions: [
    care('falls-or-faints', 'leave-out', 'Lean at a wall instead.'),
    care('brittle-bones', 'leave-out', 'Lean at a wall instead.'),
  ],
  cues: cues(
    'Band fixed behind you at shoulder height, tried with a hard pull, and round both shoulders.',
    'Lean into the band, heels heavy, toes long and pressing. Stay, and come back.',
    'A figurehead under the bow.',
    'Less lean, straighter line.',
  ),
  foundBy: ['lean', 'band', 'forward', 'toes', 'ankle', 'stand'],
  performance: performance({
    facing: 'centre',
    kit: [kit('long-loop', 'person', { wall: 'facing a wall, hands ready: nothing holds you, so lean less' })],
    setup: 'fiddly',
    phases: [
      phase(
        'lean',
        10,
        foot(standing, {
          ankle: 'up',
          knee: 'locked',
          contacts: { bigToe: ['press', 'floor'], smallToes: ['press', 'floor'] },
        }),
        { effort: true },
      ),
    ],
    regions: { 'deep-calf': 1, 'toe-flexors': 2, calf: 1 },
    balance: { working: 2, standing: 0 },
  }),
  doses: range(holds(2, 5, 5), holds(3, 10, 5), holds(5, 15, 5)),
});

export const leanForwardAndBack: Exercise = exercise({
  id: 'lean-forward-and-back',
  name: say('Weight forward, weight back', 'Anterior-posterior weight shift'),
  family: 'mobility',
  purpose: 'Finds how far weight can travel over the foot before the toes or the heels have to save you.',
  stage: 'active',
  directions: ['ankle-up', 'ankle-down'],
  faults: [
    fault('bending at the hips', 'outer side', 'Move as one plank.'),
    fault('tipping over the heels', 'outer side', 'Backwards only half as far.'),
  ],
  cautions: [
    care('falls-or-faints', 'change-support', 'A chair in front and a wall behind; backwards is the precarious half.'),
  ],
  cues: cues(
    'Stand near a support, feet under your hips.',
    'Drift forward to the balls, back through the middle, a little to the heels.',
    'A buoy in a slow swell.',
    'Slower in the middle.',
  ),
  foundBy: ['weight', 'shift', 'lean', 'sway', 'balance', 'awareness'],
  performance: performance({
    facing: 'support',
    kit: [kit('chair', 'person', { wall: 'a wall gives more hold' })],
    footwear: 'any',
    phases: [
      phase(
        'forward',
        3,
        foot(standing, {
          contacts: { heel: ['rest', 'floor'], bigToe: ['press', 'floor'], smallToes: ['press', 'floor'] },
          ankle: 'up',
        }),
        { undo: 'back' },
      ),
      phase(
        'back',
        3,
        foot(standing, {
          contacts: { innerBall: ['rest', 'floor'], outerBall: ['rest', 'floor'] },
          weightLine: 'even',
        }),
        { undo: 'forward' },
      ),
    ],
    regions: { calf: 1, shin: 1, 'toe-flexors': 1 },
    balance: { working: 1, standing: 0 },
  }),
  doses: range(reps(4), reps(8), reps(12)),
});

export const kneeDriveWalk: Exercise = exercise({
  id: 'low-knee-drive-walk',
  name: say('Low walk, knee driven forward', 'Loaded dorsiflexion walk'),
  family: 'mobility',
  purpose: 'Long low steps: at each one the knee drives over the toes while the heel stays down.',
  stage: 'integrated',
  directions: ['ankle-up'],
  faults: [
    fault('the heel lifts', 'outer side', 'Shorter step, heel heavy, then the knee.'),
    fault('the knee dives inward', 'front', 'Knee over the second toe.'),
  ],
  cautions: [achilles, care('sore-knees', 'go-gently', 'Stay higher.')],
  cues: cues(
    'One lane each, hands on the front thigh.',
    'Step, sink, drive the knee over the toes, heel down. Next step.',
    'A plough that keeps its depth.',
    'A strong pull in the calf is enough.',
  ),
  foundBy: ['walk', 'low', 'ankle', 'knee', 'calf', 'dorsiflexion'],
  performance: performance({
    position: 'walking',
    facing: 'lane',
    sidePattern: 'travelling',
    phases: [phase('step and drive', 2, kneesOverToes)],
    regions: { 'deep-calf': 2, 'hip-and-trunk': 2 },
    balance: { working: 2, standing: 1 },
  }),
  doses: range(travel(1, 30, 40), travel(1, 40, 40), travel(1, 50, 40), 'usual practice'),
});
