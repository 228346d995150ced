import { type LadderNote, type Student, concernsOf, forbids, mindedBy, standsOn } from '../roster';
import type { Settled } from './settled';

/** Whether a sheet suits somebody of the group, and why not. */
export interface Suits {
  readonly student: Student;
  /** Names of exercises that stand on a level above theirs. */
  readonly tooHigh: readonly string[];
  /** Names of exercises that they are not to do with what they have. */
  readonly notWith: readonly string[];
  /** Names of exercises that they are three levels and more beyond. */
  readonly tooEasy: readonly string[];
}

/** Levels below where somebody stands from which an exercise is no longer work for them (Needlework's own). */
const wellBelow = 3;

/** For whom of a group a sheet is right as it stands. */
export function whoItSuits(
  settled: readonly Settled[],
  students: readonly Student[],
  notes: readonly LadderNote[],
  words: 'plain' | 'anatomical',
): Suits[] {
  return students.map((student) => {
    const rungsAbove = ({ exercise, item }: Settled): number => {
      const stands = standsOn({ exercise, notes }, student.id);
      const at = exercise.ladder?.rungs.findIndex(({ id }) => id === item.rungId) ?? -1;
      return stands === null || at === -1 ? 0 : at - stands;
    };
    const named = (of: readonly Settled[]) => of.map(({ exercise }) => exercise.name[words]);
    return {
      student,
      tooHigh: named(settled.filter((one) => rungsAbove(one) > 0)),
      tooEasy: named(settled.filter((one) => rungsAbove(one) <= -wellBelow)),
      notWith:
        concernsOf(student).length === 0
          ? []
          : named(settled.filter(({ execution }) => mindedBy(student, execution.cautions).some(forbids))),
    };
  });
}
