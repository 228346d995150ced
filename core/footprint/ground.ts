import { type FootState, type Meets, type Place, places } from '../exercise';

/** Where each place lies on the sole of a right foot, in the units of its drawing, and how far it reaches. */
const at: Readonly<Record<Place | 'middle', { readonly x: number; readonly y: number; readonly r: number }>> = {
  bigToe: { x: 27, y: 41, r: 17 },
  smallToes: { x: 67, y: 46, r: 22 },
  innerBall: { x: 32, y: 88, r: 17 },
  outerBall: { x: 74, y: 98, r: 16 },
  middle: { x: 56, y: 150, r: 17 },
  heel: { x: 53, y: 208, r: 20 },
};

/** Something that lies under the foot, or that it holds: what it is, and the box of the places that meet it. */
export interface Piece {
  readonly kind: Exclude<Meets, 'floor' | 'air' | 'hand' | 'band'>;
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
  /** Its front edge runs slanting behind the small toes, which hang, while the big toe is on it. */
  readonly slanting: boolean;
}

const isPiece = (meets: Meets): meets is Piece['kind'] =>
  meets !== 'floor' && meets !== 'air' && meets !== 'hand' && meets !== 'band';

/** How far a thing reaches beyond the foot, so that it shows at its sides. */
const beyond: Readonly<Partial<Record<Piece['kind'], number>>> = {
  block: 6,
  step: 6,
  slope: 6,
  cushion: 8,
  'half-ball': 10,
  cloth: 5,
  paper: 5,
  strap: 8,
};

/** Everything that a foot meets beside floor, air, hand and band: the box around the places that meet it. */
export function piecesUnder({ contacts, middle }: FootState): Piece[] {
  const met = [
    ...places.map((place) => ({ spot: at[place], meets: contacts[place].meets })),
    ...(middle ? [{ spot: at.middle, meets: middle.meets }] : []),
  ];
  const kinds = [...new Set(met.map(({ meets }) => meets))].filter(isPiece);
  return kinds.map((kind) => {
    const spots = met.filter(({ meets }) => meets === kind).map(({ spot }) => spot);
    const more = beyond[kind] ?? 0;
    const left = Math.min(...spots.map(({ x, r }) => x - r)) - more;
    const right = Math.max(...spots.map(({ x, r }) => x + r)) + more;
    const top = Math.min(...spots.map(({ y, r }) => y - r)) - more;
    const bottom = Math.max(...spots.map(({ y, r }) => y + r)) + more;
    const slanting = contacts.bigToe.meets === kind && contacts.smallToes.contact === 'hang' && bottom > at.heel.y;
    return { kind, x: left, y: top, width: right - left, height: bottom - top, slanting };
  });
}

/** A finger as it lies on the foot: its tip, its length, and how it leans, degrees. */
export interface Finger {
  readonly x: number;
  readonly y: number;
  readonly length: number;
  readonly turn: number;
}
const finger = (x: number, y: number, turn: number, length = 30): Finger => ({ x, y, length, turn });

const fingersOnSole: Readonly<Record<NonNullable<FootState['hands']>[number], readonly Finger[]>> = {
  'big toe': [finger(24, 44, -28)],
  'small toes': [finger(50, 44, 6), finger(63, 49, 14), finger(76, 57, 24)],
  'between the toes': [finger(38.5, 48, -2), finger(54.5, 48, 6), finger(67.5, 54, 14), finger(79.5, 64, 24)],
  'ball of the foot': [finger(34, 92, -70, 36), finger(38, 104, -74, 36)],
  sole: [finger(44, 150, -78, 40), finger(46, 164, -82, 40)],
  heel: [finger(40, 200, -84, 36), finger(40, 214, -90, 36)],
  ankle: [finger(40, 186, -84, 40)],
  shin: [],
};
/** The outline of a piece whose front edge slants from before the big toe to behind the small ones. */
export const slantOf = ({ x, y, width, height }: Piece): string => {
  const behindToes = at.outerBall.y - at.outerBall.r - 6;
  return `M${x} ${y}H${at.bigToe.x + at.bigToe.r + 2}L${x + width} ${behindToes}V${y + height}H${x}Z`;
};

/** Where fingers lie on a sole seen from above. */
export const fingersOn = ({ hands }: FootState): readonly Finger[] =>
  (hands ?? []).flatMap((hand) => fingersOnSole[hand]);
