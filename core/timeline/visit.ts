import { type Execution, resolve } from '../exercise';
import { type Dose, kindOf } from '../dose';
import { type Block, type Item, type Plan, type Side, otherSide } from '../plan';
import type { Feet, FindRevision, TimelineProblem } from './timeline';

/** An item with its exercise settled. */
export interface ReadyItem {
  readonly item: Item;
  readonly blockId: string;
  readonly execution: Execution;
  readonly lead: Side;
}

/** One go at an item: both feet, alternating feet, or one foot. */
export interface Visit {
  readonly ready: ReadyItem;
  readonly feet: Side | 'both' | 'alternate';
  /** The second foot of an item needs less set-up and no demonstration. */
  readonly second: boolean;
}

/** What the class does next: an item (with both feet in turn, or one of them), or a pause to compare the feet. */
export type Stretch =
  | { readonly kind: 'item'; readonly visits: readonly Visit[]; readonly runsOn: boolean }
  | { readonly kind: 'compare'; readonly blockId: string };

export function readyItem(plan: Plan, block: Block, item: Item, find: FindRevision): ReadyItem | TimelineProblem {
  const exercise = find(item.revision);
  if (!exercise) return { code: 'missing-revision', itemId: item.id, revision: item.revision };
  const execution = resolve(exercise, item.rungId, plan.school);
  if (!execution.ok) return { code: 'not-resolved', itemId: item.id, error: execution.error };
  return { item, blockId: block.id, execution: execution.value, lead: leadOf(plan, item) };
}

/** Which foot starts an item: the weaker one where that was chosen, else the item's own, else the class's. */
export function leadOf(plan: Plan, item: Item): Side {
  return item.sides.mode === 'equal' ? (item.lead ?? plan.lead) : item.sides.weaker;
}

/** The dose of one foot: the weaker side of an extra set does the first part once more. */
export function doseOn(item: Item, side: Side | 'both'): Dose {
  if (item.sides.mode !== 'extra-set' || item.sides.weaker !== side) return item.dose;
  return item.dose.map((part, i) => (i === 0 ? { ...part, sets: part.sets + 1 } : part));
}

/** The order of a block's stretches: exercise by exercise, or one whole foot, a comparison, the other foot. */
export function stretchesOf(flow: Block['flow'], items: readonly ReadyItem[]): Stretch[] {
  const stretches: Stretch[] = [];
  for (let i = 0; i < items.length;) {
    const ready = items[i];
    if (!ready) break;
    const ring = flow === 'by-foot' ? oneFootRun(items, i) : [];
    if (ring.length > 0) {
      stretches.push(...ringOf(ring));
      i += ring.length;
    } else {
      stretches.push({ kind: 'item', visits: visitsOf(ready), runsOn: runsOn(items[i - 1], ready) });
      i += 1;
    }
  }
  return stretches;
}

/** Neighbouring one-foot items: they make one ring. A two-foot item stands between rings. */
function oneFootRun(items: readonly ReadyItem[], from: number): ReadyItem[] {
  const end = items.findIndex((r, i) => i >= from && r.execution.sidePattern !== 'each');
  return items.slice(from, end === -1 ? items.length : end);
}

function ringOf(ring: readonly ReadyItem[]): Stretch[] {
  const leader = ring.find((r) => r.item.sides.mode !== 'equal') ?? ring[0];
  if (!leader) return [];
  const turn = (feet: Side, second: boolean): Stretch[] =>
    ring.map((ready) => ({ kind: 'item', visits: [{ ready, feet, second }], runsOn: false }));
  return [
    ...turn(leader.lead, false),
    { kind: 'compare', blockId: leader.blockId },
    ...turn(otherSide(leader.lead), true),
  ];
}

/** How an item is gone at where it is taught in one stretch: one foot and then the other, in turn, or both together. */
export function visitsOf(ready: ReadyItem): Visit[] {
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

/** Whether an item goes on in the music of its neighbour: both are danced to one tempo, and the teacher asked for it. */
function runsOn(before: ReadyItem | undefined, ready: ReadyItem): boolean {
  const last = before?.item.dose.at(-1);
  const first = ready.item.dose[0];
  if (!ready.item.musicRunsOn || !last || !first) return false;
  const tempo = kindOf(last).music?.(last);
  return tempo !== undefined && tempo === kindOf(first).music?.(first);
}

/** The foot that the room is arranged for: the lead one where feet alternate. */
export const footOf = ({ feet, ready }: Visit): Side | 'both' => (feet === 'alternate' ? ready.lead : feet);

/** The feet whose time a visit is. */
export const feetOf = ({ feet }: Visit): Feet => (feet === 'alternate' ? 'both' : feet);
