import type { BandUse, Execution, Facing, Position } from '../exercise';
import { type Floor, type KitId, floorSuits, isFetched } from '../kit';
import type { Pace, Side } from '../plan';
import type { TransitionPart, TransitionReason } from './timeline';
import { type Visit, footOf } from './visit';

/** How an item leaves the room, or needs to find it: all that a transition depends on. */
export interface HandOver {
  readonly position: Position;
  readonly facing: Facing;
  readonly kit: readonly KitId[];
  /** On the room's own floor, or on mats laid out over it. */
  readonly surface: 'room' | 'mats';
  readonly band: { readonly placement: BandUse['placement']; readonly foot: Side | 'both' } | null;
}

/** Whether an execution lies on mats in a room, or on the room's own floor. */
export const surfaceFor = (execution: Execution, room: Floor): HandOver['surface'] =>
  execution.floor === 'padded' && !floorSuits('padded', [], room) ? 'mats' : 'room';

/** The room as a visit needs it, with the foot that works at that moment. */
function handOverOf(visit: Visit, room: Floor): HandOver {
  const { execution } = visit.ready;
  const { band } = execution;
  return {
    position: execution.position,
    facing: execution.facing,
    kit: execution.kit.map((need) => need.kit).filter(isFetched),
    surface: surfaceFor(execution, room),
    band: band && { placement: band.placement, foot: band.placement === 'both-feet' ? 'both' : footOf(visit) },
  };
}

/** What a stretch of visits needs to find: position, kit, placement, floor, and the foot that begins. */
export function arrivesWith(visits: readonly Visit[], room: Floor): HandOver {
  const [first] = visits;
  if (!first) throw new RangeError('a stretch has at least one visit');
  return handOverOf(first, room);
}

/** What a stretch of visits leaves behind: the same, with the foot that ended. */
export function leavesWith(visits: readonly Visit[], room: Floor): HandOver {
  const last = visits.at(-1);
  if (!last) throw new RangeError('a stretch has at least one visit');
  return handOverOf(last, room);
}

/**
 * What lies between two neighbours: a pure function of their hand-overs and the teacher's pace.
 * Before the first item there is nothing: the class starts in place, with its kit in reach.
 */
export function transition(from: HandOver | null, to: HandOver, pace: Pace): TransitionPart[] {
  if (!from) return [];
  const parts: TransitionPart[] = [];
  const add = (reason: TransitionReason, seconds: number) => {
    if (seconds > 0) parts.push({ reason, ms: Math.round(seconds * 1000) });
  };
  add('position', positionSeconds(from.position, to.position, pace));
  add('kit', to.kit.some((piece) => !from.kit.includes(piece)) ? pace.fetchKitSeconds : 0);
  add('floor', from.surface === to.surface ? 0 : pace.floorChangeSeconds);
  add('facing', turnsRound(from.facing, to.facing) ? pace.turnRoundSeconds : 0);
  const moved = bandMove(from, to, pace);
  return moved ? [...parts, moved] : parts;
}

/** A band that goes over to the other foot, or slides along the same one: the only place where that is priced. */
export function bandMove(from: HandOver, to: HandOver, pace: Pace): TransitionPart | null {
  if (!from.band || !to.band) return null;
  const part = (reason: TransitionReason, seconds: number): TransitionPart | null =>
    seconds > 0 ? { reason, ms: Math.round(seconds * 1000) } : null;
  if (from.band.foot !== to.band.foot) return part('band-moved', pace.moveBandSeconds);
  return from.band.placement === to.band.placement ? null : part('band-slid', pace.slideBandSeconds);
}

/** The time of a transition, ms. */
export const transitionMs = (from: HandOver | null, to: HandOver, pace: Pace): number =>
  transition(from, to, pace).reduce((ms, part) => ms + part.ms, 0);

function turnsRound(from: Facing, to: Facing): boolean {
  return to !== 'any' && from !== to;
}

type Level = 'floor' | 'chair' | 'up';
const levels: Readonly<Record<Position, Level>> = {
  lying: 'floor',
  'floor-seated': 'floor',
  kneeling: 'floor',
  'chair-seated': 'chair',
  standing: 'up',
  walking: 'up',
};

function positionSeconds(from: Position, to: Position, pace: Pace): number {
  if (from === to) return 0;
  const a = levels[from];
  const b = levels[to];
  if (a === 'chair' || b === 'chair') return pace.chairSeconds;
  if (a === 'floor' && b === 'floor') return pace.onTheFloorSeconds;
  if (a === 'up' && b === 'up') return pace.stepOffSeconds;
  return pace.floorToStandingSeconds;
}
