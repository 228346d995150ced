import { type Card, type CardItem, type CardRow, cardFoot } from '@core/card';
import { sayTime } from '@core/say-time';
import { drawFeet, pictureHeight } from '../paper/feet';
import { pdfOf, rule } from '../paper/pdf';
import { type Doc, type Face, heightOf, ink, write } from '../paper/print';

/** On one page; large, to be read from where one stands; twice on a page, to be cut and shared. */
export type CardSize = 'usual' | 'large' | 'two';

interface Box {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}
interface Paper {
  readonly width: number;
  readonly height: number;
  /** Where the card stands on a page: once, or twice. */
  readonly boxes: readonly Box[];
  /** Print from the largest down to the least at which all of it may stand on one page; then it goes on to others. */
  readonly largest: number;
  readonly least: number;
  /** How wide the two feet are, in letters' sizes; smaller ones where only those let all stand on one page. */
  readonly feet: readonly number[];
}

const [short, long] = [595.28, 841.89];
const margin = 24;
const whole: Box = { x: margin, y: margin, width: short - 2 * margin, height: long - 2 * margin };
const half: Box = { x: margin, y: margin, width: long / 2 - 1.6 * margin, height: short - 2 * margin };
const papers: Readonly<Record<CardSize, Paper>> = {
  usual: { width: short, height: long, boxes: [whole], largest: 11, least: 6, feet: [5, 3.6, 2.6] },
  // a size that is read at arm's length without glasses (Needlework's own)
  large: { width: short, height: long, boxes: [whole], largest: 15, least: 15, feet: [6] },
  two: {
    width: long,
    height: short,
    boxes: [half, { ...half, x: long / 2 + 0.6 * margin }],
    largest: 8.5,
    least: 5.5,
    feet: [4.4, 3],
  },
};
const step = 0.25;

/** A time of the class as it is printed: of the day, or from the start. */
export type Clock = (ms: number) => string;

/** A class card as a PDF. */
export function cardPaper(card: Card, clock: Clock, size: CardSize): Promise<Buffer> {
  const paper = papers[size];
  return pdfOf(card.title, { ...paper, margin: 0 }, (doc) => {
    const pages = laidOut(doc, card, clock, paper);
    pages.forEach((pieces, i) => {
      if (i > 0) doc.addPage();
      for (const box of paper.boxes) {
        let y = box.y;
        for (const piece of pieces) {
          piece.draw(box.x, y, box.width);
          y += piece.height;
        }
        const page = pages.length > 1 ? `${i + 1} of ${pages.length}` : '';
        write(doc, page, { x: box.x, y: box.y + box.height + 3, width: box.width, size: 8, colour: ink.quiet });
      }
    });
  });
}

/** Something on the card that is not parted: it has a height and is drawn from there. */
interface Piece {
  readonly height: number;
  readonly draw: (x: number, y: number, width: number) => void;
  /** The name of a block is not left alone at the foot of a page. */
  readonly staysWithNext?: boolean;
}

/** The largest print at which all stands on one page; where there is none, pages in the least. */
function laidOut(doc: Doc, card: Card, clock: Clock, { boxes, largest, least, feet }: Paper): Piece[][] {
  const [box] = boxes;
  if (!box) return [];
  const fitting = (pieces: readonly Piece[]): boolean =>
    pieces.reduce((sum, { height }) => sum + height, 0) <= box.height;
  for (const width of feet) {
    const at = (size: number): Piece[] => piecesOf(doc, card, clock, box.width, size, width);
    if (!fitting(at(least))) continue;
    // the largest that fits, to a quarter of a point: halved, since measuring is what takes the time
    let [fits, tooLarge] = [least, largest + step];
    while (tooLarge - fits > step) {
      const size = fits + step * Math.floor((tooLarge - fits) / (2 * step));
      if (fitting(at(size))) fits = size;
      else tooLarge = size;
    }
    return [at(fits)];
  }
  const pieces = piecesOf(doc, card, clock, box.width, least, feet[0] ?? 5);
  const pages: Piece[][] = [[]];
  let filled = 0;
  pieces.forEach((piece, i) => {
    const needs = piece.height + (piece.staysWithNext === true ? (pieces[i + 1]?.height ?? 0) : 0);
    if (filled + needs > box.height && filled > 0) {
      pages.push([]);
      filled = 0;
    }
    pages.at(-1)?.push(piece);
    filled += piece.height;
  });
  return pages;
}

function piecesOf(doc: Doc, card: Card, clock: Clock, width: number, size: number, feet: number): Piece[] {
  const rows = card.blocks.flatMap((block) => [
    blockOf(doc, block.name, width, size),
    // under the name of the block there is a line already
    ...block.rows.map((row, i) => {
      const piece = rowOf(doc, row, clock, width, size, feet);
      return i === 0 ? piece : underLine(doc, piece);
    }),
  ]);
  return [
    headOf(doc, card, clock, width, size),
    // when to stop does not stand on a page of its own
    ...rows.map((row, i) => (i === rows.length - 1 ? { ...row, staysWithNext: true } : row)),
    textPiece(doc, [{ text: cardFoot, face: 'bold', size: size * 0.95 }], width, size * 0.6),
  ];
}

interface Line {
  readonly text: string;
  readonly face?: Face;
  readonly size: number;
  readonly colour?: string;
}
const said = (lines: readonly Line[]): Line[] => lines.filter(({ text }) => text !== '');
const heightOfLines = (doc: Doc, lines: readonly Line[], width: number): number =>
  lines.reduce((sum, line) => sum + heightOf(doc, line.text, width, line.size, line.face), 0);
function writeLines(doc: Doc, lines: readonly Line[], x: number, y: number, width: number): void {
  let at = y;
  for (const { text, ...look } of lines) at += write(doc, text, { ...look, x, y: at, width });
}

function textPiece(doc: Doc, lines: readonly Line[], width: number, above: number): Piece {
  return {
    height: above + heightOfLines(doc, lines, width),
    draw: (x, y) => writeLines(doc, lines, x, y + above, width),
  };
}

function headOf(doc: Doc, card: Card, clock: Clock, width: number, size: number): Piece {
  const people = card.people > 0 ? ` · ${card.people} people` : '';
  const [length, end] = [sayTime(card.totalMs), clock(card.totalMs)];
  const ends = end === length ? '' : ` · ends ${end}`;
  const lines = said([
    { text: card.title, face: 'bold', size: size * 1.8 },
    {
      text: `${length} of ${sayTime(card.slotMs)}${ends} · ${card.lead} foot leads${people}`,
      size,
    },
    { text: card.kit === '' ? '' : `Put out: ${card.kit}`, face: 'bold', size },
  ]);
  return textPiece(doc, lines, width, 0);
}

function blockOf(doc: Doc, name: string, width: number, size: number): Piece {
  const piece = textPiece(doc, [{ text: name, face: 'bold', size: size * 1.15 }], width, size * 0.6);
  return {
    height: piece.height + 2,
    staysWithNext: true,
    draw: (x, y) => {
      piece.draw(x, y, width);
      rule(doc, x, y + piece.height + 1, width, 0.9, ink.text);
    },
  };
}

const underLine = (doc: Doc, piece: Piece): Piece => ({
  ...piece,
  draw: (x, y, width) => {
    rule(doc, x, y, width, 0.3, ink.line);
    piece.draw(x, y, width);
  },
});

/** How wide the columns are, of the whole. */
function columnsOf(width: number, size: number, feet: number, clock: Clock) {
  // a time of day is longer than a time of the class
  const time = size * (clock(0).length > 5 ? 5.6 : 4.1);
  const picture = Math.min(size * feet, width * 0.14);
  const rest = width - time - picture - 3 * size * 0.7;
  return { time, picture, what: rest * 0.33, order: rest * 0.21, say: rest * 0.46, gap: size * 0.7 };
}

function rowOf(doc: Doc, row: CardRow, clock: Clock, width: number, size: number, feetSize: number): Piece {
  const columns = columnsOf(width, size, feetSize, clock);
  const start: Line = { text: clock(row.startMs), face: 'bold', size: size * 1.1 };
  const { item, talk } = row;
  if (!item) {
    const lines = talk
      ? said([
          { text: `${talk.name}, ${talk.length}`, face: 'bold', size },
          { text: talk.note, size },
        ])
      : [{ text: row.again, size }];
    const beside = width - columns.time;
    return {
      height: Math.max(heightOfLines(doc, [start], columns.time), heightOfLines(doc, lines, beside)) + size * 0.45,
      draw: (x, y) => {
        writeLines(doc, [start], x, y + size * 0.2, columns.time);
        writeLines(doc, lines, x + columns.time, y + size * 0.2, beside);
      },
    };
  }
  const [what, order, say] = [whatOf(item, size), orderOf(item, clock, size), sayOf(item, size)];
  const { feet } = item;
  // so small that words under it could not be read, the ink alone says which foot works
  const under = feetSize > 4 ? size : 0;
  const picture = feet ? pictureHeight(feet, columns.picture) + under * 1.1 : 0;
  const height = Math.max(
    picture,
    heightOfLines(doc, what, columns.what),
    heightOfLines(doc, order, columns.order),
    heightOfLines(doc, say, columns.say),
  );
  return {
    height: height + size * 0.55,
    draw: (x, y) => {
      const top = y + size * 0.25;
      writeLines(doc, [start], x, top, columns.time);
      if (feet) drawFeet(doc, feet, x + columns.time, top, columns.picture, under);
      let at = x + columns.time + columns.picture + columns.gap;
      writeLines(doc, what, at, top, columns.what);
      at += columns.what + columns.gap;
      writeLines(doc, order, at, top, columns.order);
      at += columns.order + columns.gap;
      writeLines(doc, say, at, top, columns.say);
    },
  };
}

const whatOf = (item: CardItem, size: number): Line[] =>
  said([
    { text: item.level === '' ? item.name : `${item.name}, ${item.level}`, face: 'bold', size },
    { text: [item.dose, item.tempo].filter((words) => words !== '').join('; '), size },
    ...item.options.map((text) => ({ text, size: size * 0.92, colour: ink.quiet })),
  ]);
const orderOf = (item: CardItem, clock: Clock, size: number): Line[] =>
  said([
    {
      text: item.secondMs === null ? item.order : `${item.order}, ${item.second} from ${clock(item.secondMs)}`,
      face: 'bold',
      size,
    },
    { text: item.kit, size },
    ...item.fetched.map(({ atMs, words }): Line => ({ text: `fetch ${words} at ${clock(atMs)}`, face: 'bold', size })),
  ]);
const sayOf = (item: CardItem, size: number): Line[] =>
  said([
    { text: [item.cue, item.breath].filter((words) => words !== '').join(' '), size },
    { text: item.fault, face: 'italic', size },
    { text: item.caution === '' ? '' : `Mind ${item.caution}`, face: 'bold', size },
    { text: item.note, face: 'italic', size },
  ]);
