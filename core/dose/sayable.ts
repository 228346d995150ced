/**
 * Doses that teachers say aloud: nobody calls 13 reps or 27 s (common practice, no source).
 * Spare seconds become room to breathe, not odd numbers.
 */
export const sayableCounts: readonly number[] = [
  1, 2, 3, 4, 5, 6, 8, 10, 12, 15, 16, 20, 24, 30, 32, 40, 50, 60, 80, 100, 150, 200,
];
export const sayableSeconds: readonly number[] = [
  1, 2, 3, 5, 8, 10, 15, 20, 30, 45, 60, 90, 120, 150, 180, 240, 300, 360, 480, 600, 900, 1200, 1800,
];
/** Pauses and shifts may be nothing at all. */
export const sayablePauses: readonly number[] = [0, ...sayableSeconds];
/** Beats a minute that come from music, in steps a teacher would look for. */
export const sayableTempos: readonly number[] = [
  4, 6, 8, 10, 12, 15, 20, 30, 40, 50, 60, 66, 72, 80, 88, 96, 100, 104, 108, 112, 116, 120, 126, 132, 138, 144, 152,
  160, 180, 200, 240,
];
/** Seconds of one phase of a rep, to a quarter. */
export const sayablePhaseSeconds: readonly number[] = [
  0.25, 0.5, 0.75, 1, 1.5, 2, 2.5, 3, 4, 5, 6, 8, 10, 15, 20, 30, 60,
];

/**
 * The next value along a list of sayable ones, from any value, also one between two of them.
 * @param direction 1 for more, -1 for less
 * @returns the value itself at the end of the list
 */
export function nextSayable(value: number, direction: 1 | -1, list: readonly number[]): number {
  const found = direction === 1 ? list.find((v) => v > value) : list.findLast((v) => v < value);
  return found ?? value;
}
