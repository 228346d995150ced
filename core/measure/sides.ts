import type { Point } from './point';
import type { NumberResult } from './protocol';
import { toScale } from './scale';

export interface SidesJudged {
  readonly verdict: 'sides-alike' | 'sides-perhaps' | 'sides-differ' | 'at-ceiling' | 'too-early';
  /** Left less right on the judging scale, and one standard error of it; null where no date has both feet. */
  readonly difference: number | null;
  readonly noise: number | null;
  /** Dates with both feet. */
  readonly dates: number;
  readonly atLeast: boolean;
}

/** So many of the newest dates are looked at. */
const newest = 6;

/**
 * Whether the two feet differ by more than noise, from the newest dates with both since either foot's last change. A
 * small lasting difference is usual and no fault.
 * @param left, right the present stretch of each foot in one series
 */
export function sidesOf(
  result: NumberResult,
  left: readonly Point[],
  right: readonly Point[],
  sigma: number,
): SidesJudged {
  const since = Math.max(left[0]?.day ?? Infinity, right[0]?.day ?? Infinity);
  const onRight = new Map(right.map((point) => [point.day, point]));
  const pairs = left
    .flatMap((l) => {
      const r = onRight.get(l.day);
      return r && l.day >= since ? [{ l, r }] : [];
    })
    .slice(-newest);
  const k = pairs.length;
  if (k === 0) return { verdict: 'too-early', difference: null, noise: null, dates: 0, atLeast: false };
  const cap = Math.min(...pairs.flatMap(({ l, r }) => [l.cap, r.cap]));
  const cut = ({ x }: Point) => Math.min(x, toScale(result, cap));
  const difference = pairs.reduce((sum, { l, r }) => sum + cut(l) - cut(r), 0) / k;
  const noise = (sigma * Math.sqrt(pairs.reduce((sum, { l, r }) => sum + l.f + r.f, 0))) / k;
  const atCap = (point: Point) => point.value >= cap;
  const z = Math.abs(difference) / noise;
  const verdict = pairs.every(({ l, r }) => atCap(l) && atCap(r))
    ? 'at-ceiling'
    : k >= 2 && z >= 3
      ? 'sides-differ'
      : z >= 2
        ? 'sides-perhaps'
        : 'sides-alike';
  return { verdict, difference, noise, dates: k, atLeast: pairs.some(({ l, r }) => atCap(l) || atCap(r)) };
}
