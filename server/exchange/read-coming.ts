import Database from 'better-sqlite3';
import { findNodeAtLocation, parseTree } from 'jsonc-parser';
import type { FileFault } from '@core/contract';
import { RecordSplitter, type RecordText, headFaultWords, kindNames, readHead, readRecord } from '@core/format';
import { type Exercise, readExercise } from '@core/exercise';
import { parsed } from '../problem';
import { Beside, type LeansOn } from './beside';
import { SourceFault, kindOfFile, otherFileWords, textOf } from './source';
import { recordsIn, titleOf } from './written';

/** Faults named at once: the rest is likely more of the same. */
const mostFaults = 20;

/** What became of reading a file. */
export type Read =
  | {
      readonly read: true;
      readonly made: string | null;
      readonly aboutPeople: boolean;
      readonly dropped: number;
      readonly leftOut: number;
    }
  | { readonly read: false; readonly words: string; readonly faults: readonly FileFault[] };

export interface ReadJob {
  /** The file that came in. */
  readonly file: string;
  /** The database that is made of it. */
  readonly beside: string;
  /** The teacher's own, which is only read. */
  readonly here: string;
  readonly migrations: string;
  /** This instant, ISO. */
  readonly at: string;
  /** A copy that was made here: what is in it was judged when it was written. */
  readonly own: boolean;
}

/** Reads a JSON file into a database beside the teacher's own. Nothing of theirs is changed. @param tell how far it is, 0 to 1 */
export async function readComing(job: ReadJob, tell: (done: number) => void): Promise<Read> {
  const kind = kindOfFile(job.file);
  if (kind !== 'json' && kind !== 'packed-json') return refused(otherFileWords);
  return judged(job, (beside) => readRecords(job.file, kind === 'packed-json', beside, tell));
}

/**
 * Reads a database that came from elsewhere, record by record: what is in it is judged as if it stood in a file, since
 * nobody knows who wrote it.
 * @param theirs path of a copy of it, in the form of this version
 * @param tell how far it is, 0 to 1
 */
export function readForeign(job: ReadJob, theirs: string, tell: (done: number) => void): Promise<Read> {
  return judged(job, (beside) => {
    const db = new Database(theirs, { readonly: true });
    try {
      db.pragma('trusted_schema = OFF');
      let leftOut = 0;
      for (const { text, done } of recordsIn(db)) {
        tell(done);
        if (text === null) leftOut++;
        else addRecord(beside, { text, line: null });
        if (beside.faults.length > mostFaults) break;
      }
      return Promise.resolve({ read: true, made: null, aboutPeople: true, dropped: beside.dropped, leftOut });
    } finally {
      db.close();
    }
  });
}

/** Makes a database beside the teacher's own, and judges it as a whole. */
async function judged(job: ReadJob, fill: (beside: Beside) => Promise<Read>): Promise<Read> {
  const here = new Database(job.here, { readonly: true, timeout: 4000 });
  const beside = new Beside(job.beside, job.migrations, leansOn(here));
  try {
    const outcome = await fill(beside);
    if (!outcome.read) beside.giveUp();
    else beside.finish();
    if (!outcome.read || beside.faults.length === 0) return outcome;
    return refused(faultsWords(beside.faults.length), beside.faults.slice(0, mostFaults));
  } catch (error) {
    beside.giveUp();
    if (error instanceof SourceFault) return refused(error.message);
    throw error;
  } finally {
    here.close();
  }
}

async function readRecords(file: string, packed: boolean, beside: Beside, tell: (done: number) => void): Promise<Read> {
  const splitter = new RecordSplitter();
  let about: { readonly made: string; readonly aboutPeople: boolean } | null = null;
  for await (const { text, done } of textOf(file, packed)) {
    const records = splitter.push(text);
    if (!about && splitter.head !== null) {
      const head = readHead(parsed(splitter.head));
      if (!head.ok) return refused(headFaultWords[head.error]);
      about = head.value;
    }
    for (const record of records) {
      addRecord(beside, record);
      if (beside.faults.length > mostFaults)
        return refused(faultsWords(mostFaults), beside.faults.slice(0, mostFaults));
    }
    const fault = splitter.faultSoFar();
    if (fault) return refused(about ? 'This file cannot be read.' : otherFileWords, [asFault(fault)]);
    tell(done);
  }
  const fault = splitter.end();
  if (fault) return refused('This file cannot be read.', [asFault(fault)]);
  if (!about) return refused(headFaultWords['not-needlework']);
  return { read: true, ...about, dropped: beside.dropped, leftOut: 0 };
}

const asFault = ({ line, words }: { readonly line: number; readonly words: string }): FileFault => ({
  line,
  what: '',
  field: '',
  words,
});

/** A record as text, on its line where it has one. */
type Found = Omit<RecordText, 'line'> & { readonly line: number | null };

function addRecord(beside: Beside, { text, line, value }: Found): void {
  let raw: unknown = value;
  try {
    raw ??= JSON.parse(text);
  } catch (error) {
    beside.faults.push(notJson(text, line, error));
    return;
  }
  const read = readRecord(raw);
  if (read.ok) {
    beside.add(read.value, raw, line, titleOf(read.value));
    return;
  }
  const { path, field, words } = read.error;
  beside.faults.push({ line: lineOf(text, line, path), what: whatOf(raw), field, words });
}

/** What a record that cannot be read seems to be. */
function whatOf(raw: unknown): string {
  const kind = typeof raw === 'object' && raw !== null && 'kind' in raw ? String(raw.kind) : '';
  return kind in kindNames ? kindNames[kind as keyof typeof kindNames][0] : 'a record';
}

function notJson(text: string, line: number | null, error: unknown): FileFault {
  const at = /position (\d+)/.exec(error instanceof Error ? error.message : '')?.[1];
  const before = at === undefined ? '' : text.slice(0, Number(at));
  return {
    line: line === null ? null : line + linesIn(before),
    what: 'a record',
    field: '',
    words: 'is no JSON: a quote, a comma or a bracket is missing.',
  };
}

/** The line of a field: of itself, or of what holds it where it is missing. */
function lineOf(text: string, line: number | null, path: readonly (string | number)[]): number | null {
  if (line === null || !text.includes('\n')) return line;
  const tree = parseTree(text);
  if (!tree) return line;
  for (let depth = path.length; depth > 0; depth--) {
    const node = findNodeAtLocation(tree, path.slice(0, depth));
    if (node) return line + linesIn(text.slice(0, node.offset));
  }
  return line;
}

const linesIn = (text: string): number => text.split('\n').length - 1;

const refused = (words: string, faults: readonly FileFault[] = []): Read => ({ read: false, words, faults });
const faultsWords = (n: number): string =>
  n === 1
    ? 'One thing in this file cannot be taken.'
    : `${n >= mostFaults ? 'At least ' : ''}${n} things in this file cannot be taken.`;

/** What a file may lean on that it does not hold itself. */
export function leansOn(here: Database.Database): LeansOn {
  const body = here.prepare('select body from exercise_revisions where revision = ?').pluck();
  const ids = (table: string) => new Set(here.prepare(`select id from ${table}`).pluck().all() as string[]);
  const [students, gone, protocols] = [ids('students'), ids('deleted_students'), ids('protocols')];
  const known = new Map<string, Exercise | null>();
  return {
    revision: (id) => {
      const before = known.get(id);
      if (before !== undefined) return before;
      const read = readExercise(parsed((body.get(id) as string | undefined) ?? ''));
      const found = read.ok ? read.value : null;
      known.set(id, found);
      return found;
    },
    student: (id) => students.has(id),
    deleted: (id) => gone.has(id),
    protocol: (id) => protocols.has(id),
  };
}
