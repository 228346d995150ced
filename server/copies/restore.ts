import { renameSync, rmSync } from 'node:fs';
import { dirname } from 'node:path';
import type { RunWork } from '../exchange/thread';
import { ProblemError } from '../problem';
import { CopyFault, onTheDisk } from './prove';
import { besides } from './stage';
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
