import { median } from './median';
import type { NumberResult } from './protocol';
import type { Reading } from './reading';
import type { AskReason, RefuseReason } from './verdict';

/** How much the big toe may stand above what the hand can do before it is not believed: 2·√(3² + 3.5²), in degrees. */
export const mostAboveByHand = 2 * Math.hypot(3, 3.5);

/** Why a reading is not taken at all; null where it is. */
export function refusalOf(
  result: NumberResult | null,
  reading: Pick<Reading, 'value' | 'date'>,
  today: string,
  consent: boolean,
): RefuseReason | null {
  if (!consent) return 'no-consent';
  if (reading.date > today) return 'future-date';
  if (result === null || reading.value.kind !== 'number') return null;
  const { least, most } = result.refuse;
  return reading.value.trials.some((trial) => !(trial >= least && trial <= most)) ? 'outside-limits' : null;
}

/** Mean checks: trials further apart than four times the noise. @param trials in the check's unit */
export function trialsDiffer({ combine, noise, scale }: NumberResult, trials: readonly number[]): boolean {
  if (combine !== 'mean' || noise === null || trials.length < 2) return false;
  const mean = trials.reduce((sum, trial) => sum + trial, 0) / trials.length;
  const allowed = scale === 'raw' ? 4 * noise : 4 * noise * (1 + mean);
  return Math.max(...trials) - Math.min(...trials) > allowed;
}

/**
 * What somebody is asked about a number before it is believed; "it stands" answers it.
 * @param byHand what the hand reached on the same foot and day, where the check is what the toe does on its own
 */
export function askedOf(
  result: NumberResult,
  trials: readonly number[],
  byHand: number | null = null,
): AskReason | null {
  if (trials.some((trial) => trial < result.ask.least || trial > result.ask.most)) return 'unusual-value';
  if (trialsDiffer(result, trials)) return 'trials-differ';
  return byHand !== null && valueOf(result, trials) > byHand ? 'own-above-by-hand' : null;
}

/** What several trials come to: their mean, or median where they differ wildly and stand; the best; the only one. */
export function valueOf(result: NumberResult, trials: readonly number[]): number {
  switch (result.combine) {
    case 'best':
      // more goes than are usual would give more chances: the first ones count
      return Math.max(...trials.slice(0, result.trials));
    case 'single':
      return trials.at(-1) ?? 0;
    case 'mean':
      if (trialsDiffer(result, trials)) return median(trials);
      return trials.reduce((sum, trial) => sum + trial, 0) / trials.length;
  }
}
