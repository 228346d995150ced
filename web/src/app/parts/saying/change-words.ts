import { sayDose } from '@core/dose';
import { type FitChange, gives } from '@core/fit';
import type { Plan } from '@core/plan';
import { sayTime } from '@core/say-time';
import type { Timeline } from '@core/timeline';

/** A change that fit proposes, as a row: what, before, after, what it does to the class, and why. */
export interface ChangeRow {
  readonly id: string;
  readonly name: string;
  readonly before: string;
  readonly after: string;
  readonly delta: string;
  readonly reason: string;
}

/** @param timeline of the class before the change */
export function changeRow(plan: Plan, timeline: Timeline, change: FitChange): ChangeRow {
  const execution = timeline.items.find((i) => i.itemId === change.itemId)?.execution;
  const sides = execution?.sidePattern ?? 'both';
  return {
    id: change.itemId,
    name: execution?.exercise.name[plan.school.words] ?? '',
    before: sayDose(change.before, sides),
    after: change.after === null ? 'left out' : sayDose(change.after, sides),
    delta: `${gives(change) === 'more' ? '+' : '−'}${sayTime(Math.abs(change.deltaMs))}`,
    reason: change.reason,
  };
}
