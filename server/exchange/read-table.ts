import { readFileSync, statSync } from 'node:fs';
import Database from 'better-sqlite3';
import { CsvError, parse } from 'csv-parse/sync';
import type { FileFault } from '@core/contract';
import { type Known, type TableFault, type TableRow, isRoster, readReadings, readRoster } from '@core/format';
import { type Protocol, checks, readOwnProtocol, refusalOf, refuseWords, isNumber } from '@core/measure';
import { type Group, type Student, readGroup, readStudent } from '@core/roster';
import { contentOf } from '../content';
import { parsed } from '../problem';
import { Beside } from './beside';
import { type Read, type ReadJob, leansOn } from './read-coming';
import { otherFileWords } from './source';

/** The most a table may have, bytes: a hundred thousand readings are 15 million. */
const mostTableBytes = 40_000_000;
const mostFaults = 20;
const day = 86_400_000;

/** Reads a table of readings, or a roster (CSV, with commas, semicolons or tabs), into a database beside the teacher's own. */
export function readTable(job: ReadJob): Read {
  if (statSync(job.file).size > mostTableBytes)
    return refused(`A table may have ${mostTableBytes / 1e6} MB at most. Part it by years.`);
  const text = textIn(readFileSync(job.file));
  const head = text?.split(/\r?\n/, 1)[0] ?? '';
  if (text === null || !/\b(date|name|person|student)\b/i.test(head)) return refused(otherFileWords);
  const here = new Database(job.here, { readonly: true, timeout: 4000 });
  const beside = new Beside(job.beside, job.migrations, leansOn(here));
  try {
    const { rows, fault } = rowsOf(text);
    const people = peopleIn(here);
    const roster = isRoster(rows[0]?.cells ?? []);
    const take = roster ? takeRoster : takeReadings;
    const found = fault ? [fault] : take(rows, { job, here, beside, people });
    const all = [...found, ...beside.faults];
    if (all.length > 0) {
      beside.giveUp();
      return refused(
        `${all.length === 1 ? 'One thing in this table cannot' : `${all.length} things in this table cannot`} be taken.`,
        all.slice(0, mostFaults),
      );
    }
    beside.finish();
    return { read: true, made: null, aboutPeople: true, dropped: beside.dropped, leftOut: 0 };
  } finally {
    here.close();
  }
}

interface Taking {
  readonly job: ReadJob;
  readonly here: Database.Database;
  readonly beside: Beside;
  readonly people: People;
}

function takeReadings(rows: readonly TableRow[], { job, here, beside, people }: Taking): FileFault[] {
  const known = knownIn(here, people);
  const { readings, faults } = readReadings(rows, known);
  const found = faults.map(faultOf);
  const tomorrow = new Date(Date.parse(job.at) + day).toISOString().slice(0, 10);
  for (const { line, reading } of readings) {
    const protocol = known.checks(reading.protocol)[0];
    const consent = (people.byId.get(reading.studentId)?.consent ?? null) !== null;
    const why = refusalOf(protocol && isNumber(protocol) ? protocol.result : null, reading, tomorrow, consent);
    if (why) found.push({ line, what: '', field: why === 'future-date' ? 'date' : 'person', words: refuseWords[why] });
    else beside.add({ kind: 'reading', saved: job.at, takenOut: null, reading }, null, line, reading.protocol);
  }
  return found;
}

function takeRoster(rows: readonly TableRow[], { job, here, beside, people }: Taking): FileFault[] {
  const groups = groupsIn(here);
  const read = readRoster(rows, {
    people: (words) => {
      const exact = people.byId.get(words);
      return exact ? [exact] : people.called(words);
    },
    groups: (name) => groups.filter((group) => folded(group.name) === folded(name)),
    idOf: (content) => `t-${contentOf(content)}`,
  });
  for (const group of read.groups) beside.add({ kind: 'group', group }, null, 1, group.name);
  for (const { line, student } of read.students)
    beside.add({ kind: 'student', saved: job.at, student }, null, line, student.name);
  return read.faults.map(faultOf);
}

const faultOf = ({ line, column, words }: TableFault): FileFault => ({ line, what: '', field: column, words });

const refused = (words: string, faults: readonly FileFault[] = []): Read => ({ read: false, words, faults });

/** UTF-8, or null where it is none: a sheet in another set of letters would lose names. */
function textIn(bytes: Buffer): string | null {
  if (bytes.includes(0)) return null;
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(bytes);
  } catch {
    return null;
  }
}

function rowsOf(text: string): { readonly rows: readonly TableRow[]; readonly fault: FileFault | null } {
  const [head = ''] = text.split(/\r?\n/, 1);
  const count = (letter: string): number => head.split(letter).length;
  const delimiter = [';', '\t', ','].reduce((most, one) => (count(one) > count(most) ? one : most), ',');
  try {
    const found = parse(text, {
      bom: true,
      delimiter,
      relax_column_count: true,
      info: true,
      skip_empty_lines: true,
    }) as unknown as {
      readonly record: string[];
      readonly info: { readonly lines: number };
    }[];
    // the package says on which line a row ends
    return {
      rows: found.map(({ record, info }) => ({
        line: info.lines - record.reduce((sum, cell) => sum + cell.split('\n').length - 1, 0),
        cells: record,
      })),
      fault: null,
    };
  } catch (error) {
    if (!(error instanceof CsvError)) throw error;
    const line = Number(error['lines'] ?? 1);
    return {
      rows: [],
      fault: { line, what: '', field: '', words: 'is no row of a table: a quote is missing or stands where none may.' },
    };
  }
}

/** Who is here, to be found by id or by name among thousands. */
interface People {
  readonly byId: ReadonlyMap<string, Student>;
  readonly called: (name: string) => readonly Student[];
}

function peopleIn(here: Database.Database): People {
  const bodies = here.prepare('select body from students').pluck().all() as string[];
  const byId = new Map<string, Student>();
  const byName = new Map<string, Student[]>();
  for (const body of bodies) {
    const read = readStudent(parsed(body));
    if (!read.ok) continue;
    const name = folded(read.value.name);
    byId.set(read.value.id, read.value);
    byName.set(name, [...(byName.get(name) ?? []), read.value]);
  }
  return { byId, called: (name) => byName.get(folded(name)) ?? [] };
}

function groupsIn(here: Database.Database): readonly Group[] {
  const bodies = here.prepare('select body from groups').pluck().all() as string[];
  return bodies.flatMap((body) => {
    const read = readGroup(parsed(body));
    return read.ok ? [read.value] : [];
  });
}

function knownIn(here: Database.Database, people: People): Known {
  const bodies = here.prepare('select body from protocols').pluck().all() as string[];
  const own = bodies.flatMap((body) => {
    const read = readOwnProtocol(parsed(body));
    return read.ok ? [read.value] : [];
  });
  const all: readonly Protocol[] = [...Object.values(checks), ...own];
  return {
    people: (name) => people.called(name).map(({ id }) => id),
    isPerson: (id) => people.byId.has(id),
    checks: (words) => {
      const exact = all.filter(({ id }) => id === words);
      return exact.length > 0 ? exact : all.filter(({ name }) => folded(name) === folded(words));
    },
    idOf: (content) => `t-${contentOf(content)}`,
  };
}

const folded = (name: string): string => name.trim().replace(/\s+/g, ' ').toLowerCase();
