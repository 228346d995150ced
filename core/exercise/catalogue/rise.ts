import type { Exercise } from '../exercise';
import {
  byFeel,
  care,
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
  seatedFlat,
  standing,
  stands,
  toesOnRiseWords,
} from './author';

const chairBack = kit('chair', 'person', { wall: 'a wall gives more hold and less freedom to sway' });
const wall = kit('wall', 'room', { chair: 'a chair back' });
const down = foot(standing, { knee: 'locked' });
const tendon = care('sore-achilles', 'go-gently', 'From the floor only, never below it; a growing ache ends it.');
const falls = care('falls-or-faints', 'change-support', 'Both hands on the support.');
const toesRight = fault('weight rolls to the outer edge', 'behind', 'Press the inner ball; ankles straight up.');

export const riseAndStay: Exercise = exercise({
  id: 'rise-and-stay',
  name: say('Rise and stay up', 'Sustained bilateral heel raise'),
  family: 'strength',
  purpose: 'Endurance at the top, for as long as the line holds.',
  stage: 'loaded',
  directions: ['ankle-down'],
  faults: [toesRight, fault('height is lost bit by bit', 'outer side', 'Come down when it goes; that was the set.')],
  cautions: [tendon, falls],
  cues: cues(
    'Behind the chair, fingertips on it, feet parallel.',
    'Rise, and stay. Fingers off one by one. Lower slowly when the height goes.',
    'A lighthouse: it stands and it does not strain.',
    'Inner ball, tall ankles.',
  ),
  foundBy: ['rise', 'hold', 'relevé', 'endurance', 'tiptoe', 'balance'],
  performance: performance({
    facing: 'support',
    kit: [chairBack],
    phases: [phase('stay', 20, onTheBall, { effort: true })],
    regions: { calf: 2, 'deep-calf': 1, 'arch-intrinsics': 1 },
    balance: { working: 2, standing: 0 },
  }),
  schoolVariants: toesOnRiseWords,
  doses: range(byFeel(10, 20, 45), byFeel(15, 30, 60), byFeel(30, 45, 90), 'usual practice'),
  ladder: ladder(
    'fingertips',
    rung(
      'both-hands',
      'both hands on the chair',
      { support: 'both hands' },
      range(byFeel(10, 15, 30), byFeel(10, 20, 45), byFeel(20, 30, 60)),
      saw('The line holds to the end, both feet.'),
    ),
    rung(
      'fingertips',
      'fingertips',
      { support: 'fingertips' },
      range(byFeel(10, 20, 45), byFeel(15, 30, 60), byFeel(30, 45, 90), 'usual practice'),
      saw('Half a minute on the inner ball, both feet.', 2),
    ),
    rung(
      'free',
      'hands free',
      { support: 'none' },
      range(byFeel(5, 15, 30), byFeel(10, 20, 45), byFeel(20, 30, 60)),
      null,
      { change: { kit: [], facing: 'centre' } },
    ),
  ),
});

export const ballAboveAnkles: Exercise = exercise({
  id: 'ball-above-ankles-rise',
  name: say('Rise with a soft ball above the ankles', 'Heel raise with light adduction'),
  family: 'strength',
  purpose: 'A gentle squeeze above the ankle bones brings the legs to the middle while the heels rise.',
  stage: 'loaded',
  directions: ['ankle-down'],
  faults: [
    fault('the ball is crushed and the arches drop', 'front', 'Hold it like a peach; float the ankle bones up.'),
    fault('knees knock', 'front', 'The squeeze is low, not at the knees.'),
  ],
  cautions: [tendon, falls],
  cues: cues(
    'Feet parallel, soft ball between the shins just above the ankle bones, hold on.',
    'Rise with the ball, lower with the ball, same gentle squeeze.',
    'Carrying a peach between two saucers.',
    'Softer legs, taller ankles.',
  ),
  foundBy: ['ball', 'rise', 'midline', 'squeeze', 'ankles', 'relevé'],
  performance: performance({
    facing: 'support',
    kit: [kit('soft-ball', 'person', { cushion: 'a small cushion gives less feedback' }), chairBack],
    setup: 'props',
    phases: [
      phase('rise', 2, onTheBall, { undo: 'lower', effort: true, body: 'rises' }),
      phase('lower', 3, down, { undo: 'rise', effort: false, body: 'sinks' }),
    ],
    regions: { calf: 2, 'inner-ankle': 1, 'hip-and-trunk': 1 },
    balance: { working: 1, standing: 0 },
  }),
  doses: range(reps(6), reps(10), reps(16)),
});

export const riseBendHeelsDown: Exercise = exercise({
  id: 'rise-bend-heels-down',
  name: say('Rise, bend, heels down, straighten', 'Relevé–fondu descent sequence'),
  family: 'strength',
  purpose: 'The way round that lowers on a bent knee: control on the way down, often the harder one.',
  stage: 'loaded',
  directions: ['ankle-down', 'ankle-up'],
  faults: [
    fault('ankles wobble in the bend', 'behind', 'Both big toes press before you bend.'),
    fault('heels drop', 'outer side', 'Three counts to the floor.'),
  ],
  cautions: [tendon, falls, care('sore-knees', 'go-gently', 'A shallow bend.')],
  cues: cues(
    'Behind the chair, feet parallel.',
    'Rise, bend, heels down, straighten.',
    'A swing comes to rest without a jerk.',
    'Big toes first, then bend.',
  ),
  foundBy: ['rise', 'bend', 'plié', 'lower', 'eccentric', 'dance', 'control'],
  schools: { knees: 'on-purpose' },
  performance: performance({
    facing: 'support',
    kit: [chairBack],
    phases: [
      phase('rise', 2, onTheBall, { undo: 'lower', effort: true, body: 'rises' }),
      phase('bend', 2, foot(onTheBall, { knee: 'bent' }), { undo: 'straighten', body: 'sinks' }),
      phase('heels down', 3, foot(standing, { knee: 'bent', ankle: 'up' }), {
        undo: 'heels up',
        effort: false,
        body: 'sinks',
      }),
      phase('straighten', 2, down, { undo: 'bend', body: 'rises' }),
    ],
    regions: { calf: 2, 'deep-calf': 3 },
    balance: { working: 2, standing: 0 },
  }),
  doses: range(reps(4), reps(6), reps(12)),
});

const onStep = (heel: 'hang' | 'lift', height: number, ankle: 'up' | 'down' | 'neutral', knee: 'locked' | 'bent') =>
  foot(standing, {
    contacts: {
      heel: [heel, 'air'],
      innerBall: ['press', 'block'],
      outerBall: ['press', 'block'],
      bigToe: [height > 0 ? 'press' : 'rest', 'block'],
      smallToes: ['rest', 'block'],
    },
    ankle,
    heelHeightCm: height,
    midfoot: height > 0 ? 'lifted' : 'resting',
    knee,
  });
const fromFloor = (knee: 'locked' | 'bent') => [
  phase('rise', 2, foot(onTheBall, { knee }), { other: offTheFloor, undo: 'lower', effort: true, body: 'rises' }),
  phase('lower', 3, foot(standing, { knee }), { other: offTheFloor, undo: 'rise', effort: false, body: 'sinks' }),
];
const overEdge = (knee: 'locked' | 'bent') => [
  phase('rise', 2, onStep('lift', 8, 'down', knee), {
    other: offTheFloor,
    undo: 'sink below the edge',
    effort: true,
    body: 'rises',
  }),
  phase('sink below the edge', 3, onStep('hang', 0, 'up', knee), {
    other: offTheFloor,
    undo: 'rise',
    effort: false,
    body: 'sinks',
  }),
];
const step = kit('step', 'person', { block: 'a firm block that cannot slip' });
const edgeCare = [
  care('sore-achilles', 'hold-at-rung', 'Sore where the tendon joins the heel: the heel never goes below floor level.'),
  care('falls-or-faints', 'change-support', 'Both hands on the wall or rail.'),
];

function stepRise(knee: 'straight' | 'bent'): Exercise {
  const straight = knee === 'straight';
  const bend = straight ? 'locked' : 'bent';
  return exercise({
    id: `step-rise-${knee}-knee`,
    name: straight
      ? say('Step rise, straight knee', 'Single-leg heel raise over a step, knee extended')
      : say('Step rise, bent knee', 'Single-leg heel raise over a step, knee flexed'),
    family: 'strength',
    purpose: straight
      ? 'Full way for the calf: below the edge and up to the top.'
      : 'Full way with the knee bent, for the deep calf and its tendon.',
    stage: 'loaded',
    directions: ['ankle-down', 'ankle-up'],
    faults: [
      fault('the foot rolls to one edge', 'behind', 'Lean a thought to the other side; both balls press.'),
      straight
        ? fault('the knee helps', 'outer side', 'Long leg; lower is fine.')
        : fault('the knee straightens on the way up', 'outer side', 'Keep the bend and rise inside it.'),
    ],
    cautions: edgeCare,
    cues: cues(
      'Ball of one foot on the step edge, hands on the wall, other foot off.',
      straight
        ? 'Sink slowly below the edge, then press all the way up.'
        : 'Knee bent and it stays bent. Sink slowly, press up.',
      straight ? 'A well bucket: all the way down, all the way up.' : 'A jack under a cart.',
      'Slow down, whole way.',
    ),
    foundBy: [
      'step',
      'stairs',
      'calf',
      'rise',
      straight ? 'gastrocnemius' : 'soleus',
      'achilles',
      'heel raise',
      'eccentric',
    ],
    schools: { knees: 'on-purpose' },
    performance: performance({
      facing: 'support',
      sidePattern: 'each',
      kit: [step, wall],
      footwear: 'any',
      setup: 'props',
      phases: overEdge(bend),
      regions: straight ? { calf: 3, 'deep-calf': 1 } : { 'deep-calf': 3, calf: 1 },
      balance: { working: 1, standing: 1 },
    }),
    doses: range(reps(3), reps(5), reps(10), 'usual practice'),
    ladder: ladder(
      'floor-two',
      rung(
        'floor-two',
        'two feet, on the floor',
        { base: 'two feet', lever: 'floor level' },
        range(reps(5), reps(8), reps(15)),
        cleanReps(12, '12 to full height, both feet.'),
        {
          change: {
            sidePattern: 'both',
            kit: [wall],
            setup: 'plain',
            balance: { working: 1, standing: 0 },
            phases: [
              phase('rise', 2, foot(onTheBall, { knee: bend }), { undo: 'lower', effort: true, body: 'rises' }),
              phase('lower', 3, foot(standing, { knee: bend }), { undo: 'rise', effort: false, body: 'sinks' }),
            ],
          },
        },
      ),
      rung(
        'floor-one',
        'one foot, on the floor',
        { base: 'one foot', lever: 'floor level' },
        range(reps(3), reps(5), reps(12)),
        cleanReps(10, '10 at full height on both feet, on two days.'),
        { change: { kit: [wall], setup: 'plain', phases: fromFloor(bend) } },
      ),
      rung(
        'step',
        'one foot, below the edge of a step',
        { base: 'one foot', lever: 'below the edge' },
        range(reps(3), reps(5), reps(10), 'usual practice'),
        null,
      ),
    ),
  });
}
export const stepRiseStraight = stepRise('straight');
export const stepRiseBent = stepRise('bent');

export const stepRiseTightWay: Exercise = exercise({
  id: 'step-rise-tight-way',
  name: say('Step rise towards the tight side', 'Biased heel raise over a step'),
  family: 'strength',
  purpose: 'A few slow ones that lean a little towards the side where the heel drop resists.',
  stage: 'loaded',
  directions: ['ankle-down', 'ankle-up', 'turn-in', 'turn-out'],
  faults: [
    fault('it is forced', 'behind', 'Visit the tight side; do not move in.'),
    fault('the knee goes along', 'front', 'Knee forward, heel drifts.'),
  ],
  cautions: [
    care('sore-achilles', 'leave-out', 'Sore where the tendon joins the heel: rises from the floor instead.'),
    ...edgeCare.filter((c) => c.concern !== 'sore-achilles'),
  ],
  cues: cues(
    'Ball of one foot on the step edge, hands on the wall. You know which way the heel resists.',
    'Sink with a lean of a thumb’s width that way, and press up straight.',
    'A key that finds its stiff notch.',
    'A few, and slow.',
  ),
  foundBy: ['step', 'tight', 'rise', 'side', 'heel drop', 'explore'],
  performance: performance({
    facing: 'support',
    sidePattern: 'each',
    kit: [step, wall],
    footwear: 'any',
    setup: 'props',
    phases: [
      phase('sink towards the tight side', 4, onStep('hang', 0, 'up', 'locked'), {
        other: offTheFloor,
        effort: false,
        body: 'sinks',
        undo: 'press up straight',
      }),
      phase('press up straight', 2, onStep('lift', 8, 'down', 'locked'), {
        other: offTheFloor,
        effort: true,
        body: 'rises',
        undo: 'sink towards the tight side',
      }),
    ],
    regions: { calf: 2, 'deep-calf': 1, 'outer-ankle': 1, 'inner-ankle': 1 },
    balance: { working: 2, standing: 1 },
  }),
  doses: range(reps(2), reps(3), reps(5)),
});

const slopeDown = foot(standing, {
  knee: 'locked',
  ankle: 'up',
  contacts: {
    heel: ['press', 'block'],
    innerBall: ['press', 'block'],
    outerBall: ['press', 'block'],
    bigToe: ['rest', 'block'],
    smallToes: ['rest', 'block'],
  },
});
const slopeUp = foot(onTheBall, {
  contacts: {
    innerBall: ['press', 'block'],
    outerBall: ['press', 'block'],
    bigToe: ['press', 'block'],
    smallToes: ['rest', 'block'],
  },
});
export const inclineRise: Exercise = exercise({
  id: 'incline-rise',
  name: say('Rise on a slope', 'Heel raise on an incline'),
  family: 'strength',
  purpose: 'Toes uphill: the calf starts long and works from there.',
  stage: 'loaded',
  directions: ['ankle-down', 'ankle-up'],
  faults: [toesRight, fault('hurried, with a bounce at the bottom', 'outer side', 'Wait at the bottom; no bounce.')],
  cautions: [
    care('sore-achilles', 'leave-out', 'Not on a slope while the tendon is sore; from the floor instead.'),
    falls,
  ],
  cues: cues(
    'On the slope, toes uphill, hand on the wall.',
    'Rise slowly, lower more slowly, and wait at the bottom.',
    'Walking up a gangway without walking.',
    'Slower at the bottom.',
  ),
  foundBy: ['slope', 'incline', 'wedge', 'rise', 'calf', 'slant'],
  performance: performance({
    facing: 'support',
    kit: [kit('slope', 'person', { block: 'toes on a low block' }), wall],
    setup: 'props',
    phases: [
      phase('rise', 2, slopeUp, { undo: 'lower', effort: true, body: 'rises' }),
      phase('lower', 3, slopeDown, { undo: 'rise', effort: false, body: 'sinks' }),
    ],
    regions: { calf: 3, 'deep-calf': 1 },
    balance: { working: 1, standing: 0 },
  }),
  doses: range(reps(5), reps(8), reps(15)),
  ladder: ladder(
    'flat',
    rung(
      'flat',
      'flat floor',
      { surface: 'floor', base: 'two feet' },
      range(reps(6), reps(10), reps(20)),
      cleanReps(12, '12 slow ones, both feet, on two days.'),
      {
        change: {
          kit: [wall],
          setup: 'plain',
          phases: [
            phase('rise', 2, onTheBall, { undo: 'lower', effort: true, body: 'rises' }),
            phase('lower', 3, down, { undo: 'rise', effort: false, body: 'sinks' }),
          ],
          regions: { calf: 2, 'deep-calf': 1 },
        },
      },
    ),
    rung(
      'slope',
      'slope, two feet',
      { surface: 'slope', base: 'two feet' },
      range(reps(5), reps(8), reps(15)),
      cleanReps(12, '12 without a bounce, both feet, on two days.'),
    ),
    rung(
      'slope-one',
      'slope, one foot',
      { surface: 'slope', base: 'one foot' },
      range(reps(3), reps(5), reps(10)),
      null,
      {
        change: {
          sidePattern: 'each',
          balance: { working: 2, standing: 0 },
          phases: [
            phase('rise', 2, slopeUp, { other: offTheFloor, undo: 'lower', effort: true, body: 'rises' }),
            phase('lower', 3, slopeDown, { other: offTheFloor, undo: 'rise', effort: false, body: 'sinks' }),
          ],
        },
      },
    ),
  ),
});

const bigToeOnPlate = foot(onTheBall, {
  contacts: {
    innerBall: ['press', 'block'],
    outerBall: ['rest', 'block'],
    bigToe: ['press', 'block'],
    smallToes: ['hang', 'air'],
  },
  weightLine: 'first-toe',
});
export const bigToeRise: Exercise = exercise({
  id: 'big-toe-rise',
  name: say('Rise through the big toe alone', 'Hallux-emphasised heel raise'),
  family: 'strength',
  purpose: 'On a thin plate that only the big-toe side touches, the push-off comes from the big toe.',
  stage: 'loaded',
  directions: ['ankle-down', 'toes-curl'],
  faults: [
    fault('the foot tips to the small toes', 'behind', 'Stay on the big-toe side.'),
    fault('the big toe claws', 'above', 'Press it long.'),
  ],
  cautions: [care('sore-big-toe-joint', 'leave-out', 'Leave it out while the joint is sore.'), tendon, falls],
  cues: cues(
    'Inner ball and big toe on the plate, small toes over its side. Hold on.',
    'Rise through the big toe, long and straight. Lower slowly.',
    'One finger lifts the lid.',
    'Long toe.',
  ),
  foundBy: ['big toe', 'rise', 'plate', 'push off', 'calf'],
  performance: performance({
    facing: 'support',
    kit: [kit('block', 'person', { cloth: 'a firmly folded cloth makes a softer plate' }), chairBack],
    setup: 'fiddly',
    phases: [
      phase('rise', 2, bigToeOnPlate, { undo: 'lower', effort: true, body: 'rises' }),
      phase(
        'lower',
        3,
        foot(bigToeOnPlate, {
          contacts: { heel: ['press', 'floor'] },
          heelHeightCm: 0,
          ankle: 'neutral',
          midfoot: 'resting',
        }),
        { undo: 'rise', effort: false, body: 'sinks' },
      ),
    ],
    regions: { calf: 2, 'toe-flexors': 2, 'big-toe-joint': 2 },
    balance: { working: 1, standing: 0 },
  }),
  schools: { toesOnRise: 'big-toe-leads', weightLine: 'first-toe' },
  doses: range(reps(4), reps(8), reps(12)),
});

const guided = foot(onTheBall, { contacts: { bigToe: ['press', 'band'] }, knee: 'soft' });
export const bandGuidedRise: Exercise = exercise({
  id: 'band-guided-rise',
  name: say('Rise with a light loop at the big toe', 'Heel raise with hallux alignment band'),
  family: 'strength',
  purpose: 'A light loop keeps the big toe on its line while the heel rises, so that the push goes through it.',
  stage: 'loaded',
  directions: ['ankle-down'],
  faults: [
    fault('the foot escapes to the little toe', 'behind', 'Big-toe root stays heavy all the way.'),
    fault('the loop pinches', 'above', 'Looser; it only reminds.'),
  ],
  cautions: [
    care('numb-or-diabetic-feet', 'leave-out', 'Nothing round a toe that feels little.'),
    care('bunion-pain', 'go-gently', 'Stop if the bump complains.'),
    tendon,
    falls,
  ],
  cues: cues(
    'Light loop round the big toe, pulling it straight; other foot as a prop. Hold on, knee soft.',
    'Rise over the big-toe root, lower slowly.',
    'A curtain on a straight rail.',
    'Looser loop, straighter path.',
  ),
  foundBy: ['band', 'big toe', 'rise', 'bunion', 'align', 'push off'],
  schools: { band: 'line-up' },
  performance: performance({
    facing: 'support',
    sidePattern: 'each',
    kit: [kit('band', 'person', { strap: 'a strap held by a partner' }), chairBack],
    band: { placement: 'big-toe', border: 'inner', purpose: 'align' },
    setup: 'fiddly',
    phases: [
      phase('rise', 2, guided, { other: stands, undo: 'lower', effort: true, body: 'rises' }),
      phase('lower', 3, foot(standing, { contacts: { bigToe: ['rest', 'band'] } }), {
        other: stands,
        undo: 'rise',
        effort: false,
        body: 'sinks',
      }),
    ],
    regions: { calf: 2, 'toe-flexors': 1 },
    balance: { working: 1, standing: 0 },
  }),
  doses: range(reps(8), reps(15), reps(20), 'usual practice'),
});

const mound = foot(onTheBall, {
  heelHeightCm: 4,
  contacts: { bigToe: ['rest', 'floor'] },
  knee: 'soft',
  weightLine: 'between-first-and-second',
});
export const threePointRise: Exercise = exercise({
  id: 'three-point-rise',
  name: say('Low rise with the arch first', 'Tripod-led heel raise'),
  family: 'strength',
  purpose: 'Ankles drawn up and out of the arch first, inner balls down, toes soft; only then a small rise.',
  stage: 'loaded',
  directions: ['ankle-down', 'turn-in'],
  faults: [
    fault('the inner ball lifts with the arch', 'front', 'Ball down, ankle up; then rise.'),
    fault('toes grip', 'above', 'Soft toes, even at the top.'),
  ],
  cautions: [tendon, falls],
  cues: cues(
    'Wide stance, hands on the wall.',
    'Draw the ankles up out of the arch, inner balls down, toes soft. Small rise. Lower.',
    'A jellyfish that gathers and lifts.',
    'Ball first, height last.',
  ),
  foundBy: ['arch', 'rise', 'tripod', 'flat feet', 'ankle', 'month'],
  schools: { toesOnRise: 'relaxed' },
  performance: performance({
    facing: 'support',
    kit: [wall],
    phases: [
      phase('gather', 1, foot(standing, { midfoot: 'lifted' }), { effort: true }),
      phase('rise', 2, mound, { effort: true, body: 'rises' }),
      phase('lower', 2, foot(standing, { midfoot: 'lifted' }), { effort: false, body: 'sinks' }),
    ],
    regions: { 'arch-intrinsics': 2, 'inner-ankle': 2, calf: 1 },
    balance: { working: 1, standing: 0 },
  }),
  doses: range(reps(5), reps(8), reps(30), 'usual practice'),
  ladder: ladder(
    'wall-slow',
    rung(
      'wall-slow',
      'wide, hands on the wall, slow',
      { support: 'wall', base: 'wide', weeks: 'first week' },
      range(reps(3), reps(5), reps(8), 'usual practice'),
      cleanReps(5, '5 slow ones, inner balls down, both feet, on two days.'),
    ),
    rung(
      'stick-slow',
      'wide, one hand on a stick, slow',
      { support: 'stick', base: 'wide', weeks: 'first week' },
      range(reps(5), reps(8), reps(12)),
      cleanReps(10, '10 slow ones, both feet, on two days.'),
      { change: { kit: [kit('stick', 'person', { chair: 'a chair back gives more hold' })], facing: 'any' } },
    ),
    rung(
      'stick-narrow',
      'hip width, one hand on a stick',
      { support: 'stick', base: 'hip width', weeks: 'first week' },
      range(reps(5), reps(8), reps(15)),
      cleanReps(15, '15, both feet, on two days.'),
      { change: { kit: [kit('stick', 'person', { chair: 'a chair back gives more hold' })], facing: 'any' } },
    ),
    rung(
      'free',
      'hip width, hands free',
      { support: 'none', base: 'hip width', weeks: 'first week' },
      range(reps(5), reps(10), reps(20)),
      cleanReps(20, '20, both feet, on two days.'),
      { change: { kit: [], facing: 'any', balance: { working: 2, standing: 0 } } },
    ),
    rung(
      'free-month',
      'hands free, towards 30 quicker ones',
      { support: 'none', base: 'hip width', weeks: 'after a month' },
      range(reps(10), reps(20), reps(30), 'usual practice'),
      null,
      { change: { kit: [], facing: 'any', balance: { working: 2, standing: 0 } } },
    ),
  ),
});

const backFoot = foot(onTheBall, { knee: 'locked' });
const frontFoot = foot(stands, { knee: 'soft' });
export const splitRise: Exercise = exercise({
  id: 'split-rise',
  name: say('Long split, back heel rises', 'Split-stance heel raise'),
  family: 'strength',
  purpose: 'Balance and calf together: one long line from the back heel to the crown.',
  stage: 'integrated',
  directions: ['ankle-down'],
  faults: [
    fault('the front knee leaves the line of the toes', 'front', 'Front knee over the second toe.'),
    fault('the back heel swings in or out', 'behind', 'Heel straight over the toes.'),
  ],
  cautions: [tendon, care('falls-or-faints', 'change-support', 'A hand on the chair throughout.')],
  cues: cues(
    'Long step, one foot in front, chair beside you.',
    'Rise on the back foot, tall; lower slowly.',
    'A drawn bow from heel to crown.',
    'Shorter step if it wobbles.',
  ),
  foundBy: ['split', 'rise', 'lunge', 'balance', 'calf', 'back heel'],
  performance: performance({
    facing: 'support',
    sidePattern: 'each',
    kit: [chairBack],
    phases: [
      phase('rise', 2, backFoot, { other: frontFoot, undo: 'lower', effort: true, body: 'rises' }),
      phase('lower', 3, foot(standing, { knee: 'locked', ankle: 'up' }), {
        other: frontFoot,
        undo: 'rise',
        effort: false,
        body: 'sinks',
      }),
    ],
    regions: { calf: 2, 'hip-and-trunk': 2 },
    balance: { working: 2, standing: 2 },
  }),
  doses: range(reps(5), reps(8), reps(12)),
  ladder: ladder(
    'hand',
    rung(
      'hand',
      'a hand on the chair',
      { support: 'one hand', arms: 'one holds', amount: 'rise' },
      range(reps(5), reps(8), reps(12)),
      cleanReps(8, '8 in line, both sides, on two days.'),
    ),
    rung(
      'arms-out',
      'arms out to the sides',
      { support: 'none', arms: 'out', amount: 'rise' },
      range(reps(5), reps(8), reps(12)),
      cleanReps(8, '8 without a touch, both sides, on two days.'),
      { why: 'The hand that let go becomes the arm that balances.', change: { kit: [], facing: 'centre' } },
    ),
    rung(
      'arms-crossed',
      'arms crossed or behind the head',
      { support: 'none', arms: 'crossed', amount: 'rise' },
      range(reps(5), reps(8), reps(12)),
      cleanReps(8, '8 without a touch, both sides, on two days.'),
      { change: { kit: [], facing: 'centre' } },
    ),
    rung(
      'both-knees',
      'rise, then bend both knees and come up',
      { support: 'none', arms: 'crossed', amount: 'rise and bend' },
      range(reps(3), reps(6), reps(10)),
      null,
      {
        change: {
          kit: [],
          facing: 'centre',
          phases: [
            phase('rise', 2, backFoot, { other: frontFoot, effort: true, body: 'rises' }),
            phase('bend both knees', 2, foot(backFoot, { knee: 'bent' }), {
              other: foot(frontFoot, { knee: 'bent' }),
              effort: false,
              body: 'sinks',
            }),
            phase('straighten', 2, backFoot, { other: frontFoot, effort: true, body: 'rises' }),
            phase('lower', 2, foot(standing, { knee: 'locked', ankle: 'up' }), {
              other: frontFoot,
              effort: false,
              body: 'sinks',
            }),
          ],
          regions: { calf: 2, 'deep-calf': 2, 'hip-and-trunk': 2 },
          balance: { working: 3, standing: 2 },
        },
      },
    ),
  ),
});

export const pushOff: Exercise = exercise({
  id: 'push-off',
  name: say('Push off from the back foot', 'Terminal-stance push-off drill'),
  family: 'strength',
  purpose: 'The last bit of a step on its own: ball, big toe, gone. Almost a jump, and not one.',
  stage: 'integrated',
  directions: ['ankle-down', 'toes-curl'],
  faults: [
    fault('push-off from the small toes', 'behind', 'Leave from the big toe.'),
    fault('it turns into a jump', 'front', 'The front foot stays on the floor.'),
  ],
  cautions: [
    care('sore-achilles', 'leave-out', 'No push-offs while the tendon is sore; rises instead.'),
    care('sore-big-toe-joint', 'go-gently', 'Small and slow.'),
    falls,
  ],
  cues: cues(
    'Split stance, weight on the front foot.',
    'Push the back foot off through ball and big toe until it hovers. Set it back.',
    'A punt pole leaves the river bed.',
    'Smaller, longer at the toe.',
  ),
  foundBy: ['push off', 'toe', 'walk', 'run', 'propulsion', 'step'],
  performance: performance({
    sidePattern: 'each',
    kit: [],
    footwear: 'any',
    phases: [
      phase(
        'push off',
        1,
        foot(onTheBall, {
          contacts: { innerBall: ['press', 'floor'], outerBall: ['rest', 'floor'], bigToe: ['press', 'floor'] },
          weightLine: 'first-toe',
        }),
        { other: stands, effort: true },
      ),
      phase('set it back', 2, standing, { other: stands, effort: false }),
    ],
    regions: { calf: 2, 'toe-flexors': 2 },
    balance: { working: 1, standing: 2 },
  }),
  doses: range(reps(4), reps(8), reps(12)),
  ladder: ladder(
    'straight',
    rung(
      'held',
      'straight legs, a hand on the chair',
      { support: 'one hand', knee: 'straight' },
      range(reps(4), reps(8), reps(12)),
      saw('The big toe leaves last, both feet.'),
      { change: { kit: [chairBack], facing: 'support' } },
    ),
    rung(
      'straight',
      'straight legs, hands free',
      { support: 'none', knee: 'straight' },
      range(reps(4), reps(8), reps(12)),
      cleanReps(8, '8 from the big toe, both feet, on two days.'),
    ),
    rung(
      'bent',
      'with a bend before the push',
      { support: 'none', knee: 'bent' },
      range(reps(4), reps(8), reps(12)),
      null,
      {
        change: {
          phases: [
            phase('bend', 1, foot(standing, { knee: 'bent', ankle: 'up' }), {
              other: foot(stands, { knee: 'bent' }),
              body: 'sinks',
            }),
            phase(
              'push off',
              1,
              foot(onTheBall, {
                contacts: { outerBall: ['rest', 'floor'], bigToe: ['press', 'floor'] },
                weightLine: 'first-toe',
              }),
              { other: stands, effort: true, body: 'rises' },
            ),
            phase('set it back', 2, standing, { other: stands, effort: false }),
          ],
          regions: { 'deep-calf': 2, calf: 1, 'toe-flexors': 2 },
        },
      },
    ),
  ),
});

const onHeels = foot(standing, {
  contacts: {
    innerBall: ['lift', 'air'],
    outerBall: ['lift', 'air'],
    bigToe: ['lift', 'air'],
    smallToes: ['lift', 'air'],
  },
  ankle: 'up',
  knee: 'locked',
  weightLine: 'none',
});
const backOnHeels = foot(onHeels, { weightLine: 'even' });
export const heelToeRock: Exercise = exercise({
  id: 'heel-to-ball-rock',
  name: say('Rock from heels to balls', 'Heel-to-forefoot rocking'),
  family: 'strength',
  purpose: 'From the heels with toes up to the balls with heels up, straight knees, smooth through the middle.',
  stage: 'loaded',
  directions: ['ankle-up', 'ankle-down'],
  faults: [
    fault('knees bend to help', 'outer side', 'Straight knees; it comes from the ankles.'),
    fault('ankles roll to the outer edge on top', 'behind', 'Press the big-toe root.'),
  ],
  cautions: [
    tendon,
    care('falls-or-faints', 'change-support', 'Hands on the chair: the back half is the precarious one.'),
  ],
  cues: cues(
    'Behind the chair, fingers on it, feet parallel.',
    'Toes up and back onto the heels. Through the middle and up to the balls.',
    'A rocking chair that never bumps.',
    'Slower through the middle.',
  ),
  foundBy: ['rock', 'heel', 'toe', 'shin', 'calf', 'warm up'],
  schools: { knees: 'on-purpose' },
  performance: performance({
    facing: 'support',
    kit: [chairBack],
    phases: [
      phase('onto the heels', 2, backOnHeels, { undo: 'onto the balls' }),
      phase('onto the balls', 2, onTheBall, { undo: 'onto the heels', body: 'rises' }),
    ],
    regions: { calf: 2, shin: 2 },
    balance: { working: 2, standing: 0 },
  }),
  doses: range(reps(10), reps(15), reps(30), 'usual practice'),
  ladder: ladder(
    'chair',
    rung(
      'seated',
      'seated',
      { base: 'seated', support: 'chair' },
      range(reps(10), reps(15), reps(30)),
      saw('Heels and balls change without a stamp, both feet.'),
      {
        change: {
          position: 'chair-seated',
          balance: { working: 0, standing: 0 },
          regions: { calf: 1, shin: 1 },
          phases: [
            phase(
              'onto the heels',
              2,
              foot(seatedFlat, {
                contacts: {
                  innerBall: ['lift', 'air'],
                  outerBall: ['lift', 'air'],
                  bigToe: ['lift', 'air'],
                  smallToes: ['lift', 'air'],
                },
                ankle: 'up',
              }),
              { undo: 'onto the balls' },
            ),
            phase(
              'onto the balls',
              2,
              foot(seatedFlat, { contacts: { heel: ['lift', 'air'] }, ankle: 'down', heelHeightCm: 6 }),
              { undo: 'onto the heels' },
            ),
          ],
        },
      },
    ),
    rung(
      'chair',
      'standing at the chair',
      { base: 'hip width', support: 'chair' },
      range(reps(10), reps(15), reps(30), 'usual practice'),
      cleanReps(15, '15 with straight knees, both feet, on two days.'),
    ),
    rung(
      'free',
      'standing, hands free',
      { base: 'hip width', support: 'none' },
      range(reps(8), reps(12), reps(30)),
      null,
      { change: { kit: [], facing: 'centre', balance: { working: 3, standing: 0 } } },
    ),
  ),
});
