import type { Execution } from '../exercise';
import { type KitId, isFetched } from '../kit';
import type { Brief } from '../plan';

/** Kit that does not go round: how many pieces there are, how many are wanted, and in how many turns they are used. */
export interface ShortKit {
  readonly kit: KitId;
  readonly has: number;
  readonly wants: number;
  /** One after the other; 1 where there is none at all and taking turns would not help. */
  readonly turns: number;
}

/** The piece of an exercise that is shortest in a class; null where there is enough, or nobody has counted. */
export function shortKit(
  { kit }: Execution,
  { people, cupboard }: Pick<Brief, 'people' | 'cupboard'>,
): ShortKit | null {
  if (people === null) return null;
  const found = kit.flatMap((need): ShortKit[] => {
    const has = cupboard[need.kit];
    const wants = need.per === 'person' ? need.count * people : need.count;
    if (!isFetched(need.kit) || has === undefined || has >= wants) return [];
    // Somebody who uses two pieces needs two at once.
    const sets = need.per === 'person' ? Math.floor(has / need.count) : 0;
    return [{ kit: need.kit, has, wants, turns: sets === 0 ? 1 : Math.ceil(people / sets) }];
  });
  return found.sort((a, b) => b.turns - a.turns)[0] ?? null;
}
