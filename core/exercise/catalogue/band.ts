import type { Exercise, Performance } from '../exercise';
import {
  cleanReps,
  exercise,
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

const sprain: Exercise['cautions'] = [
  {
    concern: 'recent-injury',
    action: 'ask-clinician',
    words: 'After a sprain ask a clinician first, and begin without the band.',
  },
  { concern: 'numb-or-diabetic-feet', action: 'leave-out', words: 'No band on a foot with little feeling.' },
];
const bandHand = { strap: 'a strap does not stretch: press against it and hold instead of moving' } as const;
const anchors = foot(hanging, { role: 'anchors', contacts: { heel: ['rest', 'floor'] }, toes: 'long', knee: 'soft' });
const restsLong = foot(hanging, { role: 'rests', contacts: { heel: ['rest', 'floor'] }, knee: 'soft' });
const heelDown = foot(hanging, { contacts: { heel: ['rest', 'floor'] }, toes: 'long', knee: 'soft' });

const longSit = (change: Partial<Performance> & Pick<Performance, 'phases'>) =>
  performance({
    position: 'floor-seated',
    sidePattern: 'each',
    floorsRuledOut: ['outdoors'],
    setup: 'fiddly',
    ...change,
  });

export const bandTurnOut: Exercise = exercise({
  id: 'band-turn-out',
  name: say('Band: turn the foot out', 'Resisted eversion'),
  family: 'band',
  purpose: 'Strengthens the outer ankle, which catches a foot about to roll.',
  stage: 'loaded',
  directions: ['turn-out'],
  faults: [
    { seen: 'the knee swings with the foot', from: 'front', say: 'Quiet shin. Only the foot turns.' },
    { seen: 'the band snaps the foot back', from: 'front', say: 'Slow on the way home.' },
    { seen: 'toes claw', from: 'above', say: 'Long toes.' },
  ],
  cautions: sprain,
  cues: {
    setup: say('Legs long, uncrossed, loop round both feet on the outer borders.'),
    action: say(
      'One foot turns its sole away; the other is the anchor. Slow return.',
      'Evert against the loop; the other foot anchors. Slow return.',
    ),
    breath: null,
    picture: say('A page turns outward and comes back by itself, slowly.'),
    correction: say('Smaller, from the ankle.'),
  },
  foundBy: ['band', 'outer ankle', 'sprain', 'evert', 'turn out', 'peroneal'],
  schools: { band: 'form-allows' },
  performance: longSit({
    kit: [kit('band', 'person', bandHand)],
    band: { placement: 'both-feet', border: 'outer', purpose: 'resist' },
    phases: [
      phase('turn out', 2, foot(heelDown, { contacts: { outerBall: ['press', 'band'] }, ankle: 'turned-out' }), {
        other: anchors,
        picture: 'ankle-front',
        undo: 'slow return',
      }),
      phase('hold', 1, foot(heelDown, { contacts: { outerBall: ['press', 'band'] }, ankle: 'turned-out' }), {
        other: anchors,
        picture: 'ankle-front',
        undo: 'hold',
      }),
      phase('slow return', 3, foot(heelDown, { contacts: { outerBall: ['rest', 'band'] } }), {
        other: anchors,
        picture: 'ankle-front',
        undo: 'turn out',
      }),
    ],
    regions: { 'outer-ankle': 3 },
  }),
  doses: range(reps(8), reps(12), reps(15), 'usual practice'),
  ladder: {
    startRung: 'light',
    rungs: [
      {
        id: 'no-band',
        name: 'no band, the hand shows the way',
        axes: { resistance: 'none' },
        why: null,
        change: {
          kit: [],
          band: null,
          setup: 'plain',
          phases: [
            phase('turn out', 2, foot(heelDown, { ankle: 'turned-out' }), {
              other: anchors,
              picture: 'ankle-front',
              undo: 'slow return',
              effort: true,
            }),
            phase('slow return', 3, heelDown, {
              other: anchors,
              picture: 'ankle-front',
              undo: 'turn out',
              effort: false,
            }),
          ],
        },
        doses: range(reps(6), reps(10), reps(12)),
        gate: {
          test: 'teacher-saw-it',
          value: null,
          occasions: 1,
          words: 'The foot turns and the shin stays still, both feet.',
        },
      },
      {
        id: 'light',
        name: 'light band',
        axes: { resistance: 'light band' },
        why: null,
        change: {},
        doses: range(reps(8), reps(12), reps(15), 'usual practice'),
        gate: {
          test: 'clean-reps',
          value: 12,
          occasions: 2,
          words: '12 with a slow return on both feet, on two days.',
        },
      },
      {
        id: 'firm',
        name: 'firmer band',
        axes: { resistance: 'firmer band' },
        why: null,
        change: {},
        doses: range(reps(6), reps(10), reps(12)),
        gate: null,
      },
    ],
  },
});

export const bandTurnIn: Exercise = exercise({
  id: 'band-turn-in',
  name: say('Band: turn the foot in', 'Resisted inversion'),
  family: 'band',
  purpose: 'Strengthens the inner ankle in the range where ankles roll.',
  stage: 'loaded',
  directions: ['turn-in'],
  faults: [
    { seen: 'the whole leg rotates inward', from: 'front', say: 'Kneecap to the ceiling.' },
    { seen: 'quick return', from: 'front', say: 'Three counts home.' },
  ],
  cautions: sprain,
  cues: {
    setup: say('Ankles crossed, legs long, loop round both feet on the inner borders.'),
    action: say(
      'Press one foot away so that its sole faces the middle. Slow return.',
      'Invert against the loop, ankles crossed. Slow return.',
    ),
    breath: null,
    picture: say('A rudder swings over and comes back to midships.'),
    correction: say('Ankle, not hip.'),
  },
  foundBy: ['band', 'inner ankle', 'invert', 'turn in', 'arch'],
  schools: { band: 'form-allows' },
  performance: longSit({
    kit: [kit('band', 'person', bandHand)],
    band: { placement: 'both-feet', border: 'inner', purpose: 'resist' },
    phases: [
      phase('turn in', 2, foot(heelDown, { contacts: { innerBall: ['press', 'band'] }, ankle: 'turned-in' }), {
        other: anchors,
        picture: 'ankle-front',
        undo: 'slow return',
      }),
      phase('hold', 1, foot(heelDown, { contacts: { innerBall: ['press', 'band'] }, ankle: 'turned-in' }), {
        other: anchors,
        picture: 'ankle-front',
        undo: 'hold',
      }),
      phase('slow return', 3, foot(heelDown, { contacts: { innerBall: ['rest', 'band'] } }), {
        other: anchors,
        picture: 'ankle-front',
        undo: 'turn in',
      }),
    ],
    regions: { 'inner-ankle': 3 },
  }),
  doses: range(reps(8), reps(12), reps(15), 'usual practice'),
  ladder: ladder(
    'light',
    rung(
      'no-band',
      'no band, ankles crossed',
      { resistance: 'none' },
      range(reps(6), reps(10), reps(12)),
      saw('The sole turns to the middle and the kneecap stays up, both feet.'),
      {
        change: {
          kit: [],
          band: null,
          setup: 'plain',
          phases: [
            phase('turn in', 2, foot(heelDown, { ankle: 'turned-in' }), {
              other: anchors,
              picture: 'ankle-front',
              undo: 'slow return',
              effort: true,
            }),
            phase('slow return', 3, heelDown, {
              other: anchors,
              picture: 'ankle-front',
              undo: 'turn in',
              effort: false,
            }),
          ],
        },
      },
    ),
    rung(
      'light',
      'light band',
      { resistance: 'light band' },
      range(reps(8), reps(12), reps(15), 'usual practice'),
      cleanReps(12, '12 with a slow return on both feet, on two days.'),
    ),
    rung('firm', 'firmer band', { resistance: 'firmer band' }, range(reps(6), reps(10), reps(12)), null),
  ),
});

function fourPartPoint(withBand: boolean): Exercise {
  const meets = withBand ? 'band' : 'air';
  const at = (ankle: 'up' | 'down', toes: 'long' | 'relaxed', press: boolean) =>
    foot(heelDown, {
      ankle,
      toes: toes === 'long' ? 'long' : 'relaxed',
      contacts: withBand
        ? { innerBall: [press ? 'press' : 'rest', 'band'], outerBall: [press ? 'press' : 'rest', 'band'] }
        : { innerBall: ['hang', meets], outerBall: ['hang', meets] },
    });
  const seen = { other: restsLong, picture: 'ankle-side' } as const;
  return exercise({
    id: withBand ? 'band-four-part-point' : 'four-part-point',
    name: withBand
      ? say('Band: four-part point', 'Resisted sequential plantarflexion')
      : say('Four-part point', 'Sequential plantarflexion'),
    family: withBand ? 'band' : 'mobility',
    purpose: 'Ankle, then toes, and home the same way in order: a long point without curled toes.',
    stage: withBand ? 'loaded' : 'active',
    directions: ['ankle-down', 'ankle-up', 'toes-curl', 'toes-lift'],
    faults: [
      { seen: 'toes crunch at the end of the point', from: 'inner side', say: 'Longer, not tighter.' },
      { seen: 'ankle and toes move together', from: 'inner side', say: 'Ankle first; toes wait their turn.' },
      { seen: 'the foot curves to the inside', from: 'above', say: 'Point over the second toe.' },
    ],
    cautions: [
      { concern: 'cramp', action: 'go-gently', words: 'Cramp in sole or calf: foot up, shake, go on with less.' },
      ...(withBand ? sprain : []),
    ],
    cues: {
      setup: withBand
        ? say('Legs long, band round the ball of one foot, hands hold its ends.')
        : say('Legs long, heels on the floor.'),
      action: say('Foot down, toes long, toes up, foot up.'),
      breath: null,
      picture: say('A swan’s neck stretches, and folds again.'),
      correction: say('Four clear parts.'),
    },
    foundBy: ['point', 'flex', 'band', 'toes', 'dance', 'articulation'],
    performance: longSit({
      kit: withBand ? [kit('band', 'person', bandHand)] : [],
      band: withBand ? { placement: 'ball', border: 'sole', purpose: 'resist' } : null,
      setup: withBand ? 'fiddly' : 'plain',
      phases: [
        phase('foot down', 2, at('down', 'relaxed', true), { ...seen, undo: 'foot up' }),
        phase('toes long', 1, at('down', 'long', true), { ...seen, undo: 'toes up' }),
        phase(
          'toes up',
          1,
          foot(at('down', 'relaxed', false), { contacts: { bigToe: ['lift', 'air'], smallToes: ['lift', 'air'] } }),
          { ...seen, undo: 'toes long' },
        ),
        phase('foot up', 2, at('up', 'relaxed', false), { ...seen, undo: 'foot down' }),
      ],
      regions: withBand ? { calf: 2, 'toe-flexors': 2, 'deep-calf': 1 } : { calf: 1, 'toe-flexors': 1, shin: 1 },
    }),
    doses: range(reps(6), reps(10), reps(12), 'usual practice'),
  });
}
export const bandFourPartPoint = fourPartPoint(true);
export const freeFourPartPoint = fourPartPoint(false);
