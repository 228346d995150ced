import { mkdirSync, rmSync, statSync } from 'node:fs';
import { dirname, join } from 'node:path';
import type { ExportAsked, Going } from '@core/contract';
import { notFound } from '../problem';
import { diskFault } from '../start-fault';
import type { RunWork } from './thread';
import { namesPeople } from './written';

const mostAtOnce = 3;
/** How long a file waits to be fetched, ms: it may be of people, and does not lie about. */
const longestWait = 30 * 60_000;

/** Files that go out: written apart from the server, and fetched when they are there. */
export class Goings {
  private readonly folder: string;
  private readonly jobs = new Map<
    string,
    { now: Going; readonly which: ExportAsked; readonly made: string; cancel: () => void }
  >();

  constructor(
    private readonly file: string,
    private readonly run: RunWork,
    private readonly now: () => string,
    private readonly newId: () => string,
  ) {
    this.folder = join(dirname(file), 'going');
    if (file !== ':memory:') rmSync(this.folder, { recursive: true, force: true });
  }

  begin(which: ExportAsked): Going {
    mkdirSync(this.folder, { recursive: true });
    for (const old of [...this.jobs.keys()].slice(0, Math.max(0, this.jobs.size + 1 - mostAtOnce))) this.drop(old);
    const id = this.newId();
    const made = this.now();
    const writing = { state: 'writing', id, done: 0 } as const;
    const work = this.run('write', { here: this.file, which, made, file: this.pathOf(id) }, (done) => {
      if (job.now.state === 'writing') job.now = { ...writing, done };
    });
    const job = { now: writing as Going, which, made, cancel: work.cancel };
    this.jobs.set(id, job);
    work.result
      .then((written) => {
        const bytes = statSync(this.pathOf(id)).size;
        job.now = { state: 'ready', id, bytes, ...written };
        setTimeout(() => this.drop(id), longestWait).unref();
      })
      .catch((error: unknown) => {
        const disk = diskFault(error);
        job.now = {
          state: 'failed',
          id,
          words: disk ? `${disk.title}. ${disk.detail}` : 'The file could not be written.',
        };
      });
    return job.now;
  }

  state(id: string): Going {
    const job = this.jobs.get(id);
    if (!job) throw notFound('This file');
    return job.now;
  }

  /** The file itself, and what it is called: a file about people says so. */
  fetch(id: string): { readonly path: string; readonly name: string } {
    const job = this.jobs.get(id);
    if (job?.now.state !== 'ready') throw notFound('This file');
    return { path: this.pathOf(id), name: `${nameOf(job.which, job.made)}.gz` };
  }

  drop(id: string): void {
    this.jobs.get(id)?.cancel();
    this.jobs.delete(id);
    rmSync(this.pathOf(id), { force: true });
  }

  close(): void {
    for (const id of [...this.jobs.keys()]) this.drop(id);
  }

  private pathOf(id: string): string {
    return join(this.folder, `${id}.json.gz`);
  }
}

/** What a file is called: what is in it, when it was made; nobody's name. */
export const nameOf = (which: ExportAsked, made: string): string =>
  `needlework-${which.of === 'everything' ? 'everything-with-people' : which.of}${namesPeople(which) && which.of !== 'everything' ? '-health-data' : ''}-${made.slice(0, 10)}.json`;
