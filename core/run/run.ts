import type { TimelineEvent } from '../timeline';
import { type FindRevision, type Timeline, buildTimeline } from '../timeline';
import { type Plan, applyCommand, findItem } from '../plan';
import { type Answer, type RunEvent, effective } from './event';
import type { Sensation } from './sensation';
import type { Tally } from './tally';
import { type Bout, boutsOf, countAt, sameBout } from './bout';

/** Where a bout stands: waiting for the teacher, being set up, being counted, or over. */
export type Status = 'ready' | 'set-up' | 'work' | 'over';

/** What really happened to one bout, ms. */
export interface BoutRecord {
  readonly itemId: string | null;
  readonly feet: Bout['feet'];
  readonly plannedSetUpMs: number;
  readonly plannedWorkMs: number;
  /** From arriving at the bout to its first rep, waiting included. */
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
  /** Length of the class as it was when it began, whatever was changed since, ms. */
  readonly promisedMs: number;
  readonly bouts: readonly Bout[];
  readonly boutIndex: number;
  readonly status: Status;
  readonly atMs: number;
  /** When this bout was arrived at, and when its present status began. */
  readonly boutSinceMs: number;
  readonly statusSinceMs: number;
  /** Held time of this status that is over, and since when it is held now. */
  readonly heldMs: number;
  readonly heldSinceMs: number | null;
  /** Open pieces of this bout that the teacher has ended, and by how much the plan was cut or stretched for them. */
  readonly ended: { readonly pieces: number; readonly skippedMs: number };
  /** Where the count of this bout began, ms of its work; and the bout to go back to once what was owed is done. */
  readonly makingUp: { readonly fromMs: number; readonly returnTo: number } | null;
  readonly flowing: boolean;
  /** What waited until then begins then, and not as if it had gone on all the while. */
  readonly flowsFromMs: number;
  readonly records: readonly BoutRecord[];
  readonly observed: readonly { readonly atMs: number; readonly words: string }[];
  /** What the looks again showed, the latest of each item and foot. */
  readonly answers: readonly RecheckAnswer[];
  /** Hands at looks again, and what was decided of the drill, by item. */
  readonly tallies: readonly Tally[];
  readonly decisions: readonly { readonly itemId: string; readonly keep: 'keep' | 'again' | 'drop' }[];
  /** What somebody felt, and when. */
  readonly sensed: readonly { readonly atMs: number; readonly itemId: string | null; readonly sensation: Sensation }[];
}

/** What one look again showed. */
export interface RecheckAnswer {
  readonly itemId: string;
  readonly feet: 'left' | 'right' | 'both';
  readonly answer: Answer;
}

const none = { pieces: 0, skippedMs: 0 };
const isUnit = (e: TimelineEvent) => e.activity === 'work';

/** A class that ran to its end by itself ends after its last event; nobody teaches longer than this, ms. */
export const longestTaughtMs = 6 * 3_600_000;

/** A run before anything has happened: the first bout waits. */
export function startRun(plan: Plan, find: FindRevision): RunState {
  const timeline = buildTimeline({ plan, find });
  const bouts = boutsOf(timeline);
  return {
    plan,
    timeline,
    promisedMs: timeline.totalMs,
    bouts,
    boutIndex: 0,
    status: bouts.length === 0 ? 'over' : 'ready',
    atMs: 0,
    boutSinceMs: 0,
    statusSinceMs: 0,
    heldMs: 0,
    heldSinceMs: null,
    ended: none,
    makingUp: null,
    flowing: false,
    flowsFromMs: 0,
    records: [],
    observed: [],
    answers: [],
    tallies: [],
    decisions: [],
    sensed: [],
  };
}

/** Time of the present status without what was held, ms. */
export function statusMs(state: RunState): number {
  return (state.heldSinceMs ?? state.atMs) - state.statusSinceMs - state.heldMs;
}

/** Where the open pieces of a bout end in the plan, ms from its first rep: there the count waits for the teacher. */
const openEnds = (bout: Bout): number[] =>
  bout.events.flatMap((e, i) => {
    if (!e.open) return [];
    const next = bout.events.slice(i + 1).find(isUnit);
    const same = next?.open === true && next.count?.part === e.count?.part && next.count?.set === e.count?.set;
    const goesOn = same && next.count?.station === e.count?.station;
    return !goesOn ? [e.endMs - bout.workStartMs] : [];
  });

/** How far the work of a bout has come, ms from its first rep: by the clock, and past the plan in an open piece. */
export const passedMs = (state: RunState): number => statusMs(state) + state.ended.skippedMs;

/** Where the work of a bout stands in the plan, ms from its first rep: an open piece waits at its end. */
export function workMsOf(state: RunState): number {
  const bout = currentBout(state);
  const end = bout ? openEnds(bout)[state.ended.pieces] : undefined;
  return end === undefined ? passedMs(state) : Math.min(passedMs(state), end);
}

export const currentBout = (state: RunState): Bout | null =>
  state.status === 'over' ? null : (state.bouts[state.boutIndex] ?? null);

/** Where the class stands in its order: while something owed is made up, where it goes on afterwards. */
export const placeOf = (state: RunState): number => state.makingUp?.returnTo ?? state.boutIndex;

/** What is counted now; null outside the work. */
export function counting(state: RunState): TimelineEvent | null {
  const bout = currentBout(state);
  if (!bout || state.status !== 'work') return null;
  const end = openEnds(bout)[state.ended.pieces];
  return countAt(bout, end === undefined ? passedMs(state) : Math.min(passedMs(state), end - 1));
}

/** The state at an instant: whatever the clock alone brings about has happened. */
export function advanceTo(state: RunState, atMs: number): RunState {
  let now = state;
  for (;;) {
    const due = dueAt(now);
    if (due === null || due > atMs) return { ...now, atMs: Math.max(atMs, now.atMs) };
    now = now.status === 'work' ? finishBout({ ...now, atMs: due }) : enterStatus({ ...now, atMs: due });
  }
}

/** When the clock alone brings the next change: the last rep is over; or, flowing, the planned set-up is. */
function dueAt(state: RunState): number | null {
  const bout = currentBout(state);
  if (!bout || state.heldSinceMs !== null) return null;
  const from = state.statusSinceMs + state.heldMs;
  if (state.status === 'work') {
    const waits = openEnds(bout).length > state.ended.pieces;
    return waits ? null : from + bout.workEndMs - bout.workStartMs - state.ended.skippedMs;
  }
  if (!state.flowing) return null;
  return Math.max(state.flowsFromMs, state.status === 'ready' ? from : from + bout.workStartMs - bout.startMs);
}

/** One teacher's action. Actions that make no sense now change nothing. */
export function reduce(state: RunState, { atMs, event }: RunEvent, find: FindRevision): RunState {
  const now = advanceTo(state, atMs);
  switch (event.kind) {
    case 'started':
      return now.status === 'ready' || now.status === 'set-up' ? enterStatus(release(now)) : release(now);
    case 'enough':
      return enough(release(now));
    case 'made-up':
      return makeUp(now, event.bout, event.fromMs);
    case 'held':
      return now.heldSinceMs === null && now.status !== 'over' ? { ...now, heldSinceMs: now.atMs } : now;
    case 'resumed':
      return release(now);
    case 'moved':
      return moveTo(now, event.bout);
    case 'adapted':
      return adapt(now, event, find);
    case 'answered': {
      const { itemId, feet, answer } = event;
      const others = now.answers.filter((a) => a.itemId !== itemId || a.feet !== feet);
      return { ...now, answers: [...others, { itemId, feet, answer }] };
    }
    case 'tallied': {
      const { itemId, better, same, worse } = event;
      return { ...now, tallies: [...others(now.tallies, itemId), { itemId, better, same, worse }] };
    }
    case 'decided': {
      const { itemId, keep } = event;
      const decided = { ...now, decisions: [...others(now.decisions, itemId), { itemId, keep }] };
      const drill = findItem(now.plan, itemId)?.item.recheck?.of ?? null;
      const first = keep === 'again' ? now.bouts.find((bout) => bout.itemId === drill) : undefined;
      return first && drill !== null ? moveTo(decided, first.index) : decided;
    }
    case 'sensed':
      return {
        ...now,
        sensed: [...now.sensed, { atMs: now.atMs, itemId: event.itemId, sensation: event.sensation }],
      };
    case 'observed':
      return { ...now, observed: [...now.observed, { atMs: now.atMs, words: event.words }] };
    case 'flowing':
      return { ...now, flowing: event.on, flowsFromMs: event.on ? now.atMs : now.flowsFromMs };
    case 'ended':
      return now.status === 'over' ? now : { ...record(now), status: 'over' };
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

/** Goes back to a bout for what it owes; only between two bouts or at the end, so that nothing is cut short for it. */
function makeUp(state: RunState, boutIndex: number, fromMs: number): RunState {
  if (boutIndex >= state.bouts.length || state.status === 'work') return state;
  const there = arrive(release(state), boutIndex, 'work');
  return {
    ...there,
    ended: { ...none, skippedMs: fromMs },
    makingUp: { fromMs, returnTo: state.boutIndex },
  };
}

/** Ends the open piece that is being done: the count goes on behind it. Elsewhere it means nothing. */
function enough(state: RunState): RunState {
  const bout = currentBout(state);
  const end = bout && openEnds(bout)[state.ended.pieces];
  if (!bout || end === undefined || end === null || !counting(state)?.open) return state;
  const ended = { pieces: state.ended.pieces + 1, skippedMs: end - statusMs(state) };
  const next = { ...state, ended };
  return end >= bout.workEndMs - bout.workStartMs ? finishBout(next) : next;
}

const others = <T extends { readonly itemId: string }>(list: readonly T[], itemId: string): T[] =>
  list.filter((one) => one.itemId !== itemId);

function release(state: RunState): RunState {
  if (state.heldSinceMs === null) return state;
  return {
    ...state,
    heldMs: state.heldMs + state.atMs - state.heldSinceMs,
    heldSinceMs: null,
    flowsFromMs: state.atMs,
  };
}

function enterStatus(state: RunState): RunState {
  const bout = currentBout(state);
  const straightToWork = bout !== null && bout.workStartMs === bout.startMs;
  const status: Status = state.status === 'set-up' || straightToWork ? 'work' : 'set-up';
  return { ...state, status, statusSinceMs: state.atMs, heldMs: 0, ended: none };
}

/** The last rep is over: the next bout waits, but the second side of the same item is set up at once. */
function finishBout(state: RunState): RunState {
  const recorded = record(state);
  if (state.makingUp) {
    const { returnTo } = state.makingUp;
    const isOver = returnTo >= state.bouts.length;
    return arrive(recorded, returnTo, isOver ? 'over' : 'ready');
  }
  const next = state.bouts[state.boutIndex + 1];
  if (!next) return { ...recorded, status: 'over', boutIndex: state.bouts.length };
  return arrive(recorded, next.index, next.goesStraightOn ? 'set-up' : 'ready');
}

function moveTo(state: RunState, bout: number): RunState {
  if (bout >= state.bouts.length) return state;
  const started = state.status === 'work' || (state.status === 'set-up' && bout > state.boutIndex);
  return arrive(release(started ? record(release(state)) : state), bout, 'ready');
}

function arrive(state: RunState, boutIndex: number, status: Status): RunState {
  return {
    ...state,
    boutIndex,
    status,
    boutSinceMs: state.atMs,
    statusSinceMs: state.atMs,
    heldMs: 0,
    heldSinceMs: null,
    ended: none,
    makingUp: null,
  };
}

function record(state: RunState): RunState {
  const bout = currentBout(state);
  if (!bout) return state;
  const workMs = state.status === 'work' ? statusMs(state) : 0;
  const at = state.status === 'work' ? bout.workStartMs + workMsOf(state) : -1;
  const from = bout.workStartMs + (state.makingUp?.fromMs ?? 0);
  const units = bout.events.filter(isUnit);
  const made: BoutRecord = {
    itemId: bout.itemId,
    feet: bout.feet,
    plannedSetUpMs: bout.workStartMs - bout.startMs,
    plannedWorkMs: bout.workEndMs - bout.workStartMs,
    setUpMs: (state.status === 'work' ? state.statusSinceMs : state.atMs) - state.boutSinceMs,
    workMs,
    heldMs: state.heldMs,
    // An open piece that was begun owes nothing: it was as much as it was.
    unitsDone: units.filter((e) => e.startMs >= from && (e.open ? e.startMs < at : e.endMs <= at)).length,
    unitsPlanned: units.length,
    startedAtMs: state.boutSinceMs,
    endedAtMs: state.atMs,
  };
  return { ...state, records: [...state.records, made] };
}

/**
 * A changed plan: the bouts are cut anew, and the class stands where it stood: the same item and foot, and its count goes on
 * where it was. What is put in right before an item that waits is what waits now.
 */
function adapt(
  state: RunState,
  { command }: Extract<RunEvent['event'], { kind: 'adapted' }>,
  find: FindRevision,
): RunState {
  const changed = applyCommand(state.plan, command);
  if (!changed.ok) return state;
  const timeline = buildTimeline({ plan: changed.value, find });
  const bouts = boutsOf(timeline);
  const boutIndex = sameBout(state.bouts, state.boutIndex, bouts) ?? waitingAnew(state, bouts);
  const returnTo = state.makingUp ? sameBout(state.bouts, state.makingUp.returnTo, bouts) : null;
  // what is being taught cannot be taken out, nor given other feet, under the teacher
  if (boutIndex === null || (state.makingUp && returnTo === null)) return state;
  const known = new Set(state.bouts.map((bout) => bout.itemId));
  const isNew = (index: number) => {
    const itemId = bouts[index]?.itemId ?? null;
    return itemId !== null && !known.has(itemId);
  };
  let waits = boutIndex;
  while (state.status === 'ready' && isNew(waits - 1)) waits -= 1;
  const makingUp = state.makingUp && returnTo !== null ? { ...state.makingUp, returnTo } : null;
  return advanceTo({ ...state, plan: changed.value, timeline, bouts, boutIndex: waits, makingUp }, state.atMs);
}

/** An item that waits, and is done with other feet now (another level), begins with its first. */
function waitingAnew({ status, bouts, boutIndex }: RunState, after: readonly Bout[]): number | null {
  const itemId = bouts[boutIndex]?.itemId ?? null;
  const found = status === 'ready' && itemId !== null ? after.findIndex((bout) => bout.itemId === itemId) : -1;
  return found === -1 ? null : found;
}
