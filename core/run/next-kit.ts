import type { KitId } from '../kit';
import { type RunState, currentBout, workMsOf } from './run';
import { timeOf } from './moment';

/** How long before an item the teacher is told what it takes, ms: time to send somebody for it (Needlework's own). */
const aheadMs = 45_000;

/**
 * Kit that the item after this one takes, and that nothing in the class has had out so far. Empty while it is too early
 * to fetch it, and where nothing is.
 */
export function nextKit(state: RunState): readonly KitId[] {
  const bout = currentBout(state);
  if (!bout) return [];
  const later = state.bouts.slice(bout.index + 1);
  const next = later.find((b) => b.itemId !== null && b.itemId !== bout.itemId);
  if (!next) return [];
  const hereMs = state.status === 'work' ? bout.workStartMs + workMsOf(state) : bout.startMs;
  if (next.startMs - hereMs > aheadMs) return [];
  const out = new Set(
    state.bouts.slice(0, bout.index + 1).flatMap((b) => timeOf(state, b)?.execution?.kit.map(({ kit }) => kit) ?? []),
  );
  const needs = timeOf(state, next)?.execution?.kit ?? [];
  return needs.map(({ kit }) => kit).filter((kit) => !out.has(kit));
}
