import type { Point } from '../measure';
import { dice } from '../dice';

/** Randomness from a seed: uniform, normal, t and Weibull, by the textbook ways. */
export class Chance {
  private readonly die: (below: number) => number;
  constructor(seed: number) {
    this.die = dice(seed);
    for (let i = 0; i < 10; i++) this.die(2);
  }
  /** Between 0 and 1, neither of them. */
  uniform = (): number => (this.die(2147483646) + 1) / 2147483648;
  /** Box and Muller 1958, Ann Math Stat 29:610. */
  normal = (): number => Math.sqrt(-2 * Math.log(this.uniform())) * Math.cos(2 * Math.PI * this.uniform());
  /** Student's t with its variance brought to one. */
  t(freedom: number): number {
    let chi = 0;
    for (let i = 0; i < freedom; i++) chi += this.normal() ** 2;
    return (this.normal() / Math.sqrt(chi / freedom)) * Math.sqrt((freedom - 2) / freedom);
  }
  /** @param shape the larger, the less it scatters; the scale is 1 */
  weibull = (shape: number): number => (-Math.log(this.uniform())) ** (1 / shape);
}

/** A reading of a made-up student on the judging scale; said to stand, so that nothing is asked. */
export const pointAt = (day: number, x: number, more: Partial<Point> = {}): Point => ({
  readingIds: [`${more.foot ?? 'left'}-${day}`],
  foot: 'left',
  series: 'usual',
  day,
  value: x,
  x,
  f: 1,
  cap: Infinity,
  by: '',
  picked: false,
  few: false,
  unknown: false,
  asked: null,
  stands: true,
  ...more,
});
