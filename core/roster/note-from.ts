import type { Rung } from '../exercise';
import type { LadderNote } from './ladder-note';
import type { Kept } from './keeper';

type What = LadderNote['what'];

/** How a class is taught unless somebody says otherwise. */
const usual = { surface: 'floor', footwear: 'bare' } as const;

/** Whether the gate counts: reps or seconds. */
export const isCounted = ({ gate }: Kept): boolean =>
  gate?.test === 'clean-reps' || gate?.test === 'clean-hold-seconds';

/**
 * Seen clean on the level of the lower foot: as many as its gate asks of this person, unless another number is said.
 * @returns null where somebody stands nowhere
 */
export function cleanNote(kept: Kept, said: number | null = null): What | null {
  if (!kept.here) return null;
  const value = isCounted(kept) ? (said ?? kept.gate?.value ?? null) : null;
  return { kind: 'clean', rungId: kept.here.id, value, conditions: usual };
}

/** Placed on a level: where it begins, as it was proposed, or by the teacher's own word, which is not argued again. */
export function placedNote({ verdict, to }: Kept, { id }: Rung, note = ''): What {
  const proposed = to?.id === id && (verdict === 'up' || verdict === 'down') ? verdict : 'overrule';
  return { kind: 'placed', rungId: id, why: verdict === 'not-begun' ? 'begins' : proposed, note };
}
