import type { BandUse, Execution, Facing, Position } from '../exercise';
import { type Floor, type KitId, floorSuits, isFetched, standsInPlace } from '../kit';
import { type Brief, type Familiarity, type Pace, type Side, secondSetupSeconds, setupSeconds } from '../plan';
import type { TransitionPart, TransitionReason } from './timeline';
import { type Visit, footOf } from './visit';

/** A band or loop, where it lies and on which foot. */
interface BandOn {
  readonly placement: BandUse['placement'];
  readonly foot: Side | 'both';
}

/** What a visit needs to find in the room, and how much it has to set up. */
export interface Need {
  readonly position: Position;
  readonly facing: Facing;
  /** What is fetched for it; mats are the floor's business. */
  readonly kit: readonly KitId[];
  /** Mats, the room's own floor, or whatever lies there. */
  readonly surface: 'mats' | 'room' | 'either';
  readonly floor: Floor;
  /** Walked or jumped through: mats cannot lie about. */
  readonly clear: boolean;
  readonly band: BandOn | null;
  readonly setup: Execution['setup'];
  readonly familiarity: Familiarity;
  readonly second: boolean;
}

/** The room as the last visit left it: all that getting to the next one depends on. */
export interface Room {
  readonly position: Position;
  readonly facing: Facing;
  /** In use just now. */
  readonly kit: readonly KitId[];
  /** Brought out so far, in the order of their names: it stays in reach. */
  readonly out: readonly KitId[];
  readonly mats: 'away' | 'out' | 'aside';
  readonly floor: Floor;
  readonly band: BandOn | null;
}

/** Getting to a visit and setting it up. */
export interface Arrival {
  readonly parts: readonly TransitionPart[];
  readonly setUpMs: number;
}

/** What the teacher's pace and the class say about getting anywhere. */
export interface Ways {
  readonly pace: Pace;
  readonly brief: Pick<Brief, 'kitOut'>;
}

/** Whether an execution lies on mats in a room, on the room's own floor, or on whatever is there. */
export function surfaceFor(execution: Execution, room: Floor): Need['surface'] {
  const suits = (floor: Floor) => floorSuits(execution.floor, execution.floorsRuledOut, floor);
  const wantsMat = execution.kit.some(({ kit }) => kit === 'mat') && room !== 'mat';
  if (wantsMat || (execution.floor === 'padded' && !floorSuits('padded', [], room))) return 'mats';
  return suits('mat') ? 'either' : 'room';
}

/** Whether it is walked or jumped along lanes, so that mats cannot lie about; a walk to look goes between them. */
export const clearsFloor = ({ facing, impactsPerRep, exercise }: Execution): boolean =>
  impactsPerRep > 0 || (facing === 'lane' && exercise.family !== 'check');

/** The room as a visit needs it, with the foot that works at that moment. */
export function needOf(visit: Visit): Need {
  const { execution, item, floor } = visit.ready;
  const { band } = execution;
  return {
    position: execution.position,
    facing: execution.facing,
    kit: execution.kit.map((need) => need.kit).filter((kit) => isFetched(kit) && kit !== 'mat'),
    surface: surfaceFor(execution, floor),
    floor,
    clear: clearsFloor(execution),
    band: band && { placement: band.placement, foot: band.placement === 'both-feet' ? 'both' : footOf(visit) },
    setup: execution.setup,
    familiarity: item.familiarity,
    second: visit.second,
  };
}

/** The room after a visit: what was brought out stays in reach. Before the first item there is none. */
export function roomAfter(room: Room | null, need: Need): Room {
  const { position, facing, kit, band, floor } = need;
  const fresh = kit.filter((piece) => !(room?.out.includes(piece) ?? false));
  return {
    position,
    facing,
    kit,
    band,
    floor,
    out: fresh.length === 0 && room ? room.out : [...(room?.out ?? []), ...fresh].sort(),
    mats: matsAfter(room?.mats ?? 'away', need),
  };
}

function matsAfter(mats: Room['mats'], need: Need): Room['mats'] {
  if (need.surface === 'mats') return 'out';
  return need.clear && mats === 'out' ? 'aside' : mats;
}

/**
 * What lies between the room as it was left and the work of a visit: a pure function of the two and the teacher's pace.
 * Before the first item there is nothing but its set-up: the class starts in place, with its kit in reach.
 */
export function arrival(room: Room | null, need: Need, ways: Ways): Arrival {
  return { parts: transition(room, need, ways), setUpMs: setUpMs(room, need, ways.pace) };
}

/** Getting there: position, kit, mats, facing, band. */
export function transition(room: Room | null, need: Need, { pace, brief }: Ways): TransitionPart[] {
  if (!room) return [];
  const parts: TransitionPart[] = [];
  const add = (reason: TransitionReason, seconds: number) => {
    if (seconds > 0) parts.push({ reason, ms: Math.round(seconds * 1000) });
  };
  const ready = brief.kitOut === 'before';
  add('position', positionSeconds(room.position, need.position, pace));
  const isAway = need.kit.some((piece) => !room.out.includes(piece));
  const isTakenUp = need.kit.some((piece) => !standsInPlace(piece) && !room.kit.includes(piece));
  if (isAway && !ready) add('kit', pace.fetchKitSeconds);
  else if (isTakenUp) add('reach', pace.reachKitSeconds);
  add('floor', room.floor === need.floor ? 0 : pace.otherFloorSeconds);
  add('mats', matsMove(room.mats, need, ready) ? pace.floorChangeSeconds : 0);
  add('facing', need.facing !== 'any' && room.facing !== need.facing ? pace.turnRoundSeconds : 0);
  const moved = bandMove(room, need, pace);
  return moved ? [...parts, moved] : parts;
}

/** Mats are laid out, or taken out of the way; those that lie ready before the class are there. */
function matsMove(mats: Room['mats'], need: Need, ready: boolean): boolean {
  if (need.surface === 'mats') return mats === 'aside' || (mats === 'away' && !ready);
  return need.clear && mats === 'out';
}

/**
 * Set-up of a visit. What is set up stays so for neighbours with the same kit, seat and placement: they only find their
 * place.
 */
function setUpMs(room: Room | null, need: Need, pace: Pace): number {
  const setup = need.second ? secondSetupOf(room, need) : setupOf(room, need);
  const seconds = need.second ? secondSetupSeconds(setup, pace) : setupSeconds(setup, need.familiarity, pace);
  return Math.round(seconds * 1000);
}

/** A loop that both feet share stays where it is: the second foot only finds its place. */
const secondSetupOf = (room: Room | null, need: Need) =>
  need.band?.placement === 'both-feet' ? 'plain' : setupOf(room, need);

const setupOf = (room: Room | null, need: Need) => (room && standsSetUp(room, need) ? 'plain' : need.setup);

const standsSetUp = (room: Room, { kit, position, band }: Need): boolean =>
  kit.length > 0 &&
  room.position === position &&
  room.band?.placement === band?.placement &&
  room.kit.length === kit.length &&
  kit.every((piece) => room.kit.includes(piece));

/**
 * Set-up of the second foot straight after the first, changing foot left out, ms: moving the band across where that takes
 * longer. What stood set up for the first foot needs no more on the second.
 * @param room as it was before the first foot
 */
export function secondSetUpMs(room: Room | null, first: Need, second: Need, pace: Pace): number {
  const ms = Math.round(secondSetupSeconds(secondSetupOf(room, first), pace) * 1000);
  return Math.max(ms, bandMove(first, second, pace)?.ms ?? 0);
}

/** A band that goes over to the other foot, or slides along the same one: the only place where that is priced. */
export function bandMove(from: Pick<Need, 'band'>, to: Pick<Need, 'band'>, pace: Pace): TransitionPart | null {
  if (!from.band || !to.band) return null;
  const part = (reason: TransitionReason, seconds: number): TransitionPart | null =>
    seconds > 0 ? { reason, ms: Math.round(seconds * 1000) } : null;
  if (from.band.foot !== to.band.foot) return part('band-moved', pace.moveBandSeconds);
  return from.band.placement === to.band.placement ? null : part('band-slid', pace.slideBandSeconds);
}

/** The time of getting there and setting up, ms. */
export function arrivalMs(room: Room | null, need: Need, ways: Ways): number {
  const { parts, setUpMs: setUp } = arrival(room, need, ways);
  return parts.reduce((ms, part) => ms + part.ms, setUp);
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
