import { copyFileSync, renameSync, rmSync } from 'node:fs';
import { dirname } from 'node:path';
import Database from 'better-sqlite3';
import { openDatabase } from '../database';
import type { RunWork } from '../exchange/thread';
import { ProblemError } from '../problem';
import { CopyFault, onTheDisk, prove } from './prove';
import type { CopyStore } from './store';

export interface RestoreParts {
  readonly file: string;
  readonly migrations: string;
  readonly run: RunWork;
  readonly copies: CopyStore;
  readonly whileClosed: <T>(work: () => Promise<T>) => Promise<T>;
}

/**
 * Puts a copy back in the place of everything. What is there now is copied first; the copy is brought up to this version
 * and proved beside it; and only then does it take its place, by one renaming.
 * @returns the name of the copy of what was there
 * @throws ProblemError in words, and nothing was changed
 */
export async function restoreCopy(
  name: string,
  { file, migrations, run, copies, whileClosed }: RestoreParts,
): Promise<string> {
  const copy = copies.pathOf(name);
  const stage = `${file}.coming`;
  const before = await copies.make('before-restore');
  try {
    await run('stage', { copy, stage, here: file, migrations }, () => undefined).result;
  } catch (error) {
    for (const path of besides(stage)) rmSync(path, { force: true });
    if (error instanceof CopyFault)
      throw new ProblemError(
        422,
        'file-refused',
        'This copy cannot be put back',
        `${error.message} Nothing was changed.`,
      );
    throw error;
  }
  await whileClosed(() => {
    for (const end of ['-wal', '-shm']) rmSync(`${file}${end}`, { force: true });
    renameSync(stage, file);
    onTheDisk(dirname(file));
    return Promise.resolve();
  });
  return before;
}

const besides = (path: string): string[] => ['', '-wal', '-shm', '-journal'].map((end) => `${path}${end}`);

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
