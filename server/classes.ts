import { and, count, desc, eq, isNull, like, lt, ne } from 'drizzle-orm';
import type {
  ClassRead,
  ClassRevision,
  ClassSummary,
  CreateClass,
  ExerciseUses,
  OtherDoses,
  SaveAnswer,
  SaveClass,
} from '@core/contract';
import { moveTo } from '@core/library';
import { type Plan, copyOfPlan, itemsOf, revisionsOf } from '@core/plan';
import { buildTimeline, outlineOf } from '@core/timeline';
import type { Db } from './database';
import type { Library } from './library';
import { ProblemError, notFound } from './problem';
import { classExercises, classRevisions, classes, runs, saves } from './schema';

/** Earlier saved states kept for a class; those set aside by a clash are all kept. */
const keptSaves = 30;

type Row = typeof classes.$inferSelect;
type Save = typeof saves.$inferSelect;

/** The classes an instructor plans: every save is checked, versioned and answered once. */
export class ClassStore {
  constructor(
    private readonly db: Db,
    private readonly library: Library,
    private readonly now: () => string,
    private readonly nextId: () => string,
  ) {}

  list(): ClassSummary[] {
    const rows = this.db.select().from(classes).where(isNull(classes.deletedAt)).orderBy(desc(classes.updatedAt)).all();
    return rows.map((row) => ({
      id: row.id,
      title: row.title,
      audience: row.audience as ClassSummary['audience'],
      slotSeconds: row.slotSeconds,
      plannedMs: row.plannedMs,
      itemCount: row.itemCount,
      version: row.version,
      updatedAt: row.updatedAt,
      outline: JSON.parse(row.outline) as ClassSummary['outline'],
    }));
  }

  read(id: string): ClassRead {
    return this.toRead(this.row(id));
  }

  create({ saveId, plan }: CreateClass): SaveAnswer {
    return this.db.transaction(() => {
      const before = this.answered(saveId, plan.id);
      if (before) return this.repeat(before);
      this.checkRevisions(plan);
      if (this.db.select({ id: classes.id }).from(classes).where(eq(classes.id, plan.id)).get()) {
        throw new ProblemError(
          409,
          'id-in-use',
          'This class is already saved',
          'A class with this id exists; open it instead.',
        );
      }
      const at = this.now();
      this.db
        .insert(classes)
        .values({ ...this.rowOf(plan), id: plan.id, version: 1, updatedAt: at })
        .run();
      this.index(plan);
      return this.record(saveId, plan, 1, at);
    });
  }

  /** Saves an edit made on `basedOn`. When someone saved in between, this side is kept as a revision and the clash is told. */
  save(id: string, { saveId, basedOn, plan }: SaveClass): SaveAnswer {
    const outcome = this.db.transaction((): { readonly saved: SaveAnswer } | { readonly kept: number } => {
      const before = this.answered(saveId, id);
      if (before) return before.keptRevision === null ? { saved: this.repeat(before) } : { kept: before.keptRevision };
      if (plan.id !== id)
        throw new ProblemError(
          422,
          'not-valid',
          'This is another class',
          'The plan belongs to a different class than the address.',
        );
      const row = this.row(id);
      this.checkRevisions(plan);
      const at = this.now();
      if (row.version !== basedOn) {
        const kept = this.keep(id, basedOn, 'clash', plan, at);
        this.db.insert(saves).values({ saveId, classId: id, version: null, keptRevision: kept, at }).run();
        return { kept };
      }
      const version = row.version + 1;
      this.db
        .update(classes)
        .set({ ...this.rowOf(plan), version, updatedAt: at })
        .where(eq(classes.id, id))
        .run();
      this.index(plan);
      return { saved: this.record(saveId, plan, version, at) };
    });
    if ('saved' in outcome) return outcome.saved;
    throw new ProblemError(
      409,
      'clash',
      'This class was changed somewhere else',
      'Both sides are kept. Choose which one goes on.',
      {
        clash: { current: this.read(id), keptRevision: outcome.kept },
      },
    );
  }

  /** A copy to teach again; the other foot leads. */
  duplicate(id: string, saveId: string, newId: string): SaveAnswer {
    const { plan } = this.read(id);
    const copy = { ...copyOfPlan(plan, `${plan.title}, again`.slice(0, 120), this.nextId), id: newId };
    return this.create({ saveId, plan: copy });
  }

  /** Takes a class away; it can be brought back. */
  delete(id: string): void {
    this.row(id);
    this.db.update(classes).set({ deletedAt: this.now() }).where(eq(classes.id, id)).run();
  }

  restore(id: string): ClassRead {
    const { changes } = this.db.update(classes).set({ deletedAt: null }).where(eq(classes.id, id)).run();
    if (changes === 0) throw notFound('This class');
    return this.read(id);
  }

  revisions(id: string): ClassRevision[] {
    this.row(id);
    const rows = this.db
      .select()
      .from(classRevisions)
      .where(eq(classRevisions.classId, id))
      .orderBy(desc(classRevisions.number))
      .all();
    return rows.map((row) => ({
      number: row.number,
      version: row.version,
      kind: row.kind,
      title: (JSON.parse(row.plan) as Plan).title,
      savedAt: row.savedAt,
    }));
  }

  revision(id: string, number: number): ClassRead {
    const { version } = this.row(id);
    const row = this.db
      .select()
      .from(classRevisions)
      .where(and(eq(classRevisions.classId, id), eq(classRevisions.number, number)))
      .get();
    if (!row) throw notFound('This earlier state');
    const plan = JSON.parse(row.plan) as Plan;
    return { plan, version, updatedAt: row.savedAt, revisions: this.library.byRevision(revisionsOf(plan)) };
  }

  /** The planned classes that use an exercise, with what its current revision would do to each; and how many were taught with it. */
  usesOf(exerciseId: string): ExerciseUses {
    const current = this.library.one(exerciseId);
    const rows = this.db
      .select({ classId: classExercises.classId, revision: classExercises.revision, items: classExercises.items })
      .from(classExercises)
      .innerJoin(classes, eq(classes.id, classExercises.classId))
      .where(and(eq(classExercises.exerciseId, exerciseId), isNull(classes.deletedAt)))
      .orderBy(desc(classes.updatedAt))
      .all();
    const ids = [...new Set(rows.map((row) => row.classId))];
    const uses = ids.map((classId) => {
      const mine = rows.filter((row) => row.classId === classId);
      const { plan, revisions } = this.read(classId);
      const known = new Map(revisions.map((r) => [r.revision, r.exercise]));
      const move = moveTo(plan, current.exercise, current.revision, (revision) => known.get(revision) ?? null);
      return {
        classId,
        title: plan.title,
        items: mine.reduce((n, row) => n + row.items, 0),
        upToDate: mine.every((row) => row.revision === current.revision),
        beforeMs: move.beforeMs,
        afterMs: move.afterMs,
        problem: move.problem,
      };
    });
    const taught = this.db
      .select({ n: count() })
      .from(runs)
      .where(like(runs.plan, `%"exerciseId":"${exerciseId}"%`))
      .get();
    return { classes: uses, taught: taught?.n ?? 0 };
  }

  /** How the exercises of a class are dosed in up to three other classes each, newest first. */
  otherDoses(id: string): OtherDoses {
    const mine = [...new Set(itemsOf(this.read(id).plan).map((item) => item.exerciseId))];
    const titles = new Map<string, Plan>();
    const doses = mine.flatMap((exerciseId) =>
      this.db
        .selectDistinct({ classId: classExercises.classId, plan: classes.plan, updatedAt: classes.updatedAt })
        .from(classExercises)
        .innerJoin(classes, eq(classes.id, classExercises.classId))
        .where(and(eq(classExercises.exerciseId, exerciseId), ne(classes.id, id), isNull(classes.deletedAt)))
        .orderBy(desc(classes.updatedAt))
        .limit(3)
        .all()
        .flatMap((row) => {
          const plan = titles.get(row.classId) ?? (JSON.parse(row.plan) as Plan);
          titles.set(row.classId, plan);
          return itemsOf(plan)
            .filter((item) => item.exerciseId === exerciseId && !item.recheck)
            .map(({ rungId, dose }) => ({ exerciseId, title: plan.title, rungId, dose }));
        }),
    );
    return { doses };
  }

  /** Moves classes to the current revision of an exercise; those that cannot move stay as they are. */
  moveToCurrent(exerciseId: string, classIds: readonly string[]): string[] {
    const current = this.library.one(exerciseId);
    return classIds.filter((id) => {
      const { plan, revisions, version } = this.read(id);
      const known = new Map(revisions.map((r) => [r.revision, r.exercise]));
      const move = moveTo(plan, current.exercise, current.revision, (revision) => known.get(revision) ?? null);
      if (move.problem !== null) return false;
      this.save(id, { saveId: this.nextId(), basedOn: version, plan: move.plan });
      return true;
    });
  }

  /** Notes which exercises a plan uses. */
  private index(plan: Plan): void {
    this.db.delete(classExercises).where(eq(classExercises.classId, plan.id)).run();
    const counts = new Map<string, { exerciseId: string; revision: string; items: number }>();
    for (const { exerciseId, revision } of itemsOf(plan)) {
      const key = `${exerciseId} ${revision}`;
      counts.set(key, { exerciseId, revision, items: (counts.get(key)?.items ?? 0) + 1 });
    }
    const rows = [...counts.values()].map((row) => ({ classId: plan.id, ...row }));
    if (rows.length > 0) this.db.insert(classExercises).values(rows).run();
  }

  private row(id: string): Row {
    const row = this.db
      .select()
      .from(classes)
      .where(and(eq(classes.id, id), isNull(classes.deletedAt)))
      .get();
    if (!row) throw notFound('This class');
    return row;
  }

  private toRead(row: Row): ClassRead {
    const plan = JSON.parse(row.plan) as Plan;
    return {
      plan,
      version: row.version,
      updatedAt: row.updatedAt,
      revisions: this.library.byRevision(revisionsOf(plan)),
    };
  }

  private checkRevisions(plan: Plan): void {
    const known = new Map(this.library.byRevision(revisionsOf(plan)).map((r) => [r.revision, r.exercise.id]));
    const unknown = itemsOf(plan).find((item) => known.get(item.revision) !== item.exerciseId);
    if (unknown) {
      throw new ProblemError(
        422,
        'unknown-revision',
        'An exercise of this class is not known here',
        `“${unknown.exerciseId}” has no such revision. Take it out or add it again from the library.`,
      );
    }
  }

  private rowOf(plan: Plan) {
    const known = new Map(this.library.byRevision(revisionsOf(plan)).map((r) => [r.revision, r.exercise]));
    const timeline = buildTimeline({ plan, find: (revision) => known.get(revision) ?? null });
    return {
      plan: JSON.stringify(plan),
      title: plan.title,
      audience: plan.brief.audience,
      slotSeconds: plan.slotSeconds,
      plannedMs: timeline.totalMs,
      itemCount: itemsOf(plan).length,
      outline: JSON.stringify(outlineOf(timeline)),
    };
  }

  private answered(saveId: string, classId: string): Save | undefined {
    const save = this.db.select().from(saves).where(eq(saves.saveId, saveId)).get();
    if (save && save.classId !== classId) {
      throw new ProblemError(
        409,
        'save-id-reused',
        'This save was used before',
        'It belongs to another class. Nothing was changed; save again.',
      );
    }
    return save;
  }

  private repeat(save: Save): SaveAnswer {
    return { id: save.classId, version: save.version ?? 1, updatedAt: save.at };
  }

  private record(saveId: string, plan: Plan, version: number, at: string): SaveAnswer {
    this.keep(plan.id, version, 'saved', plan, at);
    this.db.insert(saves).values({ saveId, classId: plan.id, version, keptRevision: null, at }).run();
    return { id: plan.id, version, updatedAt: at };
  }

  private keep(classId: string, version: number, kind: 'saved' | 'clash', plan: Plan, savedAt: string): number {
    const { lastInsertRowid } = this.db
      .insert(classRevisions)
      .values({ classId, version, kind, plan: JSON.stringify(plan), savedAt })
      .run();
    if (kind === 'saved') this.forgetOld(classId);
    return Number(lastInsertRowid);
  }

  private forgetOld(classId: string): void {
    const saved = and(eq(classRevisions.classId, classId), eq(classRevisions.kind, 'saved'));
    const newest = this.db
      .select({ number: classRevisions.number })
      .from(classRevisions)
      .where(saved)
      .orderBy(desc(classRevisions.number))
      .limit(keptSaves)
      .all();
    const oldest = newest.at(-1);
    if (newest.length < keptSaves || !oldest) return;
    this.db
      .delete(classRevisions)
      .where(and(saved, lt(classRevisions.number, oldest.number)))
      .run();
  }
}
