import type { Dose } from '../dose';
import type { RunAction } from '../run';
import { type RunEvent, type RunState, reduce, retime } from '../run';
import type { FindRevision } from '../timeline';
import { remainderOf } from './remainder';
import { type Fit, type FitChange, commandOf } from './fit';

/** What gives way so that a class ends in its slot, told before anything is done. */
export interface CatchUp {
  /** What takes it, with one tap; null where nothing is left that could give way. */
  readonly action: Extract<RunAction, { kind: 'adapted' }> | null;
  /** Each item that is to come and changes, in the order of the class: fewer, more, or left out. */
  readonly givesWay: readonly FitChange[];
  /** When the class ends as it is, and as it would, ms since it began. */
  readonly endedAtMs: number;
  readonly endsAtMs: number;
  /** Above zero: even so it ends after the slot, ms. */
  readonly overSlotMs: number;
}

/**
 * A fit of what is to come, taken for a trial: the class is adapted and timed again before it is offered.
 * @param found the fit of `remainderOf(state)`, worked out for this very plan
 */
export function catchUpOf(state: RunState, found: Fit, find: FindRevision): CatchUp {
  const before = retime(state);
  const command = commandOf(state.plan, found.changes);
  const none = { action: null, givesWay: [], endedAtMs: before.endsAtMs, endsAtMs: before.endsAtMs };
  if (!command) return { ...none, overSlotMs: before.overSlotMs };
  const action = { kind: 'adapted' as const, command };
  const event: RunEvent = { runId: 'tried', deviceId: 'tried', seq: 0, atMs: state.atMs, event: action };
  const after = retime(reduce(state, event, find));
  const { endsAtMs, overSlotMs } = after;
  return { action, givesWay: found.changes, endedAtMs: before.endsAtMs, endsAtMs, overSlotMs };
}

/** Whether all of it is still to come: an item that has begun since it was shown does not give way any more. */
export function stillToCome(state: RunState, { givesWay }: Pick<CatchUp, 'givesWay'>): boolean {
  const { only } = remainderOf(state);
  return givesWay.every(({ itemId }) => only.has(itemId));
}

/** Whether a change leaves out, shortens or lengthens. */
export const gives = (change: { readonly after: Dose | null; readonly deltaMs: number }): 'out' | 'less' | 'more' =>
  change.after === null ? 'out' : change.deltaMs < 0 ? 'less' : 'more';
