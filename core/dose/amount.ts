import { type DoseKind, type DosePart, doseKinds, kindOf, kinds } from './kinds';
import type { NumberOf, Scale } from './kind';
type Dose = DosePart[];
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
  const ordered = kindOf(part).inOrder?.(rested) ?? rested;
  return name === amountName(part) ? withinRange(ordered) : ordered;
}

/** A range that holds the usual amount: one outside it becomes its nearer end. */
function withinRange<P extends DosePart>(part: P): P {
  const said = part.range;
  const own = numberIn(part, amountName(part));
  const [first, last] = [said?.[0] ?? own, said?.at(-1) ?? own];
  if (!said || (own >= first && own <= last)) return part;
  return { ...part, range: own < first ? [own, ...said.slice(1)] : [...said.slice(0, -1), own] };
}

/**
 * A part said as a range: from its least to its most, or so many to choose from. Not judged here: one that is typed upside
 * down is refused with its reason by the command that carries it.
 */
export function withRange<P extends DosePart>(part: P, said: readonly number[] | null): P {
  const { range, ...rest } = part;
  void range;
  return (said ? { ...rest, range: [...said] } : rest) as P;
}

/** A part that goes on until something shows; null for one that ends by its number. */
export function withUntil<P extends DosePart>(part: P, sign: string | null): P {
  const { until, ...rest } = part;
  void until;
  return (sign === null ? rest : { ...rest, until: sign }) as P;
}

/** The range that a part would usually be said with: the sayable numbers before and after its amount. */
export function usualRange(part: DosePart): readonly [number, number] {
  const name = amountName(part);
  const own = numberIn(part, name);
  const said = sayableOn(numberOf(part, name)?.scale ?? 'counts').filter((n) => n > 0);
  return [said.findLast((n) => n < own) ?? own, said.find((n) => n > own) ?? own + 1];
}

/** Whether a part goes on until the teacher taps: by feel, or until a sign shows. It owes nothing. */
export const isOpen = (part: DosePart): boolean => kindOf(part).open === true || part.until !== undefined;

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

/**
 * A part counted another way: its rounds and multipliers stay, and its amount is the sayable one that takes about as long
 * as it did.
 * @param phaseSeconds seconds of each phase of one rep
 */
export function asKind(part: DosePart, kind: DoseKind, phaseSeconds: readonly number[]): DosePart {
  if (kind === part.kind) return part;
  const { sets, setRestSeconds, multipliers, until } = part;
  const plain: DosePart = withUntil({ ...kinds[kind].plain, sets, setRestSeconds, multipliers }, until ?? null);
  const lasts = (of: DosePart) => {
    const { units, gapMs, unitStartMs } = kindOf(of).layOut(of, phaseSeconds);
    return unitStartMs(units) + (units - 1) * gapMs;
  };
  const asked = lasts(part);
  const name = amountName(plain);
  const { schema } = kindOf(plain);
  return sayableOn(numberOf(plain, name)?.scale ?? 'counts')
    .map((value) => withNumber(plain, name, value))
    .filter((tried) => schema.safeParse(tried).success)
    .reduce((best, tried) => (Math.abs(lasts(tried) - asked) < Math.abs(lasts(best) - asked) ? tried : best), plain);
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
