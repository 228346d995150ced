import { closeSync, fsyncSync, openSync, renameSync, rmSync, statSync } from 'node:fs';
import { dirname } from 'node:path';
import Database from 'better-sqlite3';
import { readPlan } from '@core/plan';
import { applicationId } from '../database';
import { parsed } from '../problem';
import { codeOf } from '../start-fault';

/** What a copy holds, counted when it was proved. */
export interface Holds {
  readonly classes: number;
  readonly taught: number;
  readonly people: number;
  readonly readings: number;
  readonly courses: number;
}

/** Why a copy is none. */
export class CopyFault extends Error {}

/**
 * Proves that a copy can be read, from its first page to its last, and that its newest class is one.
 * @throws CopyFault in words
 */
export function prove(path: string): Holds {
  const db = new Database(path, { readonly: true });
  try {
    if (db.pragma('application_id', { simple: true }) !== applicationId)
      throw new CopyFault('It is a database, but none of Needlework.');
    if (db.pragma('integrity_check(1)', { simple: true }) !== 'ok') throw new CopyFault('It is damaged.');
    const newest = db
      .prepare('select plan from classes where deleted_at is null order by updated_at desc limit 1')
      .pluck()
      .get();
    if (typeof newest === 'string') {
      const read = readPlan(parsed(newest));
      if (!read.ok && read.error.code !== 'newer-format') throw new CopyFault('Its newest class cannot be read.');
    }
    return holdsOf(db);
  } catch (error) {
    if (error instanceof CopyFault) throw error;
    if (codeOf(error).startsWith('SQLITE_')) throw new CopyFault('It is damaged, or no database at all.');
    throw error;
  } finally {
    db.close();
  }
}

function holdsOf(db: Database.Database): Holds {
  const has = db.prepare("select 1 from sqlite_master where type = 'table' and name = ?");
  const count = (table: string, which = '') =>
    // an older database may not know all of them
    has.get(table) === undefined ? 0 : Number(db.prepare(`select count(*) from "${table}" ${which}`).pluck().get());
  return {
    classes: count('classes', 'where deleted_at is null'),
    taught: count('runs'),
    people: count('students'),
    readings: count('readings'),
    courses: count('courses'),
  };
}

/**
 * A whole copy of a database that is in use, or none: SQLite's own online backup writes it, it is proved, and then it
 * gets its name.
 * @param tell how far it is, 0 to 1
 */
export async function copyOf(
  file: string,
  to: string,
  tell: (done: number) => void,
): Promise<{ readonly holds: Holds; readonly bytes: number }> {
  const part = `${to}.part`;
  for (const end of ['', '-wal', '-shm', '-journal']) rmSync(`${part}${end}`, { force: true });
  const db = new Database(file, { readonly: true, timeout: 4000 });
  try {
    await db.backup(part, {
      progress: ({ totalPages, remainingPages }) => {
        tell(0.7 * (1 - remainingPages / Math.max(1, totalPages)));
        return 2000;
      },
    });
  } finally {
    db.close();
  }
  try {
    // one file, with nothing beside it
    const copy = new Database(part);
    copy.pragma('journal_mode = DELETE');
    copy.close();
    const holds = prove(part);
    onTheDisk(part);
    renameSync(part, to);
    onTheDisk(dirname(to));
    tell(1);
    return { holds, bytes: statSync(to).size };
  } catch (error) {
    rmSync(part, { force: true });
    throw error;
  }
}

/** Waits until a file, or the names in a folder, are on the disk. */
export function onTheDisk(path: string): void {
  const file = openSync(path, 'r');
  try {
    fsyncSync(file);
  } finally {
    closeSync(file);
  }
}
