import {
  type Axis,
  type Concern,
  type Exercise,
  type Family,
  type Performance,
  type Position,
  type School,
  cautionsOf,
  differsFrom,
} from '../exercise';
import { type Floor, type KitId, floorSuits } from '../kit';

/** What an instructor narrows the library down by; null or empty leaves a question open. */
export interface LibraryFilter {
  readonly family: Family | null;
  readonly position: Position | null;
  /** Kit there is: an exercise fits when it, or a substitute, is among it. Null asks nothing. */
  readonly kit: readonly KitId[] | null;
  readonly floor: Floor | null;
  readonly axis: Axis | null;
  /** Only what belongs to this school, or answers none of its questions. */
  readonly school: School | null;
  /** Somebody in the room has this: nothing that is left out for it, and nothing to ask a clinician about first. */
  readonly concern: Concern | null;
  /** Usual time in class at the most, ms. */
  readonly mostMs: number | null;
}

export const noFilter: LibraryFilter = {
  family: null,
  position: null,
  kit: null,
  floor: null,
  axis: null,
  school: null,
  concern: null,
  mostMs: null,
};

/**
 * Whether an exercise suits a filter. Position, kit and floor count also where a rung changes them.
 * @param usualMs its usual time in class, asked for only when the filter names one
 */
export function suits(exercise: Exercise, filter: LibraryFilter, usualMs: () => number): boolean {
  const ways = [
    exercise.performance,
    ...(exercise.ladder?.rungs.map((r) => ({ ...exercise.performance, ...r.change })) ?? []),
  ];
  if (filter.family !== null && exercise.family !== filter.family) return false;
  if (filter.axis !== null && !exercise.ladder?.rungs.some((rung) => rung.axes[filter.axis!] !== undefined))
    return false;
  if (filter.school !== null && differsFrom(exercise, filter.school).length > 0) return false;
  if (filter.mostMs !== null && usualMs() > filter.mostMs) return false;
  const { position, kit, floor, concern } = filter;
  if (concern !== null && barredFor(exercise, concern)) return false;
  return ways.some(
    (way) =>
      (position === null || way.position === position) &&
      (kit === null ||
        way.kit.every((need) => [need.kit, ...need.substitutes.map((s) => s.kit)].some((k) => kit.includes(k)))) &&
      (floor === null || floorSuits(way.floor, way.floorsRuledOut, floor)),
  );
}

/** Whether somebody with a concern leaves an exercise out, or asks a clinician first, where most people begin it. */
function barredFor(exercise: Exercise, concern: Concern): boolean {
  const start = exercise.ladder?.rungs.find((rung) => rung.id === exercise.ladder?.startRung);
  const way: Performance = { ...exercise.performance, ...start?.change };
  return cautionsOf(exercise.cautions, way, exercise.stage).some(
    (c) => c.concern === concern && (c.action === 'leave-out' || c.action === 'ask-clinician'),
  );
}
