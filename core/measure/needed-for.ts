import { CheckId } from './check-id';

/** Checks that are judged with each other's readings: the toe on its own and by hand; what one tracing gives. */
const together: readonly (readonly CheckId[])[] = [
  ['big-toe-by-hand', 'big-toe-unaided', 'big-toe-gap'],
  ['base-of-support', 'tripod-area', 'outline-area'],
];

/** The checks whose readings are needed to take and judge one. */
export const neededFor = (check: CheckId): readonly CheckId[] =>
  together.find((group) => group.includes(check)) ?? [check];

/** The checks of which something stands among readings, in the order in which they are listed; the gap where both are. */
export function checksIn(readings: readonly { readonly protocol: string }[]): CheckId[] {
  const there = new Set(readings.map(({ protocol }) => protocol));
  if (there.has('big-toe-by-hand') && there.has('big-toe-unaided')) there.add('big-toe-gap');
  return CheckId.options.filter((id) => there.has(id));
}
