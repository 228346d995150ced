/**
 * The smallest difference between two readings that noise makes in one pair of twenty only: MDC95 = 1.96 · √2 · SEM.
 * Source: Weir 2005, J Strength Cond Res 19:231.
 * @param sem standard error of measurement of one reading, any unit
 * @returns in the same unit
 * @example minimalDetectableChange(3) // 8.3
 */
export const minimalDetectableChange = (sem: number): number => 1.96 * Math.SQRT2 * sem;

/**
 * The standard error of measurement from a reliability: SEM = SD · √(1 − ICC).
 * Source: Weir 2005, J Strength Cond Res 19:231.
 * @param sd standard deviation between people
 * @param icc intraclass correlation, 0 to 1
 * @throws RangeError outside these
 * @example standardErrorOfMeasurement(6, 0.75) // 3
 */
export function standardErrorOfMeasurement(sd: number, icc: number): number {
  if (!(sd >= 0) || !(icc >= 0 && icc <= 1)) throw new RangeError('sd must be 0 or more, icc from 0 to 1');
  return sd * Math.sqrt(1 - icc);
}
