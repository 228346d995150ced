import { byFeel, reps } from '../exercise/catalogue/author';
import { defaultPace } from '../plan';
import { bareClass, sampleExercise } from '../testing/sample';
import type { Timeline } from './timeline';

/** A small generator of uniform numbers with a fixed start (mulberry32), so that the same logs come each time. */
function uniform(seed: number): () => number {
  let state = seed;
  return () => {
    state = (state + 0x6d2b79f5) | 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

/**
 * A taught class as a different model would have it: stretches scatter by a triangle around the plan, not by the
 * product's own log-normal; set-up is short half of the time and long the other half; the day is quick or slow.
 */
function taughtMs(timeline: Timeline, random: () => number): number {
  const triangle = (reach: number) => 1 + reach * (random() + random() - 1);
  const day = triangle(0.1);
  const reach = {
    work: 0.12,
    rest: 0.4,
    talk: 0.9,
    transition: 0.9,
    switch: 0.9,
    compare: 0.6,
    rounding: 0,
    'set-up': 0,
  };
  return timeline.events
    .filter((e) => e.lane === 'body')
    .reduce((ms, e) => {
      const planned = e.endMs - e.startMs;
      const factor =
        e.activity === 'set-up' ? (random() < 0.5 ? 0.5 + random() / 2 : 1 + random()) : triangle(reach[e.activity]);
      return ms + planned * factor * day;
    }, 0);
}

describe('the likely range (80 %)', () => {
  const entries = Array.from({ length: 14 }, (_, i) => ({
    exercise: sampleExercise(`x${i}`, i % 3 === 0 ? { sidePattern: 'both', position: 'standing' } : {}),
    dose: reps(8 + (i % 4)),
    item: { familiarity: i % 4 === 0 ? ('new' as const) : ('known' as const) },
  }));

  it('holds between 70 and 90 of 100 simulated classes (invented logs)', () => {
    const { timeline } = bareClass(entries, { pace: defaultPace() });
    const random = uniform(20261124);
    const inside = Array.from({ length: 2000 }, () => taughtMs(timeline, random)).filter(
      (ms) => ms >= timeline.likely.lowMs && ms <= timeline.likely.highMs,
    ).length;
    expect(inside / 2000).toBeGreaterThan(0.7);
    expect(inside / 2000).toBeLessThan(0.9);
  });

  it('contains the plan itself and leans to late, as set-up does', () => {
    const { timeline: t } = bareClass(entries, { pace: defaultPace() });
    expect(t.likely.lowMs).toBeLessThan(t.totalMs);
    expect(t.likely.highMs - t.totalMs).toBeGreaterThan(t.totalMs - t.likely.lowMs);
  });

  it('widens with the window of work by feel', () => {
    const range = (least: number, most: number) => {
      const { likely } = bareClass([
        { exercise: sampleExercise('a', { sidePattern: 'both' }), dose: byFeel(least, 60, most) },
      ]).timeline;
      return likely.highMs - likely.lowMs;
    };
    expect(range(20, 180)).toBeGreaterThan(3 * range(55, 65));
  });

  it('is nothing for an empty class', () => {
    expect(bareClass([]).timeline.likely).toEqual({ lowMs: 0, highMs: 0 });
  });
});
