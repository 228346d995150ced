import {
  type Dose,
  type DosePart,
  amountName,
  doseTime,
  fittingNumbers,
  inShape,
  numberIn,
  numberOf,
  sameKinds,
  sayableOn,
  withNumber,
} from '../dose';
import type { Execution } from '../exercise';
import type { Item } from '../plan';

/** One sayable dose an item could have. */
export interface Alternative {
  readonly dose: Dose;
  /** Steps along the sayable lists from the dose the teacher has, summed over the numbers that differ. */
  readonly steps: number;
  /** What they cost: the second step of one item costs more than the first of another, so that changes are spread. */
  readonly cost: number;
}

/** One step costs 1, two cost 3, three cost 6. */
const costOf = (steps: number): number => (steps * (steps + 1)) / 2;
export const asItIs = (item: Item): Alternative => ({ dose: item.dose, steps: 0, cost: 0 });

/** Which way a class has to go: a class that is too long raises nothing, one that is too short cuts nothing. */
export type Bend = 'shorter' | 'longer' | 'any';

/**
 * Every sayable dose of an item between the least and the most of its rung, nearest to the dose it has first. A locked
 * item has only the dose it has; so has one that lies outside what its rung asks and would have to go further out. A dose
 * that is counted another way than the rung's may go from half to twice.
 * @param mostWorkMs it is not made to work longer than this; what is longer already may stay
 */
export function alternativesOf(
  item: Item,
  execution: Execution,
  bend: Bend = 'any',
  mostWorkMs = Infinity,
): Alternative[] {
  const current = asItIs(item);
  if (item.locked) return [current];
  const alike = sameKinds(item.dose, execution.doses.usual);
  const workOf = (dose: Dose) => doseTime(dose, execution.phaseSeconds).workMs;
  const lasts = (dose: Dose) => {
    const { workMs, restMs } = doseTime(dose, execution.phaseSeconds);
    return workMs + restMs;
  };
  const own = workOf(item.dose);
  const now = lasts(item.dose);
  const range = alike ? execution.doses : null;
  const parts = item.dose.map((part, i) => partChoices(part, range?.least[i], range?.most[i]));
  const least = range ? Math.min(own, workOf(inShape(range.least, item.dose))) : 0;
  const most = range ? Math.max(own, workOf(inShape(range.most, item.dose))) : Infinity;
  const goesRight = (ms: number) => bend === 'any' || (bend === 'shorter' ? ms < now : ms > now);
  const found = combine(parts)
    .filter(
      ({ dose, steps }) =>
        steps === 0 ||
        (workOf(dose) >= least && workOf(dose) <= Math.min(most, Math.max(own, mostWorkMs)) && goesRight(lasts(dose))),
    )
    .sort((x, y) => x.steps - y.steps);
  return found.map((one) => ({ ...one, cost: costOf(one.steps) }));
}

type Counted = Omit<Alternative, 'cost'>;

function partChoices(part: DosePart, least?: DosePart, most?: DosePart): Counted[] {
  let choices: { part: DosePart; steps: number }[] = [{ part, steps: 0 }];
  for (const name of fittingNumbers(part)) {
    // A dose that is said as a range stays inside what is said.
    const said = name === amountName(part) ? part.range : undefined;
    const ends = said && [said[0], said.at(-1)].map((n) => withNumber(part, name, n ?? numberIn(part, name)));
    const values = valuesOf(part, name, ends?.[0] ?? least, ends?.[1] ?? most);
    choices = choices.flatMap((choice) =>
      values.map(({ value, steps }) => ({
        part: steps === 0 ? choice.part : withNumber(choice.part, name, value),
        steps: choice.steps + steps,
      })),
    );
  }
  return choices.map(({ part: chosen, steps }) => ({ dose: [chosen], steps }));
}

/**
 * Sayable values of a number between its least and its most, with how many steps each lies from the one it has. The one it
 * has may stay, also where nobody would say it or the rung asks something else; from there it goes only towards the range.
 */
function valuesOf(part: DosePart, name: string, least?: DosePart, most?: DosePart): { value: number; steps: number }[] {
  const said = sayableOn(numberOf(part, name)?.scale ?? 'counts');
  const own = numberIn(part, name);
  const bounds =
    least && most
      ? [own, ...[least, most].map((at) => numberIn(at, name))]
      : name === 'sets'
        ? [own]
        : [Math.ceil(own / 2), own * 2];
  const [low, high] = [Math.min(...bounds), Math.max(...bounds)];
  const scale = said.includes(own) ? said : [...said, own].sort((a, b) => a - b);
  const at = scale.indexOf(own);
  return scale.flatMap((value, i) => (value >= low && value <= high ? [{ value, steps: Math.abs(i - at) }] : []));
}

/** Every choice of one part with every choice of the next. */
function combine(parts: readonly Counted[][]): Counted[] {
  return parts.reduce<Counted[]>(
    (so, choices) =>
      so.flatMap((a) => choices.map((b) => ({ dose: [...a.dose, ...b.dose], steps: a.steps + b.steps }))),
    [{ dose: [], steps: 0 }],
  );
}
