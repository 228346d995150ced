import { copyFileSync, existsSync, mkdirSync, readdirSync } from 'node:fs';
import { dirname } from 'node:path';
import Database from 'better-sqlite3';
import { type BetterSQLite3Database, drizzle } from 'drizzle-orm/better-sqlite3';
import { migrate } from 'drizzle-orm/better-sqlite3/migrator';
import * as schema from './schema';

export type Db = BetterSQLite3Database<typeof schema>;
export interface OpenDatabase {
  readonly db: Db;
  readonly close: () => void;
}

/**
 * Opens the database in WAL mode with foreign keys and brings it up to date.
 * A file that a migration is about to change is copied beside itself first.
 * @param file path of the database, or ':memory:'
 * @param migrations folder of checked-in migrations
 */
export function openDatabase(file: string, migrations: string): OpenDatabase {
  if (file !== ':memory:') mkdirSync(dirname(file), { recursive: true });
  const existed = file !== ':memory:' && existsSync(file);
  const sqlite = new Database(file);
  sqlite.pragma('journal_mode = WAL');
  sqlite.pragma('foreign_keys = ON');
  sqlite.pragma('busy_timeout = 4000');
  const behind = existed ? migrationsBehind(sqlite, migrations) : 0;
  if (behind > 0) {
    sqlite.pragma('wal_checkpoint(TRUNCATE)');
    copyFileSync(file, `${file}.before-migration-${migrationCount(migrations)}`);
  }
  const db = drizzle(sqlite, { schema });
  migrate(db, { migrationsFolder: migrations });
  return { db, close: () => sqlite.close() };
}

const migrationCount = (folder: string) => readdirSync(folder).filter((name) => name.endsWith('.sql')).length;

function migrationsBehind(sqlite: Database.Database, folder: string): number {
  const table = sqlite
    .prepare("select 1 from sqlite_master where type = 'table' and name = '__drizzle_migrations'")
    .get();
  if (!table) return migrationCount(folder);
  const { done } = sqlite.prepare('select count(*) as done from __drizzle_migrations').get() as { done: number };
  return migrationCount(folder) - done;
}
