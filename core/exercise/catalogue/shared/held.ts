import type { Exercise, PerformanceChange, Rung } from '../../exercise';
import { cleanReps, ladder, rung, saw } from '../author';

interface Held {
  readonly doses: Exercise['doses'];
  /** How hard the balance is held with two hands, with fingertips, and free: 0 to 3 each. */
  readonly working: readonly [bothHands: number, fingertips: number, free: number];
  readonly standingLeg?: number;
  /** Clean reps that let somebody leave fingertips: never more than the usual dose. */
  readonly clean: number;
  /** What a clean one is, as an eye sees it: "without a drop". */
  readonly seen: string;
  readonly start?: 'both-hands' | 'fingertips';
  readonly whenFree?: PerformanceChange;
  readonly door?: Rung['door'];
  readonly withBoth?: PerformanceChange;
}

/** Support taken away in three steps: both hands, fingertips, hands free with the support in reach. */
export const heldLadder = ({
  doses,
  working,
  standingLeg = 0,
  clean,
  seen,
  start,
  whenFree,
  withBoth,
  door,
}: Held): Exercise['ladder'] =>
  ladder(
    start ?? 'fingertips',
    rung(
      'both-hands',
      'both hands on the support',
      { support: 'both hands' },
      doses,
      saw(`Every one ${seen}, both feet.`),
      {
        change: { balance: { working: working[0], standing: Math.min(standingLeg, working[0]) }, ...withBoth },
      },
    ),
    rung(
      'fingertips',
      'fingertips on the support',
      { support: 'fingertips' },
      doses,
      cleanReps(clean, `${clean} ${seen}, both feet.`),
      { change: { balance: { working: working[1], standing: standingLeg } } },
    ),
    rung('free', 'hands free, support in reach', { support: 'none' }, doses, null, {
      change: { balance: { working: working[2], standing: standingLeg }, ...whenFree },
      door,
    }),
  );

/** The set-up of each of the three levels: where one stands, then the hands, then the rest of it. */
export const heldWords = (where: string, rest: string) => ({
  'both-hands': { setup: `${where}, both hands on it, ${rest}.` },
  fingertips: { setup: `${where}, fingertips on it, ${rest}.` },
  free: { setup: `${where}, hands free and near it, ${rest}.` },
});
