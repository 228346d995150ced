import type { Exercise } from '../exercise';
import type { FootState } from '../foot-state';
import { reversePhases } from '../foot-state';
import {
  checked,
  cleanReps,
  cues,
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
  restsFlat,
  rung,
  saw,
  say,
  seatedFlat,
  standing,
  stands,
} from './author';

const handTurns = foot(hanging, { contacts: { bigToe: ['rest', 'hand'], smallToes: ['rest', 'hand'] }, toes: 'long' });

export const toeTurns: Exercise = exercise({
  id: 'toe-turns',
  name: say('Each toe turned by hand', 'Passive MTP circumduction'),
  family: 'mobility',
  purpose: 'Moves the joint of every toe, both ways round.',
  stage: 'passive',
  directions: ['toes-lift', 'toes-curl'],
  faults: [
    { seen: 'the toe is twisted at the nail', from: 'above', say: 'Hold at the knuckle, close to the foot.' },
    { seen: 'only one way round', from: 'above', say: 'And the other way, the same number.' },
  ],
  cautions: [{ concern: 'sore-big-toe-joint', action: 'leave-out', words: 'Pass over a toe whose joint is sore.' }],
  cues: {
    setup: say('One ankle over the other knee. Hold one toe near its root.'),
    action: say('Draw it long, turn it slowly once this way, once that way. Next toe.'),
    breath: null,
    picture: say('Winding a small clock.'),
    correction: say('Longer first, then round.'),
  },
  foundBy: ['toes', 'circle', 'hand', 'stiff', 'turn', 'joints'],
  performance: performance({
    position: 'chair-seated',
    sidePattern: 'each',
    kit: [kit('chair', 'person', { mat: 'on the floor, ankle over the other thigh' })],
    setup: 'props',
    phases: [phase('one turn', 5, handTurns, { other: restsFlat, picture: 'ankle-front' })],
    regions: { 'big-toe-joint': 1 },
  }),
  doses: range(
    reps(1, { per: { toes: 5, directions: 2 } }),
    reps(1, { per: { toes: 5, directions: 2 } }),
    reps(2, { per: { toes: 5, directions: 2 } }),
  ),
});

export const ankleCircles: Exercise = exercise({
  id: 'ankle-circles',
  name: say('Ankle circles', 'Active ankle circumduction'),
  family: 'mobility',
  purpose: 'Draws the largest circle the ankle owns, both ways, and shows where it sticks.',
  stage: 'active',
  directions: ['ankle-up', 'ankle-down', 'turn-in', 'turn-out'],
  faults: [
    { seen: 'the shin turns with the foot', from: 'front', say: 'Quiet shin; hold it with your hand.' },
    { seen: 'a corner is skipped', from: 'front', say: 'Slow down where it sticks.' },
    { seen: 'toes curl on the way down', from: 'front', say: 'Long toes all the way round.' },
  ],
  cautions: [
    { concern: 'recent-injury', action: 'ask-clinician', words: 'After a sprain, small circles only, and ask first.' },
  ],
  cues: {
    setup: say('Sit, one leg long, hand on the shin.'),
    action: say('Draw a big slow circle with the big toe. Then the same the other way.'),
    breath: null,
    picture: say('Polish the inside of a round bowl, and miss no part of it.'),
    correction: say('Only the foot moves.'),
  },
  foundBy: ['circle', 'ankle', 'rotate', 'stiff', 'loosen'],
  performance: performance({
    position: 'floor-seated',
    sidePattern: 'each',
    phases: [
      phase('turn in', 1, foot(hanging, { ankle: 'turned-in', toes: 'long' }), {
        other: restsFlat,
        picture: 'ankle-front',
      }),
      phase('down', 1, foot(hanging, { ankle: 'down', toes: 'long' }), { other: restsFlat, picture: 'ankle-side' }),
      phase('turn out', 1, foot(hanging, { ankle: 'turned-out', toes: 'long' }), {
        other: restsFlat,
        picture: 'ankle-front',
      }),
      phase('up', 1, foot(hanging, { ankle: 'up', toes: 'long' }), {
        other: restsFlat,
        picture: 'ankle-side',
      }),
    ],
    regions: { shin: 1, 'inner-ankle': 1, 'outer-ankle': 1 },
  }),
  doses: range(
    reps(3, { per: { directions: 2 } }),
    reps(5, { per: { directions: 2 } }),
    reps(10, { per: { directions: 2 } }),
  ),
  ladder: ladder(
    'small',
    rung(
      'by-hand',
      'the hand leads the foot round',
      { 'hand-help': 'hand leads', amount: 'small' },
      range(
        reps(2, { per: { directions: 2 } }),
        reps(3, { per: { directions: 2 } }),
        reps(6, { per: { directions: 2 } }),
      ),
      saw('The foot lets itself be led, both ways, both feet.'),
    ),
    rung(
      'small',
      'small circles, hand on the shin',
      { 'hand-help': 'hand on the shin', amount: 'small' },
      range(
        reps(3, { per: { directions: 2 } }),
        reps(5, { per: { directions: 2 } }),
        reps(10, { per: { directions: 2 } }),
      ),
      saw('The shin stays still both ways, both feet.'),
    ),
    rung(
      'full',
      'the largest circle, hand on the shin',
      { 'hand-help': 'hand on the shin', amount: 'full' },
      range(
        reps(3, { per: { directions: 2 } }),
        reps(5, { per: { directions: 2 } }),
        reps(10, { per: { directions: 2 } }),
      ),
      checked('circle-sticks', 'No corner is skipped, or the place is noted, both feet.'),
    ),
    rung(
      'free',
      'the largest circle, hands off',
      { 'hand-help': 'none', amount: 'full' },
      range(
        reps(3, { per: { directions: 2 } }),
        reps(5, { per: { directions: 2 } }),
        reps(10, { per: { directions: 2 } }),
      ),
      null,
    ),
  ),
});

export const kneeToWall: Exercise = exercise({
  id: 'knee-to-wall',
  name: say('Knee to the wall', 'Weight-bearing ankle dorsiflexion'),
  family: 'mobility',
  purpose: 'Bends the ankle under weight, with the heel staying down.',
  stage: 'active',
  directions: ['ankle-up'],
  faults: [
    { seen: 'heel lifts', from: 'outer side', say: 'Come closer; the heel stays.' },
    { seen: 'knee falls to the inside', from: 'front', say: 'Knee over the second toe.' },
  ],
  cautions: [
    { concern: 'sore-achilles', action: 'go-gently', words: 'A small, slow range; stop if the tendon speaks.' },
    { concern: 'recent-injury', action: 'ask-clinician', words: 'After a sprain ask first.' },
  ],
  cues: {
    setup: say('Face the wall, one foot a hand’s width away, hands on the wall.'),
    action: say('Bend the knee to touch the wall, heel heavy. Come back.'),
    breath: null,
    picture: say('The shin is a drawbridge; the heel is its hinge.'),
    correction: say('Heel first, distance second.'),
  },
  foundBy: ['ankle', 'bend', 'wall', 'plié', 'squat', 'stiff ankle', 'dorsiflexion'],
  performance: performance({
    facing: 'support',
    sidePattern: 'each',
    kit: [kit('wall', 'room', { stick: 'a stick held upright shows the line, but does not hold you' })],
    phases: [
      phase('knee to the wall', 2, foot(standing, { knee: 'bent', ankle: 'up', weightLine: 'second-toe' }), {
        other: stands,
        undo: 'back',
      }),
      phase('back', 1, standing, { other: stands, undo: 'knee to the wall' }),
    ],
    regions: { 'deep-calf': 1 },
    balance: { working: 0, standing: 0 },
  }),
  doses: range(reps(10), reps(15), reps(30), 'usual practice'),
  ladder: ladder(
    'near',
    rung(
      'seated',
      'seated, knee pushed forward over the toes',
      { base: 'seated', lever: 'foot under the knee' },
      range(reps(8), reps(12), reps(20)),
      saw('The heel stays down, both feet.'),
      {
        change: {
          position: 'chair-seated',
          facing: 'any',
          kit: [kit('chair', 'person', { mat: 'half kneeling on a mat' })],
          phases: [
            phase('knee forward', 2, foot(seatedFlat, { ankle: 'up' }), {
              other: restsFlat,
              undo: 'back',
              effort: true,
            }),
            phase('back', 1, seatedFlat, { other: restsFlat, undo: 'knee forward', effort: false }),
          ],
        },
      },
    ),
    rung(
      'near',
      'toes a hand’s width from the wall',
      { base: 'split', lever: 'a hand’s width' },
      range(reps(10), reps(15), reps(30), 'usual practice'),
      cleanReps(15, '15 with the heel down, both feet, on two days.'),
      { why: 'Standing up and choosing the distance belong together.' },
    ),
    rung(
      'far',
      'toes as far away as the heel allows',
      { base: 'split', lever: 'own greatest distance' },
      range(reps(10), reps(15), reps(30)),
      checked('knee-to-wall', 'The distance is noted, heel down, both feet.'),
    ),
  ),
});

const wave = foot(hanging, { contacts: { heel: ['rest', 'floor'] }, toes: 'long', knee: 'soft' });
/** The other foot, its heel on the mat. */
const waits: FootState = foot(wave, { role: 'rests', toes: 'relaxed' });
const toesUp = { bigToe: ['lift', 'air'], smallToes: ['lift', 'air'] } as const;

export const toeWave: Exercise = exercise({
  id: 'toe-wave',
  name: say('Wave through the foot', 'Sequenced toe and ankle flexion and extension'),
  family: 'mobility',
  purpose: 'Toes and ankle one after the other, as in a soft landing and a long point.',
  stage: 'active',
  directions: ['toes-curl', 'toes-lift', 'ankle-down', 'ankle-up'],
  faults: [
    { seen: 'toes and ankle move at once', from: 'inner side', say: 'Say the four parts aloud.' },
    { seen: 'the heel slides', from: 'inner side', say: 'The heel is nailed to the mat.' },
  ],
  cautions: [{ concern: 'cramp', action: 'go-gently', words: 'Cramp in the sole: ease, shake, go on smaller.' }],
  cues: {
    setup: say('Sit on the mat, legs long, heels down, one foot at a time.'),
    action: say('Toes down, foot down, toes up, foot up.'),
    breath: null,
    picture: say('A wave runs up the beach and draws back.'),
    correction: say('One part at a time.'),
  },
  foundBy: ['wave', 'point', 'flex', 'articulate', 'roll through'],
  performance: performance({
    position: 'floor-seated',
    sidePattern: 'each',
    kit: [kit('mat', 'person', { cushion: 'a cushion under the calf frees the heel' })],
    floor: 'padded',
    phases: [
      phase('toes down', 1, foot(wave, { toes: 'curled', ankle: 'up' }), {
        other: waits,
        picture: 'ankle-side',
        undo: 'toes up',
      }),
      phase('foot down', 1, foot(wave, { toes: 'curled', ankle: 'down' }), {
        other: waits,
        picture: 'ankle-side',
        undo: 'foot up',
      }),
      phase('toes up', 1, foot(wave, { contacts: toesUp, ankle: 'down' }), {
        other: waits,
        picture: 'ankle-side',
        undo: 'toes down',
      }),
      phase('foot up', 1, foot(wave, { contacts: toesUp, ankle: 'up' }), {
        other: waits,
        picture: 'ankle-side',
        undo: 'foot down',
      }),
    ],
    regions: { 'toe-flexors': 1, 'toe-extensors': 1, shin: 1, calf: 1 },
  }),
  doses: range(reps(5), reps(8), reps(12)),
});

/** The wave undone backwards: its phases are derived, never written a second time. */
function undone(of: Exercise): Exercise {
  const phases = reversePhases(of.performance.phases);
  if (!phases) throw new Error(`${of.id} cannot be undone backwards`);
  return {
    ...of,
    id: 'toe-wave-back',
    name: say('Wave back through the foot', 'Reversed toe and ankle sequence'),
    purpose: 'The wave undone: foot first, toes after, which is how a foot comes back from a landing.',
    cues: cues(
      'Sit on the mat, legs long, heels down, one foot at a time.',
      'Foot down, toes down, foot up, toes up.',
      'The beach gives the wave back.',
      'Say the four parts aloud.',
    ),
    foundBy: ['wave', 'reverse', 'backwards', 'articulate', 'flex'],
    performance: { ...of.performance, phases },
  };
}
export const toeWaveBack = undone(toeWave);

function calfStretch(knee: 'straight' | 'bent'): Exercise {
  const straight = knee === 'straight';
  return exercise({
    id: `calf-stretch-${knee}-knee`,
    name: straight
      ? say('Calf stretch, straight knee', 'Gastrocnemius stretch')
      : say('Calf stretch, bent knee', 'Soleus stretch'),
    family: 'mobility',
    purpose: straight
      ? 'Lengthens the big calf muscle, which crosses the knee.'
      : 'Lengthens the deep calf below the knee.',
    stage: 'passive',
    directions: ['ankle-up'],
    faults: [
      { seen: 'toes of the back foot point outward', from: 'behind', say: 'Toes to the wall.' },
      { seen: 'heel lifts', from: 'outer side', say: 'A shorter step, a heavy heel.' },
    ],
    cautions: [
      { concern: 'sore-achilles', action: 'go-gently', words: 'Heel stays at floor level; no stretch over an edge.' },
    ],
    cues: {
      setup: say('Hands on the wall, one foot back, toes to the wall.'),
      action: straight
        ? say('Press the back heel down, knee straight, hips to the wall.')
        : say('Keep the heel down and bend the back knee towards the wall.'),
      breath: say('Breathe slowly; let it lengthen.'),
      picture: say('The heel sinks into wet sand.'),
      correction: say('Heel first, then lean.'),
    },
    foundBy: ['calf', 'stretch', 'wall', 'tight', 'achilles', 'heel'],
    schools: { knees: 'on-purpose' },
    performance: performance({
      facing: 'support',
      sidePattern: 'each',
      kit: [kit('wall', 'room', { chair: 'a chair back, pushed against the wall' })],
      phases: [
        phase('stretch', 30, foot(standing, { knee: straight ? 'locked' : 'bent', ankle: 'up' }), {
          other: stands,
          breath: 'free',
        }),
      ],
      regions: straight ? { calf: 2 } : { 'deep-calf': 2 },
    }),
    doses: range(holds(1, 15, 5), holds(2, 30, 5), holds(3, 30, 5), 'usual practice'),
  });
}
export const calfStretchStraight = calfStretch('straight');
export const calfStretchBent = calfStretch('bent');

export const toesTuckedSit: Exercise = exercise({
  id: 'seated-toes-tucked',
  name: say('Toes tucked under the chair', 'Seated toe extension stretch'),
  family: 'mobility',
  purpose: 'Stretches the sole and the toe joints with as little weight as wanted, from a chair.',
  stage: 'passive',
  directions: ['toes-lift'],
  faults: [
    { seen: 'heel leans to one side', from: 'behind', say: 'Heel above the second toe.' },
    { seen: 'toes folded unevenly', from: 'front', say: 'All five toes stand on their pads.' },
  ],
  cautions: [
    { concern: 'sore-big-toe-joint', action: 'leave-out', words: 'Leave it out when the big-toe joint is sore.' },
  ],
  cues: {
    setup: say('Sit forward. One foot under the chair, toes tucked, heel up.'),
    action: say('Let the heel move back over the toes until the sole feels long.'),
    breath: say('Out, and a little further.'),
    picture: say('A door that opens on its hinge, a crack at a time.'),
    correction: say('Less weight, straighter heel.'),
  },
  foundBy: ['toes', 'stretch', 'chair', 'sole', 'seated'],
  performance: performance({
    position: 'chair-seated',
    sidePattern: 'each',
    kit: [kit('chair', 'person', { wall: 'standing, the same shape with the hands on a wall and more weight' })],
    phases: [
      phase(
        'stretch',
        20,
        foot(seatedFlat, {
          contacts: {
            heel: ['lift', 'air'],
            innerBall: ['press', 'floor'],
            outerBall: ['press', 'floor'],
            bigToe: ['press', 'floor'],
            smallToes: ['press', 'floor'],
          },
          heelHeightCm: 8,
          ankle: 'neutral',
        }),
        {
          other: restsFlat,
        },
      ),
    ],
    regions: { 'plantar-tissue': 2, 'big-toe-joint': 1 },
  }),
  doses: range(holds(1, 10, 5), holds(2, 20, 5), holds(3, 30, 5), 'usual practice'),
});
