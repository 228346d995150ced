import * as z from 'zod';
import { Region } from '../exercise';
import { Homework, readHomework } from '../homework/homework';
import { Id } from '../id';
import { LocalDate } from '../measure/day';
import { LadderNote } from '../roster/ladder-note';
import { Student } from '../roster/student';
import { document } from './document';
import { ExerciseRevision } from './exercises';
import { PageAsked, next } from './page';

export const HomeworkDocument = document(readHomework);

/** A save names the version it is made on; null for a new one. */
export const SaveHomework = z.strictObject({ basedOn: z.int().min(1).nullable(), homework: HomeworkDocument });
export type SaveHomework = z.infer<typeof SaveHomework>;

/** Which sheets are asked for: those that are put away, or those of somebody. */
export const HomeworkAsked = PageAsked.extend({
  archived: z.enum(['yes', 'no']).default('no'),
  student: Id.optional(),
});
export type HomeworkAsked = z.infer<typeof HomeworkAsked>;

/** A sheet as it stands in a list. */
export const HomeworkRow = z.strictObject({
  homework: Homework,
  version: z.int().min(1),
  /** Whom it is for: a student's name, a group's, or nothing. */
  who: z.string(),
});
export type HomeworkRow = z.infer<typeof HomeworkRow>;
export const HomeworkList = z.strictObject({ homework: z.array(HomeworkRow), next });
export type HomeworkList = z.infer<typeof HomeworkList>;

/** Sheets that run on some of the dates from one to another, both with it. */
export const HomeworkBetween = z.strictObject({ from: LocalDate, to: LocalDate });

/** A class on a day of a sheet, with what it does; null where it is not planned yet. */
export const HomeClass = z.strictObject({
  date: LocalDate,
  title: z.string(),
  does: z.strictObject({ exerciseIds: z.array(z.string()), loads: z.array(Region) }).nullable(),
});

/** A sheet with all that it is worked out from. */
export const HomeworkPage = z.strictObject({
  ...HomeworkRow.shape,
  /** Every exercise that it pins, at its revision. */
  revisions: z.array(ExerciseRevision),
  /** The student, or the group's people. */
  students: z.array(Student),
  /** Where they were placed on their ladders. */
  notes: z.array(LadderNote),
  /** Classes from its first day on, for as long as a sheet can run. */
  classes: z.array(HomeClass),
  /** Days a week on which feet are to be mobilised, as its course asks. */
  mobiliseDays: z.int(),
});
export type HomeworkPage = z.infer<typeof HomeworkPage>;
