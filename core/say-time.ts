/**
 * A length or an instant of class time as m:ss, the only way the product writes one.
 * @param ms integer milliseconds; rounded to the nearest second, a negative one gets a minus sign
 * @example sayTime(635_000) // '10:35'
 */
export function sayTime(ms: number): string {
  const total = Math.round(Math.abs(ms) / 1000);
  const sign = ms < 0 && total > 0 ? '−' : '';
  return `${sign}${Math.floor(total / 60)}:${String(total % 60).padStart(2, '0')}`;
}

/** A short length in the words a teacher uses: 45 s, 1 min, 2 min 30 s. */
export function sayLength(ms: number): string {
  const total = Math.round(ms / 1000);
  if (total < 60) return `${total} s`;
  const rest = total % 60;
  return rest === 0 ? `${Math.floor(total / 60)} min` : `${Math.floor(total / 60)} min ${rest} s`;
}
