import { createHash } from 'node:crypto';
import { gzipSync } from 'node:zlib';
import canonicalize from 'canonicalize';
import { eq, inArray } from 'drizzle-orm';
import type { ExerciseRevision, SaveExercise } from '@core/contract';
import { type Exercise, readExercise } from '@core/exercise';
import type { FindRevision } from '@core/timeline';
import type { Db } from '../database';
import { ProblemError, notFound, readStoredAs } from '../problem';
import { exerciseRevisions, exercises } from '../schema';

/** JSON in one form only (RFC 8785), so that the same content has the same address. */
const canonicalJson = (exercise: Exercise): string => canonicalize(exercise) ?? '';

/** Content address of an exercise: the first 32 hex digits of SHA-256 over its canonical JSON. */
export const revisionOf = (exercise: Exercise): string =>
  createHash('sha256').update(canonicalJson(exercise)).digest('hex').slice(0, 32);

export interface SentLibrary {
  readonly json: Buffer;
  readonly gzip: Buffer;
  readonly tag: string;
}

/** The exercises: immutable revisions, and which of them is current. */
export class Library {
  /** Parsed revisions; they never change, so they are kept. */
  private readonly parsed = new Map<string, Exercise>();
  /** The whole library as it is sent; forgotten at every change. */
  private sent: SentLibrary | null = null;

  constructor(
    private readonly db: Db,
    private readonly now: () => string,
  ) {}

  /**
   * Writes the built-in exercises at start. A new version becomes a new revision; removed ones stay removed, and one
   * that the teacher has changed stays as the teacher has it.
   */
  addBuiltIns(catalogue: readonly Exercise[]): void {
    this.sent = null;
    this.db.transaction((tx) => {
      for (const exercise of catalogue) {
        const revision = this.keep(exercise);
        const row = tx.select().from(exercises).where(eq(exercises.id, exercise.id)).get();
        if (!row)
          tx.insert(exercises).values({ id: exercise.id, revision, original: revision, origin: 'built-in' }).run();
        else if (row.origin === 'built-in') {
          const untouched = row.original === null || row.original === row.revision;
          const set = untouched ? { revision, original: revision } : { original: revision };
          tx.update(exercises).set(set).where(eq(exercises.id, exercise.id)).run();
        }
      }
    });
  }

  /**
   * Saves an own exercise, or the teacher's change of a built-in one, as a new revision. An edit of a revision that is
   * no longer current is refused; what the other page saved stays, and so does what was typed, on its page.
   */
  save({ basedOn, exercise }: SaveExercise): ExerciseRevision {
    return this.db.transaction(() => {
      const row = this.db.select().from(exercises).where(eq(exercises.id, exercise.id)).get();
      const revision = revisionOf(exercise);
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
      this.keep(exercise);
      if (row) this.db.update(exercises).set({ revision, removedAt: null }).where(eq(exercises.id, exercise.id)).run();
      else this.db.insert(exercises).values({ id: exercise.id, revision, origin: 'own' }).run();
      this.sent = null;
      return this.one(exercise.id);
    });
  }

  /** Returns a built-in exercise to its original; the teacher's revisions stay for the classes that pin them. */
  returnToOriginal(id: string): ExerciseRevision {
    const row = this.db.select().from(exercises).where(eq(exercises.id, id)).get();
    if (!row) throw notFound('This exercise');
    if (row.original === null)
      throw new ProblemError(409, 'not-built-in', 'This is your own exercise', 'There is no original to return to.');
    this.db.update(exercises).set({ revision: row.original }).where(eq(exercises.id, id)).run();
    this.sent = null;
    return this.one(id);
  }

  /** One exercise at its current revision, also when it was taken out of the library. */
  one(id: string): ExerciseRevision {
    const row = this.db.select({ revision: exercises.revision }).from(exercises).where(eq(exercises.id, id)).get();
    const [found] = row ? this.byRevision([row.revision]) : [];
    if (!found) throw notFound('This exercise');
    return found;
  }

  /** The whole library ready to send, compressed once for each change, with a tag to ask again by. */
  toSend(): SentLibrary {
    if (!this.sent) {
      const json = Buffer.from(JSON.stringify({ exercises: this.current() }));
      this.sent = {
        json,
        gzip: gzipSync(json),
        tag: `"${createHash('sha256').update(json).digest('hex').slice(0, 24)}"`,
      };
    }
    return this.sent;
  }

  private keep(exercise: Exercise): string {
    const revision = revisionOf(exercise);
    this.db
      .insert(exerciseRevisions)
      .values({ revision, exerciseId: exercise.id, body: canonicalJson(exercise), createdAt: this.now() })
      .onConflictDoNothing()
      .run();
    return revision;
  }

  /** Everything in the library, at its current revision. */
  current(): ExerciseRevision[] {
    const rows = this.db
      .select({
        revision: exercises.revision,
        origin: exercises.origin,
        original: exercises.original,
        removedAt: exercises.removedAt,
        body: exerciseRevisions.body,
      })
      .from(exercises)
      .innerJoin(exerciseRevisions, eq(exercises.revision, exerciseRevisions.revision))
      .all();
    return rows
      .filter((row) => row.removedAt === null)
      .map((row) => ({
        revision: row.revision,
        origin: row.origin,
        removed: false,
        changed: row.original !== null && row.original !== row.revision,
        exercise: this.parse(row.revision, row.body),
      }));
  }

  /** Revisions by address, also of exercises that were taken out of the library. Unknown ones are left out. */
  byRevision(revisions: readonly string[]): ExerciseRevision[] {
    if (revisions.length === 0) return [];
    const rows = this.db
      .select({
        revision: exerciseRevisions.revision,
        body: exerciseRevisions.body,
        origin: exercises.origin,
        original: exercises.original,
        removedAt: exercises.removedAt,
      })
      .from(exerciseRevisions)
      .innerJoin(exercises, eq(exercises.id, exerciseRevisions.exerciseId))
      .where(inArray(exerciseRevisions.revision, [...revisions]))
      .all();
    return rows.map((row) => ({
      revision: row.revision,
      origin: row.origin,
      removed: row.removedAt !== null,
      changed: row.original !== null && row.original !== row.revision,
      exercise: this.parse(row.revision, row.body),
    }));
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
    this.sent = null;
  }

  private parse(revision: string, body: string): Exercise {
    const known = this.parsed.get(revision);
    if (known) return known;
    const exercise = readStoredAs('This exercise', readExercise, body);
    this.parsed.set(revision, exercise);
    return exercise;
  }
}
