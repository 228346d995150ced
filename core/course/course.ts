import * as z from 'zod';
import { ComposeBrief } from '../compose/brief';
import { Id } from '../id';
import { LocalDate } from '../measure/day';
import type { Result } from '../result';
import { type ReadError, readStored } from '../stored';

/** What a stretch of weeks is for; each keeps what the ones before it brought. */
export const PhaseKind = z.enum(['mobilise', 'strengthen', 'unstable', 'jumps']);
export type PhaseKind = z.infer<typeof PhaseKind>;

/** A level of a ladder. */
export const LadderLevel = z.strictObject({
  exerciseId: z.string().min(1).max(64),
  rungId: z.string().min(1).max(40),
});
export type LadderLevel = z.infer<typeof LadderLevel>;

/** A stretch of weeks, and what lets it begin. */
export const Phase = z.strictObject({
  kind: PhaseKind,
  /** Weeks with work in it before the next may begin, and how many a course with time gives it. */
  leastWeeks: z.int().min(0).max(26),
  mostWeeks: z.int().min(0).max(52),
  /** Classes that were taught since the course began, before it opens. */
  sessions: z.int().min(0).max(200),
  /** Levels that the group has reached before it opens. */
  checks: z.array(LadderLevel).max(4),
  /** At most so many classes a week do the work that is its own; null for every class. */
  mostAWeek: z.int().min(1).max(7).nullable(),
});
export type Phase = z.infer<typeof Phase>;

const clock = z.string().regex(/^([01]\d|2[0-3]):[0-5]\d$/, { error: 'clock-form' });

/** A class of every week: 1 is Monday. */
export const Weekly = z.strictObject({
  weekday: z.int().min(1).max(7),
  time: clock,
  minutes: z.int().min(5).max(120),
});
export type Weekly = z.infer<typeof Weekly>;

/** Dates without a class. Closed moves everybody's doors; a show is work of its own and moves nobody's. */
export const Off = z
  .strictObject({
    from: LocalDate,
    to: LocalDate,
    why: z.enum(['closed', 'show']),
    note: z.string().trim().max(80),
  })
  .refine(({ from, to }) => to >= from, { error: 'off-backwards', path: ['to'] });
export type Off = z.infer<typeof Off>;

/** A class on another date than its weekday gives it; its own date stays its name. */
export const Moved = z.strictObject({ from: LocalDate, to: LocalDate, time: clock.nullable() });
export type Moved = z.infer<typeof Moved>;

/** What the troupe does outside, a week: rehearsal, and landings in it. */
export const Outside = z.strictObject({
  hours: z.number().min(0).max(60),
  landings: z.int().min(0).max(20_000),
});
export type Outside = z.infer<typeof Outside>;

/** A zone that this machine knows, as its clocks are named. */
const zone = z
  .string()
  .min(1)
  .max(60)
  .refine(
    (name) => {
      try {
        return new Intl.DateTimeFormat('en', { timeZone: name }) !== null;
      } catch {
        return false;
      }
    },
    { error: 'zone-unknown' },
  );

/** Weeks of classes for one group, towards levels. */
export const Course = z
  .strictObject({
    format: z.literal(1),
    id: Id,
    title: z.string().trim().min(1).max(80),
    /** Where the people are known; else only how many come is. */
    groupId: Id.nullable(),
    /** The first day; weeks run from its Monday. */
    from: LocalDate,
    weeks: z.int().min(1).max(52),
    weekly: z.array(Weekly).max(7),
    zone,
    off: z.array(Off).max(60),
    moved: z.array(Moved).max(120),
    /** Dates that were taught although no log says so. */
    taught: z.array(LocalDate).max(370),
    phases: z.array(Phase).min(1).max(4),
    /** People new to impact: landings wait for weeks, classes and checks. */
    newToImpact: z.boolean(),
    outside: Outside,
    /** Days a week on which feet are to be mobilised, at home or in class. */
    mobiliseDays: z.int().min(0).max(7),
    /** Where each ladder is to be at the end. */
    aims: z.array(LadderLevel).max(8),
    /** Who comes and with what; its length and looks are those of each class. */
    brief: ComposeBrief,
    /** Another seed, other classes. */
    seed: z.int().min(1).max(1_000_000),
    archived: z.boolean(),
  })
  .superRefine((course, context) => {
    const refuse = (message: string, ...path: (string | number)[]) =>
      context.addIssue({ code: 'custom', message, path });
    const twice = (list: readonly unknown[]) => new Set(list).size !== list.length;
    if (twice(course.weekly.map(({ weekday }) => weekday))) refuse('weekday-twice', 'weekly');
    if (twice(course.moved.map(({ from }) => from))) refuse('moved-twice', 'moved');
    if (twice(course.aims.map(({ exerciseId }) => exerciseId))) refuse('aim-twice', 'aims');
    const kinds = course.phases.map(({ kind }) => PhaseKind.options.indexOf(kind));
    if (kinds.some((kind, i) => i > 0 && kind <= (kinds[i - 1] ?? -1))) refuse('phases-order', 'phases');
    course.phases.forEach(({ leastWeeks, mostWeeks }, i) => {
      if (mostWeeks < leastWeeks) refuse('most-under-least', 'phases', i, 'mostWeeks');
    });
  });
export type Course = z.infer<typeof Course>;

export const readCourse = (stored: unknown): Result<Course, ReadError> => readStored(Course, [(so) => so], stored);
