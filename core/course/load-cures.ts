import { amountName, numberIn, numberOf, sayableOn, withNumber } from '../dose';
import { type HomeItem, type HomeLoadAsked, homeLoads } from '../homework';
import {
  type Load,
  type LoadEntry,
  type LoadRules,
  type Steep,
  type WeeksAsked,
  busier,
  itemLoads,
  loadByWeek,
  steepIn,
  together,
} from '../load';
import { dayOf } from '../measure/day';
import { type Item, type Plan, applyCommand, exercisesIn, findItem } from '../plan';
import { type FindRevision, buildTimeline } from '../timeline';

/** A class to come that may be changed, with the entry it has in the weeks. */
export interface CurableClass {
  readonly key: string;
  readonly plan: Plan;
  readonly entry: LoadEntry;
}
/** A sheet that may be changed, with its entries. */
export interface CurableSheet {
  readonly asked: HomeLoadAsked;
  readonly entries: readonly LoadEntry[];
}

export interface CuresAsked {
  readonly weeks: WeeksAsked;
  readonly rules: LoadRules;
  readonly newToImpact: boolean;
  readonly classes: readonly CurableClass[];
  readonly sheets: readonly CurableSheet[];
  readonly find: FindRevision;
  /** What an exercise is called. */
  readonly nameOf: (exerciseId: string) => string;
}

/** The smallest change of what is planned that takes a week down to what it may come to. */
export interface LoadCure {
  readonly words: string;
  /** So many fewer on the busier foot. */
  readonly fewer: number;
  readonly change:
    | { readonly kind: 'class'; readonly plan: Plan }
    | { readonly kind: 'home'; readonly homework: HomeLoadAsked['homework'] };
}

interface Tried extends LoadCure {
  readonly entries: readonly LoadEntry[];
}

/**
 * The smallest change that cures a steep week: a smaller dose in one class to come, one exercise less in it, or one set
 * less at home. Each is worked out again by the timeline and judged with all the other weeks; one that makes another week
 * steep is not offered.
 * @returns null where nothing that is planned can be taken down so far
 */
export function loadCure(steep: Steep, asked: CuresAsked): LoadCure | null {
  const before = keysOf(asked.weeks, asked);
  const first = dayOf(asked.weeks.monday) + 7 * steep.week;
  const isHere = ({ date }: LoadEntry): boolean => dayOf(date) >= first && dayOf(date) < first + 7;
  const tried = [
    ...asked.classes.filter(({ entry }) => isHere(entry)).flatMap((one) => inClass(one, steep, asked)),
    ...asked.sheets.filter(({ entries }) => entries.some(isHere)).flatMap((one) => atHome(one, steep, asked)),
  ].sort((a, b) => a.fewer - b.fewer);
  for (const { entries, ...cure } of tried) {
    const after = keysOf({ ...asked.weeks, entries }, asked);
    if (!after.has(keyOf(steep)) && [...after].every((key) => before.has(key))) return cure;
  }
  return null;
}

const keyOf = ({ week, of, why }: Steep): string => `${week} ${of} ${why}`;
const keysOf = (weeks: WeeksAsked, { rules, newToImpact }: CuresAsked): Set<string> =>
  new Set(steepIn(loadByWeek(weeks), rules, newToImpact).map(keyOf));

const swapped = (all: readonly LoadEntry[], from: readonly LoadEntry[], to: readonly LoadEntry[]): LoadEntry[] => [
  ...all.filter((entry) => !from.includes(entry)),
  ...to,
];

/** Doses of an item under the one it has, as a teacher would say them, the largest first; never under the rung's least. */
function smaller(item: Item, least: number): Item['dose'][] {
  const [part, ...others] = item.dose;
  if (!part) return [];
  const name = amountName(part);
  const own = numberIn(part, name);
  return sayableOn(numberOf(part, name)?.scale ?? 'counts')
    .filter((amount) => amount < own && amount >= least)
    .reverse()
    .map((amount) => [withNumber(part, name, amount), ...others]);
}

function inClass({ plan, entry }: CurableClass, { of }: Steep, asked: CuresAsked): Tried[] {
  const timeline = buildTimeline({ plan, find: asked.find });
  const loads = itemLoads(timeline);
  const had = busier(together(loads)[of]);
  return loads
    .filter((load) => busier(load[of]) > 0)
    .flatMap((load): Tried[] => {
      const item = findItem(plan, load.itemId)?.item;
      if (!item || item.locked) return [];
      const execution = timeline.items.find(({ itemId }) => itemId === load.itemId)?.execution;
      const first = execution?.doses.least[0];
      const least = first ? numberIn(first, amountName(first)) : 1;
      const name = asked.nameOf(load.exerciseId);
      const doses = smaller(item, least).map((dose) => {
        const part = dose[0];
        const amount = part ? numberIn(part, amountName(part)) : 0;
        const words = `${amount} instead of ${amountOf(item)} in ${name}, in “${entry.title}”`;
        return { words, command: { type: 'edit-item', itemId: item.id, change: { dose } } as const };
      });
      const out = {
        words: `“${entry.title}” without ${name}`,
        command: { type: 'remove-item', itemId: item.id } as const,
      };
      return [...doses, out].flatMap(({ words, command }): Tried[] => {
        const done = applyCommand(plan, command);
        if (!done.ok || exercisesIn({ items: done.value.blocks.flatMap(({ items }) => items) }).length === 0) return [];
        const then = together(itemLoads(buildTimeline({ plan: done.value, find: asked.find })));
        const entries = swapped(asked.weeks.entries, [entry], [{ ...entry, load: then }]);
        const fewer = Math.round(had - busier(then[of]));
        return fewer > 0 ? [{ words, fewer, change: { kind: 'class', plan: done.value }, entries }] : [];
      });
    });
}

const amountOf = ({ dose: [part] }: Item): number => (part ? numberIn(part, amountName(part)) : 0);

function atHome({ asked: sheet, entries: own }: CurableSheet, { of }: Steep, asked: CuresAsked): Tried[] {
  const { homework } = sheet;
  const sum = (entries: readonly { readonly load: Load }[]): number =>
    busier(together(entries.map(({ load }) => load))[of]);
  return homework.items
    .filter(({ sets: [least] }) => least > 1)
    .flatMap((item): Tried[] => {
      const [least] = item.sets;
      const sets: HomeItem['sets'] = [least - 1, least];
      const changed = {
        ...homework,
        items: homework.items.map((one) => (one.id === item.id ? { ...one, sets } : one)),
      };
      const title = own[0]?.title ?? homework.title;
      const then = homeLoads({ ...sheet, homework: changed }).map(({ date, load }): LoadEntry => ({
        date,
        source: 'home',
        title,
        load,
      }));
      const fewer = Math.round(sum(own) - sum(then));
      const words = `${least - 1} ${least === 2 ? 'set' : 'sets'} instead of ${least} of ${asked.nameOf(item.exerciseId)} at home`;
      const entries = swapped(asked.weeks.entries, own, then);
      return fewer > 0 ? [{ words, fewer, change: { kind: 'home', homework: changed }, entries }] : [];
    });
}
