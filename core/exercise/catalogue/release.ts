import type { Exercise } from '../exercise';
import {
  byFeel,
  exercise,
  foot,
  hanging,
  holds,
  kit,
  passes,
  performance,
  phase,
  range,
  restsFlat,
  say,
  seatedFlat,
  standing,
  stands,
  stops,
} from './author';

const softBallInstead = {
  'soft-ball': 'gentler, and right for anyone who bruises easily or has little feeling in the feet',
} as const;
const gentleCautions: Exercise['cautions'] = [
  {
    concern: 'blood-thinners',
    action: 'change-support',
    words: 'Soft ball only, light pressure; a bruise means too hard.',
  },
  {
    concern: 'numb-or-diabetic-feet',
    action: 'ask-clinician',
    words: 'No firm ball. Ask a clinician first, and look at the skin before and after.',
  },
];
const ballUnder = (part: 'innerBall' | 'heel') =>
  foot(standing, {
    contacts: {
      heel: part === 'heel' ? ['press', 'ball'] : ['rest', 'floor'],
      innerBall: part === 'innerBall' ? ['press', 'ball'] : ['rest', 'floor'],
      outerBall: ['rest', part === 'heel' ? 'floor' : 'ball'],
      bigToe: part === 'heel' ? ['rest', 'floor'] : ['hang', 'air'],
      smallToes: part === 'heel' ? ['rest', 'floor'] : ['hang', 'air'],
    },
    toes: 'relaxed',
    weightLine: 'even',
  });

export const ballAlongTheSole: Exercise = exercise({
  id: 'ball-along-the-sole',
  name: say('Ball along the sole', 'Plantar sweep with a firm ball'),
  family: 'release',
  purpose: 'Slow sweeps from the ball of the foot to the heel, until the toes fan.',
  stage: 'passive',
  directions: ['toes-spread'],
  faults: [
    { seen: 'one lane only', from: 'above', say: 'Middle, then inner edge, then outer edge.' },
    { seen: 'fast back and forth', from: 'outer side', say: 'As slow as honey; one way only.' },
    { seen: 'standing knee locked', from: 'outer side', say: 'Soft knee on the leg that holds you.' },
  ],
  cautions: gentleCautions,
  cues: {
    setup: say('Hand on the wall. Ball under the ball of one foot, about half your weight on it.'),
    action: say('Draw the ball slowly towards the heel. Lift, start again in front.'),
    breath: say('Breathe out as you sink in.'),
    picture: say('You are pressing the last toothpaste out of the tube.'),
    correction: say('Slower, and a new lane.'),
  },
  foundBy: ['roll', 'ball', 'massage', 'sole', 'tired feet', 'release'],
  schools: { rolling: 'sweeps' },
  performance: performance({
    facing: 'support',
    sidePattern: 'each',
    kit: [
      kit('firm-ball', 'person', softBallInstead),
      kit('wall', 'room', { chair: 'a chair back steadies less than a wall' }),
    ],
    floor: 'smooth-hard',
    phases: [
      phase('ball under the front', 1, ballUnder('innerBall'), { other: stands, breath: 'in', bodyWeightPercent: 40 }),
      phase('sweep to the heel', 5, ballUnder('heel'), { other: stands, breath: 'out', bodyWeightPercent: 45 }),
    ],
    regions: { 'plantar-tissue': 2, 'toe-flexors': 1 },
    balance: { working: 0, standing: 1 },
  }),
  doses: range(passes(5, 6), passes(8, 6), passes(10, 6), 'usual practice'),
});

export const soreSpotWait: Exercise = exercise({
  id: 'sore-spot-wait',
  name: say('Wait on a tender spot', 'Sustained plantar pressure'),
  family: 'release',
  purpose: 'Stays on a tender place of the sole until it softens, then finds the next.',
  stage: 'passive',
  directions: [],
  faults: [
    { seen: 'leaving before it eases', from: 'front', say: 'Stay. Three breaths more.' },
    { seen: 'face and shoulders tighten', from: 'front', say: 'Take weight off until your face lets go.' },
  ],
  cautions: gentleCautions,
  cues: {
    setup: say('Hand on the wall, ball under the foot, weight on the other leg.'),
    action: say('Find a tender place. Stop there, and wait until it softens.'),
    breath: say('Long breath out, into the spot.'),
    picture: say('Butter on warm bread: you do not push, you wait.'),
    correction: say('Up to three out of ten, never more.'),
  },
  foundBy: ['sore', 'tender', 'trigger', 'ball', 'pressure', 'release'],
  schools: { rolling: 'stops', tightSpot: 'wait' },
  performance: performance({
    facing: 'support',
    sidePattern: 'each',
    kit: [
      kit('firm-ball', 'person', softBallInstead),
      kit('wall', 'room', { chair: 'a chair back steadies less than a wall' }),
    ],
    phases: [phase('wait', 10, ballUnder('innerBall'), { other: stands, breath: 'out', bodyWeightPercent: 30 })],
    regions: { 'plantar-tissue': 2 },
    balance: { working: 0, standing: 1 },
  }),
  doses: range(stops(2, 10, 3), stops(3, 10, 3), stops(6, 10, 3), 'usual practice'),
});

export const leanAndShift: Exercise = exercise({
  id: 'lean-and-shift',
  name: say('Lean and shift under the ball of the foot', 'Metatarsal pad pressure with lean'),
  family: 'release',
  purpose: 'Short leans over a ball under the front of the foot, moving half a centimetre each time.',
  stage: 'passive',
  directions: ['ankle-up'],
  faults: [
    { seen: 'heel comes off the floor', from: 'outer side', say: 'Heel down first, then lean.' },
    { seen: 'the lean comes from the back', from: 'outer side', say: 'Let the hips go forward.' },
  ],
  cautions: gentleCautions,
  cues: {
    setup: say('Ball under the ball of the foot, heel on the floor, hand on the wall.'),
    action: say('Lean in for two seconds, ease off, shift half a centimetre, lean again.'),
    breath: say('Out as you lean, in as you ease.'),
    picture: say('You are pressing seeds into a flower box, one after another.'),
    correction: say('Stay below pain; less hip.'),
  },
  foundBy: ['ball', 'front of foot', 'press', 'calf', 'release'],
  schools: { rolling: 'lean-and-shift' },
  performance: performance({
    facing: 'support',
    sidePattern: 'each',
    kit: [
      kit('firm-ball', 'person', softBallInstead),
      kit('wall', 'room', { chair: 'a chair back steadies less than a wall' }),
    ],
    phases: [
      phase('lean', 2, ballUnder('innerBall'), { other: stands, breath: 'out', shiftCm: 0.5, bodyWeightPercent: 40 }),
    ],
    regions: { 'plantar-tissue': 2, calf: 1 },
    balance: { working: 0, standing: 1 },
  }),
  doses: range(stops(5, 2, 2), stops(10, 2, 2), stops(15, 2, 2)),
});

export const lacedSqueeze: Exercise = exercise({
  id: 'laced-fingers-squeeze',
  name: say('Fingers laced between the toes', 'Interdigital spread with squeeze and release'),
  family: 'release',
  purpose: 'Widens the front of the foot by hand and wakes the small muscles between the bones.',
  stage: 'active',
  directions: ['toes-spread', 'toes-narrow'],
  faults: [
    {
      seen: 'fingers forced to the root at once',
      from: 'above',
      say: 'Fingertips first; go deeper only when it is easy.',
    },
    { seen: 'the ankle is bent to one side', from: 'front', say: 'Keep the foot in line with the shin.' },
  ],
  cautions: [
    {
      concern: 'broken-skin',
      action: 'leave-out',
      words: 'Skin can split between the toes. Leave it out where it is cracked or sore.',
    },
  ],
  cues: {
    setup: say('One ankle over the other knee, fingers between the toes from below.'),
    action: say('Squeeze the fingers with the toes, then let everything go wide.'),
    breath: null,
    picture: say('Shaking hands with your foot.'),
    correction: say('Softer hands.'),
  },
  foundBy: ['fingers', 'spread', 'toes', 'hand', 'bunion', 'widen'],
  performance: performance({
    position: 'chair-seated',
    sidePattern: 'each',
    kit: [kit('chair', 'person', { mat: 'on the floor, legs long or crossed' })],
    phases: [
      phase(
        'squeeze',
        5,
        foot(hanging, { contacts: { bigToe: ['press', 'hand'], smallToes: ['press', 'hand'] }, toes: 'long' }),
        {
          other: restsFlat,
          picture: 'ankle-front',
          undo: 'let go wide',
        },
      ),
      phase(
        'let go wide',
        5,
        foot(hanging, { contacts: { bigToe: ['rest', 'hand'], smallToes: ['rest', 'hand'] }, toes: 'spread' }),
        {
          other: restsFlat,
          picture: 'ankle-front',
          undo: 'squeeze',
        },
      ),
    ],
    regions: { 'arch-intrinsics': 1 },
  }),
  doses: range(byFeel(20, 30, 45), byFeel(30, 60, 90), byFeel(45, 90, 120)),
});

export const looseAnkleShake: Exercise = exercise({
  id: 'loose-ankle-shake',
  name: say('Loose ankle shake', 'Passive ankle oscillation'),
  family: 'close',
  purpose: 'Lets the foot hang and shake, so that calf and shin give up holding.',
  stage: 'passive',
  directions: [],
  faults: [
    { seen: 'the foot is held stiff', from: 'front', say: 'The foot is a wet cloth on a line.' },
    { seen: 'the knee is pumping', from: 'outer side', say: 'Shake from the hands, not from the hip.' },
  ],
  cautions: [
    { concern: 'recent-injury', action: 'leave-out', words: 'Not on an ankle that was hurt lately; ask a clinician.' },
  ],
  cues: {
    setup: say('Seated, both hands round one shin, foot hanging.'),
    action: say('Shake the shin and let the foot flop.'),
    breath: say('Sigh out.'),
    picture: say('A flag at low wind.'),
    correction: say('Heavier toes.'),
  },
  foundBy: ['shake', 'loose', 'relax', 'ease', 'cramp'],
  performance: performance({
    position: 'floor-seated',
    sidePattern: 'each',
    phases: [phase('shake', 15, hanging, { other: restsFlat, picture: 'ankle-side' })],
  }),
  doses: range(holds(1, 10, 0), holds(1, 15, 0), holds(1, 30, 0)),
});

/** A rest for both feet between two arch exercises. */
export const soleRestOnFloor: Exercise = exercise({
  id: 'let-the-feet-lie',
  name: say('Let the feet lie', 'Passive rest, soles supported'),
  family: 'close',
  purpose: 'A short rest with nothing to do, after cramp or before the last walk.',
  stage: 'passive',
  directions: [],
  faults: [
    { seen: 'toes still busy', from: 'above', say: 'Toes are done for today.' },
    { seen: 'shoulders lifted', from: 'front', say: 'Let the chair have your weight.' },
  ],
  cautions: [
    {
      concern: 'cramp',
      action: 'go-gently',
      words: 'Cramp in arch work is expected: ease, shake, go on when it has gone.',
    },
  ],
  cues: {
    setup: say('Seated, both feet flat.'),
    action: say('Let both soles lie on the floor like warm sand.'),
    breath: say('Breathe as it comes.'),
    picture: say('Two boats at low tide.'),
    correction: say('Nothing to hold.'),
  },
  foundBy: ['rest', 'pause', 'cramp', 'ease'],
  performance: performance({
    position: 'chair-seated',
    phases: [phase('rest', 30, seatedFlat)],
    kit: [kit('chair', 'person', { mat: 'lying down is as good' })],
  }),
  doses: range(holds(1, 15, 0), holds(1, 30, 0), holds(1, 60, 0)),
});
