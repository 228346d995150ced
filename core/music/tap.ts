import { median } from '../measure/median';
import { tempoLimits } from './eights';

/** A tempo that was tapped. */
export interface Tapped {
  readonly beatsPerMinute: number;
  /** Taps that it is read from. */
  readonly taps: number;
  /** The taps agree: the middle half of them lies within a twelfth of a beat. Else one goes on tapping. */
  readonly steady: boolean;
}

/** A pause after which somebody begins anew, ms. */
const anewMs = 2500;
/** Taps that are remembered. */
const remembered = 16;
const leastTaps = 3;

/**
 * The tempo of taps: the slope of their instants over their beats, where a tap that came twice or was left out is not taken for
 * a beat. Null before three taps of one go.
 * @param taps instants in ms, in order
 */
export function tempoOf(taps: readonly number[]): Tapped | null {
  const go = lastGo(taps);
  if (go.length < leastTaps) return null;
  const gaps = go.slice(1).map((at, i) => at - (go[i] ?? 0));
  const beat = median(gaps);
  if (beat <= 0) return null;
  // each tap on the beat that it is nearest to, counted from the one before
  let at = 0;
  const beats = [0, ...gaps.map((gap) => (at += Math.round(gap / beat)))];
  const slope = slopeOf(beats, go);
  if (slope <= 0) return null;
  const off = go.map((ms, i) => ms - (go[0] ?? 0) - slope * (beats[i] ?? 0));
  const middle = median(off);
  const stray = median(off.map((ms) => Math.abs(ms - middle)));
  const beatsPerMinute = Math.round(60_000 / slope);
  return {
    beatsPerMinute: Math.min(tempoLimits.most, Math.max(tempoLimits.least, beatsPerMinute)),
    taps: go.length,
    steady: stray <= slope / 12,
  };
}

/** The taps since the last pause, at most so many. */
function lastGo(taps: readonly number[]): readonly number[] {
  const from = taps.findLastIndex((ms, i) => i === 0 || ms - (taps[i - 1] ?? 0) > anewMs);
  return taps.slice(Math.max(0, from)).slice(-remembered);
}

/** Least squares: ms a beat. */
function slopeOf(beats: readonly number[], ms: readonly number[]): number {
  const mean = (list: readonly number[]) => list.reduce((a, b) => a + b, 0) / list.length;
  const [mb, mm] = [mean(beats), mean(ms)];
  const over = beats.reduce((sum, beat, i) => sum + (beat - mb) * ((ms[i] ?? 0) - mm), 0);
  const under = beats.reduce((sum, beat) => sum + (beat - mb) ** 2, 0);
  return under === 0 ? 0 : over / under;
}
