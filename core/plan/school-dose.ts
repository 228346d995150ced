import { type Dose, type DosePart, type DoseRange, byFeel, doseTime, sayableSeconds, timed } from '../dose';
import type { School } from '../exercise';

const counted: ReadonlySet<DosePart['kind']> = new Set(['reps', 'hold', 'passes', 'stops', 'breaths']);

/**
 * The dose a new item begins with, as the teacher's school gives it: the usual number, the same as a time, or until it
 * is felt inside the window of least and most. Walking, music, times and windows stay what they are.
 * @param phaseSeconds seconds of each phase of one rep
 */
export function schoolDose(doses: DoseRange, phaseSeconds: readonly number[], school: School['dose']): Dose {
  if (school === 'range' || !doses.usual.every((part) => counted.has(part.kind))) return doses.usual;
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
