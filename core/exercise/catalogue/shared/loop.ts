import type { FootState } from '../../foot-state';
import type { Exercise, Performance } from '../../exercise';
import {
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
} from '../author';

const loop = kit('long-loop', 'person', { band: 'a flat band held in both hands: the arms tire before the foot' });

const raised = foot(hanging, { toes: 'long', knee: 'bent' });

export const resting: FootState = foot(hanging, { role: 'rests', contacts: { heel: ['rest', 'floor'] }, knee: 'bent' });

export const seat = {
  position: 'floor-seated',
  sidePattern: 'each',
  kit: [loop],
  setup: 'fiddly',
} as const;

/** @param bare what works on the level without a loop, where nothing is pushed against */
export const heights = (
  change: (propped: boolean) => object,
  doses: Exercise['doses'],
  bare: Performance['regions'],
): Exercise['ladder'] =>
  ladder(
    'propped',
    rung(
      'no-loop',
      'no loop, foot propped',
      { resistance: 'none', lever: 'propped' },
      range(reps(8), reps(10), reps(15)),
      saw('The foot moves and the shin stays still, both feet.'),
      { change: { ...change(true), kit: [], band: null, setup: 'plain', regions: bare } },
    ),
    rung(
      'propped',
      'light loop, foot propped on the other leg',
      { resistance: 'light loop', lever: 'propped' },
      doses,
      cleanReps(15, '15 with a slow return on both feet.'),
      { change: change(true) },
    ),
    rung(
      'raised',
      'light loop, foot held up',
      { resistance: 'light loop', lever: 'held up' },
      doses,
      cleanReps(15, '15 with a still shin on both feet.'),
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

export function turn(way: 'in' | 'out'): Exercise {
  const inward = way === 'in';
  const ball = inward ? 'innerBall' : 'outerBall';
  const phases = (propped: boolean, banded = true) => {
    const from = propped ? foot(raised, { contacts: { heel: ['rest', 'leg'] } }) : raised;
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
    inward ? { 'inner-ankle': 1 } : { 'outer-ankle': 1 },
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
      fault('it snaps home', 'front', 'Slowly on the way back.'),
    ],
    cues: cues(
      inward
        ? 'Seated, foot propped on the other leg, loop round waist and arch. Hold its strand on the outer side.'
        : 'Seated, foot propped on the other leg, loop round waist and arch. Hold its strand on the inner side.',
      inward
        ? ['Turn the sole to the middle against the pull. Slow return.', 'Invert against the pull. Slow return.']
        : ['Turn the sole away from the middle against the pull. Slow return.', 'Evert against the pull. Slow return.'],
      inward ? 'A stiff tap turned on, a little at a time.' : 'A door pushed open against a draught.',
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

/** What the heel meets: the other leg it is propped on, the floor, or nothing. */
type HeelOn = 'leg' | 'floor' | 'air';

export const atBall = (ankle: 'up' | 'down', press: boolean, knee: 'soft' | 'bent', heel: HeelOn) =>
  foot(raised, {
    contacts: {
      innerBall: [press ? 'press' : 'rest', 'band'],
      outerBall: [press ? 'press' : 'rest', 'band'],
      ...(heel === 'air' ? {} : { heel: ['rest', heel] as const }),
    },
    ankle,
    knee,
  });

interface Way {
  readonly back: string;
  readonly seconds: readonly [down: number, back: number];
}
const slowly: Way = { back: 'come up slowly', seconds: [2, 3] };
/** With the knee bent and the heel close the way is short: small and even, about 2 s there and back. */
export const shortWay: Way = { back: 'come up', seconds: [1, 1] };

/** @param back what the way back is called, and how many seconds the two ways take */
export const upDown = (knee: 'soft' | 'bent', heel: HeelOn, { back, seconds }: Way = slowly) => [
  phase('push down', seconds[0], atBall('down', true, knee, heel), {
    other: resting,
    picture: 'ankle-side',
    undo: back,
    effort: true,
  }),
  phase(back, seconds[1], atBall('up', false, knee, heel), {
    other: resting,
    picture: 'ankle-side',
    undo: 'push down',
    effort: false,
  }),
];

export const bareUpDown = (knee: 'soft' | 'bent', heel: 'leg' | 'floor', { back, seconds }: Way = slowly) => [
  phase('push down', seconds[0], foot(raised, { contacts: { heel: ['rest', heel] }, ankle: 'down', knee }), {
    other: resting,
    picture: 'ankle-side',
    undo: back,
    effort: true,
  }),
  phase(back, seconds[1], foot(raised, { contacts: { heel: ['rest', heel] }, ankle: 'up', knee }), {
    other: resting,
    picture: 'ankle-side',
    undo: 'push down',
    effort: false,
  }),
];
