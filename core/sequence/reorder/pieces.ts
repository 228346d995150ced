import { type Plan, exercisesIn, itemsOf } from '../../plan';
import {
  type FindRevision,
  type Need,
  type ReadyItem,
  type Room,
  type Round,
  type Timeline,
  type Visit,
  arrivalMs,
  needOf,
  readyBlock,
  roomAfter,
  roundsOf,
  secondSetUpMs,
} from '../../timeline';

/** What is taught in one go, with its time wherever it stands: the time of getting to it depends on the room. */
export interface Part {
  /** One need a visit; a second one is the other foot, straight after the first. */
  readonly needs: readonly [Need, ...Need[]];
  /** Its own time without getting there, setting up and rounding up, ms. */
  readonly restMs: number;
  /** How often it is gone through where kit does not go round. */
  readonly turns: number;
  /** Goes on in the music of the part before: nothing lies between them. */
  readonly runsOn: boolean;
}

/** A part of a ring: one visit on each foot. */
export interface RingPart {
  readonly first: Part;
  readonly second: Part;
}

const arriving = new Set(['transition', 'set-up', 'second-set-up', 'rounding', 'take-off']);

/** Time of an item's own events between two instants, and how much of it is setting up the second foot, ms. */
function spent(timeline: Timeline, itemId: string, startMs: number, endMs: number) {
  let restMs = 0;
  let otherFootMs = 0;
  for (const event of timeline.events) {
    if (event.itemId !== itemId || event.lane !== 'body' || event.startMs < startMs || event.endMs > endMs) continue;
    const ms = event.endMs - event.startMs;
    if (!arriving.has(event.kind)) restMs += ms;
    else if (event.kind === 'second-set-up') otherFootMs += ms;
  }
  return { restMs, otherFootMs };
}

const needsOf = (visits: readonly Visit[]) => visits.map((visit) => needOf(visit)) as [Need, ...Need[]];

/** An item taught in one stretch. */
function linePart({ item, turns }: ReadyItem, visits: readonly Visit[], runsOn: boolean, timeline: Timeline): Part {
  const { restMs, otherFootMs } = spent(timeline, item.id, 0, timeline.totalMs);
  // Who waits for kit waits through the second set-up as well.
  return { needs: needsOf(visits), restMs: restMs - (turns - 1) * otherFootMs, turns, runsOn };
}

/** One visit of an item of a ring. */
function passPart(visit: Visit, timeline: Timeline): Part {
  const { id } = visit.ready.item;
  const feet = visit.feet === 'alternate' ? 'both' : visit.feet;
  const times = timeline.items.find(({ itemId }) => itemId === id)?.visits ?? [];
  const time = times.find((v) => v.feet === feet) ?? times[0];
  const { restMs } = spent(timeline, id, time?.startMs ?? 0, time?.endMs ?? 0);
  return { needs: needsOf([visit]), restMs, turns: 1, runsOn: false };
}

/** What a round is made of, in the order in which it is taught. */
function partsOf(round: Round, timeline: Timeline): Part[] {
  if (round.kind === 'talk') return [];
  if (round.kind === 'line') return [linePart(round.ready, round.visits, round.runsOn, timeline)];
  return round.passes.flatMap((pass) => pass.map((visit) => passPart(visit, timeline)));
}

/** The rounds of a block, with their parts by item: one where it is taught in one stretch, both passes in a ring. */
export function piecesOf(plan: Plan, blockId: string, timeline: Timeline, find: FindRevision) {
  const block = plan.blocks.find(({ id }) => id === blockId);
  const rounds = block ? roundsOf(block, readyBlock(plan, block, find)) : [];
  const lines = new Map<string, Part>();
  const rings = new Map<string, RingPart>();
  for (const round of rounds) {
    if (round.kind === 'line')
      lines.set(round.ready.item.id, linePart(round.ready, round.visits, round.runsOn, timeline));
    if (round.kind !== 'ring') continue;
    for (const ready of round.items) {
      const [first, second] = round.passes.map((pass) => pass.find((visit) => visit.ready === ready));
      if (first && second)
        rings.set(ready.item.id, { first: passPart(first, timeline), second: passPart(second, timeline) });
    }
  }
  return { lines, rings, parts: rounds.flatMap((round) => partsOf(round, timeline)) };
}

/** The parts before and behind a block, in the order in which they are taught. */
export function around(plan: Plan, blockId: string, timeline: Timeline, find: FindRevision) {
  const at = plan.blocks.findIndex(({ id }) => id === blockId);
  const of = (blocks: Plan['blocks']) => blocks.flatMap(({ id }) => piecesOf(plan, id, timeline, find).parts);
  return { before: of(plan.blocks.slice(0, at)), behind: of(plan.blocks.slice(at + 1)) };
}

export const roomBehind = (room: Room | null, { needs }: Part): Room | null =>
  needs.reduce<Room | null>(roomAfter, room);

/** Time of a part coming from a room, not rounded up, ms. */
export function partMs(room: Room | null, { needs, restMs, turns, runsOn }: Part, plan: Plan): number {
  const [first, second] = needs;
  const otherFoot = second ? turns * secondSetUpMs(room, first, second, plan.pace) : 0;
  return (runsOn ? 0 : arrivalMs(room, first, plan)) + otherFoot + restMs;
}

/** Whole seconds of some parts one after the other, coming from a room, ms; a run in one piece of music is rounded once. */
export function partsMs(from: Room | null, parts: readonly Part[], plan: Plan): { ms: number; room: Room | null } {
  let room = from;
  let ms = 0;
  let run = 0;
  for (const part of parts) {
    if (!part.runsOn) {
      ms += whole(run);
      run = 0;
    }
    run += partMs(room, part, plan);
    room = roomBehind(room, part);
  }
  return { ms: ms + whole(run), room };
}

export const whole = (ms: number): number => Math.ceil(ms / 1000) * 1000;

/** Items that stay where they are in any order of their block, with what each of them is for. */
export function pinnedOf(plan: Plan, isWork: (itemId: string) => boolean): ReadonlySet<string> {
  const items = itemsOf(plan);
  const pinned = new Set(items.filter((item) => item.locked).map(({ id }) => id));
  // What frames the class: looks and release before the first work and behind the last.
  const works = items.map(({ id }, at) => (isWork(id) ? at : -1)).filter((at) => at >= 0);
  const [first, last] = [works[0] ?? 0, works.at(-1) ?? items.length];
  items.forEach(({ id }, at) => (at < first || at > last) && pinned.add(id));
  // A drill that comes back comes back on purpose; its re-checks go with it.
  for (const item of items)
    if (!item.recheck?.of && items.some((o) => o !== item && !o.recheck?.of && o.exerciseId === item.exerciseId))
      pinned.add(item.id);
  // What is worn lies beside the same work.
  for (const block of plan.blocks) {
    const here = exercisesIn(block);
    here.forEach(({ wornUntil }, from) => {
      if (wornUntil === null) return;
      const to = here.findIndex(({ id }) => id === wornUntil);
      here.slice(from, to === -1 ? here.length : to + 1).forEach(({ id }) => pinned.add(id));
    });
    if (here.some(({ wornUntil }) => wornUntil !== null)) continue;
    const ends = here.findIndex(({ id }) => items.some(({ wornUntil }) => wornUntil === id));
    here.slice(0, ends + 1).forEach(({ id }) => pinned.add(id));
  }
  return pinned;
}
