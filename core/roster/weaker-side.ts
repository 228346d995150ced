import type { Exercise } from '../exercise';
import { CheckId, type History, checks } from '../measure';
import type { Side } from '../plan';

/** The foot on which a room lasts less long, by its readings. */
export interface WeakerSide {
  readonly side: Side;
  readonly check: CheckId;
  /** So many of those who come are weaker on it by more than noise. */
  readonly people: number;
}

/** Checks of how long or how often a foot can, for an exercise: those taken with it, and those its gates ask for. */
export function lastingChecks({ id, ladder }: Pick<Exercise, 'id' | 'ladder'>): CheckId[] {
  const gates = new Set((ladder?.rungs ?? []).map(({ gate }) => gate?.check ?? null));
  return CheckId.options.filter((check) => {
    const { takenWith, result } = checks[check];
    const lasting = result.gives === 'number' && (result.unit === 'seconds' || result.unit === 'reps');
    return lasting && (takenWith === id || gates.has(check));
  });
}

/**
 * The foot on which at least half of those who come are weaker by more than noise, and nobody on the other. A choice
 * for the teacher, not a fault: a small lasting difference is usual. The share is Needlework's own.
 * @param historyOf of a student in a check; null where nothing was measured
 */
export function weakerSide(
  exercise: Pick<Exercise, 'id' | 'ladder'>,
  studentIds: readonly string[],
  historyOf: (studentId: string, check: CheckId) => History | null,
): WeakerSide | null {
  for (const check of lastingChecks(exercise)) {
    const weaker = studentIds.flatMap((id): Side[] => {
      const differ = (historyOf(id, check)?.sides ?? []).filter(({ judged }) => judged.verdict === 'sides-differ');
      const sides = new Set(differ.map(({ judged }): Side => ((judged.difference ?? 0) < 0 ? 'left' : 'right')));
      return sides.size === 1 ? [...sides] : [];
    });
    const [side] = weaker;
    if (side && weaker.every((one) => one === side) && weaker.length * 2 >= studentIds.length)
      return { side, check, people: weaker.length };
  }
  return null;
}
