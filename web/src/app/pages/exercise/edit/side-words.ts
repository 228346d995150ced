import type { SidePattern } from '@core/exercise';

/** How the two feet share an exercise, as the editor says it. */
export const sideWords: Readonly<Record<SidePattern, string>> = {
  both: 'both feet',
  each: 'one foot, then the other',
  alternate: 'feet in turn',
  travelling: 'walking',
};
