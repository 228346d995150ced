import { amountName, numberIn, numberOf, sayableOn, withNumber } from '../dose';
import { type HomeItem, type HomeLoadAsked, homeLoads } from '../homework';
import {
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
import { type Item, type Plan, type PlanCommand, applyCommand, findItem, itemsOf } from '../plan';
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

/** A class or a sheet as it becomes. */
export type LoadChange =
  | { readonly kind: 'class'; readonly plan: Plan }
  | { readonly kind: 'home'; readonly homework: HomeLoadAsked['homework'] };

/** The smallest change of what is planned that takes a week down to what it may come to. */
export interface LoadCure {
  readonly words: string;
  /** So many fewer on the busier foot. */
  readonly fewer: number;
  readonly changes: readonly LoadChange[];
}

/** One step down of one exercise: a smaller dose, out of its class, or a set less at home. */
interface Step {
  readonly words: string;
  readonly fewer: number;
  readonly of:
    | { readonly kind: 'class'; readonly key: string; readonly command: PlanCommand }
    | { readonly kind: 'home'; readonly id: string; readonly itemId: string; readonly sets: HomeItem['sets'] };
}

/** So many exercises may change together, and so many of the smallest changes are tried. */
const mostTogether = 4;
const mostTried = 30;
/** Of the steps of one exercise, so many are weighed together with others. */
const mostSteps = 6;

/**
 * The smallest change that cures a steep week: a smaller dose in a class to come, an exercise less in it, a set less at home,
 * or a few of these together. Each is worked out again by the timeline and judged with all the other weeks; one that makes
 * another week steep is not offered.
 * @returns null where nothing that is planned can be taken down so far
 */
export function loadCure(steep: Steep, asked: CuresAsked): LoadCure | null {
  const before = keysOf(asked.weeks, asked);
  const first = dayOf(asked.weeks.monday) + 7 * steep.week;
  const isHere = ({ date }: LoadEntry): boolean => dayOf(date) >= first && dayOf(date) < first + 7;
  const steps = [
    ...asked.classes.filter(({ entry }) => isHere(entry)).flatMap((one) => stepsInClass(one, steep, asked)),
    ...asked.sheets
      .filter(({ entries }) => entries.some(isHere))
      .flatMap((one) => stepsAtHome(one, steep, asked, isHere)),
  ].filter((list) => list.length > 0);
  for (const tried of combined(steps, steep.to - steep.most)) {
    const made = madeOf(tried, asked);
    const entries = [...asked.weeks.entries.filter((entry) => !made.replaced.includes(entry)), ...made.entries];
    const after = keysOf({ ...asked.weeks, entries }, asked);
    if (after.has(keyOf(steep)) || [...after].some((key) => !before.has(key))) continue;
    return {
      words: tried.map(({ words }) => words).join('; '),
      fewer: tried.reduce((sum, { fewer }) => sum + fewer, 0),
      changes: made.changes,
    };
  }
  return null;
}

const keyOf = ({ week, of, why }: Steep): string => `${week} ${of} ${why}`;
const keysOf = (weeks: WeeksAsked, { rules, newToImpact }: CuresAsked): Set<string> =>
  new Set(steepIn(loadByWeek(weeks), rules, newToImpact).map(keyOf));

/** So many sums are weighed: a week with more that counts than that gets the best of them. */
const mostWeighed = 200_000;

/** Steps of different exercises that together take away enough: the fewest taken away first, then the fewest steps. */
function combined(exercises: readonly (readonly Step[])[], needed: number): Step[][] {
  let best: { readonly steps: Step[]; readonly fewer: number }[] = [];
  let weighed = 0;
  const go = (at: number, steps: Step[], fewer: number): void => {
    const worst = best.length < mostTried ? Infinity : (best.at(-1)?.fewer ?? Infinity);
    if (++weighed > mostWeighed || fewer >= worst) return;
    if (fewer >= needed) {
      best = [...best, { steps, fewer }]
        .sort((a, b) => a.fewer - b.fewer || a.steps.length - b.steps.length)
        .slice(0, mostTried);
      return;
    }
    if (at === exercises.length || steps.length === mostTogether) return;
    for (const step of exercises[at] ?? []) go(at + 1, [...steps, step], fewer + step.fewer);
    go(at + 1, steps, fewer);
  };
  go(0, [], 0);
  return best.map(({ steps }) => steps);
}

/** Classes and sheets with steps taken in them, and what the weeks then hold. */
function madeOf(steps: readonly Step[], asked: CuresAsked) {
  const changes: LoadChange[] = [];
  const replaced: LoadEntry[] = [];
  const entries: LoadEntry[] = [];
  for (const { key, plan, entry } of asked.classes) {
    const commands = steps.flatMap(({ of }) => (of.kind === 'class' && of.key === key ? [of.command] : []));
    if (commands.length === 0) continue;
    const changed = commands.reduce((so, command) => {
      const done = applyCommand(so, command);
      return done.ok ? done.value : so;
    }, plan);
    changes.push({ kind: 'class', plan: changed });
    replaced.push(entry);
    entries.push({ ...entry, load: together(itemLoads(buildTimeline({ plan: changed, find: asked.find }))) });
  }
  for (const { asked: sheet, entries: own } of asked.sheets) {
    const sets = new Map(
      steps.flatMap(({ of }) =>
        of.kind === 'home' && of.id === sheet.homework.id ? [[of.itemId, of.sets] as const] : [],
      ),
    );
    if (sets.size === 0) continue;
    const items = sheet.homework.items.map((item) => ({ ...item, sets: sets.get(item.id) ?? item.sets }));
    const homework = { ...sheet.homework, items };
    changes.push({ kind: 'home', homework });
    replaced.push(...own);
    const title = own[0]?.title ?? homework.title;
    for (const { date, load } of homeLoads({ ...sheet, homework })) entries.push({ date, source: 'home', title, load });
  }
  return { changes, replaced, entries };
}

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

const amountOf = ([part]: Item['dose']): number => (part ? numberIn(part, amountName(part)) : 0);

/** For each exercise of a class that counts: its steps down, the smallest first. */
function stepsInClass({ key, plan, entry }: CurableClass, { of }: Steep, asked: CuresAsked): Step[][] {
  const timeline = buildTimeline({ plan, find: asked.find });
  return itemLoads(timeline)
    .filter((load) => busier(load[of]) > 0)
    .map((load): Step[] => {
      const item = findItem(plan, load.itemId)?.item;
      if (!item || item.locked) return [];
      const execution = timeline.items.find(({ itemId }) => itemId === load.itemId)?.execution;
      const name = asked.nameOf(load.exerciseId);
      const own = amountOf(item.dose);
      const had = busier(load[of]);
      const doses = smaller(item, execution ? amountOf(execution.doses.least) : 1).map((dose): Step => {
        const command: PlanCommand = { type: 'edit-item', itemId: item.id, change: { dose } };
        const words = `${amountOf(dose)} instead of ${own} in ${name}, in “${entry.title}”`;
        return { words, fewer: Math.round(had * (1 - amountOf(dose) / own)), of: { kind: 'class', key, command } };
      });
      const command: PlanCommand = { type: 'remove-item', itemId: item.id };
      const out: Step = {
        words: `“${entry.title}” without ${name}`,
        fewer: Math.round(had),
        of: { kind: 'class', key, command },
      };
      // a class is not emptied
      return [...doses.slice(0, mostSteps), ...(itemsOf(plan).length > 1 ? [out] : [])].filter(
        ({ fewer }) => fewer > 0,
      );
    });
}

/** For each exercise of a sheet that counts in the week: a set less, two less … */
function stepsAtHome(
  { asked: sheet, entries: own }: CurableSheet,
  { of }: Steep,
  asked: CuresAsked,
  isHere: (entry: LoadEntry) => boolean,
): Step[][] {
  const { homework } = sheet;
  const inWeek = (entries: readonly LoadEntry[]): number =>
    busier(together(entries.filter(isHere).map(({ load }) => load))[of]);
  return homework.items.map((item) => {
    const [least] = item.sets;
    const name = asked.nameOf(item.exerciseId);
    return Array.from({ length: least - 1 }, (_, i): Step => {
      const now = least - 1 - i;
      const sets: HomeItem['sets'] = [now, now + 1];
      const changed = {
        ...homework,
        items: homework.items.map((one) => (one.id === item.id ? { ...one, sets } : one)),
      };
      const then = homeLoads({ ...sheet, homework: changed }).map(({ date, load }): LoadEntry => ({
        date,
        source: 'home',
        title: '',
        load,
      }));
      return {
        words: `${now} ${now === 1 ? 'set' : 'sets'} instead of ${least} of ${name} at home`,
        fewer: Math.round(inWeek(own) - inWeek(then)),
        of: { kind: 'home', id: homework.id, itemId: item.id, sets },
      };
    }).filter(({ fewer }) => fewer > 0);
  });
}
