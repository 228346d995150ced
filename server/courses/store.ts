import { asc, desc, eq, inArray, isNull, and } from 'drizzle-orm';
import * as z from 'zod';
import type {
  ClassesMade,
  CourseClass,
  CourseList,
  CoursePage,
  MakeClasses,
  PersonSaved,
  SaveCourse,
} from '@core/contract';
import { type Course, type GivenOut, heldOf, readCourse, sessionsOf } from '@core/course';
import type { ClassStore } from '../classes/store';
import { type Db, atOnce } from '../database';
import { ProblemError, notFound, parsed, readStoredAs } from '../problem';
import { classes, courseClasses, courses, runs } from '../schema';
import { versionAfter } from '../version-after';
import { calendarOf } from './calendar';

/** What is asked of a stored class here: its exercises and their levels. Anything else may be in it. */
const Levels = z
  .object({
    blocks: z.array(
      z.object({
        items: z.array(z.object({ exerciseId: z.string().optional(), rungId: z.string().nullable().optional() })),
      }),
    ),
  })
  .transform(({ blocks }) =>
    blocks.flatMap(({ items }) =>
      items.flatMap(({ exerciseId, rungId }) => (exerciseId ? [{ exerciseId, rungId: rungId ?? null }] : [])),
    ),
  )
  .catch([]);

/** Courses, and the classes they make. What somebody changed by hand, or taught, a course never writes over. */
export class CourseStore {
  constructor(
    private readonly db: Db,
    private readonly classes: ClassStore,
    private readonly now: () => string,
  ) {}

  /** @param archived those that are put away, in the place of those that are not */
  list(archived: boolean): CourseList {
    const rows = this.db
      .select()
      .from(courses)
      .where(eq(courses.archived, archived))
      .orderBy(desc(courses.updatedAt), desc(courses.id))
      .all();
    return { courses: rows.map(({ version, body }) => ({ version, course: readOne(body) })) };
  }

  page(id: string): CoursePage {
    const row = this.row(id);
    return { version: row.version, course: readOne(row.body), classes: this.classesOf(id) };
  }

  /** A calendar file of one course; or of all that go on, with homework. */
  calendar(id: string | null, homework: readonly GivenOut[]): string {
    const all = id === null ? this.list(false).courses.map(({ course }) => course) : [readOne(this.row(id).body)];
    return calendarOf(all, this.now(), homework);
  }

  /** The plans of its classes as JSON, as they were written: read again by whoever asks. */
  plansAsWritten(id: string): string {
    this.row(id);
    const rows = this.db
      .select({ key: courseClasses.key, plan: classes.plan })
      .from(courseClasses)
      .innerJoin(classes, eq(classes.id, courseClasses.classId))
      .where(and(eq(courseClasses.courseId, id), isNull(classes.deletedAt)))
      .orderBy(asc(courseClasses.key))
      .all();
    return `{"plans":[${rows.map(({ key, plan }) => `{"key":"${key}","plan":${plan}}`).join(',')}]}`;
  }

  save(id: string, { basedOn, course }: SaveCourse): PersonSaved {
    if (course.id !== id)
      throw new ProblemError(422, 'not-valid', 'This is another course', 'It has a different id than the address.');
    return this.db.transaction(() => {
      const row = this.db.select().from(courses).where(eq(courses.id, id)).get();
      const version = versionAfter(row, basedOn, course, course.title);
      if (version === row?.version) return { version };
      const set = {
        version,
        title: course.title,
        groupId: course.groupId,
        archived: course.archived,
        body: JSON.stringify(course),
        updatedAt: this.now(),
      };
      this.db
        .insert(courses)
        .values({ id, ...set })
        .onConflictDoUpdate({ target: courses.id, set })
        .run();
      return { version };
    }, atOnce);
  }

  /** Takes the classes that a course made. All of them or none; what was changed by hand or taught stays, and is named. */
  make(id: string, { classes: asked }: MakeClasses): ClassesMade {
    return this.db.transaction(() => {
      const course = readOne(this.row(id).body);
      const keys = new Set(heldOf(sessionsOf(course)).map(({ key }) => key));
      const before = new Map(this.classesOf(id).map((one) => [one.key, one]));
      const made: string[] = [];
      const kept: ClassesMade['kept'] = [];
      for (const { key, plan } of asked) {
        if (!keys.has(key) || plan.id !== `${id}-${key}`)
          throw new ProblemError(
            422,
            'no-such-date',
            `${course.title} has no class on ${key}`,
            'Its dates were changed meanwhile. Nothing was made; make them again.',
          );
        const there = before.get(key);
        if (there && there.taught.length > 0) kept.push({ key, why: 'taught' });
        else if (there?.byHand && !there.gone) kept.push({ key, why: 'by-hand' });
        else {
          const madeVersion = this.classes.put(plan);
          this.db
            .insert(courseClasses)
            .values({ courseId: id, key, classId: plan.id, madeVersion })
            .onConflictDoUpdate({ target: [courseClasses.courseId, courseClasses.key], set: { madeVersion } })
            .run();
          made.push(key);
        }
      }
      return { made, kept };
    }, atOnce);
  }

  private classesOf(id: string): CourseClass[] {
    const rows = this.db
      .select({
        key: courseClasses.key,
        classId: courseClasses.classId,
        madeVersion: courseClasses.madeVersion,
        version: classes.version,
        title: classes.title,
        plannedMs: classes.plannedMs,
        plan: classes.plan,
        deletedAt: classes.deletedAt,
      })
      .from(courseClasses)
      .innerJoin(classes, eq(classes.id, courseClasses.classId))
      .where(eq(courseClasses.courseId, id))
      .orderBy(asc(courseClasses.key))
      .all();
    const untimed = rows.filter(({ plannedMs }) => plannedMs < 0).map(({ classId }) => classId);
    if (untimed.length > 0) {
      this.classes.time(untimed);
      return this.classesOf(id);
    }
    const taught = this.runsOf(rows.map(({ classId }) => classId));
    return rows.map(({ madeVersion, deletedAt, plan, ...row }) => ({
      ...row,
      byHand: row.version !== madeVersion,
      gone: deletedAt !== null,
      items: Levels.parse(parsed(plan)),
      taught: taught.get(row.classId) ?? [],
    }));
  }

  private runsOf(classIds: readonly string[]): Map<string, CourseClass['taught']> {
    const found = new Map<string, CourseClass['taught']>();
    if (classIds.length === 0) return found;
    const rows = this.db
      .select({ classId: runs.classId, runId: runs.id, startedAt: runs.startedAt })
      .from(runs)
      .where(and(inArray(runs.classId, [...classIds]), isNull(runs.removedAt)))
      .orderBy(asc(runs.startedAt))
      .all();
    for (const { classId, ...run } of rows) found.set(classId, [...(found.get(classId) ?? []), run]);
    return found;
  }

  private row(id: string): typeof courses.$inferSelect {
    const row = this.db.select().from(courses).where(eq(courses.id, id)).get();
    if (!row) throw notFound('This course');
    return row;
  }
}

const readOne = (body: string): Course => readStoredAs('This course', readCourse, body);
