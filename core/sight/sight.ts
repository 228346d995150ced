import type { Execution, Fault } from '../exercise';
import { faultsIn } from '../idea';
import { type Brief, type Plan, RoomWall, findItem } from '../plan';
import type { Feet, Timeline } from '../timeline';
import { type ClassFacing, type Seen, type TeacherPlace, placesIn, seenFrom, viewFrom } from './view';

/** A fault, who watches it, and how well it is seen from there. */
export interface Watched {
  readonly fault: Fault;
  /** The first teacher or the second; null where neither sees it. */
  readonly by: 0 | 1 | null;
  readonly seen: Seen;
}

/** How one go at an item is seen; what is taught foot by foot is gone at twice. */
export interface ItemSight {
  readonly itemId: string;
  readonly startMs: number;
  readonly feet: Feet;
  readonly facing: ClassFacing;
  /** The first teacher's place, and the second's where two teach. */
  readonly places: readonly TeacherPlace[];
  /** The class turns round before it. */
  readonly turns: boolean;
  /** A teacher goes to another place, or the class turns round; for the first go too. */
  readonly arrives: boolean;
  /** The first fault is the one that matters. */
  readonly watched: readonly Watched[];
}

/** A class as it is seen: from where, which way round, and what nobody sees. */
export interface Sight {
  readonly items: readonly ItemSight[];
  readonly turnRounds: number;
  /** How often the first teacher goes to another place. */
  readonly walks: number;
}

/** One way in which an item can be seen: which way round, and who stands where. */
interface Way {
  readonly facing: ClassFacing;
  readonly places: readonly TeacherPlace[];
}

/**
 * Each outweighs all that comes after it in a class of 120 items: a main fault that nobody sees; the class turning round;
 * a main fault seen at an angle; a teacher walking; what else is not seen.
 */
const weigh = { unseen: 1e12, turn: 1e9, angle: 1e6, walk: 1e3, rest: 1 };
/** So many of an exercise's faults are looked for: more than two at once nobody watches (common practice, no source). */
const looked = 2;

/**
 * Where to stand and which way the class faces, item by item: exact, the way through the class in which the most main
 * faults are seen, then with the fewest turn-rounds, then the better seen, then with the least walking.
 */
export function sightOf(plan: Plan, { items }: Pick<Timeline, 'items'>): Sight {
  const { brief } = plan;
  const taught = items
    .flatMap(({ itemId, execution, visits }) => {
      if (!execution) return [];
      const asks = { ...asksOf(execution), faults: faultsIn(plan, execution).slice(0, looked) };
      // taking off what was worn is nothing to watch
      const goes = findItem(plan, itemId)?.item.wornUntil === null ? visits : visits.slice(0, 1);
      return goes.map(({ startMs, feet }) => ({ itemId, startMs, feet, asks }));
    })
    .sort((a, b) => a.startMs - b.startMs);
  const grid = gridOf(brief);
  const chosen = cheapest(
    grid,
    taught.map(({ asks }) => ownCosts(asks, grid, brief)),
  );
  let turnRounds = 0;
  let walks = 0;
  return {
    items: chosen.flatMap((way, at): ItemSight[] => {
      const item = taught[at];
      if (!item) return [];
      const before = chosen[at - 1];
      const turns = before !== undefined && before.facing !== way.facing;
      turnRounds += Number(turns);
      walks += Number(before !== undefined && before.places[0] !== way.places[0]);
      const { itemId, startMs, feet, asks } = item;
      const arrives = turns || before?.places.join() !== way.places.join();
      return [{ itemId, startMs, feet, ...way, turns, arrives, watched: watchedIn(asks, way, brief) }];
    }),
    turnRounds,
    walks,
  };
}

/** What of an exercise decides about how it is seen. */
type Asks = Pick<Execution, 'facing' | 'sidePattern' | 'faults'>;
const asksOf = ({ facing, sidePattern }: Execution) => ({ facing, sidePattern });

/** Every way there is in a room, and for each thing that can change between two items the ways that differ in it alone. */
interface Grid {
  readonly ways: readonly Way[];
  readonly changes: readonly { readonly cost: number; readonly groups: readonly (readonly number[])[] }[];
}

const everyFacing: readonly ClassFacing[] = [...RoomWall.options, 'centre'];

/** Grids by how people stand and how many teach: there are four. */
const grids = new Map<string, Grid>();

function gridOf(brief: Brief): Grid {
  const key = `${brief.room.formation} ${brief.teachers}`;
  const known = grids.get(key) ?? newGrid(brief);
  grids.set(key, known);
  return known;
}

function newGrid({ room, teachers }: Brief): Grid {
  const places = placesIn(room);
  const pairs = teachers === 1 ? places.map((one) => [one]) : places.flatMap((a) => places.map((b) => [a, b]));
  const ways = everyFacing.flatMap((facing) => pairs.map((both): Way => ({ facing, places: both })));
  const alike = (key: (way: Way) => string) => {
    const groups = new Map<string, number[]>();
    ways.forEach((way, i) => groups.set(key(way), [...(groups.get(key(way)) ?? []), i]));
    return [...groups.values()];
  };
  return {
    ways,
    changes: [
      { cost: weigh.turn, groups: alike(({ places: at }) => at.join()) },
      ...Array.from({ length: teachers }, (_, who) => ({
        cost: weigh.walk,
        groups: alike(({ facing, places: at }) => [facing, ...at.filter((_place, i) => i !== who)].join()),
      })),
    ],
  };
}

/**
 * The cheapest way through all items. What changes between two of them costs the same wherever it changes to, so each thing
 * is looked at by itself: stay, or come from the cheapest of those that differ in it alone.
 */
function cheapest({ ways, changes }: Grid, own: readonly (readonly number[])[]): Way[] {
  let costs: readonly number[] = own[0] ?? [];
  const came: number[][] = [];
  for (const here of own.slice(1)) {
    const reached = [...costs];
    const from = reached.map((_, i) => i);
    for (const { cost, groups } of changes)
      for (const group of groups) {
        const least = group.reduce((a, b) => ((reached[b] ?? 0) < (reached[a] ?? 0) ? b : a));
        for (const i of group)
          if ((reached[least] ?? 0) + cost < (reached[i] ?? 0)) {
            reached[i] = (reached[least] ?? 0) + cost;
            from[i] = from[least] ?? least;
          }
      }
    costs = reached.map((cost, i) => cost + (here[i] ?? 0));
    came.push(from);
  }
  let at = costs.indexOf(Math.min(...costs));
  const path: Way[] = [];
  for (let i = own.length - 1; i >= 0; i--) {
    const way = ways[at];
    if (way) path.unshift(way);
    at = came[i - 1]?.[at] ?? 0;
  }
  return path;
}

/** What each way costs for an item by itself: known again wherever the same things are asked. */
function ownCosts(asks: Asks, { ways }: Grid, brief: Brief): readonly number[] {
  const { room, teachers, teacherAt } = brief;
  const key = [...asks.faults.map(({ from }) => from), '', asks.facing, asks.sidePattern].join();
  const inRoom = [room.formation, room.mirror, room.wall, teachers, teacherAt].join();
  const here = settled.get(inRoom) ?? new Map<string, readonly number[]>();
  if (!settled.has(inRoom) && settled.size >= mostRooms) settled.clear();
  settled.set(inRoom, here);
  const known = here.get(key);
  if (known) return known;
  const facings = new Set(facingsOf(asks, brief));
  const first = new Set(placesFor(brief));
  const costs = ways.map((way) =>
    facings.has(way.facing) && way.places[0] !== undefined && first.has(way.places[0])
      ? ownCost(asks, way, brief)
      : Infinity,
  );
  here.set(key, costs);
  return costs;
}

/** Costs by room, and there by what exercises ask: an edit asks about the same again. */
const settled = new Map<string, Map<string, readonly number[]>>();
const mostRooms = 16;

/** Where the first teacher may stand: where they said that they stay, or anywhere. A second one goes round. */
function placesFor({ teacherAt, room }: Brief): readonly TeacherPlace[] {
  if (teacherAt === 'walks') return placesIn(room);
  if (room.formation === 'circle') return [teacherAt === 'front' ? 'centre' : 'outside'];
  return [teacherAt === 'front' ? 'front' : 'back'];
}

/** Which ways a class can face in an exercise: what it holds on to, looks into or walks along decides, else nothing does. */
export function facingsOf({ facing }: Pick<Execution, 'facing'>, { room }: Pick<Brief, 'room'>): ClassFacing[] {
  const anywhere: ClassFacing[] = room.formation === 'circle' ? ['centre'] : [...RoomWall.options];
  switch (facing) {
    case 'mirror':
      return room.mirror ? [room.mirror] : anywhere;
    case 'support':
      return room.wall ? [room.wall] : anywhere;
    case 'centre':
      return [room.formation === 'circle' ? 'centre' : 'front'];
    case 'lane':
      return ['front', 'back'];
    case 'any':
      return anywhere;
  }
}

function ownCost(asks: Asks, way: Way, brief: Brief): number {
  const [main, ...others] = watchedIn(asks, way, brief);
  const first = main?.seen ?? 2;
  const cost = first === 0 ? weigh.unseen : first === 1 ? weigh.angle : 0;
  return cost + others.filter(({ seen }) => seen === 0).length * weigh.rest;
}

/** Who watches what: the first two faults; where two teach, each takes the one they see better. */
function watchedIn(asks: Asks, { facing, places }: Way, brief: Brief): Watched[] {
  const { faults } = asks;
  const seenBy = faults.map((fault) => places.map((place) => seenIn(fault, asks, place, facing, brief)));
  const best = (seen: readonly Seen[]): 0 | 1 | null => {
    const most = Math.max(...seen);
    return most === 0 ? null : seen[0] === most ? 0 : 1;
  };
  let taken: 0 | 1 | null = null;
  return faults.map((fault, i): Watched => {
    const seen = seenBy[i] ?? [];
    // the second fault goes to the teacher who is free, where that one sees it
    const free = taken === null || places.length === 1 ? null : taken === 0 ? 1 : 0;
    const by = free !== null && (seen[free] ?? 0) > 0 ? free : best(seen);
    taken ??= by;
    return { fault, by, seen: by === null ? 0 : (seen[by] ?? 0) };
  });
}

function seenIn(
  { from }: Fault,
  { facing: asked, sidePattern }: Asks,
  place: TeacherPlace,
  facing: ClassFacing,
  { room }: Brief,
): Seen {
  const mirrored = room.mirror !== null && facing === room.mirror;
  const view = viewFrom(place, facing);
  const ways = asked === 'lane' && view !== 'beside' ? (['ahead', 'behind'] as const) : [view];
  const seen = Math.max(...ways.map((one) => seenFrom(from, one, mirrored))) as Seen;
  // of two feet at work at once the near one hides the edge of the other
  const hidden = sidePattern === 'both' && view === 'beside' && (from === 'inner side' || from === 'outer side');
  return hidden && seen === 2 ? 1 : seen;
}

/** Goes one after the other that are seen from one place, the class facing one way. */
export function standpointsOf({ items }: Pick<Sight, 'items'>): (readonly [ItemSight, ...ItemSight[]])[] {
  const found: [ItemSight, ...ItemSight[]][] = [];
  for (const item of items) {
    const last = found.at(-1);
    if (last && !item.arrives) last.push(item);
    else found.push([item]);
  }
  return found;
}
