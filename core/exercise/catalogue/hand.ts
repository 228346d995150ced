import type { Exercise } from '../exercise';
import {
  byFeel,
  care,
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
  timed,
} from './author';

/** The foot lies over the other knee; a hand is on the toes. */
const inHand = foot(hanging, { contacts: { bigToe: ['rest', 'hand'], smallToes: ['rest', 'hand'] }, toes: 'relaxed' });
const ballInHand = foot(hanging, {
  contacts: { innerBall: ['rest', 'hand'], outerBall: ['rest', 'hand'] },
  toes: 'relaxed',
});
const held = { other: restsFlat, picture: 'ankle-front' } as const;
const chair = kit('chair', 'person', { mat: 'on the floor, ankle over the other thigh or shin' });
const skin = care(
  'broken-skin',
  'leave-out',
  'Leave it out where the skin between the toes is cracked or sore; it can split.',
);
const feeling = care(
  'numb-or-diabetic-feet',
  'ask-clinician',
  'Ask a clinician first; look at the skin before and after.',
);

export const fingersBetweenToes: Exercise = exercise({
  id: 'fingers-between-toes',
  name: say('Fingers between the toes', 'Passive toe abduction hold'),
  family: 'release',
  purpose: 'Rests in the width that shoes take away, a minute or more at a time.',
  stage: 'passive',
  directions: ['toes-spread'],
  faults: [
    fault('fingers pushed to the roots at once', 'above', 'Fingertips first; deeper when it is easy.'),
    fault('the foot is pulled to one side', 'front', 'Keep it in line with the shin.'),
  ],
  cautions: [
    skin,
    care(
      'numb-or-diabetic-feet',
      'ask-clinician',
      'Ask a clinician first; no spacers. Look at the skin before and after.',
    ),
  ],
  cues: cues(
    'One ankle over the other knee, a finger in each gap.',
    'Leave them there and let the foot get used to the room.',
    'Warm hands in a cold glove; it gives slowly.',
    'Less deep, and wait.',
    'Breathe as it comes.',
  ),
  foundBy: ['fingers', 'spread', 'toes', 'bunion', 'wide', 'evening'],
  performance: performance({
    position: 'chair-seated',
    sidePattern: 'each',
    kit: [chair],
    phases: [phase('hold', 60, foot(inHand, { toes: 'spread' }), held)],
    regions: { 'arch-intrinsics': 1 },
  }),
  doses: range(holds(1, 30, 0), holds(1, 60, 0), holds(1, 120, 0), 'usual practice'),
  ladder: ladder(
    'fingers',
    rung(
      'fingers',
      'your own fingers',
      { 'hand-help': 'fingers' },
      range(holds(1, 30, 0), holds(1, 60, 0), holds(1, 120, 0), 'usual practice'),
      saw('A minute without tenderness, both feet.', 2),
    ),
    rung(
      'spacers',
      'toe spacers, hands free',
      { 'hand-help': 'spacers' },
      range(holds(1, 60, 0), holds(1, 120, 0), holds(1, 300, 0)),
      saw('Five minutes comfortable, both feet.', 2),
      {
        change: {
          kit: [chair, kit('toe-spacers', 'person', { cloth: 'a strip of cloth woven between the toes' })],
          phases: [phase('hold', 60, foot(hanging, { toes: 'spread' }), held)],
        },
      },
    ),
    rung(
      'own-strength',
      'the toes hold the width alone',
      { 'hand-help': 'none' },
      range(holds(1, 5, 5), holds(3, 10, 5), holds(5, 10, 5)),
      null,
      {
        change: {
          phases: [phase('hold', 10, foot(hanging, { toes: 'spread' }), held)],
          regions: { 'arch-intrinsics': 2 },
        },
      },
    ),
  ),
});

export const toesDrawnApart: Exercise = exercise({
  id: 'toes-drawn-apart',
  name: say('Neighbouring toes drawn apart', 'Passive web-space mobilisation'),
  family: 'mobility',
  purpose: 'Opens each gap between two toes by hand, one after the other.',
  stage: 'passive',
  directions: ['toes-spread'],
  faults: [
    fault('pulled until the skin is white', 'above', 'Half of that; skin can split.'),
    fault('a gap is forgotten', 'above', 'Four gaps on each foot; count them aloud.'),
  ],
  cautions: [skin, feeling],
  cues: cues(
    'One ankle over the other knee. Take two neighbouring toes near their roots.',
    'Draw them apart, wait, let go. Next gap.',
    'Opening a book at its middle without breaking the spine.',
    'Slower and less.',
  ),
  foundBy: ['toes', 'gap', 'apart', 'hand', 'between'],
  performance: performance({
    position: 'chair-seated',
    sidePattern: 'each',
    kit: [chair],
    phases: [phase('draw apart', 5, foot(inHand, { toes: 'spread' }), held)],
    regions: { 'arch-intrinsics': 1 },
  }),
  doses: range(
    holds(1, 3, 2, { per: { gaps: 4 } }),
    holds(1, 5, 2, { per: { gaps: 4 } }),
    holds(2, 5, 2, { per: { gaps: 4 } }),
  ),
});

export const toesCurledByHand: Exercise = exercise({
  id: 'toes-curled-by-hand',
  name: say('Toes curled by hand', 'Passive toe flexion'),
  family: 'mobility',
  purpose: 'Bends the toe knuckles the way they rarely go, and lengthens the top of the foot.',
  stage: 'passive',
  directions: ['toes-curl'],
  faults: [
    fault('only the tips bend', 'inner side', 'Hold over the knuckles; roll all three joints.'),
    fault('the ankle is dragged down', 'inner side', 'One hand keeps the ankle still.'),
  ],
  cautions: [care('sore-big-toe-joint', 'go-gently', 'Leave the big toe out if its joint is sore.')],
  cues: cues(
    'One ankle over the other knee, a hand over the tops of the toes.',
    'Roll the toes down and under, wait, and let them out.',
    'Rolling a rug from its end.',
    'Softer grip, whole hand.',
  ),
  foundBy: ['toes', 'curl', 'hand', 'knuckles', 'top of foot', 'hammer toe'],
  performance: performance({
    position: 'floor-seated',
    sidePattern: 'each',
    kit: [kit('mat', 'person', { chair: 'on a chair, ankle over the knee' })],
    floor: 'padded',
    phases: [phase('curl', 5, foot(inHand, { toes: 'curled' }), held), phase('let out', 3, inHand, held)],
    regions: { 'toe-extensors': 1 },
  }),
  doses: range(reps(2), reps(4), reps(8)),
});

export const forefootShear: Exercise = exercise({
  id: 'forefoot-shear',
  name: say('Bones of the ball moved up and down', 'Metatarsal shear mobilisation'),
  family: 'mobility',
  purpose: 'Moves neighbouring bones of the ball of the foot against each other, thumbs above and fingers below.',
  stage: 'passive',
  directions: [],
  faults: [
    fault('the foot holds itself stiff', 'front', 'Let it go; the hands do this.'),
    fault('squeezing from the sides', 'front', 'Up and down, not together.'),
  ],
  cautions: [feeling, care('recent-injury', 'ask-clinician', 'After a fracture or operation ask first.')],
  cues: cues(
    'Foot tucked close. Thumbs on top, fingers under two neighbouring bones.',
    'One bone up, its neighbour down, and change. Move to the next pair.',
    'Two piano keys, in turn.',
    'Quieter foot, slower hands.',
  ),
  foundBy: ['ball of foot', 'bones', 'hand', 'stiff', 'metatarsal', 'massage'],
  performance: performance({
    position: 'floor-seated',
    sidePattern: 'each',
    kit: [kit('mat', 'person', { chair: 'ankle over the knee, or the foot on a second chair' })],
    floor: 'padded',
    setup: 'props',
    phases: [phase('one up, one down', 2, ballInHand, held), phase('change', 2, ballInHand, held)],
    regions: { 'arch-intrinsics': 1 },
  }),
  doses: range(reps(2, { per: { gaps: 4 } }), reps(4, { per: { gaps: 4 } }), reps(6, { per: { gaps: 4 } })),
});

export const spacerWear: Exercise = exercise({
  id: 'toe-spacer-wear',
  name: say('Wear toe spacers', 'Sustained passive toe abduction'),
  family: 'release',
  purpose: 'Keeps the toes apart while something else is done, mostly at home in the evening.',
  stage: 'passive',
  directions: ['toes-spread'],
  faults: [
    fault('toes turn pale or tingle', 'above', 'Take them out. Shorter next time.'),
    fault('worn through soreness', 'above', 'Out at the first complaint.'),
  ],
  cautions: [care('numb-or-diabetic-feet', 'leave-out', 'No spacers on feet with little feeling.'), skin],
  cues: cues(
    'Clean dry feet. One soft spacer in each gap.',
    'Sit, read, or stand about. Take them out before they bother you.',
    'A hairband left in until the shape stays.',
    'A few minutes are enough to begin.',
  ),
  foundBy: ['spacer', 'separators', 'toes', 'home', 'bunion', 'evening'],
  performance: performance({
    position: 'chair-seated',
    kit: [kit('toe-spacers', 'person', { cloth: 'a strip of cloth woven between the toes' })],
    floorsRuledOut: [],
    phases: [phase('wear', 120, foot(seatedFlat, { toes: 'spread' }))],
    regions: {},
  }),
  doses: range(timed(60), timed(300), timed(1800), 'usual practice'),
  ladder: ladder(
    'short',
    rung(
      'short',
      'a few minutes, seated',
      { weeks: 'first week', base: 'seated' },
      range(timed(60), timed(300), timed(600)),
      saw('Comfortable for five minutes on both feet.'),
    ),
    rung(
      'evening',
      'up to half an hour, seated',
      { weeks: 'from the second week', base: 'seated' },
      range(timed(300), timed(900), timed(1800), 'usual practice'),
      saw('Half an hour without soreness next day, both feet.', 2),
    ),
    rung(
      'moving',
      'worn during toe and balance work',
      { weeks: 'from the second week', base: 'hip width' },
      range(timed(60), timed(300), timed(600)),
      null,
      {
        change: {
          position: 'standing',
          phases: [phase('stand', 120, foot(standing, { toes: 'spread' }))],
          footwear: 'bare',
        },
      },
    ),
  ),
});

export const steeredToe: Exercise = exercise({
  id: 'steered-big-toe',
  name: say('Big toe lifted on a straight line', 'Hallux extension with manual alignment'),
  family: 'toes',
  purpose: 'Trains the lift while a hand, later a light loop, keeps the big toe on its line.',
  stage: 'active',
  directions: ['toes-lift'],
  faults: [
    fault('the toe slides towards the others', 'above', 'The hand holds the line; the toe does the lifting.'),
    fault('the hand does the lifting', 'above', 'Steer sideways only.'),
  ],
  cautions: [
    care('bunion-pain', 'go-gently', 'Pain at the bump ends it for today.'),
    care('sore-big-toe-joint', 'go-gently', 'A small, painless lift.'),
    care('numb-or-diabetic-feet', 'hold-at-rung', 'By hand only; nothing round the toe.'),
  ],
  cues: cues(
    'Sit, one foot flat. A finger beside the big toe, towards its neighbour.',
    'Lift along the line of the finger, lower along it.',
    'A bead on a wire.',
    'Less height; stay on the wire.',
  ),
  foundBy: ['bunion', 'big toe', 'straight', 'align', 'hand', 'band'],
  performance: performance({
    position: 'chair-seated',
    sidePattern: 'each',
    kit: [chair],
    setup: 'props',
    phases: [
      phase(
        'lift on the line',
        2,
        foot(seatedFlat, {
          contacts: { bigToe: ['lift', 'hand'], smallToes: ['press', 'floor'], innerBall: ['press', 'floor'] },
        }),
        { other: restsFlat, undo: 'lower on the line', effort: true },
      ),
      phase(
        'lower on the line',
        2,
        foot(seatedFlat, { contacts: { bigToe: ['rest', 'hand'], innerBall: ['press', 'floor'] } }),
        { other: restsFlat, undo: 'lift on the line', effort: false },
      ),
    ],
    regions: { 'toe-extensors': 2, 'arch-intrinsics': 1 },
  }),
  doses: range(reps(4), reps(8), reps(12)),
  ladder: ladder(
    'hand',
    rung(
      'hand',
      'a hand keeps the line',
      { 'hand-help': 'hand steers' },
      range(reps(4), reps(8), reps(12)),
      saw('The toe lifts straight under the hand, both feet.', 2),
    ),
    rung(
      'loop',
      'a light loop keeps the line',
      { 'hand-help': 'light loop steers' },
      range(reps(4), reps(8), reps(12)),
      cleanReps(8, '8 straight ones on both feet, on two days.'),
      {
        change: {
          kit: [chair, kit('band', 'person', { strap: 'a strap held by a partner steers as well' })],
          band: { placement: 'big-toe', border: 'inner', purpose: 'align' },
          setup: 'fiddly',
          phases: [
            phase(
              'lift on the line',
              2,
              foot(seatedFlat, {
                contacts: { bigToe: ['lift', 'band'], smallToes: ['press', 'floor'], innerBall: ['press', 'floor'] },
              }),
              { other: restsFlat, undo: 'lower on the line', effort: true },
            ),
            phase(
              'lower on the line',
              2,
              foot(seatedFlat, { contacts: { bigToe: ['rest', 'band'], innerBall: ['press', 'floor'] } }),
              { other: restsFlat, undo: 'lift on the line', effort: false },
            ),
          ],
        },
      },
    ),
    rung('free', 'nothing steers', { 'hand-help': 'none' }, range(reps(4), reps(8), reps(12)), null, {
      change: {
        phases: [
          phase(
            'lift on the line',
            2,
            foot(seatedFlat, {
              contacts: { bigToe: ['lift', 'air'], smallToes: ['press', 'floor'], innerBall: ['press', 'floor'] },
            }),
            { other: restsFlat, undo: 'lower on the line', effort: true },
          ),
          phase('lower on the line', 2, foot(seatedFlat, { contacts: { innerBall: ['press', 'floor'] } }), {
            other: restsFlat,
            undo: 'lift on the line',
            effort: false,
          }),
        ],
      },
    }),
  ),
});

export const soleToCalfStroke: Exercise = exercise({
  id: 'sole-to-calf-stroke',
  name: say('Stroke from sole to calf', 'Self-massage along flexor hallucis longus'),
  family: 'release',
  purpose: 'Follows the pointing muscle of the big toe by hand: sole, behind the inner ankle, inner calf.',
  stage: 'passive',
  directions: [],
  faults: [
    fault('one place is rubbed hard', 'front', 'Travel; come back to it later.'),
    fault('shoulders climb', 'front', 'Elbow on the knee, weight of the arm.'),
  ],
  cautions: [
    care('blood-thinners', 'go-gently', 'Stroke, do not press; a bruise means too hard.'),
    care('recent-injury', 'ask-clinician', 'Swelling, heat or pain at rest behind the ankle: leave it and ask.'),
  ],
  cues: cues(
    'One ankle over the other knee, thumbs on the sole behind the big toe.',
    'Long strokes: sole, behind the inner ankle bone, up the inner calf.',
    'Smoothing a sleeve from cuff to elbow.',
    'Press where it is tense, lighter over bone.',
    'Long breath out with each stroke.',
  ),
  foundBy: ['massage', 'calf', 'point', 'big toe', 'dancer', 'tendon', 'inner ankle'],
  performance: performance({
    position: 'floor-seated',
    sidePattern: 'each',
    kit: [kit('mat', 'person', { chair: 'ankle over the knee on a chair' })],
    floor: 'padded',
    phases: [phase('one stroke', 5, ballInHand, { ...held, breath: 'out' })],
    regions: { 'plantar-tissue': 1, 'toe-flexors': 1 },
  }),
  doses: range(byFeel(20, 30, 60), byFeel(30, 45, 90), byFeel(45, 60, 120)),
});
