import { type Result, ok, refuse } from '@core/result';

/**
 * Typed trials as numbers; empty fields are passed over, a comma is a point. What is no number is given back.
 * @example readTrials(['8,5', '', '9']) // 8.5 and 9
 */
export function readTrials(typed: readonly string[]): Result<number[], string> {
  const trials: number[] = [];
  for (const text of typed) {
    const said = text.trim().replace(',', '.').replace('−', '-');
    if (said === '') continue;
    if (!/^-?\d+(\.\d+)?$/.test(said)) return refuse(text.trim());
    trials.push(Number(said));
  }
  return ok(trials);
}
