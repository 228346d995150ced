import { type DosePart, fittingNumbers, numberOf, withNumber, withRange, withUntil } from '../dose';
import type { Exercise } from '../exercise';
import { type CheckId, checks } from '../measure';
import { type NextId, newItem } from './make';
import { type Addition, addedAt, placeFor } from './place';
import type { Item, Plan } from './plan';

/** As much as a check takes: once; a count of reps until form goes, a time until the foot comes down. */
function onceFor(check: CheckId, part: DosePart): DosePart {
  const once = withRange({ ...part, sets: 1, multipliers: [] }, null);
  const { result } = checks[check];
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
  check: CheckId,
  exercise: Exercise,
  revision: string,
  nextId: NextId,
): Addition {
  const made = newItem(nextId(), exercise, revision, plan.school);
  const item: Item = { ...made, check, dose: made.dose.slice(0, 1).map((part) => onceFor(check, part)) };
  return addedAt(plan, placeFor(plan, selectedId, 'here'), item, 'Look', nextId);
}
