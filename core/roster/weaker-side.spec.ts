import { catalogue } from '../exercise/catalogue';
import { type CheckId, type Foot, checks, historyOf } from '../measure';
import { numbers, sampleReading } from '../testing/sample-reading';
import { lastingChecks, weakerSide } from './weaker-side';

const named = (id: string) => {
  const found = catalogue.find((exercise) => exercise.id === id);
  if (!found) throw new Error(id);
  return found;
};
const stand = named('one-leg-stand');
/** Stands on six dates: so many seconds left and right, the first of them practice. */
const stands = (left: number, right: number) => (check: CheckId) =>
  check === 'one-leg-stand'
    ? historyOf({
        protocol: checks[check],
        readings: Array.from({ length: 6 }, (_, month) =>
          (
            [
              ['left', left],
              ['right', right],
            ] as [Foot, number][]
          ).map(([foot, seconds]) =>
            sampleReading({
              id: `reading-${month}-${foot}`,
              protocol: check,
              foot,
              date: `2026-0${month + 1}-10`,
              value: numbers(seconds, seconds, seconds),
              stands: true,
            }),
          ),
        ).flat(),
        studio: null,
      })
    : null;
const room = (...people: readonly (readonly [left: number, right: number] | null)[]) =>
  weakerSide(
    stand,
    people.map((_, i) => String(i)),
    (id, check) => {
      const person = people[Number(id)];
      return person ? stands(...person)(check) : null;
    },
  );

describe('the weaker side of a room', () => {
  it('is asked of the checks of how long or how often, taken with the exercise or asked for by its gates', () => {
    expect(lastingChecks(stand)).toEqual(['one-leg-stand']);
    expect(lastingChecks(named('single-leg-rise'))).toEqual(['rises-to-loss-of-form']);
    expect(lastingChecks(named('knee-to-wall'))).toEqual([]);
    const [rung] = stand.ladder!.rungs;
    const gate = { words: '', test: 'check', value: 6, occasions: 2, check: 'rises-to-loss-of-form' } as const;
    const asking = { id: 'own-drill', ladder: { ...stand.ladder!, rungs: [{ ...rung!, gate }] } };
    expect(lastingChecks(asking)).toEqual(['rises-to-loss-of-form']);
  });

  it('of one person is the foot that lasts less long, by more than noise', () => {
    expect(room([4, 30])).toEqual({ side: 'left', check: 'one-leg-stand', people: 1 });
    expect(room([30, 4])).toMatchObject({ side: 'right' });
    expect(room([14, 16])).toBeNull();
  });

  it('is one where at least half of those who come have it, and nobody the other', () => {
    expect(room([4, 30], [4, 30], [10, 10], null)).toMatchObject({ side: 'left', people: 2 });
    expect(room([4, 30], [10, 10], null)).toBeNull();
    expect(room([4, 30], [4, 30], [30, 4])).toBeNull();
  });
});
