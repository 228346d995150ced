import { compare } from './compare';
import { minimalDetectableChange } from './minimal-detectable-change';
import { ownNoise } from './noise';
import type { Point } from './point';
import type { NumberResult } from './protocol';
import type { Foot } from './reading';
import { toScale } from './scale';
import { slopeOf } from './slope';
import type { Figures, How, Judged, Reason, Verdict } from './verdict';

/** After so many days without a reading too much may have happened for a change to be told at once. */
const longGapDays = 270;
/** Slow change: at least so many readings over so many days. */
const slowReadings = 5;
const slowDays = 84;

interface State {
  /** Readings since the last change. */
  readonly stretch: readonly Point[];
  /** A perhaps that nothing has answered yet, and which way it went. */
  readonly pending: { readonly point: Point; readonly side: number } | null;
  /** The stretch that the reading just before ended by a change at once. */
  readonly old: readonly Point[] | null;
  /** Why there is no reference yet. */
  readonly waits: 'practice' | 'picked' | 'few-trials' | null;
}

/** What the readings of one foot in one series have come to. */
export interface Standing {
  readonly foot: Foot;
  readonly series: string;
  readonly stretch: readonly Point[];
  readonly last: Judged;
  /** Noise of one usual reading of this student, on the judging scale. */
  readonly noise: number | null;
}

interface Step {
  readonly verdict: Verdict;
  readonly reason?: Reason | null;
  readonly how?: How;
  readonly figures?: Figures;
  readonly to: State;
}

/**
 * Each reading against the same student's earlier ones on the same foot under the same conditions: change or noise.
 * @param points of one student and one check, by date
 * @param studio noise of one usual reading on the judging scale; null where nobody knows it
 */
export function changeOrNoise(
  result: NumberResult,
  points: readonly Point[],
  studio: number | null,
): { readonly judged: readonly Judged[]; readonly standings: readonly Standing[] } {
  const known = new Set<Foot>();
  const states = new Map<string, State>();
  const last = new Map<string, Standing>();
  const judged: Judged[] = [];
  const keyOf = ({ foot, series }: Pick<Point, 'foot' | 'series'>) => `${foot} ${series}`;
  const stretchesOf = (series: string) =>
    (['left', 'right', 'both'] as const).map((foot) => states.get(keyOf({ foot, series }))?.stretch ?? []);

  for (const together of byDayAndSeries(points)) {
    const series = together[0]?.series ?? '';
    // both feet of a date are judged by what was known before it
    const before = stretchesOf(series);
    const sigma = studio === null ? null : ownNoise(studio, before);
    const steps = together.map((point) => {
      const state = states.get(keyOf(point)) ?? null;
      const others = before.filter((stretch) => stretch !== state?.stretch);
      const oldSigma = state?.old && studio !== null ? ownNoise(studio, [state.old, ...others]) : null;
      return { point, step: stepOf(result, point, state, known.has(point.foot), sigma, oldSigma) };
    });
    for (const { point, step } of steps) {
      if (step.verdict !== 'ask') known.add(point.foot);
      states.set(keyOf(point), step.to);
      const one: Judged = {
        readingIds: point.readingIds,
        foot: point.foot,
        series: point.series,
        day: point.day,
        value: point.value,
        verdict: step.verdict,
        reason: step.reason ?? null,
        direction: step.figures && ['perhaps', 'changed'].includes(step.verdict) ? wayOf(step.figures) : null,
        how: step.how ?? null,
        figures: step.figures ?? null,
      };
      judged.push(one);
      last.set(keyOf(point), { foot: point.foot, series, stretch: step.to.stretch, last: one, noise: sigma });
    }
    for (const { point } of steps) {
      const standing = last.get(keyOf(point));
      if (standing && studio !== null)
        last.set(keyOf(point), { ...standing, noise: ownNoise(studio, stretchesOf(series)) });
    }
  }
  return { judged, standings: [...last.values()] };
}

const wayOf = ({ difference }: Figures) => (difference > 0 ? 'more' : 'less');

/** Points of one date and series together, in the order in which they come. */
function byDayAndSeries(points: readonly Point[]): Point[][] {
  const groups = new Map<string, Point[]>();
  for (const point of points) {
    const key = `${point.day} ${point.series}`;
    const group = groups.get(key);
    if (group) group.push(point);
    else groups.set(key, [point]);
  }
  return [...groups.values()];
}

function stepOf(
  result: NumberResult,
  point: Point,
  state: State | null,
  known: boolean,
  sigma: number | null,
  oldSigma: number | null,
): Step {
  const here = state ?? { stretch: [], pending: null, old: null, waits: null };
  if (point.asked && !point.stands) return { verdict: 'ask', reason: point.asked, to: here };
  if (!state || (state.stretch.length === 0 && state.waits === null)) return begin(result, point, known);
  if (state.stretch.length === 0) return afterBegin(point, state);
  if (sigma === null) return { verdict: 'too-early', reason: 'no-noise', to: joined(state, point) };
  const found = compare(result, state.stretch, point, sigma);
  if (Math.abs(found.z) >= 6 && !point.stands)
    return { verdict: 'ask', reason: 'far-from-own', figures: found, to: state };
  if (point.few && found.z < 2) return { verdict: 'not-comparable', reason: 'few-trials', figures: found, to: state };
  return verdictOf(result, point, state, sigma, oldSigma);
}

/** The first reading of this check and foot, or the first under these conditions. */
function begin(result: NumberResult, point: Point, known: boolean): Step {
  const waits = point.picked ? 'picked' : !known && result.practice ? 'practice' : point.few ? 'few-trials' : null;
  const to: State = { stretch: waits ? [] : [point], pending: null, old: null, waits };
  return known ? { verdict: 'not-comparable', reason: 'conditions', to } : { verdict: 'first-reading', to };
}

/** The one after a first reading that cannot be a reference. */
function afterBegin(point: Point, state: State): Step {
  if (point.few || state.waits === 'few-trials' || state.waits === null)
    return {
      verdict: 'not-comparable',
      reason: 'few-trials',
      to: point.few ? state : { ...state, stretch: [point], waits: null },
    };
  return { verdict: 'too-early', reason: state.waits, to: { ...state, stretch: [point], waits: null } };
}

/** What a perhaps leaves behind once nothing has come of it: a reading like the others. */
const joined = ({ stretch, pending }: State, point: Point): State => ({
  stretch: [...stretch, ...(pending ? [pending.point] : []), point],
  pending: null,
  old: null,
  waits: null,
});

function verdictOf(result: NumberResult, point: Point, state: State, sigma: number, oldSigma: number | null): Step {
  const { stretch, pending, old } = state;
  const figures = compare(result, stretch, point, sigma);
  const { z } = figures;
  const atCap = point.value >= point.cap;
  const atFloor = result.floor !== null && point.value <= result.floor;
  const newest = Math.max(...stretch.map(({ day }) => day), pending?.point.day ?? -Infinity);
  const long = point.day - newest > longGapDays;
  const soft: Reason | null = long ? 'long-gap' : point.unknown ? 'trials-not-known' : point.few ? 'few-trials' : null;
  const since = (kept: readonly Point[]): State => ({ stretch: kept, pending: null, old: null, waits: null });

  if (old && oldSigma !== null && !atCap && !atFloor) {
    const again = compare(result, old, point, oldSigma);
    if (Math.abs(again.z) < 2) return { verdict: 'not-seen-again', figures: again, to: since([...old, point]) };
  }
  if (!soft && Math.abs(z) >= 2 && pending?.side === Math.sign(z))
    return { verdict: 'changed', how: 'seen-twice', figures, to: since([pending.point, point]) };
  const all = [...stretch, ...(pending ? [pending.point] : []), point];
  if (!soft && Math.abs(z) >= 3)
    return { verdict: 'changed', how: 'at-once', figures, to: { ...since([point]), old: all.slice(0, -1) } };
  const slow = soft ? null : slowChange(result, all, sigma);
  if (slow) return { verdict: 'changed', how: 'slowly', figures: slow, to: since(all.slice(-2)) };
  if (Math.abs(z) >= 2) {
    // a best of too few trials is told, and is no witness for the next one
    const to = point.few ? state : { ...since(all.slice(0, -1)), pending: { point, side: Math.sign(z) } };
    return { verdict: 'perhaps', reason: soft, figures, to };
  }
  return { verdict: atCap ? 'at-ceiling' : atFloor ? 'at-floor' : 'within-noise', figures, to: joined(state, point) };
}

/** Small steps in one direction that come to more than the noise; null where they do not. */
function slowChange(result: NumberResult, points: readonly Point[], sigma: number): Figures | null {
  const [first, last] = [points[0], points.at(-1)];
  if (!first || !last || points.length < slowReadings || last.day - first.day < slowDays) return null;
  if (points.some(({ by }) => by !== first.by)) return null;
  if (points.some(({ day }, i) => day - (points[i - 1]?.day ?? day) > longGapDays)) return null;
  const cap = toScale(result, Math.min(...points.map((point) => point.cap)));
  const cut = points.map(({ day, x, f }) => ({ t: day, x: Math.min(x, cap), f }));
  const { b, q } = slopeOf(cut);
  const whole = b * (last.day - first.day);
  if ((Math.abs(b) * Math.sqrt(q)) / sigma < 3 || Math.abs(whole) < minimalDetectableChange(sigma)) return null;
  const mean = cut.reduce((sum, { x, f }) => sum + x / f, 0) / cut.reduce((sum, { f }) => sum + 1 / f, 0);
  return {
    reference: mean,
    from: first.day,
    to: last.day,
    difference: whole,
    noise: sigma * ((last.day - first.day) / Math.sqrt(q)),
    atLeast: points.some(({ value, cap }) => value >= cap),
  };
}
