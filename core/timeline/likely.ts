import { kindOf, partTime } from '../dose';
import type { Pace } from '../plan';
import type { Activity, LikelyRange } from './timeline';
import type { ReadyItem } from './visit';

/**
 * How far one item strays from its plan, as the standard deviation of its logarithm, is the teacher's own figure
 * (`plan/pace.ts`): for counted work, for what lies around it, for the day. Work by the clock or to music has no such
 * freedom, nor has standing to compare; those two figures are Needlework's own.
 */
const byTheClock = 0.1;
export const compareSpread = 0.4;
/** 80 % of a normal distribution lies within this many standard deviations. */
const z80 = 1.2815515655446004;

/** What happens around the work. */
const around: readonly Activity[] = ['set-up', 'talk', 'transition', 'switch'];
export const aroundMs = (activityMs: Readonly<Record<Activity, number>>): number =>
  around.reduce((ms, activity) => ms + activityMs[activity], 0);

/** The spread of bounds that are read as where four of five end. */
export const spreadOfBounds = (least: number, most: number): number =>
  most > least ? Math.log(most / least) / (2 * z80) : 0;

/**
 * The actual length of a class: stretches that stray each on its own, each log-normal with the planned length as its
 * mean, so that the plan neither flatters nor frightens.
 */
export class Spread {
  private mean = 0;
  private variance = 0;

  /** @param day a quick or slow day moves everything together by so much */
  constructor(private readonly day: number) {}

  /** @param sigma standard deviation of the logarithm of the stretch */
  add(plannedMs: number, sigma: number): void {
    this.mean += plannedMs;
    this.variance += plannedMs * plannedMs * Math.expm1(sigma * sigma);
  }

  /**
   * The 80 % range of the sum, whole seconds, by matching a log-normal to its first two moments
   * (Fenton 1960, IRE Trans Commun Syst 8:57; from memory). A quick or slow day moves everything together.
   */
  range(): LikelyRange {
    if (this.mean === 0) return { lowMs: 0, highMs: 0 };
    const apart = Math.log1p(this.variance / this.mean ** 2);
    const square = apart + this.day ** 2;
    const middle = Math.log(this.mean) - square / 2;
    const reach = z80 * Math.sqrt(square);
    const whole = (ms: number) => Math.round(ms / 1000) * 1000;
    return { lowMs: whole(Math.exp(middle - reach)), highMs: whole(Math.exp(middle + reach)) };
  }
}

/** The spread of an item's work: that of its parts, by what each takes. */
export function workSpreadOf({ item, execution }: ReadyItem, { workSpread }: Pick<Pace, 'workSpread'>): number {
  const spreads = { counted: workSpread, byTheClock: Math.min(byTheClock, workSpread) };
  const parts = item.dose.map((part) => {
    const kind = kindOf(part);
    const bounds = kind.bounds?.(part);
    const { workMs } = partTime(part, execution.phaseSeconds);
    const said = spreadOfBounds(part.range?.[0] ?? 1, part.range?.at(-1) ?? 1);
    const own = bounds ? spreadOfBounds(bounds[0], bounds[2]) : spreads[kind.paced];
    return { workMs, sigma: Math.hypot(own, said) };
  });
  const total = parts.reduce((ms, part) => ms + part.workMs, 0);
  return total === 0 ? 0 : parts.reduce((sum, { workMs, sigma }) => sum + (sigma * workMs) / total, 0);
}
