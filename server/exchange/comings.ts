import { createWriteStream, mkdirSync, rmSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { Transform, type Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import Database from 'better-sqlite3';
import {
  type Coming,
  type ComingEntries,
  type ComingEntry,
  type EntriesAsked,
  type TakeIn,
  mostDatabaseBytes,
  mostFileBytes,
} from '@core/contract';
import type { CopyStore } from '../copies/store';
import { CopyFault } from '../copies/prove';
import { besides } from '../copies/stage';
import { ProblemError, notFound } from '../problem';
import { isDatabase } from './source';
import type { RunWork } from './thread';

/** Files that are looked into at one time; the oldest goes where another comes. */
const mostAtOnce = 3;
const entriesAtOnce = 100;

/** How long a file waits to be taken, ms. */
const longestWait = 2 * 3_600_000;

interface Job {
  now: Coming;
  cancel: () => void;
  ends?: NodeJS.Timeout;
}

export interface ComingParts {
  readonly file: string;
  readonly migrations: string;
  readonly run: RunWork;
  readonly copies: CopyStore;
  readonly now: () => string;
  readonly newId: () => string;
  /** Does something while the database is closed and nobody is answered. */
  readonly whileClosed: <T>(work: () => Promise<T>) => Promise<T>;
  readonly report: (error: unknown) => void;
}

/** Files that came in: read beside the teacher's own, compared with it, and taken when somebody has looked. */
export class Comings {
  private readonly folder: string;
  private readonly jobs = new Map<string, Job>();

  constructor(private readonly parts: ComingParts) {
    this.folder = join(dirname(parts.file), 'coming');
    // what an earlier process left is of nobody
    if (parts.file !== ':memory:') rmSync(this.folder, { recursive: true, force: true });
  }

  /** Takes what is sent, and begins to read it. @returns its id, once all of it is here */
  async receive(body: Readable, announced: number): Promise<Coming> {
    const id = this.begin();
    let [bytes, most] = [0, 0];
    const counted = new Transform({
      transform(chunk: Buffer, _encoding, next) {
        if (bytes === 0) most = isDatabase(chunk) ? mostDatabaseBytes : mostFileBytes;
        bytes += chunk.length;
        next(Math.max(bytes, announced) > most ? tooLarge() : null, chunk);
      },
    });
    try {
      await pipeline(body, counted, createWriteStream(this.pathOf(id)));
    } catch (error) {
      if (this.jobs.has(id)) this.drop(id);
      throw error;
    }
    return this.read(id, this.pathOf(id), false);
  }

  /** Looks into a copy as into a file that came in. */
  look(copy: string): Coming {
    const path = this.parts.copies.pathOf(copy);
    return this.read(this.begin(), path, true);
  }

  state(id: string): Coming {
    return this.job(id).now;
  }

  /** A page of what is in it, by title. */
  entries(id: string, { kind, state, words, after }: EntriesAsked): ComingEntries {
    if (this.job(id).now.state !== 'ready') throw notFound('What is in this file');
    const db = new Database(this.besideOf(id), { readonly: true });
    try {
      const [rank = '-1', title = '', last = ''] = (after ?? '').split('\n');
      // what can be taken comes first
      const rows = db
        .prepare(
          `select kind, id, title, state, state in ('same', 'kept') as rank from entries
           where kind = ? and (? is null or state = ?) and title like ? escape '!' and (rank, title, id) > (?, ?, ?)
           order by rank, title, id limit ?`,
        )
        .all(
          kind,
          state ?? null,
          state ?? null,
          like(words ?? ''),
          Number(rank),
          title,
          last,
          entriesAtOnce + 1,
        ) as (ComingEntry & {
        readonly rank: number;
      })[];
      const page = rows.slice(0, entriesAtOnce);
      const end = page.at(-1);
      return {
        entries: page.map(({ rank: ranked, ...entry }) => (void ranked, entry)),
        next: rows.length > entriesAtOnce && end ? `${end.rank}\n${end.title}\n${end.id}` : null,
      };
    } finally {
      db.close();
    }
  }

  /** Takes in what was chosen, after a copy of everything. */
  take(id: string, choice: TakeIn): Coming {
    const job = this.job(id);
    if (job.ends) clearTimeout(job.ends);
    if (job.now.state !== 'ready')
      throw new ProblemError(409, 'a-moment', 'Not yet', 'This file is not ready to be taken. Nothing was changed.');
    job.now = { state: 'taking', id, done: 0 };
    this.takeNow(id, choice)
      .then((taken) => this.become(id, taken))
      .catch((error: unknown) => {
        this.parts.report(error);
        this.become(id, { state: 'refused', id, words: whyNotTaken(error), faults: [] });
      });
    return job.now;
  }

  /**
   * Ends what is done with a file, and forgets it. One that is being taken is let be.
   * @throws ProblemError where there is none: an id becomes part of a path, and comes from anybody
   */
  drop(id: string): void {
    const job = this.job(id);
    if (job.now.state === 'taking')
      throw new ProblemError(409, 'a-moment', 'It is being taken in', 'A moment: it is all taken, or nothing is.');
    job.cancel();
    this.forget(id);
    this.jobs.delete(id);
  }

  /** What it held is nobody's any more, and may be of people: it does not lie about. */
  private forget(id: string): void {
    const job = this.jobs.get(id);
    if (job?.ends) clearTimeout(job.ends);
    for (const path of [this.pathOf(id), ...besides(this.besideOf(id))]) rmSync(path, { force: true });
  }

  /** What has come to an end says so for as long as the server runs, and holds nothing more; what waits is forgotten. */
  private become(id: string, now: Coming): void {
    const job = this.jobs.get(id);
    if (!job) return;
    job.now = now;
    if (now.state === 'refused' || now.state === 'taken') this.forget(id);
    if (now.state !== 'ready') return;
    job.ends = setTimeout(() => this.drop(id), longestWait);
    job.ends.unref();
  }

  /** Ends everything. */
  close(): void {
    for (const [id, { cancel }] of this.jobs) {
      cancel();
      this.forget(id);
    }
    this.jobs.clear();
  }

  private begin(): string {
    mkdirSync(this.folder, { recursive: true });
    const { newId } = this.parts;
    const id = newId();
    const waiting = [...this.jobs].filter(([, { now }]) => now.state !== 'taking').map(([key]) => key);
    for (const old of waiting.slice(0, Math.max(0, this.jobs.size + 1 - mostAtOnce))) this.drop(old);
    this.jobs.set(id, { now: { state: 'reading', id, done: 0 }, cancel: () => undefined });
    return id;
  }

  private read(id: string, file: string, own: boolean): Coming {
    const job = this.job(id);
    const { run, file: here, migrations, now } = this.parts;
    const work = run('read', { file, beside: this.besideOf(id), here, migrations, at: now(), own }, (done) => {
      if (job.now.state === 'reading') job.now = { state: 'reading', id, done };
    });
    job.cancel = work.cancel;
    work.result
      .then((found) => {
        this.become(
          id,
          found.read
            ? {
                state: 'ready',
                id,
                made: found.made,
                aboutPeople: found.aboutPeople,
                dropped: found.dropped,
                leftOut: found.leftOut,
                counts: found.counts,
              }
            : { state: 'refused', id, words: found.words, faults: [...found.faults] },
        );
      })
      .catch((error: unknown) => {
        if (!this.jobs.has(id)) return;
        this.parts.report(error);
        this.become(id, { state: 'refused', id, words: 'This file could not be read.', faults: [] });
      });
    return job.now;
  }

  private async takeNow(id: string, choice: TakeIn): Promise<Coming> {
    const { copies, run, file: here, now, whileClosed } = this.parts;
    const tell = (done: number) => this.become(id, { state: 'taking', id, done });
    const copy = await copies.make('before-taking-in', (done) => tell(done / 2));
    const job = { beside: this.besideOf(id), here, choice, at: now() };
    const taken = await whileClosed(() => run('take', job, (done) => tell(0.5 + done / 2)).result);
    return { state: 'taken', id, taken, copy };
  }

  private job(id: string): Job {
    const job = this.jobs.get(id);
    if (!job) throw notFound('This file');
    return job;
  }

  private pathOf(id: string): string {
    return join(this.folder, `${id}.in`);
  }
  private besideOf(id: string): string {
    return join(this.folder, `${id}.sqlite`);
  }
}

const like = (words: string): string => `%${words.replace(/[!%_]/g, (found) => `!${found}`)}%`;

export const tooLarge = (): ProblemError =>
  new ProblemError(
    413,
    'too-large',
    'This file is too large',
    `At most ${mostFileBytes / 1e6} MB come in at once, ${mostDatabaseBytes / 1e6} as a whole database (.sqlite): ten years of teaching are 8 MB, packed. Nothing was changed.`,
  );

function whyNotTaken(error: unknown): string {
  if (error instanceof ProblemError) return `${error.title}. ${error.detail}`;
  if (error instanceof CopyFault) return error.message;
  return 'It could not be taken in.';
}
