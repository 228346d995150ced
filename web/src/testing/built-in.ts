import type { ExerciseRevision } from '@core/contract';
import { catalogue } from '@core/exercise/catalogue';

/** The built-in exercises as the server would send them. */
export const builtIn: readonly ExerciseRevision[] = catalogue.map((exercise, i) => ({
  revision: i.toString(16).padStart(16, '0'),
  origin: 'built-in',
  removed: false,
  changed: false,
  exercise,
}));

export const named = (id: string): ExerciseRevision => {
  const found = builtIn.find((r) => r.exercise.id === id);
  if (!found) throw new Error(id);
  return found;
};
