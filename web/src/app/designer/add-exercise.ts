import type { Exercise, Family } from '@core/exercise';
import { type NextId, type Plan, type PlanCommand, findItem, newBlock, newItem } from '@core/plan';

/** What a block of each family is usually called. */
const blockNames: Readonly<Record<Family, string>> = {
  check: 'Look',
  release: 'Release',
  mobility: 'Loosen',
  toes: 'Toes',
  arch: 'Arch',
  band: 'Band',
  strength: 'Rises',
  gait: 'Step',
  balance: 'Stand',
  impact: 'Jump',
  close: 'Close',
};

export interface Addition {
  readonly command: PlanCommand;
  readonly itemId: string;
}

/**
 * Where a picked exercise goes: after the selected item; where that ends its block and the family differs, into a
 * block of its own kind right behind it; at the end when nothing is selected.
 */
export function addExercise(
  plan: Plan,
  selectedId: string | null,
  exercise: Exercise,
  revision: string,
  nextId: NextId,
): Addition {
  const item = newItem(nextId(), exercise, revision, plan.school);
  const name = blockNames[exercise.family];
  const selected = selectedId === null ? null : findItem(plan, selectedId);
  const at = selected ? plan.blocks.indexOf(selected.block) : plan.blocks.length - 1;
  const block = plan.blocks[at];
  const inside = selected ? selected.index + 1 : (block?.items.length ?? 0);
  const into = (blockId: string, index: number): Addition => ({
    command: { type: 'add-item', item, blockId, index },
    itemId: item.id,
  });
  if (block && (inside < block.items.length || block.name === name || block.items.length === 0))
    return into(block.id, inside);
  const next = plan.blocks[at + 1];
  if (next?.name === name) return into(next.id, 0);
  return {
    command: { type: 'add-block', block: newBlock(nextId(), name, [item], plan.school.sides), index: at + 1 },
    itemId: item.id,
  };
}
