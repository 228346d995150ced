import { type Feet, type Timeline, type TimelineEvent, bodyOf } from '../timeline';

/**
 * One stretch of a class as it is taught: an item on both feet, one side of an item, talk, or the pause to compare. Times
 * are planned class time, ms.
 */
export interface Bout {
  readonly index: number;
  /** Null for the pause to compare the feet. */
  readonly itemId: string | null;
  readonly feet: Feet;
  /** The second side of the item before it: the class goes straight on to its set-up. */
  readonly goesStraightOn: boolean;
  readonly startMs: number;
  readonly workStartMs: number;
  readonly workEndMs: number;
  readonly endMs: number;
  /** The counted part: work, the count-in before it and the rests inside it, or the talk. */
  readonly events: readonly TimelineEvent[];
}

const isCounted = ({ activity, kind }: TimelineEvent) =>
  ['work', 'rest', 'compare'].includes(activity) || kind === 'talk-item' || kind === 'count-in';

/** Cuts a timeline into bouts, in order and without gaps. */
export function boutsOf(timeline: Timeline): Bout[] {
  const oneFooted = new Set(timeline.items.filter((i) => i.execution?.sidePattern === 'each').map((i) => i.itemId));
  const groups: TimelineEvent[][] = [];
  let open: TimelineEvent[] | null = null;
  for (const event of bodyOf(timeline)) {
    const first = open?.[0];
    const sameBout =
      first?.itemId === event.itemId &&
      event.kind !== 'switch' &&
      !startsAfresh(open, event) &&
      !(oneFooted.has(event.itemId ?? '') && changesFoot(open, event));
    if (open && (sameBout || event.kind === 'rounding')) open.push(event);
    else groups.push((open = [event]));
  }
  return groups.map((events, index) => boutOf(events, index, groups[index - 1]));
}

/** Two visits of one item beside each other: what comes before work begins again after work. */
function startsAfresh(open: readonly TimelineEvent[] | null, event: TimelineEvent): boolean {
  return !isCounted(event) && event.kind !== 'rounding' && (open?.some(isCounted) ?? false);
}

/** The other foot begins to work with nothing between, as when changing foot takes no time. */
function changesFoot(open: readonly TimelineEvent[] | null, event: TimelineEvent): boolean {
  const worked = open?.findLast((e) => e.activity === 'work');
  return event.activity === 'work' && worked !== undefined && worked.feet !== event.feet;
}

function boutOf(events: readonly TimelineEvent[], index: number, before: readonly TimelineEvent[] | undefined): Bout {
  const counted = events.filter(isCounted);
  const startMs = events[0]?.startMs ?? 0;
  const endMs = events.at(-1)?.endMs ?? startMs;
  const itemId = events[0]?.itemId ?? null;
  const feet = new Set(counted.filter((e) => e.activity === 'work').map((e) => e.feet));
  return {
    index,
    itemId,
    feet: feet.size === 1 ? ([...feet][0] ?? 'both') : 'both',
    goesStraightOn: itemId !== null && before?.[0]?.itemId === itemId,
    startMs,
    workStartMs: counted[0]?.startMs ?? endMs,
    workEndMs: counted.at(-1)?.endMs ?? endMs,
    endMs,
    events: counted,
  };
}

/** The counted event at an instant of a bout's work, ms from its first rep; the last one at its very end. */
export function countAt(bout: Bout, workMs: number): TimelineEvent | null {
  const atMs = bout.workStartMs + workMs;
  return bout.events.find((e) => atMs < e.endMs) ?? bout.events.at(-1) ?? null;
}

/**
 * Where a bout stands in a class that was cut anew: the same item on the same foot, the same time it comes; the pause to
 * compare by the bout behind it. The end stays the end.
 * @returns null where it is not there any more
 */
export function sameBout(before: readonly Bout[], index: number, after: readonly Bout[]): number | null {
  if (index >= before.length) return after.length;
  const wanted = nameIn(before, index);
  const found = after.findIndex((_, i) => nameIn(after, i) === wanted);
  return found === -1 ? null : found;
}

function nameIn(bouts: readonly Bout[], index: number): string {
  const bout = bouts[index];
  if (!bout) return 'end';
  if (bout.itemId === null) return `compare, then ${nameIn(bouts, index + 1)}`;
  const { itemId, feet } = bout;
  const earlier = bouts.slice(0, index).filter((b) => b.itemId === itemId && b.feet === feet).length;
  return `${itemId} ${feet} ${earlier}`;
}
