import type { Plan } from '../plan';
import { type FindRevision, buildTimeline } from '../timeline';
import { review } from './review';

export interface Objection {
  readonly key: string;
  readonly severity: 'hard' | 'soft';
}

/** What the review objects to in a class, by the names of its findings; notes are not objections. */
export function worriesIn(plan: Plan, find: FindRevision, timeline = buildTimeline({ plan, find })): Set<string> {
  return new Set(objectionsIn(plan, find, timeline).map(({ key }) => key));
}

/** The same, each with how much it matters. */
export function objectionsIn(plan: Plan, find: FindRevision, timeline = buildTimeline({ plan, find })): Objection[] {
  return review({ plan, timeline, nextId: () => 'none' }, 'quick').flatMap(({ key, severity }) =>
    severity === 'note' ? [] : [{ key, severity }],
  );
}

/** Whether a changed class raises nothing that was not raised before. */
export const raisesNothing = (after: ReadonlySet<string>, before: ReadonlySet<string>): boolean =>
  [...after].every((key) => before.has(key));
