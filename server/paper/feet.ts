import type { FootState } from '@core/exercise';
import { type BothFeet, type Drawing, type Shape, ankleDrawing, soleDrawing } from '@core/footprint';
import { type Doc, centred, ink, widthOf } from './print';

const drawingOf = (state: FootState, { picture }: BothFeet): Drawing =>
  picture === 'footprints' ? soleDrawing(state) : ankleDrawing(state, picture === 'ankle-side' ? 'side' : 'front');

const gap = 0.06;
const scaleOf = (box: Drawing['box'], width: number): number => (width * (1 - gap)) / 2 / box.width;

export function pictureHeight(feet: BothFeet, width: number): number {
  const { box } = drawingOf(feet.left, feet);
  return box.height * scaleOf(box, width);
}

/**
 * Both feet side by side, left on the left: the one that works in full ink, what each does under it.
 * @param size of those words, points, smaller where a word is wider than its foot; 0 for none
 */
export function drawFeet(doc: Doc, feet: BothFeet, x: number, y: number, width: number, size: number): void {
  const one = width * (1 - gap) * 0.5;
  for (const side of ['left', 'right'] as const) {
    const state = feet[side];
    const left = side === 'left' ? x : x + one + width * gap;
    const drawing = drawingOf(state, feet);
    const scale = scaleOf(drawing.box, width);
    doc.save();
    doc.translate(left, y).scale(scale);
    if (side === 'left') doc.translate(drawing.box.width, 0).scale(-1, 1);
    doc.translate(-drawing.box.x, -drawing.box.y);
    for (const shape of drawing.shapes) paint(doc, shape, state.role === 'works' ? ink.foot : ink.idle);
    doc.restore();
    if (size === 0) continue;
    centred(doc, state.role, {
      x: left,
      y: y + drawing.box.height * scale + size * 0.1,
      width: one,
      // a hair less, so that it is not broken for the last bit of a sum
      size: Math.min(size * 0.8, (0.99 * one) / widthOf(doc, state.role, 1)),
      colour: ink.quiet,
    });
  }
}

/** How a shape is inked: what fills it, what outlines it, how wide, and its dashes. */
function paintOf(shows: string, foot: string): { fill?: string; stroke?: string; width?: number; dash?: number[] } {
  const [what = '', kind = ''] = shows.split(' ');
  switch (what) {
    case 'sole':
      return { fill: '#ffffff', stroke: foot, width: 2.4 };
    case 'mark':
      if (kind === 'press') return { fill: foot, stroke: foot, width: 2.2 };
      if (kind === 'rest') return { fill: ink.pale, stroke: foot, width: 1.2 };
      return { fill: '#ffffff', stroke: foot, width: 2.2, dash: kind === 'lift' ? [5, 3.6] : [1, 4] };
    case 'thing':
      return { fill: ink.pale, stroke: ink.quiet, width: 1.6, ...(kind === 'cloth' ? { dash: [5, 3] } : {}) };
    case 'ball':
      return { stroke: ink.text, width: 2, dash: [5, 3.4] };
    case 'finger':
      return { fill: '#ffffff', stroke: ink.text, width: 1.8 };
    case 'object':
      return { fill: ink.text };
    case 'leg':
      return { stroke: ink.pale, width: 26 };
    case 'foot':
      return kind === ''
        ? { fill: foot }
        : { fill: shows.includes('up') ? ink.idle : foot, stroke: '#ffffff', width: 1.2 };
    case 'inner':
      return { stroke: '#ffffff', width: 3 };
    case 'axis':
      return { stroke: ink.line, width: 1, dash: [2, 4] };
    case 'loop':
    case 'pull':
      return { stroke: ink.text, width: 5, dash: [3, 2] };
    case 'edge':
      return { stroke: foot, width: 4 };
    default:
      return { stroke: foot, width: 2.4 };
  }
}

function paint(doc: Doc, shape: Shape, foot: string): void {
  const { fill, stroke, width = 1, dash } = paintOf(shape.shows, foot);
  doc.save();
  for (const { degrees, x, y } of shape.turns) doc.rotate(degrees, { origin: [x, y] });
  if (shape.is === 'path') doc.path(shape.d);
  else if (shape.is === 'ellipse') doc.ellipse(shape.cx, shape.cy, shape.rx, shape.ry);
  else doc.roundedRect(shape.x, shape.y, shape.width, shape.height, shape.round);
  doc.lineWidth(width).lineCap('round');
  if (dash) doc.dash(dash[0] ?? 1, { space: dash[1] ?? 1 });
  if (fill && stroke) doc.fillAndStroke(fill, stroke);
  else if (fill) doc.fill(fill);
  else doc.strokeColor(stroke ?? foot).stroke();
  doc.restore();
}
