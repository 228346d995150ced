import type { Execution } from './resolve';

const holdsOn: ReadonlySet<string> = new Set(['chair', 'wall', 'barre', 'stick']);
/** How the support axis says that hands are free, one finger from it, or only come back for a moment. */
const nearlyFree = /^(none|no\b|without|0|1 |one finger|a tap)/i;

/** Whether hands are free, or at most one finger holds on: as the level says, else by what there is to hold on to. */
export function handsNearlyFree({ exercise, rungId, kit }: Execution): boolean {
  const support = exercise.ladder?.rungs.find((rung) => rung.id === rungId)?.axes.support;
  return support === undefined ? !kit.some((need) => holdsOn.has(need.kit)) : nearlyFree.test(support);
}

/** What somebody holds on to in this way of doing it. */
export const heldOnTo = ({ kit }: Execution): Execution['kit'] => kit.filter((need) => holdsOn.has(need.kit));
