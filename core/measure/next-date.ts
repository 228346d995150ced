import type { Standing } from './change-or-noise';
import { normalBelow } from './normal';
import type { NumberResult } from './protocol';

/** When to look again, in days after the newest reading, and why then. */
export type NextLook =
  /** Not enough to compare with, or a perhaps to be answered: soon. */
  | { readonly why: 'soon'; readonly from: number; readonly to: number }
  /** At the end of the check: a harder one, next class. */
  | { readonly why: 'harder-check' }
  /** A word is looked at again in the next class. */
  | { readonly why: 'next-class' }
  /** Far enough ahead that the change expected by then would show. */
  | { readonly why: 'could-show'; readonly weeks: number }
  /** Beyond half a year: the chance that it would show at 26 weeks. */
  | { readonly why: 'too-slow'; readonly weeks: number; readonly chance: number };

const longestWeeks = 26;

/**
 * When the expected change would be seen with 80 %: ⌈3σ√(1 + 1/k)/g⌉ weeks, within 2 to 26.
 * @param weekly change expected a week on the judging scale, the check's own or the teacher's
 */
export function nextLook(result: NumberResult, standing: Standing, weekly = result.weekly): NextLook {
  const { stretch, last, noise } = standing;
  if (last.verdict === 'at-ceiling') return { why: 'harder-check' };
  if (stretch.length < 2 || last.verdict === 'perhaps' || last.verdict === 'ask' || noise === null)
    return { why: 'soon', from: 3, to: 14 };
  const spread = noise * Math.sqrt(1 + 1 / stretch.reduce((sum, { f }) => sum + 1 / f, 0));
  const weeks = Math.max(2, Math.ceil((3 * spread) / weekly));
  if (weeks <= longestWeeks) return { why: 'could-show', weeks };
  return { why: 'too-slow', weeks: longestWeeks, chance: normalBelow((longestWeeks * weekly) / spread - 2) };
}
