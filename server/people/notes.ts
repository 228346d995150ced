import { and, asc, eq, inArray, isNull } from 'drizzle-orm';
import type { ReadingKept } from '@core/contract';
import { LadderNote } from '@core/roster';
import { refuseWords } from '@core/measure';
import { isWhole, listAsWritten } from '../as-written';
import { contentOf } from '../content';
import type { Db } from '../database';
import { ProblemError, notFound, parsed } from '../problem';
import { ladderNotes } from '../schema';
import type { PeopleStore } from './store';

const day = 86_400_000;

/** What was seen of students on their ladders. A note is never changed: a wrong one is taken out. */
export class NoteStore {
  /** Grows with every change of a student's notes, so that what was worked out from them can be told from stale. */
  private readonly changes = new Map<string, number>();

  constructor(
    private readonly db: Db,
    private readonly people: PeopleStore,
    private readonly now: () => string,
  ) {}

  /** Keeps a note; the same one again changes nothing. What comes for somebody deleted meanwhile is dropped. */
  add(note: LadderNote): ReadingKept {
    if (this.people.wasDeleted(note.studentId)) return { kept: false };
    const before = this.db.select().from(ladderNotes).where(eq(ladderNotes.id, note.id)).get();
    if (before) {
      if (contentOf(parsed(before.body)) === contentOf(note)) return { kept: true };
      throw new ProblemError(409, 'reading-id-reused', 'Another note has this id', 'Nothing was changed.');
    }
    const consent = this.people.consenting([note.studentId]).has(note.studentId);
    if (!consent) this.people.student(note.studentId);
    // a page east of here is a day ahead
    const tomorrow = new Date(Date.parse(this.now()) + day).toISOString().slice(0, 10);
    // that something is wrong is minded like a caution, whether measures are kept or not
    const warns = note.what.kind === 'stop' || note.what.kind === 'cleared';
    const why = !consent && !warns ? 'no-consent' : note.date > tomorrow ? 'future-date' : null;
    if (why) throw new ProblemError(422, 'reading-refused', 'Not taken', refuseWords[why]);
    this.addAll([note]);
    return { kept: true };
  }

  /** Keeps many new ones at once. */
  addAll(notes: readonly LadderNote[]): void {
    if (notes.length === 0) return;
    this.db
      .insert(ladderNotes)
      .values(
        notes.map((note) => ({
          id: note.id,
          studentId: note.studentId,
          date: note.date,
          kind: note.what.kind,
          body: JSON.stringify(note),
          takenAt: this.now(),
        })),
      )
      .run();
    for (const { studentId } of notes) this.changed(studentId);
  }

  /** Out, and back again. */
  mark(id: string, out: boolean): void {
    const row = this.db
      .update(ladderNotes)
      .set({ removedAt: out ? this.now() : null })
      .where(eq(ladderNotes.id, id))
      .returning({ studentId: ladderNotes.studentId })
      .get();
    // nothing is updated where it is not there, whatever the types say
    if ((row as typeof row | undefined) === undefined) throw notFound('This note');
    this.changed(row.studentId);
  }

  /** How often the notes of a student have changed since this server began. */
  changesOf(studentId: string): number {
    return this.changes.get(studentId) ?? 0;
  }

  private changed(studentId: string): void {
    this.changes.set(studentId, this.changesOf(studentId) + 1);
  }

  /** By date. */
  of(studentIds: readonly string[]): LadderNote[] {
    return this.rowsOf(studentIds).flatMap(readable);
  }

  /** Where they were placed, by date: all that says where somebody stands. */
  placed(studentIds: readonly string[]): LadderNote[] {
    return this.rowsOf(studentIds, 'placed').flatMap(readable);
  }

  /**
   * By date.
   * @returns a list as JSON: what was judged when it was written goes out as it was written
   */
  asWritten(studentIds: readonly string[]): string {
    return listAsWritten(this.db, ladderNotes, this.which(studentIds));
  }

  private rowsOf(studentIds: readonly string[], kind?: LadderNote['what']['kind']) {
    return this.db
      .select({ body: ladderNotes.body })
      .from(ladderNotes)
      .where(and(this.which(studentIds), kind === undefined ? undefined : eq(ladderNotes.kind, kind)))
      .orderBy(asc(ladderNotes.date), asc(ladderNotes.takenAt))
      .all();
  }

  private which(studentIds: readonly string[]) {
    return and(inArray(ladderNotes.studentId, [...studentIds]), isNull(ladderNotes.removedAt), isWhole(ladderNotes));
  }
}

/** A note that a newer Needlework wrote is left where it lies. */
function readable({ body }: { readonly body: string }): LadderNote[] {
  const read = LadderNote.safeParse(parsed(body));
  return read.success ? [read.data] : [];
}
