import { type Caution, type Concern, type Rung, concernNames, handsNearlyFree, resolve } from '../exercise';
import { changeLevel } from '../plan';
import { alternativesTo, leftOut } from './mend';
import { type Entry, type ReviewContext, classRule } from './rule';

/** The caution of an item for what somebody in the room has, with this answer to it. */
const cautionOf = ({ execution }: Entry, { brief }: ReviewContext, action: Caution['action']): Caution | null =>
  execution.cautions.find((c) => c.action === action && brief.concerns.includes(c.concern)) ?? null;

const rungsOf = ({ execution }: Entry): readonly Rung[] => execution.exercise.ladder?.rungs ?? [];
const levelOf = (entry: Entry): number => rungsOf(entry).findIndex((rung) => rung.id === entry.item.rungId);
const startOf = ({ execution: { exercise } }: Entry): number =>
  exercise.ladder?.rungs.findIndex((rung) => rung.id === exercise.ladder?.startRung) ?? -1;

/** From so many exercises on, all of which must be left out, it is the class that does not suit and not each of them. */
const fewest = 3;

/** Somebody in the room must leave this out; where it is every exercise of a class, that is said once. */
export const cautioned = classRule({
  id: 'caution',
  severity: 'hard',
  reason: 'Somebody in the room has what this exercise is left out for. Local rules and a clinician come first.',
  look: (context) => {
    const { entries } = context;
    const concerns = entries.flatMap((entry) => cautionOf(entry, context, 'leave-out')?.concern ?? []);
    if (entries.length >= fewest && concerns.length === entries.length) {
      const who = [...new Set(concerns)].map((concern) => concernNames[concern]).join(' or ');
      return [
        {
          itemIds: entries.map((entry) => entry.item.id),
          about: 'all',
          cost: 100 * entries.length,
          explain: () => ({
            words:
              `All ${entries.length} exercises are left out with ${who}: this class does not suit this group. ` +
              'Begin with another one; or, if one person sits it out, take the concern back.',
            mends: () => [],
          }),
        },
      ];
    }
    return entries.flatMap((entry) => {
      const found = cautionOf(entry, context, 'leave-out');
      if (!found) return [];
      return [
        {
          itemIds: [entry.item.id],
          about: found.concern,
          cost: 100,
          explain: () => ({
            words: `${entry.name} is left out with ${concernNames[found.concern]}. ${found.words}`,
            mends: () => [...alternativesTo(context, entry), leftOut(entry, context)],
          }),
        },
      ];
    });
  },
});

/** Ask first: one finding for all such items. */
export const askFirst = classRule({
  id: 'ask-first',
  severity: 'soft',
  reason:
    'Somebody in the room should ask a clinician before this. Plan something else for them, or be sure they have.',
  look: (context) => {
    const found = context.entries.filter((entry) => cautionOf(entry, context, 'ask-clinician'));
    const [first] = found;
    if (!first) return [];
    return [
      {
        itemIds: found.map((e) => e.item.id),
        cost: found.length,
        explain: () => ({
          words: `Somebody should ask a clinician before ${namesOf(found)}.`,
          mends: () => (found.length === 1 ? alternativesTo(context, first) : []),
        }),
      },
    ];
  },
});

/** No higher than the level where most people begin. */
export const heldBack = classRule({
  id: 'held-back',
  severity: 'soft',
  reason: 'With this, the level stays where most people begin, until a clinician says otherwise.',
  look: (context) =>
    context.entries.flatMap((entry) => {
      const found = cautionOf(entry, context, 'hold-at-rung');
      const start = rungsOf(entry)[startOf(entry)];
      if (!found || !start || levelOf(entry) <= startOf(entry)) return [];
      return [
        {
          itemIds: [entry.item.id],
          about: found.concern,
          cost: 20,
          explain: () => ({
            words: `${entry.name}: with ${concernNames[found.concern]} no higher than “${start.name}”. ${found.words}`,
            mends: () => {
              const change = changeLevel(entry.item, entry.execution.exercise, start.id, context.school);
              return [
                change && {
                  words: `Hold it at “${start.name}”`,
                  command: { type: 'edit-item', itemId: entry.item.id, change },
                },
              ];
            },
          }),
        },
      ];
    }),
});

/** The next easier level on which there is something to hold on to; else the next easier one. */
function supported(entry: Entry, { school }: ReviewContext): Rung | null {
  const below = rungsOf(entry)
    .slice(0, Math.max(0, levelOf(entry)))
    .reverse();
  const holds = below.find((rung) => {
    const settled = resolve(entry.execution.exercise, rung.id, school);
    return settled.ok && !handsNearlyFree(settled.value);
  });
  return holds ?? below[0] ?? null;
}

/** The support changes for somebody: the easier level with something to hold is offered beside the main one. */
export const supportOffered = classRule({
  id: 'support-offered',
  severity: 'soft',
  reason: 'Somebody in the room needs more to hold on to here: the same movement and count, with support.',
  look: (context) =>
    context.entries.flatMap((entry) => {
      const found = cautionOf(entry, context, 'change-support');
      const rung = supported(entry, context);
      if (!found || !rung || entry.item.easier) return [];
      return [
        {
          itemIds: [entry.item.id],
          about: found.concern,
          cost: 10,
          explain: () => ({
            words: `${entry.name}: with ${concernNames[found.concern]}, offer “${rung.name}” beside it. ${found.words}`,
            mends: () => [
              {
                words: `Offer “${rung.name}”`,
                command: { type: 'edit-item', itemId: entry.item.id, change: { easier: { rungId: rung.id } } },
              },
            ],
          }),
        },
      ];
    }),
});

/** What is left to mind: one note for each concern. */
export const mindful = classRule({
  id: 'mindful',
  severity: 'note',
  reason: 'Somebody in the room has this: say it before the first rep, and watch.',
  look: (context) =>
    context.brief.concerns.flatMap((concern) => {
      const found = context.entries.flatMap((entry) => {
        const caution = entry.execution.cautions.find((c) => c.concern === concern && isMinded(entry, c, context));
        return caution ? [{ entry, caution }] : [];
      });
      if (found.length === 0) return [];
      const entries = found.map(({ entry }) => entry);
      return [
        {
          itemIds: entries.map((e) => e.item.id),
          about: concern,
          cost: entries.length,
          explain: () => ({ words: mindWords(concern, found), mends: () => [] }),
        },
      ];
    }),
});

/** Neither left out, nor asked about first, nor answered by another level. */
function isMinded(entry: Entry, { action }: Caution, context: ReviewContext): boolean {
  if (action === 'leave-out' || action === 'ask-clinician') return false;
  if (action === 'hold-at-rung') return levelOf(entry) <= startOf(entry);
  return action !== 'change-support' || entry.item.easier !== null || supported(entry, context) === null;
}

function mindWords(concern: Concern, found: readonly { readonly entry: Entry; readonly caution: Caution }[]): string {
  const said = [...new Set(found.map(({ caution }) => caution.words))];
  const more = said.length > 2 ? ` And ${said.length - 2} more, on the card.` : '';
  return `Mind ${concernNames[concern]} in ${namesOf(found.map(({ entry }) => entry))}. ${said.slice(0, 2).join(' ')}${more}`;
}

/** Names of items, each once, three at the most. */
function namesOf(entries: readonly Entry[]): string {
  const names = [...new Set(entries.map((e) => e.name))];
  const shown = names.slice(0, 3).join(', ');
  return names.length > 3 ? `${shown} and ${names.length - 3} more` : shown;
}
