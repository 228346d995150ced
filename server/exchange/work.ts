import { copyFileSync, createWriteStream, rmSync } from 'node:fs';
import { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { createGzip } from 'node:zlib';
import Database from 'better-sqlite3';
import type { EntryCounts, ExportAsked, RecordKind, TakeIn } from '@core/contract';
import { CopyFault, type Holds, copyOf } from '../copies/prove';
import { besides, stageCopy } from '../copies/stage';
import { openDatabase } from '../database';
import { StartFault, codeOf } from '../start-fault';
import { compare } from './compare';
import { type Read, type ReadJob, readComing, readForeign } from './read-coming';
import { readTable } from './read-table';
import { readTimedText } from './read-timed-text';
import { kindOfFile, otherFileWords } from './source';
import { type Taken, takeIn } from './take-in';
import { type WrittenFile, written } from './written';

/** What is done apart from the server, so that it goes on answering: each job with what it comes to. */
export interface Works {
  /** Reads what came in into a database beside the teacher's own, and compares the two. */
  readonly read: { readonly job: ReadJob; readonly result: ReadResult };
  readonly take: {
    readonly job: { readonly beside: string; readonly here: string; readonly choice: TakeIn; readonly at: string };
    readonly result: Taken;
  };
  readonly write: {
    readonly job: { readonly here: string; readonly which: ExportAsked; readonly made: string; readonly file: string };
    readonly result: WrittenFile;
  };
  readonly copy: {
    readonly job: { readonly file: string; readonly to: string };
    readonly result: { readonly holds: Holds; readonly bytes: number };
  };
  readonly stage: {
    readonly job: { readonly copy: string; readonly stage: string; readonly here: string; readonly migrations: string };
    readonly result: null;
  };
}
export type WorkKind = keyof Works;
export type ReadResult =
  | Extract<Read, { readonly read: false }>
  | (Extract<Read, { readonly read: true }> & { readonly counts: Partial<Record<RecordKind, EntryCounts>> });

type Tell = (done: number) => void;
type Work = { readonly [K in WorkKind]: (job: Works[K]['job'], tell: Tell) => Promise<Works[K]['result']> };

/** The work itself; `runInThread` does it in a thread of its own. */
export const works: Work = {
  read: async (job, tell) => {
    const kind = kindOfFile(job.file);
    const found =
      kind === 'database'
        ? await readDatabase(job, (done) => tell(0.9 * done))
        : kind === 'other'
          ? readTable(job)
          : kind === 'timed-text'
            ? readTimedText(job)
            : await readComing(job, (done) => tell(0.9 * done));
    if (!found.read) return found;
    tell(0.9);
    const counts = compare(job.beside, job.here);
    tell(1);
    return { ...found, counts };
  },
  take: ({ beside, here, choice, at }, tell) => Promise.resolve(takeIn(beside, here, choice, at, tell)),
  write: writeFile,
  copy: ({ file, to }, tell) => copyOf(file, to, tell),
  stage: ({ copy, stage, here, migrations }) => {
    try {
      stageCopy(copy, stage, here, migrations);
    } catch (error) {
      // what was written for the one who starts the server is for the one who puts back a copy too
      if (error instanceof StartFault) throw new CopyFault(error.message.replaceAll(stage, 'This copy'));
      throw error;
    }
    return Promise.resolve(null);
  },
};

/** A database that came in, or a copy, brought up to this version. */
async function readDatabase(job: ReadJob, tell: Tell): Promise<Read> {
  const { file, beside, migrations, own } = job;
  const ready = own ? beside : `${beside}.theirs`;
  try {
    copyFileSync(file, ready);
    openDatabase(ready, migrations, true).close();
    if (own) return { read: true, made: null, aboutPeople: true, dropped: 0, leftOut: 0 };
    return await readForeign(job, ready, tell);
  } catch (error) {
    const words = error instanceof StartFault ? error.message.replaceAll(ready, 'This file') : null;
    if (words === null && !codeOf(error).startsWith('SQLITE_')) throw error;
    return {
      read: false,
      words: words ?? `This file cannot be read: it is damaged or cut off. ${otherFileWords}`,
      faults: [],
    };
  } finally {
    if (!own) for (const path of besides(ready)) rmSync(path, { force: true });
  }
}

async function writeFile({ here, which, made, file }: Works['write']['job'], tell: Tell): Promise<WrittenFile> {
  const db = new Database(here, { readonly: true, timeout: 4000 });
  try {
    db.exec('begin');
    let outcome: WrittenFile = { records: 0, leftOut: 0 };
    function* pieces(): Generator<string> {
      const steps = written(db, which, made);
      for (let step = steps.next(); ; step = steps.next()) {
        if (step.done) {
          outcome = step.value;
          return;
        }
        tell(step.value.done);
        yield step.value.text;
      }
    }
    // level 5 packs to nearly the same in half the time
    await pipeline(Readable.from(pieces()), createGzip({ level: 5 }), createWriteStream(file));
    return outcome;
  } finally {
    db.close();
  }
}
