import { type Execution, withSubstitutes } from '../exercise';
import type { KitId } from '../kit';
import type { Brief, Item, PlanCommand } from '../plan';
import { shortKit } from '../timeline';

/** An item of a class with its exercise settled. */
interface Using {
  readonly item: Pick<Item, 'id' | 'substitutes'>;
  readonly execution: Execution;
}

/** A piece that can stand in for another in some exercises of a class. */
export interface StandIn {
  readonly by: KitId;
  /** What the swap changes, in the exercises' own words. */
  readonly changes: readonly string[];
  readonly command: PlanCommand;
}

/** What every one of some exercises names in the place of a piece, and there is enough of; in the exercises' own order. */
export function standInsFor(kit: KitId, those: readonly Using[], brief: Pick<Brief, 'people' | 'cupboard'>): StandIn[] {
  const named = those.map(({ execution }) =>
    execution.kit.flatMap((need) => (need.kit === kit ? need.substitutes : [])),
  );
  return [...new Set(named[0]?.map((one) => one.kit))]
    .filter((by) => {
      const goesRound = ({ execution }: Using) => !shortKit(withSubstitutes(execution, [{ of: kit, by }]), brief);
      return named.every((list) => list.some((one) => one.kit === by)) && those.every(goesRound);
    })
    .map((by) => ({
      by,
      changes: [...new Set(named.flat().flatMap((one) => (one.kit === by ? [one.changes] : [])))],
      command: {
        type: 'together',
        commands: those.map(({ item }) => ({
          type: 'edit-item',
          itemId: item.id,
          change: { substitutes: [...item.substitutes, { of: kit, by }] },
        })),
      },
    }));
}
