import type { Exercise } from '../exercise';
import {
  breaths,
  care,
  checked,
  cleanReps,
  cues,
  exercise,
  fault,
  foot,
  kit,
  ladder,
  offTheFloor,
  onTheBall,
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
const falls = care('falls-or-faints', 'change-support', 'A hand on the chair throughout.');
const knees = care('sore-knees', 'go-gently', 'As deep as is free of pain.');
const hangToes = foot(standing, {
  contacts: {
    heel: ['press', 'block'],
    innerBall: ['press', 'block'],
    outerBall: ['press', 'block'],
    bigToe: ['hang', 'air'],
    smallToes: ['hang', 'air'],
  },
  toes: 'relaxed',
});
const backToes = foot(standing, {
  role: 'stands',
  contacts: { heel: ['lift', 'air'] },
  heelHeightCm: 6,
  knee: 'soft',
});

export const toesHangingSplitSquat: Exercise = exercise({
  id: 'toes-hanging-split-squat',
  name: say('Split squat, front toes over the edge', 'Split squat with unsupported digits'),
  family: 'strength',
  purpose: 'With the toes over the edge nothing can grip: the arch lengthens and answers by itself.',
  stage: 'integrated',
  directions: ['ankle-up'],
  faults: [
    fault('the student pushes into the toes', 'above', 'They have nothing to hold; stand on heel and balls.'),
    fault('the knee leaves its line', 'front', 'Knee over the second toe.'),
  ],
  cautions: [knees, falls],
  cues: cues(
    'Front foot on the block, toes over its edge, back foot on the floor, hand on the wall.',
    'Sink straight down on both legs, feel the arch grow long, come up.',
    'A lift between two floors.',
    'Heel and both balls.',
  ),
  foundBy: ['split squat', 'toes', 'block', 'arch', 'lunge', 'edge'],
  performance: performance({
    facing: 'support',
    sidePattern: 'each',
    kit: [kit('block', 'person', { step: 'a step edge' }), kit('wall', 'room', { chair: 'a chair back' })],
    setup: 'props',
    phases: [
      phase('sink', 3, foot(hangToes, { knee: 'bent', ankle: 'up', midfoot: 'let-down' }), {
        other: foot(backToes, { knee: 'bent' }),
        body: 'sinks',
        effort: false,
        undo: 'come up',
      }),
      phase('come up', 2, foot(hangToes, { midfoot: 'lifted' }), {
        other: backToes,
        body: 'rises',
        effort: true,
        undo: 'sink',
      }),
    ],
    regions: { 'arch-intrinsics': 2, 'hip-and-trunk': 2, 'deep-calf': 1 },
    balance: { working: 2, standing: 1 },
  }),
  doses: range(reps(4), reps(6), reps(10), 'usual practice'),
});

export const breathSplitSquat: Exercise = exercise({
  id: 'breath-split-squat',
  name: say('Split squat with the breath, then big toe up', 'Breath-paced split squat to hallux lift'),
  family: 'strength',
  purpose: 'Sink with one breath, rise with the next, and finish with the big toe up: the arch winds and unwinds.',
  stage: 'integrated',
  directions: ['ankle-up', 'toes-lift'],
  faults: [
    fault('the knee locks at the top', 'outer side', 'Leave it soft; the toe does the finishing.'),
    fault('breath and movement part', 'front', 'Wait for the breath.'),
  ],
  cautions: [knees, falls, care('sore-big-toe-joint', 'go-gently', 'Leave the toe lift out.')],
  cues: cues(
    'As in the split squat, toes over the edge, hand on the wall.',
    'Sink on one breath, rise on the next, big toe up. Five, rest, and again.',
    'A spring is wound and let go.',
    'Soft knee, then the toe.',
    'Out as you sink, in as you rise.',
  ),
  foundBy: ['split squat', 'breath', 'big toe', 'spiral', 'arch'],
  schools: { breath: 'out-on-sinking' },
  performance: performance({
    facing: 'support',
    sidePattern: 'each',
    kit: [kit('block', 'person', { step: 'a step edge' }), kit('wall', 'room', { chair: 'a chair back' })],
    setup: 'props',
    phases: [
      phase('sink', 3, foot(hangToes, { knee: 'bent', ankle: 'up', midfoot: 'let-down' }), {
        other: foot(backToes, { knee: 'bent' }),
        breath: 'out',
        body: 'sinks',
      }),
      phase(
        'rise, big toe up',
        3,
        foot(hangToes, { contacts: { bigToe: ['lift', 'air'] }, midfoot: 'lifted', knee: 'soft' }),
        { other: backToes, breath: 'in', body: 'rises', effort: true },
      ),
    ],
    regions: { 'arch-intrinsics': 2, 'toe-extensors': 1, 'hip-and-trunk': 2 },
    balance: { working: 2, standing: 1 },
  }),
  doses: range(
    reps(3, { sets: 1 }),
    reps(5, { sets: 2, setRest: 20 }),
    reps(5, { sets: 3, setRest: 20 }),
    'usual practice',
  ),
});

const squatDown = foot(standing, { knee: 'bent', ankle: 'up', weightLine: 'even' });
export const barefootSquat: Exercise = exercise({
  id: 'barefoot-squat',
  name: say('Barefoot squat', 'Bodyweight squat, foot tripod maintained'),
  family: 'strength',
  purpose: 'The foot keeps its three points while everything above it stacks and folds.',
  stage: 'integrated',
  directions: ['ankle-up'],
  faults: [
    fault('arches sink as you go down', 'front', 'Three points; stop where they would leave.'),
    fault('heels lift', 'outer side', 'Less deep, or a folded mat under the heels.'),
  ],
  cautions: [knees, care('falls-or-faints', 'change-support', 'Chair behind you, hands on another in front.')],
  cues: cues(
    'Feet hip width, three points on each.',
    'Fold at hips, knees and ankles; keep the points. Come up.',
    'Three blocks are stacked; the lowest one is your foot.',
    'Stop before the arch goes.',
  ),
  foundBy: ['squat', 'barefoot', 'legs', 'ankle', 'tripod'],
  performance: performance({
    footwear: 'bare or socks',
    phases: [
      phase('fold', 3, squatDown, { body: 'sinks', effort: false, undo: 'come up' }),
      phase('come up', 2, standing, { body: 'rises', effort: true, undo: 'fold' }),
    ],
    regions: { 'hip-and-trunk': 2, 'deep-calf': 1, 'arch-intrinsics': 1 },
    balance: { working: 1, standing: 0 },
  }),
  doses: range(reps(5), reps(8), reps(15)),
  ladder: ladder(
    'chair-behind',
    rung(
      'to-chair',
      'sit to a chair and stand up',
      { lever: 'to a chair', support: 'chair' },
      range(reps(5), reps(8), reps(12)),
      cleanReps(8, '8 with three points on each foot, both feet.'),
      { change: { kit: [kit('chair', 'person', { block: 'two blocks stacked' })] } },
    ),
    rung(
      'chair-behind',
      'half way, hands free, chair behind',
      { lever: 'half way', support: 'chair' },
      range(reps(5), reps(8), reps(15)),
      checked('knee-in-line', 'Second toe, ankle and knee in one line for 8, both sides.', null, 2),
      { change: { kit: [kit('chair', 'person', { wall: 'a wall behind you' })] } },
    ),
    rung(
      'full',
      'as deep as the heels stay down',
      { lever: 'full', support: 'none' },
      range(reps(5), reps(8), reps(15)),
      null,
      { why: 'Going past the chair means it is no longer behind you.' },
    ),
  ),
});

export const stepLunge: Exercise = exercise({
  id: 'step-lunge',
  name: say('Lunge with the front foot on a step', 'Stationary and lateral step lunge'),
  family: 'strength',
  purpose: 'Forward and sideways into a foot that stands higher: several directions, no travel.',
  stage: 'integrated',
  directions: ['ankle-up'],
  faults: [
    fault('the knee falls inward', 'front', 'Knee over the second toe.'),
    fault('the back leg does nothing', 'outer side', 'Push the floor with both.'),
  ],
  cautions: [knees, falls],
  cues: cues(
    'One foot on the step, the other a long step away.',
    'Bend into the raised foot, come back. Then the same from the side.',
    'Leaning on a railing to look over.',
    'Shallower, straighter knee line.',
  ),
  foundBy: ['lunge', 'step', 'side', 'legs', 'directions'],
  performance: performance({
    sidePattern: 'each',
    kit: [kit('step', 'person', { block: 'a wide firm block' })],
    footwear: 'any',
    phases: [
      phase(
        'bend in',
        2,
        foot(standing, {
          contacts: {
            heel: ['press', 'block'],
            innerBall: ['press', 'block'],
            outerBall: ['press', 'block'],
            bigToe: ['rest', 'block'],
            smallToes: ['rest', 'block'],
          },
          knee: 'bent',
          ankle: 'up',
          weightLine: 'second-toe',
        }),
        { other: backToes, body: 'sinks', undo: 'come back' },
      ),
      phase(
        'come back',
        2,
        foot(standing, {
          contacts: {
            heel: ['press', 'block'],
            innerBall: ['press', 'block'],
            outerBall: ['press', 'block'],
            bigToe: ['rest', 'block'],
            smallToes: ['rest', 'block'],
          },
        }),
        { other: backToes, body: 'rises', effort: true, undo: 'bend in' },
      ),
    ],
    regions: { 'hip-and-trunk': 2, 'deep-calf': 2 },
    balance: { working: 1, standing: 1 },
  }),
  doses: range(
    reps(3, { per: { directions: 2 } }),
    reps(4, { per: { directions: 2 } }),
    reps(8, { per: { directions: 2 } }),
  ),
});

export const steppingLunge: Exercise = exercise({
  id: 'stepping-lunge',
  name: say('Stepping lunge: side, front, round and back', 'Multi-directional stepping lunge'),
  family: 'strength',
  purpose: 'Mild power: step out, catch yourself over a steady foot, push home.',
  stage: 'integrated',
  directions: ['ankle-up', 'ankle-down'],
  faults: [
    fault('the toes land pointing outward', 'front', 'Land the foot the way the knee goes.'),
    fault('crashing into the bend', 'front', 'Shallow and soft first.'),
  ],
  cautions: [knees, falls],
  cues: cues(
    'Space all round, feet under your hips.',
    'Step out, bend over the foot, push home. Side, front, round and back.',
    'Stepping from boat to quay and back.',
    'Shallower, quieter.',
  ),
  foundBy: ['lunge', 'step', 'side', 'power', 'directions'],
  performance: performance({
    facing: 'centre',
    sidePattern: 'alternate',
    footwear: 'any',
    phases: [
      phase('step out and bend', 2, foot(standing, { knee: 'bent', ankle: 'up', weightLine: 'second-toe' }), {
        body: 'sinks',
        undo: 'push home',
      }),
      phase('push home', 1, standing, { body: 'rises', effort: true, undo: 'step out and bend' }),
    ],
    regions: { 'hip-and-trunk': 3, 'deep-calf': 2, calf: 1 },
    balance: { working: 2, standing: 1 },
  }),
  doses: range(reps(3), reps(6), reps(12)),
  ladder: ladder(
    'shallow',
    rung(
      'held',
      'shallow, a hand on the chair',
      { support: 'one hand', amount: 'shallow' },
      range(reps(3), reps(6), reps(10)),
      saw('Knee over toes each time, both sides.'),
      { change: { facing: 'support', kit: [chairBack] } },
    ),
    rung(
      'shallow',
      'shallow, hands free',
      { support: 'none', amount: 'shallow' },
      range(reps(3), reps(6), reps(12)),
      cleanReps(6, '6 quiet ones each side, on two days.'),
    ),
    rung(
      'reach',
      'reach up or touch the foot',
      { support: 'none', amount: 'with a reach' },
      range(reps(3), reps(6), reps(12)),
      null,
    ),
  ),
});

export const stepAndLand: Exercise = exercise({
  id: 'step-and-land',
  name: say('Step forward and land on one leg', 'Step-to-balance lunge'),
  family: 'balance',
  purpose: 'Step, land, and be still: foot, ankle and knee in one line before anything quicker.',
  stage: 'integrated',
  directions: ['ankle-up'],
  faults: [
    fault('the knee is off the line of the toes', 'front', 'Second toe, ankle, knee: then stay.'),
    fault('the other foot touches down at once', 'front', 'Land lower, and wait for two counts.'),
  ],
  cautions: [knees, falls],
  cues: cues(
    'A step of space in front, chair beside you.',
    'Step, land soft on one leg, stand still for two. Step back.',
    'A dart that sticks.',
    'Smaller step, longer stillness.',
  ),
  foundBy: ['landing', 'step', 'balance', 'lunge', 'knee line'],
  performance: performance({
    facing: 'support',
    sidePattern: 'each',
    kit: [chairBack],
    footwear: 'any',
    phases: [
      phase('step and land', 1, foot(standing, { knee: 'bent', ankle: 'up', weightLine: 'second-toe' }), {
        other: offTheFloor,
        body: 'sinks',
      }),
      phase('be still', 2, foot(standing, { knee: 'soft', weightLine: 'second-toe' }), { other: offTheFloor }),
      phase('step back', 2, standing, { other: stands }),
    ],
    regions: { 'hip-and-trunk': 2, calf: 1, 'deep-calf': 1, 'inner-ankle': 1, 'outer-ankle': 1 },
    balance: { working: 2, standing: 3 },
  }),
  doses: range(reps(3), reps(6), reps(10)),
  ladder: ladder(
    'small',
    rung(
      'held',
      'small step, a hand on the chair',
      { support: 'one hand', lever: 'small step' },
      range(reps(3), reps(6), reps(10)),
      checked('knee-in-line', 'In line six times, both sides.'),
    ),
    rung(
      'small',
      'small step, hands free',
      { support: 'none', lever: 'small step' },
      range(reps(3), reps(6), reps(10)),
      cleanReps(6, '6 still landings on both legs, on two days.'),
      { change: { kit: [], facing: 'centre' } },
    ),
    rung(
      'long',
      'long step, hands free',
      { support: 'none', lever: 'long step' },
      range(reps(3), reps(6), reps(10)),
      null,
      { change: { kit: [], facing: 'centre' } },
    ),
  ),
});

const tilted = foot(standing, {
  contacts: {
    heel: ['press', 'block'],
    innerBall: ['press', 'block'],
    outerBall: ['press', 'block'],
    bigToe: ['rest', 'block'],
    smallToes: ['rest', 'block'],
  },
  knee: 'bent',
  ankle: 'up',
  weightLine: 'even',
});
export const wedgeSquat: Exercise = exercise({
  id: 'wedge-squat',
  name: say('Squat on a slope, four ways', 'Off-level squat'),
  family: 'strength',
  purpose: 'Toes up, heels up, left side up, right side up: the squat on ground that is not level. Once a week.',
  stage: 'integrated',
  directions: ['ankle-up', 'ankle-down'],
  faults: [
    fault('going past the first hip that says stop', 'front', 'The first hip decides the depth.'),
    fault('the feet slide down the slope', 'front', 'Bare feet, and less slope.'),
  ],
  cautions: [knees, care('sore-achilles', 'leave-out', 'No toes-up squat while the tendon is sore.'), falls],
  cues: cues(
    'Feet hip width on the slope.',
    'Sit down as far as the first hip lets you, come up. Turn the slope for the next set.',
    'A goat on four hillsides.',
    'Shallow first.',
  ),
  foundBy: ['squat', 'slope', 'wedge', 'uneven', 'hips'],
  performance: performance({
    kit: [kit('slope', 'person', { block: 'a low block under toes or heels' })],
    setup: 'props',
    phases: [
      phase('sit down', 3, tilted, { body: 'sinks', undo: 'come up' }),
      phase('come up', 2, foot(tilted, { knee: 'soft', ankle: 'neutral' }), {
        body: 'rises',
        effort: true,
        undo: 'sit down',
      }),
    ],
    regions: { 'hip-and-trunk': 2, 'deep-calf': 2, 'inner-ankle': 1, 'outer-ankle': 1 },
    balance: { working: 2, standing: 0 },
  }),
  doses: range(
    reps(2, { per: { 'contact-points': 4 } }),
    reps(4, { per: { 'contact-points': 4 } }),
    reps(6, { per: { 'contact-points': 4 } }),
  ),
});

const landing = foot(standing, { knee: 'bent', ankle: 'up' });
const noJumps = [
  care('brittle-bones', 'leave-out', 'Rises instead of jumps.'),
  care('pregnancy', 'leave-out', 'Rises instead of jumps.'),
  care('sore-achilles', 'leave-out', 'No jumps while the tendon is sore.'),
  care('recent-injury', 'ask-clinician', 'Ask first.'),
  care('joint-disease', 'leave-out', 'Push-offs without leaving the floor instead.'),
  care('falls-or-faints', 'leave-out', 'Rises with a hand on the support instead.'),
];
export const jumpsAllWays: Exercise = exercise({
  id: 'small-jumps-all-ways',
  name: say('Small jumps: side, front, back, split, turn', 'Multi-directional low-amplitude jumps'),
  family: 'impact',
  purpose: 'The same soft small jump, now travelling a hand’s width each way. Only after jumping on the spot is quiet.',
  stage: 'integrated',
  directions: ['ankle-down', 'ankle-up'],
  faults: [
    fault('jumps grow', 'front', 'A hand’s width, no more.'),
    fault('knees fall together', 'front', 'Knees over second toes at every landing.'),
    fault('loud landings', 'front', 'Under the music.'),
  ],
  cautions: noJumps,
  cues: cues(
    'Space all round, soft knees, thin stick on the floor if you use one.',
    'Small jumps over the line: side, back, front, back. Then split, then a quarter turn.',
    'A pebble skips across a rock pool.',
    'Smaller, quieter.',
  ),
  foundBy: ['jump', 'side', 'hop', 'landing', 'quick', 'impact'],
  performance: performance({
    facing: 'centre',
    kit: [kit('stick', 'person', { strap: 'a strap laid out flat is safer underfoot' })],
    footwear: 'any',
    floorsRuledOut: ['tile', 'outdoors'],
    phases: [phase('land and go', 1, landing)],
    regions: { calf: 3, 'deep-calf': 2, 'plantar-tissue': 2 },
    balance: { working: 2, standing: 0 },
    impactsPerRep: 1,
  }),
  doses: range(reps(8), reps(16), reps(32)),
  ladder: ladder(
    'side',
    rung(
      'held',
      'side to side, hands on the barre or chair',
      { support: 'both hands', amount: 'side' },
      range(reps(8), reps(12), reps(16)),
      saw('Quiet landings, both feet together.', 2),
      { change: { facing: 'support', kit: [kit('chair', 'person', { barre: 'a barre', wall: 'hands on the wall' })] } },
    ),
    rung(
      'side',
      'side to side and front to back, hands free',
      { support: 'none', amount: 'side' },
      range(reps(8), reps(16), reps(24)),
      cleanReps(16, '16 quiet ones, on two days.'),
    ),
    rung(
      'split',
      'split landings',
      { support: 'none', amount: 'split' },
      range(reps(8), reps(16), reps(24)),
      cleanReps(16, '16 quiet ones with each foot in front, on two days.'),
    ),
    rung(
      'turn',
      'quarter turns over the line',
      { support: 'none', amount: 'turn' },
      range(reps(4), reps(8), reps(16)),
      null,
    ),
  ),
});

export const riseToSoftLanding: Exercise = exercise({
  id: 'rise-and-drop-to-landing',
  name: say('Rise, drop into a soft landing', 'Heel-raise to landing absorption'),
  family: 'strength',
  purpose: 'The landing without the jump: from the balls of the feet, release and catch yourself in a bend.',
  stage: 'integrated',
  directions: ['ankle-down', 'ankle-up'],
  faults: [
    fault('heels hit the floor', 'front', 'Toes, ball, heel, knees: all of them catch.'),
    fault('knees fall together', 'front', 'Knees over second toes.'),
  ],
  cautions: [care('sore-achilles', 'leave-out', 'Slow lowering instead.'), knees, falls],
  cues: cues(
    'Feet hip width, space in front of you.',
    'Rise. Let go, and catch yourself in a soft bend. Straighten.',
    'A parcel set down on a sleeping cat.',
    'Quieter heels.',
  ),
  foundBy: ['landing', 'drop', 'absorb', 'plié', 'jump prep', 'rise'],
  performance: performance({
    footwear: 'any',
    floorsRuledOut: ['tile', 'outdoors'],
    phases: [
      phase('rise', 2, onTheBall, { effort: true, body: 'rises' }),
      phase('drop and catch', 1, landing, { body: 'sinks' }),
      phase('straighten', 2, standing, { body: 'rises' }),
    ],
    regions: { calf: 2, 'deep-calf': 2, 'hip-and-trunk': 1 },
    balance: { working: 2, standing: 0 },
  }),
  doses: range(reps(4), reps(8), reps(12)),
});

export const breathOnTheFeet: Exercise = exercise({
  id: 'breathe-into-the-soles',
  name: say('Stand and breathe into the soles', 'Standing rest with plantar attention'),
  family: 'close',
  purpose: 'A quiet end on both feet: weight, width and warmth, with a few breaths.',
  stage: 'passive',
  directions: [],
  faults: [fault('knees locked', 'outer side', 'Soft knees.'), fault('shoulders held', 'front', 'Let them hang.')],
  cautions: [care('falls-or-faints', 'change-support', 'Sit for this one.')],
  cues: cues(
    'Feet as wide as they like, arms hanging.',
    'Let each breath out reach down into the soles.',
    'Rain runs down a window.',
    'Nothing to do.',
    'Long breath out.',
  ),
  foundBy: ['rest', 'breathe', 'stand', 'end', 'quiet', 'close'],
  performance: performance({ footwear: 'any', floorsRuledOut: [], phases: [phase('stand', 5, standing)] }),
  doses: range(breaths(3, 5), breaths(5, 5), breaths(10, 5)),
});
