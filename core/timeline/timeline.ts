import type { PauseEvent, WorkEvent } from '../dose';
import type { Exercise, Execution, ResolveError } from '../exercise';
import type { Plan } from '../plan';

/** What the class is doing. Only `work` counts towards the dose. */
export type Activity = 'work' | 'rest' | 'set-up' | 'talk' | 'transition' | 'switch' | 'compare' | 'rounding';

export type EventKind =
  // pieces of work, and the pauses between them: as the kinds of dose call them
  | WorkEvent
  | PauseEvent
  | 'set-rest'
  // around the work
  | 'talk'
  | 'talk-over'
  | 'transition'
  | 'set-up'
  | 'second-set-up'
  | 'demonstration'
  | 'count-in'
  | 'switch'
  | 'turns'
  | 'talk-item'
  | 'take-off'
  | 'compare'
  | 'rounding';

/** Why something lies between two neighbours, and how long it is. */
export type TransitionReason = 'position' | 'kit' | 'reach' | 'floor' | 'mats' | 'facing' | 'band-moved' | 'band-slid';
export interface TransitionPart {
  readonly reason: TransitionReason;
  readonly ms: number;
}

export type Feet = 'left' | 'right' | 'both' | 'neither';

/** Which piece of the dose an event is; counts are 1-based, as they are called. */
export interface Count {
  readonly part: number;
  readonly set: number;
  readonly sets: number;
  readonly station: number;
  readonly stations: number;
  readonly unit: number;
  readonly units: number;
}

/** One stretch of class time. Times are integer ms from the start of the class. */
export interface TimelineEvent {
  readonly kind: EventKind;
  readonly activity: Activity;
  /** `voice` runs over the work and costs no time; everything else is in `body`. */
  readonly lane: 'body' | 'voice';
  readonly itemId: string | null;
  readonly feet: Feet;
  readonly startMs: number;
  readonly endMs: number;
  readonly count: Count | null;
  /** Belongs to a piece of work that goes on until the teacher taps: its length is what the plan counts. */
  readonly open: boolean;
  /** Lengths of the phases of a rep, ms; they add up to the event. */
  readonly phaseMs: readonly number[] | null;
  /** What a transition is made of. */
  readonly because: readonly TransitionPart[] | null;
}

/** The time of one item, all its visits together. In class time, ms; each foot's own work beside it. */
export interface ItemTime {
  readonly itemId: string;
  readonly blockId: string;
  readonly startMs: number;
  readonly totalMs: number;
  readonly workMs: number;
  readonly leftWorkMs: number;
  readonly rightWorkMs: number;
  readonly activityMs: Readonly<Record<Activity, number>>;
  /** Stretches of class time that belong to it: one, or one a foot when taught foot by foot. */
  readonly visits: readonly { readonly startMs: number; readonly endMs: number; readonly feet: Feet }[];
  /** Null for talk, and for an exercise that cannot be settled (see `problems`). */
  readonly execution: Execution | null;
}

export interface BlockTime {
  readonly blockId: string;
  readonly startMs: number;
  readonly totalMs: number;
}

/** What is worn beside the work: from when it is put on until it begins to be taken off. Ms. */
export interface WornTime {
  readonly itemId: string;
  readonly startMs: number;
  readonly endMs: number;
}

/** An 80 % range of the class's actual length, whole seconds in ms. */
export interface LikelyRange {
  readonly lowMs: number;
  readonly highMs: number;
}

export type TimelineProblem =
  | { readonly code: 'missing-revision'; readonly itemId: string; readonly revision: string }
  | { readonly code: 'not-resolved'; readonly itemId: string; readonly error: ResolveError }
  | { readonly code: 'tempo-phases'; readonly itemId: string; readonly phases: number; readonly tempo: number };

/** The one truth about time. Everything that shows a time reads it from here. */
export interface Timeline {
  readonly events: readonly TimelineEvent[];
  readonly items: readonly ItemTime[];
  readonly blocks: readonly BlockTime[];
  readonly worn: readonly WornTime[];
  readonly totalMs: number;
  readonly workMs: number;
  readonly leftWorkMs: number;
  readonly rightWorkMs: number;
  readonly activityMs: Readonly<Record<Activity, number>>;
  /** Where four classes of five end, from the spread of each kind of time. */
  readonly likely: LikelyRange;
  readonly problems: readonly TimelineProblem[];
}

/** Finds an exercise revision by its content address. */
export type FindRevision = (revision: string) => Exercise | null;

export interface TimelineInput {
  readonly plan: Plan;
  readonly find: FindRevision;
}

/** How a timeline stands against the slot, ms. */
export interface SlotFit {
  readonly slotMs: number;
  readonly plannedMs: number;
  readonly reserveMs: number;
  /** Planned less slot: above zero is over. */
  readonly overMs: number;
  /** What is free before the reserve is touched; below zero the reserve is being used. */
  readonly roomMs: number;
}

export function slotFit(plan: Plan, timeline: Timeline): SlotFit {
  const slotMs = plan.slotSeconds * 1000;
  const reserveMs = Math.round((plan.slotSeconds * plan.reservePercent) / 100) * 1000;
  const plannedMs = timeline.totalMs;
  return { slotMs, plannedMs, reserveMs, overMs: plannedMs - slotMs, roomMs: slotMs - reserveMs - plannedMs };
}
