import { defaultPace } from '../plan';
import type { Timeline } from '../timeline';

/** A small generator of uniform numbers with a fixed start (mulberry32), so that the same teachers come each time. */
export function uniform(seed: number): () => number {
  let state = seed;
  return () => {
    state = (state + 0x6d2b79f5) | 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

/** A factor around 1 whose logarithm has this standard deviation (Box and Muller 1958, Ann Math Stat 29:610; from memory). */
export function factor(sigma: number, random: () => number): number {
  const normal = Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
  return Math.exp(sigma * normal - (sigma * sigma) / 2);
}

/**
 * A class as a teacher gives it, with the scatter observed on real teaching: each item's counted work by about 0.4 on a
 * log scale, its set-up and talk by about 0.8 (common practice, no source), and a day that is quick or slow as a whole.
 */
export function taughtMs({ items, activityMs }: Timeline, random: () => number): number {
  const day = factor(defaultPace().daySpread, random);
  const each = items.map(({ workMs, totalMs, activityMs: of }) => {
    const work = workMs + of.rest;
    return work * factor(0.4, random) + (totalMs - work - of.rounding) * factor(0.8, random) + of.rounding;
  });
  return day * each.reduce((ms, item) => ms + item, activityMs.compare);
}
