import type { Exercise } from '../exercise';
import { type LadderNote, type Student, mainLevelFor } from '../roster';
import type { Course } from './course';

/** A class of a course, as far as laying it out asks. */
interface Known {
  readonly key: string;
  readonly byHand: boolean;
  readonly gone: boolean;
  readonly taught: readonly unknown[];
}

/** Keys of classes that were taught: those in the log, and those of which the teacher said so. */
export const taughtIn = ({ taught }: Pick<Course, 'taught'>, classes: readonly Known[]): string[] => [
  ...new Set([...classes.flatMap(({ key, taught: runs }) => (runs.length > 0 ? [key] : [])), ...taught]),
];

/** Classes that stay as they are: taught, or changed by hand. */
export const givenIn = <C extends Known>(classes: readonly C[]): C[] =>
  classes.filter((one) => !one.gone && (one.taught.length > 0 || one.byHand));

/** Where the middle of a group stands, by exercise. */
export function standsIn(
  students: readonly Student[],
  notes: readonly LadderNote[],
  exerciseOf: (id: string) => Exercise | null,
): Record<string, string> {
  if (students.length === 0) return {};
  const named = new Set(notes.flatMap(({ exerciseId }) => exerciseId ?? []));
  return Object.fromEntries(
    [...named].flatMap((id) => {
      const exercise = exerciseOf(id);
      const rungId = exercise && mainLevelFor({ exercise, notes: [...notes], students });
      return rungId ? [[id, rungId]] : [];
    }),
  );
}
