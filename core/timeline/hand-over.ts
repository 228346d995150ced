import type { BandUse, Execution, Facing, Position } from '../exercise';
import { type Floor, type KitId, floorSuits, isFetched } from '../kit';
import type { Pace, Side } from '../plan';

/** How an item leaves the room, or needs to find it: all that a transition depends on. */
export interface HandOver {
  readonly position: Position;
  readonly facing: Facing;
  readonly kit: readonly KitId[];
  /** On the room's own floor, or on mats laid out over it. */
  readonly surface: 'room' | 'mats';
  readonly band: { readonly placement: BandUse['placement']; readonly foot: Side | 'both' } | null;
}

export type TransitionReason = 'position' | 'kit' | 'floor' | 'facing' | 'band-moved' | 'band-slid';
export interface TransitionPart {
  readonly reason: TransitionReason;
  readonly ms: number;
}

/** The room as an execution needs it, with the foot that works at that moment. */
export function handOverOf(execution: Execution, foot: Side | 'both', room: Floor): HandOver {
  const { band } = execution;
  return {
    position: execution.position,
    facing: execution.facing,
    kit: execution.kit.map((need) => need.kit).filter(isFetched),
    surface: execution.floor === 'padded' && !floorSuits('padded', [], room) ? 'mats' : 'room',
    band: band && { placement: band.placement, foot: band.placement === 'both-feet' ? 'both' : foot },
  };
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
  if (from.band && to.band) {
    if (from.band.foot !== to.band.foot) add('band-moved', pace.moveBandSeconds);
    else if (from.band.placement !== to.band.placement) add('band-slid', pace.slideBandSeconds);
  }
  return parts;
}

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
