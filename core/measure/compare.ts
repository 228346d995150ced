import type { Point } from './point';
import type { NumberResult } from './protocol';
import { toScale } from './scale';
import type { Figures } from './verdict';

/** One reading held against a stretch of earlier ones. */
export interface Comparison extends Figures {
  /** The difference in standard errors of this comparison. */
  readonly z: number;
}

/**
 * Compares a reading with a stretch: with what the same rater took, where there are two of those, else with all of it.
 * All values are cut to the smallest cap among them.
 * @param stretch earlier readings, at least one
 * @param sigma noise of one usual reading of this student, on the judging scale
 */
export function compare(result: NumberResult, stretch: readonly Point[], point: Point, sigma: number): Comparison {
  const own = stretch.filter(({ by }) => by === point.by);
  const against = own.length >= 2 ? own : stretch;
  const cap = Math.min(point.cap, ...against.map((each) => each.cap));
  const cut = ({ x }: Point) => Math.min(x, toScale(result, cap));
  const weight = against.reduce((sum, { f }) => sum + 1 / f, 0);
  const reference = against.reduce((sum, each) => sum + cut(each) / each.f, 0) / weight;
  const raters = against.some(({ by }) => by !== point.by) ? 2 * result.rater ** 2 : 0;
  const noise = sigma * Math.sqrt(point.f + 1 / weight + raters);
  const difference = cut(point) - reference;
  return {
    reference,
    from: Math.min(...against.map(({ day }) => day)),
    to: Math.max(...against.map(({ day }) => day)),
    difference,
    noise,
    atLeast: [point, ...against].some(({ value }) => value >= cap),
    z: difference / noise,
  };
}
