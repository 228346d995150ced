import { deepEqual } from 'fast-equals';
import { type Item, type Plan, exercisesIn, itemsOf } from '../plan';
import { type FindRevision, type ReadyItem, readyItem } from '../timeline';
import { type Alternative, type Bend, alternativesOf } from './alternatives';

/** Two items that are two halves of one job and have the same dose now: straight knee and bent knee, turn in and turn out. */
export interface Pair {
  readonly items: readonly [Item, Item];
  /** Doses that both could have. */
  readonly common: readonly Alternative[];
}

/** The pairs of a class whose doses may change, each item in one of them at the most. */
export function pairsOf(
  plan: Plan,
  find: FindRevision,
  bend: Bend,
  mayChange: (item: Item) => boolean,
  mostWorkMs: ReadonlyMap<string, number> = new Map(),
): Pair[] {
  const ready = plan.blocks.flatMap((block) =>
    exercisesIn(block).flatMap((item) => {
      const settled = readyItem(plan, block, item, find);
      return 'code' in settled || !mayChange(item) ? [] : [settled];
    }),
  );
  const taken = new Set<string>();
  return ready.flatMap((one, i): Pair[] => {
    const other = ready
      .slice(i + 1)
      .find(
        (r) => r.execution.exercise.pair === one.item.exerciseId || one.execution.exercise.pair === r.item.exerciseId,
      );
    if (!other || taken.has(one.item.id) || taken.has(other.item.id) || !deepEqual(one.item.dose, other.item.dose))
      return [];
    taken.add(one.item.id).add(other.item.id);
    const of = ({ item, execution }: ReadyItem) => alternativesOf(item, execution, bend, mostWorkMs.get(item.id));
    const theirs = of(other);
    const common = of(one).filter((a) => theirs.some((b) => deepEqual(a.dose, b.dose)));
    return [{ items: [one.item, other.item], common }];
  });
}

/** Whether a proposed class keeps the two of a pair alike, or leaves one out. */
export function isEven({ items }: Pair, proposed: Plan): boolean {
  const [a, b] = items.map(({ id }) => itemsOf(proposed).find((item) => item.id === id));
  return !a || !b || deepEqual(a.dose, b.dose);
}
