import type { Need, Room } from '../../timeline';
import { type Machine, Numbers, type Price, type Step } from './machine';
import { type Part, partsMs, roomBehind, whole } from './pieces';
import type { Course } from './units';

/** Where a class stands after some units: what getting on depends on. */
interface Place {
  /** The room, by its number. */
  readonly room: number;
  /** The ring that is open: its first unit and the last one so far. */
  readonly ring: readonly [first: number, last: number] | null;
}

/** Where something leads to, and how long that takes, ms. */
interface Led {
  readonly room: number;
  readonly ms: number;
}

/** The room over a class of these units: what it takes to get from one to the next. */
export class PlaceWalk implements Machine {
  readonly start: number;
  private readonly places = new Numbers<Place>();
  private readonly rooms = new Numbers<Room | null>();
  private readonly steps = new Map<number, Step>();
  private readonly leads = new Map<number, Led>();
  private readonly agains = new Map<number, number>();
  private readonly ends = new Map<number, Price>();
  private readonly owed = new Map<number, number>();
  private readonly least = new Map<Part, number>();
  /** Rooms that something can be come to from: as the block begins, and as each of its parts leaves it. */
  private readonly befores: readonly { readonly of: number | null; readonly room: Room | null }[];
  /** Kit that somebody still reaches for; whether it is out matters only where it is fetched. */
  private readonly kit: ReadonlySet<string>;

  constructor(private readonly course: Course) {
    const { units, before, behind, plan } = course;
    const parts = [...units.flatMap((u) => [...u.parts, ...(u.ring ? [u.ring.first] : [])]), ...behind.parts];
    const fetched = plan.brief.kitOut === 'before' ? [] : parts.flatMap(({ needs }) => needs.flatMap((n) => n.kit));
    this.kit = new Set(fetched);
    const { room } = partsMs(null, before.parts, plan);
    this.start = this.places.of({ room: this.roomOf(room), ring: null });
    this.befores = [
      { of: null, room },
      ...units.flatMap(({ parts: own, ring }, of) =>
        (ring ? [...own, ring.first, ring.second] : own).map((part) => ({ of, room: roomBehind(null, part) })),
      ),
    ];
  }

  step(from: number, unit: number): Step {
    const key = from * this.course.units.length + unit;
    const known = this.steps.get(key);
    if (known) return known;
    const { place, ms } = this.moved(this.placeAt(from), unit);
    const made: Step = [this.places.of(place), { ms, soft: 0, hard: 0 }];
    this.steps.set(key, made);
    return made;
  }

  /** Closing the ring, and getting through the rest of the class. */
  end(from: number): Price {
    const known = this.ends.get(from);
    if (known) return known;
    const closed = this.closed(this.placeAt(from));
    const room = this.rooms.list[closed.room] ?? null;
    const ms = closed.ms + partsMs(room, this.course.behind.parts, this.course.plan).ms;
    const made = { ms, soft: 0, hard: 0 };
    this.ends.set(from, made);
    return made;
  }

  /** The least time that a unit can take, whatever is before it, ms. */
  leastMs(unit: number): number {
    const of = this.course.units[unit];
    if (!of) return 0;
    const runs = of.ring ? [[of.ring.first], [of.ring.second]] : [of.parts];
    return runs.reduce((sum, run) => sum + this.leastRunMs(unit, run), 0);
  }

  /** What is still to come at the least for a ring that is open: the pause, and the other foot of one of its units, ms. */
  owedMs(from: number): number {
    const known = this.owed.get(from);
    if (known !== undefined) return known;
    const ring = this.places.list[from]?.ring;
    const [first, last] = ring ?? [];
    const open = this.course.reversed ? last : first;
    const part = open === undefined ? null : this.course.units[open]?.ring?.second;
    const ms = open === undefined || !part ? 0 : whole(this.course.compareMs) + this.leastRunMs(open, [part]);
    this.owed.set(from, ms);
    return ms;
  }

  /** The least time of what is taught in one stretch, whatever other part of the block is before it, ms. */
  private leastRunMs(unit: number, run: readonly Part[]): number {
    const [first] = run;
    if (!first) return 0;
    const known = this.least.get(first);
    if (known !== undefined) return known;
    const rooms = this.befores.filter(({ of }) => of !== unit || this.course.units[unit]?.ring);
    const ms = Math.min(...rooms.map(({ room }) => partsMs(atBest(room, first.needs[0]), run, this.course.plan).ms));
    this.least.set(first, ms);
    return ms;
  }

  private placeAt(from: number): Place {
    const place = this.places.list[from];
    if (!place) throw new RangeError('a place that was come to');
    return place;
  }

  private roomOf(room: Room | null): number {
    return this.rooms.of(room && { ...room, out: room.out.filter((piece) => this.kit.has(piece)) });
  }

  private moved(from: Place, unit: number): { readonly place: Place; readonly ms: number } {
    const own = this.course.units[unit]?.ring;
    if (!own) {
      const closed = this.closed(from);
      const { room, ms } = this.led(closed.room, unit);
      return { place: { room, ring: null }, ms: closed.ms + ms };
    }
    const { room, ms } = this.led(from.room, unit);
    if (!from.ring) return { place: { room, ring: [unit, unit] }, ms };
    const [first, last] = from.ring;
    return { place: { room, ring: [first, unit] }, ms: ms + this.again(last, unit) };
  }

  /** From a room through a unit, or through its first foot in a ring. */
  private led(from: number, unit: number): Led {
    const { units, plan } = this.course;
    const key = from * units.length + unit;
    const known = this.leads.get(key);
    if (known) return known;
    const of = units[unit];
    if (!of) throw new RangeError('a unit of the block');
    const { room, ms } = partsMs(this.rooms.list[from] ?? null, of.ring ? [of.ring.first] : of.parts, plan);
    const made: Led = { room: this.roomOf(room), ms };
    this.leads.set(key, made);
    return made;
  }

  /** The other foot goes the same way later: between the same neighbours, with everything out. */
  private again(before: number, unit: number): number {
    const { units, plan, reversed } = this.course;
    const key = before * units.length + unit;
    const known = this.agains.get(key);
    if (known !== undefined) return known;
    const [from, to] = reversed ? [unit, before] : [before, unit];
    const [a, b] = [units[from]?.ring?.second, units[to]?.ring?.second];
    if (!a || !b) throw new RangeError('a ring is made of one-foot items');
    const { ms } = partsMs(atBest(roomBehind(null, a), b.needs[0]), [b], plan);
    this.agains.set(key, ms);
    return ms;
  }

  /** Shuts a ring: stand and compare, and the first visit of the other foot. */
  private closed({ room, ring }: Place): Led {
    if (!ring) return { room, ms: 0 };
    const { units, plan, reversed, compareMs } = this.course;
    const [first, last] = ring.map((at) => units[at]?.ring?.second);
    if (!first || !last) throw new RangeError('a ring is made of one-foot items');
    const [opens, shuts] = reversed ? [last, first] : [first, last];
    const opened = partsMs(this.rooms.list[room] ?? null, [opens], plan);
    return { room: this.roomOf(roomBehind(opened.room, shuts)), ms: whole(compareMs) + opened.ms };
  }
}

/** A room in which everything that is needed next is out and no mat is in the way. */
const atBest = (room: Room | null, need: Need | undefined): Room | null =>
  room && need !== undefined
    ? { ...room, out: [...room.out, ...need.kit], mats: need.surface === 'mats' ? 'out' : 'away' }
    : room;
