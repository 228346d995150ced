import { kindOfEvent } from '../dose';
import type { FootRole } from '../exercise';
import type { Side } from '../plan';
import type { Timeline, TimelineEvent } from './timeline';

/** One foot through the class: without gaps, without overlaps. */
export interface FootSpan {
  readonly startMs: number;
  readonly endMs: number;
  readonly itemId: string | null;
  /** What this foot does meanwhile; `idle` while the teacher talks or the room moves. */
  readonly role: FootRole | 'idle';
  readonly event: TimelineEvent;
}

/** The body lane of one foot: while the other foot works, this one stands, anchors or rests as its exercise says. */
export function footLane(timeline: Timeline, foot: Side): FootSpan[] {
  const executions = new Map(timeline.items.map((item) => [item.itemId, item.execution]));
  return timeline.events
    .filter((event) => event.lane === 'body')
    .map((event) => {
      const works = event.activity === 'work' && (event.feet === foot || event.feet === 'both');
      const otherWorks = event.activity === 'work' && !works;
      const execution = event.itemId === null ? null : executions.get(event.itemId);
      const role = works ? 'works' : otherWorks ? (execution?.phases[0]?.other?.role ?? 'rests') : 'idle';
      return { startMs: event.startMs, endMs: event.endMs, itemId: event.itemId, role, event };
    });
}

/** The event under an instant, in the body lane; null outside the class. Binary search: the lane has no gaps. */
export function eventAt(timeline: Timeline, atMs: number): TimelineEvent | null {
  const body = bodyOf(timeline);
  let low = 0;
  let high = body.length - 1;
  while (low <= high) {
    const middle = (low + high) >> 1;
    const event = body[middle];
    if (!event) return null;
    if (atMs < event.startMs) high = middle - 1;
    else if (atMs >= event.endMs) low = middle + 1;
    else return event;
  }
  return null;
}

const bodies = new WeakMap<Timeline, readonly TimelineEvent[]>();
/** Body events in order, kept with their timeline. */
export function bodyOf(timeline: Timeline): readonly TimelineEvent[] {
  const known = bodies.get(timeline);
  if (known) return known;
  const body = timeline.events.filter((event) => event.lane === 'body');
  bodies.set(timeline, body);
  return body;
}

interface PhaseTime {
  readonly index: number;
  readonly startMs: number;
  readonly endMs: number;
}

/**
 * Which phase an instant of work falls in (0-based), and when that phase began and ends, ms. A rep or pass runs through
 * its phases. A hold taken as many ways as there are phases has one phase a way: big toe up, then four up. Work by the
 * clock or by feel goes round its phases. Null where the work has no phases to tell apart.
 * @param phaseSeconds seconds of each phase, from the resolved exercise
 */
export function phaseAt(event: TimelineEvent, atMs: number, phaseSeconds: readonly number[]): PhaseTime | null {
  if (event.phaseMs) return phaseOf(event.phaseMs, event.startMs, atMs);
  if (!event.count || phaseSeconds.length < 2) return null;
  if (kindOfEvent(event.kind)?.roundsPhases) {
    const round = phaseSeconds.map((seconds) => seconds * 1000);
    const roundMs = round.reduce((a, b) => a + b, 0);
    const began = event.startMs + Math.floor((atMs - event.startMs) / roundMs) * roundMs;
    return phaseOf(round, began, atMs);
  }
  const { station, stations } = event.count;
  return stations === phaseSeconds.length ? { index: station - 1, startMs: event.startMs, endMs: event.endMs } : null;
}

function phaseOf(phaseMs: readonly number[], fromMs: number, atMs: number): PhaseTime | null {
  let startMs = fromMs;
  for (const [index, ms] of phaseMs.entries()) {
    if (atMs < startMs + ms) return { index, startMs, endMs: startMs + ms };
    startMs += ms;
  }
  return null;
}
