import { itemsOf } from '../plan';
import { type RunState, placeOf, retime } from '../run';

/** What is left of a class being taught: which doses may still change, and where its own time should end, ms. */
export interface Remainder {
  readonly only: ReadonlySet<string>;
  readonly targetMs: number;
}

/**
 * The rest of a class, to be fitted into what is left of its slot: items that have not begun on either foot. What the
 * class is behind comes off the time there is; the reserve is there to be used now.
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
  return { only, targetMs: state.plan.slotSeconds * 1000 - Math.max(0, retime(state).behindMs) };
}
