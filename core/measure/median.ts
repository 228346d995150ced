/**
 * The middle one of some numbers, or the mean of the two middle ones. @throws RangeError where there are none
 * @example median([3, 1, 2]) // 2
 */
export function median(numbers: readonly number[]): number {
  const sorted = [...numbers].sort((a, b) => a - b);
  const [low, high] = [sorted[Math.floor((sorted.length - 1) / 2)], sorted[Math.floor(sorted.length / 2)]];
  if (low === undefined || high === undefined) throw new RangeError('a median needs a number');
  return (low + high) / 2;
}
