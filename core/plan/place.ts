import type { PlanCommand } from './command';
import { type NextId, newBlock } from './make';
import { type AnyItem, type Plan, findAny } from './plan';

/** An edit that adds an item, and the item it adds. */
export interface Addition {
  readonly command: PlanCommand;
  readonly itemId: string;
}

/** Where something belongs: at the very beginning, after what is selected, or at the very end. */
export type Where = 'first' | 'here' | 'last';

interface Place {
  readonly blockId: string;
  readonly index: number;
}

/** The place in a class; null where it has no block yet. What opens a class opens it in the order it was put there. */
export function placeFor(plan: Plan, selectedId: string | null, where: Where): Place | null {
  const selected = where === 'here' && selectedId !== null ? findAny(plan, selectedId) : null;
  if (selected) return { blockId: selected.block.id, index: selected.index + 1 };
  const block = where === 'first' ? plan.blocks[0] : plan.blocks.at(-1);
  if (!block) return null;
  const opening = block.items.findIndex((item) => item.kind !== 'talk');
  const index = where === 'first' && opening !== -1 ? opening : block.items.length;
  return { blockId: block.id, index };
}

/** An item at a place; where there is none, with a block of that name around it. */
export function addedAt(plan: Plan, place: Place | null, item: AnyItem, blockName: string, nextId: NextId): Addition {
  if (place) return { command: { type: 'add-item', item, ...place }, itemId: item.id };
  const block = newBlock(nextId(), blockName, [item], plan.school.sides);
  return { command: { type: 'add-block', block, index: plan.blocks.length }, itemId: item.id };
}
