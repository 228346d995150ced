import type { Answer } from './event';

/** Hands that went up for each answer of a look again. */
export interface Tally {
  readonly itemId: string;
  readonly better: number;
  readonly same: number;
  readonly worse: number;
}

/** What a room answered as one: what more than half of the hands said, else mixed; null where no hand went up. */
export function answerOf({ better, same, worse }: Omit<Tally, 'itemId'>): Answer | 'mixed' | null {
  const all = better + same + worse;
  if (all === 0) return null;
  const most = (
    [
      ['better', better],
      ['same', same],
      ['worse', worse],
    ] as const
  ).find(([, hands]) => 2 * hands > all);
  return most ? most[0] : 'mixed';
}
