/**
 * Where the true share of a yes lies, by the score interval: Wilson 1927, J Am Stat Assoc 22:209 (textbook formula).
 * @param yes of n, n at least 1
 * @param z how wide: 2 for about 95 of 100
 * @example wilson(3, 4, 2) // from 0.31 to 0.95
 */
export function wilson(yes: number, n: number, z: number): { readonly from: number; readonly to: number } {
  const share = yes / n;
  const middle = share + (z * z) / (2 * n);
  const half = z * Math.sqrt((share * (1 - share)) / n + (z * z) / (4 * n * n));
  const width = 1 + (z * z) / n;
  return { from: Math.max(0, (middle - half) / width), to: Math.min(1, (middle + half) / width) };
}
