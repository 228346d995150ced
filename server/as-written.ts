import { type AnyColumn, type SQL, sql } from 'drizzle-orm';
import type { SQLiteTable } from 'drizzle-orm/sqlite-core';
import type { Db } from './database';

/** Something of a date that is stored as it was written, as JSON. */
type Written = SQLiteTable & { readonly body: AnyColumn; readonly date: AnyColumn; readonly takenAt: AnyColumn };

/** What is torn is left where it lies. */
export const isWhole = ({ body }: Written): SQL => sql`json_valid(${body})`;

/**
 * A list as JSON, by date: what was judged when it was written goes out as it was written. It is put together where it
 * lies, since ten thousand rows cost more than their text.
 */
export function listAsWritten(db: Db, table: Written, which: SQL | undefined): string {
  const { body, date, takenAt } = table;
  const all = sql<string | null>`group_concat(${body}, ',' order by ${date}, ${takenAt})`;
  return `[${db.select({ all }).from(table).where(which).get()?.all ?? ''}]`;
}
