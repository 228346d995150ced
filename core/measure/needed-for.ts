import { CheckId } from './check-id';
import { protocolFor } from './known-checks';
import type { Protocol } from './protocol';

/** Checks that are judged with each other's readings: the toe on its own and by hand; what one tracing gives. */
const together: readonly (readonly string[])[] = [
  ['big-toe-by-hand', 'big-toe-unaided', 'big-toe-gap'],
  ['base-of-support', 'tripod-area', 'outline-area'],
];

/** The checks whose readings are needed to take and judge one. */
export const neededFor = (check: string): readonly string[] =>
  together.find((group) => group.includes(check)) ?? [check];

/**
 * The checks of which something stands among readings: those of Needlework in the order in which they are listed, the
 * gap where both its readings are, then the teacher's own.
 */
export function checksIn(
  readings: readonly { readonly protocol: string }[],
  own: readonly Protocol[],
): readonly Protocol[] {
  const there = new Set(readings.map(({ protocol }) => protocol));
  if (there.has('big-toe-by-hand') && there.has('big-toe-unaided')) there.add('big-toe-gap');
  return [...CheckId.options, ...own.map(({ id }) => id)].flatMap((id) =>
    there.has(id) ? (protocolFor(id, own) ?? []) : [],
  );
}
