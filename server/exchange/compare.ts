import Database from 'better-sqlite3';
import type { EntryCounts, EntryState, RecordKind } from '@core/contract';
import { recordKinds } from '@core/format';
import { type OwnProtocol, meaningOf, readOwnProtocol } from '@core/measure';
import { readPlan } from '@core/plan';
import { contentOf } from '../content';
import { parsed } from '../problem';
import { needed, tables } from './entries';

/**
 * Compares a database beside the teacher's own with that, thing by thing, and writes down in it how each stands. The
 * teacher's own is only read.
 * @param beside path of the one that came in
 * @param here path of the teacher's own
 */
export function compare(beside: string, here: string): Partial<Record<RecordKind, EntryCounts>> {
  const db = new Database(':memory:');
  try {
    db.prepare('attach ? as coming').run(beside);
    db.prepare('attach ? as here').run(here);
    db.exec(`drop table if exists coming.entries;
      create table coming.entries (kind text not null, id text not null, title text not null, state text not null, take integer not null default 0, primary key (kind, id)) without rowid;`);
    db.exec('begin');
    dropDeleted(db);
    for (const kind of recordKinds) compareKind(db, kind);
    lookCloser(db);
    db.exec('commit');
    return countsIn(db);
  } finally {
    db.close();
  }
}

/** What a file says of somebody who was deleted here for good is dropped. */
function dropDeleted(db: Database.Database): void {
  const gone = 'select id from here.deleted_students';
  for (const [name, column] of [
    ['students', 'id'],
    ['memberships', 'student_id'],
    ['readings', 'student_id'],
    ['ladder_notes', 'student_id'],
    ['homework', 'student_id'],
  ] as const)
    db.exec(`delete from coming.${name} where ${column} in (${gone})`);
}

function compareKind(db: Database.Database, kind: RecordKind): void {
  const { name, body, title, removed } = tables[kind];
  const out = removed === null ? '0' : `h.${removed} is not null and c.${removed} is null`;
  // what came with Needlework is here, or comes with its own version
  const which = kind === 'exercise' ? `where c.original is null or c.original not in (c.revision, '${needed}')` : '';
  db.prepare(
    `insert into coming.entries (kind, id, title, state)
     select ?, c.id, coalesce(${title}, ''), case when h.id is null then 'new' when ${out} then 'out' when h.${body} = c.${body} then 'same' else 'differs' end
     from coming.${name} c left join here.${name} h on h.id = c.id ${which}`,
  ).run(kind);
}

/** Text that differs may still say the same; and some things are never written over. */
function lookCloser(db: Database.Database): void {
  const set = db.prepare('update coming.entries set state = ? where kind = ? and id = ?');
  for (const kind of recordKinds) {
    if (kind === 'exercise') continue;
    const { name, body } = tables[kind];
    const rows = db
      .prepare(
        `select e.id, h.${body} as here, c.${body} as coming from coming.entries e join here.${name} h on h.id = e.id join coming.${name} c on c.id = e.id where e.kind = ? and e.state = 'differs'`,
      )
      .all(kind) as { id: string; here: string; coming: string }[];
    for (const row of rows) {
      const same = saysOf(kind, row.here) === saysOf(kind, row.coming);
      const state = same ? 'same' : mayChange(db, kind, row) ? 'differs' : 'kept';
      set.run(state, kind, row.id);
    }
  }
  // a taught class has more to it than its plan
  db.exec(`update coming.entries set state = 'differs' where kind = 'taught' and state = 'same' and (
    exists (select 1 from coming.run_events c where c.run_id = entries.id and not exists
      (select 1 from here.run_events h where h.run_id = c.run_id and h.device_id = c.device_id and h.seq = c.seq))
    or exists (select 1 from coming.runs c join here.runs h on h.id = c.id where c.id = entries.id and (c.note <> h.note or c.headcount is not h.headcount)))`);
}

/** What a document says, whatever the order of its fields and the format in which it was written. */
function saysOf(kind: RecordKind, body: string): string {
  const stored = parsed(body);
  if (kind !== 'class' && kind !== 'taught') return contentOf(stored);
  const read = readPlan(stored);
  return contentOf(read.ok ? read.value : stored);
}

function mayChange(
  db: Database.Database,
  kind: RecordKind,
  { id, here, coming }: { readonly id: string; readonly here: string; readonly coming: string },
): boolean {
  if (kind === 'reading' || kind === 'note' || kind === 'taught') return false;
  if (kind !== 'protocol') return true;
  const [mine, other] = [readOwnProtocol(parsed(here)), readOwnProtocol(parsed(coming))];
  const meaning = (read: typeof mine): string | null => (read.ok ? meaningOf(read.value satisfies OwnProtocol) : null);
  if (meaning(mine) === meaning(other)) return true;
  return db.prepare('select 1 from here.readings where protocol = ?').get(id) === undefined;
}

function countsIn(db: Database.Database): Partial<Record<RecordKind, EntryCounts>> {
  const rows = db.prepare('select kind, state, count(*) as n from coming.entries group by kind, state').all() as {
    kind: RecordKind;
    state: EntryState;
    n: number;
  }[];
  const counts: Partial<Record<RecordKind, Record<EntryState, number>>> = {};
  for (const { kind, state, n } of rows) {
    const of = (counts[kind] ??= { new: 0, same: 0, differs: 0, out: 0, kept: 0 });
    of[state] = n;
  }
  return counts;
}
