import { and, asc, count, desc, eq, inArray, isNotNull, isNull } from 'drizzle-orm';
import type { ReadingKept } from '@core/contract';
import { Reading, isNumber, refusalOf, refuseWords } from '@core/measure';
import { isWhole, listAsWritten } from '../as-written';
import { contentOf } from '../content';
import { type Db, atOnce } from '../database';
import { ProblemError, notFound, parsed } from '../problem';
import { readings } from '../schema';
import type { ProtocolStore } from '../protocols/store';
import type { PeopleStore } from './store';

const day = 86_400_000;
/** Rows of one insert: SQLite takes so many values in one statement. */
const atATime = 400;

/** What was measured. A reading is never changed: a wrong one is taken out, and taken anew. */
export class ReadingStore {
  /** Grows with every change of a student's readings, so that what was worked out from them can be told from stale. */
  private readonly changes = new Map<string, number>();

  constructor(
    private readonly db: Db,
    private readonly people: PeopleStore,
    private readonly protocols: ProtocolStore,
    private readonly now: () => string,
  ) {}

  /** Keeps a reading; the same one again changes nothing. What comes for somebody deleted meanwhile is dropped. */
  add(reading: Reading): ReadingKept {
    if (this.people.wasDeleted(reading.studentId)) return { kept: false };
    const before = this.db.select().from(readings).where(eq(readings.id, reading.id)).get();
    if (before) {
      if (contentOf(parsed(before.body)) === contentOf(reading)) return { kept: true };
      throw new ProblemError(409, 'reading-id-reused', 'Another reading has this id', 'Nothing was changed.');
    }
    const consent = this.people.consenting([reading.studentId]).has(reading.studentId);
    // somebody who is not there at all is another thing than somebody who has not agreed
    if (!consent) this.people.student(reading.studentId);
    this.refuse(reading, consent);
    this.db.insert(readings).values(this.rowOf(reading)).run();
    this.changed(reading.studentId);
    return { kept: true };
  }

  /** Keeps many new ones at once; all of them or none. */
  addAll(taken: readonly Reading[]): void {
    const consenting = this.people.consenting([...new Set(taken.map(({ studentId }) => studentId))]);
    for (const reading of taken) this.refuse(reading, consenting.has(reading.studentId));
    this.db.transaction(() => {
      for (let from = 0; from < taken.length; from += atATime)
        this.db
          .insert(readings)
          .values(taken.slice(from, from + atATime).map((reading) => this.rowOf(reading)))
          .run();
    }, atOnce);
    for (const { studentId } of taken) this.changed(studentId);
  }

  /** Takes one out; it is kept and can be brought back. */
  remove(id: string): void {
    this.mark(id, this.now());
  }
  restore(id: string): void {
    this.mark(id, null);
  }

  /** All readings of some students, or those in some checks; by date. */
  of(studentIds: readonly string[], protocols?: readonly string[]): Reading[] {
    return this.db
      .select({ body: readings.body })
      .from(readings)
      .where(this.which(studentIds, protocols))
      .orderBy(asc(readings.date), asc(readings.takenAt))
      .all()
      .flatMap(readable);
  }

  /**
   * All readings of some students, or those in some checks; by date.
   * @returns a list as JSON: what was judged when it was written goes out as it was written
   */
  asWritten(studentIds: readonly string[], protocols?: readonly string[]): string {
    return listAsWritten(this.db, readings, this.which(studentIds, protocols));
  }

  /** Readings of a student that were taken out, the last one first; so many at most. */
  takenOutOf(studentId: string): Reading[] {
    return this.db
      .select({ body: readings.body })
      .from(readings)
      .where(and(eq(readings.studentId, studentId), isNotNull(readings.removedAt)))
      .orderBy(desc(readings.removedAt))
      .limit(100)
      .all()
      .flatMap(readable);
  }

  private which(studentIds: readonly string[], protocols?: readonly string[]) {
    return and(
      inArray(readings.studentId, [...studentIds]),
      isNull(readings.removedAt),
      protocols ? inArray(readings.protocol, [...protocols]) : undefined,
      isWhole(readings),
    );
  }

  /** All readings of one check, of everybody. */
  inCheck(protocol: string): Reading[] {
    return this.db
      .select({ body: readings.body })
      .from(readings)
      .where(and(eq(readings.protocol, protocol), isNull(readings.removedAt)))
      .orderBy(asc(readings.date), asc(readings.takenAt))
      .all()
      .flatMap(readable);
  }

  count(protocol: string): number {
    const row = this.db
      .select({ readings: count() })
      .from(readings)
      .where(and(eq(readings.protocol, protocol), isNull(readings.removedAt)))
      .get();
    return row?.readings ?? 0;
  }

  /** How often the readings of a student have changed since this server began. */
  changesOf(studentId: string): number {
    return this.changes.get(studentId) ?? 0;
  }

  private rowOf(reading: Reading): typeof readings.$inferInsert {
    const { id, studentId, protocol, date } = reading;
    return { id, studentId, protocol, date, body: JSON.stringify(reading), takenAt: this.now() };
  }

  private changed(studentId: string): void {
    this.changes.set(studentId, this.changesOf(studentId) + 1);
  }

  private mark(id: string, removedAt: string | null): void {
    this.db.transaction(() => {
      const row = this.db.select().from(readings).where(eq(readings.id, id)).get();
      if (!row) throw notFound('This reading');
      this.db.update(readings).set({ removedAt }).where(eq(readings.id, id)).run();
      this.changed(row.studentId);
    }, atOnce);
  }

  /** The same refusals as on the page: it may be older, or not be the page at all. */
  private refuse(reading: Reading, consent: boolean): void {
    const protocol = this.protocols.find(reading.protocol);
    // one of the teacher's own may still be on its way here: what was measured waits for it
    if (!protocol)
      throw new ProblemError(
        503,
        'check-unknown',
        'Its check is not here yet',
        'Needlework does not know this check. What was measured is kept in the browser and sent again.',
      );
    // a page east of here is a day ahead
    const tomorrow = new Date(Date.parse(this.now()) + day).toISOString().slice(0, 10);
    const why = refusalOf(isNumber(protocol) ? protocol.result : null, reading, tomorrow, consent);
    if (why) throw new ProblemError(422, 'reading-refused', 'Not taken', refuseWords[why]);
  }
}

/** A reading that a newer Needlework wrote is left where it lies. */
function readable({ body }: { readonly body: string }): Reading[] {
  const read = Reading.safeParse(parsed(body));
  return read.success ? [read.data] : [];
}
