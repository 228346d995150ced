import * as z from 'zod';
import { type Protocol, type Reading, isNumber, usualConditions } from '../measure';
import { Reading as ReadingForm } from '../measure/reading';
import { issueWords } from '../issue-words';
import { safeCell } from './safe-cell';
import { Row, type TableFault, type TableRow, columnsIn, dateOf } from './table-row';

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

/** Reads a table of readings, its first row the names of its columns. All of it, or what is wrong with it. */
export function readReadings(
  rows: readonly TableRow[],
  known: Known,
): {
  readonly readings: readonly { readonly line: number; readonly reading: Reading }[];
  readonly faults: readonly TableFault[];
} {
  const { columns, body, faults } = columnsIn(
    rows,
    readingColumns,
    alsoCalled,
    'date',
    'is no column of readings: take it out, or call it note.',
  );
  if (faults.length > 0) return { readings: [], faults };
  const seen = new Map<string, number>();
  const readings = body.flatMap(({ line, cells }) => {
    const row = new Row<Column>(line, columns, cells, faults);
    const reading = readingOf(row, known, seen);
    return reading ? [{ line, reading }] : [];
  });
  return { readings, faults };
}

function readingOf(row: Row<Column>, known: Known, seen: Map<string, number>): Reading | null {
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

function personOf(row: Row<Column>, known: Known): string | null {
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

function checkOf(row: Row<Column>, known: Known): Protocol | null {
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

function valueOf(row: Row<Column>, check: Protocol): Reading['value'] | null {
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
function marksOf(row: Row<Column>): Reading['value'] | null {
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
