/** Changes that chance alone makes, of all readings that are judged: the simulation finds about 0.0055, said as 0.006. */
const share = 0.006;

/** How many changes noise alone makes among so many judged readings. @example changesByChance(1000) // 6 */
export const changesByChance = (judged: number): number => judged * share;

/** The same as one says it: "less than one change", "about 17 changes". */
export function chanceWords(judged: number): string {
  const expected = changesByChance(judged);
  if (expected < 1) return 'less than one change';
  return expected < 1.5 ? 'about one change' : `about ${Math.round(expected)} changes`;
}
