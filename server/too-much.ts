import { type Plan, itemsOf } from '@core/plan';
import { type FindRevision, tooMuch, tooMuchWords } from '@core/timeline';
import { ProblemError } from './problem';

/** A class that no page could draw is refused before it is timed. @throws ProblemError with the item that has most of it */
export function refuseTooMuch(plan: Plan, find: FindRevision): void {
  const found = tooMuch(plan, find);
  if (!found) return;
  const item = itemsOf(plan).find(({ id }) => id === found.itemId);
  const name = item ? find(item.revision)?.name.plain : undefined;
  throw new ProblemError(422, 'too-much', 'More than a class', tooMuchWords(found, name ?? found.itemId));
}
