import { type AnyColumn, type SQL, asc, sql } from 'drizzle-orm';
import type { SQLiteTable } from 'drizzle-orm/sqlite-core';
import type { Db } from './database';

/** Something of a date that is stored as it was written, as JSON. */
type Written = SQLiteTable & { readonly body: AnyColumn; readonly date: AnyColumn; readonly takenAt: AnyColumn };

/** What is torn is left where it lies. */
export const isWhole = ({ body }: Written): SQL => sql`json_valid(${body})`;

/**
 * A list as JSON, by date: what was judged when it was written goes out as it was written. It is put together where it
 * lies, since ten thousand rows cost more than their text; and sorted before, since sorting inside `group_concat` takes
 * twice as long. SQLite keeps the order of what `group_concat` is given (tests hold it to that).
 */
export function listAsWritten(db: Db, table: Written, which: SQL | undefined): string {
  const { body, date, takenAt } = table;
  const text = sql<string>`${body}`.as('text');
  const sorted = db.select({ text }).from(table).where(which).orderBy(asc(date), asc(takenAt)).as('sorted');
  const all = sql<string | null>`group_concat(${sorted.text}, ',')`;
  return `[${db.select({ all }).from(sorted).get()?.all ?? ''}]`;
}
