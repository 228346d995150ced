/**
 * Share of a standard normal distribution below z, to within 1.5e-7: Abramowitz & Stegun 1964, formula 7.1.26.
 * @example normalBelow(1.96) // 0.975
 */
export function normalBelow(z: number): number {
  const t = 1 / (1 + (0.3275911 * Math.abs(z)) / Math.SQRT2);
  const series = t * (0.254829592 + t * (-0.284496736 + t * (1.421413741 + t * (-1.453152027 + t * 1.061405429))));
  const tail = (series * Math.exp((-z * z) / 2)) / 2;
  return z >= 0 ? 1 - tail : tail;
}
