import { Chance } from './noisy-students';
import { noChange, others, pickedAndRater, trueNoise } from './simulation/false-changes';
import { helped, sides, words } from './simulation/sides-and-words';
import type { Simulated } from './simulation/situation';
import { drifts, nextDates, steps, takenBack, times } from './simulation/true-changes';

const situations = {
  noChange,
  trueNoise,
  others,
  pickedAndRater,
  steps,
  drifts,
  takenBack,
  times,
  sides,
  words,
  nextDates,
  helped,
};
export type Situation = keyof typeof situations;
export const situationNames = Object.keys(situations) as Situation[];

/**
 * The situations in which the judging must show how often it errs.
 * @param students of each; the more, the surer
 */
export const changeSimulation = (
  students: number,
  which: readonly Situation[] = situationNames,
  seed = 7,
): Simulated[] =>
  which.flatMap((name) => situations[name](students, new Chance(seed + 101 * situationNames.indexOf(name))));
