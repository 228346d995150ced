import { isWorn } from '../kit';
import type { Execution } from './resolve';

/** Whether it can be worn beside other work: something stays on both feet by itself, and the feet do nothing for it. */
export const canBeWorn = ({ kit, exercise, sidePattern }: Execution): boolean =>
  exercise.stage === 'passive' && sidePattern === 'both' && kit.some((need) => isWorn(need.kit));
