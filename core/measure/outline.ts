import { type Result, ok, refuse } from '../result';
import type { At } from './angle';

/**
 * The area inside a closed line, by the shoelace formula (textbook).
 * @param line at least three points, in order
 * @returns in the square of their unit
 * @example areaInside([{ x: 0, y: 0 }, { x: 4, y: 0 }, { x: 4, y: 3 }]) // 6
 */
export function areaInside(line: readonly At[]): number {
  return Math.abs(
    line.reduce((sum, a, i) => {
      const b = line[(i + 1) % line.length] ?? a;
      return sum + a.x * b.y - b.x * a.y;
    }, 0) / 2,
  );
}

const side = (a: At, b: At, p: At) => Math.sign((b.x - a.x) * (p.y - a.y) - (b.y - a.y) * (p.x - a.x));

/** Whether a closed line crosses itself, and where: the numbers of two of its pieces; null where it does not. */
export function crossingOf(line: readonly At[]): readonly [number, number] | null {
  const n = line.length;
  for (let i = 0; i < n; i++)
    for (let j = i + 2; j < n; j++) {
      if (i === 0 && j === n - 1) continue;
      const [a, b, c, d] = [line[i], line[(i + 1) % n], line[j], line[(j + 1) % n]];
      if (!a || !b || !c || !d) continue;
      if (side(a, b, c) * side(a, b, d) < 0 && side(c, d, a) * side(c, d, b) < 0) return [i, j];
    }
  return null;
}

/** Where a traced foot stands: the outline, and the three points under heel, inner ball and outer ball, in millimetres. */
export interface Tracing {
  readonly outline: readonly At[];
  readonly heel: At;
  readonly innerBall: At;
  readonly outerBall: At;
}

/** What a tracing gives. */
export interface BaseOfSupport {
  /** cm². */
  readonly outlineArea: number;
  /** cm², between the three points. */
  readonly tripodArea: number;
  /** cm: the widest place in the front half, across the line from the heel to the middle between the balls. */
  readonly width: number;
}

export type TracingFault = 'outline-short' | 'outline-crosses' | 'points-in-line';

/**
 * Base of support from a tracing: area, area of the tripod, width at the toes.
 * Common practice, no source; the figures come from the outline alone.
 */
export function baseOfSupport({ outline, heel, innerBall, outerBall }: Tracing): Result<BaseOfSupport, TracingFault> {
  if (outline.length < 8) return refuse('outline-short');
  if (crossingOf(outline)) return refuse('outline-crosses');
  const tripod = areaInside([heel, innerBall, outerBall]);
  if (tripod < 1) return refuse('points-in-line');
  const front = { x: (innerBall.x + outerBall.x) / 2, y: (innerBall.y + outerBall.y) / 2 };
  const long = Math.hypot(front.x - heel.x, front.y - heel.y);
  const [ux, uy] = [(front.x - heel.x) / long, (front.y - heel.y) / long];
  // along the foot, and across it
  const placed = outline.map(({ x, y }) => ({
    along: (x - heel.x) * ux + (y - heel.y) * uy,
    across: (y - heel.y) * ux - (x - heel.x) * uy,
  }));
  const forward = placed.filter(({ along }) => along >= long / 2);
  const across = (forward.length > 1 ? forward : placed).map((point) => point.across);
  return ok({
    outlineArea: areaInside(outline) / 100,
    tripodArea: tripod / 100,
    width: (Math.max(...across) - Math.min(...across)) / 10,
  });
}
