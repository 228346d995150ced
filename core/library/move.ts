import type { Exercise } from '../exercise';
import { type Plan, applyCommand, itemsOf } from '../plan';
import { type FindRevision, buildTimeline } from '../timeline';

/** What moving a class to another revision of an exercise would do. */
export interface Move {
  readonly plan: Plan;
  readonly beforeMs: number;
  readonly afterMs: number;
  /** Why it must not move, in words; null when it can. */
  readonly problem: string | null;
}

/**
 * Moves every item of an exercise to a revision, and times the class before and after.
 * It must not move when an item stands on a rung that the revision does not have, or has a tempo for other phases.
 */
export function moveTo(plan: Plan, exercise: Exercise, revision: string, find: FindRevision): Move {
  const moved = applyCommand(plan, { type: 'move-revision', exerciseId: exercise.id, revision });
  const after = moved.ok ? moved.value : plan;
  const known: FindRevision = (asked) => (asked === revision ? exercise : find(asked));
  const timeline = buildTimeline({ plan: after, find: known });
  const mine = new Set(
    itemsOf(after)
      .filter((i) => i.exerciseId === exercise.id)
      .map((i) => i.id),
  );
  const first = timeline.problems.find((p) => mine.has(p.itemId));
  return {
    plan: after,
    beforeMs: buildTimeline({ plan, find }).totalMs,
    afterMs: timeline.totalMs,
    problem: first ? problemWords(first) : null,
  };
}

function problemWords(problem: ReturnType<typeof buildTimeline>['problems'][number]): string {
  switch (problem.code) {
    case 'not-resolved':
      return `It stands on a rung that is no longer there (${problem.error.rungId}). Choose another rung in the class first.`;
    case 'tempo-phases':
      return `Its own tempo counts ${problem.tempo} phases; the exercise now has ${problem.phases}.`;
    case 'missing-revision':
      return 'The revision is not here.';
  }
}
