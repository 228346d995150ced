import { existsSync, readFileSync, renameSync, rmSync, statSync } from 'node:fs';
import { join } from 'node:path';
import Database from 'better-sqlite3';
import { type BetterSQLite3Database, drizzle } from 'drizzle-orm/better-sqlite3';
import { migrate } from 'drizzle-orm/better-sqlite3/migrator';
import * as z from 'zod';
import { folded } from './folded';
import * as schema from './schema';
import { StartFault } from './start-fault';

export type Db = BetterSQLite3Database<typeof schema>;
export interface OpenDatabase {
  readonly db: Db;
  /** The same, without its query builder. */
  readonly sqlite: Database.Database;
  readonly close: () => void;
  /** Writes what was deleted out of the file and its journal. */
  readonly wipe: () => void;
}

/** Takes the lock for writing at once, so that another program's lock is waited for instead of refused. */
export const atOnce = { behavior: 'immediate' } as const;

/** A database up to this size is looked through at each start, in half a second; a larger one after a bad end. */
const quickBytes = 200e6;
/** "NeWk": which program a database belongs to, in its header. */
export const applicationId = 0x4e65576b;

const Journal = z.object({ entries: z.array(z.object({ when: z.number() })) });

/**
 * Opens the database and brings it up to date: WAL mode, every commit on the disk before it is answered, foreign keys.
 * One that a newer version wrote, that is damaged or that belongs to another program is refused before it is changed;
 * one that a migration is about to change is copied beside itself first.
 * @param file path of the database, or ':memory:'
 * @param migrations folder of checked-in migrations
 * @param endedBadly whether the process before this one was killed
 * @throws StartFault, or an error that `startWords` can say
 */
export function openDatabase(file: string, migrations: string, endedBadly = false): OpenDatabase {
  const known = migrationsIn(migrations);
  const behind = file === ':memory:' || isEmpty(file) ? 0 : known.length - lookInto(file, known, endedBadly);
  const sqlite = new Database(file, { timeout: 4000 });
  try {
    sqlite.pragma('journal_mode = WAL');
    sqlite.pragma('synchronous = FULL');
    sqlite.pragma('foreign_keys = ON');
    // what is deleted is overwritten, not only forgotten
    sqlite.pragma('secure_delete = ON');
    sqlite.function('folded', { deterministic: true }, (text: unknown) => folded(String(text)));
    if (behind > 0) copyBeside(sqlite, `${file}.before-migration-${known.length}`);
    sqlite.pragma(`application_id = ${applicationId}`);
    const db = drizzle(sqlite, { schema });
    migrate(db, { migrationsFolder: migrations });
    return { db, sqlite, close: () => sqlite.close(), wipe: () => void sqlite.pragma('wal_checkpoint(TRUNCATE)') };
  } catch (error) {
    sqlite.close();
    throw error;
  }
}

const isEmpty = (file: string): boolean => !existsSync(file) || statSync(file).size === 0;

/** When each migration was written, in their order. */
function migrationsIn(folder: string): readonly number[] {
  const journal = Journal.parse(JSON.parse(readFileSync(join(folder, 'meta', '_journal.json'), 'utf8')));
  return journal.entries.map((entry) => entry.when);
}

/** Looks into a database without changing it. @returns how many migrations it has had */
function lookInto(file: string, known: readonly number[], endedBadly: boolean): number {
  const sqlite = new Database(file, { readonly: true, timeout: 4000 });
  try {
    const id = sqlite.pragma('application_id', { simple: true });
    const has = (table: string) =>
      sqlite.prepare("select 1 from sqlite_master where type = 'table' and name = ?").get(table) !== undefined;
    const ours = has('__drizzle_migrations');
    if ((id !== 0 && id !== applicationId) || (!ours && sqlite.prepare('select 1 from sqlite_master').get()))
      throw new StartFault(
        `${file} belongs to another program and was left as it is. Name another folder with --data.`,
      );
    if (!ours) return 0;
    const done = sqlite.prepare('select created_at from __drizzle_migrations').pluck().all().map(Number);
    if (done.some((when) => when > (known.at(-1) ?? 0)))
      throw new StartFault(
        `${file} was written by a newer Needlework and was left as it is. Start the newer one, or put back the copy from before it (${file}.before-migration-…).`,
      );
    if (endedBadly || statSync(file).size <= quickBytes) lookThrough(sqlite, file);
    return done.length;
  } finally {
    sqlite.close();
  }
}

function lookThrough(sqlite: Database.Database, file: string): void {
  if (sqlite.pragma('quick_check(1)', { simple: true }) !== 'ok')
    throw new StartFault(
      `${file} is damaged and was left as it is. Put a copy of it in its place (the file and those that begin with its name), then start again.`,
    );
}

/** A whole copy or none: SQLite writes it, and it gets its name when it is complete. */
function copyBeside(sqlite: Database.Database, path: string): void {
  if (existsSync(path)) return;
  rmSync(`${path}.part`, { force: true });
  sqlite.prepare('vacuum into ?').run(`${path}.part`);
  const copy = new Database(`${path}.part`, { readonly: true });
  try {
    lookThrough(copy, `${path}.part`);
  } finally {
    copy.close();
  }
  renameSync(`${path}.part`, path);
}
