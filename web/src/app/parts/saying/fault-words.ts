import type { Exercise } from '@core/exercise';

const views: Readonly<Record<Exercise['faults'][number]['from'], string>> = {
  front: 'from the front',
  behind: 'from behind',
  'inner side': 'from the inner side',
  'outer side': 'from the outer side',
  above: 'from above',
  'mirror in front': 'in a mirror in front',
};

/** From where a fault shows, as one would say it. */
export const viewWords = (fault: Exercise['faults'][number]): string => views[fault.from];
