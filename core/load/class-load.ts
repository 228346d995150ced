import {
  type Direction,
  Direction as directions,
  type Execution,
  type Family,
  Family as families,
  Region,
} from '../exercise';
import { median } from '../measure/median';
import type { Timeline } from '../timeline';
import { type Each, type Load, itemLoads, together } from './load';

/** A region in a class. */
export interface RegionLoad {
  readonly region: Region;
  /** Rating times minutes of work: Needlework's own measure. */
  readonly load: Each;
  /** Class time in which it works hard, rated 2 or 3, ms. */
  readonly hardMs: number;
  /** The longest such time without half a minute in between in which it does not, ms. */
  readonly longestMs: number;
}

/** What a class asks of the feet, all of it together. */
export interface ClassLoad extends Omit<Load, 'regions'> {
  readonly regions: readonly RegionLoad[];
  /** How long each foot works, ms. */
  readonly worksMs: Each;
  /** How long each foot carries the body while the other one works, ms. */
  readonly standsMs: Each;
  /** Balance asked of each leg: rating times minutes, of the working and of the standing leg. */
  readonly balance: Each;
  /** Class time of work, by kind of exercise, and by direction; an exercise that trains two counts half for each. Ms. */
  readonly families: readonly { readonly family: Family; readonly ms: number }[];
  readonly directions: readonly { readonly direction: Direction; readonly ms: number }[];
}

/** A rating from which a region works hard. */
const hard = 2;
/** What lies between two hard stretches counts as no rest when it is shorter, ms (Needlework's own). */
const noRestMs = 30_000;

/** Sums a class up from its timeline. */
export function classLoad(timeline: Pick<Timeline, 'items' | 'events'>): ClassLoad {
  const { rises, landings, regions } = together(itemLoads(timeline));
  const byItem = new Map(timeline.items.map((item) => [item.itemId, item.execution]));
  const works = feet();
  const stands = feet();
  const balance = feet();
  const kinds = new Map<Family, number>();
  const ways = new Map<Direction, number>();
  const hardAt = new Map<Region, [startMs: number, endMs: number][]>();
  for (const event of timeline.events) {
    const execution = event.itemId === null ? null : byItem.get(event.itemId);
    if (event.activity !== 'work' || !execution) continue;
    const ms = event.endMs - event.startMs;
    const { exercise } = execution;
    const others = execution.phases.some(({ other }) => other?.role === 'stands');
    for (const foot of ['left', 'right'] as const) {
      if (event.feet === foot || event.feet === 'both') {
        works[foot] += ms;
        balance[foot] += (execution.balance.working * ms) / 60_000;
      } else if (event.feet !== 'neither') {
        if (others) stands[foot] += ms;
        balance[foot] += (execution.balance.standing * ms) / 60_000;
      }
    }
    add(kinds, exercise.family, ms);
    for (const direction of exercise.directions) add(ways, direction, ms / exercise.directions.length);
    for (const region of hardIn(execution)) {
      const at = hardAt.get(region);
      if (at) at.push([event.startMs, event.endMs]);
      else hardAt.set(region, [[event.startMs, event.endMs]]);
    }
  }
  return {
    rises,
    landings,
    worksMs: works,
    standsMs: stands,
    balance,
    regions: Region.options.flatMap((region): RegionLoad[] => {
      const load = regions[region];
      return load ? [{ region, load, ...hardTime(hardAt.get(region) ?? []) }] : [];
    }),
    families: families.options.map((family) => ({ family, ms: kinds.get(family) ?? 0 })).filter(({ ms }) => ms > 0),
    directions: directions.options.map((direction) => ({ direction, ms: ways.get(direction) ?? 0 })),
  };
}

/** What works hard in an exercise; executions never change, so it is read once. */
function hardIn(execution: Execution): readonly Region[] {
  const known = hardOf.get(execution) ?? Region.options.filter((region) => (execution.regions[region] ?? 0) >= hard);
  hardOf.set(execution, known);
  return known;
}
const hardOf = new WeakMap<Execution, readonly Region[]>();

const feet = (): { left: number; right: number } => ({ left: 0, right: 0 });
const add = <K>(to: Map<K, number>, key: K, ms: number): void => void to.set(key, (to.get(key) ?? 0) + ms);

function hardTime(at: readonly (readonly [number, number])[]): Pick<RegionLoad, 'hardMs' | 'longestMs'> {
  let [hardMs, longestMs, fromMs, untilMs] = [0, 0, 0, -Infinity];
  for (const [startMs, endMs] of at) {
    if (startMs - untilMs >= noRestMs) fromMs = startMs;
    hardMs += endMs - startMs;
    untilMs = endMs;
    longestMs = Math.max(longestMs, endMs - fromMs);
  }
  return { hardMs, longestMs };
}

/** How a figure of a class stands to the same figure of earlier ones. */
export interface Against {
  readonly now: number;
  /** The middle of the earlier ones; null where there is none. */
  readonly usual: number | null;
  readonly least: number | null;
  readonly most: number | null;
  /** Outside of all that was, and by more than a fifth of the usual: worth a word. */
  readonly stands: 'more' | 'less' | 'as usual' | 'no class before';
}

/** Beyond the span of the earlier classes it has to be so much more or less of the usual (Needlework's own). */
const notable = 0.2;

/**
 * A figure against those of earlier classes, each as it was taught.
 * @example against(40, [20, 24, 30]) // more: usual 24, most 30
 */
export function against(now: number, before: readonly number[]): Against {
  if (before.length === 0) return { now, usual: null, least: null, most: null, stands: 'no class before' };
  const [usual, least, most] = [median(before), Math.min(...before), Math.max(...before)];
  const far = Math.abs(now - usual) > notable * usual;
  const stands = far && now > most ? 'more' : far && now < least ? 'less' : 'as usual';
  return { now, usual, least, most, stands };
}
