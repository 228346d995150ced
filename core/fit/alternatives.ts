import {
  type Dose,
  type DosePart,
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
}

/**
 * Every sayable dose of an item between the least and the most of its rung, nearest to the dose it has first. A locked
 * item has only the dose it has. A dose that is counted another way than the rung's may go from half to twice.
 */
export function alternativesOf(item: Item, execution: Execution): Alternative[] {
  const current: Alternative = { dose: item.dose, steps: 0 };
  if (item.locked) return [current];
  const alike = sameKinds(item.dose, execution.doses.usual);
  const workOf = (dose: Dose) => doseTime(dose, execution.phaseSeconds).workMs;
  const range = alike ? execution.doses : null;
  const parts = item.dose.map((part, i) => partChoices(part, range?.usual[i] ?? part, range?.least[i], range?.most[i]));
  const least = range ? workOf(inShape(range.least, item.dose)) : 0;
  const most = range ? workOf(inShape(range.most, item.dose)) : Infinity;
  const found = combine(parts)
    .filter(({ dose }) => workOf(dose) >= least && workOf(dose) <= most)
    .sort((a, b) => a.steps - b.steps);
  return found.length > 0 ? found : [current];
}

function partChoices(part: DosePart, usual: DosePart, least?: DosePart, most?: DosePart): Alternative[] {
  let choices: { part: DosePart; steps: number }[] = [{ part, steps: 0 }];
  for (const name of fittingNumbers(part)) {
    const values = valuesOf(part, name, usual, least, most);
    choices = choices.flatMap((choice) =>
      values.map(({ value, steps }) => ({ part: withNumber(choice.part, name, value), steps: choice.steps + steps })),
    );
  }
  return choices.map(({ part: chosen, steps }) => ({ dose: [chosen], steps }));
}

/**
 * Sayable values of a number between its least and its most, with how many steps each lies from the one it has; from
 * the usual one where that is out of range.
 */
function valuesOf(
  part: DosePart,
  name: string,
  usual: DosePart,
  least?: DosePart,
  most?: DosePart,
): { value: number; steps: number }[] {
  const said = sayableOn(numberOf(part, name)?.scale ?? 'counts');
  const own = numberIn(part, name);
  const bounds =
    least && most
      ? [least, usual, most].map((at) => numberIn(at, name))
      : name === 'sets'
        ? [own]
        : [Math.ceil(own / 2), own * 2];
  const [low, high] = [Math.min(...bounds), Math.max(...bounds)];
  const from = own >= low && own <= high ? own : numberIn(usual, name);
  const scale = said.includes(from) ? said : [...said, from].sort((a, b) => a - b);
  const at = scale.indexOf(from);
  return scale.flatMap((value, i) => (value >= low && value <= high ? [{ value, steps: Math.abs(i - at) }] : []));
}

/** Every choice of one part with every choice of the next. */
function combine(parts: readonly Alternative[][]): Alternative[] {
  return parts.reduce<Alternative[]>(
    (so, choices) =>
      so.flatMap((a) => choices.map((b) => ({ dose: [...a.dose, ...b.dose], steps: a.steps + b.steps }))),
    [{ dose: [], steps: 0 }],
  );
}
