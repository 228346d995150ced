import type { PlanCommand } from './command';
import { type AnyItem, type Block, type Plan, findAny } from './plan';

/** The items of a block in groups that stay together: a drill with its re-checks, or an item alone. */
function groupsOf({ items }: Block): AnyItem[][] {
  const groups: AnyItem[][] = [];
  for (const item of items) {
    const last = groups.at(-1);
    const drill = item.kind === 'exercise' ? item.recheck?.of : null;
    if (last && drill && last[0]?.id === drill) last.push(item);
    else groups.push([item]);
  }
  return groups;
}

/**
 * One place up or down; over the edge of a block into the next one. A drill and its re-checks are one.
 * @returns null where there is nowhere to go
 */
export function moveByOne(plan: Plan, itemId: string, by: 1 | -1): PlanCommand | null {
  const found = findAny(plan, itemId);
  if (!found) return null;
  const { block } = found;
  const groups = groupsOf(block);
  const at = groups.findIndex((group) => group.some((item) => item.id === itemId));
  const within = at + by >= 0 && at + by < groups.length;
  const into = within ? block : plan.blocks[plan.blocks.indexOf(block) + by];
  if (!into) return null;
  const others = into.items.filter((item) => item.id !== itemId);
  const next = within ? groups[by === 1 ? at + 2 : at - 1]?.[0] : by === 1 ? into.items[0] : undefined;
  const index = next ? others.indexOf(next) : others.length;
  return { type: 'move-item', itemId, blockId: into.id, index };
}
