import type { Dose } from '../dose';
import type { Execution, Exercise, School } from '../exercise';
import type { Block, Brief, Item, NextId, Pace, Plan, PlanCommand } from '../plan';
import type { Floor } from '../kit';
import type { ItemTime, Timeline } from '../timeline';

/** `hard`: safety, gates, floor and kit; `soft`: order and load; `note`: worth knowing. */
export type Severity = 'hard' | 'soft' | 'note';

/** One item of a class with its exercise settled: what holds of it wherever it stands in the order. */
export interface Entry {
  readonly item: Item;
  readonly block: Block;
  readonly execution: Execution;
  readonly name: string;
  /** Where it is taught. */
  readonly floor: Floor;
  /** Class time of its own work, both feet, ms: it follows from the dose and not from the place. */
  readonly workMs: number;
}

/** What holds for the class whatever its order, and every item of it by id. */
export interface Setting {
  readonly school: School;
  readonly brief: Brief;
  readonly pace: Pace;
  readonly entry: (itemId: string) => Entry | null;
}

/** An exercise that could be added by a mend. */
export interface Offer {
  readonly revision: string;
  readonly exercise: Exercise;
}

/** How the same exercise is dosed in another class of this teacher. */
export interface OtherDose {
  readonly title: string;
  readonly rungId: string | null;
  readonly dose: Dose;
}

/** A class as it stands, in its order and with its times. */
export interface ReviewContext extends Setting {
  readonly plan: Plan;
  readonly timeline: Timeline;
  readonly entries: readonly Entry[];
  /** Where an item stands, 0-based. */
  readonly indexOf: (entry: Entry) => number;
  readonly timeOf: (entry: Entry) => ItemTime;
  /** What a mend may add; without it such mends are not offered. */
  readonly library: readonly Offer[];
  readonly otherDoses: ReadonlyMap<string, readonly OtherDose[]>;
  readonly nextId: NextId;
}

/** One step that may mend a breach, before it is proved. */
export interface Mend {
  readonly words: string;
  readonly command: PlanCommand;
  /** By how much the class may grow, ms, where the mend promises that; else it says what it costs. */
  readonly mostMs?: number;
}

/** Something objected to: the items it names and how much it matters. */
export interface Breach {
  readonly itemIds: readonly string[];
  /** Larger comes first among findings of one severity: seconds, or items concerned. */
  readonly cost: number;
  /** Tells two breaches of one rule and the same items apart. */
  readonly about?: string;
}

/** A breach in words, and what could mend it: the first mend that is proved is the one offered. */
export interface Explanation {
  readonly words: string;
  readonly mends: () => readonly (Mend | null)[];
}

/** What an order rule remembers: small, and the same whenever it means the same. */
export type State = null | boolean | number | string | readonly State[];

interface Said {
  readonly id: string;
  readonly severity: Severity;
  /** Why, in plain words; the school it follows where it follows one. */
  readonly reason: string;
}

/**
 * A rule about what comes before what: a small automaton over the items in order. It knows neither indexes nor times,
 * so review runs it over a class and a reorderer over any order, and both get the same answer.
 */
export interface OrderRule<S extends State = State> extends Said {
  readonly kind: 'order';
  readonly begin: S;
  readonly judge: (state: S, entry: Entry, setting: Setting) => { readonly state: S; readonly breach: Breach | null };
  /**
   * Whether an item matters to it in a class of these items: one that does not neither breaches it nor changes what comes
   * of the others, in whatever order. Left out: all do.
   */
  readonly matters?: (entry: Entry, among: readonly Entry[]) => boolean;
  /** What of a state decides about what is to come; the rest only names items. Left out: all of it. */
  readonly decides?: (state: S, setting: Setting) => State;
  /** Words and mends, made only when somebody asks. */
  readonly explain: (breach: Breach, context: ReviewContext) => Explanation;
}

/** A rule that needs the whole class or its times. What it found is explained only when somebody asks. */
export interface ClassRule extends Said {
  readonly kind: 'class';
  /** What it finds is no fault but an idea: without a mend that holds there is nothing to say. */
  readonly suggests?: true;
  readonly look: (context: ReviewContext) => readonly (Breach & { readonly explain: () => Explanation })[];
}

export type Rule = OrderRule | ClassRule;

/** Keeps the state's type inside its rule. */
export const orderRule = <S extends State>(made: Omit<OrderRule<S>, 'kind'>): OrderRule =>
  ({ ...made, kind: 'order' }) as unknown as OrderRule;
export const classRule = (made: Omit<ClassRule, 'kind'>): ClassRule => ({ ...made, kind: 'class' });

/** The entries a breach names, in the order in which it names them. */
export function named(breach: Breach, setting: Setting): [first: Entry, second: Entry] {
  const found = breach.itemIds.flatMap((id) => setting.entry(id) ?? []);
  const [first] = found;
  const last = found.at(-1);
  if (!first || !last) throw new RangeError('a breach names items of the class');
  return [first, last];
}

/** Which of two wordings the teacher uses: plain places, or anatomical names. */
export const inWords = ({ school }: Setting): 0 | 1 => (school.words === 'plain' ? 0 : 1);

export const noMends = (): readonly Mend[] => [];

/** Judges an order of items, whatever order they have in the plan. */
export function judgeOrder(rule: OrderRule, order: readonly Entry[], setting: Setting): Breach[] {
  let state = rule.begin;
  return order.flatMap((entry) => {
    const judged = rule.judge(state, entry, setting);
    state = judged.state;
    return judged.breach ?? [];
  });
}
