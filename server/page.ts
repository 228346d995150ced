import { type AnyColumn, type SQL, and, eq, lt, or, sql } from 'drizzle-orm';
import { folded } from './folded';

/** Where one stands in a list that is ordered by an instant and then by id, newest first. */
interface Cursor {
  readonly at: string;
  readonly id: string;
}

/** A cursor as text that fits an address. */
const written = ({ at, id }: Cursor): string => Buffer.from(`${at} ${id}`).toString('base64url');

function read(cursor: string): Cursor {
  const [at = '', id = ''] = Buffer.from(cursor, 'base64url').toString('utf8').split(' ');
  return { at, id };
}

/** What comes after a cursor; everything without one. One that nobody gave simply has nothing, or something, after it. */
export function after(cursor: string | undefined, at: AnyColumn, id: AnyColumn): SQL | undefined {
  if (cursor === undefined) return undefined;
  const from = read(cursor);
  return or(lt(at, from.at), and(eq(at, from.at), lt(id, from.id)));
}

/** Titles with all of these words in any order, whatever their case and accents; everything without words. */
export function worded(words: string | undefined, title: AnyColumn): SQL | undefined {
  const asked = folded(words ?? '')
    .split(' ')
    .filter((word) => word !== '');
  return and(...asked.map((word) => sql`instr(folded(${title}), ${word}) > 0`));
}

/** The rows of one page, asked for with one more than it holds, and where the next one begins. */
export function pageOf<R>(rows: readonly R[], limit: number, cursorOf: (row: R) => Cursor) {
  const page = rows.slice(0, limit);
  const last = page.at(-1);
  return { page, next: rows.length > limit && last ? written(cursorOf(last)) : null };
}
