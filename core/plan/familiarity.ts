import type { PlanCommand } from './command';
import type { Familiarity } from './pace';
import { type Plan, itemsOf } from './plan';

/** How familiar an exercise is to a group that was taught it so often. */
export const familiarityAfter = (times: number): Familiarity =>
  times === 0 ? 'new' : times === 1 ? 'seen-once' : 'known';

/** What the log would have otherwise in a class, in one step, with how many items it changes. */
export interface FamiliarityChange {
  readonly command: PlanCommand;
  readonly items: number;
}

/**
 * New, seen once or known as the log counts it: an exercise that comes twice in a class is less new the second time, and a
 * look again is of what was just done.
 * @param times how often the group was taught an exercise, by its id
 * @returns null where the class says so already
 */
export function familiarityFrom(plan: Plan, times: Readonly<Record<string, number>>): FamiliarityChange | null {
  const earlier = new Map<string, number>();
  const commands = itemsOf(plan).flatMap((item) => {
    const before = earlier.get(item.exerciseId) ?? 0;
    earlier.set(item.exerciseId, before + 1);
    const familiarity = item.recheck ? 'known' : familiarityAfter((times[item.exerciseId] ?? 0) + before);
    if (familiarity === item.familiarity) return [];
    return [{ type: 'edit-item' as const, itemId: item.id, change: { familiarity } }];
  });
  return commands.length === 0 ? null : { command: { type: 'together', commands }, items: commands.length };
}
