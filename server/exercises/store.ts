import { randomBytes } from 'node:crypto';
import { type SQL, and, eq, inArray, isNull, sql } from 'drizzle-orm';
import type { ExerciseRevision, LibraryAsked, LibraryPage, SaveExercise } from '@core/contract';
import { Exercise, readExercise } from '@core/exercise';
import { isStandby } from '@core/run';
import type { FindRevision } from '@core/timeline';
import { addressOf, canonicalJson, contentOf } from '../content';
import { type Db, atOnce } from '../database';
import { ProblemError, notFound, parsed, readStoredAs } from '../problem';
import { exerciseRevisions, exercises } from '../schema';

/** Content address of an exercise. */
export const revisionOf = (exercise: Exercise): string => contentOf(exercise);

/** Exercises sent at once: some 10 kB each. */
const pageSize = 60;
const format = Exercise.shape.format.value;

/** In the order in which they came: the catalogue's own, then the teacher's. */
const madeFirst = sql`${exercises}.rowid`;

const columns = {
  id: exercises.id,
  revision: exercises.revision,
  origin: exercises.origin,
  original: exercises.original,
  removedAt: exercises.removedAt,
  body: exerciseRevisions.body,
};
interface Row {
  readonly revision: string;
  readonly origin: 'built-in' | 'own';
  readonly original: string | null;
  readonly removedAt: string | null;
  readonly body: string;
}
const flagsOf = ({ revision, origin, original, removedAt }: Row) => ({
  revision,
  origin,
  removed: removedAt !== null,
  changed: original !== null && original !== revision,
});

const { placeholder } = sql;
/** A revision that is there already stays as it is. */
const addRevision = (db: Db) =>
  db
    .insert(exerciseRevisions)
    .values({
      revision: placeholder('revision'),
      exerciseId: placeholder('exerciseId'),
      body: placeholder('body'),
      createdAt: placeholder('createdAt'),
    })
    .onConflictDoNothing()
    .prepare();

/** What is shipped never changes while the server runs: it is written in its one form once. */
const shipped = new WeakMap<Exercise, { readonly body: string; readonly revision: string }>();
function asShipped(exercise: Exercise) {
  const before = shipped.get(exercise);
  if (before) return before;
  const body = canonicalJson(exercise);
  const written = { body, revision: addressOf(body) };
  shipped.set(exercise, written);
  return written;
}

/** The exercises: immutable revisions, and which of them is current. */
export class Library {
  /** Parsed revisions; they never change, so they are kept. */
  private readonly parsed = new Map<string, Exercise>();
  /** Which server this is: its list of changes begins with it. */
  private readonly started = randomBytes(6).toString('hex');
  /** Ids in the order in which they changed. */
  private readonly changes: string[] = [];
  /** Built-in exercises that a class on the floor has at hand. */
  private atHand: readonly string[] = [];

  private readonly revisions: ReturnType<typeof addRevision>;

  constructor(
    private readonly db: Db,
    private readonly now: () => string,
  ) {
    this.revisions = addRevision(db);
  }

  /**
   * Writes the built-in exercises at start. A new version becomes a new revision; removed ones stay removed, and one
   * that the teacher has changed stays as the teacher has it.
   */
  addBuiltIns(catalogue: readonly Exercise[]): void {
    this.atHand = catalogue.filter(isStandby).map(({ id }) => id);
    this.db.transaction((tx) => {
      const { id, revision, original, origin } = exercises;
      const stored = new Map(
        tx
          .select({ id, revision, original, origin })
          .from(exercises)
          .all()
          .map((row) => [row.id, row]),
      );
      const add = tx
        .insert(exercises)
        .values({
          id: placeholder('id'),
          revision: placeholder('revision'),
          original: placeholder('revision'),
          origin: 'built-in',
        })
        .prepare();
      for (const exercise of catalogue) {
        const { body, revision } = asShipped(exercise);
        const row = stored.get(exercise.id);
        // the same as at the last start: its revision is kept already
        if (row?.original === revision) continue;
        this.keep(exercise.id, revision, body);
        if (!row) add.run({ id: exercise.id, revision });
        else if (row.origin === 'built-in') {
          const untouched = row.original === null || row.original === row.revision;
          const set = untouched ? { revision, original: revision } : { original: revision };
          tx.update(exercises).set(set).where(eq(exercises.id, exercise.id)).run();
        }
      }
    }, atOnce);
  }

  /**
   * Saves an own exercise, or the teacher's change of a built-in one, as a new revision. An edit of a revision that is
   * no longer current is refused; what the other page saved stays, and so does what was typed, on its page.
   */
  save({ basedOn, exercise }: SaveExercise): ExerciseRevision {
    return this.db.transaction(() => {
      const row = this.db.select().from(exercises).where(eq(exercises.id, exercise.id)).get();
      const body = canonicalJson(exercise);
      const revision = addressOf(body);
      if (row?.revision !== revision && (row?.revision ?? null) !== basedOn) {
        throw row
          ? new ProblemError(
              409,
              basedOn === null ? 'id-in-use' : 'exercise-changed',
              basedOn === null ? 'This name is taken' : 'This exercise was changed somewhere else',
              basedOn === null
                ? 'An exercise with this id exists. Give yours another name, or change that one.'
                : 'What you typed is still on the page. Look at the other version, then save yours again or take it over.',
            )
          : notFound('The exercise this edit was made on');
      }
      this.keep(exercise.id, revision, body);
      if (row) this.db.update(exercises).set({ revision, removedAt: null }).where(eq(exercises.id, exercise.id)).run();
      else this.db.insert(exercises).values({ id: exercise.id, revision, origin: 'own' }).run();
      this.changes.push(exercise.id);
      return this.one(exercise.id);
    }, atOnce);
  }

  /** Returns a built-in exercise to its original; the teacher's revisions stay for the classes that pin them. */
  returnToOriginal(id: string): ExerciseRevision {
    const row = this.db.select().from(exercises).where(eq(exercises.id, id)).get();
    if (!row) throw notFound('This exercise');
    if (row.original === null)
      throw new ProblemError(409, 'not-built-in', 'This is your own exercise', 'There is no original to return to.');
    this.db.update(exercises).set({ revision: row.original }).where(eq(exercises.id, id)).run();
    this.changes.push(id);
    return this.one(id);
  }

  /** One exercise at its current revision, also when it was taken out of the library. */
  one(id: string): ExerciseRevision {
    const found = this.find(id);
    if (!found) throw notFound('This exercise');
    return found;
  }

  /** The same; null where there never was one. */
  find(id: string): ExerciseRevision | null {
    const row = this.db.select({ revision: exercises.revision }).from(exercises).where(eq(exercises.id, id)).get();
    return (row ? this.byRevision([row.revision])[0] : null) ?? null;
  }

  /**
   * A page of the library, or of what changed in it since an answer of this server.
   * @returns a LibraryPage as JSON: what was judged when it was written goes out as it was written
   */
  page({ since, from }: LibraryAsked): string {
    const known = this.changesSince(since);
    const ids =
      known ??
      this.db
        .select({ id: exercises.id })
        .from(exercises)
        .orderBy(madeFirst)
        .all()
        .map(({ id }) => id);
    const asked = ids.slice(from, from + pageSize);
    const which = and(isNull(exercises.removedAt), inArray(exercises.id, asked));
    const rows = asked.length === 0 ? [] : this.rows(which).orderBy(madeFirst).all();
    const here = new Set(rows.map(({ id }) => id));
    const about: Omit<LibraryPage, 'exercises'> = {
      gone: known === null ? [] : asked.filter((id) => !here.has(id)),
      whole: known === null,
      at: `${this.started}.${this.changes.length}`,
      next: ids.length > from + pageSize ? from + pageSize : null,
    };
    return `${JSON.stringify(about).slice(0, -1)},"exercises":[${rows.map((row) => this.textOf(row)).join(',')}]}`;
  }

  private textOf(row: Row): string {
    const stored = parsed(row.body);
    const current = typeof stored === 'object' && stored !== null && 'format' in stored && stored.format === format;
    const text = current ? row.body : JSON.stringify(this.parse(row.revision, row.body));
    return `${JSON.stringify(flagsOf(row)).slice(0, -1)},"exercise":${text}}`;
  }

  /** How often the library has changed since this server began. */
  changesSoFar(): number {
    return this.changes.length;
  }

  /** Ids of what changed since an answer; null where all of it has to be sent. */
  private changesSince(since: string | undefined): string[] | null {
    const [started, count] = (since ?? '').split('.');
    const from = Number(count);
    if (started !== this.started || !Number.isInteger(from) || from < 0) return null;
    return [...new Set(this.changes.slice(from))].sort();
  }

  private keep(exerciseId: string, revision: string, body: string): void {
    this.revisions.run({ revision, exerciseId, body, createdAt: this.now() });
  }

  /** Everything in the library, at its current revision. */
  current(): ExerciseRevision[] {
    return this.rows(isNull(exercises.removedAt))
      .all()
      .map((row) => this.revisionFrom(row));
  }

  /** What may be put into a class while it is taught, as it stands in the library. */
  standbys(): ExerciseRevision[] {
    return this.atHandRows().map((row) => this.revisionFrom(row));
  }

  /**
   * What a class pins and what may be put into it, as JSON: a class that is opened costs no judging of what was judged
   * when it was written.
   * @returns the members `revisions` and `standbys` of a ClassRead
   */
  pinnedAsWritten(revisions: readonly string[]): string {
    const list = (rows: readonly Row[]) => `[${rows.map((row) => this.textOf(row)).join(',')}]`;
    return `"revisions":${list(this.pinned(revisions))},"standbys":${list(this.atHandRows())}`;
  }

  private atHandRows(): Row[] {
    if (this.atHand.length === 0) return [];
    return this.rows(and(isNull(exercises.removedAt), inArray(exercises.id, [...this.atHand]))).all();
  }

  /** Exercises at their current revision. */
  private rows(which: SQL | undefined) {
    return this.db
      .select(columns)
      .from(exercises)
      .innerJoin(exerciseRevisions, eq(exercises.revision, exerciseRevisions.revision))
      .where(which)
      .$dynamic();
  }

  /** Revisions by address, also of exercises that were taken out of the library. Unknown ones are left out. */
  byRevision(revisions: readonly string[]): ExerciseRevision[] {
    return this.pinned(revisions).map((row) => this.revisionFrom(row));
  }

  private pinned(revisions: readonly string[]): Row[] {
    if (revisions.length === 0) return [];
    return this.db
      .select({ ...columns, revision: exerciseRevisions.revision })
      .from(exerciseRevisions)
      .innerJoin(exercises, eq(exercises.id, exerciseRevisions.exerciseId))
      .where(inArray(exerciseRevisions.revision, [...revisions]))
      .all();
  }

  private revisionFrom(row: Row): ExerciseRevision {
    return { ...flagsOf(row), exercise: this.parse(row.revision, row.body) };
  }

  /** Finds revisions of a class by their address. */
  finder(revisions: readonly string[]): FindRevision {
    const known = new Map(this.byRevision(revisions).map((r) => [r.revision, r.exercise]));
    return (revision) => known.get(revision) ?? null;
  }

  /** Takes an exercise out of the library; classes that use it keep their revision. */
  remove(id: string): void {
    this.setRemoved(id, this.now());
  }

  restore(id: string): void {
    this.setRemoved(id, null);
  }

  private setRemoved(id: string, removedAt: string | null): void {
    const { changes } = this.db.update(exercises).set({ removedAt }).where(eq(exercises.id, id)).run();
    if (changes === 0) throw notFound('This exercise');
    this.changes.push(id);
  }

  private parse(revision: string, body: string): Exercise {
    const known = this.parsed.get(revision);
    if (known) return known;
    const exercise = readStoredAs('This exercise', readExercise, body);
    this.parsed.set(revision, exercise);
    return exercise;
  }
}
