import { amountName, numberIn, numberOf } from '../dose';
import { type Plan, type PlanCommand, type Side, applyCommand, findItem } from '../plan';
import { type FindRevision, buildTimeline } from '../timeline';
import { boutsOf } from './bout';
import { reportOf } from './report';
import { type Owed, owed } from './retime';
import type { RunState } from './run';

/** What a taught class leaves for the next time. */
export interface CarriedOver {
  readonly owed: readonly Owed[];
  /** Items that were not begun on any foot, in their order. */
  readonly notReached: readonly string[];
}

/** What one foot owes the other at the end of a class, and what was not reached. */
export const carriedOver = (state: RunState): CarriedOver => ({
  owed: owed(state),
  notReached: reportOf(state).notReached,
});

/** A class that pays back what one foot owes from last time. */
export interface PaidBack {
  readonly plan: Plan;
  /** What it costs, ms. */
  readonly deltaMs: number;
  /** What is paid by it; the rest has no place in this class any more. */
  readonly debts: readonly Owed[];
}

/** A foot that would do more than half as much again does other work, and makes nothing up (Needlework's own). */
const mostShare = 0.5;

/**
 * The class with a few reps more for the foot that owes them, wherever its feet are equal and take turns: tried on the
 * timeline, and as few more as will do. Null where nothing can be paid.
 */
export function payBack(plan: Plan, debts: readonly Owed[], find: FindRevision): PaidBack | null {
  const beforeMs = buildTimeline({ plan, find }).totalMs;
  const paid = debts.reduce<{ readonly plan: Plan; readonly debts: readonly Owed[] }>(
    (now, debt) => {
      const after = oneMore(now.plan, debt, find);
      return after ? { plan: after, debts: [...now.debts, debt] } : now;
    },
    { plan, debts: [] },
  );
  if (paid.debts.length === 0) return null;
  return { ...paid, deltaMs: buildTimeline({ plan: paid.plan, find }).totalMs - beforeMs };
}

function oneMore(plan: Plan, { itemId, side, units }: Owed, find: FindRevision): Plan | null {
  const item = findItem(plan, itemId)?.item;
  const [first] = item?.dose ?? [];
  if (!item || !first || item.sides.mode !== 'equal' || numberOf(first, amountName(first))?.scale !== 'counts')
    return null;
  const most = Math.min(20, mostShare * numberIn(first, amountName(first)));
  const before = unitsOf(plan, itemId, side, find);
  for (let more = 1; more <= most; more++) {
    const command: PlanCommand = {
      type: 'edit-item',
      itemId,
      change: { sides: { mode: 'extra-reps', weaker: side, more } },
    };
    const after = applyCommand(plan, command);
    if (after.ok && unitsOf(after.value, itemId, side, find) - before >= units) return after.value;
  }
  return null;
}

const unitsOf = (plan: Plan, itemId: string, side: Side, find: FindRevision): number =>
  boutsOf(buildTimeline({ plan, find }))
    .filter((bout) => bout.itemId === itemId && bout.feet === side)
    .flatMap(({ events }) => events.filter(({ activity }) => activity === 'work')).length;
