import type { Plan } from '../../plan';
import type { Need, Room } from '../../timeline';
import type { Breach, Entry, OrderRule, Setting, State } from '../rule';
import { type Part, type RingPart, partsMs, roomBehind, whole } from './pieces';

/** What is moved as one: a drill with its re-checks, a run in one piece of music, with the talk right before it. */
export interface Unit {
  readonly entries: readonly Entry[];
  /** Everything of it in its order, talk too. */
  readonly itemIds: readonly string[];
  readonly parts: readonly Part[];
  /** Foot by foot: its two visits; null where it stands between two rings. */
  readonly ring: RingPart | null;
}

/** What one more unit brings: time and what the review would say. */
export interface Price {
  readonly ms: number;
  readonly soft: number;
  readonly hard: number;
}

/** Where a class stands after some units: what getting on depends on. */
interface Place {
  readonly room: Room | null;
  /** The ring that is open: its first unit and the last one so far. */
  readonly ring: readonly [first: number, last: number] | null;
}

export interface Course {
  readonly plan: Plan;
  readonly units: readonly Unit[];
  readonly rules: readonly OrderRule[];
  readonly setting: Setting;
  /** Every item of the class, in whatever order. */
  readonly among: readonly Entry[];
  readonly before: { readonly entries: readonly Entry[]; readonly parts: readonly Part[] };
  readonly behind: { readonly entries: readonly Entry[]; readonly parts: readonly Part[] };
  /** Foot by foot: the pause to compare, ms, and whether the second foot goes backwards. */
  readonly compareMs: number;
  readonly reversed: boolean;
  /** Findings the teacher accepted: a rule that has one is followed item by item. */
  readonly isAccepted: (rule: OrderRule, breach: Breach) => boolean;
  readonly hasAccepted: (rule: OrderRule) => boolean;
}

/** Gives small numbers to what is the same by its text. */
class Numbers<T> {
  readonly list: T[] = [];
  private readonly known = new Map<string, number>();

  of(value: T, key: unknown = value): number {
    const text = JSON.stringify(key);
    const known = this.known.get(text);
    if (known !== undefined) return known;
    this.known.set(text, this.list.length);
    this.list.push(value);
    return this.list.length - 1;
  }
}

/** One rule over a class of these units: its states as numbers, each judged once for each unit. */
class RuleWalk {
  private readonly states = new Numbers<State>();
  private readonly steps = new Map<number, readonly [next: number, found: number]>();
  readonly start: number;
  /** How often it is breached before the block. */
  readonly already: number;

  constructor(
    private readonly rule: OrderRule,
    private readonly course: Course,
    private readonly mattering: ReadonlySet<Entry>,
  ) {
    const [begin, already] = this.judged(rule.begin, course.before.entries);
    this.already = already;
    this.start = this.numberOf(begin);
  }

  /** The state behind a unit, and how often it was breached. */
  step(from: number, unit: number): readonly [next: number, found: number] {
    return this.known(from, unit, this.course.units[unit]?.entries ?? []);
  }

  /** How often it is breached behind the block. */
  end(from: number): number {
    return this.known(from, this.course.units.length, this.course.behind.entries)[1];
  }

  private known(from: number, at: number, entries: readonly Entry[]): readonly [next: number, found: number] {
    const key = from * (this.course.units.length + 1) + at;
    const known = this.steps.get(key);
    if (known) return known;
    const [state, found] = this.judged(this.states.list[from] ?? null, entries);
    const made = [this.numberOf(state), found] as const;
    this.steps.set(key, made);
    return made;
  }

  private numberOf(state: State): number {
    const { decides } = this.rule;
    return decides && !this.course.hasAccepted(this.rule)
      ? this.states.of(state, decides(state, this.course.setting))
      : this.states.of(state);
  }

  private judged(from: State, entries: readonly Entry[]): readonly [State, number] {
    let state = from;
    let found = 0;
    for (const entry of entries) {
      if (!this.mattering.has(entry)) continue;
      const judged = this.rule.judge(state, entry, this.course.setting);
      state = judged.state;
      if (judged.breach && !this.course.isAccepted(this.rule, judged.breach)) found += 1;
    }
    return [state, found];
  }
}

/**
 * A class gone through unit by unit, in any order of them. Where it stands (the room, what each rule remembers) is a
 * number, and what one more unit brings from there is worked out once.
 */
export class Walk {
  readonly start: number;
  private readonly places = new Numbers<Place>();
  private readonly placeSteps = new Map<number, readonly [next: number, ms: number]>();
  private readonly placeEnds = new Map<number, number>();
  private readonly rules: readonly { readonly hard: boolean; readonly walk: RuleWalk }[];
  private readonly states: number[][] = [];
  private readonly stateKeys = new Map<string, number>();
  private readonly steps: (readonly [next: number, price: Price] | undefined)[] = [];
  private readonly ends = new Map<number, Price>();
  /** Kit that somebody still reaches for; whether it is out matters only where it is fetched. */
  private readonly kit: ReadonlySet<string>;

  constructor(private readonly course: Course) {
    const { units, behind, plan, among } = course;
    const parts = [...units.flatMap((u) => [...u.parts, ...(u.ring ? [u.ring.first] : [])]), ...behind.parts];
    const fetched = plan.brief.kitOut === 'before' ? [] : parts.flatMap(({ needs }) => needs.flatMap((n) => n.kit));
    this.kit = new Set(fetched);
    this.rules = course.rules.flatMap((rule) => {
      const mattering = new Set(among.filter((entry) => rule.matters?.(entry, among) ?? true));
      if (mattering.size === 0 || rule.severity === 'note') return [];
      return [{ hard: rule.severity === 'hard', walk: new RuleWalk(rule, course, mattering) }];
    });
    const { room } = partsMs(null, course.before.parts, plan);
    this.start = this.stateOf([this.placeOf(room, null), ...this.rules.map(({ walk }) => walk.start)]);
  }

  /** Where the class stands behind one more unit, and what that brings. */
  step(from: number, unit: number): readonly [next: number, price: Price] {
    const key = from * this.course.units.length + unit;
    return (this.steps[key] ??= this.stepped(from, unit));
  }

  /** What comes behind the block (closing the ring, and the rest of the class), and what was found before it. */
  end(from: number): Price {
    const known = this.ends.get(from);
    if (known) return known;
    const [place = 0, ...ruleStates] = this.states[from] ?? [];
    const price = { ms: this.placeEnd(place), soft: 0, hard: 0 };
    this.rules.forEach(({ hard, walk }, i) => {
      price[hard ? 'hard' : 'soft'] += walk.already + walk.end(ruleStates[i] ?? 0);
    });
    this.ends.set(from, price);
    return price;
  }

  /** The least time that a unit can take, whatever is before it, ms. */
  leastMs(unit: number): number {
    const { units, plan } = this.course;
    const rooms = [
      this.places.list[this.states[this.start]?.[0] ?? 0]?.room ?? null,
      ...units.flatMap(({ parts, ring }, at): (Room | null)[] => {
        if (at === unit && !ring) return [];
        const all = ring ? [...parts, ring.first, ring.second] : parts;
        return all.map((part) => roomBehind(null, part));
      }),
    ];
    const of = units[unit];
    if (!of) return 0;
    const runs = of.ring ? [[of.ring.first], [of.ring.second]] : [of.parts];
    return runs.reduce(
      (sum, run) => sum + Math.min(...rooms.map((room) => partsMs(atBest(room, run[0]?.needs[0]), run, plan).ms)),
      0,
    );
  }

  private stepped(from: number, unit: number): readonly [next: number, price: Price] {
    const [place = 0, ...ruleStates] = this.states[from] ?? [];
    const [next, ms] = this.placeStep(place, unit);
    const price = { ms, soft: 0, hard: 0 };
    const states = this.rules.map(({ hard, walk }, i) => {
      const [state, found] = walk.step(ruleStates[i] ?? 0, unit);
      price[hard ? 'hard' : 'soft'] += found;
      return state;
    });
    return [this.stateOf([next, ...states]), price];
  }

  private stateOf(numbers: number[]): number {
    const key = numbers.join();
    const known = this.stateKeys.get(key);
    if (known !== undefined) return known;
    this.stateKeys.set(key, this.states.length);
    this.states.push(numbers);
    return this.states.length - 1;
  }

  private placeOf(room: Room | null, ring: Place['ring']): number {
    return this.places.of({ room: room && { ...room, out: room.out.filter((piece) => this.kit.has(piece)) }, ring });
  }

  private placeStep(from: number, unit: number): readonly [next: number, ms: number] {
    const key = from * this.course.units.length + unit;
    const known = this.placeSteps.get(key);
    if (known) return known;
    const made = this.moved(this.places.list[from] ?? { room: null, ring: null }, unit);
    this.placeSteps.set(key, made);
    return made;
  }

  private moved(from: Place, unit: number): readonly [next: number, ms: number] {
    const { units, plan, reversed } = this.course;
    const of = units[unit];
    if (!of) throw new RangeError('a unit of the block');
    if (!of.ring) {
      const closed = this.closed(from);
      const { ms, room } = partsMs(closed.room, of.parts, plan);
      return [this.placeOf(room, null), closed.ms + ms];
    }
    const own = of.ring;
    const first = partsMs(from.room, [own.first], plan);
    if (!from.ring) return [this.placeOf(first.room, [unit, unit]), first.ms];
    // The other foot goes the same way later: between the same neighbours, with everything out.
    const last = units[from.ring[1]]?.ring;
    if (!last) throw new RangeError('a ring is made of one-foot items');
    const [a, b] = reversed ? [own.second, last.second] : [last.second, own.second];
    const again = partsMs(atBest(roomBehind(first.room, a), b.needs[0]), [b], plan);
    return [this.placeOf(first.room, [from.ring[0], unit]), first.ms + again.ms];
  }

  /** Shuts a ring: stand and compare, and the first visit of the other foot. */
  private closed({ room, ring }: Place): { readonly room: Room | null; readonly ms: number } {
    if (!ring) return { room, ms: 0 };
    const { units, plan, reversed, compareMs } = this.course;
    const [first, last] = ring.map((at) => units[at]?.ring?.second);
    if (!first || !last) throw new RangeError('a ring is made of one-foot items');
    const [opens, shuts] = reversed ? [last, first] : [first, last];
    const opened = partsMs(room, [opens], plan);
    return { room: roomBehind(opened.room, shuts), ms: whole(compareMs) + opened.ms };
  }

  private placeEnd(from: number): number {
    const known = this.placeEnds.get(from);
    if (known !== undefined) return known;
    const closed = this.closed(this.places.list[from] ?? { room: null, ring: null });
    const ms = closed.ms + partsMs(closed.room, this.course.behind.parts, this.course.plan).ms;
    this.placeEnds.set(from, ms);
    return ms;
  }
}

/** A room in which everything that is needed next is out and no mat is in the way. */
const atBest = (room: Room | null, need: Need | undefined): Room | null =>
  room && need !== undefined
    ? { ...room, out: [...room.out, ...need.kit], mats: need.surface === 'mats' ? 'out' : 'away' }
    : room;
