import type { Dose, DosePart } from './dose';
import type { NumberOf, Scale } from './kind';
import { type DoseKind, doseKinds, kindOf, kinds } from './kinds';
import { usualSetRest } from './part';
import { sayableCounts, sayablePauses, sayablePhaseSeconds, sayableSeconds, sayableTempos } from './sayable';

const sayable: Readonly<Record<Scale, readonly number[]>> = {
  counts: sayableCounts,
  seconds: sayableSeconds,
  pauses: sayablePauses,
  tempos: sayableTempos,
  phase: sayablePhaseSeconds,
};
/** The values that a number on a scale takes when a teacher says it aloud. */
export const sayableOn = (scale: Scale): readonly number[] => sayable[scale];

/** A number of a part, by its name. */
export const numberIn = (part: DosePart, name: string): number =>
  Number((part as unknown as Readonly<Record<string, unknown>>)[name]);

/** A part with one of its own numbers changed, and whatever hangs on it in order again. It is not judged here. */
export function withNumber<P extends DosePart>(part: P, name: string, value: number): P {
  const changed = { ...part, [name]: value };
  // Two sets need a rest between them.
  const rested =
    name === 'sets' && value > 1 && changed.setRestSeconds === 0
      ? { ...changed, setRestSeconds: usualSetRest }
      : changed;
  return kindOf(part).inOrder?.(rested) ?? rested;
}

const setsNumber: NumberOf = { meaning: 'rounds', scale: 'counts', fits: true };
/** What is known of a number of a part: its meaning and its scale; null for a name it does not have. */
export const numberOf = (part: DosePart, name: string): NumberOf | null =>
  name === 'sets' ? setsNumber : ((kindOf(part).numbers as Readonly<Record<string, NumberOf>>)[name] ?? null);

/** The numbers of a part that fit may change: its amounts and their seconds, then its sets. */
export const fittingNumbers = (part: DosePart): readonly string[] => [
  ...Object.entries<NumberOf | undefined>(kindOf(part).numbers).flatMap(([name, n]) => (n?.fits ? [name] : [])),
  'sets',
];

/** The number that makes a part longer or shorter: reps, holds, the seconds of a single hold. */
export const amountName = (part: DosePart): string => kindOf(part).amount(part);

/** Units of one set of a part at one station, as it is counted aloud: 10 reps, 3 spots, 1 time. */
export const unitsOf = (part: DosePart): number => kindOf(part).layOut(part, [1]).units;

/**
 * A part with one number of its sentence changed. The number is not judged here: the command that carries the dose is.
 * @param path as a sentence gives it: `reps`, `tempo.1`, `multipliers.0.count`
 * @param phaseSeconds the exercise's own tempo, for a part that has none yet
 */
export function withField(part: DosePart, path: string, value: number, phaseSeconds: readonly number[]): DosePart {
  const steps = path.split('.');
  const [head, index] = steps;
  if (head === 'multipliers')
    return { ...part, multipliers: part.multipliers.map((m, i) => (i === Number(index) ? { ...m, count: value } : m)) };
  return kindOf(part).write?.(part, steps, value, phaseSeconds) ?? { ...part, [String(head)]: value };
}

/** A part counted another way: its rounds and multipliers stay, its numbers start at plain ones. */
export function asKind({ sets, setRestSeconds, multipliers }: DosePart, kind: DoseKind): DosePart {
  return { ...kinds[kind].plain, sets, setRestSeconds, multipliers };
}

/** The numbers of a dose that fit may change, put into the shape another dose has: its multipliers, tempo and pauses. */
export function inShape(dose: Dose, shape: Dose): Dose {
  return dose.map((part, i) => {
    const like = shape[i];
    if (like?.kind !== part.kind) return part;
    return fittingNumbers(like).reduce((so, name) => withNumber(so, name, numberIn(part, name)), like);
  });
}

/** What a dose can be counted as, in words, in the order in which it is offered. */
export const kindChoices: readonly { readonly kind: DoseKind; readonly words: string }[] = doseKinds.map((kind) => ({
  kind,
  words: kinds[kind].name,
}));

/** One more or one less set of the first part of a dose, with the rest that two sets need; null where there is none. */
export function withSets(dose: Dose, by: 1 | -1): Dose | null {
  const [main, ...others] = dose;
  if (!main) return null;
  const changed = withNumber(main, 'sets', main.sets + by);
  return kindOf(main).schema.safeParse(changed).success ? [changed, ...others] : null;
}
