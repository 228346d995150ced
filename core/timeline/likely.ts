import type { Activity, LikelyRange } from './timeline';

/**
 * How far one stretch of each activity strays from its planned length: the standard deviation of its logarithm.
 * Work at a counted tempo hardly strays; set-up strays most. Needlework's own figures until a teacher's log replaces them.
 */
const spread: Readonly<Record<Activity, number>> = {
  work: 0.06,
  rest: 0.15,
  'set-up': 0.5,
  talk: 0.35,
  transition: 0.35,
  switch: 0.35,
  compare: 0.25,
  rounding: 0,
};
/** A slow or quick day moves everything together. */
const daySpread = 0.04;
/** 80 % of a normal distribution lies within this many standard deviations. */
const z80 = 1.2815515655446004;

/** Mean and variance of the actual length of one stretch, planned as its median (log-normal). */
export class Spread {
  private mean = 0;
  private variance = 0;

  add(activity: Activity, ms: number): void {
    this.addLogNormal(ms, spread[activity]);
  }

  /** Work by feel: its bounds are read as where four of five end. */
  addBounds(leastMs: number, usualMs: number, mostMs: number): void {
    this.addLogNormal(usualMs, mostMs > leastMs ? Math.log(mostMs / leastMs) / (2 * z80) : 0);
  }

  private addLogNormal(medianMs: number, sigma: number): void {
    const square = sigma * sigma;
    const mean = medianMs * Math.exp(square / 2);
    this.mean += mean;
    this.variance += mean * mean * Math.expm1(square);
  }

  /**
   * The 80 % range of the sum, whole seconds, by matching a log-normal to its first two moments
   * (Fenton 1960, IRE Trans Commun Syst 8:57; from memory).
   */
  range(): LikelyRange {
    if (this.mean === 0) return { lowMs: 0, highMs: 0 };
    const variance = this.variance + (daySpread * this.mean) ** 2;
    const square = Math.log1p(variance / this.mean ** 2);
    const middle = Math.log(this.mean) - square / 2;
    const reach = z80 * Math.sqrt(square);
    const whole = (ms: number) => Math.round(ms / 1000) * 1000;
    return { lowMs: whole(Math.exp(middle - reach)), highMs: whole(Math.exp(middle + reach)) };
  }
}
