import { type AnyColumn, type SQL, asc, sql } from 'drizzle-orm';
import type { SQLiteTable } from 'drizzle-orm/sqlite-core';
import type { Db } from './database';

/** Something of a student's, of a date, that is stored as it was written, as JSON. */
type Written = SQLiteTable & Readonly<Record<'body' | 'studentId' | 'date' | 'takenAt', AnyColumn>>;

/** What is torn is left where it lies. */
export const isWhole = ({ body }: Written): SQL => sql`json_valid(${body})`;

/**
 * A list as JSON, of each student by date: what was judged when it was written goes out as it was written. It is put
 * together where it lies, since ten thousand rows cost more than their text; sorted before, since sorting inside
 * `group_concat` takes twice as long; and student by student, as the index has them, since sorting a whole group by date
 * takes twice as long again. SQLite keeps the order of what `group_concat` is given (tests hold it to that).
 */
export function listAsWritten(db: Db, table: Written, which: SQL | undefined): string {
  const { body, studentId, date, takenAt } = table;
  const text = sql<string>`${body}`.as('text');
  const sorted = db
    .select({ text })
    .from(table)
    .where(which)
    .orderBy(asc(studentId), asc(date), asc(takenAt))
    .as('sorted');
  const all = sql<string | null>`group_concat(${sorted.text}, ',')`;
  return `[${db.select({ all }).from(sorted).get()?.all ?? ''}]`;
}
