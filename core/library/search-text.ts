import {
  type Exercise,
  axisNames,
  cautionsOf,
  concernNames,
  directionNames,
  familyNames,
  positionNames,
} from '../exercise';
import { kitNames } from '../kit';

/** The words an exercise can be found by, in fields of falling weight. */
export interface SearchText {
  readonly id: string;
  readonly name: string;
  readonly words: string;
  readonly purpose: string;
  readonly faults: string;
  readonly rest: string;
}

/** Gathers names, purpose, faults, kit and everyday words of an exercise for an index. */
export function searchTextOf(exercise: Exercise): SearchText {
  const { performance, ladder } = exercise;
  return {
    id: exercise.id,
    name: `${exercise.name.plain} ${exercise.name.anatomical}`,
    words: exercise.foundBy.join(' '),
    purpose: exercise.purpose,
    faults: exercise.faults.map((fault) => fault.seen).join(' '),
    rest: [
      familyNames[exercise.family],
      positionNames[performance.position],
      ...performance.kit.map((need) => kitNames[need.kit]),
      ...exercise.directions.flatMap((direction) => directionNames[direction]),
      ...cautionsOf(exercise.cautions, performance, exercise.stage).map((caution) => concernNames[caution.concern]),
      ...(ladder?.rungs.map((rung) => rung.name) ?? []),
      ...new Set(
        ladder?.rungs.flatMap((rung) => Object.keys(rung.axes).map((a) => axisNames[a as keyof typeof axisNames])) ??
          [],
      ),
    ].join(' '),
  };
}
