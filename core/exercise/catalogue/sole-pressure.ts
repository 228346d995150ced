import type { Exercise } from '../exercise';
import {
  breaths,
  care,
  cues,
  exercise,
  fault,
  foot,
  kit,
  ladder,
  passes,
  performance,
  phase,
  range,
  restsFlat,
  rung,
  saw,
  say,
  seatedFlat,
  standing,
  stands,
  stops,
} from './author';

const softBallInstead = {
  'soft-ball': 'gentler, and right for anyone who bruises easily or has little feeling in the feet',
} as const;
const ballCare = [
  care('blood-thinners', 'change-support', 'Soft ball only, light pressure; a bruise means too hard.'),
  care(
    'numb-or-diabetic-feet',
    'ask-clinician',
    'No firm ball. Ask a clinician first, and look at the skin before and after.',
  ),
];
const wall = kit('wall', 'room', { chair: 'a chair back steadies less than a wall' });
const firm = kit('firm-ball', 'person', softBallInstead);

const heelOnBall = foot(standing, {
  contacts: {
    heel: ['press', 'ball'],
    innerBall: ['rest', 'floor'],
    outerBall: ['rest', 'floor'],
  },
  toes: 'relaxed',
  heelHeightCm: 4,
  weightLine: 'even',
});
export const heelPressAndShift: Exercise = exercise({
  id: 'heel-press-and-shift',
  name: say('Heel on the ball, press and shift', 'Calcaneal pad pressure'),
  family: 'release',
  purpose: 'Covers the heel pad in small steps of about two centimetres.',
  stage: 'passive',
  directions: [],
  faults: [
    fault('all the weight drops on the ball at once', 'front', 'A third of your weight, then a little more.'),
    fault('only the middle is pressed', 'above', 'Rim as well: inner, back, outer.'),
  ],
  cautions: [
    ...ballCare,
    care('morning-heel-pain', 'go-gently', 'Light only, and never on a heel that hurts at rest.'),
  ],
  cues: cues(
    'Hand on the wall, ball under one heel, toes on the floor.',
    'Sink in for two seconds, ease, shift two centimetres.',
    'Stamping a row of postmarks, quite softly.',
    'Less weight, more places.',
    'Out as you sink, in as you ease.',
  ),
  foundBy: ['heel', 'ball', 'press', 'release', 'heel pad'],
  schools: { rolling: 'lean-and-shift' },
  performance: performance({
    facing: 'support',
    sidePattern: 'each',
    kit: [firm, wall],
    phases: [
      phase('sink in', 2, heelOnBall, {
        other: stands,
        breath: 'out',
        body: 'sinks',
        bodyWeightPercent: 30,
        shiftCm: 2,
      }),
    ],
    regions: { 'plantar-tissue': 2 },
    balance: { working: 0, standing: 1 },
  }),
  doses: range(stops(4, 2, 2), stops(6, 2, 2), stops(10, 2, 2)),
});

const archOnBall = foot(standing, {
  contacts: {
    heel: ['rest', 'floor'],
    innerBall: ['press', 'ball'],
    outerBall: ['press', 'ball'],
    bigToe: ['hang', 'air'],
    smallToes: ['hang', 'air'],
  },
  midfoot: 'let-down',
  toes: 'relaxed',
  weightLine: 'even',
});
export const archOnABall: Exercise = exercise({
  id: 'arch-on-a-ball',
  name: say('Arch laid over a ball', 'Sustained midfoot pressure'),
  family: 'release',
  purpose: 'Lets the whole middle of the foot drape over a softer ball and stay.',
  stage: 'passive',
  directions: ['toes-spread'],
  faults: [
    fault('toes grip the ball', 'above', 'Let them hang over the front like wet cloth.'),
    fault('weight is thrown on', 'front', 'Other leg carries; lend this one a third.'),
  ],
  cautions: ballCare,
  cues: cues(
    'Hand on the wall, ball under the middle of the foot.',
    'Let the foot drape over it. Each breath out, a little heavier.',
    'A saddle settles on a horse.',
    'Heavier, not harder.',
    'Long breath out.',
  ),
  foundBy: ['arch', 'ball', 'press', 'release', 'tired feet', 'cramp'],
  schools: { rolling: 'stops' },
  performance: performance({
    facing: 'support',
    sidePattern: 'each',
    kit: [
      kit('soft-ball', 'person', {
        roller: 'a small roller, sideways under the arch',
        cloth: 'a rolled towel is softest',
      }),
      wall,
    ],
    phases: [phase('drape', 5, archOnBall, { other: stands, breath: 'out', body: 'sinks', bodyWeightPercent: 35 })],
    regions: { 'plantar-tissue': 2 },
    balance: { working: 0, standing: 1 },
  }),
  doses: range(breaths(3, 5), breaths(6, 5), breaths(10, 5)),
});

const seatedOnBall = foot(seatedFlat, {
  contacts: {
    heel: ['rest', 'floor'],
    innerBall: ['rest', 'ball'],
    outerBall: ['rest', 'ball'],
    bigToe: ['hang', 'air'],
    smallToes: ['hang', 'air'],
  },
  toes: 'relaxed',
  weightLine: 'none',
});
export const ballUnderTheDesk: Exercise = exercise({
  id: 'ball-under-the-desk',
  name: say('Roll a ball while seated', 'Seated plantar rolling'),
  family: 'release',
  purpose: 'The same slow roll without body weight: at a desk, on a ferry, or for anyone who cannot stand.',
  stage: 'passive',
  directions: ['toes-spread'],
  faults: [
    fault('quick and absent-minded', 'front', 'One slow pass is worth ten fast ones.'),
    fault('the ball runs away', 'front', 'Lighter at the ends, and lift to start again.'),
  ],
  cautions: ballCare,
  cues: cues(
    'Sit, shoe off, ball under the front of one foot.',
    'Draw it slowly to the heel, lift, and begin again in a new lane.',
    'Ironing a ribbon.',
    'Slower.',
  ),
  foundBy: ['desk', 'seated', 'roll', 'ball', 'office', 'travel', 'release'],
  schools: { rolling: 'sweeps' },
  performance: performance({
    position: 'chair-seated',
    sidePattern: 'each',
    kit: [
      kit('soft-ball', 'person', { 'firm-ball': 'presses more', roller: 'rolls straight and stays put' }),
      kit('chair', 'person', { mat: 'on the floor with the knee bent' }),
    ],
    phases: [
      phase('sweep to the heel', 6, seatedOnBall, { other: restsFlat, picture: 'ankle-side', bodyWeightPercent: 5 }),
    ],
    regions: { 'plantar-tissue': 1 },
  }),
  doses: range(passes(5, 6), passes(8, 6), passes(15, 6)),
  ladder: ladder(
    'seated',
    rung(
      'hand-rolls',
      'foot up on the knee, the hand rolls the ball',
      { 'hand-help': 'hand rolls', base: 'seated' },
      range(passes(5, 6), passes(8, 6), passes(10, 6)),
      saw('Comfortable over the whole sole, both feet.'),
      {
        change: {
          phases: [
            phase('sweep to the heel', 6, foot(seatedOnBall, { contacts: { heel: ['hang', 'air'] } }), {
              other: restsFlat,
              picture: 'ankle-side',
            }),
          ],
        },
      },
    ),
    rung(
      'seated',
      'seated, the foot rolls it on the floor',
      { 'hand-help': 'none', base: 'seated' },
      range(passes(5, 6), passes(8, 6), passes(15, 6)),
      saw('Whole sole, slowly, nothing worse than three of ten, both feet.'),
    ),
    rung(
      'standing',
      'standing, hand on the wall, a third of the weight',
      { 'hand-help': 'none', base: 'one foot lends weight' },
      range(passes(5, 6), passes(8, 6), passes(10, 6)),
      null,
      {
        change: {
          position: 'standing',
          facing: 'support',
          kit: [kit('soft-ball', 'person', { roller: 'rolls straight and stays put' }), wall],
          phases: [
            phase(
              'sweep to the heel',
              6,
              foot(standing, {
                contacts: {
                  heel: ['rest', 'floor'],
                  innerBall: ['press', 'ball'],
                  outerBall: ['press', 'ball'],
                  bigToe: ['hang', 'air'],
                  smallToes: ['hang', 'air'],
                },
                toes: 'relaxed',
                weightLine: 'even',
              }),
              { other: stands, bodyWeightPercent: 35 },
            ),
          ],
          regions: { 'plantar-tissue': 2 },
          balance: { working: 0, standing: 1 },
        },
      },
    ),
  ),
});

export const edgeTour: Exercise = exercise({
  id: 'edge-tour',
  name: say('Tour of the toe roots, edges and heel', 'Perimeter plantar pressure'),
  family: 'release',
  purpose:
    'Visits the places a straight roll misses: five toe roots, the inner edge, the arch and the rim of the heel.',
  stage: 'passive',
  directions: [],
  faults: [
    fault('the inner edge is left out', 'front', 'Turn the knee in a little to reach it.'),
    fault('rushing from place to place', 'front', 'Ten seconds where it is tender, nothing where it is not.'),
  ],
  cautions: ballCare,
  cues: cues(
    'Hand on the wall, ball under the root of the little toe.',
    'One toe root after the other, then inner edge, arch, rim of the heel. Stay where it is tender.',
    'A harbour inspector who looks into every boat.',
    'Find them, do not fight them.',
    'Breathe out into each place.',
  ),
  foundBy: ['toe roots', 'edge', 'heel', 'ball', 'tour', 'tender', 'release'],
  schools: { rolling: 'stops' },
  performance: performance({
    facing: 'support',
    sidePattern: 'each',
    kit: [firm, wall],
    setup: 'props',
    phases: [
      phase(
        'stay',
        10,
        foot(standing, {
          contacts: {
            heel: ['rest', 'floor'],
            innerBall: ['press', 'ball'],
            outerBall: ['rest', 'ball'],
            bigToe: ['hang', 'air'],
            smallToes: ['hang', 'air'],
          },
          toes: 'relaxed',
          edge: 'inner',
          weightLine: 'even',
        }),
        { other: stands, breath: 'out', bodyWeightPercent: 30 },
      ),
    ],
    regions: { 'plantar-tissue': 2 },
    balance: { working: 0, standing: 1 },
  }),
  doses: range(stops(4, 10, 3), stops(8, 10, 3), stops(8, 15, 3), 'usual practice'),
});
