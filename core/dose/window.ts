import type { Dose, DosePart } from './dose';
import { sayableCounts, sayableSeconds } from './sayable';
import { doseTime } from './work';

/** An easier or harder option filled into the window of the main one. */
export interface FilledWindow {
  readonly dose: Dose;
  /** What is left of the window, in ms: rest for whoever takes this option. Never negative unless `tooLong`. */
  readonly restMs: number;
  /** True when even the shortest form of the option outlasts the window. */
  readonly tooLong: boolean;
}

/** The amount a window changes: reps, holds, passes, spots, lengths, phrases, breaths; seconds of a single hold or of a time. */
function withAmount(part: DosePart, amount: number): DosePart {
  switch (part.kind) {
    case 'reps':
      return { ...part, reps: amount };
    case 'hold':
      return part.holds === 1 ? { ...part, holdSeconds: amount } : { ...part, holds: amount };
    case 'passes':
    case 'travel':
      return { ...part, passes: amount };
    case 'stops':
      return { ...part, spots: amount };
    case 'timed':
      return { ...part, seconds: amount };
    case 'counts':
      return { ...part, phrases: amount };
    case 'breaths':
      return { ...part, breaths: amount };
    case 'byFeel':
      return {
        ...part,
        leastSeconds: Math.min(part.leastSeconds, amount),
        usualSeconds: amount,
        mostSeconds: Math.max(part.mostSeconds, amount),
      };
  }
}

/** The amount of a part that a window changes. */
function amountOf(part: DosePart): number {
  switch (part.kind) {
    case 'reps':
      return part.reps;
    case 'hold':
      return part.holds === 1 ? part.holdSeconds : part.holds;
    case 'passes':
    case 'travel':
      return part.passes;
    case 'stops':
      return part.spots;
    case 'timed':
      return part.seconds;
    case 'counts':
      return part.phrases;
    case 'breaths':
      return part.breaths;
    case 'byFeel':
      return part.usualSeconds;
  }
}

/**
 * Fills the window of the main option (one foot, work and rests together, ms) with another rung's dose: as many reps,
 * holds or passes of the first part as fit and as a teacher would say, never beyond the rung's own most; what is left
 * is rest.
 */
export function fillWindow(usual: Dose, most: Dose, windowMs: number, phaseSeconds: readonly number[]): FilledWindow {
  const [first, ...others] = usual;
  if (!first) throw new RangeError('a dose has at least one part');
  const cap = most[0] ? mostOf(first, most[0]) : amountOf(first);
  const at = (amount: number): { dose: Dose; ms: number } => {
    const dose = [withAmount(first, amount), ...others];
    const { workMs, restMs } = doseTime(dose, phaseSeconds);
    return { dose, ms: workMs + restMs };
  };
  const amounts = (isTime(first) ? sayableSeconds : sayableCounts).filter((amount) => amount <= cap);
  const fitting = amounts.map(at).findLast(({ ms }) => ms <= windowMs);
  const best = fitting ?? at(amounts[0] ?? 1);
  return { dose: best.dose, restMs: windowMs - best.ms, tooLong: fitting === undefined };
}

const isTime = (part: DosePart): boolean =>
  part.kind === 'timed' || part.kind === 'byFeel' || (part.kind === 'hold' && part.holds === 1);

/** The most of a part in the amount that the window changes: a single hold is stretched, several are counted. */
function mostOf(part: DosePart, most: DosePart): number {
  if (part.kind === 'hold' && most.kind === 'hold') return part.holds === 1 ? most.holdSeconds : most.holds;
  return amountOf(most);
}
