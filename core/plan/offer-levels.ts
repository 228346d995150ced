import type { Exercise } from '../exercise';
import type { PlanCommand } from './command';
import { type Item, type Plan, itemsOf } from './plan';

/** The levels beside the one an item stands on: the next easier and the next harder, where there are such. */
export function levelsBeside(item: Item, exercise: Exercise): Pick<Item, 'easier' | 'harder'> {
  const rungs = exercise.ladder?.rungs ?? [];
  const at = rungs.findIndex((rung) => rung.id === item.rungId);
  const option = (index: number) => {
    const rung = at === -1 ? undefined : rungs[index];
    return rung ? { rungId: rung.id } : null;
  };
  return { easier: option(at - 1), harder: option(at + 1) };
}

/**
 * Offers the next easier and the next harder level of every exercise of a class that has them, in one step; what the
 * teacher has chosen stays.
 * @returns null where there is nothing to offer
 */
export function offerLevels(plan: Plan, find: (revision: string) => Exercise | null): PlanCommand | null {
  const commands = itemsOf(plan).flatMap((item) => {
    const exercise = find(item.revision);
    if (!exercise || item.recheck) return [];
    const beside = levelsBeside(item, exercise);
    const change = {
      ...(item.easier === null && beside.easier ? { easier: beside.easier } : {}),
      ...(item.harder === null && beside.harder ? { harder: beside.harder } : {}),
    };
    return Object.keys(change).length === 0 ? [] : [{ type: 'edit-item' as const, itemId: item.id, change }];
  });
  return commands.length === 0 ? null : { type: 'together', commands };
}
