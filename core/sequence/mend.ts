import { type Execution, differsFrom, resolve, startingExecution, startingRung, withSubstitutes } from '../exercise';
import { floorSuits, kitNames } from '../kit';
import { likeness } from '../library';
import { type Item, newItem, rechecksOf, schoolDose } from '../plan';
import { surfaceFor } from '../timeline';
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

/** Adds an exercise on its easiest level that does what is asked, at that level's own dose. */
export function addedAtLevel(
  context: ReviewContext,
  id: string,
  where: 'before' | 'after',
  target: Entry,
  does: (execution: Execution) => boolean,
): Mend | null {
  const exercise = context.library.find((o) => o.exercise.id === id)?.exercise;
  if (!exercise) return null;
  const levels = [
    startingRung(exercise, context.school)?.id ?? null,
    ...(exercise.ladder?.rungs.map((r) => r.id) ?? []),
  ];
  for (const rungId of levels) {
    const settled = resolve(exercise, rungId, context.school);
    if (!settled.ok || !does(settled.value)) continue;
    const mend = added(context, id, where, target, {
      rungId,
      dose: schoolDose(settled.value.doses, settled.value.phaseSeconds, context.school.dose),
    });
    return mend && settled.value.rungName ? { ...mend, words: `${mend.words}, ${settled.value.rungName}` } : mend;
  }
  return null;
}

/** Puts another exercise of the library in the place of an item; its re-checks look at that one then. */
function swapped(context: ReviewContext, entry: Entry, offer: Offer): Mend {
  const item = newItem(context.nextId(), offer.exercise, offer.revision, context.school);
  const index = entry.block.items.findIndex((i) => i.id === entry.item.id);
  return {
    words: `Take ${offer.exercise.name[context.school.words]} instead`,
    command: {
      type: 'together',
      commands: [
        { type: 'add-item', item, blockId: entry.block.id, index },
        ...rechecksOf(context.plan, entry.item.id).map(({ id }) => ({
          type: 'edit-item' as const,
          itemId: id,
          change: { recheck: { of: item.id } },
        })),
        { type: 'remove-item', itemId: entry.item.id },
      ],
    },
  };
}

/** The kit that the exercise itself names in the place of its own, where the item then does what is asked. */
export function substitutesFor({ item, execution }: Entry, does: (changed: Execution) => boolean): Mend[] {
  return execution.kit.flatMap((need) =>
    need.substitutes.flatMap((named): Mend[] => {
      const swap = { of: need.kit, by: named.kit };
      if (!does(withSubstitutes(execution, [swap]))) return [];
      return [
        {
          words: `${kitNames[named.kit]} in place of ${kitNames[need.kit]}`.replace(/^./, (c) => c.toUpperCase()),
          command: {
            type: 'edit-item',
            itemId: item.id,
            change: { substitutes: [...item.substitutes, swap] },
          },
        },
      ];
    }),
  );
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
    const other = startingExecution(exercise, context.school);
    const balance = ({ working, standing }: Execution['balance']) => Math.max(working, standing);
    return (
      // A mat can be laid on any floor.
      (surfaceFor(other, entry.floor) === 'mats' || floorSuits(other.floor, other.floorsRuledOut, entry.floor)) &&
      // Nobody who sat or held on is sent to stand on one leg.
      balance(other.balance) <= balance(entry.execution.balance) &&
      !other.cautions.some((c) => c.action === 'leave-out' && concerns.has(c.concern))
    );
  };
  return context.library
    .map((offer) => ({ offer, alike: likeness(entry.execution.exercise, offer.exercise) }))
    .filter(({ offer, alike }) => alike >= 0.34 && fits(offer))
    .sort((a, b) => b.alike - a.alike)
    .slice(0, mostTried)
    .map(({ offer }) => swapped(context, entry, offer));
}

/** A drill goes with its re-checks: they would look again at nothing. */
export function leftOut(entry: Entry, { plan }: ReviewContext): Mend {
  const rechecks = rechecksOf(plan, entry.item.id);
  const gone = [...rechecks.map((r) => r.id), entry.item.id];
  return {
    words: rechecks.length > 0 ? 'Leave it out, with its re-check' : 'Leave it out',
    command: { type: 'together', commands: gone.map((itemId) => ({ type: 'remove-item', itemId })) },
  };
}
