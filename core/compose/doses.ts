import { type Dose, doseTime, sameKinds, withNumber } from '../dose';
import type { Execution, Exercise } from '../exercise';
import { alternativesOf } from '../fit';
import type { Item } from '../plan';
import type { ComposeBrief } from './brief';

/**
 * What a course has come to in an exercise: its level, and the dose it had there. A level that is new is done at its
 * least, which is change enough; a dose that is known grows by a third at the most.
 */
export type Levels = Readonly<
  Record<string, { readonly rungId: string | null; readonly isNew: boolean; readonly dose: Dose | null }>
>;

/** One dose an exercise could have in the class, and the class time it then takes, s. */
export interface DoseChoice {
  readonly dose: Dose;
  readonly seconds: number;
}

/** Before rehearsal or sport: no hold longer than this, s (common practice). */
export const longestHoldBefore = 15;

/** A dose does not grow by more than this from one class to the next: 12 to 16, 24 to 32 (Needlework's own). */
const mostGrowth = 4 / 3;

/** Class time that one exercise takes at the most, s: a sixth of the class, but never under three minutes or over five (Needlework's own). */
const longestOf = ({ slotSeconds }: ComposeBrief): number => Math.min(300, Math.max(180, slotSeconds / 6));

/** The dose nearest to half of the work of another. */
function halfOf(dose: Dose, item: Item, execution: Execution): Dose {
  const workOf = (of: Dose) => doseTime(of, execution.phaseSeconds).workMs;
  const half = workOf(dose) / 2;
  const away = (of: Dose) => Math.abs(workOf(of) - half);
  const choices = alternativesOf({ ...item, dose }, execution, 'any').map((choice) => choice.dose);
  return choices.reduce((best, other) => (away(other) < away(best) ? other : best), dose);
}

/** A dose with no hold over what is allowed before rehearsal. */
const gently = (dose: Dose): Dose =>
  dose.map((part) =>
    part.kind === 'hold' && part.holdSeconds > longestHoldBefore
      ? withNumber(part, 'holdSeconds', longestHoldBefore)
      : part,
  );

/** Class time at each sayable dose, read off the time at the usual one and what the work itself gains. */
function dosesOf(
  item: Item,
  execution: Execution,
  usualSeconds: number,
  gentle: boolean,
  mostWorkMs: number | null,
): DoseChoice[] {
  const feet = execution.sidePattern === 'each' ? 2 : 1;
  const lasts = (dose: Dose) => {
    const { workMs, restMs } = doseTime(dose, execution.phaseSeconds);
    return ((workMs + restMs) * feet) / 1000;
  };
  const own = lasts(item.dose);
  const found = alternativesOf(item, execution, 'any', mostWorkMs ?? undefined)
    .filter(({ dose }) => !gentle || isGentle(dose))
    .map(({ dose }) => ({ dose, seconds: usualSeconds + lasts(dose) - own }));
  const bySeconds = new Map(found.map((choice) => [Math.round(choice.seconds), choice]));
  return [...bySeconds.values()].sort((a, b) => a.seconds - b.seconds);
}

/** To music, doses whose counted reps close on an eight, where there are such. */
function inEights(doses: readonly DoseChoice[], music: boolean): readonly DoseChoice[] {
  const closes = ({ dose }: DoseChoice) => dose.every((part) => part.kind !== 'reps' || part.reps % 8 === 0);
  const found = music ? doses.filter(closes) : [];
  return found.length > 0 ? found : doses;
}

/** Whether a dose holds nothing longer than it may before rehearsal. */
export const isGentle = (dose: Dose): boolean =>
  dose.every((part) => part.kind !== 'hold' || part.holdSeconds <= longestHoldBefore);

export interface DosesAsked {
  readonly brief: ComposeBrief;
  readonly exercise: Exercise;
  readonly execution: Execution;
  /** What a course has come to in it; null where it is of none. */
  readonly come: Levels[string] | null;
  /** They come back from a break, and this is loaded. */
  readonly isBack: boolean;
  /** Class time of an item alone, s. */
  readonly secondsOf: (item: Item, exercise: Exercise) => number;
}

/** An exercise with the dose it begins with, and all that it may be given. */
export interface Dosed {
  readonly item: Item;
  readonly seconds: number;
  /** Shortest first. */
  readonly choices: readonly DoseChoice[];
  /** The most work it may come to, ms on one foot; null as far as its rung allows. */
  readonly mostWorkMs: number | null;
}

/**
 * The doses of an exercise in a class: from a course as that has come to them, after a break about half, before rehearsal
 * nothing that tires, and no exercise for longer than one should take. Null where none is gentle enough.
 */
export function dosesFor(item: Item, usual: Dose, asked: DosesAsked): Dosed | null {
  const { brief, exercise, execution, come, isBack, secondsOf } = asked;
  const workOf = (dose: Dose) => doseTime(dose, execution.phaseSeconds).workMs;
  const had = come?.dose && sameKinds(come.dose, execution.doses.usual) ? come.dose : null;
  const isBefore = brief.occasion === 'warm-up';
  const whole = come?.isNew ? execution.doses.least : (had ?? usual);
  const given = isBack ? halfOf(whole, item, execution) : whole;
  const first = { ...item, dose: isBefore ? gently(given) : given };
  if (isBefore && !isGentle(first.dose)) return null;
  const seconds = secondsOf(first, exercise);
  if (come?.isNew) return { item: first, seconds, choices: [{ dose: first.dose, seconds }], mostWorkMs: null };
  const most = Math.min(
    had ? mostGrowth * workOf(had) : Infinity,
    isBack || (isBefore && isLoaded(exercise)) ? workOf(first.dose) : Infinity,
  );
  const all = dosesOf(first, execution, seconds, isBefore, Number.isFinite(most) ? most : null);
  if (come) return { item: first, seconds, choices: inEights(all, brief.music), mostWorkMs: finite(most) };
  const short = all.filter((choice) => choice.seconds <= longestOf(brief));
  const choices = short.length > 0 ? short : all.slice(0, 1);
  const longest = choices.at(-1);
  const begins = longest && longest.seconds < Math.floor(seconds) ? longest : null;
  return {
    item: begins ? { ...first, dose: begins.dose } : first,
    seconds: begins?.seconds ?? seconds,
    choices: inEights(choices, brief.music),
    mostWorkMs: finite(short.length < all.length ? Math.max(...choices.map(({ dose }) => workOf(dose))) : most),
  };
}

const finite = (ms: number): number | null => (Number.isFinite(ms) ? ms : null);
/** What carries weight or works against something tires. */
export const isLoaded = ({ stage }: Exercise): boolean => stage === 'loaded' || stage === 'integrated';
