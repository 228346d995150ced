/**
 * The time of day so long after a class began, with seconds; null where what was typed is no time.
 *
 * `clockAfter('18:30', 754_400)` is `'18:42:34'`.
 * @param startsAt as a time field gives it: "18:30"
 * @param ms class time
 */
export function clockAfter(startsAt: string, ms: number): string | null {
  const [, hours = '', minutes = ''] = /^([01]\d|2[0-3]):([0-5]\d)$/.exec(startsAt) ?? [];
  if (hours === '') return null;
  const seconds = (Number(hours) * 3600 + Number(minutes) * 60 + Math.round(ms / 1000)) % 86_400;
  const two = (n: number) => String(n).padStart(2, '0');
  return [Math.floor(seconds / 3600), Math.floor(seconds / 60) % 60, seconds % 60].map(two).join(':');
}
