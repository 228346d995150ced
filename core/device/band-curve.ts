import type { BandTest } from './band';

/** Force of a band against its stretch: F = a·x + b·x², x the stretch over the slack length, F in newtons. */
export interface BandCurve {
  readonly a: number;
  /** 0 with two pulls: a straight line is all they allow. */
  readonly b: number;
  /** How far a pull lies from the curve, newtons; null where there are no more pulls than the curve has numbers. */
  readonly error: number | null;
  /** The stretches that were pulled; outside them nothing is known. */
  readonly from: number;
  readonly to: number;
  /** Inverse of the sums, for the error of the curve itself. */
  readonly inverse: readonly [number, number, number];
}

/** So far beyond the farthest pull the curve is still believed. */
const beyond = 1.1;

/**
 * A curve through nothing-stretched-nothing-pulled by least squares (textbook; normal equations of two terms).
 * @param test at least two pulls, each longer than the slack length
 */
export function bandCurve({ slack, pulls }: Pick<BandTest, 'slack' | 'pulls'>): BandCurve {
  const points = pulls.map(({ length, force }) => ({ x: length / slack - 1, force }));
  const sum = (of: (point: { x: number; force: number }) => number) =>
    points.reduce((all, point) => all + of(point), 0);
  const [x2, x3, x4] = [sum(({ x }) => x ** 2), sum(({ x }) => x ** 3), sum(({ x }) => x ** 4)];
  const [fx, fx2] = [sum(({ x, force }) => force * x), sum(({ x, force }) => force * x ** 2)];
  const determinant = x2 * x4 - x3 ** 2;
  const stretches = new Set(points.map(({ x }) => x.toFixed(6)));
  const bent = points.length >= 3 && stretches.size >= 2 && determinant > 1e-12;
  const a = bent ? (fx * x4 - fx2 * x3) / determinant : fx / x2;
  const b = bent ? (fx2 * x2 - fx * x3) / determinant : 0;
  const freedom = points.length - (bent ? 2 : 1);
  const left = sum(({ x, force }) => (force - a * x - b * x ** 2) ** 2);
  const xs = points.map(({ x }) => x);
  return {
    a,
    b,
    error: freedom > 0 ? Math.sqrt(left / freedom) : null,
    from: Math.min(...xs),
    to: Math.max(...xs),
    inverse: bent ? [x4 / determinant, -x3 / determinant, x2 / determinant] : [1 / x2, 0, 0],
  };
}

/** The force at a stretch, newtons; null beyond what was pulled. @param x stretch over the slack length: 1 is twice as long */
export function forceAt({ a, b, to }: BandCurve, x: number): number | null {
  return x < 0 || x > to * beyond ? null : a * x + b * x ** 2;
}

/** The stretch that gives a force; null where the band does not reach it within what was pulled. */
export function stretchFor(curve: BandCurve, force: number): number | null {
  const { a, b, to } = curve;
  if (force < 0) return null;
  const roots =
    Math.abs(b) < 1e-9
      ? [force / a]
      : [1, -1].map((sign) => (-a + sign * Math.sqrt(Math.max(0, a ** 2 + 4 * b * force))) / (2 * b));
  const found = roots.filter((x) => x >= 0 && x <= to * beyond).sort((one, other) => one - other)[0];
  if (found === undefined) return null;
  const there = forceAt(curve, found);
  return there !== null && Math.abs(there - force) < 1e-6 * Math.max(1, force) ? found : null;
}

/** Standard error of the curve at a stretch, newtons; null where nobody knows the error of a pull. */
export function curveError({ error, inverse: [aa, ab, bb] }: BandCurve, x: number): number | null {
  return error === null ? null : error * Math.sqrt(Math.max(0, aa * x ** 2 + 2 * ab * x ** 3 + bb * x ** 4));
}

export interface BandsCompared {
  readonly verdict: 'same' | 'differ' | 'too-early';
  /** How much more the first pulls than the second, in per cent, over the stretches both were pulled to. */
  readonly percent: number | null;
}

/**
 * Whether two curves are really different: somewhere in the stretches that both were pulled to they lie further apart
 * than twice the error of the two. Needlework's own rule.
 */
export function compareBands(one: BandCurve, other: BandCurve): BandsCompared {
  const [from, to] = [Math.max(one.from, other.from), Math.min(one.to, other.to)];
  if (from > to) return { verdict: 'too-early', percent: null };
  const steps = Array.from({ length: 11 }, (_, i) => from + ((to - from) * i) / 10);
  const force = ({ a, b }: BandCurve, x: number) => a * x + b * x ** 2;
  const mean = (of: (x: number) => number) => steps.reduce((sum, x) => sum + of(x), 0) / steps.length;
  const percent = 100 * (mean((x) => force(one, x)) / mean((x) => force(other, x)) - 1);
  const apart = steps.map((x) => {
    const [e, f] = [curveError(one, x), curveError(other, x)];
    // the scale itself is read to a tenth of a kilogram
    return e === null || f === null ? null : Math.abs(force(one, x) - force(other, x)) / Math.hypot(e, f, 0.5);
  });
  if (apart.some((z) => z === null)) return { verdict: 'too-early', percent };
  return { verdict: apart.some((z) => z !== null && z > 2) ? 'differ' : 'same', percent };
}
