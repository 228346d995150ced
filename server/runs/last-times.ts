import { type SQL, and, asc, count, desc, eq, inArray, isNull } from 'drizzle-orm';
import type { DeskLeft, LastTime, RunRead } from '@core/contract';
import { type Plan, readPlan } from '@core/plan';
import { type RunState, carriedInto, carriedOver, leftOver, longestTaughtMs, replay } from '@core/run';
import type { FindRevision } from '@core/timeline';
import type { Db } from '../database';
import { ProblemError, parsed } from '../problem';
import { Remembered } from '../remember';
import { classes, courseClasses, runEvents, runs } from '../schema';
import type { RunStore } from './store';

/** A taught class by its head. */
type Head = Pick<RunRead, 'id' | 'startedAt' | 'note'>;
const heads = ({ id, startedAt, note }: Head) => ({ runId: id, startedAt, note });

/** The next class of the people of a taught one, and the state it is in, as text. */
export interface NextPlan {
  readonly plan: Plan;
  readonly find: FindRevision;
  readonly by: string;
}

/** What taught classes leave for the next class of the same people. */
export class LastTimes {
  /** Asked for each time the desk is looked at. */
  private readonly left = new Remembered<ReturnType<typeof leftOver> | null>(100);

  constructor(
    private readonly db: Db,
    private readonly runs: RunStore,
  ) {}

  /**
   * What a class left when it was taught last; of one that never was, what the last class of the same people left of
   * what it has too.
   */
  ofClass(classId: string): LastTime {
    const own = this.newest(eq(runs.classId, classId));
    if (own) {
      const { owed, notReached } = carriedOver(this.ended(own.id));
      return { last: { ...heads(own), owed: [...owed], notReached: [...notReached] } };
    }
    const stored = this.db.select({ plan: classes.plan }).from(classes).where(eq(classes.id, classId)).get();
    const to = stored ? readPlan(parsed(stored.plan)) : null;
    if (!to?.ok) return { last: null };
    const last = this.lastOf(to.value.brief.groupId, this.courseOf(classId));
    if (!last) return { last: null };
    const state = this.ended(last.id);
    const { owed, notReached } = carriedInto(carriedOver(state), state.plan, to.value);
    return { last: { ...heads(last), owed: [...owed], notReached: [...notReached] } };
  }

  /** What the last class of a group, or of a course without one, left; null where there is none that can be read. */
  leftFor(groupId: string | null, courseId: string, next: NextPlan | null): DeskLeft | null {
    const last = this.lastOf(groupId, courseId);
    if (!last) return null;
    const counted = this.db.select({ events: count() }).from(runEvents).where(eq(runEvents.runId, last.id)).get();
    const found = this.left.get(last.id, JSON.stringify([counted?.events ?? 0, next?.by]), () => {
      try {
        return leftOver(this.ended(last.id), next);
      } catch (error) {
        // what an earlier application wrote and nobody can read now leaves nothing
        if (error instanceof ProblemError) return null;
        throw error;
      }
    });
    return found && { ...heads(last), owed: [...found.owed], notReached: [...found.notReached] };
  }

  /** The plans of the classes that the same people were taught last, as they were taught; the newest last. */
  lastPlans(
    groupId: string | null,
    courseId: string,
    many: number,
  ): { readonly ids: string[]; readonly plans: () => Plan[] } {
    const ids = this.db
      .select({ id: runs.id })
      .from(runs)
      .where(and(this.ofPeople(groupId, courseId), isNull(runs.removedAt)))
      .orderBy(desc(runs.startedAt), desc(runs.id))
      .limit(many)
      .all()
      .map(({ id }) => id);
    const plans = () =>
      this.db
        .select({ plan: runs.plan })
        .from(runs)
        .where(inArray(runs.id, ids))
        .orderBy(asc(runs.startedAt), asc(runs.id))
        .all()
        .flatMap(({ plan }) => {
          const read = readPlan(parsed(plan));
          return read.ok ? [read.value] : [];
        });
    return { ids, plans };
  }

  private lastOf(groupId: string | null, courseId: string | null): Head | null {
    if (groupId === null && courseId === null) return null;
    return this.newest(this.ofPeople(groupId, courseId));
  }

  private ofPeople(groupId: string | null, courseId: string | null): SQL {
    if (groupId !== null) return eq(runs.groupId, groupId);
    const ofCourse = this.db
      .select({ classId: courseClasses.classId })
      .from(courseClasses)
      .where(eq(courseClasses.courseId, courseId ?? ''));
    return inArray(runs.classId, ofCourse);
  }

  private newest(which: SQL): Head | null {
    const row = this.db
      .select({ id: runs.id, startedAt: runs.startedAt, note: runs.note })
      .from(runs)
      .where(and(which, isNull(runs.removedAt)))
      .orderBy(desc(runs.startedAt), desc(runs.id))
      .get();
    return row ?? null;
  }

  private courseOf(classId: string): string | null {
    const row = this.db
      .select({ courseId: courseClasses.courseId })
      .from(courseClasses)
      .where(eq(courseClasses.classId, classId))
      .get();
    return row?.courseId ?? null;
  }

  /** A class in the log as it was when it was over. */
  private ended(id: string): RunState {
    const { plan, events, revisions } = this.runs.read(id);
    const known = new Map(revisions.map(({ revision, exercise }) => [revision, exercise] as const));
    const find: FindRevision = (revision) => known.get(revision) ?? null;
    return replay(plan, events, (events.at(-1)?.atMs ?? 0) + longestTaughtMs, find);
  }
}
