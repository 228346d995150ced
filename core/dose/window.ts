import { amountName, numberIn, numberOf, sayableOn, withNumber } from './amount';
import type { Dose } from './dose';
import { doseTime } from './work';

/** An easier or harder option filled into the window of the main one. */
export interface FilledWindow {
  readonly dose: Dose;
  /** What is left of the window, in ms: rest for whoever takes this option. Negative only where it is `tooLong`. */
  readonly restMs: number;
  /** True when even the shortest form of the option outlasts the window. */
  readonly tooLong: boolean;
}

/**
 * Fills a window (work and the rests inside it, ms, in one go: one foot, or both together) with another rung's dose: as
 * many reps, holds or passes of the first part as fit and as a teacher would say, never beyond the rung's own most;
 * what is left is rest.
 * @param inTurn the option's feet alternate: its parts that alternate take both feet's time
 * @example fillWindow([reps(10)], [reps(30)], 72_000, [5]).dose // [reps(12)], and 12 s of rest
 */
export function fillWindow(
  usual: Dose,
  most: Dose,
  windowMs: number,
  phaseSeconds: readonly number[],
  inTurn = false,
): FilledWindow {
  const [first, ...others] = usual;
  if (!first) throw new RangeError('a dose has at least one part');
  const name = amountName(first);
  const own = numberIn(first, name);
  const cap = Math.max(own, most[0] ? numberIn(most[0], name) : own);
  const at = (amount: number): { dose: Dose; ms: number } => {
    const dose = [withNumber(first, name, amount), ...others];
    const { workMs, restMs } = doseTime(dose, phaseSeconds, inTurn);
    return { dose, ms: workMs + restMs };
  };
  const said = sayableOn(numberOf(first, name)?.scale ?? 'counts').filter((amount) => amount <= cap);
  const amounts = said.includes(own) ? said : [...said, own].sort((a, b) => a - b);
  const fitting = amounts.map(at).findLast(({ ms }) => ms <= windowMs);
  const best = fitting ?? at(amounts[0] ?? 1);
  return { dose: best.dose, restMs: windowMs - best.ms, tooLong: fitting === undefined };
}
