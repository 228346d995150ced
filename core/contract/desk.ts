import * as z from 'zod';
import { Concern } from '../exercise';
import { Id } from '../id';
import { LocalDate } from '../measure/day';
import { KitId } from '../kit';
import { ClassSummary } from './classes';

/** What the desk is asked: the instant it is for, and the date where the page is. */
export const DeskAsked = z.strictObject({ at: z.iso.datetime(), today: LocalDate });
export type DeskAsked = z.infer<typeof DeskAsked>;

const Person = z.strictObject({ id: Id, name: z.string() });

/** A class of a course that is to come, or under way. */
export const DeskSession = z.strictObject({
  courseId: Id,
  course: z.string(),
  /** The date that names it in its course. */
  key: LocalDate,
  number: z.int(),
  of: z.int(),
  date: LocalDate,
  time: z.string(),
  minutes: z.int(),
  startsAt: z.iso.datetime(),
  /** The class that was made for it; null while none is. */
  classId: Id.nullable(),
});
export type DeskSession = z.infer<typeof DeskSession>;

/** What was left when the same people were taught last, each with what the next class can do about it. */
const LeftOver = z.strictObject({ words: z.string(), then: z.enum(['pay', 'comes', 'rests']) });
export const DeskLeft = z.strictObject({
  runId: Id,
  startedAt: z.iso.datetime(),
  note: z.string(),
  owed: z.array(LeftOver),
  notReached: z.array(LeftOver),
});
export type DeskLeft = z.infer<typeof DeskLeft>;

/** The class that comes next, with what it needs. */
export const DeskNext = z.strictObject({
  ...DeskSession.shape,
  groupId: Id.nullable(),
  made: z
    .strictObject({
      summary: ClassSummary,
      people: z.int().nullable(),
      /** What the files of its people say that the class does not know. */
      unknown: z.array(Concern),
      putOut: z.array(
        z.strictObject({
          kit: KitId,
          count: z.int().nullable(),
          perPerson: z.number(),
          forOptionOnly: z.boolean(),
        }),
      ),
      /** Levels that move against the classes before, one sentence each. */
      steps: z.array(z.strictObject({ name: z.string(), words: z.string() })),
      /** Exercises that these people have not had in the last classes. */
      fresh: z.array(z.string()),
    })
    .nullable(),
  left: DeskLeft.nullable(),
});
export type DeskNext = z.infer<typeof DeskNext>;

/** What is to be known of a group that comes. */
export const DeskGroup = z.strictObject({
  id: Id,
  name: z.string(),
  students: z.array(Person),
  /** Whom to look at again, by check. */
  measure: z.array(
    z.strictObject({ protocol: z.string(), name: z.string(), studentIds: z.array(Id), since: LocalDate }),
  ),
  moves: z.array(
    z.strictObject({
      studentId: Id,
      exerciseId: z.string(),
      exercise: z.string(),
      verdict: z.enum(['up', 'down']),
      words: z.string(),
    }),
  ),
  /** Stop signs without a clinician's word. */
  stops: z.array(z.strictObject({ studentId: Id, sign: z.string(), date: LocalDate })),
});
export type DeskGroup = z.infer<typeof DeskGroup>;

/** All that waits for a teacher, of all that is known. */
export const Desk = z.strictObject({
  next: DeskNext.nullable(),
  /** Classes after it, of the days that follow. */
  coming: z.array(DeskSession),
  /** Classes of the last days that are over and in no log. */
  notTaught: z.array(
    z.strictObject({ courseId: Id, course: z.string(), key: LocalDate, date: LocalDate, time: z.string() }),
  ),
  /** Groups that come; what is to be known of each is asked for by itself. */
  groups: z.array(z.strictObject({ id: Id, name: z.string() })),
  /** Phases of courses that begin this week, or may: a sentence each. */
  doors: z.array(z.strictObject({ courseId: Id, course: z.string(), words: z.string() })),
  /** Sheets of homework that are over and were not asked back. */
  homework: z.array(
    z.strictObject({ id: Id, title: z.string(), who: z.string(), studentId: Id.nullable(), to: LocalDate }),
  ),
  /** Classes outside courses that were changed lately and not taught yet, newest first. */
  drafts: z.array(ClassSummary),
  /** Classes that were taught lately, each once, newest first. */
  lately: z.array(z.strictObject({ runId: Id, classId: Id, title: z.string(), startedAt: z.iso.datetime() })),
});
export type Desk = z.infer<typeof Desk>;

/** Checks of the groups that come, by the date from which they are due. */
export const DueList = z.strictObject({
  due: z.array(z.strictObject({ groupId: Id, check: z.string(), date: LocalDate, people: z.int().min(1) })),
});
export type DueList = z.infer<typeof DueList>;
