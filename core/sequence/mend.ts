import { differsFrom } from '../exercise';
import { floorSuits } from '../kit';
import { likeness } from '../library';
import { type Item, newItem } from '../plan';
import type { Mend, Offer, Place, ReviewContext } from './rule';

/** Moves an item right before or after another one, into its block. */
export function moved(place: Place, where: 'before' | 'after', target: Place): Mend {
  const items = target.block.items.filter((i) => i.id !== place.item.id);
  const at = items.findIndex((i) => i.id === target.item.id);
  return {
    words: `Move ${place.name} ${where} ${target.name}`,
    command: {
      type: 'move-item',
      itemId: place.item.id,
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
  target: Place,
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
export function swapped(context: ReviewContext, place: Place, offer: Offer): Mend {
  const item = newItem(context.nextId(), offer.exercise, offer.revision, context.school);
  const index = place.block.items.findIndex((i) => i.id === place.item.id);
  return {
    words: `Take ${offer.exercise.name[context.school.words]} instead`,
    command: {
      type: 'together',
      commands: [
        { type: 'remove-item', itemId: place.item.id },
        { type: 'add-item', item, blockId: place.block.id, index },
      ],
    },
  };
}

/** The exercise most alike that suits: this floor, these people, this school. */
export function alternativeTo(context: ReviewContext, place: Place, suits: (offer: Offer) => boolean): Mend | null {
  const { brief } = context.plan;
  const concerns = new Set(brief.concerns);
  const fits = (offer: Offer) =>
    floorSuits(offer.exercise.performance.floor, offer.exercise.performance.floorsRuledOut, brief.floor) &&
    !offer.exercise.cautions.some((c) => c.action === 'leave-out' && concerns.has(c.concern)) &&
    differsFrom(offer.exercise, context.school).length === 0 &&
    !context.places.some((p) => p.item.exerciseId === offer.exercise.id) &&
    suits(offer);
  const [offer] = context.library
    .map((each) => ({ each, alike: likeness(place.execution.exercise, each.exercise) }))
    .filter(({ each, alike }) => alike >= 0.34 && fits(each))
    .sort((a, b) => b.alike - a.alike)
    .map(({ each }) => each);
  return offer ? swapped(context, place, offer) : null;
}

export const leftOut = (place: Place): Mend => ({
  words: 'Leave it out',
  command: { type: 'remove-item', itemId: place.item.id },
});
