import type { ExerciseRevision } from '@core/contract';
import { type School, familyNames } from '@core/exercise';

/** Exercises to choose from, by family, in the order of the library; those taken out of it are not offered. */
export function byFamily(exercises: readonly ExerciseRevision[], words: School['words']) {
  const all = exercises
    .filter(({ removed }) => !removed)
    .map(({ exercise: { id, family, name } }) => ({ id, family, name: name[words] }));
  return Object.entries(familyNames)
    .map(([family, name]) => ({ name, exercises: all.filter((one) => one.family === family) }))
    .filter(({ exercises }) => exercises.length > 0);
}
