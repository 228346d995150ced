import { type DosePart, fittingNumbers, numberOf, withNumber, withRange, withUntil } from '../dose';
import type { Exercise } from '../exercise';
import { type Protocol, checkIdOf, classCheck } from '../measure';
import { type NextId, newItem } from './make';
import { type Addition, addedAt, placeFor } from './place';
import { type Item, type Plan, findItem, itemsOf } from './plan';

/** As much as a check takes: once; a count of reps until form goes, a time until the foot comes down. */
function onceFor({ result }: Protocol, part: DosePart): DosePart {
  const once = withRange({ ...part, sets: 1, multipliers: [] }, null);
  switch (result.gives === 'number' ? result.unit : null) {
    case 'reps':
      return withUntil(once, 'form goes');
    case 'seconds':
      return withUntil(withCounts(once, 1), 'the foot comes down');
    default:
      return withUntil(withCounts(once, 1), null);
  }
}

/** A part with every count in it brought down to so many; seconds and tempo stay. */
const withCounts = (part: DosePart, to: number): DosePart =>
  fittingNumbers(part)
    .filter((name) => numberOf(part, name)?.scale === 'counts')
    .reduce<DosePart>((so, name) => withNumber(so, name, to), part);

/** A named check as an item: on the exercise it is taken with, right after what is selected. */
export function addCheck(
  plan: Plan,
  selectedId: string | null,
  check: Protocol,
  exercise: Exercise,
  revision: string,
  nextId: NextId,
): Addition {
  const made = newItem(nextId(), exercise, revision, plan.school);
  const item: Item = {
    ...made,
    check: classCheck(check),
    dose: made.dose.slice(0, 1).map((part) => onceFor(check, part)),
  };
  return addedAt(plan, placeFor(plan, selectedId, 'here'), item, 'Look', nextId);
}

/**
 * The check of an item once more as a look at the whole class: behind its last exercise, before what is said at the end,
 * taken the same way. Null where no check is taken with it, or where it is taken again already.
 */
export function addCheckAtEnd(plan: Plan, itemId: string, nextId: NextId): Addition | null {
  const item = findItem(plan, itemId)?.item;
  const check = item?.check;
  if (!item || !check) return null;
  const taken = itemsOf(plan).filter((other) => other.check !== null && checkIdOf(other.check) === checkIdOf(check));
  if (taken.length > 1) return null;
  const block = plan.blocks.findLast(({ items }) => items.some(({ kind }) => kind === 'exercise'));
  if (!block) return null;
  const again: Item = { ...item, id: nextId(), recheck: { of: null }, wornUntil: null, familiarity: 'known' };
  const index = block.items.findLastIndex(({ kind }) => kind === 'exercise') + 1;
  return { command: { type: 'add-item', item: again, blockId: block.id, index }, itemId: again.id };
}
