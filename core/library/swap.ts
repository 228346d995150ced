import {
  type Concern,
  type Execution,
  type Exercise,
  type School,
  cautionsOf,
  positionNames,
  resolve,
} from '../exercise';
import { kitNames } from '../kit';
import { typicalTimes } from './typical-time';

/** Another exercise in the place of one, and what changes for the class. */
export interface Swap {
  readonly exercise: Exercise;
  /** 0 to 1: how much of what the first one trains the other one trains too. Needlework's own measure. */
  readonly likeness: number;
  /** What changes, in words: position, kit, floor, stage, seconds. Empty when nothing does. */
  readonly changes: readonly string[];
  /** Concerns for which the first is left out and this one is not. */
  readonly answers: readonly Concern[];
}

const least = 0.34;

/**
 * Exercises that could stand in for one, most alike first: alike in the directions trained and the regions loaded.
 * @param most how many at the most
 */
export function swapsFor(exercise: Exercise, library: readonly Exercise[], school: School, most = 6): Swap[] {
  const from = settled(exercise, school);
  if (!from) return [];
  return library
    .filter((other) => other.id !== exercise.id)
    .map((other) => ({ other, likeness: likeness(exercise, other) }))
    .filter((found) => found.likeness >= least)
    .sort((a, b) => b.likeness - a.likeness || (a.other.id < b.other.id ? -1 : 1))
    .slice(0, most)
    .flatMap(({ other, likeness: alike }) => {
      const to = settled(other, school);
      return to
        ? [
            {
              exercise: other,
              likeness: alike,
              changes: changesBetween(from, to, school),
              answers: answersOf(exercise, other),
            },
          ]
        : [];
    });
}

/** Concerns for which one exercise is left out and the other may be done. */
export function answersOf(exercise: Exercise, other: Exercise): Concern[] {
  const leftOut = (e: Exercise) =>
    cautionsOf(e.cautions, e.performance, e.stage)
      .filter((c) => c.action === 'leave-out')
      .map((c) => c.concern);
  const outThere = new Set(leftOut(other));
  return leftOut(exercise).filter((concern) => !outThere.has(concern));
}

function settled(exercise: Exercise, school: School): Execution | null {
  const found = resolve(exercise, null, school);
  return found.ok ? found.value : null;
}

/** Shared share of directions and of region ratings, half each; of regions alone where no direction is trained. */
export function likeness(a: Exercise, b: Exercise): number {
  const regions = new Set([...Object.keys(a.performance.regions), ...Object.keys(b.performance.regions)]);
  let shared = 0;
  let all = 0;
  for (const region of regions) {
    const [x, y] = [a, b].map((e) => e.performance.regions[region as keyof typeof e.performance.regions] ?? 0);
    shared += Math.min(x ?? 0, y ?? 0);
    all += Math.max(x ?? 0, y ?? 0);
  }
  const byRegion = all === 0 ? (a.family === b.family ? 1 : 0) : shared / all;
  const directions = new Set([...a.directions, ...b.directions]);
  if (directions.size === 0) return byRegion;
  const byDirection = a.directions.filter((d) => b.directions.includes(d)).length / directions.size;
  return (byRegion + byDirection) / 2;
}

function changesBetween(from: Execution, to: Execution, school: School): string[] {
  const words: string[] = [];
  if (from.position !== to.position) words.push(positionNames[to.position]);
  const had = new Set(from.kit.map((k) => k.kit));
  const has = new Set(to.kit.map((k) => k.kit));
  const added = [...has].filter((k) => !had.has(k)).map((k) => kitNames[k]);
  const saved = [...had].filter((k) => !has.has(k)).map((k) => kitNames[k]);
  if (added.length > 0) words.push(`needs ${added.join(', ')}`);
  if (saved.length > 0) words.push(`without ${saved.join(', ')}`);
  if (from.floor !== to.floor && to.floor !== 'any')
    words.push(to.floor === 'padded' ? 'on a mat' : 'on a smooth floor');
  if (from.exercise.stage !== to.exercise.stage) words.push(`${to.exercise.stage} instead of ${from.exercise.stage}`);
  const seconds = (e: Execution) => Math.round(typicalTimes(e.exercise, null, school).usual.known / 1000);
  const difference = seconds(to) - seconds(from);
  if (Math.abs(difference) >= 5)
    words.push(`${Math.abs(difference)} s ${difference > 0 ? 'more' : 'less'} at the usual dose`);
  return words;
}
