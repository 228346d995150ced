import { byFeel, reps, timed } from '../exercise/catalogue/author';
import { type Item, defaultPace } from '../plan';
import { bareClass, sampleExercise } from '../testing/sample';
import { taughtMs, uniform } from '../testing/simulated-teacher';
import type { Timeline } from './timeline';

/** A class of so many items, plain and with props, new and known. */
const classOf = (items: number, seed: number) => {
  const random = uniform(seed);
  const of = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)] ?? list[0]!;
  const entries = Array.from({ length: items }, (_, i) => ({
    exercise: sampleExercise(`x${i}`, {
      sidePattern: of(['both', 'each', 'alternate'] as const),
      setup: of(['plain', 'plain', 'props', 'fiddly'] as const),
      position: of(['standing', 'chair-seated'] as const),
    }),
    dose: reps(of([5, 8, 10, 12, 16])),
    item: { familiarity: of<Item['familiarity']>(['new', 'seen-once', 'known', 'known']) },
  }));
  return bareClass(entries, { pace: defaultPace() }).timeline;
};

describe('the likely range (80 %)', () => {
  it.each([5, 12, 25])('holds between 75 and 85 of 100 classes of %i items, of 2,000 simulated teachers', (items) => {
    const random = uniform(20261126);
    let inside = 0;
    for (let i = 0; i < 2000; i++) {
      const timeline = classOf(items, i + 1);
      const ms = taughtMs(timeline, random);
      if (ms >= timeline.likely.lowMs && ms <= timeline.likely.highMs) inside++;
    }
    expect(inside / 2000).toBeGreaterThan(0.75);
    expect(inside / 2000).toBeLessThan(0.85);
  });

  it('is wide for one item and narrower, in its share, for a class', () => {
    const share = ({ likely, totalMs }: Timeline) => (likely.highMs - likely.lowMs) / totalMs;
    expect(share(classOf(1, 1))).toBeGreaterThan(0.5);
    expect(share(classOf(16, 1))).toBeLessThan(0.45);
  });

  it('contains the plan itself and leans to late, as set-up does', () => {
    const t = classOf(14, 3);
    expect(t.likely.lowMs).toBeLessThan(t.totalMs);
    expect(t.likely.highMs - t.totalMs).toBeGreaterThan(t.totalMs - t.likely.lowMs);
  });

  const widthOf = (dose: Parameters<typeof bareClass>[0][number]['dose']) => {
    const { likely } = bareClass([{ exercise: sampleExercise('a', { sidePattern: 'both' }), dose }]).timeline;
    return likely.highMs - likely.lowMs;
  };

  it('widens with the window of work by feel', () => {
    expect(widthOf(byFeel(20, 60, 180))).toBeGreaterThan(3 * widthOf(byFeel(55, 60, 65)));
  });

  it('is narrow for what the clock ends, and wide for what is counted', () => {
    expect(widthOf(reps(15))).toBeGreaterThan(2 * widthOf(timed(60)));
  });

  it('is nothing for an empty class', () => {
    expect(bareClass([]).timeline.likely).toEqual({ lowMs: 0, highMs: 0 });
  });
});
