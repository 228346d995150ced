import * as z from 'zod';
import { type Stitch, kindOfEvent } from '../dose';
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

/** The few textures of a card, from the stitches of the thread. */
const textures: Readonly<Record<Stitch, OutlineStitch[3]>> = {
  stitch: 'reps',
  phrase: 'reps',
  satin: 'hold',
  dot: 'stops',
  chain: 'travel',
  fade: 'feel',
};
const textureOf = (event: TimelineEvent): OutlineStitch[3] | null => {
  const kind = kindOfEvent(event.kind);
  return kind && textures[kind.stitch];
};

/** Neighbouring pieces of work of one item, foot and kind become one stitch. Seconds, to a tenth. */
export function outlineOf(timeline: Timeline): OutlineStitch[] {
  const stitches: OutlineStitch[] = [];
  let open: { event: TimelineEvent; startMs: number; endMs: number; feet: OutlineStitch[2] } | null = null;
  const close = () => {
    const texture = open && textureOf(open.event);
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
