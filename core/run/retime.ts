import { type Side, isUnequal } from '../plan';
import { type RunState, currentBout, workMsOf } from './run';

/** How a class being taught stands against its plan, ms. */
export interface LiveTimes {
  /** Since the run began. */
  readonly elapsedMs: number;
  /** What the plan would be at now: its own time of this bout and of how far the bout has come. */
  readonly plannedMs: number;
  /** Above zero: behind the plan. */
  readonly behindMs: number;
  /** When the class ends if the rest goes as planned. */
  readonly endsAtMs: number;
  /** Above zero: that end is after the slot. */
  readonly overSlotMs: number;
}

/** Every live time of a run, from its state: the rest of the class is taken as planned. */
export function retime(state: RunState): LiveTimes {
  const bout = currentBout(state);
  const total = state.timeline.totalMs;
  const plannedMs = bout
    ? Math.min(
        bout.endMs,
        state.status === 'work' ? bout.workStartMs + workMsOf(state) : bout.startMs + spentSettingUp(state),
      )
    : total;
  const behindMs = state.atMs - plannedMs;
  const endsAtMs = state.atMs + total - plannedMs;
  return { elapsedMs: state.atMs, plannedMs, behindMs, endsAtMs, overSlotMs: endsAtMs - state.plan.slotSeconds * 1000 };
}

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
  return state.plan.blocks
    .flatMap((block) => block.items)
    .flatMap(({ id, sides }) => {
      const found = done.get(id);
      const still =
        state.status !== 'over' && state.bouts.some((bout) => bout.itemId === id && bout.index >= state.boutIndex);
      if (!found || still || isUnequal(sides) || found.left === found.right) return [];
      const side: Side = found.left < found.right ? 'left' : 'right';
      return [{ itemId: id, side, units: Math.abs(found.left - found.right) }];
    });
}
