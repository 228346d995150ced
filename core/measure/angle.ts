/** A point in a picture: any unit, y down. */
export interface At {
  readonly x: number;
  readonly y: number;
}

/**
 * The angle at a joint between two directions. Textbook formula: atan2 of cross and dot product.
 * @returns degrees, 0 to 180; null where a direction has no length
 * @example angleAt({ x: 0, y: 0 }, { x: 1, y: 0 }, { x: 0, y: 1 }) // 90
 */
export function angleAt(joint: At, a: At, b: At): number | null {
  const [ax, ay, bx, by] = [a.x - joint.x, a.y - joint.y, b.x - joint.x, b.y - joint.y];
  if ((ax === 0 && ay === 0) || (bx === 0 && by === 0)) return null;
  return (Math.atan2(Math.abs(ax * by - ay * bx), ax * bx + ay * by) * 180) / Math.PI;
}

/** What three points are read as: how far a joint is bent from straight, or how far a line leans from upright. */
export type AngleReading = 'bend' | 'lean';

/**
 * The angle that a check asks for, from three points: behind the joint, the joint, beyond it.
 * `bend`: 0 where the three lie in one line. `lean`: 0 where the line stands square on the first direction.
 * @returns degrees; null where two points lie on each other
 */
export function angleFromPoints(reading: AngleReading, [behind, joint, beyond]: readonly [At, At, At]): number | null {
  const angle = angleAt(joint, behind, beyond);
  if (angle === null) return null;
  return reading === 'bend' ? 180 - angle : Math.abs(90 - angle);
}

/** Several settings of the same points: their mean, and half the width between the farthest. */
export function settingsOf(degrees: readonly number[]): { readonly mean: number; readonly spread: number } | null {
  if (degrees.length === 0) return null;
  const mean = degrees.reduce((sum, each) => sum + each, 0) / degrees.length;
  return { mean, spread: (Math.max(...degrees) - Math.min(...degrees)) / 2 };
}
