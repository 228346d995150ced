import { itemsOf } from '../plan';
import { type RunState, placeOf, retime } from '../run';

/** What is left of a class being taught: which doses may still change, and where its own time should end, ms. */
export interface Remainder {
  readonly only: ReadonlySet<string>;
  readonly targetMs: number;
}

/**
 * The rest of a class, to be fitted into what is left of its slot: items that have not begun on either foot. A class that
 * is late has what it is behind taken off its time, and its reserve is there to be used; one that is early may use what it
 * has won, up to its reserve.
 */
export function remainderOf(state: RunState): Remainder {
  const waits = state.status === 'ready' || state.makingUp !== null;
  const from = waits ? placeOf(state) : state.boutIndex + 1;
  const begun = new Set(state.bouts.slice(0, from).map((bout) => bout.itemId));
  const only = new Set(
    itemsOf(state.plan)
      .map((item) => item.id)
      .filter((id) => !begun.has(id)),
  );
  const { slotSeconds, reservePercent } = state.plan;
  const { behindMs } = retime(state);
  const slotMs = slotSeconds * 1000;
  const reserveMs = behindMs < 0 ? Math.round((slotSeconds * reservePercent) / 100) * 1000 : 0;
  return { only, targetMs: slotMs - reserveMs - behindMs };
}
