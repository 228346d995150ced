import { type Execution, resolve, withSubstitutes } from '../exercise';
import { type KitId, isFetched } from '../kit';
import { type Plan, findItem } from '../plan';
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

/** What to put out: the most of each piece that any item needs at once, its easier and harder options included. */
export function putOut(plan: Plan, timeline: Timeline): PutOut[] {
  const most = new Map<KitId, PutOut>();
  const note = (execution: Execution, isOption: boolean) => {
    for (const { kit, per, count } of execution.kit) {
      if (!isFetched(kit)) continue;
      const { people } = plan.brief;
      const perPerson = per === 'person' ? count : 0;
      const wanted = per === 'room' ? count : people === null ? null : count * people;
      const has = plan.brief.cupboard[kit];
      const needed = wanted === null || has === undefined ? wanted : Math.min(wanted, has);
      const known = most.get(kit);
      most.set(kit, {
        kit,
        count: known ? larger(known.count, needed) : needed,
        perPerson: Math.max(known?.perPerson ?? 0, perPerson),
        forOptionOnly: isOption && (known?.forOptionOnly ?? true),
      });
    }
  };
  for (const { itemId, execution } of timeline.items) {
    if (!execution) continue;
    note(execution, false);
    const item = findItem(plan, itemId)?.item;
    for (const option of [item?.easier, item?.harder]) {
      const settled = option ? resolve(execution.exercise, option.rungId, plan.school) : null;
      if (settled?.ok) note(withSubstitutes(settled.value, item?.substitutes ?? []), true);
    }
  }
  return [...most.values()];
}

/** So many each is more than any number that is known. */
const larger = (a: number | null, b: number | null) => (a === null || b === null ? null : Math.max(a, b));
