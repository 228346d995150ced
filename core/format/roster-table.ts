import { Concern, concernNames } from '../exercise';
import { issueWords } from '../issue-words';
import { AgeBand, Experience, type Group, Student, ageWords, experienceWords, newStudent } from '../roster';
import { safeCell } from './safe-cell';
import { Row, type TableFault, type TableRow, columnsIn, dateOf } from './table-row';

/** The columns of a roster. A sheet made by hand needs the names alone. */
export const rosterColumns = [
  'person id',
  'name',
  'groups',
  'age',
  'experience',
  'comes for',
  'to mind',
  'asked',
  'measures since',
  'measures by',
  'notes',
] as const;
type Column = (typeof rosterColumns)[number];
const alsoCalled: Readonly<Record<string, Column>> = {
  person: 'name',
  student: 'name',
  group: 'groups',
  aims: 'comes for',
  cautions: 'to mind',
  note: 'notes',
};

/**
 * Students as rows of a table. What a table has no cell for stays out: what was said about a caution, and a clinician's
 * word; a file of Needlework has them.
 * @param group the name of a group
 */
export const rosterRows = (students: readonly Student[], group: (id: string) => string): string[][] =>
  students.map((student) => {
    const row: Readonly<Record<Column, string>> = {
      'person id': student.id,
      name: student.name,
      groups: student.groupIds.map(group).join('; '),
      age: student.age === null ? '' : ageWords[student.age],
      experience: student.experience === null ? '' : experienceWords[student.experience],
      'comes for': student.aims,
      'to mind': student.cautions.map(({ concern }) => concernNames[concern]).join('; '),
      asked: student.asked ?? '',
      'measures since': student.consent?.date ?? '',
      'measures by': student.consent?.by ?? '',
      notes: student.notes,
    };
    return rosterColumns.map((column) => safeCell(row[column]));
  });

/** Who and what is here already, for a roster that comes in. */
export interface KnownPeople {
  /** People of this id or name. */
  readonly people: (words: string) => readonly Student[];
  readonly groups: (name: string) => readonly Group[];
  /** The id of somebody, or of a group, that has none, from what is written: the same sheet again says the same. */
  readonly idOf: (content: string) => string;
}

/** Whether a first row is that of a roster: names, and no day on which anything was measured. */
export const isRoster = (head: readonly string[]): boolean => {
  const names = head.map((cell) =>
    cell
      .replace(/^\uFEFF/, '')
      .trim()
      .toLowerCase(),
  );
  return ['name', 'person', 'student'].some((name) => names.includes(name)) && !names.includes('date');
};

/**
 * Reads a roster. Who is here already is left as they are; others are added, with their groups, which are made where there
 * are none of that name. All of it, or what is wrong with it.
 */
export function readRoster(
  rows: readonly TableRow[],
  known: KnownPeople,
): {
  readonly students: readonly { readonly line: number; readonly student: Student }[];
  readonly groups: readonly Group[];
  readonly faults: readonly TableFault[];
} {
  const unknownWords = 'is no column of a roster: take it out, or call it notes.';
  const { columns, body, faults } = columnsIn(rows, rosterColumns, alsoCalled, 'name', unknownWords);
  const groups = new Map<string, Group>();
  if (faults.length > 0) return { students: [], groups: [], faults };
  const groupOf = (name: string): string => {
    const [found] = known.groups(name);
    const key = name.toLowerCase();
    const group = found ?? groups.get(key) ?? newGroupOf(known.idOf(`group ${key}`), name);
    groups.set(key, group);
    return group.id;
  };
  const seen = new Map<string, number>();
  const students = body.flatMap(({ line, cells }) => {
    const row = new Row<Column>(line, columns, cells, faults);
    const student = studentOf(row, known, groupOf, seen);
    return student ? [{ line, student }] : [];
  });
  return { students, groups: [...groups.values()], faults };
}

const newGroupOf = (id: string, name: string): Group => ({ format: 1, id, name, note: '', archived: false });

const listIn = (cell: string): string[] =>
  cell
    .split(';')
    .map((one) => one.trim())
    .filter((one) => one !== '');

function studentOf(
  row: Row<Column>,
  known: KnownPeople,
  groupOf: (name: string) => string,
  seen: Map<string, number>,
): Student | null {
  const [id, name] = [row.text('person id'), row.text('name')];
  const here = known.people(id || name);
  if (here.length > 1) return row.fault('name', `are ${here.length} people here: ${name}. Give the person id.`);
  if (here[0]) return here[0];
  // two of one name in a sheet are two people
  const nth = (seen.get(name) ?? 0) + 1;
  seen.set(name, nth);
  const [since, by] = [dateOf(row.text('measures since')), row.text('measures by') || 'self'];
  const said = {
    ...newStudent(id || known.idOf(`person ${name} ${nth}`), name),
    age: oneOf(row, 'age', AgeBand.options, ageWords),
    experience: oneOf(row, 'experience', Experience.options, experienceWords),
    aims: row.text('comes for'),
    cautions: listIn(row.text('to mind')).flatMap((words) => {
      const concern = Concern.options.find((one) => same(one, words) || same(concernNames[one], words));
      if (concern) return [{ concern, note: '', cleared: null }];
      row.fault('to mind', `is nothing Needlework knows: ${words}. Write it into notes.`);
      return [];
    }),
    consent: since === '' ? null : { date: since, by },
    asked: dateOf(row.text('asked')) || null,
    notes: row.raw('notes'),
  };
  if (row.wrong) return null;
  const read = Student.safeParse({ ...said, groupIds: listIn(row.text('groups')).map(groupOf) });
  if (read.success) return read.data;
  for (const issue of read.error.issues) row.fault(columnAt(issue.path), issueWords(issue));
  return null;
}

const same = (a: string, b: string): boolean => a.toLowerCase() === b.toLowerCase();

/** One of some words, as they are kept or as they are said; null where the cell is empty. */
function oneOf<T extends string>(
  row: Row<Column>,
  column: Column,
  all: readonly T[],
  words: Readonly<Record<T, string>>,
): T | null {
  const text = row.text(column);
  if (text === '') return null;
  const found = all.find((one) => same(one, text) || same(words[one], text));
  return found ?? row.fault(column, `must be one of: ${all.map((one) => words[one]).join(', ')}.`);
}

/** The column of a field. */
function columnAt([first, second]: readonly PropertyKey[]): string {
  if (first === 'consent') return second === 'by' ? 'measures by' : 'measures since';
  const columns: Readonly<Record<string, Column>> = { aims: 'comes for', groupIds: 'groups', id: 'person id' };
  return columns[String(first)] ?? String(first);
}
