import type { FootState, Phase } from '../exercise';

/** What each foot does, and how that is drawn. */
export interface BothFeet {
  readonly picture: Phase['picture'];
  readonly left: FootState;
  readonly right: FootState;
}

/**
 * What each foot does in one phase. Where both work and do different things, the first of them is on the left.
 * @param works the foot that works; both where they work together
 */
export function bothFeet({ working, other, picture }: Phase, works: 'left' | 'right' | 'both'): BothFeet {
  const idle = other ?? working;
  return works === 'right' ? { picture, left: idle, right: working } : { picture, left: working, right: idle };
}
