import { changeLevel } from '../plan';
import { type Entry, type Mend, type ReviewContext, classRule } from './rule';

/** The option that is done where nobody does the main level; null where somebody does, or nobody has counted. */
function doneInstead({ item: { heads } }: Entry): 'easier' | 'harder' | null {
  if (heads?.main !== 0 || heads.easier + heads.harder === 0) return null;
  return heads.harder > heads.easier ? 'harder' : 'easier';
}

/** A main level that nobody in the group does. */
export const mainForNobody = classRule({
  id: 'main-for-nobody',
  severity: 'soft',
  reason: 'The main level is what you say and show to the room. Where nobody does it, you talk past everybody.',
  look: (context) =>
    context.entries.flatMap((entry) => {
      const which = doneInstead(entry);
      if (!which) return [];
      const { heads } = entry.item;
      return [
        {
          itemIds: [entry.item.id],
          cost: heads?.[which] ?? 0,
          explain: () => ({
            words: `Nobody in this group does the main level of ${entry.name}${entry.execution.rungName ? `, “${entry.execution.rungName}”` : ''}: ${heads?.[which] ?? 0} do the ${which} one.`,
            mends: () => [asMain(entry, which, context)],
          }),
        },
      ];
    }),
});

/** The option becomes the level itself; those who did it are counted there. */
function asMain({ item, execution }: Entry, which: 'easier' | 'harder', { school }: ReviewContext): Mend | null {
  const { heads, [which]: option } = item;
  const change = option && changeLevel(item, execution.exercise, option.rungId, school);
  const name = execution.exercise.ladder?.rungs.find(({ id }) => id === option?.rungId)?.name;
  if (!change || !heads || name === undefined) return null;
  return {
    words: `Make “${name}” the main level`,
    command: {
      type: 'edit-item',
      itemId: item.id,
      change: { ...change, heads: { ...heads, main: heads[which], [which]: 0 } },
    },
  };
}
