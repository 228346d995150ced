import { and, count, desc, eq, isNull, lt, notExists, sql } from 'drizzle-orm';
import * as z from 'zod';
import type {
  ClassList,
  ClassRead,
  ClassRevisions,
  ClassSummary,
  CreateClass,
  ListAsked,
  PageAsked,
  SaveAnswer,
  SaveClass,
} from '@core/contract';
import { Brief, type Plan, allItemsOf, copyOfPlan, itemsOf, readPlan, revisionsOf } from '@core/plan';
import { OutlineStitch } from '@core/timeline/outline';
import { buildTimeline, outlineOf } from '@core/timeline';
import { contentOf } from '../content';
import { type Db, atOnce } from '../database';
import type { Library } from '../exercises/store';
import { after, pageOf, worded } from '../page';
import { ProblemError, notFound, readStoredAs } from '../problem';
import { classes, courseClasses, runs, saves } from '../schema';
import { TimedLater } from '../timed-later';
import { refuseTooMuch } from '../too-much';
import { EarlierStates } from './earlier-states';
import { noteExercises } from './note-exercises';

type Row = typeof classes.$inferSelect;
type SummaryRow = Omit<Row, 'plan' | 'deletedAt'>;
const summaryColumns = {
  id: classes.id,
  version: classes.version,
  title: classes.title,
  audience: classes.audience,
  slotSeconds: classes.slotSeconds,
  plannedMs: classes.plannedMs,
  itemCount: classes.itemCount,
  outline: classes.outline,
  updatedAt: classes.updatedAt,
};
type Save = typeof saves.$inferSelect;

const Outline = z.array(OutlineStitch).catch([]);
const Audience = Brief.shape.audience.catch('mixed');

/** How long the answer to a save is known, so that the same one sent again counts once. Later it would be a clash: kept too. */
const answersKeptMs = 90 * 86_400_000;

/** The classes an instructor plans: every save is checked, versioned and answered once. */
export class ClassStore {
  private readonly earlier: EarlierStates;

  constructor(
    private readonly db: Db,
    private readonly library: Library,
    private readonly now: () => string,
    private readonly nextId: () => string,
    private readonly later: TimedLater = new TimedLater(db, library),
  ) {
    this.earlier = new EarlierStates(db, library);
  }

  /** One page, newest first. */
  list(asked: ListAsked): ClassList {
    const rows = this.db
      .select(summaryColumns)
      .from(classes)
      .where(
        and(
          isNull(classes.deletedAt),
          // classes of a course stand there; who asks by words finds them here too
          asked.words ? undefined : notOfCourse(this.db),
          asked.before === undefined ? undefined : lt(classes.updatedAt, asked.before),
          after(asked.after, classes.updatedAt, classes.id),
          worded(asked.words, classes.title),
        ),
      )
      .orderBy(desc(classes.updatedAt), desc(classes.id))
      .limit(asked.limit + 1)
      .all();
    const { page, next } = pageOf(rows, asked.limit, (row) => ({ at: row.updatedAt, id: row.id }));
    return { classes: page.map((row) => summaryOf(this.timed(row))), next };
  }

  /** As it stands in a list. */
  summary(id: string): ClassSummary {
    return summaryOf(this.timed(this.row(id)));
  }

  /** Works out the times of those that came in without. */
  time(ids: readonly string[]): void {
    this.later.classes(ids);
  }

  private timed<T extends SummaryRow>(row: T): SummaryRow {
    if (row.plannedMs >= 0) return row;
    this.time([row.id]);
    return this.row(row.id);
  }

  read(id: string): ClassRead {
    const about = this.about(id);
    const revisions = this.library.byRevision(revisionsOf(about.plan));
    return { ...about, revisions, standbys: this.library.standbys() };
  }

  /** The same as JSON, its exercises as they were written. */
  readAsWritten(id: string): string {
    const about = this.about(id);
    return `${JSON.stringify(about).slice(0, -1)},${this.library.pinnedAsWritten(revisionsOf(about.plan))}}`;
  }

  private about(id: string): Omit<ClassRead, 'revisions' | 'standbys'> {
    const row = this.row(id);
    const plan = readStoredAs('This class', readPlan, row.plan);
    return { plan, version: row.version, updatedAt: row.updatedAt, taught: this.taught(plan) };
  }

  create({ saveId, plan }: CreateClass): SaveAnswer {
    return this.db.transaction(() => {
      const before = this.answered(saveId, plan.id, contentOf(plan));
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
      return this.record(saveId, plan, 1, at);
    }, atOnce);
  }

  /** Saves an edit made on `basedOn`. When someone saved in between, this side is kept as a revision and the clash is told. */
  save(id: string, { saveId, basedOn, plan }: SaveClass): SaveAnswer {
    const outcome = this.db.transaction((): { readonly saved: SaveAnswer } | { readonly kept: number } => {
      const content = contentOf(plan);
      const before = this.answered(saveId, id, content);
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
        const kept = this.earlier.keep(id, basedOn, 'clash', plan, at);
        this.db.insert(saves).values({ saveId, classId: id, version: null, keptRevision: kept, at, content }).run();
        return { kept };
      }
      const version = row.version + 1;
      this.db
        .update(classes)
        .set({ ...this.rowOf(plan), version, updatedAt: at })
        .where(eq(classes.id, id))
        .run();
      return { saved: this.record(saveId, plan, version, at) };
    }, atOnce);
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

  /**
   * A class as something else made it: new, or the next version in the place of one that is there; the same again makes
   * none. One that was taken out comes back. The caller says whether it may be.
   */
  put(plan: Plan): number {
    this.checkRevisions(plan);
    const row = this.db.select().from(classes).where(eq(classes.id, plan.id)).get();
    const at = this.now();
    if (row?.deletedAt === null && contentOf(JSON.parse(row.plan)) === contentOf(plan)) return row.version;
    const version = (row?.version ?? 0) + 1;
    const set = { ...this.rowOf(plan), version, updatedAt: at, deletedAt: null };
    this.db
      .insert(classes)
      .values({ ...set, id: plan.id })
      .onConflictDoUpdate({ target: classes.id, set })
      .run();
    this.record(this.nextId(), plan, version, at);
    return version;
  }

  /** A copy to teach again; the other foot leads. */
  duplicate(id: string, saveId: string, newId: string): SaveAnswer {
    const before = this.answered(saveId, newId, null);
    if (before) return this.repeat(before);
    const { plan } = this.read(id);
    const copy = { ...copyOfPlan(plan, this.nextId), id: newId };
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

  revisions(id: string, asked: PageAsked): ClassRevisions {
    this.row(id);
    return this.earlier.list(id, asked);
  }

  revision(id: string, number: number): ClassRead {
    const { version } = this.row(id);
    const { plan, savedAt } = this.earlier.one(id, number);
    const revisions = this.library.byRevision(revisionsOf(plan));
    return { plan, version, updatedAt: savedAt, revisions, taught: this.taught(plan), standbys: [] };
  }

  /** How many classes its group has been taught, or how often this class has where it names none. */
  private taught({ id, brief }: Plan): number {
    const of = brief.groupId === null ? eq(runs.classId, id) : eq(runs.groupId, brief.groupId);
    const found = this.db
      .select({ runs: count() })
      .from(runs)
      .where(and(of, isNull(runs.removedAt)))
      .get();
    return found?.runs ?? 0;
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
    const find = this.library.finder(revisionsOf(plan));
    refuseTooMuch(plan, find);
    const timeline = buildTimeline({ plan, find });
    return {
      plan: JSON.stringify(plan),
      title: plan.title,
      audience: plan.brief.audience,
      slotSeconds: plan.slotSeconds,
      plannedMs: timeline.totalMs,
      itemCount: allItemsOf(plan).length,
      outline: JSON.stringify(outlineOf(timeline)),
    };
  }

  /** The first answer to this save; with other content it is another save, and refused. @param content null for whatever it was */
  private answered(saveId: string, classId: string, content: string | null): Save | undefined {
    const save = this.db.select().from(saves).where(eq(saves.saveId, saveId)).get();
    if (!save) return undefined;
    const other = content !== null && save.content !== null && save.content !== content;
    if (save.classId !== classId || other) {
      throw new ProblemError(
        409,
        'save-id-reused',
        'This save was used before',
        save.classId === classId
          ? 'It had other content then. Nothing was changed; save again.'
          : 'It belongs to another class. Nothing was changed; save again.',
      );
    }
    return save;
  }

  private repeat(save: Save): SaveAnswer {
    return { id: save.classId, version: save.version ?? 1, updatedAt: save.at };
  }

  private record(saveId: string, plan: Plan, version: number, at: string): SaveAnswer {
    noteExercises(this.db, plan);
    this.earlier.keep(plan.id, version, 'saved', plan, at);
    const content = contentOf(plan);
    this.db.insert(saves).values({ saveId, classId: plan.id, version, keptRevision: null, at, content }).run();
    this.db
      .delete(saves)
      .where(lt(saves.at, new Date(Date.parse(at) - answersKeptMs).toISOString()))
      .run();
    return { id: plan.id, version, updatedAt: at };
  }
}

const notOfCourse = (db: Db) =>
  notExists(
    db
      .select({ one: sql`1` })
      .from(courseClasses)
      .where(eq(courseClasses.classId, classes.id)),
  );

const summaryOf = (row: SummaryRow): ClassSummary => ({
  id: row.id,
  title: row.title,
  audience: Audience.parse(row.audience),
  slotSeconds: row.slotSeconds,
  plannedMs: row.plannedMs,
  itemCount: row.itemCount,
  version: row.version,
  updatedAt: row.updatedAt,
  outline: Outline.parse(JSON.parse(row.outline)),
});
