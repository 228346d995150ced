import { type Item, type Side, type Sides, weakerOf } from './plan';

/** A few reps more for the weaker foot, where nobody said how many (Needlework's own). */
const usualMore = 3;

/** The foot that the way sides are shared names: the weaker one, or the one that works alone. */
const namedFoot = (sides: Sides): Side | null => (sides.mode === 'one-foot' ? sides.side : weakerOf(sides));

/** The sides of an item shared another way; the foot that was named stays named. */
export function changeSides({ sides }: Item, mode: Sides['mode'], lead: Side): Sides {
  const foot = namedFoot(sides) ?? lead;
  switch (mode) {
    case 'equal':
      return { mode };
    case 'weaker-first':
    case 'extra-set':
      return { mode, weaker: foot };
    case 'extra-reps':
      return { mode, weaker: foot, more: sides.mode === 'extra-reps' ? sides.more : usualMore };
    case 'one-foot':
      return { mode, side: foot };
  }
}

/** Names the other foot: the one that leads where sides are equal, else the weaker or the only one. */
export function changeFoot({ sides }: Item, foot: Side): Partial<Item> {
  if (sides.mode === 'equal') return { lead: foot };
  return { sides: sides.mode === 'one-foot' ? { ...sides, side: foot } : { ...sides, weaker: foot } };
}
