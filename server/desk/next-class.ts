import { and, inArray, isNull } from 'drizzle-orm';
import type { DeskNext, DeskSession } from '@core/contract';
import { type Change, changesBetween } from '@core/course';
import type { Concern, Exercise } from '@core/exercise';
import { type Plan, readPlan, revisionsOf } from '@core/plan';
import { type Student, roomOf } from '@core/roster';
import { type PutOut, buildTimeline, putOut } from '@core/timeline';
import type { ClassStore } from '../classes/store';
import type { Db } from '../database';
import type { Library } from '../exercises/store';
import type { PreferenceStore } from '../preferences/store';
import { parsed } from '../problem';
import { Remembered } from '../remember';
import type { LastTimes, NextPlan } from '../runs/last-times';
import { classes } from '../schema';

/** Classes looked back at for what is new in the next one. */
const classesBack = 6;

/** What a class that was made for a date needs and brings. */
interface Read {
  readonly people: number | null;
  readonly concerns: readonly Concern[];
  readonly next: NextPlan;
  readonly putOut: readonly PutOut[];
  readonly changes: readonly Change[];
}

/** The class that comes next: what it needs, what is new in it, what the last one left. */
export class NextClass {
  private readonly known = new Remembered<Read | null>(20);

  constructor(
    private readonly db: Db,
    private readonly parts: {
      readonly classes: ClassStore;
      readonly library: Library;
      readonly preferences: PreferenceStore;
      readonly lastTimes: LastTimes;
    },
  ) {}

  /**
   * @param students who comes
   * @param earlier classes of its course before it, oldest first: what it follows where none of them is in the log
   */
  of(session: DeskSession, groupId: string | null, students: readonly Student[], earlier: readonly string[]): DeskNext {
    const read = session.classId === null ? null : this.made(session.classId, session, groupId, earlier);
    const changes = read?.changes ?? [];
    return {
      ...session,
      groupId,
      made:
        read && session.classId !== null
          ? {
              summary: this.parts.classes.summary(session.classId),
              people: read.people,
              unknown: roomOf(students).concerns.filter((concern) => !read.concerns.includes(concern)),
              putOut: [...read.putOut],
              steps: changes
                .filter(({ kind }) => kind === 'up' || kind === 'down')
                .map(({ name, words }) => ({ name, words })),
              fresh: changes.filter(({ kind }) => kind === 'new').map(({ name }) => name),
            }
          : null,
      left: this.parts.lastTimes.leftFor(groupId, session.courseId, read?.next ?? null),
    };
  }

  private made(
    classId: string,
    { courseId }: DeskSession,
    groupId: string | null,
    earlier: readonly string[],
  ): Read | null {
    const { school } = this.parts.preferences.read();
    const taught = this.parts.lastTimes.lastPlans(groupId, courseId, classesBack);
    const before = taught.ids.length > 0 ? [] : earlier.slice(-classesBack);
    const version = this.parts.classes.summary(classId).version;
    return this.known.get(classId, JSON.stringify([version, taught.ids, before, school]), () => {
      const plan = this.plans([classId])[0];
      if (!plan) return null;
      const behind = taught.ids.length > 0 ? taught.plans() : this.plans(before);
      // an exercise is what this class has of it
      const exercises = new Map([...this.exercisesOf(behind), ...this.exercisesOf([plan])]);
      const find = this.parts.library.finder(revisionsOf(plan));
      return {
        people: plan.brief.people,
        concerns: plan.brief.concerns,
        next: { plan, find, by: `${classId} ${version}` },
        putOut: putOut(plan, buildTimeline({ plan, find })),
        changes: behind.length === 0 ? [] : changesBetween(behind, plan, (id) => exercises.get(id) ?? null, school),
      };
    });
  }

  /** Those of these classes that are there and can be read, in this order. */
  private plans(ids: readonly string[]): Plan[] {
    const rows = this.db
      .select({ id: classes.id, plan: classes.plan })
      .from(classes)
      .where(and(inArray(classes.id, [...ids]), isNull(classes.deletedAt)))
      .all();
    return ids.flatMap((id) => {
      const read = readPlan(parsed(rows.find((row) => row.id === id)?.plan ?? 'null'));
      return read.ok ? [read.value] : [];
    });
  }

  private exercisesOf(plans: readonly Plan[]): [string, Exercise][] {
    const revisions = [...new Set(plans.flatMap((plan) => revisionsOf(plan)))];
    return this.parts.library.byRevision(revisions).map(({ exercise }) => [exercise.id, exercise]);
  }
}
