import * as z from 'zod';
import { bodyOf } from './foot-lane';
import type { Timeline, TimelineEvent } from './timeline';

/** A class in a few stitches, for a card: [start second, length in seconds, feet, texture]. */
export const OutlineStitch = z.tuple([
  z.number(),
  z.number(),
  z.enum(['left', 'right', 'both', 'neither']),
  z.enum(['reps', 'hold', 'travel', 'stops', 'feel']),
]);
export type OutlineStitch = z.infer<typeof OutlineStitch>;

const textures: Partial<Record<TimelineEvent['kind'], OutlineStitch[3]>> = {
  rep: 'reps',
  phrase: 'reps',
  breath: 'hold',
  hold: 'hold',
  time: 'hold',
  pass: 'reps',
  stop: 'stops',
  length: 'travel',
  feel: 'feel',
};

/** Neighbouring pieces of work of one item, foot and kind become one stitch. Seconds, to a tenth. */
export function outlineOf(timeline: Timeline): OutlineStitch[] {
  const stitches: OutlineStitch[] = [];
  let open: { event: TimelineEvent; startMs: number; endMs: number; feet: OutlineStitch[2] } | null = null;
  const close = () => {
    const texture = open && textures[open.event.kind];
    if (open && texture) stitches.push([tenths(open.startMs), tenths(open.endMs - open.startMs), open.feet, texture]);
    open = null;
  };
  for (const event of bodyOf(timeline)) {
    if (event.activity === 'rest') continue;
    if (event.activity !== 'work') close();
    else if (open?.event.itemId === event.itemId && open.event.kind === event.kind && alike(open.event, event)) {
      open.endMs = event.endMs;
      if (open.feet !== event.feet) open.feet = 'both';
    } else {
      close();
      open = { event, startMs: event.startMs, endMs: event.endMs, feet: event.feet };
    }
  }
  close();
  return stitches;
}

const tenths = (ms: number) => Math.round(ms / 100) / 10;
const alike = (a: TimelineEvent, b: TimelineEvent) => a.count?.part === b.count?.part;
