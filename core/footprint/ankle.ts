import type { FootState } from '../exercise';
import { type Drawing, type Shape, type Turn, ellipse, path, rect } from './drawing';

interface Finger {
  readonly x: number;
  readonly y: number;
  readonly turn: number;
}
type HandAt = NonNullable<FootState['hands']>[number];
const finger = (x: number, y: number, turn: number): Finger => ({ x, y, turn });

/** Where fingers lie on a foot seen from its side, before the foot is tilted. */
const fromTheSide: Readonly<Record<HandAt, readonly Finger[]>> = {
  'big toe': [finger(100, 99, 35)],
  'small toes': [finger(94, 99, 20), finger(102, 101, 45)],
  'between the toes': [finger(94, 98, 15), finger(101, 99, 35)],
  'ball of the foot': [finger(72, 92, 10), finger(80, 95, 25)],
  sole: [finger(56, 112, 170), finger(66, 112, 180)],
  heel: [finger(26, 106, -100), finger(28, 98, -80)],
  ankle: [finger(40, 88, -60), finger(42, 96, -75)],
  shin: [],
};
/** Along the shin, toes towards the reader. */
const fromTheFront: Readonly<Record<HandAt, readonly Finger[]>> = {
  'big toe': [finger(44, 118, -150)],
  'small toes': [finger(62, 122, 175), finger(71, 121, 165), finger(79, 118, 155)],
  'between the toes': [finger(52, 126, -175), finger(60.5, 127, 180), finger(68.5, 126, 172), finger(76, 124, 165)],
  'ball of the foot': [finger(40, 106, -100), finger(82, 106, 100)],
  sole: [finger(50, 112, -120), finger(72, 112, 120)],
  heel: [finger(60, 92, -90)],
  ankle: [finger(46, 88, -90), finger(76, 88, 90)],
  shin: [],
};

/** Toes seen from the front: centre, half width, half length. Right foot, big toe on the left. */
const toesInFront = [
  { x: 44, rx: 8.4, ry: 10 },
  { x: 57, rx: 5.4, ry: 8.4 },
  { x: 66, rx: 4.8, ry: 7.8 },
  { x: 74, rx: 4.4, ry: 7 },
  { x: 81, rx: 4, ry: 6.2 },
] as const;

const box = { x: 0, y: 0, width: 120, height: 150 };

/**
 * An ankle where nothing bears weight, drawn as a right one: from the side, toes to the right; or along the shin, as
 * students see their own feet. A foot on the tops of its toes stands or lies as it does behind the body.
 */
export const ankleDrawing = (state: FootState, from: 'side' | 'front'): Drawing => ({
  box,
  shapes: from === 'side' ? seenFromTheSide(state) : seenFromTheFront(state),
});

function seenFromTheSide(state: FootState): Shape[] {
  /** On the tops of the toes, as behind somebody who stands: toes point back, the sole looks up. */
  const onTops = state.toes === 'on-tops';
  /** The whole top of the foot lies on the floor, shin along it. */
  const lies = onTops && state.contacts.heel.contact === 'hang';
  const heel = heelOn(state);
  const ground = [
    path('axis', onTops ? 'M8 120H112' : 'M20 126H108'),
    ...(heel ? [rect(`thing ${heel}`, { x: 20, y: 112, width: 26, height: 14 }, heel === 'leg' ? 7 : 2)] : []),
  ];
  if (lies)
    return [
      ...ground,
      path('leg', 'M6 103H54'),
      path('foot', 'M46 90C52 82 62 84 70 90C82 97 94 102 104 106C108 110 106 117 100 117H56C46 117 40 102 46 90Z'),
      path('foot toe', 'M98 106H110C116 108 116 117 110 117H98Z'),
    ];
  if (onTops)
    return [
      ...ground,
      path('leg', 'M88 14L72 46'),
      path('foot', 'M82 52C80 76 62 102 50 117L36 108C38 88 46 64 52 48C58 38 76 38 82 52Z'),
      path('foot toe', 'M50 118H26C18 118 18 107 26 107H38Z'),
    ];
  /** Degrees the foot hangs down or is drawn up, seen from the side. */
  const tilt = { up: -18, down: 42, neutral: 6, 'turned-in': 10, 'turned-out': 0 }[state.ankle];
  const tilted: Turn = { degrees: tilt, x: 38, y: 92 };
  const bent = (degrees: number): Turn[] => [tilted, { degrees, x: 84, y: 104 }];
  const [big, small] = [bendOf(state, 'bigToe'), bendOf(state, 'smallToes')];
  const held = heldBy(state);
  const ball = ballAt(state);
  return [
    ...ground,
    path('leg', 'M36 8V84'),
    path('foot', 'M24 100C20 90 28 78 44 82C60 86 74 92 84 97C90 100 90 110 82 110H38C30 110 26 107 24 100Z', [tilted]),
    ...(big === small
      ? []
      : [path('foot toe far', 'M84 99H97C103 99 103 109 97 109H84C79 109 79 99 84 99Z', bent(small))]),
    path('foot toe', 'M84 98H100C107 98 107 110 100 110H84C79 110 79 98 84 98Z', bent(big)),
    ...(held ? [path(`pull ${held}`, 'M75 88C70 98 70 106 75 114', [tilted])] : []),
    ...(ball === null ? [] : [ellipse('ball', ball, 118, 9, 9, [tilted])]),
    ...fingers(state, fromTheSide, 26, tilted),
    ...shinHeld(state, 22),
  ];
}

function seenFromTheFront(state: FootState): Shape[] {
  /** Degrees the sole turns: for a right foot its inner side is on the left, so turning in lifts the left side. */
  const turn = { 'turned-in': 24, 'turned-out': -24, up: 0, down: 0, neutral: 0 }[state.ankle];
  const turned: Turn = { degrees: turn, x: 60, y: 92 };
  const apart = { spread: 1.22, long: 1, relaxed: 1.02, curled: 0.94, 'on-tops': 1 }[state.toes];
  const held = heldBy(state);
  return [
    path('leg', 'M60 8V86'),
    path('foot', 'M36 114C30 104 40 86 60 86C80 86 90 104 84 114C82 118 76 119 72 119H48C44 119 38 118 36 114Z', [
      turned,
    ]),
    // a lifted toe is higher, spread ones apart, curled ones short
    ...toesInFront.map(({ x, rx, ry }, i) => {
      const { contact } = i === 0 ? state.contacts.bigToe : state.contacts.smallToes;
      const isUp = contact === 'lift';
      const half = state.toes === 'curled' ? ry * 0.6 : ry;
      return ellipse(isUp ? 'foot toe up' : 'foot toe', 61 + (x - 61) * apart, isUp ? 111 : 121, rx, half, [turned]);
    }),
    path('inner', 'M40 112V101', [turned]),
    ...(held ? [path(`pull ${held}`, 'M34 104C50 98 70 98 86 104', [turned])] : []),
    ...fingers(state, fromTheFront, 24, turned),
    ...shinHeld(state, 46),
    path('axis', 'M20 140H100'),
  ];
}

/** Degrees the toes are bent: towards the sole, or towards the shin. */
function bendOf({ toes, contacts }: FootState, toe: 'bigToe' | 'smallToes'): number {
  if (contacts[toe].contact === 'lift') return -34;
  return { curled: 48, long: 0, spread: -6, relaxed: 12, 'on-tops': 24 }[toes];
}

/** What lies round the ball of the foot and pulls on it. */
const heldBy = ({ contacts: { innerBall, outerBall } }: FootState) =>
  [innerBall.meets, outerBall.meets].find((meets) => meets === 'band' || meets === 'strap') ?? null;

/** What the heel is propped on, where that is more than the floor. */
function heelOn({ contacts: { heel } }: FootState): string | null {
  const { contact, meets } = heel;
  return contact === 'rest' && ['leg', 'block', 'step', 'cushion'].includes(meets) ? meets : null;
}

/** Where a ball is held against the sole, along the foot. */
const ballAt = ({ contacts: { heel, innerBall } }: FootState): number | null =>
  heel.meets === 'ball' ? 34 : innerBall.meets === 'ball' ? 76 : null;

const fingers = (
  { hands }: FootState,
  at: Readonly<Record<HandAt, readonly Finger[]>>,
  length: number,
  turned: Turn,
): Shape[] =>
  (hands ?? [])
    .flatMap((hand) => at[hand])
    .map(({ x, y, turn }) =>
      rect('finger', { x: x - 4, y: y - length, width: 8, height: length }, 4, [turned, { degrees: turn, x, y }]),
    );

const shinHeld = ({ hands }: FootState, x: number): Shape[] =>
  hands?.includes('shin') ? [34, 44].map((y) => rect('finger', { x, y, width: 28, height: 8 }, 4)) : [];
