import { isWorn, kitNames } from '../kit';
import type { Execution } from './resolve';

/** Whether it can be worn beside other work: something stays on both feet by itself, and the feet do nothing for it. */
export const canBeWorn = ({ kit, exercise, sidePattern }: Execution): boolean =>
  exercise.stage === 'passive' && sidePattern === 'both' && kit.some((need) => isWorn(need.kit));

/** What is done once it has been worn: "Take off the toe spacers", or what stands in for them. */
export function takeOffWords({ kit }: Execution): string {
  const piece = kit.find((need) => isWorn(need.kit)) ?? kit[0];
  return piece ? `Take off the ${kitNames[piece.kit]}` : 'Take it off';
}
