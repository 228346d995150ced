import { Direction, type Exercise, Family, oppositeOf } from '../exercise';
import type { RunState } from '../run';

/** Minutes of work that each exercise of a taught class had, by its id: from the first rep to the last, as it was. */
export function workDone({ plan, records }: Pick<RunState, 'plan' | 'records'>): Record<string, number> {
  const ids = new Map(
    plan.blocks.flatMap(({ items }) =>
      items.flatMap((item) => (item.kind === 'exercise' ? [[item.id, item.exerciseId] as const] : [])),
    ),
  );
  const work: Record<string, number> = {};
  for (const { itemId, workMs, unitsDone } of records) {
    const id = itemId === null ? undefined : ids.get(itemId);
    if (id === undefined || unitsDone === 0) continue;
    work[id] = (work[id] ?? 0) + workMs / 60_000;
  }
  return work;
}

/** A class that was taught, with the minutes of work of each exercise. */
export interface Done {
  readonly date: string;
  readonly work: Readonly<Record<string, number>>;
}

/** What was done in some weeks. */
export interface LookedBack {
  readonly classes: number;
  readonly minutes: number;
  /** Minutes of each family that was worked on, in the order of a class. */
  readonly families: readonly { readonly family: Family; readonly minutes: number }[];
  /** Minutes that each way was trained, beside its opposite. */
  readonly directions: readonly {
    readonly one: Direction;
    readonly other: Direction;
    readonly minutes: readonly [number, number];
  }[];
  /** The most often first. */
  readonly exercises: readonly { readonly exerciseId: string; readonly times: number; readonly minutes: number }[];
  /** Exercises that are not in the library any more: counted in minutes, and in no family. */
  readonly unknown: number;
}

/**
 * How much of each family, direction and exercise some classes had. An exercise that trains two ways counts for both: ways
 * are compared with their opposites, and do not add up to the whole.
 */
export function lookBack(done: readonly Done[], exerciseOf: (id: string) => Exercise | null): LookedBack {
  const byFamily = new Map<Family, number>();
  const byDirection = new Map<Direction, number>();
  const byExercise = new Map<string, { times: number; minutes: number }>();
  let [minutes, unknown] = [0, 0];
  for (const { work } of done)
    for (const [id, of] of Object.entries(work)) {
      minutes += of;
      const so = byExercise.get(id) ?? { times: 0, minutes: 0 };
      byExercise.set(id, { times: so.times + 1, minutes: so.minutes + of });
      const exercise = exerciseOf(id);
      if (!exercise) {
        unknown += of;
        continue;
      }
      byFamily.set(exercise.family, (byFamily.get(exercise.family) ?? 0) + of);
      for (const way of exercise.directions) byDirection.set(way, (byDirection.get(way) ?? 0) + of);
    }
  const pairs = Direction.options.filter((way, i) => Direction.options.indexOf(oppositeOf[way]) > i);
  return {
    classes: done.length,
    minutes,
    unknown,
    families: Family.options.flatMap((family) => {
      const of = byFamily.get(family) ?? 0;
      return of > 0 ? [{ family, minutes: of }] : [];
    }),
    directions: pairs.map((one) => {
      const other = oppositeOf[one];
      return { one, other, minutes: [byDirection.get(one) ?? 0, byDirection.get(other) ?? 0] };
    }),
    exercises: [...byExercise]
      .map(([exerciseId, of]) => ({ exerciseId, ...of }))
      .sort((a, b) => b.times - a.times || b.minutes - a.minutes),
  };
}

/** So many times as long as its opposite, and it is told; with fewer minutes than that nothing is (Needlework's own). */
const lopsidedTimes = 3;
const leastMinutes = 10;

/** The ways that were trained much longer than their opposites: the shorter one first. */
export const lopsided = ({ directions }: Pick<LookedBack, 'directions'>): [shorter: Direction, longer: Direction][] =>
  directions.flatMap(({ one, other, minutes: [a, b] }): [Direction, Direction][] => {
    if (Math.max(a, b) < leastMinutes) return [];
    if (a >= lopsidedTimes * b) return [[other, one]];
    return b >= lopsidedTimes * a ? [[one, other]] : [];
  });
