import { type Execution, resolve, withSubstitutes } from '../exercise';
import { type KitId, isFetched } from '../kit';
import { type Heads, type Plan, findItem } from '../plan';
import type { Timeline } from './timeline';

/** One kind of kit to put out before a class. */
export interface PutOut {
  readonly kit: KitId;
  /** The most of it that is needed at once; null where it is so many for each person and nobody said how many come. */
  readonly count: number | null;
  /** Pieces for each person, where it goes by people; 0 where the room shares it. */
  readonly perPerson: number;
  /** Needed by an easier or harder option alone: as many as take it. */
  readonly forOptionOnly: boolean;
}

/**
 * What to put out: the most of each piece that any item needs at once, its easier and harder options included. Where it
 * is known how many do which option, each option needs as many as do it; else each may be done by everybody.
 */
export function putOut(plan: Plan, timeline: Timeline): PutOut[] {
  const most = new Map<KitId, PutOut>();
  for (const { itemId, execution } of timeline.items) {
    const item = findItem(plan, itemId)?.item;
    if (!execution) continue;
    const ways: Way[] = [{ execution, option: 'main' }];
    for (const option of ['easier', 'harder'] as const) {
      const rungId = item?.[option]?.rungId;
      const settled = rungId === undefined ? null : resolve(execution.exercise, rungId, plan.school);
      if (settled?.ok) ways.push({ execution: withSubstitutes(settled.value, item?.substitutes ?? []), option });
    }
    for (const need of needsOf(plan, ways, headsThatFit(plan, item?.heads ?? null))) {
      const known = most.get(need.kit);
      most.set(need.kit, {
        kit: need.kit,
        count: known ? larger(known.count, need.count) : need.count,
        perPerson: Math.max(known?.perPerson ?? 0, need.perPerson),
        forOptionOnly: need.forOptionOnly && (known?.forOptionOnly ?? true),
      });
    }
  }
  return [...most.values()];
}

interface Way {
  readonly execution: Execution;
  readonly option: 'main' | 'easier' | 'harder';
}

/** How many do which option, where that still is as many as come. */
function headsThatFit({ brief: { people } }: Plan, heads: Heads | null): Heads | null {
  const all = heads && heads.main + heads.easier + heads.harder + heads.other;
  return people === null || all === people ? heads : null;
}

/** What one item needs at once. */
function needsOf({ brief }: Plan, ways: readonly Way[], heads: Heads | null): PutOut[] {
  const needs = new Map<KitId, PutOut>();
  for (const { execution, option } of ways) {
    if (heads?.[option] === 0) continue;
    for (const { kit, per, count } of execution.kit) {
      if (!isFetched(kit)) continue;
      const known = needs.get(kit);
      const people = heads ? heads[option] : brief.people;
      const own = per === 'room' ? count : people === null ? null : count * people;
      // side by side where it is known who does what; else the larger of the two
      const beside = heads && per === 'person' ? (known?.count ?? 0) + (own ?? 0) : larger(known?.count ?? 0, own);
      const has = brief.cupboard[kit];
      needs.set(kit, {
        kit,
        count: beside === null || has === undefined ? beside : Math.min(beside, has),
        perPerson: Math.max(known?.perPerson ?? 0, per === 'person' ? count : 0),
        forOptionOnly: option !== 'main' && (known?.forOptionOnly ?? true),
      });
    }
  }
  return [...needs.values()];
}

/** So many each is more than any number that is known. */
const larger = (a: number | null, b: number | null) => (a === null || b === null ? null : Math.max(a, b));
