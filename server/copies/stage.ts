import { copyFileSync, rmSync } from 'node:fs';
import Database from 'better-sqlite3';
import { openDatabase } from '../database';
import { onTheDisk, prove } from './prove';

/** A database file and what SQLite lays beside it. */
export const besides = (path: string): string[] => ['', '-wal', '-shm', '-journal'].map((end) => `${path}${end}`);

/**
 * Makes a copy ready to take the place of what is here: a copy of it, brought up to this version, without those who were
 * deleted here for good since it was made.
 * @throws CopyFault where it cannot be read
 */
export function stageCopy(copy: string, stage: string, here: string, migrations: string): void {
  for (const path of besides(stage)) rmSync(path, { force: true });
  prove(copy);
  copyFileSync(copy, stage);
  openDatabase(stage, migrations, true).close();
  const db = new Database(stage);
  try {
    db.pragma('foreign_keys = ON');
    db.pragma('secure_delete = ON');
    db.prepare('attach ? as here').run(here);
    db.transaction(() => {
      db.exec('insert or ignore into main.deleted_students select * from here.deleted_students');
      const gone = '(select id from main.deleted_students)';
      db.exec(`delete from main.homework where student_id in ${gone}`);
      // what else is theirs goes with them
      db.exec(`delete from main.students where id in ${gone}`);
    })();
    db.exec('detach here');
    db.pragma('journal_mode = DELETE');
  } finally {
    db.close();
  }
  prove(stage);
  onTheDisk(stage);
}
