import { type Execution, heldOnTo, resolve } from '../exercise';
import { type Floor, type KitId, floorSuits, kitNames } from '../kit';
import { sayLength } from '../say-time';
import { seenFrom } from '../sight';
import { clearsFloor, shortKit, surfaceFor } from '../timeline';
import { alternativesTo, leftOut, moved, substitutesFor } from './mend';
import { type Entry, type Mend, type ReviewContext, classRule, named, orderRule } from './rule';
import { standInsFor } from './stand-ins';

/** A floor that the exercise cannot be done on, mats or not. */
export const wrongFloor = classRule({
  id: 'floor',
  severity: 'hard',
  reason: 'The floor of the room does not let it work, or makes it unsafe.',
  look: (context) =>
    context.entries
      .filter(({ execution, floor }) => !standsOn(execution, floor))
      .map((entry) => ({
        itemIds: [entry.item.id],
        cost: 1,
        explain: () => {
          const why =
            entry.execution.floor === 'smooth-hard' ? 'needs a smooth hard floor' : `is not for ${entry.floor}`;
          return {
            words: `${entry.name} ${why}; it is taught on ${entry.floor}.`,
            mends: () => [
              ...substitutesFor(entry, (changed) => standsOn(changed, entry.floor)),
              ...alternativesTo(context, entry),
              leftOut(entry, context),
            ],
          };
        },
      })),
});

/** A mat can be laid on any floor; a cloth cannot be made to slide on carpet. */
function standsOn(execution: Execution, floor: Floor): boolean {
  const surface = surfaceFor(execution, floor) === 'mats' ? 'mat' : floor;
  return floorSuits(execution.floor, execution.floorsRuledOut, surface);
}

/** Mats out once: taken out of the way for a walk or a jump they come back. State: whether they lie, and the last item on them. */
export const matsTwice = orderRule<readonly [mats: 'away' | 'out' | 'aside', laid: string | null]>({
  id: 'mats-twice',
  severity: 'soft',
  reason: 'Each time mats come out and go away the room stops.',
  begin: ['away', null],
  matters: ({ execution, floor }) => surfaceFor(execution, floor) === 'mats' || clearsFloor(execution),
  decides: ([mats, laid]) => [mats, laid !== null],
  judge: ([mats, laid], { item, execution, floor }, { pace }) => {
    if (surfaceFor(execution, floor) !== 'mats')
      return { state: [mats === 'out' && clearsFloor(execution) ? 'aside' : mats, laid], breach: null };
    const again = mats === 'aside' && laid !== null;
    return {
      state: ['out', item.id],
      breach: again ? { itemIds: [laid, item.id], cost: 2 * pace.floorChangeSeconds } : null,
    };
  },
  explain: (breach, context) => {
    const [laid, entry] = named(breach, context);
    const twice = laid.name === entry.name ? 'again' : `again for ${entry.name}`;
    return {
      words: `Mats go out of the way after ${laid.name} and come out ${twice}: ${sayLength(breach.cost * 1000)}.`,
      mends: () => [
        { ...moved(entry, 'after', laid), mostMs: 0 },
        { ...moved(laid, 'before', entry), mostMs: 0 },
      ],
    };
  },
});

/** A fault that cannot be seen from where the teacher stands. */
export const unseenFault = classRule({
  id: 'unseen-fault',
  severity: 'note',
  reason: 'A fault shows from one side only. Where you stand decides what you can correct.',
  look: (context) => {
    const { teacherAt, teachers, room } = context.brief;
    if (teacherAt === 'walks' || teachers === 2) return [];
    const view = teacherAt === 'front' ? 'ahead' : 'behind';
    const blind = context.entries.filter(({ execution: { faults } }) => {
      const [main] = faults;
      return main !== undefined && seenFrom(main.from, view, room.mirror === 'front') === 0;
    });
    const [first] = blind;
    if (!first) return [];
    const more = blind.length > 1 ? `, and ${blind.length - 1} more like it` : '';
    return [
      {
        itemIds: blind.map((e) => e.item.id),
        cost: blind.length,
        explain: () => ({
          words: `Standing ${teacherAt === 'front' ? 'in front, with them facing you,' : 'behind them'} you cannot see “${first.execution.faults[0]?.seen ?? ''}” in ${first.name}${more}.`,
          mends: () => [
            {
              words: 'Walk round in this class',
              command: { type: 'edit-class', change: { brief: { ...context.brief, teacherAt: 'walks' } } },
            },
          ],
        }),
      },
    ];
  },
});

/** What only an easier level holds on to, and the class does not otherwise have out. */
export const optionSupport = classRule({
  id: 'option-support',
  severity: 'note',
  reason: 'Whoever takes the easier level needs something to hold on to, within reach before it begins.',
  look: (context) => {
    const has = new Set(context.entries.flatMap(({ execution }) => execution.kit.map((need) => need.kit)));
    const found = context.entries.flatMap((entry) => {
      const { easier } = entry.item;
      const settled = easier ? resolve(entry.execution.exercise, easier.rungId, context.school) : null;
      const missing = settled?.ok ? heldOnTo(settled.value).filter((need) => !has.has(need.kit)) : [];
      return missing.length > 0 ? [{ entry, kit: missing.map((need) => need.kit) }] : [];
    });
    if (found.length === 0) return [];
    const kit = [...new Set(found.flatMap((f) => f.kit))].map((k) => kitNames[k]).join(', ');
    return [
      {
        itemIds: found.map(({ entry }) => entry.item.id),
        cost: found.length,
        explain: () => ({
          words: `For the easier level of ${[...new Set(found.map(({ entry }) => entry.name))].join(', ')}: ${kit}, within reach.`,
          mends: () => [],
        }),
      },
    ];
  },
});

const turnWords = ['', '', 'two', 'three', 'four', 'five', 'six'];

/** Kit that does not go round: one finding a piece. */
export const kitShort = classRule({
  id: 'kit-short',
  severity: 'soft',
  reason: 'Kit that is short means turns, or something else: half a room that waits is half a class.',
  look: (context) => {
    const { brief, timeline, entries } = context;
    const short = entries.flatMap((entry) => {
      const found = shortKit(entry.execution, brief);
      return found ? [{ entry, found }] : [];
    });
    return [...new Set(short.map(({ found }) => found.kit))].map((kit) => {
      const those = short.filter(({ found }) => found.kit === kit);
      const worst = Math.max(...those.map(({ found }) => found.turns));
      const ids = those.map(({ entry }) => entry.item.id);
      const ms = timeline.events
        .filter((e) => e.kind === 'turns' && ids.includes(e.itemId ?? ''))
        .reduce((sum, e) => sum + e.endMs - e.startMs, 0);
      return {
        itemIds: ids,
        about: kit,
        cost: ms / 1000,
        explain: () => {
          const names = [...new Set(those.map(({ entry }) => entry.name))].join(', ');
          const has = those[0]?.found.has ?? 0;
          const much = `${kitNames[kit]}: ${has} for ${brief.people ?? 0} people in ${names}`;
          return {
            words:
              worst > 1
                ? `${much}. That is ${turnWords[worst] ?? worst} turns, ${sayLength(ms)} more.`
                : `${much}: there is nothing to take turns with.`,
            mends: () => [
              insteadOf(
                kit,
                those.map(({ entry }) => entry),
                context,
              ),
            ],
          };
        },
      };
    });
  },
});

/** The first piece that can stand in for one that is short. */
function insteadOf(kit: KitId, entries: readonly Entry[], { brief }: ReviewContext): Mend | null {
  const [found] = standInsFor(kit, entries, brief);
  if (!found) return null;
  return {
    words: `${kitNames[found.by]} in place of ${kitNames[kit]}`.replace(/^./, (c) => c.toUpperCase()),
    command: found.command,
  };
}
