import { and, desc, eq, gte, inArray, isNotNull, isNull, max, notExists, sql } from 'drizzle-orm';
import { Temporal } from 'temporal-polyfill';
import type { Desk, DeskAsked, DeskGroup, DeskNext, DeskSession, DueList } from '@core/contract';
import { type Course, type OnTheWall, type Session, heldOf, notTaught, sessionsOf, toCome } from '@core/course';
import { daysOf } from '@core/homework';
import { dateOf, dayOf, dueDates, lookAgain, protocolFor } from '@core/measure';
import { type Student, keptWords } from '@core/roster';
import type { ClassStore } from '../classes/store';
import type { CourseStore } from '../courses/store';
import type { Db } from '../database';
import type { Library } from '../exercises/store';
import type { HomeworkStore } from '../homework/store';
import type { PeopleParts } from '../people/router';
import type { PreferenceStore } from '../preferences/store';
import type { ProtocolStore } from '../protocols/store';
import type { LastTimes } from '../runs/last-times';
import type { RunStore } from '../runs/store';
import { classes, courseClasses, runs } from '../schema';
import { CourseDoors } from './course-doors';
import type { LadderMoves } from './ladder-moves';
import { NextClass } from './next-class';

/** Days ahead that stand on the desk, and days back in which a class that nobody taught is asked about. */
const daysAhead = 7;
const daysBack = 14;
/** A group without a course comes as long as it was taught within so many days. */
const daysComing = 28;
/** Sheets that were over longer ago are not asked back any more, days. */
const daysAsked = 28;
/** Plans that were not touched for so long are no drafts any more, days. */
const daysDrafted = 60;
const mostGroups = 6;
const mostComing = 8;
const mostAsked = 4;
const mostDrafts = 3;

export interface DeskParts {
  readonly classes: ClassStore;
  readonly courses: CourseStore;
  readonly homework: HomeworkStore;
  readonly lastTimes: LastTimes;
  readonly library: Library;
  readonly moves: LadderMoves;
  readonly people: Pick<PeopleParts, 'people' | 'notes' | 'standings'>;
  readonly preferences: PreferenceStore;
  readonly protocols: ProtocolStore;
  readonly runs: RunStore;
}

/** A course with what became of its classes, as far as its dates ask. */
interface Going {
  readonly course: Course;
  readonly taught: ReadonlySet<string>;
  readonly classIds: ReadonlyMap<string, string>;
  readonly now: OnTheWall;
  /** All that is known of its classes, as text. */
  readonly classes: string;
}

/** What waits for a teacher: the next class and what it needs, whom to look at, who is ready, what is owed. */
export class DeskStore {
  private readonly nextClass: NextClass;
  private readonly courseDoors: CourseDoors;

  constructor(
    private readonly db: Db,
    private readonly parts: DeskParts,
  ) {
    this.nextClass = new NextClass(db, parts);
    const { courses, library, people, preferences } = parts;
    this.courseDoors = new CourseDoors(courses, library, people.notes, preferences);
  }

  read({ at, today }: DeskAsked): Desk {
    const going = this.going(at);
    const until = dateOf(dayOf(today) + daysAhead);
    const ahead = going
      .flatMap((one) =>
        toCome(one.course, one.taught, one.now)
          // of each course the first, however far ahead it is
          .filter(({ date }, i) => i === 0 || date <= until)
          .map((session) => this.sessionOf(one, session)),
      )
      .sort((a, b) => a.startsAt.localeCompare(b.startsAt));
    const [first] = ahead;
    const coming = ahead.filter(({ date }) => date <= until);
    const soon = going.filter(({ course: { id } }) => coming.some(({ courseId }) => courseId === id));
    const next = first ? this.next(first, going) : null;
    return {
      next,
      coming: coming.filter((one) => one !== first).slice(0, mostComing),
      notTaught: this.notTaught(going, today),
      groups: this.coming([next?.groupId ?? null, ...soon.map(({ course }) => course.groupId)], at),
      doors: soon.flatMap((one) => this.doors(one)),
      homework: this.homework(today),
      drafts: this.drafts(at),
      lately: first ? [] : this.lately(),
    };
  }

  /** The courses that are not put away, each at the time on its own wall. */
  private going(at: string): Going[] {
    const { courses } = this.parts.courses.list(false);
    if (courses.length === 0) return [];
    const rows = this.db
      .select({
        courseId: courseClasses.courseId,
        key: courseClasses.key,
        classId: courseClasses.classId,
        madeVersion: courseClasses.madeVersion,
        version: classes.version,
        deletedAt: classes.deletedAt,
        taught: sql<number>`exists (select 1 from ${runs} where ${runs.classId} = ${courseClasses.classId} and ${runs.removedAt} is null)`,
      })
      .from(courseClasses)
      .innerJoin(classes, eq(classes.id, courseClasses.classId))
      .where(
        inArray(
          courseClasses.courseId,
          courses.map(({ course }) => course.id),
        ),
      )
      .all();
    return courses.map(({ course }) => {
      const own = rows.filter(({ courseId }) => courseId === course.id);
      const here = Temporal.Instant.from(at).toZonedDateTimeISO(course.zone);
      return {
        course,
        taught: new Set([...course.taught, ...own.flatMap(({ key, taught }) => (taught === 1 ? [key] : []))]),
        classIds: new Map(own.flatMap(({ key, classId, deletedAt }) => (deletedAt === null ? [[key, classId]] : []))),
        now: {
          date: here.toPlainDate().toString(),
          time: here.toPlainTime().toString({ smallestUnit: 'minute' }),
        },
        classes: JSON.stringify(own),
      };
    });
  }

  private sessionOf({ course, classIds }: Going, { key, number, date, time, minutes }: Session): DeskSession {
    const starts = Temporal.PlainDateTime.from(`${date}T${time}`).toZonedDateTime(course.zone);
    return {
      courseId: course.id,
      course: course.title,
      key,
      number,
      of: heldOf(sessionsOf(course)).length,
      date,
      time,
      minutes,
      startsAt: starts.toInstant().toString({ smallestUnit: 'millisecond' }),
      classId: classIds.get(key) ?? null,
    };
  }

  private next(session: DeskSession, going: readonly Going[]): DeskNext {
    const of = going.find(({ course: { id } }) => id === session.courseId);
    const earlier = [...(of?.classIds ?? [])]
      .filter(([key]) => key < session.key)
      .sort(([a], [b]) => a.localeCompare(b));
    return this.nextClass.of(
      session,
      of?.course.groupId ?? null,
      this.membersOf(of?.course.groupId ?? null),
      earlier.map(([, classId]) => classId),
    );
  }

  private notTaught(going: readonly Going[], today: string): Desk['notTaught'] {
    const since = dateOf(dayOf(today) - daysBack);
    return going
      .flatMap(({ course, taught, now }) =>
        notTaught(course, taught, since, now).map(({ key, date, time }) => ({
          courseId: course.id,
          course: course.title,
          key,
          date,
          time,
        })),
      )
      .sort((a, b) => b.date.localeCompare(a.date))
      .slice(0, mostAsked);
  }

  /** Checks that are due, or will be, of all groups that come. */
  due({ at }: Pick<DeskAsked, 'at'>): DueList {
    const ofCourses = this.going(at)
      .filter(({ course, taught, now }) => toCome(course, taught, now).length > 0)
      .map(({ course }) => course.groupId);
    const own = this.parts.protocols.own();
    const { people, standings } = this.parts.people;
    return {
      due: this.coming(ofCourses, at).flatMap(({ id: groupId }) => {
        const ids = people.members(groupId).map(({ student }) => student.id);
        return dueDates(standings.of(ids).rows).flatMap(({ protocol, ...due }) => {
          const check = checkName(protocol, own);
          return check === null ? [] : [{ groupId, check, ...due }];
        });
      }),
    };
  }

  /** Groups that come: those of classes ahead, then those that were taught lately, the last first. */
  private coming(ahead: readonly (string | null)[], at: string): Desk['groups'] {
    const since = new Date(Date.parse(at) - daysComing * 86_400_000).toISOString();
    const taught = this.db
      .select({ groupId: runs.groupId })
      .from(runs)
      .where(and(isNull(runs.removedAt), gte(runs.startedAt, since), isNotNull(runs.groupId)))
      .groupBy(runs.groupId)
      .orderBy(desc(max(runs.startedAt)))
      .limit(mostGroups)
      .all();
    const ids = [...new Set([...ahead, ...taught.map(({ groupId }) => groupId)].flatMap((id) => id ?? []))];
    return ids
      .flatMap((id) => {
        const group = this.parts.people.people.findGroup(id)?.group;
        return group?.archived === false ? [{ id, name: group.name }] : [];
      })
      .slice(0, mostGroups);
  }

  /** What is to be known of one group: looked through for the first time it takes a while. */
  group(id: string, today: string): DeskGroup {
    const { people, standings } = this.parts.people;
    const found = people.group(id).group;
    const students = people.members(id).map(({ student }) => student);
    const own = this.parts.protocols.own();
    const moves = this.parts.moves.of(students, today);
    const { words } = this.parts.preferences.read().school;
    return {
      id,
      name: found.name,
      students: students.map((student) => ({ id: student.id, name: student.name })),
      measure: lookAgain(standings.of(students.map((student) => student.id)).rows, today).flatMap((one) => {
        const name = checkName(one.protocol, own);
        return name === null ? [] : [{ ...one, name, studentIds: [...one.studentIds] }];
      }),
      moves: [...moves].flatMap(([studentId, { moves: of }]) =>
        of.map(({ exercise, kept }) => ({
          studentId,
          exerciseId: exercise.id,
          exercise: exercise.name[words],
          verdict: kept.verdict === 'down' ? ('down' as const) : ('up' as const),
          words: keptWords(kept),
        })),
      ),
      stops: [...moves].flatMap(([studentId, { stop }]) => (stop ? [{ studentId, ...stop }] : [])),
    };
  }

  private doors({ course, now, classes: of }: Going): Desk['doors'] {
    return this.courseDoors.of(course, this.membersOf(course.groupId), now, of);
  }

  private membersOf(groupId: string | null): Student[] {
    return groupId === null ? [] : this.parts.people.people.members(groupId).map(({ student }) => student);
  }

  private homework(today: string): Desk['homework'] {
    return this.parts.homework
      .owed(dateOf(dayOf(today) - daysAsked), dateOf(dayOf(today) - 1), mostAsked)
      .map(({ homework: { id, title, for: of, from, weeks }, who }) => {
        const studentId = of.kind === 'student' ? of.studentId : null;
        return { id, title, who, studentId, to: daysOf({ from, weeks }).at(-1) ?? from };
      });
  }

  private drafts(at: string): Desk['drafts'] {
    const since = new Date(Date.parse(at) - daysDrafted * 86_400_000).toISOString();
    const one = sql`1`;
    return this.db
      .select({ id: classes.id })
      .from(classes)
      .where(
        and(
          isNull(classes.deletedAt),
          gte(classes.updatedAt, since),
          notExists(this.db.select({ one }).from(courseClasses).where(eq(courseClasses.classId, classes.id))),
          notExists(
            this.db
              .select({ one })
              .from(runs)
              .where(and(eq(runs.classId, classes.id), isNull(runs.removedAt))),
          ),
        ),
      )
      .orderBy(desc(classes.updatedAt), desc(classes.id))
      .limit(mostDrafts)
      .all()
      .map(({ id }) => this.parts.classes.summary(id));
  }

  private lately(): Desk['lately'] {
    const { runs: found } = this.parts.runs.list({ limit: 30 });
    const once = new Map(
      found
        .toReversed()
        .map(({ classId, id, title, startedAt }) => [classId, { runId: id, classId, title, startedAt }]),
    );
    return [...once.values()].sort((a, b) => b.startedAt.localeCompare(a.startedAt)).slice(0, mostDrafts);
  }
}

/** What a check is called in a line; null for one that is not taken by itself, or that nobody knows any more. */
const checkName = (protocol: string, own: ReturnType<ProtocolStore['own']>): string | null =>
  protocol === 'big-toe-gap' ? null : (protocolFor(protocol, own)?.short ?? null);
