import { type Plan, applyCommand, revisionsOf } from '../plan';
import type { RunEvent } from './event';

/** The revisions that a taught class needs to be played again: those it began with, and what was put in on the way. */
export function revisionsTaught(begun: Plan, events: readonly RunEvent[]): string[] {
  let plan = begun;
  const needed = new Set(revisionsOf(begun));
  // what was taken back later was there for a while all the same
  for (const { event } of events) {
    if (event.kind !== 'adapted') continue;
    const done = applyCommand(plan, event.command);
    if (done.ok) plan = done.value;
    for (const revision of revisionsOf(plan)) needed.add(revision);
  }
  return [...needed];
}
