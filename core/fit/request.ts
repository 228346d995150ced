import type { Plan } from '../plan';
import type { FindRevision } from '../timeline';

export interface FitRequest {
  readonly plan: Plan;
  readonly find: FindRevision;
  /** Items whose dose may change; null for all that are not locked. */
  readonly only?: ReadonlySet<string> | null;
  /** Where the class should end, ms; the slot less the reserve when left out. */
  readonly targetMs?: number;
  /** Items of this priority or lower may be left out when the doses alone do not do it; 0 keeps all. Usually 1. */
  readonly dropUpTo?: number;
  /** The most work that an item may come to, by item, ms on one foot: it grows no further, whatever its rung allows. */
  readonly mostWorkMs?: ReadonlyMap<string, number>;
}

export interface FitProgress {
  /** 0 to 1. */
  readonly done: number;
}
