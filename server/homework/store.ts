import { and, desc, eq, gte, inArray, isNull, lte, or, sql } from 'drizzle-orm';
import type { HomeworkAsked, HomeworkList, HomeworkPage, HomeworkRow, PersonSaved, SaveHomework } from '@core/contract';
import { type Course, type GivenOut, heldOf, readCourse, sessionsOf } from '@core/course';
import { type Homework, daysOf, readHomework } from '@core/homework';
import { dateOf, dayOf } from '@core/measure';
import { type Db, atOnce } from '../database';
import type { Library } from '../exercises/store';
import type { PlannedClasses } from '../load/planned-classes';
import { after, pageOf } from '../page';
import type { NoteStore } from '../people/notes';
import type { PeopleStore } from '../people/store';
import { ProblemError, notFound, readStoredAs } from '../problem';
import { courseClasses, courses, groups, homework, students } from '../schema';
import { versionAfter } from '../version-after';

/** The longest that a sheet can run, days. */
const longestDays = 28;
/** Sheets that stand in a calendar, or go into its file: the newest. */
const mostInFile = 200;

/** Sheets of homework. One that belongs to a student goes when the student is deleted. */
export class HomeworkStore {
  constructor(
    private readonly db: Db,
    private readonly people: PeopleStore,
    private readonly notes: NoteStore,
    private readonly library: Library,
    private readonly plans: PlannedClasses,
    private readonly now: () => string,
  ) {}

  /** Sheets by their last day, the newest first. */
  list({ archived, student, limit, after: cursor }: HomeworkAsked): HomeworkList {
    const rows = this.db
      .select()
      .from(homework)
      .where(
        and(
          eq(homework.archived, archived === 'yes'),
          student === undefined ? undefined : eq(homework.studentId, student),
          after(cursor, homework.toDate, homework.id),
        ),
      )
      .orderBy(desc(homework.toDate), desc(homework.id))
      .limit(limit + 1)
      .all();
    const { page, next } = pageOf(rows, limit, (row) => ({ at: row.toDate, id: row.id }));
    return { homework: this.named(page), next };
  }

  /**
   * Sheets that run on some of these dates, by their first day; those that are put away left out, and of very many the
   * newest alone.
   * @param levels those of levels alone, without the students' own
   */
  between(from: string, to: string, levels = false): HomeworkRow[] {
    const rows = this.db
      .select()
      .from(homework)
      .where(
        and(
          eq(homework.archived, false),
          lte(homework.fromDate, to),
          gte(homework.toDate, from),
          levels ? isNull(homework.studentId) : undefined,
        ),
      )
      .orderBy(desc(homework.fromDate), desc(homework.id))
      .limit(mostInFile)
      .all();
    return this.named(rows.reverse());
  }

  /**
   * Sheets that were over within these dates and did not come back: nobody has said how many days were done. The latest
   * first, so many.
   */
  owed(from: string, to: string, limit: number): HomeworkRow[] {
    const rows = this.db
      .select()
      .from(homework)
      .where(
        and(
          eq(homework.archived, false),
          gte(homework.toDate, from),
          lte(homework.toDate, to),
          sql`${homework.body} ->> '$.daysDone' is null`,
          sql`json_array_length(${homework.body}, '$.items') > 0`,
        ),
      )
      .orderBy(desc(homework.toDate), homework.fromDate, homework.id)
      .limit(limit)
      .all();
    return this.named(rows);
  }

  /**
   * Sheets for a calendar file, which goes to other programs: those of groups alone, since a student's says whose feet
   * are worked on.
   * @param courseId of one course; null for all
   */
  givenOut(courseId: string | null): GivenOut[] {
    const rows = this.db
      .select()
      .from(homework)
      .where(and(eq(homework.archived, false), isNull(homework.studentId)))
      .orderBy(desc(homework.toDate), desc(homework.id))
      .limit(mostInFile)
      .all();
    return this.named(rows)
      .filter((row) => courseId === null || row.homework.courseId === courseId)
      .map(({ homework: sheet, who }) => ({
        id: sheet.id,
        title: sheet.title,
        who,
        from: sheet.from,
        to: daysOf(sheet).at(-1) ?? sheet.from,
      }));
  }

  /** Sheets of levels that go with a course, or with its group, on some of these dates; with the classes on their days. */
  ofCourse(courseId: string, from: string, to: string): Pick<HomeworkPage, 'homework' | 'classes'>[] {
    const course = this.coursesOf([], courseId)[0];
    if (!course) return [];
    return this.between(from, to, true).flatMap(({ homework: sheet }) => {
      const { for: of } = sheet;
      const isOfGroup = of.kind === 'level' && of.groupId !== null && of.groupId === course.groupId;
      if (of.kind !== 'level' || (sheet.courseId !== courseId && !isOfGroup)) return [];
      return [{ homework: sheet, classes: this.classesIn(course, sheet.from) }];
    });
  }

  page(id: string): HomeworkPage {
    const row = this.db.select().from(homework).where(eq(homework.id, id)).get();
    const [named] = row ? this.named([row]) : [];
    if (!named) throw notFound('This homework');
    const sheet = named.homework;
    const { for: of } = sheet;
    const who =
      of.kind === 'student'
        ? [this.people.student(of.studentId).student]
        : of.groupId === null
          ? []
          : this.people.members(of.groupId).map(({ student }) => student);
    const groupIds = of.kind === 'student' ? (who[0]?.groupIds ?? []) : of.groupId === null ? [] : [of.groupId];
    const with_ = this.coursesOf(groupIds, sheet.courseId);
    return {
      ...named,
      revisions: this.library.byRevision(sheet.items.map(({ revision }) => revision)),
      students: who,
      notes: this.notes.placed(who.map(({ id: studentId }) => studentId)),
      classes: with_.flatMap((course) => this.classesIn(course, sheet.from)),
      mobiliseDays: Math.max(0, ...with_.map(({ mobiliseDays }) => mobiliseDays)),
    };
  }

  save(id: string, { basedOn, homework: sheet }: SaveHomework): PersonSaved {
    if (sheet.id !== id)
      throw new ProblemError(422, 'not-valid', 'This is another sheet', 'It has a different id than the address.');
    const { for: of } = sheet;
    return this.db.transaction(() => {
      if (of.kind === 'student' && this.people.wasDeleted(of.studentId)) throw notFound('This student');
      const row = this.db.select().from(homework).where(eq(homework.id, id)).get();
      const version = versionAfter(row, basedOn, sheet, sheet.title);
      if (version === row?.version) return { version };
      const set = {
        version,
        studentId: of.kind === 'student' ? of.studentId : null,
        groupId: of.kind === 'level' ? of.groupId : null,
        fromDate: sheet.from,
        toDate: daysOf(sheet).at(-1) ?? sheet.from,
        archived: sheet.archived,
        body: JSON.stringify(sheet),
        updatedAt: this.now(),
      };
      this.db
        .insert(homework)
        .values({ id, ...set })
        .onConflictDoUpdate({ target: homework.id, set })
        .run();
      return { version };
    }, atOnce);
  }

  /** Rows with the name of whoever each is for, read together. */
  private named(rows: readonly (typeof homework.$inferSelect)[]): HomeworkRow[] {
    const ids = (key: 'studentId' | 'groupId') => [...new Set(rows.flatMap((row) => row[key] ?? []))];
    const [people, together] = [ids('studentId'), ids('groupId')];
    const names = new Map<string, string>();
    if (people.length > 0)
      for (const row of this.db
        .select({ id: students.id, name: students.name })
        .from(students)
        .where(inArray(students.id, people))
        .all())
        names.set(row.id, row.name);
    if (together.length > 0)
      for (const row of this.db
        .select({ id: groups.id, name: groups.name })
        .from(groups)
        .where(inArray(groups.id, together))
        .all())
        names.set(row.id, row.name);
    return rows.map(({ body, version, studentId, groupId }) => ({
      homework: readOne(body),
      version,
      who: names.get(studentId ?? groupId ?? '') ?? '',
    }));
  }

  /** The courses of these groups that go on, and the one that a sheet names. */
  private coursesOf(groupIds: readonly string[], courseId: string | null): Course[] {
    if (groupIds.length === 0 && courseId === null) return [];
    const asked = [
      ...(groupIds.length > 0 ? [and(inArray(courses.groupId, [...groupIds]), eq(courses.archived, false))] : []),
      ...(courseId === null ? [] : [eq(courses.id, courseId)]),
    ];
    return this.db
      .select({ body: courses.body })
      .from(courses)
      .where(or(...asked))
      .all()
      .map(({ body }) => readStoredAs('This course', readCourse, body));
  }

  /** The classes of a course on the days that a sheet can run, with what each does. */
  private classesIn(course: Course, from: string): HomeworkPage['classes'] {
    const to = dateOf(dayOf(from) + longestDays - 1);
    const sessions = heldOf(sessionsOf(course)).filter(({ date }) => date >= from && date <= to);
    if (sessions.length === 0) return [];
    const rows = this.db
      .select({ key: courseClasses.key, classId: courseClasses.classId })
      .from(courseClasses)
      .where(
        and(
          eq(courseClasses.courseId, course.id),
          inArray(
            courseClasses.key,
            sessions.map(({ key }) => key),
          ),
        ),
      )
      .all();
    const ids = new Map(rows.map(({ key, classId }) => [key, classId]));
    const planned = this.plans.of([...ids.values()]);
    return sessions.map(({ key, date, number }) => ({
      date,
      title: `${course.title} ${number}`,
      does: planned.get(ids.get(key) ?? '')?.does ?? null,
    }));
  }
}

const readOne = (body: string): Homework => readStoredAs('This homework', readHomework, body);
