import type { Dose, DosePart } from './dose';
import type { UnitLayout } from './kind';
import { kindOf } from './kinds';

/** One set of a part laid out: `stations × units` pieces of work with a pause between neighbours. All times in ms. */
export interface SetLayout extends UnitLayout {
  /** Product of the multipliers: 5 toes × 2 directions = 10 stations. */
  readonly stations: number;
  readonly sets: number;
  readonly setRestMs: number;
}

/**
 * Lays out one set of a dose part.
 * @param phaseSeconds seconds of each phase of one rep, from the resolved exercise
 */
export function layOut(part: DosePart, phaseSeconds: readonly number[]): SetLayout {
  const { units, gapMs, unitStartMs } = kindOf(part).layOut(part, phaseSeconds);
  let stations = 1;
  for (const { count } of part.multipliers) stations *= count;
  return { units, gapMs, unitStartMs, stations, sets: part.sets, setRestMs: part.setRestSeconds * 1000 };
}

/** Pieces of work of a dose on one foot: reps, holds, passes, phrases, times; every set and station counted. */
export const piecesOf = (dose: Dose): number =>
  dose.reduce((sum, part) => {
    const { units, stations, sets } = layOut(part, []);
    return sum + units * stations * sets;
  }, 0);

/** Lengths of the phases of one unit, ms; null where a unit does not run through the phases. */
export const phasesMsOf = (part: DosePart, phaseSeconds: readonly number[]): readonly number[] | null =>
  kindOf(part).phasesMs?.(part, phaseSeconds) ?? null;

/** The tempo a teacher gave the part, seconds a phase; null for the exercise's own. */
export const tempoOf = (part: DosePart): readonly number[] | null => kindOf(part).tempo?.(part) ?? null;

/** Whether the part alternates unit by unit in an exercise of alternating feet; else both feet do it. */
export const alternates = (part: DosePart): boolean => kindOf(part).alternates;

/** Time of one part on one foot (or on both at once), ms: `workMs` the work itself, `restMs` the pauses inside it. */
export interface PartTime {
  readonly workMs: number;
  readonly restMs: number;
}

/** @param turns 2 where the feet alternate unit by unit: the time of both */
export function partTime(part: DosePart, phaseSeconds: readonly number[], turns: 1 | 2 = 1): PartTime {
  const l = layOut(part, phaseSeconds);
  const units = l.stations * l.units;
  const workMs = turns === 1 ? l.unitStartMs(units) : 2 * units * l.unitStartMs(1);
  return {
    workMs: l.sets * workMs,
    restMs: l.sets * (turns * units - 1) * l.gapMs + (l.sets - 1) * l.setRestMs,
  };
}

/**
 * Time of a whole dose in one go, ms: on one foot, or on both where they work together.
 * @param inTurn the feet alternate: parts that alternate take both feet's time
 */
export function doseTime(dose: Dose, phaseSeconds: readonly number[], inTurn = false): PartTime {
  let [workMs, restMs] = [0, 0];
  for (const part of dose) {
    const time = partTime(part, phaseSeconds, inTurn && alternates(part) ? 2 : 1);
    workMs += time.workMs;
    restMs += time.restMs;
  }
  return { workMs, restMs };
}
