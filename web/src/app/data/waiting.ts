import { type Letter, addresseeOf } from './letter';
import type { RequestFailure } from './request-failure';

/** Something that is not on the server yet, as it can be told. */
export interface Waiting {
  /** Where it waits; what is done with it is done by this. */
  readonly queue: string;
  readonly newest: Letter;
  /** Another page's side of something that this page may have open: it waits beside this page's own. */
  readonly apart: boolean;
  /** The class being taught, where its beginning waits too. */
  readonly start: Letter | null;
  readonly count: number;
  readonly kept: boolean;
  /** It was tried, and could not be taken; it is tried again. */
  readonly away: RequestFailure | null;
  /** Why the server will not have it; it waits for somebody to decide. */
  readonly refused: RequestFailure | null;
}

/** A letter where it waits. */
export interface Held {
  readonly key: string;
  letter: Letter;
  /** Kept on disk; null while it is written there. */
  kept: boolean | null;
  /** On its way: it may have arrived, so that it is not changed any more. */
  sending: boolean;
  /** Why the server will not have it; it waits for somebody to change it. */
  refused: RequestFailure | null;
  /** An older letter has come before it since it was sent: refused, it is tried once more. */
  overtaken?: boolean;
}

/** What waits, queue by queue. @param away what was tried and could not be taken, by queue */
export function waitingIn(
  queues: ReadonlyMap<string, readonly Held[]>,
  away: ReadonlyMap<string, RequestFailure>,
): Waiting[] {
  return [...queues].flatMap(([name, queue]) => {
    const newest = queue.at(-1);
    if (!newest) return [];
    return [
      {
        queue: name,
        newest: newest.letter,
        apart: name !== addresseeOf(newest.letter),
        start: queue.find(({ letter }) => letter.kind === 'run-start')?.letter ?? null,
        count: queue.length,
        kept: queue.every(({ kept }) => kept === true),
        away: away.get(name) ?? null,
        refused: queue[0]?.refused ?? null,
      },
    ];
  });
}
