import { type AnyColumn, type SQL, and, eq, lt, or } from 'drizzle-orm';

/** A place in a list that is ordered by an instant and then by id, newest first. */
interface ListPlace {
  readonly at: string;
  readonly id: string;
}

/** A place as text that fits an address. */
const written = ({ at, id }: ListPlace): string => Buffer.from(`${at} ${id}`).toString('base64url');

function read(place: string): ListPlace {
  const [at = '', id = ''] = Buffer.from(place, 'base64url').toString('utf8').split(' ');
  return { at, id };
}

/** What comes after a place; everything without one. A place nobody gave simply has nothing, or something, after it. */
export function after(place: string | undefined, at: AnyColumn, id: AnyColumn): SQL | undefined {
  if (place === undefined) return undefined;
  const from = read(place);
  return or(lt(at, from.at), and(eq(at, from.at), lt(id, from.id)));
}

/** The rows of one page, asked for with one more than it holds, and where the next one begins. */
export function pageOf<R>(rows: readonly R[], limit: number, placeOf: (row: R) => ListPlace) {
  const page = rows.slice(0, limit);
  const last = page.at(-1);
  return { page, next: rows.length > limit && last ? written(placeOf(last)) : null };
}
