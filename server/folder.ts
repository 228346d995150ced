import { existsSync, mkdirSync, readFileSync, renameSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import Database from 'better-sqlite3';
import * as z from 'zod';
import { StartFault } from './start-fault';

/** What the folder says about its database: `needlework.json` beside it. */
const Mark = z.object({
  /** The process that serves it, or did last. */
  pid: z.int().catch(0),
  port: z.int().catch(0),
  /** A process that ended as it should says so; one that was killed does not. */
  closed: z.boolean().catch(false),
  /** Made for trying out; replaced at the next start as long as nobody has changed anything. */
  demo: z.boolean().catch(false),
  touched: z.boolean().catch(true),
});
type Mark = z.infer<typeof Mark>;

/**
 * A folder with a database, held by one process at a time. The hold is a lock of the operating system on a file of its
 * own, so it goes with the process however that ends.
 */
export class DataFolder {
  readonly file: string;
  private mark: Mark;
  private seen: { readonly dev: number; readonly ino: number } | null = null;

  private constructor(
    readonly path: string,
    private readonly lock: Database.Database,
    private readonly before: Mark | null,
    port: number,
  ) {
    this.file = join(path, 'needlework.sqlite');
    this.mark = {
      pid: process.pid,
      port,
      closed: false,
      demo: before?.demo ?? false,
      touched: before?.touched ?? true,
    };
  }

  /** Takes hold of a folder, made where it is not there. @throws StartFault where another process has it */
  static hold(path: string, port: number): DataFolder {
    mkdirSync(path, { recursive: true });
    const before = readMark(path);
    const lock = new Database(join(path, 'needlework.lock'), { timeout: 0 });
    try {
      lock.pragma('journal_mode = memory');
      lock.exec('begin exclusive');
    } catch (error) {
      lock.close();
      if (!(error instanceof Database.SqliteError) || !error.code.startsWith('SQLITE_BUSY')) throw error;
      const where = before && before.port > 0 ? ` at http://127.0.0.1:${before.port}` : '';
      throw new StartFault(
        `Needlework already runs on ${path}${where}. Use that one, or stop it first; nothing was changed.`,
      );
    }
    return new DataFolder(path, lock, before, port);
  }

  /** Whether the process before this one was killed, or the machine stopped. */
  get endedBadly(): boolean {
    return this.before !== null && !this.before.closed;
  }

  /** Demo data that nobody has changed. */
  get demoUntouched(): boolean {
    return this.mark.demo && !this.mark.touched;
  }

  get demo(): boolean {
    return this.mark.demo;
  }

  /**
   * Refuses a folder whose database is gone: an empty one in its place would look as if nothing had ever been planned.
   * @param anew an empty one is wanted
   */
  checkThere(anew: boolean): void {
    const empty = !existsSync(this.file) || statSync(this.file).size === 0;
    if (!empty || this.before === null || anew) return;
    throw new StartFault(
      `The classes that were in ${this.path} are gone: ${this.file} is ${existsSync(this.file) ? 'empty' : 'missing'}. Put it back from a copy, then start again. To begin with no classes, start with --begin-anew.`,
    );
  }

  /**
   * Makes room for a fresh database. Demo data that nobody has changed goes; anything else is set aside beside it, and
   * nothing that was set aside before is written over.
   * @param at when, ISO
   * @returns the name under which it is set aside; null where there was nothing to keep
   */
  makeRoom(at: string): string | null {
    const ends = ['-wal', '-shm'].map((end) => `${this.file}${end}`);
    const keep = existsSync(this.file) && !this.demoUntouched;
    const name = `needlework.replaced-${at.replace(/[:.]/g, '-')}.sqlite`;
    if (keep) {
      const sqlite = new Database(this.file);
      sqlite.pragma('wal_checkpoint(TRUNCATE)');
      sqlite.close();
      renameSync(this.file, join(this.path, name));
    }
    for (const path of [...ends, this.file]) rmSync(path, { force: true });
    this.mark = { ...this.mark, demo: false, touched: true };
    return keep ? name : null;
  }

  /** From here on the folder is known to hold a database. */
  opened(): void {
    const { dev, ino } = statSync(this.file);
    this.seen = { dev, ino };
    this.write({});
  }

  madeForTryingOut(): void {
    this.write({ demo: true, touched: false });
  }

  /**
   * Asked before anything is written: whether the database that was opened still lies where it was, since one that was
   * removed takes saves and keeps nothing. Demo data that is worked in is not demo data any more.
   */
  mayWrite(): boolean {
    if (!this.stillThere()) return false;
    if (!this.mark.touched) this.write({ touched: true });
    return true;
  }

  /** Lets go, and notes that all is well. */
  release(): void {
    if (this.stillThere()) this.write({ closed: true });
    this.lock.close();
  }

  private stillThere(): boolean {
    const found = statSync(this.file, { throwIfNoEntry: false });
    return this.seen !== null && found?.ino === this.seen.ino && found.dev === this.seen.dev;
  }

  private write(change: Partial<Mark>): void {
    this.mark = { ...this.mark, ...change };
    const path = join(this.path, 'needlework.json');
    writeFileSync(`${path}.part`, `${JSON.stringify(this.mark)}\n`, { flush: true });
    renameSync(`${path}.part`, path);
  }
}

function readMark(folder: string): Mark | null {
  const path = join(folder, 'needlework.json');
  if (!existsSync(path)) return null;
  try {
    return Mark.parse(JSON.parse(readFileSync(path, 'utf8')));
  } catch {
    return Mark.parse({});
  }
}
