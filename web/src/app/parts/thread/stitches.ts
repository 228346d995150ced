import { type Stitch, kindOfEvent } from '@core/dose';
import type { RedThread, ThreadItem } from '@core/idea';
import type { Side } from '@core/plan';
import { type Timeline, type TimelineEvent, bodyOf } from '@core/timeline';

/** Where the two threads run and how wide a second is, in px. */
export interface ThreadScale {
  readonly pxPerMs: number;
  readonly left: number;
  readonly right: number;
}

/** Narrower than this, single stitches turn into texture. */
const narrowest = 3.4;
const x = (ms: number, scale: ThreadScale) => round(ms * scale.pxPerMs);
const round = (n: number) => Math.round(n * 100) / 100;

function bar(from: number, to: number, y: number, half: number): string {
  const r = Math.min(half, (to - from) / 2, 4);
  const h = 2 * (half - r);
  return `M${round(from + r)} ${y - half}H${round(to - r)}a${r} ${r} 0 0 1 ${r} ${r}v${h}a${r} ${r} 0 0 1 ${-r} ${r}H${round(from + r)}a${r} ${r} 0 0 1 ${-r} ${-r}v${-h}a${r} ${r} 0 0 1 ${r} ${-r}z`;
}

/** Many stitches too close to tell apart: a row of even ticks, drawn once every few px. */
function texture(from: number, to: number, y: number): string {
  const ticks = Math.max(1, Math.floor((to - from) / 3));
  const step = (to - from) / ticks;
  let d = '';
  for (let i = 0; i < ticks; i++)
    d += `M${round(from + i * step)} ${y - 4}h${round(step * 0.62)}v8h${round(-step * 0.62)}z`;
  return d;
}

/** A ribbon that rises and falls, forth and back along the same crests. */
function wave(from: number, to: number, y: number): string {
  const crests = Math.max(1, Math.round((to - from) / 9));
  const step = (to - from) / crests;
  const along = (way: 1 | -1) =>
    `q${round((way * step) / 4)} ${-7 * way} ${round((way * step) / 2)} 0t${round((way * step) / 2)} 0`.repeat(crests);
  return `M${round(from)} ${y - 1.6}${along(1)}v3.2${along(-1)}z`;
}

function dot(centre: number, y: number, r: number): string {
  return `M${round(centre - r)} ${y}a${r} ${r} 0 1 0 ${2 * r} 0a${r} ${r} 0 1 0 ${-2 * r} 0z`;
}

/** By feel: full at its start, thinning towards an end nobody knows. */
function fade(from: number, to: number, y: number): string {
  return `M${round(from)} ${y - 7}L${round(to)} ${y - 1.5}V${y + 1.5}L${round(from)} ${y + 7}z`;
}

/** How each stitch is drawn between two edges, px. */
const drawn: Readonly<Record<Stitch, (from: number, to: number, y: number) => string>> = {
  stitch: (from, to, y) => stitch(from, to, y, 4.5),
  phrase: (from, to, y) => stitch(from, to, y, 6),
  satin: (from, to, y) => stitch(from, to, y, 8),
  dot: (from, to, y) => dot((from + to) / 2, y, Math.min(6, Math.max(2.2, (to - from) / 2))),
  chain: wave,
  fade,
};

/** One piece of work, with a hair of bare thread to its neighbours. */
function stitch(from: number, to: number, y: number, half: number): string {
  const gap = Math.min(1.6, (to - from) * 0.25);
  return bar(from + gap / 2, to - gap / 2, y, half);
}

/** One filled path of an item on one foot: reps are short stitches, holds satin bars, walking waves, stops dots. */
export function stitchPath(events: readonly TimelineEvent[], foot: Side, scale: ThreadScale, walks: boolean): string {
  const y = scale[foot];
  const mine = events.filter((e) => e.activity === 'work' && (e.feet === foot || e.feet === 'both'));
  let d = '';
  for (let i = 0; i < mine.length; i++) {
    const event = mine[i];
    if (!event) continue;
    const kind = kindOfEvent(event.kind);
    const wide = (event.endMs - event.startMs) * scale.pxPerMs;
    if (wide >= narrowest || !kind?.gathers) {
      d += drawn[walks ? 'chain' : (kind?.stitch ?? 'stitch')](x(event.startMs, scale), x(event.endMs, scale), y);
      continue;
    }
    let last = event;
    for (let next = mine[i + 1]; next?.kind === event.kind && next.startMs - last.endMs < 6000; next = mine[i + 1]) {
      last = next;
      i++;
    }
    d += texture(x(event.startMs, scale), x(last.endMs, scale), y);
  }
  return d;
}

const sags: ReadonlySet<TimelineEvent['activity']> = new Set(['talk', 'set-up', 'transition', 'compare']);

/** The bare thread of one foot: straight while something is done, sagging while the class is talked to or moved about. */
export function barePath(timeline: Timeline, foot: Side, scale: ThreadScale): string {
  const y = scale[foot];
  let d = `M0 ${y}`;
  let slackFrom: number | null = null;
  const tighten = (ms: number) => {
    if (slackFrom === null) return;
    const from = x(slackFrom, scale);
    const width = x(ms, scale) - from;
    const depth = Math.min(15, 3 + width * 0.5);
    d += `H${from}q${round(width / 2)} ${round(depth * 1.6)} ${round(width)} 0`;
    slackFrom = null;
  };
  for (const event of bodyOf(timeline)) {
    if (sags.has(event.activity)) slackFrom ??= event.startMs;
    else if (event.activity !== 'rounding') tighten(event.startMs);
  }
  tighten(timeline.totalMs);
  return `${d}H${x(timeline.totalMs, scale)}`;
}

/** Changes of foot, drawn from the foot that has finished to the one that begins. */
export function crossingPath(timeline: Timeline, scale: ThreadScale): string {
  let d = '';
  let worked: TimelineEvent['feet'] = 'neither';
  for (const event of bodyOf(timeline)) {
    if (event.activity === 'work') worked = event.feet;
    if (event.kind !== 'switch') continue;
    const [from, to] = worked === 'right' ? [scale.right, scale.left] : [scale.left, scale.right];
    const start = x(event.startMs, scale);
    const end = Math.max(x(event.endMs, scale), start + 5);
    const middle = round((start + end) / 2);
    d += `M${start} ${from}C${middle} ${from} ${middle} ${to} ${end} ${to}`;
  }
  return d;
}

/** A knot at the start of each stretch where both feet work together. */
export function tiePath(timeline: Timeline, scale: ThreadScale): string {
  let d = '';
  let tied: string | null = null;
  for (const event of bodyOf(timeline)) {
    if (event.activity !== 'work') continue;
    if (event.feet === 'both' && tied !== event.itemId) d += `M${x(event.startMs, scale)} ${scale.left}V${scale.right}`;
    tied = event.feet === 'both' ? event.itemId : null;
  }
  return d;
}

/** What is said: talk over the work, which costs no time, and talk of its own. It runs above the threads. */
export function voicePath(timeline: Timeline, scale: ThreadScale, y: number): string {
  return timeline.events
    .filter((e) => e.lane === 'voice' || e.kind === 'talk-item')
    .map((e) => `M${x(e.startMs, scale)} ${y}H${x(e.endMs, scale)}`)
    .join('');
}

/** What is worn beside the work: a line along the outside of each thread, closed where it is put on and taken off. */
export function wornPath(timeline: Timeline, scale: ThreadScale): string {
  const line = (from: number, to: number, y: number) =>
    `M${from} ${y - 4}V${y + 4}M${from} ${y}H${to}M${to} ${y - 4}V${y + 4}`;
  return timeline.worn
    .map(({ startMs, endMs }) => [x(startMs, scale), x(endMs, scale)] as const)
    .map(([from, to]) => line(from, to, scale.left - 14) + line(from, to, scale.right + 14))
    .join('');
}

/** Marks of the time axis: as many as fit without crowding, at steps a clock has. */
export function axisMarks(totalMs: number, pxPerMs: number, leastPx = 72): number[] {
  const steps = [5, 10, 15, 30, 60, 120, 300, 600, 1200, 1800, 3600].map((s) => s * 1000);
  const step = steps.find((ms) => ms * pxPerMs >= leastPx) ?? 3_600_000;
  return Array.from({ length: Math.floor(totalMs / step) + 1 }, (_, i) => i * step);
}

/** A cell of the weave: one thread where a part works a little, two where it works, cloth where it works hard. */
export function wovenPath(fromX: number, toX: number, top: number, rating: number, rowHeight: number): string {
  const to = Math.max(fromX + 1, toX - 1);
  const strip = (y: number, thick: number) =>
    `M${round(fromX)} ${round(y)}H${round(to)}v${round(thick)}H${round(fromX)}z`;
  const fine = rowHeight * 0.2;
  if (rating >= 3) return strip(top, rowHeight);
  if (rating === 2) return strip(top + rowHeight * 0.1, fine * 1.5) + strip(top + rowHeight * 0.6, fine * 1.5);
  return strip(top + rowHeight * 0.4, fine);
}

/**
 * The idea of a class as a line of its own: knots where an exercise carries it, thread between them, nothing where it breaks.
 * @param y where it runs, px
 */
export function ideaPath(thread: RedThread, timeline: Timeline, scale: Pick<ThreadScale, 'pxPerMs'>, y: number) {
  const at = new Map(timeline.items.map((item) => [item.itemId, item]));
  const middle = (id: string) => {
    const item = at.get(id);
    return item ? (item.startMs + item.totalMs / 2) * scale.pxPerMs : 0;
  };
  const of = (part: ThreadItem['part']) =>
    thread.items.filter((item) => item.part === part).map((item) => middle(item.itemId));
  const knots = of('carries');
  const broken = thread.breaks.map(({ startMs, endMs }) => [startMs * scale.pxPerMs, endMs * scale.pxPerMs] as const);
  const [first, last] = [knots[0], knots.at(-1)];
  let line = first === undefined || last === undefined ? '' : `M${round(first)} ${y}`;
  for (const [from, to] of broken) line += `H${round(from)}m0 -4l5 8M${round(to - 5)} ${y - 4}l5 8M${round(to)} ${y}`;
  if (last !== undefined) line += `H${round(last)}`;
  return {
    line,
    knots: knots.map((x) => dot(x, y, 3.2)).join(''),
    opposed: of('opposes')
      .map((x) => `M${round(x - 5)} ${y}l5 -5l5 5l-5 5z`)
      .join(''),
  };
}
