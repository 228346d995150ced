import type { Exercise } from '../exercise';
import type { FootState } from '../foot-state';
import {
  care,
  cleanReps,
  cues,
  exercise,
  fault,
  foot,
  hanging,
  kit,
  ladder,
  performance,
  phase,
  range,
  reps,
  rung,
  saw,
  say,
} from './author';

const sprain = [
  care('recent-injury', 'ask-clinician', 'After a sprain ask a clinician first, and begin without the loop.'),
  care('numb-or-diabetic-feet', 'leave-out', 'No loop on a foot with little feeling.'),
];
const loop = kit('long-loop', 'person', { band: 'a flat band held in both hands: the arms tire before the foot' });
const raised = foot(hanging, { toes: 'long', knee: 'bent' });
const resting: FootState = foot(hanging, { role: 'rests', contacts: { heel: ['rest', 'floor'] }, knee: 'bent' });
const seat = {
  position: 'floor-seated',
  sidePattern: 'each',
  kit: [loop],
  setup: 'fiddly',
} as const;
const heights = (change: (propped: boolean) => object, doses: Exercise['doses']): Exercise['ladder'] =>
  ladder(
    'propped',
    rung(
      'no-loop',
      'no loop, foot propped',
      { resistance: 'none', lever: 'propped' },
      range(reps(8), reps(10), reps(15)),
      saw('The foot moves and the shin stays still, both feet.'),
      { change: { ...change(true), kit: [], band: null, setup: 'plain' } },
    ),
    rung(
      'propped',
      'light loop, foot propped on the other leg',
      { resistance: 'light loop', lever: 'propped' },
      doses,
      cleanReps(15, '15 with a slow return on both feet, on two days.'),
      { change: change(true) },
    ),
    rung(
      'raised',
      'light loop, foot held up',
      { resistance: 'light loop', lever: 'held up' },
      doses,
      cleanReps(15, '15 with a still shin on both feet, on two days.'),
      { change: change(false) },
    ),
    rung(
      'firmer',
      'firmer loop, foot held up',
      { resistance: 'firmer loop', lever: 'held up' },
      range(reps(8), reps(10), reps(15)),
      null,
      { change: change(false) },
    ),
  );

function turn(way: 'in' | 'out'): Exercise {
  const inward = way === 'in';
  const ball = inward ? 'innerBall' : 'outerBall';
  const phases = (propped: boolean, banded = true) => {
    const from = propped ? foot(raised, { contacts: { heel: ['rest', 'block'] } }) : raised;
    return [
      phase(
        `turn ${way}`,
        2,
        foot(from, {
          contacts: banded ? { [ball]: ['press', 'band'] } : {},
          ankle: inward ? 'turned-in' : 'turned-out',
        }),
        { other: resting, picture: 'ankle-front', undo: 'slow return', effort: true },
      ),
      phase('slow return', 3, foot(from, { contacts: banded ? { [ball]: ['rest', 'band'] } : {} }), {
        other: resting,
        picture: 'ankle-front',
        undo: `turn ${way}`,
        effort: false,
      }),
    ];
  };
  const bare = { phases: phases(true, false) };
  const made = heights(
    (propped) => ({ phases: phases(propped) }),
    range(reps(10), reps(15), reps(20), 'usual practice'),
  );
  return exercise({
    id: `waist-loop-turn-${way}`,
    name: inward
      ? say('Waist loop: turn the foot in', 'Resisted inversion, waist-anchored')
      : say('Waist loop: turn the foot out', 'Resisted eversion, waist-anchored'),
    family: 'band',
    purpose: inward
      ? 'Inner ankle against a loop from waist to arch, pulled from the outer side.'
      : 'Outer ankle against a loop from waist to arch, pulled from the inner side.',
    stage: 'loaded',
    directions: [inward ? 'turn-in' : 'turn-out'],
    faults: [
      fault('the loop slides towards the toes', 'above', 'Back to the arch; that is where turning is trained.'),
      fault('the knee swings with the foot', 'front', 'Quiet shin, only the sole turns.'),
      fault('it snaps home', 'front', 'Three counts on the way back.'),
    ],
    cautions: sprain,
    cues: cues(
      inward
        ? 'Seated, loop round waist and arch. Hold its strand on the outer side of the leg.'
        : 'Seated, loop round waist and arch. Hold its strand on the inner side of the leg.',
      inward
        ? ['Turn the sole to the middle against the pull. Slow return.', 'Invert against the pull. Slow return.']
        : ['Turn the sole away from the middle against the pull. Slow return.', 'Evert against the pull. Slow return.'],
      inward ? 'A boat’s rudder under steady water.' : 'A door pushed open against a draught.',
      'Less far, same speed.',
    ),
    foundBy: ['loop', 'band', inward ? 'inner ankle' : 'outer ankle', inward ? 'invert' : 'evert', 'waist', 'sprain'],
    performance: performance({
      ...seat,
      kit: [...seat.kit],
      band: { placement: 'arch', border: inward ? 'inner' : 'outer', purpose: 'resist' },
      phases: phases(true),
      regions: inward ? { 'inner-ankle': 3 } : { 'outer-ankle': 3 },
    }),
    doses: range(reps(10), reps(15), reps(20), 'usual practice'),
    ladder: made && {
      ...made,
      rungs: made.rungs.map((r) => (r.id === 'no-loop' ? { ...r, change: { ...r.change, ...bare } } : r)),
    },
  });
}
export const waistLoopTurnIn = turn('in');
export const waistLoopTurnOut = turn('out');

/** What the heel meets: the other leg it is propped on (drawn as a block), the floor, or nothing. */
type HeelOn = 'block' | 'floor' | 'air';
const atBall = (ankle: 'up' | 'down', press: boolean, knee: 'soft' | 'bent', heel: HeelOn) =>
  foot(raised, {
    contacts: {
      innerBall: [press ? 'press' : 'rest', 'band'],
      outerBall: [press ? 'press' : 'rest', 'band'],
      ...(heel === 'air' ? {} : { heel: ['rest', heel] as const }),
    },
    ankle,
    knee,
  });
const upDown = (knee: 'soft' | 'bent', heel: HeelOn) => [
  phase('push down', 2, atBall('down', true, knee, heel), {
    other: resting,
    picture: 'ankle-side',
    undo: 'come up slowly',
    effort: true,
  }),
  phase('come up slowly', 3, atBall('up', false, knee, heel), {
    other: resting,
    picture: 'ankle-side',
    undo: 'push down',
    effort: false,
  }),
];
const bareUpDown = (knee: 'soft' | 'bent', heel: 'block' | 'floor') => [
  phase('push down', 2, foot(raised, { contacts: { heel: ['rest', heel] }, ankle: 'down', knee }), {
    other: resting,
    picture: 'ankle-side',
    undo: 'come up slowly',
    effort: true,
  }),
  phase('come up slowly', 3, foot(raised, { contacts: { heel: ['rest', heel] }, ankle: 'up', knee }), {
    other: resting,
    picture: 'ankle-side',
    undo: 'push down',
    effort: false,
  }),
];
const noLoop = (made: Exercise['ladder'], phases: ReturnType<typeof bareUpDown>): Exercise['ladder'] =>
  made && {
    ...made,
    rungs: made.rungs.map((r) => (r.id === 'no-loop' ? { ...r, change: { ...r.change, phases } } : r)),
  };

export const waistLoopUpDown: Exercise = exercise({
  id: 'waist-loop-up-down',
  name: say('Waist loop: push down, come up slowly', 'Resisted plantarflexion, waist-anchored'),
  family: 'band',
  purpose: 'Calf against a loop round the ball of the foot, with a slow way back up.',
  stage: 'loaded',
  directions: ['ankle-down', 'ankle-up'],
  faults: [
    fault('the loop slides off the toes', 'above', 'Lower, behind the toe roots.'),
    fault('toes crunch in the push', 'inner side', 'Ankle pushes, toes stay long.'),
  ],
  cautions: sprain,
  cues: cues(
    'Seated, loop round waist and ball of the foot, leg nearly long.',
    'Push the foot down against the loop. Let it bring you up slowly.',
    'A pedal with thick oil in it.',
    'Two counts down, three up.',
  ),
  foundBy: ['loop', 'band', 'point', 'calf', 'flex', 'waist'],
  performance: performance({
    ...seat,
    kit: [...seat.kit],
    band: { placement: 'ball', border: 'sole', purpose: 'resist' },
    phases: upDown('soft', 'block'),
    regions: { calf: 2, shin: 1 },
  }),
  doses: range(reps(10), reps(15), reps(20), 'usual practice'),
  ladder: noLoop(
    heights(
      (propped) => ({ phases: upDown('soft', propped ? 'block' : 'air') }),
      range(reps(10), reps(15), reps(20), 'usual practice'),
    ),
    bareUpDown('soft', 'block'),
  ),
});

export const waistLoopBentKnee: Exercise = exercise({
  id: 'waist-loop-bent-knee',
  name: say('Waist loop: bent knee, heel close', 'Resisted plantarflexion, knee flexed'),
  family: 'band',
  purpose: 'Pushes down with the knee bent, so that the deep calf does the work.',
  stage: 'loaded',
  directions: ['ankle-down', 'ankle-up'],
  faults: [
    fault('the heel is too close and the tendon complains', 'outer side', 'Move the heel away until it is quiet.'),
    fault('the knee stretches to help', 'outer side', 'Knee angle stays.'),
  ],
  cautions: [
    ...sprain,
    care('sore-achilles', 'hold-at-rung', 'Heel far away and on the floor; stop if the ache grows.'),
  ],
  cues: cues(
    'Seated, knee bent, loop round waist and ball of the foot.',
    'Push down, come up slowly; the knee does not change.',
    'A typewriter key under one finger.',
    'Heel farther if the tendon speaks.',
  ),
  foundBy: ['loop', 'band', 'soleus', 'deep calf', 'achilles', 'bent knee'],
  performance: performance({
    ...seat,
    kit: [...seat.kit],
    band: { placement: 'ball', border: 'sole', purpose: 'resist' },
    phases: upDown('bent', 'floor'),
    regions: { 'deep-calf': 2, shin: 1 },
  }),
  doses: range(reps(8), reps(12), reps(20)),
  ladder: ladder(
    'far',
    rung(
      'no-loop',
      'no loop, heel far and on the floor',
      { resistance: 'none', lever: 'heel far' },
      range(reps(8), reps(12), reps(20)),
      saw('No ache in the tendon during or next day, both feet.'),
      { change: { kit: [], band: null, setup: 'plain', phases: bareUpDown('bent', 'floor') } },
    ),
    rung(
      'far',
      'light loop, heel far and on the floor',
      { resistance: 'light loop', lever: 'heel far' },
      range(reps(8), reps(12), reps(20)),
      cleanReps(12, '12 without an ache in the tendon, both feet, on two days.'),
    ),
    rung(
      'near',
      'light loop, heel near the seat',
      { resistance: 'light loop', lever: 'heel near' },
      range(reps(8), reps(12), reps(20)),
      cleanReps(12, '12 without an ache, both feet, on two days.'),
    ),
    rung(
      'near-raised',
      'light loop, heel near and lifted',
      { resistance: 'light loop', lever: 'heel near, lifted' },
      range(reps(6), reps(10), reps(15)),
      null,
      { change: { phases: upDown('bent', 'air') } },
    ),
  ),
});

export const waistLoopFree: Exercise = exercise({
  id: 'waist-loop-odd-angles',
  name: say('Waist loop: odd angles', 'Multi-planar resisted ankle work'),
  family: 'band',
  purpose: 'Pushes and turns mixed freely, so that the ankle has met odd angles before a kerb shows it one.',
  stage: 'loaded',
  directions: ['ankle-down', 'turn-in', 'turn-out', 'ankle-up'],
  faults: [
    fault('always the same easy corner', 'front', 'Go and visit the corner you skip.'),
    fault('the loop wins on the way back', 'front', 'You let it, it does not take it.'),
  ],
  cautions: sprain,
  cues: cues(
    'Seated, loop round waist and ball of the foot, foot held up.',
    'Push down and turn, anywhere; come back slowly from each.',
    'A tiller in a cross sea.',
    'Slow home from every corner.',
  ),
  foundBy: ['loop', 'band', 'angles', 'free', 'ankle', 'mixed'],
  performance: performance({
    ...seat,
    kit: [...seat.kit],
    band: { placement: 'ball', border: 'sole', purpose: 'resist' },
    phases: [
      phase('down and turned in', 2, foot(atBall('down', true, 'soft', 'air'), { ankle: 'turned-in' }), {
        other: resting,
        picture: 'ankle-front',
        effort: true,
      }),
      phase('back slowly', 2, atBall('up', false, 'soft', 'air'), {
        other: resting,
        picture: 'ankle-side',
        effort: false,
      }),
      phase('down and turned out', 2, foot(atBall('down', true, 'soft', 'air'), { ankle: 'turned-out' }), {
        other: resting,
        picture: 'ankle-front',
        effort: true,
      }),
      phase('home slowly', 2, atBall('up', false, 'soft', 'air'), {
        other: resting,
        picture: 'ankle-side',
        effort: false,
      }),
    ],
    regions: { calf: 1, 'inner-ankle': 2, 'outer-ankle': 2 },
  }),
  doses: range(reps(4), reps(6), reps(10)),
});
