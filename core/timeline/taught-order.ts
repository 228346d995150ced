import type { Plan } from '../plan';
import type { Feet, Timeline } from './timeline';

/** One stretch of a block as it is taught: an item on both feet, one foot's visit, or the pause to compare. */
export interface TaughtStretch {
  /** Null for the pause to compare the feet. */
  readonly itemId: string | null;
  readonly feet: Feet;
  readonly startMs: number;
  readonly totalMs: number;
  /** 1 for the first visit of its item; 2 where a ring comes back to it. */
  readonly visit: number;
}

const blockAt = ({ blocks }: Timeline, ms: number): string => blocks.findLast((b) => b.startMs <= ms)?.blockId ?? '';

/** The stretches of each block in the order in which they are taught, by the block's id. */
export function taughtOrder(plan: Plan, timeline: Timeline): ReadonlyMap<string, readonly TaughtStretch[]> {
  const visits = timeline.items.flatMap((item) =>
    item.visits.map((v, i) => ({
      // What is taken off comes off where it was worn last, in whatever block that is.
      blockId: blockAt(timeline, v.startMs),
      itemId: item.itemId,
      feet: v.feet,
      startMs: v.startMs,
      totalMs: v.endMs - v.startMs,
      visit: i + 1,
    })),
  );
  const pauses = timeline.events
    .filter((e) => e.kind === 'compare')
    .map((e) => ({
      blockId: blockAt(timeline, e.startMs),
      itemId: null,
      feet: 'both' as const,
      startMs: e.startMs,
      totalMs: e.endMs - e.startMs,
      visit: 1,
    }));
  const all = [...visits, ...pauses].sort((a, b) => a.startMs - b.startMs);
  return new Map(plan.blocks.map((block) => [block.id, all.filter((stretch) => stretch.blockId === block.id)]));
}
