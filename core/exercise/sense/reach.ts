import { heldOnTo } from '../support';
import type { Sense } from './note';

/** Whoever lets go keeps the support in reach: it is not put away. */
export const reach: Sense = ({ rung, done, before }) => {
  const free = rung?.axes.support;
  if (!rung || free === undefined || !/^(none|0 )/.test(free) || !before) return [];
  const upright = done.position === 'standing' || done.position === 'walking';
  if (!upright || heldOnTo(before).length === 0 || heldOnTo(done).length > 0) return [];
  return [
    {
      code: 'support-out-of-reach',
      words: `“${rung.name}”: hands go free and what one held on to is put away. Keep it in the kit, within reach.`,
    },
  ];
};
