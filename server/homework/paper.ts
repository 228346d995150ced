import { type BothFeet, bothFeet } from '@core/footprint';
import type { Sheet, SheetLine } from '@core/homework';
import { drawFeet, pictureHeight } from '../paper/feet';
import { pdfOf, rule } from '../paper/pdf';
import { type Block, type Doc, type Face, centred, heightOf, ink, oneLine, write } from '../paper/print';

/** Points. */
const a4 = { width: 595.28, height: 841.89, margin: 32 };
const phone = { width: 320, height: 568, margin: 18 };
/** Print on A4, from easy to read down to the least that can be. */
const largest = 12;
const smallest = 6;
const step = 0.25;

/**
 * A sheet of homework as a PDF: one page of A4 with footprints, doses and boxes to tick; or pages as wide as a phone.
 */
export function paperOf(sheet: Sheet, size: 'a4' | 'phone'): Promise<Buffer> {
  const page = size === 'a4' ? a4 : phone;
  return pdfOf(sheet.title, page, (doc) => {
    if (size === 'a4') onOnePage(doc, sheet);
    else forThePhone(doc, sheet);
  });
}

const feetOf = ({ phase }: SheetLine): BothFeet => bothFeet(phase, 'both');

/** The parts of a line's text, in their order, with the face of each. */
function wordsOf(line: SheetLine): { readonly text: string; readonly face: Face; readonly quiet?: boolean }[] {
  return [
    { text: line.setUp, face: 'plain' as const },
    { text: line.action, face: 'plain' as const },
    { text: line.watch === '' ? '' : `If ${line.watch}`, face: 'italic' as const },
    { text: line.kit === '' ? '' : `With: ${line.kit}.`, face: 'plain' as const, quiet: true },
    { text: line.hidesIn === '' ? '' : `When: ${line.hidesIn}.`, face: 'plain' as const, quiet: true },
    { text: line.note, face: 'bold' as const },
    ...line.minds.map((mind) => ({ text: `Mind: ${mind}`, face: 'plain' as const, quiet: true })),
  ].filter(({ text }) => text !== '');
}

const dayName = new Intl.DateTimeFormat('en-GB', { weekday: 'short', timeZone: 'UTC' });
const longDay = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'long', timeZone: 'UTC' });
const at = (date: string) => new Date(`${date}T00:00:00Z`);
const datesOf = ({ from, to }: Sheet): string => `${longDay.format(at(from))} to ${longDay.format(at(to))}`;

/** Everything on one page: the print is made smaller until it is. */
function onOnePage(doc: Doc, sheet: Sheet): void {
  const available = a4.height - 2 * a4.margin;
  // the largest print that fits, to a quarter of a point: halved, since measuring is what takes the time
  let [fits, tooLarge] = [smallest, largest + step];
  while (tooLarge - fits > step) {
    const size = fits + step * Math.floor((tooLarge - fits) / (2 * step));
    if (heightOfPage(doc, sheet, size) <= available) fits = size;
    else tooLarge = size;
  }
  drawPage(doc, sheet, fits);
}

const pictureWidth = (size: number): number => size * 8.2;
const columnsOf = (size: number) => {
  const width = a4.width - 2 * a4.margin;
  const picture = pictureWidth(size);
  const dose = size * 15;
  return { width, picture, dose, text: width - picture - dose - 2 * size };
};

function lineHeight(doc: Doc, line: SheetLine, size: number): number {
  const { dose, text } = columnsOf(size);
  const left =
    heightOf(doc, line.name, dose, size * 1.1, 'bold') +
    heightOf(doc, line.level, dose, size) +
    heightOf(doc, line.dose, dose, size, 'bold') +
    heightOf(doc, line.often, dose, size) +
    size * 0.4;
  const right = wordsOf(line).reduce((sum, part) => sum + heightOf(doc, part.text, text, size, part.face), 0);
  return Math.max(left, right, pictureHeight(feetOf(line), pictureWidth(size)) + size) + size * 0.9;
}

const rowHeight = (size: number): number => size * 1.75;
const footWords = (sheet: Sheet): string => `${sheet.stop} ${sheet.ask}`;

function heightOfPage(doc: Doc, sheet: Sheet, size: number): number {
  const { width } = columnsOf(size);
  const head = size * 2.4 + 2 * heightOf(doc, headLine(sheet), width, size) + size * 1.4;
  const lines = sheet.lines.reduce((sum, line) => sum + lineHeight(doc, line, size), 0);
  const grid = rowHeight(size) * (sheet.lines.length + 2) + size;
  return head + lines + grid + heightOf(doc, footWords(sheet), width, size * 0.92) + size * 2;
}

const headLine = (sheet: Sheet): string =>
  [sheet.who, datesOf(sheet), sheet.time, sheet.kit === '' ? '' : `have at hand: ${sheet.kit}`]
    .filter((words) => words !== '')
    .join(' · ');

function drawPage(doc: Doc, sheet: Sheet, size: number): void {
  const { width, picture, dose, text } = columnsOf(size);
  const x = a4.margin;
  let y: number = a4.margin;
  y += write(doc, sheet.title, { x, y, width, size: size * 1.9, face: 'bold' });
  y += write(doc, headLine(sheet), { x, y, width, size, colour: ink.quiet }) + size;
  sheet.lines.forEach((line, i) => {
    rule(doc, x, y - size * 0.45, width, 0.5, ink.line);
    const height = lineHeight(doc, line, size);
    drawFeet(doc, feetOf(line), x, y, picture, size);
    let left = y;
    const column = x + picture + size;
    left += write(doc, `${i + 1}  ${line.name}`, { x: column, y: left, width: dose, size: size * 1.1, face: 'bold' });
    left += write(doc, line.level, { x: column, y: left, width: dose, size, colour: ink.quiet }) + size * 0.4;
    left += write(doc, line.dose, { x: column, y: left, width: dose, size, face: 'bold' });
    write(doc, line.often, { x: column, y: left, width: dose, size });
    let right = y;
    for (const part of wordsOf(line))
      right += write(doc, part.text, {
        x: column + dose + size,
        y: right,
        width: text,
        size,
        face: part.face,
        colour: part.quiet === true ? ink.quiet : ink.text,
      });
    y += height;
  });
  rule(doc, x, y - size * 0.45, width, 0.5, ink.line);
  y = drawBoxes(doc, sheet, x, y + size * 0.2, width, size) + size * 0.8;
  write(doc, footWords(sheet), { x, y, width, size: size * 0.92, colour: ink.text });
}

/** Days across, exercises down: a box where there is something to tick, a bar where the class does it. */
function drawBoxes(doc: Doc, sheet: Sheet, x: number, top: number, width: number, size: number): number {
  const label = size * 15;
  const step = (width - label) / Math.max(1, sheet.days.length);
  const small = Math.min(size * 0.85, step * 0.62);
  let y = top;
  sheet.days.forEach(({ date }, i) => {
    const cell = { x: x + label + i * step, width: step, size: small };
    centred(doc, dayName.format(at(date)).slice(0, 2), { ...cell, y, colour: ink.quiet });
    centred(doc, String(at(date).getUTCDate()), { ...cell, y: y + small * 1.15, face: 'bold' });
  });
  y += small * 2.6;
  sheet.lines.forEach((line, row) => {
    write(doc, oneLine(doc, `${row + 1}  ${line.name}`, label - size, size), { x, y, width: label, size });
    const side = Math.min(size * 1.1, step * 0.72);
    sheet.days.forEach(({ boxes }, i) => {
      const left = x + label + i * step + (step - side) / 2;
      const kind = boxes[row];
      if (kind === 'box') doc.rect(left, y, side, side).lineWidth(0.9).strokeColor(ink.text).stroke();
      if (kind === 'class')
        doc
          .rect(left, y + side * 0.4, side, side * 0.22)
          .fillColor(ink.idle)
          .fill();
    });
    y += rowHeight(size);
  });
  const taught = sheet.days.filter(({ classes }) => classes !== '');
  if (taught.length > 0)
    y += write(doc, 'A bar: class does it that day. Nothing: a day between.', {
      x,
      y,
      width,
      size: size * 0.85,
      colour: ink.quiet,
    });
  return y;
}

/** One exercise below the other, large, on as many pages as that takes; the days as words. */
function forThePhone(doc: Doc, sheet: Sheet): void {
  const size = 11.5;
  const x = phone.margin;
  const width = phone.width - 2 * phone.margin;
  let y: number = phone.margin;
  const bottom = phone.height - phone.margin;
  const say = (text: string, look: Partial<Block> = {}): void => {
    const height = heightOf(doc, text, width, look.size ?? size, look.face);
    if (y + height > bottom) {
      doc.addPage();
      y = phone.margin;
    }
    y += write(doc, text, { x, y, width, size, ...look });
  };
  say(sheet.title, { size: size * 1.5, face: 'bold' });
  say(headLine(sheet), { colour: ink.quiet });
  y += size * 0.6;
  sheet.lines.forEach((line, i) => {
    const picture = width * 0.42;
    const height = pictureHeight(feetOf(line), picture) + size * 1.4;
    const needs = height + size * 6;
    if (y + needs > bottom) {
      doc.addPage();
      y = phone.margin;
    }
    rule(doc, x, y, width, 0.5, ink.line);
    y += size * 0.6;
    say(`${i + 1}  ${line.name}`, { face: 'bold', size: size * 1.2 });
    say(line.level, { colour: ink.quiet });
    drawFeet(doc, feetOf(line), x, y + size * 0.3, picture, size);
    const beside = { x: x + picture + size, width: width - picture - size };
    const first = write(doc, line.dose, { ...beside, y: y + size * 0.3, size, face: 'bold' });
    write(doc, line.often, { ...beside, y: y + size * 0.3 + first, size });
    y += height;
    for (const part of wordsOf(line))
      say(part.text, { face: part.face, ...(part.quiet === true ? { colour: ink.quiet } : {}) });
    y += size * 0.8;
  });
  rule(doc, x, y, width, 0.5, ink.line);
  y += size * 0.6;
  say('Day by day', { face: 'bold', size: size * 1.2 });
  say('The numbers are those of the exercises.', { colour: ink.quiet });
  for (const { date, boxes, classes } of sheet.days) {
    const due = boxes.flatMap((kind, i) => (kind === 'box' ? [String(i + 1)] : []));
    const work = due.length === 0 ? 'nothing at home' : due.join(', ');
    say(`${dayName.format(at(date))} ${longDay.format(at(date))}: ${work}${classes === '' ? '' : ' · class'}`);
  }
  y += size * 0.8;
  say(sheet.stop, { size: size * 0.92 });
  say(sheet.ask, { size: size * 0.92 });
}
