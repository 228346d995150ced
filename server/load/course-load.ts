import { and, eq, gte, isNull, lt } from 'drizzle-orm';
import { Temporal } from 'temporal-polyfill';
import type { CourseLoad, CourseLoadEntry, CoursePage } from '@core/contract';
import { heldOf, mondaysOf, sessionsOf } from '@core/course';
import { homeLoads } from '@core/homework';
import type { Load } from '@core/load';
import { dateOf, dayOf } from '@core/measure';
import type { CourseStore } from '../courses/store';
import type { Db } from '../database';
import type { Library } from '../exercises/store';
import type { HomeworkStore } from '../homework/store';
import type { PreferenceStore } from '../preferences/store';
import { Remembered } from '../remember';
import type { SampleStore } from '../runs/samples';
import { runs } from '../schema';
import type { PlannedClasses } from './planned-classes';

/** A day on both sides: an instant may lie on another date where the course is. */
const dayMs = 86_400_000;
/** Sheets whose load is remembered. */
const mostKnown = 200;

/** What the weeks of a course ask of the feet, from all that is known of them. */
export class CourseLoads {
  constructor(
    private readonly db: Db,
    private readonly courses: CourseStore,
    private readonly samples: SampleStore,
    private readonly homework: HomeworkStore,
    private readonly library: Library,
    private readonly preferences: PreferenceStore,
    private readonly plans: PlannedClasses,
  ) {}

  /** What sheets ask, by all that it was worked out from. */
  private readonly known = new Remembered<ReturnType<typeof homeLoads>>(mostKnown);

  of(courseId: string): CourseLoad {
    const page = this.courses.page(courseId);
    const { course } = page;
    const mondays = mondaysOf(course);
    const from = mondays[0] ?? course.from;
    const to = dateOf(dayOf(mondays.at(-1) ?? from) + 6);
    return {
      entries: [...this.taught(page, from, to), ...this.planned(page), ...this.atHome(courseId, from, to)].sort(
        (a, b) => a.date.localeCompare(b.date),
      ),
    };
  }

  /** Classes in the log: those of the course on its dates, and whatever else its group was taught meanwhile. */
  private taught({ course, classes: made }: CoursePage, from: string, to: string): CourseLoadEntry[] {
    const sessions = new Map(sessionsOf(course).map((session) => [session.key, session]));
    const ofCourse = made.flatMap(({ key, taught, title }) => {
      const session = sessions.get(key);
      const [first] = taught;
      return session && first ? [{ id: first.runId, date: session.date, title }] : [];
    });
    const known = new Set(made.flatMap(({ taught }) => taught.map(({ runId }) => runId)));
    const others =
      course.groupId === null
        ? []
        : this.db
            .select({ id: runs.id, startedAt: runs.startedAt, title: runs.title })
            .from(runs)
            .where(
              and(
                eq(runs.groupId, course.groupId),
                isNull(runs.removedAt),
                gte(runs.startedAt, new Date(Date.parse(from) - dayMs).toISOString()),
                lt(runs.startedAt, new Date(Date.parse(to) + 2 * dayMs).toISOString()),
              ),
            )
            .all()
            .filter(({ id }) => !known.has(id))
            .map(({ id, startedAt, title }) => ({ id, date: localDate(startedAt, course.zone), title }))
            .filter(({ date }) => date >= from && date <= to);
    const all = [...ofCourse, ...others];
    const done = this.samples.doneIn(all.map(({ id }) => id));
    return all.flatMap(({ id, date, title }): CourseLoadEntry[] => {
      const load = done.get(id)?.load;
      return load ? [entry(date, 'taught', title, load, { kind: 'run', id })] : [];
    });
  }

  /** Classes that are made and not in the log: those to come, and those that the course says were taught. */
  private planned({ course, classes: made }: CoursePage): CourseLoadEntry[] {
    const held = new Map(heldOf(sessionsOf(course)).map((session) => [session.key, session]));
    const open = made.filter(({ key, gone, taught }) => held.has(key) && !gone && taught.length === 0);
    if (open.length === 0) return [];
    const plans = this.plans.of(open.map(({ classId }) => classId));
    return open.flatMap(({ key, classId, title }): CourseLoadEntry[] => {
      const planned = plans.get(classId);
      const date = held.get(key)?.date ?? key;
      const source = course.taught.includes(key) ? 'taught' : 'planned';
      return planned ? [entry(date, source, title, planned.load, { kind: 'class', id: key })] : [];
    });
  }

  /** What the group does at home, a sheet for a level counted as if everybody had it; one student's own sheet is theirs. */
  private atHome(courseId: string, from: string, to: string): CourseLoadEntry[] {
    const { school, pace } = this.preferences.read();
    return this.homework.ofCourse(courseId, from, to).flatMap(({ homework: sheet, classes: on }) => {
      const { for: of } = sheet;
      const concerns = of.kind === 'level' ? of.concerns : [];
      const find = this.library.finder(sheet.items.map(({ revision }) => revision));
      const key = JSON.stringify([sheet, on, school, pace]);
      const loads = this.known.get(sheet.id, key, () =>
        homeLoads({ homework: sheet, school, concerns, find, pace, classes: on }),
      );
      return loads
        .filter(({ date }) => date >= from && date <= to)
        .map(({ date, load }) => entry(date, 'home', sheet.title, load, { kind: 'home', id: sheet.id }));
    });
  }
}

const entry = (
  date: string,
  source: CourseLoadEntry['source'],
  title: string,
  { rises, landings, regions }: Load,
  of: CourseLoadEntry['of'],
): CourseLoadEntry => ({
  date,
  source,
  title,
  load: { rises: { ...rises }, landings: { ...landings }, regions: { ...regions } },
  of,
});

/** The date of an instant where the course is. */
const localDate = (at: string, zone: string): string =>
  Temporal.Instant.from(at).toZonedDateTimeISO(zone).toPlainDate().toString();
