import type { Exercise, Rung } from './exercise';
import { type Execution, resolve } from './resolve';
import type { School, SchoolQuestion } from './school';

/**
 * The questions on which an exercise answers differently from a school. A variant written for the school's answer
 * settles the question: the exercise is then done that school's way.
 */
export function differsFrom(exercise: Exercise, school: School): SchoolQuestion[] {
  const answered = Object.entries(exercise.schools) as [SchoolQuestion, string][];
  return answered
    .filter(([question, answer]) => answer !== school[question])
    .filter(
      ([question]) =>
        !exercise.schoolVariants.some(
          ({ when }) => when[question] !== undefined && when[question] === school[question],
        ),
    )
    .map(([question]) => question);
}

/** The rung where most people begin; with “none first” the one without a band, where there is one. */
export function startingRung(exercise: Exercise, school: School): Rung | null {
  const { ladder } = exercise;
  if (!ladder) return null;
  const bare = ladder.rungs.find((rung) => rung.axes.resistance === 'none');
  if (school.band === 'none-first' && bare) return bare;
  return ladder.rungs.find((rung) => rung.id === ladder.startRung) ?? null;
}

/** An exercise as most people begin it in a school. */
export function startingExecution(exercise: Exercise, school: School): Execution {
  const start = resolve(exercise, startingRung(exercise, school)?.id ?? null, school);
  if (!start.ok) throw new RangeError('a ladder has its own starting rung');
  return start.value;
}
