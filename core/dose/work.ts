import type { Dose, DosePart } from './dose';

/** One set of a part laid out: `stations × units` pieces of work with a pause between neighbours. All times in ms. */
export interface SetLayout {
  /** Product of the multipliers: 5 toes × 2 directions = 10 stations. */
  readonly stations: number;
  /** Pieces of work at each station. */
  readonly unitsPerStation: number;
  /** Pause between two neighbouring pieces. */
  readonly gapMs: number;
  readonly sets: number;
  readonly setRestMs: number;
  /** When piece `index` (0-based within its set) starts, pauses left out. Never a sum of rounded lengths. */
  readonly unitStartMs: (index: number) => number;
}

/** Instant of beat `k` counted from its phrase's start, in ms: round(k · 60000 / bpm), never a sum of rounded beats. */
export function beatMs(k: number, beatsPerMinute: number): number {
  return Math.round((k * 60_000) / beatsPerMinute);
}

const evenly = (unitMs: number) => (index: number) => index * unitMs;

/** Lengths of the phases of one rep in ms: the dose's own tempo, else the exercise's phases; a pass stretches them to its own length. */
export function repPhasesMs(part: DosePart, phaseSeconds: readonly number[]): readonly number[] {
  const own = part.kind === 'reps' ? part.tempoSeconds : null;
  if (part.kind === 'passes') return stretched(phaseSeconds, part.passSeconds * 1000);
  return (own ?? phaseSeconds).map((s) => Math.round(s * 1000));
}

/** Phases in the same proportion, whole ms, adding up to a given length. */
function stretched(phaseSeconds: readonly number[], totalMs: number): number[] {
  const whole = phaseSeconds.reduce((a, b) => a + b, 0);
  const edges = phaseSeconds.map((_, i) =>
    Math.round((totalMs * phaseSeconds.slice(0, i + 1).reduce((a, b) => a + b, 0)) / whole),
  );
  return edges.map((edge, i) => edge - (edges[i - 1] ?? 0));
}

const sum = (list: readonly number[]) => list.reduce((a, b) => a + b, 0);

/**
 * Lays out one set of a dose part.
 * @param phaseSeconds seconds of each phase of one rep, from the resolved exercise
 */
export function layOut(part: DosePart, phaseSeconds: readonly number[]): SetLayout {
  const base = {
    stations: part.multipliers.reduce((n, m) => n * m.count, 1),
    gapMs: 0,
    sets: part.sets,
    setRestMs: part.setRestSeconds * 1000,
  };
  switch (part.kind) {
    case 'reps':
      return { ...base, unitsPerStation: part.reps, unitStartMs: evenly(sum(repPhasesMs(part, phaseSeconds))) };
    case 'hold':
      return {
        ...base,
        unitsPerStation: part.holds,
        gapMs: part.restSeconds * 1000,
        unitStartMs: evenly(part.holdSeconds * 1000),
      };
    case 'passes':
      return { ...base, unitsPerStation: part.passes, unitStartMs: evenly(part.passSeconds * 1000) };
    case 'stops':
      return {
        ...base,
        unitsPerStation: part.spots,
        gapMs: part.shiftSeconds * 1000,
        unitStartMs: evenly(part.stopSeconds * 1000),
      };
    case 'travel':
      return {
        ...base,
        unitsPerStation: part.passes,
        gapMs: part.turnSeconds * 1000,
        unitStartMs: evenly(beatMs(part.steps, part.stepsPerMinute)),
      };
    case 'timed':
      return { ...base, unitsPerStation: 1, unitStartMs: evenly(part.seconds * 1000) };
    case 'counts':
      return {
        ...base,
        unitsPerStation: part.phrases,
        unitStartMs: (index) => beatMs(index * part.countsPerPhrase, part.beatsPerMinute),
      };
    case 'breaths':
      return { ...base, unitsPerStation: part.breaths, unitStartMs: evenly(part.breathSeconds * 1000) };
    case 'byFeel':
      return { ...base, unitsPerStation: 1, unitStartMs: evenly(part.usualSeconds * 1000) };
  }
}

/** Time of one part on one foot (or on both at once), ms: `workMs` the work itself, `restMs` the pauses inside it. */
export interface PartTime {
  readonly workMs: number;
  readonly restMs: number;
}

export function partTime(part: DosePart, phaseSeconds: readonly number[]): PartTime {
  const l = layOut(part, phaseSeconds);
  const units = l.stations * l.unitsPerStation;
  return {
    workMs: l.sets * l.unitStartMs(units),
    restMs: l.sets * (units - 1) * l.gapMs + (l.sets - 1) * l.setRestMs,
  };
}

/** Time of a whole dose on one foot, ms. */
export function doseTime(dose: Dose, phaseSeconds: readonly number[]): PartTime {
  return dose
    .map((part) => partTime(part, phaseSeconds))
    .reduce((a, b) => ({ workMs: a.workMs + b.workMs, restMs: a.restMs + b.restMs }));
}

/** Only reps and holds alternate one by one; any other part of an alternating exercise is done by both feet. */
export const alternates = (part: DosePart): boolean => part.kind === 'reps' || part.kind === 'hold';
