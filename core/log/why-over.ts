import { median } from '../measure/median';
import { defaultPace } from '../plan';
import { sayTime } from '../say-time';
import { type TimeGroup, learnTimes, timeGroups } from './learn';
import type { RunSample } from './sample';

/** A class is said to run over always where it did at least so often, and each of these times by so much. */
export const leastClassesOver = 3;
const leastMs = 30_000;

/** Why a class that always runs over does, in one sentence; null where it does not, or was not taught often enough. */
export function whyOver(samples: readonly RunSample[]): string | null {
  const whole = samples.flatMap((sample) => (sample.whole ? [{ sample, whole: sample.whole }] : []));
  if (whole.length < leastClassesOver || whole.some(({ whole: w }) => w.actualMs - w.plannedMs < leastMs)) return null;
  const over = median(whole.map(({ whole: w }) => w.actualMs - w.plannedMs));
  const [{ sample: newest } = { sample: null }] = whole;
  const { groups } = learnTimes(
    whole.map(({ sample }) => sample),
    { ...defaultPace(), ...newest?.pace },
  );
  const causes = groups.map(({ group, seen }) => ({
    name: `${timeGroups[group].name.charAt(0).toLowerCase()}${timeGroups[group].name.slice(1)}`,
    ms: (seen - 1) * median(whole.map(({ sample }) => plannedOf(sample, group))),
  }));
  const held = median(
    whole.map(({ sample }) => sample.work.reduce((sum, { plannedMs, actualMs }) => sum + actualMs - plannedMs, 0)),
  );
  const [most] = [...causes, { name: 'holding on in the work itself', ms: held }].sort((a, b) => b.ms - a.ms);
  const said = `It ran over its plan each of ${whole.length} times, by ${sayTime(over)} in the middle`;
  return most && most.ms >= over / 4
    ? `${said}: ${sayTime(most.ms)} of it is ${most.name}.`
    : `${said}: a little everywhere.`;
}

/** What a class planned for a group of figures, ms. */
const plannedOf = ({ bouts }: RunSample, group: TimeGroup): number =>
  bouts.reduce((sum, { by }) => sum + timeGroups[group].keys.reduce((ms, key) => ms + (by[key] ?? 0), 0), 0);
