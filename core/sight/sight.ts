import type { Execution, Fault } from '../exercise';
import { faultsIn } from '../idea';
import { type Brief, type Plan, RoomWall } from '../plan';
import type { Timeline } from '../timeline';
import { type ClassFacing, type Seen, type TeacherPlace, placesIn, seenFrom, viewFrom } from './view';

/** A fault, who watches it, and how well it is seen from there. */
export interface Watched {
  readonly fault: Fault;
  /** The first teacher or the second; null where neither sees it. */
  readonly by: 0 | 1 | null;
  readonly seen: Seen;
}

/** How one item of a class is seen. */
export interface ItemSight {
  readonly itemId: string;
  readonly facing: ClassFacing;
  /** The first teacher's place, and the second's where two teach. */
  readonly places: readonly TeacherPlace[];
  /** The class turns round before it. */
  readonly turns: boolean;
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

/** What is weighed of one way to see an item, the heavier always first: see `costOf`. */
interface Way {
  readonly facing: ClassFacing;
  readonly places: readonly TeacherPlace[];
  readonly own: number;
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
export function sightOf(plan: Pick<Plan, 'brief'>, { items }: Pick<Timeline, 'items'>): Sight {
  const { brief } = plan;
  const taught = [...items]
    .filter(({ execution, visits }) => execution !== null && visits.length > 0)
    .sort((a, b) => a.startMs - b.startMs)
    .flatMap(({ itemId, execution }) =>
      execution ? [{ itemId, execution: { ...execution, faults: faultsIn(plan, execution) } }] : [],
    );
  const ways = taught.map(({ execution }) => waysOf(execution, brief));
  const chosen = cheapest(ways);
  let turnRounds = 0;
  let walks = 0;
  return {
    items: taught.map(({ itemId, execution }, at): ItemSight => {
      const way = chosen[at]!;
      const before = chosen[at - 1];
      const turns = before !== undefined && before.facing !== way.facing;
      turnRounds += Number(turns);
      walks += Number(before !== undefined && before.places[0] !== way.places[0]);
      return { itemId, facing: way.facing, places: way.places, turns, watched: watchedIn(execution, way, brief) };
    }),
    turnRounds,
    walks,
  };
}

/** The cheapest way through all items, each behind each way of the one before. */
function cheapest(ways: readonly (readonly Way[])[]): Way[] {
  let costs = ways[0]?.map(({ own }) => own) ?? [];
  const came: number[][] = [];
  for (let at = 1; at < ways.length; at++) {
    const [before, here] = [ways[at - 1] ?? [], ways[at] ?? []];
    const from: number[] = [];
    costs = here.map((way, i) => {
      let best = Infinity;
      before.forEach((last, j) => {
        const cost = (costs[j] ?? 0) + between(last, way);
        if (cost < best) [best, from[i]] = [cost, j];
      });
      return best + way.own;
    });
    came.push(from);
  }
  let at = costs.indexOf(Math.min(...costs));
  const path: Way[] = [];
  for (let i = ways.length - 1; i >= 0; i--) {
    const way = ways[i]?.[at];
    if (way) path.unshift(way);
    at = came[i - 1]?.[at] ?? 0;
  }
  return path;
}

function between(last: Way, way: Way): number {
  let cost = last.facing === way.facing ? 0 : weigh.turn;
  for (let i = 0; i < way.places.length; i++) if (last.places[i] !== way.places[i]) cost += weigh.walk;
  return cost;
}

/** Every way in which an item can be taught in this room, in an order in which the first is the plainest. */
function waysOf(execution: Execution, brief: Brief): Way[] {
  const first = placesFor(brief);
  const pairs =
    brief.teachers === 1 ? first.map((one) => [one]) : first.flatMap((a) => placesIn(brief.room).map((b) => [a, b]));
  return facingsOf(execution, brief).flatMap((facing) =>
    pairs.map((both) => ({ facing, places: both, own: ownCost(execution, { facing, places: both }, brief) })),
  );
}

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

function ownCost(execution: Execution, way: Pick<Way, 'facing' | 'places'>, brief: Brief): number {
  const [main, ...others] = watchedIn(execution, way, brief);
  const first = main?.seen ?? 2;
  const cost = first === 0 ? weigh.unseen : first === 1 ? weigh.angle : 0;
  return cost + others.filter(({ seen }) => seen === 0).length * weigh.rest;
}

/** Who watches what: the first two faults; where two teach, each takes the one they see better. */
function watchedIn(execution: Execution, { facing, places }: Pick<Way, 'facing' | 'places'>, brief: Brief): Watched[] {
  const faults = execution.faults.slice(0, looked);
  const seenBy = faults.map((fault) => places.map((place) => seenIn(fault, execution, place, facing, brief)));
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
  { facing: asked, sidePattern }: Execution,
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
