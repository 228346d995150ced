import { timed } from '../dose';
import type { Exercise, Family } from '../exercise';
import { type NextId, newBlock, newItem } from './make';
import { type Addition } from './place';
import { type AnyItem, type Item, type Plan, exercisesIn, findAny, findItem } from './plan';

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

/** What a block of exercises like this one is usually called. */
export const blockNameOf = ({ family }: Pick<Exercise, 'family'>): string => blockNames[family];

/** The last item of the last block that is called as its own kind usually is: it goes behind that. Null where there is none. */
export const amongItsKind = (plan: Plan, exercise: Pick<Exercise, 'family'>): string | null =>
  plan.blocks.findLast(({ name, items }) => name === blockNameOf(exercise) && items.length > 0)?.items.at(-1)?.id ??
  null;

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
  const name = blockNameOf(exercise);
  const selected = selectedId === null ? null : findAny(plan, selectedId);
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

/** The walk that looks again: same, better or worse. */
export const recheckExercise = 'walk-and-compare';

/**
 * A re-check of a drill, right behind it: any exercise, the way the teacher's school has it; the walk for as long as the
 * teacher's pace says.
 * @returns null where the item is not in the class
 */
export function addRecheck(
  plan: Plan,
  itemId: string,
  exercise: Exercise,
  revision: string,
  nextId: NextId,
): Addition | null {
  const found = findItem(plan, itemId);
  if (!found) return null;
  const made = newItem(nextId(), exercise, revision, plan.school);
  const seconds = Math.max(1, Math.round(plan.pace.recheckSeconds));
  const dose = exercise.id === recheckExercise ? [timed(seconds)] : made.dose;
  const item: Item = { ...made, recheck: { of: itemId }, dose };
  return {
    command: { type: 'add-item', item, blockId: found.block.id, index: found.index + 1 },
    itemId: item.id,
  };
}

/**
 * What an item could look again at: the class, and the drill before it (with the drills that share its re-check left
 * out). Null stands for the class.
 */
export function recheckable(plan: Plan, itemId: string): readonly (Item | null)[] {
  const found = findItem(plan, itemId);
  const before = found ? exercisesIn({ items: found.block.items.slice(0, found.index) }) : [];
  const drill = before.findLast((item) => !item.recheck?.of);
  return drill ? [null, drill] : [null];
}

/** The same item once more, right behind itself. */
export function addAgain(plan: Plan, itemId: string, nextId: NextId): Addition | null {
  const found = findAny(plan, itemId);
  if (!found) return null;
  // What is worn is on already: once more it is an exercise of its own.
  const again = found.item.kind === 'talk' ? found.item : { ...found.item, wornUntil: null };
  const item: AnyItem = { ...again, id: nextId() };
  return {
    command: { type: 'add-item', item, blockId: found.block.id, index: found.index + 1 },
    itemId: item.id,
  };
}
