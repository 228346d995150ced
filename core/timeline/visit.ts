import { type Execution, resolve, withSubstitutes } from '../exercise';
import type { Floor } from '../kit';
import { type Dose, amountName, kindOf, numberIn, withNumber } from '../dose';
import {
  type AnyItem,
  type Block,
  type Item,
  type Plan,
  type Side,
  type TalkItem,
  findItem,
  floorOf,
  otherSide,
  weakerOf,
} from '../plan';
import type { Feet, FindRevision, TimelineProblem } from './timeline';
import { shortKit } from './turns';

/** An item with its exercise settled. */
export interface ReadyItem {
  readonly item: Item;
  readonly blockId: string;
  readonly execution: Execution;
  readonly lead: Side;
  /** Where it is taught. */
  readonly floor: Floor;
  /** How often it is gone through, by those who have the kit and then by the others. */
  readonly turns: number;
}

/** What a block is made of, settled: its exercises, and the talk between them. */
export type Ready = ReadyItem | TalkItem;
const isTalk = (ready: Ready | undefined): ready is TalkItem => ready !== undefined && 'kind' in ready;

/** One go at an item: both feet, alternating feet, or one foot. */
export interface Visit {
  readonly ready: ReadyItem;
  readonly feet: Side | 'both' | 'alternate';
  /** The second foot of an item needs less set-up and no demonstration. */
  readonly second: boolean;
}

/** What the class does next: an item (with both feet in turn, or one of them), talk, or a pause to compare the feet. */
export type Stretch =
  | { readonly kind: 'item'; readonly visits: readonly Visit[]; readonly runsOn: boolean }
  | { readonly kind: 'talk'; readonly talk: TalkItem }
  | { readonly kind: 'compare'; readonly blockId: string };

/** Everything of a block that can be settled, in its order; what cannot is handed to `amiss`. */
export function readyBlock(
  plan: Plan,
  block: Block,
  find: FindRevision,
  amiss: (problem: TimelineProblem) => void = () => undefined,
): Ready[] {
  return block.items.flatMap((item: AnyItem): Ready[] => {
    if (item.kind === 'talk') return [item];
    const settled = readyItem(plan, block, item, find);
    if (!('code' in settled)) return [settled];
    amiss(settled);
    return [];
  });
}

export function readyItem(plan: Plan, block: Block, item: Item, find: FindRevision): ReadyItem | TimelineProblem {
  const exercise = find(item.revision);
  if (!exercise) return { code: 'missing-revision', itemId: item.id, revision: item.revision };
  const execution = resolve(exercise, item.rungId, plan.school);
  if (!execution.ok) return { code: 'not-resolved', itemId: item.id, error: execution.error };
  const settled = withSubstitutes(execution.value, item.substitutes);
  return {
    item,
    blockId: block.id,
    execution: settled,
    lead: leadOf(plan, item),
    floor: floorOf(plan, block, item),
    turns: shortKit(settled, plan.brief)?.turns ?? 1,
  };
}

/** Which foot starts an item: the weaker one where that was chosen, else the item's own, else the class's. */
export function leadOf(plan: Plan, item: Item): Side {
  if (item.sides.mode === 'one-foot') return item.sides.side;
  return weakerOf(item.sides) ?? item.lead ?? plan.lead;
}

/** The dose of one foot: the weaker side does the first part once more, or a few reps of it more. */
export function doseOn({ sides, dose }: Item, side: Side | 'both'): Dose {
  const [first, ...others] = dose;
  if (!first || weakerOf(sides) !== side) return dose;
  if (sides.mode === 'extra-set') return [{ ...first, sets: first.sets + 1 }, ...others];
  if (sides.mode !== 'extra-reps') return dose;
  const name = amountName(first);
  return [withNumber(first, name, numberIn(first, name) + sides.more), ...others];
}

/** How a block is gone through: an item in one stretch, a ring of them on one foot, then on the other, or talk. */
export type Round =
  | { readonly kind: 'talk'; readonly talk: TalkItem }
  | { readonly kind: 'line'; readonly ready: ReadyItem; readonly visits: readonly Visit[]; readonly runsOn: boolean }
  | {
      readonly kind: 'ring';
      readonly items: readonly ReadyItem[];
      /** Each pass in its own order: the second may go backwards. */
      readonly passes: readonly [readonly Visit[], readonly Visit[]];
      readonly compares: boolean;
    };

/** The order of a block: exercise by exercise, or one whole foot, a comparison, the other foot. */
export function roundsOf(block: Block, items: readonly Ready[]): Round[] {
  const rounds: Round[] = [];
  for (let i = 0; i < items.length;) {
    const ready = items[i];
    if (!ready) break;
    if (isTalk(ready)) {
      rounds.push({ kind: 'talk', talk: ready });
      i += 1;
      continue;
    }
    const ring = block.flow === 'by-foot' ? ringFrom(items, i) : [];
    if (ring.length > 0) {
      rounds.push(ringOf(block, ring));
      i += ring.length;
    } else {
      rounds.push({ kind: 'line', ready, visits: visitsOf(ready), runsOn: runsOn(items[i - 1], ready) });
      i += 1;
    }
  }
  return rounds;
}

/** The rounds of a block as the class goes through them. */
export function stretchesOf(block: Block, items: readonly Ready[]): Stretch[] {
  return roundsOf(block, items).flatMap((round): Stretch[] => {
    if (round.kind === 'talk') return [round];
    if (round.kind === 'line') return [{ kind: 'item', visits: round.visits, runsOn: round.runsOn }];
    const [one, other] = round.passes.map((pass) =>
      pass.map((visit): Stretch => ({ kind: 'item', visits: [visit], runsOn: false })),
    );
    return [
      ...(one ?? []),
      ...(round.compares ? [{ kind: 'compare', blockId: block.id } as const] : []),
      ...(other ?? []),
    ];
  });
}

/** What is worn is put on both feet, whatever its pattern: it stands between rings. */
const isWornHere = ({ item }: ReadyItem) => item.wornUntil !== null;
const oneFooted = (ready: ReadyItem) => ready.execution.sidePattern === 'each' && !isWornHere(ready);

/**
 * Neighbouring one-foot items, and two-foot ones that are done in each pass: they make one ring. Any other two-foot item
 * stands between rings, and so does talk.
 */
function ringFrom(items: readonly Ready[], from: number): ReadyItem[] {
  const ring: ReadyItem[] = [];
  for (const ready of items.slice(from)) {
    if (isTalk(ready) || (!oneFooted(ready) && (!ready.item.inEachPass || isWornHere(ready)))) break;
    ring.push(ready);
  }
  return ring.some(oneFooted) ? ring : [];
}

function ringOf(block: Block, ring: readonly ReadyItem[]): Extract<Round, { kind: 'ring' }> {
  const shared = ring.filter((r) => oneFooted(r) && r.item.sides.mode !== 'one-foot');
  const leader = ring.find((r) => oneFooted(r) && weakerOf(r.item.sides)) ?? shared[0] ?? ring[0];
  if (!leader) throw new RangeError('a ring has at least one item');
  const pass = (feet: Side, second: boolean): Visit[] =>
    (second && block.secondOrder === 'reversed' ? [...ring].reverse() : ring).flatMap((ready): Visit[] => {
      if (!oneFooted(ready)) return [{ ready, feet: 'both', second }];
      const { sides } = ready.item;
      if (sides.mode === 'one-foot') return sides.side === feet ? [{ ready, feet, second: false }] : [];
      return [{ ready, feet, second }];
    });
  const passes = [pass(leader.lead, false), pass(otherSide(leader.lead), true)] as const;
  return { kind: 'ring', items: ring, passes, compares: block.compare && passes.every((p) => p.length > 0) };
}

/** How an item is gone at where it is taught in one stretch: one foot and then the other, in turn, or both together. */
export function visitsOf(ready: ReadyItem): Visit[] {
  const { sides } = ready.item;
  const pattern = ready.execution.sidePattern;
  if (isWornHere(ready)) return [{ ready, feet: 'both', second: false }];
  if (sides.mode === 'one-foot' && (pattern === 'each' || pattern === 'alternate'))
    return [{ ready, feet: sides.side, second: false }];
  switch (ready.execution.sidePattern) {
    case 'each':
      return [
        { ready, feet: ready.lead, second: false },
        { ready, feet: otherSide(ready.lead), second: true },
      ];
    case 'alternate':
      return [{ ready, feet: 'alternate', second: false }];
    case 'both':
    case 'travelling':
      return [{ ready, feet: 'both', second: false }];
  }
}

/** Whether an item goes on in the music of its neighbour: it may, and the teacher asked for it. */
const runsOn = (before: Ready | undefined, { item }: ReadyItem): boolean =>
  item.musicRunsOn && before !== undefined && !isTalk(before) && isOneMusic(before.item, item);

/** One ends and the other begins in counts of one tempo. */
function isOneMusic(before: Item, item: Item): boolean {
  const last = before.dose.at(-1);
  const first = item.dose[0];
  const tempo = last && kindOf(last).music?.(last);
  return tempo !== undefined && first !== undefined && tempo === kindOf(first).music?.(first);
}

/** Whether an item could go on in the music of the one right before it. */
export function mayRunOn(plan: Plan, itemId: string): boolean {
  const found = findItem(plan, itemId);
  const before = found?.block.items[found.index - 1];
  return found !== null && before?.kind === 'exercise' && isOneMusic(before, found.item);
}

/** The foot that the room is arranged for: the lead one where feet alternate. */
export const footOf = ({ feet, ready }: Visit): Side | 'both' => (feet === 'alternate' ? ready.lead : feet);

/** The feet whose time a visit is. */
export const feetOf = ({ feet }: Visit): Feet => (feet === 'alternate' ? 'both' : feet);
