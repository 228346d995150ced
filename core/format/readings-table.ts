import * as z from 'zod';
import { type Protocol, type Reading, isNumber, usualConditions } from '../measure';
import { Reading as ReadingForm } from '../measure/reading';
import { issueWords } from '../issue-words';
import { cellText, safeCell } from './safe-cell';

const tries = ['try 1', 'try 2', 'try 3', 'try 4', 'try 5', 'try 6'] as const;
/** The columns of a table of readings. A sheet made by hand needs person, check, foot, date and one of the values. */
export const readingColumns = [
  'reading',
  'person',
  'person id',
  'check',
  'check id',
  'foot',
  'date',
  'unit',
  ...tries,
  'known',
  'cap',
  'answer',
  'count',
  'hour',
  'marks',
  'method',
  'fingertips',
  'surface',
  'footwear',
  'knee',
  'work',
  'by',
  'picked',
  'stands',
  'pain',
  'note',
] as const;
type Column = (typeof readingColumns)[number];
/** What people write in the place of a column's own name. */
const alsoCalled: Readonly<Record<string, Column>> = {
  name: 'person',
  student: 'person',
  protocol: 'check',
  side: 'foot',
  value: 'try 1',
  'fingertips on the support': 'fingertips',
};

const yes = (value: boolean): string => (value ? 'yes' : 'no');
const orEmpty = (value: number | string | null): string => (value === null ? '' : String(value));

/** Whom and what the readings are of. */
export interface ReadingNames {
  readonly person: (id: string) => string;
  readonly protocol: (id: string) => Protocol | null;
}

/** Readings as rows of a table: one each, every field in a column of its own. */
export function readingRows(readings: readonly Reading[], names: ReadingNames): string[][] {
  return readings.map((reading) => {
    const row = rowOf(reading, names);
    return readingColumns.map((column) => safeCell(row[column] ?? ''));
  });
}

function rowOf(reading: Reading, { person, protocol }: ReadingNames): Partial<Record<Column, string>> {
  const check = protocol(reading.protocol);
  const { value, conditions: at } = reading;
  return {
    reading: reading.id,
    person: person(reading.studentId),
    'person id': reading.studentId,
    check: check?.name ?? '',
    'check id': reading.protocol,
    foot: reading.foot,
    date: reading.date,
    unit: check && isNumber(check) ? check.result.unit : '',
    ...(value.kind === 'number'
      ? {
          ...Object.fromEntries(tries.map((column, i) => [column, orEmpty(value.trials[i] ?? null)])),
          known: yes(value.known),
          cap: orEmpty(value.cap),
        }
      : {}),
    ...(value.kind === 'word' ? { answer: value.answer, count: orEmpty(value.count) } : {}),
    ...(value.kind === 'clock' ? { hour: value.hour === null ? 'nowhere' : String(value.hour) } : {}),
    ...(value.kind === 'marks' ? { marks: value.marks.map(({ x, y }) => `${x} ${y}`).join('; ') || 'none' } : {}),
    method: at.method,
    fingertips: String(at.support),
    surface: at.surface,
    footwear: at.footwear,
    knee: at.knee,
    work: at.work,
    by: reading.by,
    picked: yes(reading.picked),
    stands: yes(reading.stands),
    pain: orEmpty(reading.pain),
    note: reading.note,
  };
}

/** What is wrong with a table, by its line and column. */
export interface TableFault {
  readonly line: number;
  readonly column: string;
  readonly words: string;
}

/** What a table may name. */
export interface Known {
  /** Ids of the people of this name. */
  readonly people: (name: string) => readonly string[];
  readonly isPerson: (id: string) => boolean;
  /** Checks of this name or id. */
  readonly checks: (words: string) => readonly Protocol[];
  /** The id of a reading that has none, from what it says: the same sheet again says the same. */
  readonly idOf: (content: string) => string;
}

/** A row as a parser gives it, with the line on which it begins. */
export interface TableRow {
  readonly line: number;
  readonly cells: readonly string[];
}

/** Reads a table of readings, its first row the names of its columns. All of it, or what is wrong with it. */
export function readReadings(
  rows: readonly TableRow[],
  known: Known,
): {
  readonly readings: readonly { readonly line: number; readonly reading: Reading }[];
  readonly faults: readonly TableFault[];
} {
  const [head, ...body] = rows;
  if (!head) return { readings: [], faults: [{ line: 1, column: '', words: 'The table is empty.' }] };
  const columns = head.cells.map(columnOf);
  const faults: TableFault[] = columns.flatMap((column, i) => {
    const called = head.cells[i] ?? '';
    if (column === null && called.trim() !== '')
      return [{ line: head.line, column: called, words: 'is no column of readings: take it out, or call it note.' }];
    return column !== null && columns.indexOf(column) !== i
      ? [{ line: head.line, column: called, words: 'stands twice.' }]
      : [];
  });
  if (!columns.includes('date'))
    faults.push({ line: head.line, column: 'date', words: 'is missing: the first row names the columns.' });
  if (faults.length > 0) return { readings: [], faults };
  const seen = new Map<string, number>();
  const readings = body.flatMap(({ line, cells }) => {
    if (cells.every((cell) => cell.trim() === '')) return [];
    const row = new Row(line, columns, cells, faults);
    const reading = readingOf(row, known, seen);
    return reading ? [{ line, reading }] : [];
  });
  return { readings, faults };
}

function columnOf(called: string): Column | null {
  const name = called
    .replace(/^\uFEFF/, '')
    .trim()
    .toLowerCase();
  return readingColumns.find((column) => column === name) ?? alsoCalled[name] ?? null;
}

/** A row that is being read; what is wrong with it is put down. */
class Row {
  wrong = false;

  constructor(
    readonly line: number,
    private readonly columns: readonly (Column | null)[],
    private readonly cells: readonly string[],
    private readonly faults: TableFault[],
  ) {}

  fault(column: string, words: string): null {
    this.wrong = true;
    this.faults.push({ line: this.line, column, words });
    return null;
  }

  /** As it was written. */
  raw(column: Column): string {
    const at = this.columns.indexOf(column);
    return cellText(at < 0 ? '' : (this.cells[at] ?? ''));
  }

  text(column: Column): string {
    return this.raw(column).trim();
  }

  /** A number with a point or a comma; null where there is none. */
  number(column: Column): number | null {
    const text = this.text(column);
    if (text === '') return null;
    if (!/^-?\d+(?:[.,]\d+)?(?:e-?\d+)?$/i.test(text)) return this.fault(column, `is no number: ${text}`);
    if (/^-?[1-9]\d{0,2},\d{3}$/.test(text))
      return this.fault(
        column,
        `may be ${text.replace(',', '')} or ${text.replace(',', '.')}: write it without the comma.`,
      );
    return Number(text.replace(',', '.'));
  }

  whole(column: Column): number | null {
    const number = this.number(column);
    return number === null || Number.isInteger(number) ? number : this.fault(column, 'must be a whole number.');
  }

  isYes(column: Column, usual: boolean): boolean {
    const text = this.text(column).toLowerCase();
    if (text === '') return usual;
    if (['yes', 'true', '1'].includes(text)) return true;
    if (!['no', 'false', '0'].includes(text)) this.fault(column, 'must be yes or no.');
    return false;
  }
}

function readingOf(row: Row, known: Known, seen: Map<string, number>): Reading | null {
  const studentId = personOf(row, known);
  const check = checkOf(row, known);
  const value = check ? valueOf(row, check) : null;
  const at = {
    method: row.text('method'),
    support: row.whole('fingertips') ?? usualConditions.support,
    surface: row.text('surface') || usualConditions.surface,
    footwear: row.text('footwear') || usualConditions.footwear,
    knee: row.text('knee') || usualConditions.knee,
    work: row.text('work') || usualConditions.work,
  };
  const said = {
    studentId,
    protocol: check?.id ?? '',
    foot: feet[row.text('foot').toLowerCase()] ?? row.text('foot'),
    date: dateOf(row.text('date')),
    value,
    conditions: at,
    by: row.text('by'),
    picked: row.isYes('picked', false),
    stands: row.isYes('stands', false),
    pain: row.whole('pain'),
    note: row.raw('note'),
  };
  if (row.wrong || studentId === null || check === null) return null;
  const content = JSON.stringify(said);
  // the same line twice in a sheet is two readings
  const nth = (seen.get(content) ?? 0) + 1;
  seen.set(content, nth);
  const id = row.text('reading') || known.idOf(nth === 1 ? content : `${content} ${nth}`);
  const read = ReadingForm.safeParse({ id, ...said });
  if (read.success) return read.data;
  for (const issue of read.error.issues) row.fault(columnAt(issue.path), issueWords(issue));
  return null;
}

const feet: Readonly<Record<string, string>> = { l: 'left', r: 'right', '': 'both', each: 'both' };

/** A date as it is kept; one with points is day, month, year. */
function dateOf(text: string): string {
  const [, day, month, year] = /^(\d{1,2})\.(\d{1,2})\.(\d{4})$/.exec(text) ?? [];
  return day && month && year ? `${year}-${month.padStart(2, '0')}-${day.padStart(2, '0')}` : text;
}

function personOf(row: Row, known: Known): string | null {
  const id = row.text('person id');
  if (id !== '') return known.isPerson(id) ? id : row.fault('person id', `is of nobody here: ${id}.`);
  const name = row.text('person');
  const found = known.people(name);
  if (found.length === 1) return found[0] ?? null;
  return row.fault(
    'person',
    found.length === 0
      ? `is nobody here: ${name || 'the cell is empty'}.`
      : `are ${found.length} people here: ${name}. Give the person id.`,
  );
}

function checkOf(row: Row, known: Known): Protocol | null {
  const name = row.text('check id') || row.text('check');
  const found = known.checks(name);
  if (found.length === 1) return found[0] ?? null;
  return row.fault(
    'check',
    found.length === 0
      ? `is no check here: ${name || 'the cell is empty'}.`
      : `are several checks here: ${name}. Give the check id.`,
  );
}

function valueOf(row: Row, check: Protocol): Reading['value'] | null {
  const { result } = check;
  if (result.gives === 'number') {
    const unit = row.text('unit');
    if (unit !== '' && unit !== result.unit)
      return row.fault('unit', `is ${unit}, and ${check.name} is measured in ${result.unit}.`);
    const trials = tries.flatMap((column) => row.number(column) ?? []);
    if (trials.length === 0) return row.wrong ? null : row.fault('try 1', 'is empty: there is no value.');
    const { least, most } = result.refuse;
    if (trials.some((trial) => trial < least || trial > most))
      return row.fault('try 1', `lies outside what a foot gives: ${least} to ${most} ${result.unit}.`);
    return { kind: 'number', trials, known: row.isYes('known', true), cap: row.number('cap') };
  }
  if (row.text('hour') !== '')
    return { kind: 'clock', hour: row.text('hour') === 'nowhere' ? null : row.whole('hour') };
  if (row.text('marks') !== '') return marksOf(row);
  const answer = row.text('answer');
  if (answer === '') return row.fault('answer', 'is empty: there is no value.');
  if (result.gives === 'clock' || result.gives === 'marks')
    return row.fault(
      'answer',
      `is no value of ${check.name}: it gives ${result.gives === 'clock' ? 'an hour' : 'marks'}.`,
    );
  const word = result.answers.find((one) => one.toLowerCase() === answer.toLowerCase());
  return word === undefined
    ? row.fault('answer', `must be one of: ${result.answers.join(', ')}.`)
    : { kind: 'word', answer: word, count: row.whole('count') };
}

const Mark = z.tuple([z.coerce.number(), z.coerce.number()]);
function marksOf(row: Row): Reading['value'] | null {
  const text = row.text('marks');
  if (text === 'none') return { kind: 'marks', marks: [] };
  const marks = text.split(';').map((one) => Mark.safeParse(one.trim().split(/\s+/)));
  if (marks.some(({ success }) => !success)) return row.fault('marks', 'are pairs of numbers, as 20 35; 40 50.');
  return { kind: 'marks', marks: marks.flatMap(({ data }) => (data ? [{ x: data[0], y: data[1] }] : [])) };
}

/** The column of a field. */
function columnAt(path: readonly PropertyKey[]): string {
  const [first, second] = path.map(String);
  if (first === 'conditions') return second === 'support' ? 'fingertips' : (second ?? '');
  return first === 'value'
    ? second === 'trials'
      ? 'try 1'
      : (second ?? 'value')
    : first === 'id'
      ? 'reading'
      : (first ?? '');
}
