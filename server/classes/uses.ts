import { and, count, desc, eq, inArray, isNull, ne, sql } from 'drizzle-orm';
import type { ExerciseUse, ExerciseUses, OtherDoses } from '@core/contract';
import { moveTo } from '@core/library';
import { type Plan, itemsOf, readPlan } from '@core/plan';
import { type Db, atOnce } from '../database';
import type { Library } from '../exercises/store';
import { readStoredAs } from '../problem';
import { classExercises, classes, runExercises, runs } from '../schema';
import type { ClassStore } from './store';

/** Uses told at once: each that is behind is timed twice, the others are only named. */
const usesAtOnce = { behind: 3, current: 12 } as const;
/** Other classes looked at for the dose of one exercise. */
const otherClasses = 3;

/** Which planned classes use which exercises, and moving them to a new revision. */
export class ExerciseUsage {
  constructor(
    private readonly db: Db,
    private readonly library: Library,
    private readonly classes: ClassStore,
    private readonly nextId: () => string,
  ) {}

  /**
   * A page of the planned classes that use an exercise, those behind its current revision first, with what that would do
   * to each; and how many were taught with it.
   */
  of(exerciseId: string, after?: string): ExerciseUses {
    const current = this.library.one(exerciseId);
    const behind = sql<number>`max(${classExercises.revision} <> ${current.revision})`;
    const using = and(eq(classExercises.exerciseId, exerciseId), isNull(classes.deletedAt));
    const asked = Number(after ?? 0);
    const from = Number.isSafeInteger(asked) && asked > 0 ? asked : 0;
    const rows = this.db
      .select({ classId: classExercises.classId, items: sql<number>`sum(${classExercises.items})`, behind })
      .from(classExercises)
      .innerJoin(classes, eq(classes.id, classExercises.classId))
      .where(using)
      .groupBy(classExercises.classId)
      .orderBy(desc(behind), desc(classes.updatedAt), desc(classExercises.classId))
      .limit(usesAtOnce.current + 1)
      .offset(from)
      .all();
    const total = this.db
      .select({ n: sql<number>`count(distinct ${classExercises.classId})` })
      .from(classExercises)
      .innerJoin(classes, eq(classes.id, classExercises.classId))
      .where(using)
      .get();
    const taught = this.db
      .select({ n: count() })
      .from(runExercises)
      .innerJoin(runs, eq(runs.id, runExercises.runId))
      .where(and(eq(runExercises.exerciseId, exerciseId), isNull(runs.removedAt)))
      .get();
    const most = rows[0]?.behind === 1 ? usesAtOnce.behind : usesAtOnce.current;
    return {
      classes: rows
        .slice(0, most)
        .map(({ classId, items, behind: isBehind }) => this.use(classId, items, isBehind === 1 ? exerciseId : null)),
      next: rows.length > most ? String(from + most) : null,
      total: total?.n ?? 0,
      taught: taught?.n ?? 0,
    };
  }

  /** @param behindOf the exercise of which the class has an earlier revision; null where it is up to date */
  private use(classId: string, items: number, behindOf: string | null): ExerciseUse {
    if (behindOf === null) {
      const { title, plannedMs } = this.classes.summary(classId);
      return { classId, title, items, upToDate: true, beforeMs: plannedMs, afterMs: plannedMs, problem: null };
    }
    const { plan, move } = this.moved(classId, behindOf);
    const { beforeMs, afterMs, problem } = move;
    return { classId, title: plan.title, items, upToDate: false, beforeMs, afterMs, problem };
  }

  /** How the exercises of a class are dosed in up to three other classes each, newest first. */
  otherDoses(classId: string): OtherDoses {
    const mine = [...new Set(itemsOf(this.classes.read(classId).plan).map((item) => item.exerciseId))];
    const newest = mine.flatMap((exerciseId) =>
      this.db
        .selectDistinct({ classId: classExercises.classId, updatedAt: classes.updatedAt })
        .from(classExercises)
        .innerJoin(classes, eq(classes.id, classExercises.classId))
        .where(and(eq(classExercises.exerciseId, exerciseId), ne(classes.id, classId), isNull(classes.deletedAt)))
        .orderBy(desc(classes.updatedAt))
        .limit(otherClasses)
        .all()
        .map((row) => ({ exerciseId, classId: row.classId })),
    );
    const plans = this.plansOf([...new Set(newest.map((row) => row.classId))]);
    return {
      doses: newest.flatMap(({ exerciseId, classId: other }) => {
        const plan = plans.get(other);
        if (!plan) return [];
        return itemsOf(plan)
          .filter((item) => item.exerciseId === exerciseId && !item.recheck)
          .map(({ rungId, dose }) => ({ exerciseId, title: plan.title, rungId, dose }));
      }),
    };
  }

  /**
   * Moves classes to the current revision of an exercise, all in one transaction: an unknown class refuses them all.
   * Those that cannot move, do not use it or have it already stay as they are.
   */
  moveToCurrent(exerciseId: string, classIds: readonly string[]): string[] {
    return this.db.transaction(
      () =>
        classIds.filter((id) => {
          const { plan, version, move } = this.moved(id, exerciseId);
          const changes = itemsOf(plan).some((item, i) => item.revision !== itemsOf(move.plan)[i]?.revision);
          if (move.problem !== null || !changes) return false;
          this.classes.save(id, { saveId: this.nextId(), basedOn: version, plan: move.plan });
          return true;
        }),
      atOnce,
    );
  }

  private moved(classId: string, exerciseId: string) {
    const current = this.library.one(exerciseId);
    const { plan, revisions, version } = this.classes.read(classId);
    const known = new Map(revisions.map((r) => [r.revision, r.exercise]));
    const move = moveTo(plan, current.exercise, current.revision, (revision) => known.get(revision) ?? null);
    return { plan, version, move };
  }

  private plansOf(ids: readonly string[]): ReadonlyMap<string, Plan> {
    const rows =
      ids.length === 0
        ? []
        : this.db
            .select({ id: classes.id, plan: classes.plan })
            .from(classes)
            .where(inArray(classes.id, [...ids]))
            .all();
    return new Map(rows.map((row) => [row.id, readStoredAs('This class', readPlan, row.plan)]));
  }
}
