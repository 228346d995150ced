import * as z from 'zod';
import { Course, readCourse } from '../course/course';
import { Id } from '../id';
import { loadSources } from '../load/weeks';
import { LoadOfFeet } from './load';
import { LocalDate } from '../measure/day';
import { PlanDocument, document } from './document';

export const CourseDocument = document(readCourse);

/** A save names the version it is made on; null for a new one. */
export const SaveCourse = z.strictObject({ basedOn: z.int().min(1).nullable(), course: CourseDocument });
export type SaveCourse = z.infer<typeof SaveCourse>;

export const CourseRead = z.strictObject({ course: Course, version: z.int().min(1) });
export type CourseRead = z.infer<typeof CourseRead>;
export const CourseList = z.strictObject({ courses: z.array(CourseRead) });
export type CourseList = z.infer<typeof CourseList>;

/** A class of a course as it lies on the server. */
export const CourseClass = z.strictObject({
  /** The date that names it. */
  key: LocalDate,
  classId: Id,
  version: z.int(),
  title: z.string(),
  plannedMs: z.int(),
  /** Changed since the course made it. */
  byHand: z.boolean(),
  /** Taken out of the classes. */
  gone: z.boolean(),
  items: z.array(z.strictObject({ exerciseId: z.string(), rungId: z.string().nullable() })),
  /** When it was taught, as the tablet's clock said; each time once, oldest first. */
  taught: z.array(z.strictObject({ runId: Id, startedAt: z.iso.datetime() })),
});
export type CourseClass = z.infer<typeof CourseClass>;

export const CoursePage = z.strictObject({ ...CourseRead.shape, classes: z.array(CourseClass) });
export type CoursePage = z.infer<typeof CoursePage>;

/** The plans of all classes of a course that are not taken out. */
export const CoursePlans = z.strictObject({
  plans: z.array(z.strictObject({ key: LocalDate, plan: PlanDocument })),
});
export type CoursePlans = z.infer<typeof CoursePlans>;

/** Classes as a course makes them. */
export const MakeClasses = z.strictObject({
  classes: z
    .array(z.strictObject({ key: LocalDate, plan: PlanDocument }))
    .min(1)
    .max(60),
});
export type MakeClasses = z.infer<typeof MakeClasses>;
/** What became of each: made, or left as it is, since it was changed by hand or taught. */
export const ClassesMade = z.strictObject({
  made: z.array(LocalDate),
  kept: z.array(z.strictObject({ key: LocalDate, why: z.enum(['by-hand', 'taught']) })),
});
export type ClassesMade = z.infer<typeof ClassesMade>;

/** Something that asks something of the feet, on its date. */
export const CourseLoadEntry = z.strictObject({
  date: LocalDate,
  source: z.enum(loadSources),
  title: z.string(),
  load: LoadOfFeet,
  /** What it is: a class of the course by its date, a taught class, a sheet of homework. */
  of: z.strictObject({ kind: z.enum(['class', 'run', 'home']), id: z.string() }),
});
export type CourseLoadEntry = z.infer<typeof CourseLoadEntry>;
/** What the weeks of a course ask of the feet: classes taught and planned, homework of its group. */
export const CourseLoad = z.strictObject({ entries: z.array(CourseLoadEntry) });
export type CourseLoad = z.infer<typeof CourseLoad>;
