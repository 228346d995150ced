import { deepEqual } from 'fast-equals';
import {
  type Dose,
  type DosePart,
  type DoseRange,
  amountName,
  fittingNumbers,
  kindOf,
  numberIn,
  sameKinds,
  tempoOf,
  withNumber,
  withRange,
} from '../dose';
import { type Exercise, type School, resolve } from '../exercise';
import type { Item } from './plan';
import { schoolDose } from './school-dose';

/**
 * What changes when an item goes to another level: the dose the teacher gave stays, held to the most of the new level;
 * a dose that nobody had touched becomes the new level's usual one, as the teacher's school gives doses. A dose that the
 * new level counts another way (reps, then a hold) cannot stay. An option that is now the level itself goes.
 * @returns null where the exercise has no such level
 */
export function changeLevel(item: Item, exercise: Exercise, rungId: string, school: School): Partial<Item> | null {
  const [from, to] = [item.rungId, rungId].map((id) => resolve(exercise, id, school));
  if (!to?.ok) return null;
  const usual = schoolDose(to.value.doses, to.value.phaseSeconds, school.dose);
  const untouched =
    from?.ok === true && deepEqual(item.dose, schoolDose(from.value.doses, from.value.phaseSeconds, school.dose));
  const stays = !untouched && (sameKinds(item.dose, usual) || sameKinds(item.dose, to.value.doses.usual));
  return {
    rungId,
    dose: stays ? held(item.dose, to.value.doses, to.value.phases.length) : usual,
    easier: item.easier?.rungId === rungId ? null : item.easier,
    harder: item.harder?.rungId === rungId ? null : item.harder,
  };
}

/** A dose with none of its numbers over the most of a level, and without a tempo for other phases than the level has. */
function held(dose: Dose, { most }: DoseRange, phases: number): Dose {
  return dose.map((part, i) => {
    const cap = most[i];
    const tempo = tempoOf(part);
    const timed = tempo && tempo.length !== phases ? (kindOf(part).atOwnTempo?.(part) ?? part) : part;
    if (cap?.kind !== part.kind) return timed;
    const capped = fittingNumbers(part).reduce(
      (so, name) => (numberIn(so, name) > numberIn(cap, name) ? withNumber(so, name, numberIn(cap, name)) : so),
      timed,
    );
    return heldRange(capped, numberIn(cap, amountName(cap)));
  });
}

/** A range with nothing in it over the most; where only one number is left of it, that is the dose. */
function heldRange(part: DosePart, most: number): DosePart {
  if (!part.range?.some((n) => n > most)) return part;
  const left = [...new Set(part.range.map((n) => Math.min(n, most)))];
  return withRange(part, left.length > 1 ? left : null);
}
