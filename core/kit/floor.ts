import * as z from 'zod';

/** The floor of a room, or of the corner of it where an item is taught. */
export const Floor = z.enum(['wood', 'tile', 'mat', 'carpet', 'outdoors']);
export type Floor = z.infer<typeof Floor>;

/** What an exercise asks of the floor. */
export const FloorNeed = z.enum(['any', 'smooth-hard', 'padded']);
export type FloorNeed = z.infer<typeof FloorNeed>;

const suited: Readonly<Record<FloorNeed, ReadonlySet<Floor>>> = {
  any: new Set<Floor>(['wood', 'tile', 'mat', 'carpet', 'outdoors']),
  'smooth-hard': new Set<Floor>(['wood', 'tile']),
  padded: new Set<Floor>(['mat', 'carpet']),
};

/**
 * Whether an exercise can be done on a floor: what it needs, less what it rules out.
 * A towel drag needs a smooth hard floor; on carpet the cloth does not slide (common practice, no source).
 */
export function floorSuits(need: FloorNeed, ruledOut: readonly Floor[], floor: Floor): boolean {
  return suited[need].has(floor) && !ruledOut.includes(floor);
}
