import { type Dose, type DosePart, doseTime, sayableCounts, sayableSeconds } from '../dose';
import type { Execution } from '../exercise';
import type { Item } from '../plan';

/** One sayable dose an item could have. */
export interface Alternative {
  readonly dose: Dose;
  /** Steps along the sayable lists from the dose the teacher has, summed over the numbers that differ. */
  readonly steps: number;
}

type Field =
  | 'reps'
  | 'holds'
  | 'holdSeconds'
  | 'passes'
  | 'spots'
  | 'stopSeconds'
  | 'steps'
  | 'seconds'
  | 'phrases'
  | 'breaths'
  | 'usualSeconds'
  | 'sets';

/** The numbers of each kind that fit may change: amounts, seconds and sets, never tempo, rests or multipliers. */
const fields: Readonly<Record<DosePart['kind'], readonly Field[]>> = {
  reps: ['reps', 'sets'],
  hold: ['holds', 'holdSeconds', 'sets'],
  passes: ['passes', 'sets'],
  stops: ['spots', 'stopSeconds', 'sets'],
  travel: ['passes', 'steps', 'sets'],
  timed: ['seconds', 'sets'],
  counts: ['phrases', 'sets'],
  breaths: ['breaths', 'sets'],
  byFeel: ['usualSeconds', 'sets'],
};
const inSeconds: ReadonlySet<Field> = new Set<Field>(['holdSeconds', 'stopSeconds', 'seconds', 'usualSeconds']);

const read = (part: DosePart, field: Field): number => Number((part as unknown as Record<Field, number>)[field]);

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
  const least = range ? workOf(withShape(range.least, item.dose)) : 0;
  const most = range ? workOf(withShape(range.most, item.dose)) : Infinity;
  const found = combine(parts)
    .filter(({ dose }) => workOf(dose) >= least && workOf(dose) <= most)
    .sort((a, b) => a.steps - b.steps);
  return found.length > 0 ? found : [current];
}

/** The numbers of a range's dose in the shape the item has: its own multipliers and tempo. */
function withShape(dose: Dose, shape: Dose): Dose {
  return dose.map((part, i) => {
    const like = shape[i];
    if (!like) return part;
    const shaped = { ...part, multipliers: like.multipliers };
    return shaped.kind === 'reps' && like.kind === 'reps' ? { ...shaped, tempoSeconds: like.tempoSeconds } : shaped;
  });
}

function sameKinds(a: Dose, b: Dose): boolean {
  return a.length === b.length && a.every((part, i) => part.kind === b[i]?.kind);
}

function partChoices(part: DosePart, usual: DosePart, least?: DosePart, most?: DosePart): Alternative[] {
  let choices: { part: DosePart; steps: number }[] = [{ part, steps: 0 }];
  for (const field of fields[part.kind]) {
    const values = valuesOf(part, field, usual, least, most);
    choices = choices.flatMap((choice) =>
      values.map(({ value, steps }) => ({ part: withValue(choice.part, field, value), steps: choice.steps + steps })),
    );
  }
  return choices.map(({ part: chosen, steps }) => ({ dose: [chosen], steps }));
}

function withValue(part: DosePart, field: Field, value: number): DosePart {
  const changed = { ...part, [field]: value };
  if (changed.kind === 'byFeel')
    return {
      ...changed,
      leastSeconds: Math.min(changed.leastSeconds, value),
      mostSeconds: Math.max(changed.mostSeconds, value),
    };
  // Two sets need a rest between them, as the designer gives one.
  return field === 'sets' && value > 1 && changed.setRestSeconds === 0 ? { ...changed, setRestSeconds: 15 } : changed;
}

/**
 * Sayable values of a number between its least and its most, with how many steps each lies from the one it has; from
 * the usual one where that is out of range.
 */
function valuesOf(
  part: DosePart,
  field: Field,
  usual: DosePart,
  least?: DosePart,
  most?: DosePart,
): { value: number; steps: number }[] {
  const said = inSeconds.has(field) ? sayableSeconds : sayableCounts;
  const own = read(part, field);
  const bounds =
    least && most
      ? [read(least, field), read(usual, field), read(most, field)]
      : field === 'sets'
        ? [own]
        : [Math.ceil(own / 2), own * 2];
  const [low, high] = [Math.min(...bounds), Math.max(...bounds)];
  const from = own >= low && own <= high ? own : read(usual, field);
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
