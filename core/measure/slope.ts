/**
 * Weighted least squares of x on t: textbook formula.
 * @param points t in days, x on any scale, f how many times the variance of a usual reading (weight 1/f)
 * @returns slope b in x a day, and Q = Σ(t − t̄)²/f
 * @example slopeOf([{ t: 0, x: 0, f: 1 }, { t: 10, x: 5, f: 1 }]) // { b: 0.5, q: 50 }
 */
export function slopeOf(points: readonly { readonly t: number; readonly x: number; readonly f: number }[]): {
  readonly b: number;
  readonly q: number;
} {
  const weight = points.reduce((sum, { f }) => sum + 1 / f, 0);
  const meanT = points.reduce((sum, { t, f }) => sum + t / f, 0) / weight;
  const meanX = points.reduce((sum, { x, f }) => sum + x / f, 0) / weight;
  const q = points.reduce((sum, { t, f }) => sum + (t - meanT) ** 2 / f, 0);
  const cross = points.reduce((sum, { t, x, f }) => sum + ((t - meanT) * (x - meanX)) / f, 0);
  return { b: q === 0 ? 0 : cross / q, q };
}
