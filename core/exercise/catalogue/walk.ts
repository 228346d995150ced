import type { Exercise } from '../exercise';
import {
  care,
  counts,
  cues,
  exercise,
  fault,
  foot,
  holds,
  kit,
  ladder,
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
  timed,
  toesOnRiseWords,
  travel,
} from './author';

const falls = care('falls-or-faints', 'change-support', 'Along a wall, a hand on it, eyes open.');
const heels = foot(standing, {
  contacts: {
    innerBall: ['lift', 'air'],
    outerBall: ['lift', 'air'],
    bigToe: ['lift', 'air'],
    smallToes: ['lift', 'air'],
  },
  ankle: 'up',
  knee: 'locked',
  weightLine: 'even',
});

export const heelWalk: Exercise = exercise({
  id: 'heel-walk',
  name: say('Walk on the heels', 'Heel walking'),
  family: 'gait',
  purpose: 'Shin strength in a step: toes up all the way across the room.',
  stage: 'integrated',
  directions: ['ankle-up', 'toes-lift'],
  faults: [
    fault('the forefoot sinks', 'outer side', 'Shorter way, toes up to the last step.'),
    fault('the seat drops back', 'outer side', 'Tall over the heels.'),
  ],
  cautions: [
    falls,
    care('morning-heel-pain', 'leave-out', 'Leave it out while the heel hurts; seated toe lifts instead.'),
  ],
  cues: cues(
    'One lane each, space ahead.',
    'Toes up, small steps on the heels.',
    'A puppet with strings on its toes.',
    'Toes higher, steps shorter.',
  ),
  foundBy: ['heel', 'walk', 'shin', 'toes up', 'shin splints'],
  schools: { knees: 'on-purpose' },
  performance: performance({
    position: 'walking',
    facing: 'lane',
    sidePattern: 'travelling',
    phases: [phase('step', 1, heels)],
    regions: { shin: 3, 'toe-extensors': 1 },
    balance: { working: 1, standing: 1 },
  }),
  doses: range(travel(1, 16, 80), travel(2, 16, 80), travel(4, 20, 80)),
  ladder: ladder(
    'straight',
    rung(
      'seated',
      'seated, stepping with toes up',
      { base: 'seated', knee: 'bent' },
      range(timed(15), timed(30), timed(60)),
      saw('Toes stay up for half a minute, both feet.'),
      {
        change: {
          position: 'chair-seated',
          facing: 'any',
          sidePattern: 'both',
          kit: [kit('chair', 'person', { mat: 'on the floor, knees bent' })],
          regions: { shin: 2 },
          balance: { working: 0, standing: 0 },
          phases: [
            phase(
              'step',
              1,
              foot(seatedFlat, {
                contacts: {
                  innerBall: ['lift', 'air'],
                  outerBall: ['lift', 'air'],
                  bigToe: ['lift', 'air'],
                  smallToes: ['lift', 'air'],
                },
                ankle: 'up',
              }),
            ),
          ],
        },
      },
    ),
    rung(
      'straight',
      'walking, straight legs',
      { base: 'walking', knee: 'straight' },
      range(travel(1, 16, 80), travel(2, 16, 80), travel(4, 20, 80)),
      saw('Toes up for two lengths, both feet.', 2),
      { why: 'From the chair into a step the knee straightens too.' },
    ),
    rung(
      'bent',
      'walking, soft bent legs',
      { base: 'walking', knee: 'bent' },
      range(travel(1, 12, 60), travel(2, 16, 60), travel(4, 16, 60)),
      null,
      {
        change: { phases: [phase('step', 1, foot(heels, { knee: 'bent' }))], regions: { shin: 3, 'hip-and-trunk': 2 } },
      },
    ),
  ),
});

export const backwardStep: Exercise = exercise({
  id: 'backward-loading-step',
  name: say('Step back and load slowly', 'Retro-step with eccentric heel lowering'),
  family: 'gait',
  purpose: 'Steps backwards toe first and lowers the heel late: calf and hip brake together.',
  stage: 'integrated',
  directions: ['ankle-up'],
  faults: [
    fault('the heel drops early', 'outer side', 'Ball first, wait, then the heel.'),
    fault('looking over the shoulder', 'front', 'Your lane is clear; eyes ahead.'),
  ],
  cautions: [falls, care('sore-achilles', 'go-gently', 'Short steps, and stop at an ache.')],
  cues: cues(
    'One lane each, walk it once to see it is clear.',
    'Step back onto the ball, take the weight, lower the heel as late as you can.',
    'Backing a boat onto the slip.',
    'Later heel.',
  ),
  foundBy: ['backwards', 'walk', 'calf', 'step', 'lower'],
  performance: performance({
    position: 'walking',
    facing: 'lane',
    sidePattern: 'travelling',
    phases: [
      phase('ball first', 1, foot(onTheBall, { knee: 'soft' })),
      phase('lower the heel', 2, standing, { body: 'sinks', effort: false }),
    ],
    regions: { calf: 2, 'hip-and-trunk': 2 },
    balance: { working: 2, standing: 2 },
  }),
  doses: range(travel(1, 10, 24), travel(2, 10, 24), travel(4, 12, 24)),
});

export const unevenGround: Exercise = exercise({
  id: 'uneven-ground-walk',
  name: say('Walk on uneven ground', 'Natural-surface walking'),
  family: 'gait',
  purpose: 'Sand, grass or smooth stones ask the foot a new question at each step.',
  stage: 'integrated',
  directions: [],
  faults: [
    fault('stiff, tiptoe steps', 'front', 'Slower, and let the whole foot arrive.'),
    fault('nobody looked for sharp things', 'above', 'Walk the stretch once in shoes first.'),
  ],
  cautions: [
    care('numb-or-diabetic-feet', 'leave-out', 'Shoes on: feet with little feeling do not go bare outdoors.'),
    care('broken-skin', 'leave-out', 'Not with open skin.'),
    falls,
  ],
  cues: cues(
    'A stretch that has been looked over for sharp things.',
    'Walk slowly, let the foot find out what it stands on.',
    'Reading a page with your soles.',
    'Slower.',
  ),
  foundBy: ['outdoors', 'sand', 'grass', 'barefoot', 'walk', 'beach'],
  performance: performance({
    position: 'walking',
    facing: 'lane',
    sidePattern: 'travelling',
    floorsRuledOut: ['wood', 'tile', 'carpet'],
    phases: [phase('step', 1, standing)],
    regions: { 'arch-intrinsics': 1, 'inner-ankle': 1, 'outer-ankle': 1 },
    balance: { working: 2, standing: 2 },
  }),
  doses: range(timed(60), timed(180), timed(600)),
});

export const flickStep: Exercise = exercise({
  id: 'flick-step',
  name: say('Flick step, foot to foot', 'Rapid alternating step and flick'),
  family: 'gait',
  purpose: 'Quick change of weight to a count of eight, the free foot flicks: timing for feet that land.',
  stage: 'integrated',
  directions: ['ankle-down', 'ankle-up'],
  faults: [
    fault('the count runs away', 'front', 'Say the eight aloud and end on it.'),
    fault('heavy stamping', 'front', 'Under the sound of the music.'),
  ],
  cautions: [falls, care('sore-achilles', 'go-gently', 'Walk it instead of springing it.')],
  cues: cues(
    'Space around you, soft knees.',
    'Change, flick, change, flick, and stand on eight.',
    'A stone that skips over water.',
    'Smaller, on the beat.',
  ),
  foundBy: ['flick', 'step dance', 'timing', 'quick', 'count', 'reaction'],
  performance: performance({
    facing: 'centre',
    sidePattern: 'both',
    footwear: 'any',
    phases: [phase('change and flick', 1, foot(standing, { knee: 'soft' }))],
    regions: { calf: 2, shin: 1 },
    balance: { working: 2, standing: 2 },
  }),
  doses: range(counts(2, 8, 96), counts(4, 8, 104), counts(8, 8, 120)),
  ladder: ladder(
    'slow',
    rung(
      'held',
      'slow, a hand on the barre or chair',
      { speed: 'slow', support: 'one hand' },
      range(counts(2, 8, 80), counts(4, 8, 80), counts(8, 8, 80)),
      saw('Ends on eight, both feet leading once.'),
      { change: { facing: 'support', kit: [kit('chair', 'person', { barre: 'a barre' })] } },
    ),
    rung(
      'slow',
      'slow, hands free',
      { speed: 'slow', support: 'none' },
      range(counts(2, 8, 80), counts(4, 8, 96), counts(8, 8, 96)),
      saw('Ends on eight four times running, both feet leading.', 2),
    ),
    rung(
      'quick',
      'at dance speed',
      { speed: 'quick', support: 'none' },
      range(counts(2, 8, 104), counts(4, 8, 116), counts(8, 8, 132)),
      null,
    ),
  ),
});

export const seatedMarch: Exercise = exercise({
  id: 'seated-heel-toe-march',
  name: say('Seated march: heels and toes', 'Seated alternating ankle pumps'),
  family: 'gait',
  purpose: 'The walking rhythm for people who sit: heel, toes, heel, toes, left and right in turn.',
  stage: 'active',
  directions: ['ankle-up', 'ankle-down'],
  faults: [
    fault('only the knees bounce', 'front', 'Make the ankle do the talking.'),
    fault('slumped back', 'outer side', 'Sit forward and tall.'),
  ],
  cautions: [care('cramp', 'go-gently', 'Cramp: foot up, shake, go on.')],
  cues: cues(
    'Sit forward, both feet flat.',
    'Heel up, heel down, toes up, toes down. Change feet, in time.',
    'A mill with two hammers.',
    'Bigger at the ankle, smaller at the knee.',
  ),
  foundBy: ['seated', 'march', 'chair', 'warm up', 'cannot stand', 'circulation'],
  performance: performance({
    position: 'chair-seated',
    sidePattern: 'alternate',
    kit: [kit('chair', 'person', { mat: 'on the floor, knees bent' })],
    floorsRuledOut: [],
    footwear: 'any',
    phases: [
      phase(
        'heel up and down',
        1,
        foot(seatedFlat, { contacts: { heel: ['lift', 'air'] }, heelHeightCm: 5, ankle: 'down' }),
      ),
      phase(
        'toes up and down',
        1,
        foot(seatedFlat, {
          contacts: {
            innerBall: ['lift', 'air'],
            outerBall: ['lift', 'air'],
            bigToe: ['lift', 'air'],
            smallToes: ['lift', 'air'],
          },
          ankle: 'up',
        }),
      ),
    ],
    regions: { calf: 1, shin: 1 },
  }),
  doses: range(reps(8), reps(16), reps(32)),
});

const lend = foot(seatedFlat, {
  contacts: { heel: ['press', 'floor'], innerBall: ['press', 'floor'], outerBall: ['press', 'floor'] },
});
export const seatedStand: Exercise = exercise({
  id: 'seated-foot-press',
  name: say('Seated stand: press one foot into the floor', 'Seated single-foot loading'),
  family: 'balance',
  purpose: 'What standing on one leg asks of the foot, for someone who stays seated: three points press and hold.',
  stage: 'loaded',
  directions: [],
  faults: [
    fault('toes claw', 'above', 'Long toes; the three points press.'),
    fault('the hip hikes', 'front', 'Both sit bones stay heavy.'),
  ],
  cautions: [care('recent-injury', 'go-gently', 'Only as much as is free of pain.')],
  cues: cues(
    'Sit forward, one foot under its knee, hand on that knee.',
    'Press heel, inner ball and outer ball as if to stand, and hold.',
    'A thumb pressed into clay.',
    'Less, and even.',
  ),
  foundBy: ['seated', 'balance', 'press', 'chair', 'cannot stand', 'tripod'],
  performance: performance({
    position: 'chair-seated',
    sidePattern: 'each',
    kit: [kit('chair', 'person', { mat: 'half kneeling on a mat' })],
    floorsRuledOut: [],
    footwear: 'any',
    phases: [
      phase('press and hold', 10, foot(lend, { midfoot: 'lifted' }), {
        other: foot(seatedFlat, { role: 'rests' }),
        effort: true,
      }),
    ],
    regions: { 'arch-intrinsics': 1, 'deep-calf': 1, 'hip-and-trunk': 1 },
  }),
  doses: range(holds(2, 5, 5), holds(3, 10, 5), holds(5, 15, 5)),
});

export const barreBrush: Exercise = exercise({
  id: 'barre-foot-brush',
  name: say('At the barre: brush the foot out and home', 'Barre tendu with full articulation'),
  family: 'mobility',
  purpose: 'The foot brushes out through ball and toes to a long point and comes home the same way.',
  stage: 'integrated',
  directions: ['ankle-down', 'ankle-up', 'toes-curl'],
  faults: [
    fault('toes curl under at the end', 'inner side', 'Lengthen past the toenails.'),
    fault('the heel falls behind the line of the toes', 'behind', 'Heel forward, over the second toe.'),
    fault('weight slips to the brushing foot', 'front', 'The standing foot keeps its three points.'),
  ],
  cautions: [
    care('cramp', 'go-gently', 'Cramp in the sole: flat foot, shake, fewer.'),
    care('growing-feet', 'go-gently', 'No forcing of the point.'),
    falls,
  ],
  cues: cues(
    'Side to the barre, standing leg long, legs turned out only as far as the hips give.',
    'Through the ball, through the toes, long. Home through toes and ball.',
    'Paint drawn out to a thin line, and the line drawn back.',
    'Ball first, toes last, every time.',
  ),
  foundBy: ['barre', 'tendu', 'brush', 'point', 'dancer', 'ballet', 'articulate'],
  performance: performance({
    facing: 'support',
    sidePattern: 'each',
    kit: [kit('barre', 'room', { chair: 'a heavy chair back', wall: 'a hand on the wall' })],
    footwear: 'bare or socks',
    floorsRuledOut: ['carpet', 'outdoors'],
    phases: [
      phase(
        'through the ball',
        1,
        foot(standing, {
          contacts: {
            heel: ['lift', 'air'],
            bigToe: ['press', 'floor'],
            smallToes: ['press', 'floor'],
          },
          heelHeightCm: 5,
          ankle: 'down',
          knee: 'locked',
        }),
        { other: foot(standing, { role: 'stands', knee: 'locked' }), undo: 'through the ball' },
      ),
      phase(
        'long point',
        1,
        foot(standing, {
          contacts: {
            heel: ['lift', 'air'],
            innerBall: ['lift', 'air'],
            outerBall: ['lift', 'air'],
            bigToe: ['rest', 'floor'],
            smallToes: ['rest', 'floor'],
          },
          heelHeightCm: 10,
          ankle: 'down',
          knee: 'locked',
          weightLine: 'none',
        }),
        { other: foot(standing, { role: 'stands', knee: 'locked' }), undo: 'home', picture: 'ankle-side' },
      ),
      phase('home', 2, foot(standing, { knee: 'locked' }), {
        other: foot(standing, { role: 'stands', knee: 'locked' }),
        undo: 'long point',
      }),
    ],
    regions: { 'toe-flexors': 2, calf: 1, 'arch-intrinsics': 1, 'hip-and-trunk': 1 },
    balance: { working: 0, standing: 2 },
  }),
  doses: range(reps(4), reps(8), reps(16)),
  ladder: ladder(
    'barre',
    rung(
      'facing',
      'facing the barre, both hands',
      { support: 'both hands', speed: 'slow' },
      range(reps(4), reps(8), reps(16)),
      saw('Toes stay long to the end, both feet.'),
    ),
    rung(
      'barre',
      'side to the barre, one hand',
      { support: 'one hand', speed: 'slow' },
      range(reps(4), reps(8), reps(16)),
      saw('Standing foot keeps three points through eight, both feet.', 2),
    ),
    rung('off-barre', 'in the centre', { support: 'none', speed: 'slow' }, range(reps(4), reps(8), reps(16)), null, {
      change: { kit: [], facing: 'centre', balance: { working: 0, standing: 3 } },
    }),
  ),
});

export const barreRise: Exercise = exercise({
  id: 'barre-rise-turned-out',
  name: say('At the barre: rise with the legs turned out', 'Turned-out relevé'),
  family: 'strength',
  purpose: 'The dancer’s rise: legs rotate out from the hips, feet stay long, heels come forward on top.',
  stage: 'loaded',
  directions: ['ankle-down'],
  faults: [
    fault('heels slip back as they rise', 'behind', 'Show your heels to the front on the way up.'),
    fault(
      'weight falls to the inner edges at the bottom',
      'front',
      'Turn out from the hips, three points on the floor.',
    ),
    fault('toes claw at the top', 'above', 'Long toes carry.'),
  ],
  cautions: [
    care('sore-achilles', 'go-gently', 'From the floor, and stop at a growing ache.'),
    falls,
    care('growing-feet', 'go-gently', 'Pointe is decided by a qualified teacher with a clinician, not by this rise.'),
  ],
  cues: cues(
    'Face the barre, heels together, turned out only as far as the hips give.',
    'Rise over the first two toes, heels forward. Lower slowly through the foot.',
    'A cork rises in its bottle: straight, nothing leans.',
    'Heels forward, three counts down.',
  ),
  foundBy: ['barre', 'relevé', 'turnout', 'dancer', 'rise', 'ballet', 'pointe'],
  schools: { weightLine: 'between-first-and-second' },
  performance: performance({
    facing: 'support',
    kit: [kit('barre', 'room', { chair: 'two heavy chair backs', wall: 'hands on the wall' })],
    footwear: 'bare or socks',
    phases: [
      phase('rise', 2, onTheBall, { undo: 'lower', effort: true, body: 'rises' }),
      phase('stay', 1, onTheBall, { undo: 'stay', effort: true }),
      phase('lower', 3, foot(standing, { knee: 'locked' }), { undo: 'rise', effort: false, body: 'sinks' }),
    ],
    regions: { calf: 2, 'deep-calf': 1, 'arch-intrinsics': 1, 'hip-and-trunk': 1 },
    balance: { working: 1, standing: 0 },
  }),
  schoolVariants: toesOnRiseWords,
  doses: range(reps(8), reps(16), reps(32)),
});
