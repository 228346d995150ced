import type { FootState } from '../exercise';
import { type Drawing, type Shape, ellipse, path, rect } from './drawing';
import { type Piece, fingersOn, piecesUnder, slantOf } from './ground';

/** Toes of a right foot, inner side on the left: centre, half width, half length, lean in degrees. */
const toes = [
  { cx: 27, cy: 41, rx: 12, ry: 19, lean: -3 },
  { cx: 47.5, cy: 37, rx: 7.4, ry: 15, lean: 3 },
  { cx: 61, cy: 42, rx: 6.8, ry: 14, lean: 8 },
  { cx: 73.5, cy: 51, rx: 6.3, ry: 12.5, lean: 14 },
  { cx: 84.5, cy: 63, rx: 5.9, ry: 11, lean: 22 },
] as const;
const ballRadius = 23;

const outline =
  'M51 236C33 236 27 219 28 200C29 178 37 163 37 143C37 125 19 113 15 93C13 79 14 66 17 54C28 44 50 42 62 48C76 55 88 66 93 80C97 98 91 119 87 139C83 163 82 180 78 203C75 225 67 236 51 236Z';
const edges = {
  inner: 'M22 205C22 175 28 150 26 132C20 122 8 108 7 90',
  outer: 'M84 205C88 180 90 165 94 140C98 120 102 104 96 84',
} as const;

/** One sole from above, with a mark for each of the five places. Drawn as a right foot; the left one is its mirror. */
export function soleDrawing(state: FootState): Drawing {
  const under = piecesUnder(state);
  const drawn = under.filter(({ kind }) => kind !== 'ball' && kind !== 'object' && kind !== 'leg');
  return {
    box: { x: 0, y: 14, width: 104, height: 228 },
    shapes: [
      ...drawn.flatMap(thing),
      path('sole', outline),
      ...(state.midfoot === 'lifted' ? [path('arch', 'M37 178C50 166 50 134 36 122')] : []),
      ...(state.midfoot === 'let-down' ? [path('arch flat', 'M33 178C30 160 30 140 33 122')] : []),
      ...(state.edge === 'even' ? [] : [path('edge', edges[state.edge])]),
      ...under.flatMap(({ kind, x, y, width, height }) =>
        kind === 'ball' ? [ellipse('ball', x + width / 2, y + height / 2, ballRadius, ballRadius)] : [],
      ),
      ...marks(state),
      ...under.flatMap(({ kind, x, y, width, height }) =>
        kind === 'object' ? [ellipse('object', x + width * 0.4, y + height * 0.8, 6, 6)] : [],
      ),
      ...(state.contacts.bigToe.meets === 'band' ? [path('loop', 'M14 46C20 52 34 52 40 46')] : []),
      ...fingersOn(state).map(({ x, y, length, turn }) =>
        rect('finger', { x: x - 4.5, y: y - length, width: 9, height: length }, 4.5, [{ degrees: turn, x, y }]),
      ),
    ],
  };
}

function thing(piece: Piece): Shape[] {
  const { kind, x, y, width, height } = piece;
  if (kind === 'half-ball') return [ellipse('thing dome', x + width / 2, y + height / 2, width / 2, height / 2)];
  const shows = `thing ${kind}`;
  const half = (width - 6) / 2;
  return [
    piece.slanting ? path(shows, slantOf(piece)) : rect(shows, { x, y, width, height }, kind === 'cushion' ? 16 : 2),
    ...(kind === 'slope'
      ? [0.2, 0.5, 0.8].map((line) => path('uphill', `M${x + 3} ${y + height * line + 5}l${half} -8l${half} 8`))
      : []),
    ...(kind === 'step' ? [path('riser', `M${x} ${y + height}h${width}`)] : []),
  ];
}

function marks({ contacts, middle, toes: shape }: FootState): Shape[] {
  const mark = (contact: string, cx: number, cy: number, rx: number, ry = rx, turn = 0): Shape[] => [
    ellipse(`mark ${contact}`, cx, cy, rx, ry, turn === 0 ? [] : [{ degrees: turn, x: cx, y: cy }]),
    ...(contact === 'lift' ? [path('up', `M${cx - 4} ${cy + 2.5}l4 -5l4 5`)] : []),
  ];
  return [
    ...(middle ? mark(middle.contact, 56, 150, 13) : []),
    ...mark(contacts.heel.contact, 53, 208, 16),
    ...mark(contacts.innerBall.contact, 32, 88, 13),
    ...mark(contacts.outerBall.contact, 74, 98, 11.5),
    ...toes.flatMap(({ cx, cy, rx, ry, lean }, i) => {
      const spread = shape === 'spread' ? (i - 1) * 2.6 : 0;
      const isCurled = shape === 'curled';
      const { contact } = i === 0 ? contacts.bigToe : contacts.smallToes;
      return mark(contact, cx + spread, cy + (isCurled ? 7 : 0), rx, isCurled ? ry * 0.62 : ry, lean + spread);
    }),
  ];
}
