import { existsSync, mkdirSync, readFileSync, readdirSync, renameSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { basename, dirname, join } from 'node:path';
import Database from 'better-sqlite3';
import * as z from 'zod';
import { type Copies, Copy, type CopyWhy } from '@core/contract';
import { copiesToGo, lastDayOf } from '@core/keep-copies';
import type { RunWork } from '../exchange/thread';
import { ProblemError, notFound, parsed } from '../problem';
import { diskFault } from '../start-fault';
import { CopyFault } from './prove';

const ending = '.sqlite';
const Noted = Copy.pick({ made: true, why: true, bytes: true, holds: true });
type Noted = z.infer<typeof Noted>;
/** A name that this makes; nothing else is looked at, whatever an address says. */
const Name = z.string().regex(/^needlework-[0-9TZ-]{16,40}-[a-z-]{5,20}\.sqlite$/);

/** Whole copies of the database in a folder beside it: when they are made, how long they stay, what is in them. */
export class CopyStore {
  readonly folder: string;
  private readonly people = new Map<string, ReadonlySet<string> | null>();
  private making: { done: number } | null = null;
  private fault: string | null = null;
  private restoring = false;
  private restored: Copies['restored'] = null;

  constructor(
    private readonly file: string,
    private readonly run: RunWork,
    private readonly now: () => string,
  ) {
    this.folder = join(dirname(file), 'copies');
  }

  /** Newest first; those that were made before a migration lie beside the database. */
  list(): Copies {
    const own = this.own().map(({ name, noted }): Copy => ({
      name,
      ...noted,
      until: stays(noted.why) ? null : lastDayOf(noted.made),
    }));
    const copies = [...own, ...copiesBeforeMigration(this.file)].sort((a, b) => b.made.localeCompare(a.made));
    const { folder, making, fault, restoring, restored } = this;
    return { copies, folder, making: making?.done ?? null, fault, restoring, restored };
  }

  /** Begins to make one that somebody asked for. */
  begin(): void {
    // why it could not be made stands in the list
    this.make('asked').catch(() => undefined);
  }

  /** Puts one back, by a way that the database knows. @param work gives the name of the copy of what was there */
  async putBack(name: string, work: () => Promise<string>): Promise<void> {
    if (this.restoring || this.making) throw busy();
    this.restoring = true;
    this.fault = null;
    try {
      this.restored = { name, before: await work() };
    } catch (error) {
      this.fault = error instanceof ProblemError ? `${error.title}. ${error.detail}` : copyFaultWords(error);
    } finally {
      this.restoring = false;
    }
  }

  /** Those that hold somebody, oldest first; and those that cannot be read, since they may. */
  holding(studentId: string): Copy[] {
    return this.list()
      .copies.filter(({ name }) => this.peopleIn(name)?.has(studentId) ?? true)
      .reverse();
  }

  /** Ids of the people in one: it never changes, so it is read once. Null for one that cannot be read. */
  private peopleIn(name: string): ReadonlySet<string> | null {
    const before = this.people.get(name);
    if (before !== undefined) return before;
    const ids = idsIn(this.pathOf(name));
    this.people.set(name, ids);
    return ids;
  }

  /** The path of one. @throws ProblemError for a name that is none of them */
  pathOf(name: string): string {
    const beside = copiesBeforeMigration(this.file).find((copy) => copy.name === name);
    if (beside) return join(dirname(this.file), beside.name);
    const path = join(this.folder, Name.safeParse(name).success ? name : 'none');
    if (!existsSync(path)) throw notFound('This copy');
    return path;
  }

  /**
   * Makes one, proves it, and lets those go whose time is over.
   * @param tell how far it is, 0 to 1
   * @returns its name
   */
  async make(why: CopyWhy, tell: (done: number) => void = () => undefined): Promise<string> {
    if (this.making || (this.restoring && why !== 'before-restore')) throw busy();
    const making = { done: 0 };
    this.making = making;
    const made = this.now();
    const name = `needlework-${made.replace(/[:.]/g, '-')}-${why}${ending}`;
    try {
      mkdirSync(this.folder, { recursive: true });
      const job = { file: this.file, to: join(this.folder, name) };
      const { holds, bytes } = await this.run('copy', job, (done) => {
        making.done = done;
        tell(done);
      }).result;
      this.note(name, { made, why, bytes, holds });
      this.fault = null;
      this.letGo();
      return name;
    } catch (error) {
      this.fault = copyFaultWords(error);
      throw new ProblemError(503, 'disk-fault', 'No copy was made', this.fault);
    } finally {
      this.making = null;
    }
  }

  remove(name: string): void {
    const path = this.pathOf(name);
    for (const gone of [path, `${path}.json`]) rmSync(gone, { force: true });
  }

  /** The newest that made itself by the day; null where there is none. */
  newestDaily(): string | null {
    return this.own()
      .filter(({ noted }) => noted.why === 'daily')
      .reduce<string | null>(
        (newest, { noted }) => (newest === null || noted.made > newest ? noted.made : newest),
        null,
      );
  }

  private letGo(): void {
    const kept = this.own().map(({ name, noted }) => ({ name, made: noted.made, asked: stays(noted.why) }));
    for (const name of copiesToGo(kept, this.now())) this.remove(name);
  }

  private own(): { readonly name: string; readonly noted: Noted }[] {
    if (!statSync(this.folder, { throwIfNoEntry: false })?.isDirectory()) return [];
    return readdirSync(this.folder)
      .filter((name) => Name.safeParse(name).success)
      .map((name) => ({ name, noted: this.noted(name) }));
  }

  private note(name: string, noted: Noted): void {
    const path = join(this.folder, `${name}.json`);
    writeFileSync(`${path}.part`, `${JSON.stringify(noted)}\n`);
    renameSync(`${path}.part`, path);
  }

  /** What was written down when it was made; where that is gone, what its file says. */
  private noted(name: string): Noted {
    const path = join(this.folder, name);
    const note = existsSync(`${path}.json`) ? Noted.safeParse(parsed(readFileSync(`${path}.json`, 'utf8'))) : null;
    if (note?.success) return note.data;
    const { size, mtime } = statSync(path);
    return { made: mtime.toISOString(), why: 'asked', bytes: size, holds: null };
  }
}

const busy = () =>
  new ProblemError(409, 'a-moment', 'A copy is being made', 'Wait until it is there; nothing was changed.');
/** Ids of the people in a copy; none in one from before there were any, null where it cannot be read. */
function idsIn(path: string): ReadonlySet<string> | null {
  try {
    const db = new Database(path, { readonly: true });
    try {
      const has = db.prepare("select 1 from sqlite_master where name = 'students'").get() !== undefined;
      return new Set(has ? (db.prepare('select id from students').pluck().all() as string[]) : []);
    } finally {
      db.close();
    }
  } catch {
    return null;
  }
}

const stays = (why: CopyWhy): boolean => why === 'asked' || why === 'before-migration';

function copyFaultWords(error: unknown): string {
  if (error instanceof CopyFault) return `${error.message} What you work with is as it was.`;
  const disk = diskFault(error);
  return disk ? `${disk.title}. ${disk.detail}` : 'The copy could not be written. What you work with is as it was.';
}

/** Copies that were made beside the database before a migration. None for one in memory. */
export function copiesBeforeMigration(file: string): Copy[] {
  if (file === ':memory:' || !existsSync(dirname(file))) return [];
  return readdirSync(dirname(file))
    .filter((name) => name.startsWith(`${basename(file)}.before-migration-`) && /-\d+$/.test(name))
    .map((name): Copy => {
      const { mtime, size } = statSync(join(dirname(file), name));
      return { name, made: mtime.toISOString(), why: 'before-migration', bytes: size, holds: null, until: null };
    });
}
