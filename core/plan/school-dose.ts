import { type Dose, type DoseRange, byFeel, doseTime, kindOf, sayableSeconds, timed } from '../dose';
import type { School } from '../exercise';

/**
 * The dose a new item begins with, as the teacher's school gives it: the usual number, the same as a time, or until it
 * is felt between least and most. Walking, music, times and what goes by feel stay what they are.
 * @param phaseSeconds seconds of each phase of one rep
 */
export function schoolDose(doses: DoseRange, phaseSeconds: readonly number[], school: School['dose']): Dose {
  if (school === 'range' || !doses.usual.every((part) => kindOf(part).countable)) return doses.usual;
  const usual = nearest(secondsOf(doses.usual, phaseSeconds));
  if (school === 'time') return [timed(usual)];
  const least = Math.min(usual, nearest(secondsOf(doses.least, phaseSeconds)));
  const most = Math.max(usual, nearest(secondsOf(doses.most, phaseSeconds)));
  return [byFeel(Math.min(least, 900), Math.min(usual, 900), Math.min(most, 900))];
}

function secondsOf(dose: Dose, phaseSeconds: readonly number[]): number {
  const { workMs, restMs } = doseTime(dose, phaseSeconds);
  return (workMs + restMs) / 1000;
}

/** The sayable number of seconds next to a length. */
function nearest(seconds: number): number {
  return sayableSeconds.reduce((best, s) => (Math.abs(s - seconds) < Math.abs(best - seconds) ? s : best));
}
