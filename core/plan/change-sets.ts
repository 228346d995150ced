import { withSets } from '../dose';
import type { PlanCommand } from './command';
import { type Plan, findItem } from './plan';

/**
 * One set more or less of an item, on both feet; a second set brings the rest it needs.
 * @returns null where there is no such item, only one set left, or as many as there can be
 */
export function changeSets(plan: Plan, itemId: string, by: 1 | -1): PlanCommand | null {
  const found = findItem(plan, itemId);
  const dose = found && withSets(found.item.dose, by);
  return dose && { type: 'edit-item', itemId, change: { dose } };
}
