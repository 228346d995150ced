import { median } from './median';
import type { Point } from './point';

/** Fewer pairs than this say nothing about a studio. */
const fewestPairs = 12;

const usable = (a: Point | undefined, b: Point | undefined): boolean =>
  a !== undefined && b !== undefined && a.value < a.cap && b.value < b.cap && a.by === b.by;

/**
 * The noise of a check in this studio: from readings two apart of all students, so that slow change adds little. Never
 * under two thirds of the starting figure, which counts as twenty pairs.
 * @param start the protocol's own figure, on the judging scale
 * @param series readings of one foot and one set of conditions each, by date, without practice
 */
export function studioNoise(start: number, series: readonly (readonly Point[])[]): number {
  const apart = series.flatMap((points) =>
    points.flatMap((a, i) => {
      const b = points[i + 2];
      return b && usable(a, b) ? [Math.abs(a.x - b.x) / Math.sqrt(a.f + b.f)] : [];
    }),
  );
  const pairs = apart.length;
  if (pairs < fewestPairs) return start;
  const theirs = 1.6 * median(apart);
  const pooled = (20 * start ** 2 + (pairs / 3) * theirs ** 2) / (20 + pairs / 3);
  return Math.max((2 / 3) * start, Math.sqrt(pooled));
}

/**
 * The noise for one student: their own scatter widens it, and never narrows it. The studio's figure counts as six pairs.
 * @param stretches readings since the last change, of each foot
 */
export function ownNoise(studio: number, stretches: readonly (readonly Point[])[]): number {
  let sum = 6 * studio ** 2;
  let pairs = 6;
  for (const stretch of stretches)
    for (let i = 1; i < stretch.length; i++) {
      const [a, b] = [stretch[i - 1], stretch[i]];
      if (!a || !b || !usable(a, b)) continue;
      sum += (a.x - b.x) ** 2 / (a.f + b.f);
      pairs += 1;
    }
  return Math.max(studio, Math.sqrt(sum / pairs));
}

/**
 * Noise of a protocol that says none of its own: from trials of the same date, s² = (1 + 1/M) · variance of a trial.
 * @param dates the trials of each date, on the judging scale
 * @returns null with fewer than three degrees of freedom
 */
export function noiseOfTrials(dates: readonly (readonly number[])[], trials: number): number | null {
  let sum = 0;
  let freedom = 0;
  for (const same of dates) {
    const mean = same.reduce((a, b) => a + b, 0) / same.length;
    sum += same.reduce((a, b) => a + (b - mean) ** 2, 0);
    freedom += same.length - 1;
  }
  return freedom < 3 ? null : Math.sqrt((1 + 1 / trials) * (sum / freedom));
}
