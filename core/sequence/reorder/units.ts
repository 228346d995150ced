import type { Plan } from '../../plan';
import type { Breach, Entry, OrderRule, Setting } from '../rule';
import type { Part, RingPart } from './pieces';

/** What is moved as one: a drill with its re-checks, a run in one piece of music, with the talk right before it. */
export interface Unit {
  readonly entries: readonly Entry[];
  /** Everything of it in its order, talk too. */
  readonly itemIds: readonly string[];
  readonly parts: readonly Part[];
  /** Foot by foot: its two visits; null where it stands between two rings. */
  readonly ring: RingPart | null;
}

export interface Course {
  readonly plan: Plan;
  readonly units: readonly Unit[];
  readonly rules: readonly OrderRule[];
  readonly setting: Setting;
  /** Every item of the class, in whatever order. */
  readonly among: readonly Entry[];
  readonly before: { readonly entries: readonly Entry[]; readonly parts: readonly Part[] };
  readonly behind: { readonly entries: readonly Entry[]; readonly parts: readonly Part[] };
  /** Foot by foot: the pause to compare, ms, and whether the second foot goes backwards. */
  readonly compareMs: number;
  readonly reversed: boolean;
  /** Findings the teacher accepted: a rule that has one is followed item by item. */
  readonly isAccepted: (rule: OrderRule, breach: Breach) => boolean;
  readonly hasAccepted: (rule: OrderRule) => boolean;
}
