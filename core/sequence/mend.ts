import { differsFrom, startingExecution } from '../exercise';
import { floorSuits } from '../kit';
import { likeness } from '../library';
import { type Item, newItem } from '../plan';
import type { Entry, Mend, Offer, ReviewContext } from './rule';

/** Moves an item right before or after another one, into its block. */
export function moved(entry: Entry, where: 'before' | 'after', target: Entry): Mend {
  const items = target.block.items.filter((i) => i.id !== entry.item.id);
  const at = items.findIndex((i) => i.id === target.item.id);
  return {
    words: `Move ${entry.name} ${where} ${target.name}`,
    command: {
      type: 'move-item',
      itemId: entry.item.id,
      blockId: target.block.id,
      index: where === 'before' ? at : at + 1,
    },
  };
}

/** Adds an exercise of the library beside an item. */
export function added(
  context: ReviewContext,
  id: string,
  where: 'before' | 'after',
  target: Entry,
  change: Partial<Item> = {},
): Mend | null {
  const offer = context.library.find((o) => o.exercise.id === id);
  if (!offer) return null;
  const item = { ...newItem(context.nextId(), offer.exercise, offer.revision, context.school), ...change };
  const at = target.block.items.findIndex((i) => i.id === target.item.id);
  return {
    words: `Add ${offer.exercise.name[context.school.words]}`,
    command: { type: 'add-item', item, blockId: target.block.id, index: where === 'before' ? at : at + 1 },
  };
}

/** Puts another exercise of the library in the place of an item. */
function swapped(context: ReviewContext, entry: Entry, offer: Offer): Mend {
  const item = newItem(context.nextId(), offer.exercise, offer.revision, context.school);
  const index = entry.block.items.findIndex((i) => i.id === entry.item.id);
  return {
    words: `Take ${offer.exercise.name[context.school.words]} instead`,
    command: {
      type: 'together',
      commands: [
        { type: 'remove-item', itemId: entry.item.id },
        { type: 'add-item', item, blockId: entry.block.id, index },
      ],
    },
  };
}

/** How many alternatives are tried before an item is left out. */
const mostTried = 4;

/** The exercises most alike that suit this floor, these people, this school; nothing that the class has already. */
export function alternativesTo(context: ReviewContext, entry: Entry): Mend[] {
  const { brief } = context;
  const concerns = new Set(brief.concerns);
  const fits = ({ exercise }: Offer) => {
    if (differsFrom(exercise, context.school).length > 0) return false;
    if (context.entries.some((e) => e.item.exerciseId === exercise.id)) return false;
    const { floor, floorsRuledOut, cautions } = startingExecution(exercise, context.school);
    return (
      floorSuits(floor, floorsRuledOut, brief.floor) &&
      !cautions.some((c) => c.action === 'leave-out' && concerns.has(c.concern))
    );
  };
  return context.library
    .map((offer) => ({ offer, alike: likeness(entry.execution.exercise, offer.exercise) }))
    .filter(({ offer, alike }) => alike >= 0.34 && fits(offer))
    .sort((a, b) => b.alike - a.alike)
    .slice(0, mostTried)
    .map(({ offer }) => swapped(context, entry, offer));
}

export const leftOut = (entry: Entry): Mend => ({
  words: 'Leave it out',
  command: { type: 'remove-item', itemId: entry.item.id },
});
