import type { Exercise } from '../exercise';
import { type NextId, type Plan, findItem, itemsOf } from '../plan';
import type { Timeline } from '../timeline';
import type { Mend, Offer, OtherDose, Place, ReviewContext, Rule, Severity } from './rule';

/** Something the review noticed, with its reason and one step that mends it. */
export interface Finding {
  /** The same finding has the same key after other edits; accepted ones are remembered by it. */
  readonly key: string;
  readonly rule: string;
  readonly severity: Severity;
  readonly itemIds: readonly string[];
  readonly words: string;
  readonly reason: string;
  readonly mend: Mend | null;
  /** The teacher's note when it was accepted; null while it is open. */
  readonly accepted: string | null;
}

export interface ReviewInput {
  readonly plan: Plan;
  readonly timeline: Timeline;
  readonly library?: readonly Offer[];
  readonly otherDoses?: ReadonlyMap<string, readonly OtherDose[]>;
  /** Ids for items that a mend would add. */
  readonly nextId: NextId;
}

/** One rule over a class. */
export function findingsOf(each: Rule, context: ReviewContext): { finding: Finding; weight: number }[] {
  let state = each.begin(context);
  const breaches = context.places.flatMap((place) => {
    const taken = each.take(state, place, context);
    state = taken.state;
    return taken.breaches ?? [];
  });
  return [...breaches, ...(each.end?.(state, context) ?? [])].map((breach) => ({
    weight: breach.weight ?? breach.itemIds.length,
    finding: {
      key: [each.id, breach.about ?? '', ...[...breach.itemIds].sort()].join(' ').slice(0, 300),
      rule: each.id,
      severity: each.severity,
      itemIds: breach.itemIds,
      words: breach.words,
      reason: each.reason,
      mend: breach.mend?.() ?? null,
      accepted: null,
    },
  }));
}

export function contextOf({ plan, timeline, library, otherDoses, nextId }: ReviewInput): ReviewContext {
  const times = new Map(timeline.items.map((t) => [t.itemId, t]));
  const places = itemsOf(plan).flatMap((item): Omit<Place, 'index'>[] => {
    const time = times.get(item.id);
    const block = findItem(plan, item.id)?.block;
    const execution = time?.execution;
    if (!time || !block || !execution) return [];
    return [{ item, block, execution, time, name: nameOf(execution.exercise, plan) }];
  });
  return {
    plan,
    timeline,
    places: places.map((place, index) => ({ ...place, index })),
    school: plan.school,
    library: library ?? [],
    otherDoses: otherDoses ?? new Map(),
    nextId,
  };
}

const nameOf = (exercise: Exercise, plan: Plan) => exercise.name[plan.school.words];
