import type { Foot, SoleMark } from './reading';

/** Places of the sole that a tender spot is told by. */
export const soleZones = ['big toe', 'small toes', 'inner ball', 'outer ball', 'arch', 'outer edge', 'heel'] as const;
export type SoleZone = (typeof soleZones)[number];

/**
 * The zone of the sole in which a mark lies, the footprint seen from above with the toes up. Needlework's own division.
 * @param foot on the left foot the inner side is to the right
 */
export function zoneOf(foot: Foot, { x, y }: SoleMark): SoleZone {
  const inner = foot === 'right' ? x < 50 : x >= 50;
  if (y < 20) return inner ? 'big toe' : 'small toes';
  if (y < 42) return inner ? 'inner ball' : 'outer ball';
  if (y < 74) return inner ? 'arch' : 'outer edge';
  return 'heel';
}
