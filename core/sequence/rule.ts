import type { Dose } from '../dose';
import type { Execution, Exercise, School } from '../exercise';
import type { Block, Item, NextId, Plan, PlanCommand } from '../plan';
import type { ItemTime, Timeline } from '../timeline';

/** `hard`: safety, gates, floor and kit; `soft`: order and load; `note`: worth knowing. */
export type Severity = 'hard' | 'soft' | 'note';

/** One item in its place in the class. */
export interface Place {
  readonly index: number;
  readonly item: Item;
  readonly block: Block;
  readonly execution: Execution;
  readonly time: ItemTime;
  readonly name: string;
}

/** An exercise that could be added by a fix. */
export interface Offer {
  readonly revision: string;
  readonly exercise: Exercise;
}

/** How the same exercise is dosed in another class of this teacher. */
export interface OtherDose {
  readonly title: string;
  readonly rungId: string | null;
  readonly dose: Dose;
}

export interface ReviewContext {
  readonly plan: Plan;
  readonly timeline: Timeline;
  readonly places: readonly Place[];
  readonly school: School;
  /** What a fix may add; without it such fixes are not offered. */
  readonly library: readonly Offer[];
  readonly otherDoses: ReadonlyMap<string, readonly OtherDose[]>;
  readonly nextId: NextId;
}

/** One step that mends a breach. */
export interface Mend {
  readonly words: string;
  readonly command: PlanCommand;
}

export interface Breach {
  readonly itemIds: readonly string[];
  readonly words: string;
  /** Larger comes first among findings of one severity; usually seconds, or items concerned. */
  readonly weight?: number;
  /** Tells two breaches of one rule and the same items apart. */
  readonly about?: string;
  readonly mend?: () => Mend | null;
}

/**
 * A rule as a small automaton over the items in order: it begins in a state, takes one item after the other, and may
 * object at each and at the end. Review runs it over a class; a reorderer can run it over any order.
 */
export interface Rule<S = unknown> {
  readonly id: string;
  readonly severity: Severity;
  /** Why, in plain words; the school it follows where it follows one. */
  readonly reason: string;
  readonly begin: (context: ReviewContext) => S;
  readonly take: (
    state: S,
    place: Place,
    context: ReviewContext,
  ) => { readonly state: S; readonly breaches?: readonly Breach[] };
  readonly end?: (state: S, context: ReviewContext) => readonly Breach[];
}

/** Keeps the state's type inside its rule. */
export const rule = <S>(made: Rule<S>): Rule => made as unknown as Rule;
