/** A kept state: its number grows from one to the next. */
export interface KeptState {
  readonly number: number;
  /** Milliseconds since 1970. */
  readonly atMs: number;
}

const minute = 60_000;
const hour = 60 * minute;
const day = 24 * hour;

/** The newest are kept whatever their age. */
const always = 20;
/** How far apart states are kept, by age: the last one of each such stretch (Needlework's own). */
const steps = [
  { upToMs: 10 * minute, everyMs: 0 },
  { upToMs: day, everyMs: 10 * minute },
  { upToMs: 14 * day, everyMs: hour },
  { upToMs: 366 * day, everyMs: day },
  { upToMs: Infinity, everyMs: 30 * day },
] as const;

/**
 * Which kept states may go, so that they thin out with age: what was edited a minute ago is there step by step, what was
 * edited last year day by day. Doing it again with the same ones lets nothing more go.
 * @param states in any order
 * @returns the numbers of those that may go
 */
export function mayGo(states: readonly KeptState[], nowMs: number): number[] {
  const newestFirst = [...states].sort((a, b) => b.number - a.number);
  const taken = new Set<string>();
  return newestFirst.flatMap(({ number, atMs }, i) => {
    const age = nowMs - atMs;
    const step = steps.findIndex(({ upToMs }) => age <= upToMs);
    const { everyMs } = steps[step] ?? steps[0];
    const stretch = everyMs === 0 ? `${number}` : `${step} ${Math.floor(atMs / everyMs)}`;
    const first = !taken.has(stretch);
    taken.add(stretch);
    return first || i < always ? [] : [number];
  });
}
