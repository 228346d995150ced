import type { Bout } from '../run';
import type { TimelineEvent } from '../timeline';

/** A stretch of class time in which something can be said, ms. */
export interface Place {
  readonly startMs: number;
  readonly endMs: number;
}

/** Where a bout has room for words. */
export interface Places {
  /** Before the first rep, without the slow one that shows it. */
  readonly before: Place;
  /** One idea each, in their order: a rep, or as many quick ones as an idea takes, or a part of a long hold. */
  readonly ideas: readonly Place[];
  /** The phases of the first rep, as slow as it is shown; empty where the work has none. */
  readonly phases: readonly Place[];
  /** The last piece before the movement goes the other way. */
  readonly turns: readonly Place[];
  /** The last piece of all. */
  readonly last: Place | null;
}

/** A rep of this length holds an idea; quicker ones run as a rhythm, and so many of them do (Needlework's own), ms. */
const slowMs = 4000;
const ideaMs = 6000;
/** A hold this long holds more than one idea; none of them gets less than `ideaMs`. */
const longMs = 12_000;
const mostIdeas = 3;

const isWork = (event: TimelineEvent): boolean => event.activity === 'work';

/**
 * @param shown the slow rep that shows the work, where it comes straight before it
 * @param wayOf which way a piece of work goes; the same for all where there is only one
 */
export function placesOf(
  bout: Bout,
  shown: TimelineEvent | undefined,
  wayOf: (event: TimelineEvent) => number,
): Places {
  const units = bout.events.filter(isWork);
  const ideas = ideasOf(units, shown?.startMs ?? units[0]?.startMs ?? bout.workStartMs);
  const ways = units.map(wayOf);
  const last = units.length > 2 ? units.at(-1) : undefined;
  return {
    before: { startMs: bout.startMs, endMs: shown?.startMs ?? bout.workStartMs },
    ideas,
    phases: phasesOf(units[0], shown),
    turns: units.filter((_, i) => isTurn(ways, i)),
    last: last ? { startMs: last.startMs, endMs: last.endMs } : null,
  };
}

/** The last of several pieces one way; a single one has no time to say what comes. */
const isTurn = (ways: readonly number[], i: number): boolean =>
  ways[i - 1] === ways[i] && i + 1 < ways.length && ways[i + 1] !== ways[i];

/** @param fromMs where the first idea begins: the slow first rep belongs to it */
function ideasOf(units: readonly TimelineEvent[], fromMs: number): Place[] {
  const ideas: Place[] = [];
  let startMs = fromMs;
  let open = false;
  for (const unit of units) {
    const lengthMs = unit.endMs - unit.startMs;
    if (!open) startMs = ideas.length === 0 ? fromMs : unit.startMs;
    const parts = (unit.phaseMs?.length ?? 1) > 1 || lengthMs < longMs ? 1 : partsOf(lengthMs);
    if (parts > 1) {
      for (let i = 0; i < parts; i++)
        ideas.push({
          startMs: i === 0 ? startMs : unit.startMs + Math.round((lengthMs * i) / parts),
          endMs: unit.startMs + Math.round((lengthMs * (i + 1)) / parts),
        });
      open = false;
      continue;
    }
    open = lengthMs < slowMs && unit.endMs - startMs < ideaMs;
    if (!open) ideas.push({ startMs, endMs: unit.endMs });
  }
  const end = units.at(-1)?.endMs;
  // quick reps that are over before an idea is said out still hold one
  if (open && end !== undefined) ideas.push({ startMs, endMs: end });
  return ideas;
}

const partsOf = (lengthMs: number): number => Math.min(mostIdeas, Math.floor(lengthMs / ideaMs));

/** The first rep, with the time it is shown longer spread over its phases. */
function phasesOf(unit: TimelineEvent | undefined, shown: TimelineEvent | undefined): Place[] {
  if (!unit?.phaseMs) return [];
  const startMs = shown?.startMs ?? unit.startMs;
  const unitMs = unit.endMs - unit.startMs;
  const slower = unitMs > 0 ? (unit.endMs - startMs) / unitMs : 1;
  let atMs = startMs;
  return unit.phaseMs.map((ms) => {
    const from = atMs;
    atMs = Math.round(from + ms * slower);
    return { startMs: from, endMs: atMs };
  });
}
