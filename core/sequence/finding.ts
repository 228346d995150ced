import { type NextId, type Plan, type PlanCommand, floorOf, itemsOf } from '../plan';
import type { Timeline } from '../timeline';
import {
  type Breach,
  type Entry,
  type Explanation,
  type Offer,
  type OtherDose,
  type ReviewContext,
  type Rule,
  type Severity,
  judgeOrder,
} from './rule';

/** A mend that was run and judged again: its finding goes, nothing as hard comes. */
export interface ProvedMend {
  readonly words: string;
  readonly command: PlanCommand;
  /** What it does to the length of the class, ms, by the timeline. */
  readonly deltaMs: number;
}

/** Something the review noticed, with its reason. Words and mend are made when they are asked for, and once. */
export interface Finding {
  /** The same finding has the same key after other edits; accepted ones are remembered by it. */
  readonly key: string;
  readonly rule: string;
  readonly severity: Severity;
  readonly itemIds: readonly string[];
  readonly reason: string;
  readonly words: () => string;
  /** One step that mends it, proved; null where none was found that holds. */
  readonly mend: () => ProvedMend | null;
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

/** A breach as a rule found it, not yet in words. */
export interface Found {
  readonly rule: Rule;
  readonly breach: Breach;
  readonly key: string;
  readonly explain: () => Explanation;
}

/** The name of a breach that stays the same after other edits. */
export const keyOf = ({ id }: Pick<Rule, 'id'>, { about, itemIds }: Pick<Breach, 'about' | 'itemIds'>): string =>
  [id, about ?? '', ...[...itemIds].sort()].join(' ').slice(0, 300);

/** One rule over a class. */
export function foundBy(rule: Rule, context: ReviewContext): Found[] {
  const found = (breach: Breach, explain: () => Explanation): Found => ({
    rule,
    breach,
    explain,
    key: keyOf(rule, breach),
  });
  return rule.kind === 'class'
    ? rule.look(context).map((breach) => found(breach, breach.explain))
    : judgeOrder(rule, context.entries, context).map((breach) => found(breach, () => rule.explain(breach, context)));
}

export function contextOf({ plan, timeline, library, otherDoses, nextId }: ReviewInput): ReviewContext {
  const times = new Map(timeline.items.map((t) => [t.itemId, t]));
  const blocks = new Map(plan.blocks.flatMap((block) => block.items.map((item) => [item.id, block] as const)));
  const entries = itemsOf(plan).flatMap((item): Entry[] => {
    const time = times.get(item.id);
    const block = blocks.get(item.id);
    const execution = time?.execution;
    if (!time || !block || !execution) return [];
    const name = execution.exercise.name[plan.school.words];
    return [{ item, block, execution, name, floor: floorOf(plan, block, item), workMs: time.workMs }];
  });
  const byId = new Map(entries.map((entry, index) => [entry.item.id, { entry, index }]));
  return {
    plan,
    timeline,
    entries,
    school: plan.school,
    brief: plan.brief,
    pace: plan.pace,
    entry: (id) => byId.get(id)?.entry ?? null,
    indexOf: (entry) => byId.get(entry.item.id)?.index ?? -1,
    timeOf: (entry) => {
      const time = times.get(entry.item.id);
      if (!time) throw new RangeError('an entry of the class has its time');
      return time;
    },
    library: library ?? [],
    otherDoses: otherDoses ?? new Map(),
    nextId,
  };
}
