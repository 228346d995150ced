import type { Region } from '../exercise';
import type { Timeline } from '../timeline';

/** Regions gathered into the rows that fit under a thread, top to foot of the leg. */
export const weaveRows = [
  { id: 'toes', name: 'toes', regions: ['toe-flexors', 'toe-extensors', 'big-toe-joint'] },
  { id: 'sole', name: 'sole', regions: ['arch-intrinsics', 'plantar-tissue'] },
  { id: 'calf', name: 'calf', regions: ['calf', 'deep-calf'] },
  { id: 'ankle', name: 'ankle', regions: ['inner-ankle', 'outer-ankle', 'shin'] },
  { id: 'hip', name: 'hip', regions: ['hip-and-trunk'] },
] as const satisfies readonly { id: string; name: string; regions: readonly Region[] }[];

export interface WeaveCell {
  readonly row: (typeof weaveRows)[number]['id'];
  readonly itemId: string;
  readonly startMs: number;
  readonly endMs: number;
  /** The heaviest of the row's regions, 1 to 3: Needlework's estimate. */
  readonly rating: number;
}

/** What works when: one cell for each visit of an item and each row it loads. */
export function weaveOf(timeline: Timeline): WeaveCell[] {
  const cells: WeaveCell[] = [];
  for (const { itemId, execution, visits } of timeline.items)
    for (const row of weaveRows) {
      const rating = row.regions.reduce((most, region) => Math.max(most, execution?.regions[region] ?? 0), 0);
      if (rating === 0) continue;
      for (const { startMs, endMs } of visits) cells.push({ row: row.id, itemId, startMs, endMs, rating });
    }
  return cells;
}
