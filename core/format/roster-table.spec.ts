import { stringify } from 'csv-stringify/sync';
import fc from 'fast-check';
import Papa from 'papaparse';
import { type Group, type Student, Student as StudentForm, newStudent } from '../roster';
import { anyOf } from '../testing/any-of';
import { type KnownPeople, isRoster, readRoster, rosterColumns, rosterRows } from './roster-table';

const ada = newStudent('ada-0001', 'Ada Lund', ['lunch']);
const bens = [newStudent('ben-0001', 'Ben Ost'), newStudent('ben-0002', 'Ben Ost')];
const lunch: Group = { format: 1, id: 'lunch', name: 'Thursday lunch', note: '', archived: false };
const nobody: KnownPeople = {
  people: () => [],
  groups: () => [],
  idOf: (content) => `made-${[...content].reduce((sum, c) => (sum * 31 + c.charCodeAt(0)) % 1_000_003, 7)}`,
};
const hall: KnownPeople = {
  ...nobody,
  people: (words) => [ada, ...bens].filter(({ id, name }) => [id, name].includes(words)),
  groups: (name) => [lunch].filter((group) => group.name === name),
};

const rowsOf = (text: string) =>
  Papa.parse<string[]>(text, { skipEmptyLines: true }).data.map((cells, i) => ({ line: i + 1, cells }));
const sheet = (lines: readonly string[], known = hall) => readRoster(rowsOf(lines.join('\n')), known);

describe('a roster as a table', () => {
  it('any people are read back as they were written, by a package that did not write them, but for what was said of a caution', () => {
    const anybody = anyOf(StudentForm).map((student): Student => {
      const cautions = student.cautions.map(({ concern }) => ({ concern, note: '', cleared: null }));
      // a name that is cut to nothing is none, and a group goes by its name
      return { ...student, cautions, groupIds: [...new Set(student.groupIds)], archived: false };
    });
    fc.assert(
      fc.property(fc.uniqueArray(anybody, { maxLength: 4, selector: ({ id }) => id }), (people) => {
        const named: KnownPeople = { ...nobody, groups: (name) => [{ ...lunch, id: name, name }] };
        const csv = stringify([[...rosterColumns], ...rosterRows(people, (id) => id)], { record_delimiter: 'windows' });
        const read = readRoster(rowsOf(csv), named);
        expect(read.faults).toEqual([]);
        expect(read.students.map(({ student }) => student)).toEqual(people);
      }),
    );
  });

  it('a sheet made by hand needs the names alone; groups are made where there are none, ages and cautions are said as one says them', () => {
    const { students, groups, faults } = sheet([
      'Name;Group;Age;To mind',
      'Cora Vik;Thursday lunch;60 to 69;sore knees',
      'Dag Moe;Evening; ;',
      'Dag Moe;evening;18-39;',
    ]);
    expect(faults).toEqual([]);
    expect(groups.map(({ name }) => name)).toEqual(['Thursday lunch', 'Evening']);
    expect(students.map(({ student: { name, age, groupIds } }) => [name, age, groupIds])).toEqual([
      ['Cora Vik', '60-69', ['lunch']],
      ['Dag Moe', null, [groups[1]?.id]],
      ['Dag Moe', '18-39', [groups[1]?.id]],
    ]);
    expect(students[0]?.student.cautions).toEqual([{ concern: 'sore-knees', note: '', cleared: null }]);
    // two of one name are two people, and the same sheet again the same two
    const ids = students.map(({ student }) => student.id);
    expect(new Set(ids).size).toBe(3);
    expect(sheet(['Name', 'Cora Vik', 'Dag Moe', 'Dag Moe']).students.map(({ student }) => student.id)).toEqual(ids);
  });

  it('who is here already stays as they are, by name or by id', () => {
    const { students, faults } = sheet(['person id;name;age', ';Ada Lund;40 to 49', 'ben-0002;Ben;']);
    expect(faults).toEqual([]);
    expect(students.map(({ student }) => student)).toEqual([ada, bens[1]]);
  });

  it('names line and column of what cannot be taken: a word for a caution, an age, a day, one of two people', () => {
    const { faults } = sheet([
      'Name;Age;To mind;Asked',
      'Cora Vik;old;sore knees;2026-01-05',
      'Dag Moe;;stiff heart;',
      'Eva Rud;;;2026-02-30',
      'Ben Ost;;;',
    ]);
    expect(faults.map(({ line, column }) => [line, column])).toEqual([
      [2, 'age'],
      [3, 'to mind'],
      [4, 'asked'],
      [5, 'name'],
    ]);
    expect(faults[0]?.words).toContain('60 to 69');
    expect(sheet(['Name;Shoe size', 'Cora Vik;39']).faults).toMatchObject([{ line: 1, column: 'Shoe size' }]);
  });

  it('is told from a table of readings by its first row', () => {
    expect(isRoster(['\uFEFFName', 'Age'])).toBe(true);
    expect(isRoster(['Person', 'Check', 'Date', 'Value'])).toBe(false);
    expect(isRoster(['Time', 'What'])).toBe(false);
  });
});
