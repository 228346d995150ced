import { dice } from '../dice';
import type { Execution } from '../exercise';
import type { Plan } from '../plan';
import type { ItemTime, Timeline } from '../timeline';

/** What a room does to a class that nobody planned. */
export type SurpriseKind = 'late-comers' | 'cramp' | 'snapped-band' | 'cannot-kneel' | 'numb-toe' | 'cut-short';

/** One thing that happens in a rehearsal, and where in the class it does. */
export interface Surprise {
  readonly kind: SurpriseKind;
  readonly itemId: string;
  /** How far into the first work of the item, 0 to 1; null: as soon as it is set up. */
  readonly share: number | null;
  /** What the teacher sees or is told, in a sentence. */
  readonly words: string;
  /** By how much the slot is cut, s; 0 where it is not. */
  readonly cutSeconds: number;
}

const minute = 60;
/** The least of a class between two surprises, s (Needlework's own): the answer to one is seen before the next comes. */
const apart = 4 * minute;
/** What is cut off the end where a class is long enough, s; of a shorter one a quarter. */
const mostCut = 10 * minute;
const toes = ['big toe', 'second toe', 'middle toe', 'fourth toe', 'little toe'];

/** What happens whatever is being done; the rest happens in its item or not at all. */
export const anywhere: readonly SurpriseKind[] = ['late-comers', 'cut-short'];

/** A place in a class where something may happen, and what it comes to there. */
interface Place {
  readonly kind: SurpriseKind;
  readonly times: readonly ItemTime[];
}

/** Where nobody gets who cannot kneel. */
export const onTheFloor: readonly Execution['position'][] = ['kneeling', 'floor-seated', 'lying'];
const isArch = ({ exercise }: Execution) => exercise.family === 'arch';
const isWork = ({ exercise }: Execution) => !['check', 'close', 'release'].includes(exercise.family);
const hasBand = ({ kit }: Execution) => kit.some((need) => need.kit === 'band' || need.kit === 'long-loop');

/**
 * What happens in a room, from a seed: the same seed is the same room. Only what this class gives cause for: nobody has a
 * cramp in arch work where there is none. In the order of the class; what belongs to an item has it for itself.
 * @param seed any whole number from 0
 */
export function surprisesOf(plan: Plan, timeline: Timeline, seed: number): Surprise[] {
  const roll = dice(seed);
  const times = timeline.items.filter(({ execution, workMs }) => execution !== null && workMs > 0);
  const where = (fits: (execution: Execution) => boolean) =>
    times.filter(({ execution }) => execution !== null && fits(execution));
  const total = timeline.totalMs;
  const between = (from: number, to: number) =>
    times.filter(({ startMs, totalMs }) => startMs < to * total && startMs + totalMs > from * total);
  const places: Place[] = [
    { kind: 'late-comers', times: between(0, 1 / 3) },
    { kind: 'cramp', times: where(isArch) },
    { kind: 'snapped-band', times: where(hasBand) },
    { kind: 'cannot-kneel', times: where(({ position }) => onTheFloor.includes(position)) },
    { kind: 'numb-toe', times: where(isWork) },
    // late enough to hurt, early enough that something can still give way
    { kind: 'cut-short', times: between(0.3, 0.55) },
  ];
  const most = Math.max(2, Math.floor(plan.slotSeconds / apart));
  const drawn = shuffled(places, roll)
    .filter((place) => place.times.length > 0)
    .slice(0, most)
    // what has the fewest places chooses first
    .sort((a, b) => a.times.length - b.times.length);
  const taken = new Set<string>();
  const found = drawn.flatMap(({ kind, times: at }) => {
    const own = at.filter(({ itemId }) => !taken.has(itemId));
    const free = own.length === 0 && anywhere.includes(kind) ? at : own;
    const time = free[roll(Math.max(1, free.length))];
    if (!time) return [];
    taken.add(time.itemId);
    return [{ startMs: time.startMs, surprise: surprise(kind, plan, time, roll) }];
  });
  return found.sort((a, b) => a.startMs - b.startMs).map((one) => one.surprise);
}

function shuffled<T>(list: readonly T[], roll: (below: number) => number): T[] {
  const left = [...list];
  return list.flatMap(() => left.splice(roll(left.length), 1));
}

function surprise(kind: SurpriseKind, plan: Plan, time: ItemTime, roll: (below: number) => number): Surprise {
  const cutSeconds = kind === 'cut-short' ? cutOf(plan.slotSeconds) : 0;
  const share = kind === 'cannot-kneel' ? null : (20 + roll(40)) / 100;
  return { kind, itemId: time.itemId, share, words: wordsOf(kind, time, cutSeconds, roll), cutSeconds };
}

/** Whole minutes: ten, or a quarter of the slot where that is less. */
const cutOf = (slotSeconds: number): number =>
  Math.min(mostCut, Math.max(minute, Math.round(slotSeconds / 4 / minute) * minute));

function wordsOf(
  kind: SurpriseKind,
  { execution }: ItemTime,
  cutSeconds: number,
  roll: (below: number) => number,
): string {
  switch (kind) {
    case 'late-comers':
      return 'Three come late and stand in the door.';
    case 'cramp':
      return 'Somebody holds a foot: “It cramps, here in the arch!”';
    case 'snapped-band':
      return 'A band snaps. Nobody is hurt, and one of them has none now.';
    case 'cannot-kneel':
      return execution?.position === 'kneeling'
        ? 'One of them says: “I cannot kneel.”'
        : 'One of them says: “I cannot kneel. How do I get down there?”';
    case 'numb-toe':
      return `One of them says: “My ${toes[roll(toes.length)] ?? ''} has gone numb.”`;
    case 'cut-short': {
      const minutes = cutSeconds / minute;
      return `The caretaker: “I need the hall ${minutes} ${minutes === 1 ? 'minute' : 'minutes'} sooner.”`;
    }
  }
}
