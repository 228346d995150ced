import type { TimelineEvent } from '../timeline';
import { type FindRevision, type Timeline, buildTimeline } from '../timeline';
import { type Plan, applyCommand } from '../plan';
import { type RunEvent, effective } from './event';
import { type Leg, countAt, legsOf } from './leg';

/** Where a leg stands: waiting for the teacher, being set up, being counted, or over. */
export type Stage = 'ready' | 'set-up' | 'work' | 'over';

/** What really happened to one leg, ms. */
export interface LegRecord {
  readonly itemId: string | null;
  readonly feet: Leg['feet'];
  readonly plannedSetUpMs: number;
  readonly plannedWorkMs: number;
  /** From arriving at the leg to its first rep, waiting included. */
  readonly setUpMs: number;
  /** From the first rep to the last, holds left out. */
  readonly workMs: number;
  readonly heldMs: number;
  readonly unitsDone: number;
  readonly unitsPlanned: number;
  readonly startedAtMs: number;
  readonly endedAtMs: number;
}

/** A class being taught, at one instant. */
export interface RunState {
  readonly plan: Plan;
  readonly timeline: Timeline;
  readonly legs: readonly Leg[];
  readonly legIndex: number;
  readonly stage: Stage;
  readonly atMs: number;
  /** When this leg was arrived at, and when its present stage began. */
  readonly legSinceMs: number;
  readonly stageSinceMs: number;
  /** Held time of this stage that is over, and since when it is held now. */
  readonly heldMs: number;
  readonly heldSinceMs: number | null;
  readonly flowing: boolean;
  readonly records: readonly LegRecord[];
  readonly observed: readonly { readonly atMs: number; readonly words: string }[];
}

const isUnit = (e: TimelineEvent) => e.activity === 'work';

/** A run before anything has happened: the first leg waits. */
export function startRun(plan: Plan, find: FindRevision): RunState {
  const timeline = buildTimeline({ plan, find });
  const legs = legsOf(timeline);
  return {
    plan,
    timeline,
    legs,
    legIndex: 0,
    stage: legs.length === 0 ? 'over' : 'ready',
    atMs: 0,
    legSinceMs: 0,
    stageSinceMs: 0,
    heldMs: 0,
    heldSinceMs: null,
    flowing: false,
    records: [],
    observed: [],
  };
}

/** Time of the present stage without what was held, ms. */
export function stageMs(state: RunState): number {
  return (state.heldSinceMs ?? state.atMs) - state.stageSinceMs - state.heldMs;
}

export const currentLeg = (state: RunState): Leg | null =>
  state.stage === 'over' ? null : (state.legs[state.legIndex] ?? null);

/** What is counted now; null outside the work. */
export function counting(state: RunState): TimelineEvent | null {
  const leg = currentLeg(state);
  return leg && state.stage === 'work' ? countAt(leg, stageMs(state)) : null;
}

/** The state at an instant: whatever the clock alone brings about has happened. */
export function advanceTo(state: RunState, atMs: number): RunState {
  let now = state;
  for (;;) {
    const due = dueAt(now);
    if (due === null || due > atMs) return { ...now, atMs: Math.max(atMs, now.atMs) };
    now = now.stage === 'work' ? finishLeg({ ...now, atMs: due }) : enterStage({ ...now, atMs: due });
  }
}

/** When the clock alone brings the next change: the last rep is over; or, flowing, the planned set-up is. */
function dueAt(state: RunState): number | null {
  const leg = currentLeg(state);
  if (!leg || state.heldSinceMs !== null) return null;
  const from = state.stageSinceMs + state.heldMs;
  if (state.stage === 'work') return from + leg.workEndMs - leg.workStartMs;
  if (!state.flowing) return null;
  return state.stage === 'ready' ? from : from + leg.workStartMs - leg.startMs;
}

/** One teacher's action. Actions that make no sense now change nothing. */
export function reduce(state: RunState, { atMs, event }: RunEvent, find: FindRevision): RunState {
  const now = advanceTo(state, atMs);
  switch (event.kind) {
    case 'started':
      return now.stage === 'ready' || now.stage === 'set-up' ? enterStage(release(now)) : release(now);
    case 'held':
      return now.heldSinceMs === null && now.stage !== 'over' ? { ...now, heldSinceMs: now.atMs } : now;
    case 'resumed':
      return release(now);
    case 'moved':
      return moveTo(now, event.leg);
    case 'adapted':
      return adapt(now, event, find);
    case 'observed':
      return { ...now, observed: [...now.observed, { atMs: now.atMs, words: event.words }] };
    case 'flowing':
      return { ...now, flowing: event.on };
    case 'ended':
      return now.stage === 'over' ? now : { ...record(now), stage: 'over' };
    case 'undone':
      return now;
  }
}

/** The state at an instant, from the events up to it: a reload is a replay. */
export function replay(plan: Plan, events: readonly RunEvent[], atMs: number, find: FindRevision): RunState {
  const past = effective(events.filter((e) => e.atMs <= atMs));
  const done = past.reduce((state, event) => reduce(state, event, find), startRun(plan, find));
  return advanceTo(done, atMs);
}

function release(state: RunState): RunState {
  if (state.heldSinceMs === null) return state;
  return { ...state, heldMs: state.heldMs + state.atMs - state.heldSinceMs, heldSinceMs: null };
}

function enterStage(state: RunState): RunState {
  const leg = currentLeg(state);
  const straightToWork = leg !== null && leg.workStartMs === leg.startMs;
  const stage: Stage = state.stage === 'set-up' || straightToWork ? 'work' : 'set-up';
  return { ...state, stage, stageSinceMs: state.atMs, heldMs: 0 };
}

/** The last rep is over: the next leg waits, but the second side of the same item is set up at once. */
function finishLeg(state: RunState): RunState {
  const recorded = record(state);
  const next = state.legs[state.legIndex + 1];
  if (!next) return { ...recorded, stage: 'over', legIndex: state.legs.length };
  return arrive(recorded, next.index, next.goesStraightOn ? 'set-up' : 'ready');
}

function moveTo(state: RunState, leg: number): RunState {
  if (leg >= state.legs.length) return state;
  const started = state.stage === 'work' || (state.stage === 'set-up' && leg > state.legIndex);
  return arrive(release(started ? record(release(state)) : state), leg, 'ready');
}

function arrive(state: RunState, legIndex: number, stage: Stage): RunState {
  return { ...state, legIndex, stage, legSinceMs: state.atMs, stageSinceMs: state.atMs, heldMs: 0, heldSinceMs: null };
}

function record(state: RunState): RunState {
  const leg = currentLeg(state);
  if (!leg) return state;
  const workMs = state.stage === 'work' ? stageMs(state) : 0;
  const units = leg.events.filter(isUnit);
  const made: LegRecord = {
    itemId: leg.itemId,
    feet: leg.feet,
    plannedSetUpMs: leg.workStartMs - leg.startMs,
    plannedWorkMs: leg.workEndMs - leg.workStartMs,
    setUpMs: (state.stage === 'work' ? state.stageSinceMs : state.atMs) - state.legSinceMs,
    workMs,
    heldMs: state.heldMs,
    unitsDone: units.filter((e) => e.endMs <= leg.workStartMs + workMs).length,
    unitsPlanned: units.length,
    startedAtMs: state.legSinceMs,
    endedAtMs: state.atMs,
  };
  return { ...state, records: [...state.records, made] };
}

/** A changed plan: the legs are cut anew, the count goes on where it was. */
function adapt(
  state: RunState,
  { command }: Extract<RunEvent['event'], { kind: 'adapted' }>,
  find: FindRevision,
): RunState {
  const changed = applyCommand(state.plan, command);
  if (!changed.ok) return state;
  const timeline = buildTimeline({ plan: changed.value, find });
  const legs = legsOf(timeline);
  if (legs.length !== state.legs.length) return state;
  return advanceTo({ ...state, plan: changed.value, timeline, legs }, state.atMs);
}
