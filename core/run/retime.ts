import { type Side, isUnequal, itemsOf } from '../plan';
import type { TimelineEvent } from '../timeline';
import { type RunState, currentBout, placeOf, workMsOf } from './run';

/** How a class being taught stands against its plan, ms. */
export interface LiveTimes {
  /** Since the run began. */
  readonly elapsedMs: number;
  /** What the plan would be at now: its own time of this bout and of how far the bout has come. */
  readonly plannedMs: number;
  /** Above zero: behind the plan. */
  readonly behindMs: number;
  /** Above zero: it ends that much later than it was to when it began, with all that has given way or come since. */
  readonly laterMs: number;
  /** When the class ends if the rest goes as planned. */
  readonly endsAtMs: number;
  /** Above zero: that end is after the slot. */
  readonly overSlotMs: number;
  /** Where in the plan the slot ends: nearer than planned where time was lost; what lies behind it no longer fits. */
  readonly slotEndsMs: number;
}

/** Every live time of a run, from its state: the rest of the class is taken as planned. */
export function retime(state: RunState): LiveTimes {
  const bout = currentBout(state);
  const total = state.timeline.totalMs;
  // What is made up lies beside the plan: the class stands where it goes on, and that much later.
  const waits = state.makingUp ? state.bouts[state.makingUp.returnTo] : undefined;
  if (bout && waits) {
    const leftMs = Math.max(0, bout.workEndMs - bout.workStartMs - workMsOf(state));
    const endsAtMs = state.atMs + leftMs + total - waits.startMs;
    return timesOf(state, waits.startMs, endsAtMs);
  }
  const plannedMs = bout
    ? Math.min(
        bout.endMs,
        state.status === 'work' ? bout.workStartMs + workMsOf(state) : bout.startMs + spentSettingUp(state),
      )
    : total;
  return timesOf(state, plannedMs, state.atMs + total - plannedMs);
}

const timesOf = ({ atMs, promisedMs, plan }: RunState, plannedMs: number, endsAtMs: number): LiveTimes => ({
  elapsedMs: atMs,
  plannedMs,
  behindMs: atMs - plannedMs,
  laterMs: endsAtMs - promisedMs,
  endsAtMs,
  overSlotMs: endsAtMs - plan.slotSeconds * 1000,
  slotEndsMs: plan.slotSeconds * 1000 - (atMs - plannedMs),
});

function spentSettingUp(state: RunState): number {
  const bout = currentBout(state);
  return bout ? Math.min(state.atMs - state.boutSinceMs, bout.workStartMs - bout.startMs) : 0;
}

/** Reps one side owes the other. */
export interface Owed {
  readonly itemId: string;
  readonly side: Side;
  readonly units: number;
}

/**
 * What was done on one side and not on the other, once both have had their turn; quiet where unequal on purpose.
 * Units are those of the dose: reps, holds, passes.
 */
export function owed(state: RunState): Owed[] {
  const done = new Map<string, { left: number; right: number; bouts: number }>();
  for (const { itemId, feet, unitsDone } of state.records) {
    if (itemId === null || (feet !== 'left' && feet !== 'right')) continue;
    const sides = done.get(itemId) ?? { left: 0, right: 0, bouts: 0 };
    sides[feet] += unitsDone;
    sides.bouts += 1;
    done.set(itemId, sides);
  }
  return itemsOf(state.plan).flatMap(({ id, sides }) => {
    const found = done.get(id);
    const still =
      state.status !== 'over' && state.bouts.some((bout) => bout.itemId === id && bout.index >= placeOf(state));
    if (!found || still || isUnequal(sides) || found.left === found.right) return [];
    const side: Side = found.left < found.right ? 'left' : 'right';
    return [{ itemId: id, side, units: Math.abs(found.left - found.right) }];
  });
}

/** What is owed and can still be done. */
export interface OwedNow extends Owed {
  /** Where to go on: the bout of that foot, and the instant of its work, ms. */
  readonly bout: number;
  readonly fromMs: number;
  /** The first piece that is missing: which way, toe or round it belongs to. */
  readonly event: TimelineEvent;
}

/**
 * What is owed and can be done at this moment: of the item that was just taught, before the next begins; and of all items
 * once the last one waits, or the class is over.
 */
export function owedNow(state: RunState): OwedNow[] {
  if (state.status === 'work') return [];
  const last = state.records.at(-1)?.itemId ?? null;
  const debts = isNearTheEnd(state) ? owed(state) : owed(state).filter((debt) => debt.itemId === last);
  return debts.flatMap((debt) => makeUpOf(state, debt) ?? []);
}

/** The last item waits, or nothing does. */
function isNearTheEnd(state: RunState): boolean {
  if (state.status === 'over') return true;
  const items = state.bouts.slice(placeOf(state)).flatMap((bout) => bout.itemId ?? []);
  return new Set(items).size <= 1;
}

function makeUpOf(state: RunState, debt: Owed): OwedNow | null {
  const bout = state.bouts.find((b) => b.itemId === debt.itemId && b.feet === debt.side);
  if (!bout) return null;
  const done = state.records
    .filter((r) => r.itemId === debt.itemId && r.feet === debt.side)
    .reduce((units, r) => units + r.unitsDone, 0);
  const work = bout.events.filter((e) => e.activity === 'work');
  // a foot that did all of it, while the other did it twice, begins anew
  const event = work[done % Math.max(1, work.length)];
  return event ? { ...debt, bout: bout.index, fromMs: event.startMs - bout.workStartMs, event } : null;
}
