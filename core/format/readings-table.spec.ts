import { stringify } from 'csv-stringify/sync';
import fc from 'fast-check';
import Papa from 'papaparse';
import { type Protocol, type Reading, checks as builtIn, usualConditions } from '../measure';
import { anyOf } from '../testing/any-of';
import { Conditions } from '../measure/reading';
import { type Known, readReadings, readingColumns, readingRows } from './readings-table';

const stand = builtIn['one-leg-stand'];
const wall = builtIn['knee-to-wall'];
const knee = builtIn['knee-in-line'];
const checks: readonly Protocol[] = [stand, wall, knee, builtIn['sore-spots']];
const people: Readonly<Record<string, string>> = {
  'ada-0001': 'Ada Lund',
  'ben-0001': 'Ben Ost',
  'ben-0002': 'Ben Ost',
};
const known: Known = {
  people: (name) => Object.keys(people).filter((id) => people[id]?.toLowerCase() === name.toLowerCase()),
  isPerson: (id) => id in people,
  checks: (words) => checks.filter(({ id, name }) => [id, name.toLowerCase()].includes(words.toLowerCase())),
  idOf: (content) =>
    `made-${content.length}-${[...content].reduce((sum, c) => (sum * 31 + c.charCodeAt(0)) % 1_000_003, 7)}`,
};
const names = {
  person: (id: string) => people[id] ?? '',
  protocol: (id: string) => checks.find((c) => c.id === id) ?? null,
};

/** A sheet as somebody sends it, read by papaparse. */
function sheet(text: string) {
  const { data } = Papa.parse<string[]>(text.trim());
  return readReadings(
    data.map((cells, i) => ({ line: i + 1, cells })),
    known,
  );
}
const one = (line: string, columns = 'person;check;foot;date;value') => sheet(`${columns}\n${line}`);

describe('readings as a table', () => {
  const base = {
    id: fc.stringMatching(/^[A-Za-z0-9_-]{4,20}$/),
    studentId: fc.constantFrom('ada-0001', 'ben-0001'),
    foot: fc.constantFrom('left' as const, 'right' as const, 'both' as const),
    date: fc.constantFrom('2026-01-05', '2024-02-29'),
    conditions: anyOf(Conditions),
    by: fc.string({ maxLength: 20 }).map((words) => words.trim()),
    picked: fc.boolean(),
    stands: fc.boolean(),
    pain: fc.constantFrom(null, 0, 10),
    note: fc.string({ unit: 'grapheme', maxLength: 60 }),
  };
  const number = fc.record({
    kind: fc.constant('number' as const),
    trials: fc.array(
      fc.double({ min: 0, max: 45, noNaN: true }).map((n) => n + 0),
      { minLength: 1, maxLength: 6 },
    ),
    known: fc.boolean(),
    cap: fc.constantFrom(null, 60),
  });
  const answers = 'answers' in knee.result ? knee.result.answers : [];
  const word = fc.record({
    kind: fc.constant('word' as const),
    answer: fc.constantFrom(...answers),
    count: fc.constantFrom(null, 0, 12),
  });
  const marks = fc.record({
    kind: fc.constant('marks' as const),
    marks: fc.array(fc.record({ x: fc.integer({ min: 0, max: 100 }), y: fc.integer({ min: 0, max: 100 }) }), {
      maxLength: 4,
    }),
  });
  const reading: fc.Arbitrary<Reading> = fc.oneof(
    fc.record({ ...base, protocol: fc.constant('one-leg-stand'), value: number }),
    fc.record({ ...base, protocol: fc.constant('knee-in-line'), value: word }),
    fc.record({ ...base, protocol: fc.constant('sore-spots'), value: marks }),
  );

  it('any readings are read back as they were written, by a package that did not write them', () => {
    fc.assert(
      fc.property(fc.uniqueArray(reading, { maxLength: 4, selector: ({ id }) => id }), (readings) => {
        const csv = stringify([[...readingColumns], ...readingRows(readings, names)], { record_delimiter: 'windows' });
        const { data } = Papa.parse<string[]>(csv, { skipEmptyLines: true });
        const read = readReadings(
          data.map((cells, i) => ({ line: i + 1, cells })),
          known,
        );
        expect(read.faults).toEqual([]);
        expect(read.readings.map((found) => found.reading)).toEqual(readings);
      }),
    );
  });

  it('a sheet made by hand needs five columns, with semicolons, commas in numbers and dates with points', () => {
    const { readings, faults } = one('Ada Lund;knee to wall;L;05.03.2026;11,5'.replace('knee to wall', wall.name));
    expect(faults).toEqual([]);
    expect(readings).toMatchObject([
      {
        line: 2,
        reading: {
          studentId: 'ada-0001',
          protocol: 'knee-to-wall',
          foot: 'left',
          date: '2026-03-05',
          value: { kind: 'number', trials: [11.5], known: true, cap: null },
          conditions: usualConditions,
        },
      },
    ]);
  });

  it('the same sheet twice gives the same readings, and the same line twice two of them', () => {
    const line = 'Ada Lund;one-leg-stand;left;2026-03-05;20';
    const [first, again] = [one(line), one(line)];
    expect(first.readings).toEqual(again.readings);
    const twice = one(`${line}\n${line}`);
    expect(new Set(twice.readings.map(({ reading: { id } }) => id)).size).toBe(2);
    expect(twice.readings[0]?.reading.id).toBe(first.readings[0]?.reading.id);
  });

  it.each([
    ['nobody of this name', 'Eva Holm;one-leg-stand;left;2026-03-05;20', 'person', /is nobody here: Eva Holm/],
    ['two of one name', 'Ben Ost;one-leg-stand;left;2026-03-05;20', 'person', /are 2 people here/],
    ['no such check', 'Ada Lund;long jump;left;2026-03-05;20', 'check', /is no check here: long jump/],
    ['no such foot', 'Ada Lund;one-leg-stand;third;2026-03-05;20', 'foot', /must be one of/],
    ['a date that is none', 'Ada Lund;one-leg-stand;left;2026-02-30;20', 'date', /needs a date/],
    ['a date in words', 'Ada Lund;one-leg-stand;left;5 March;20', 'date', /needs a date/],
    ['no number', 'Ada Lund;one-leg-stand;left;2026-03-05;long', 'try 1', /is no number: long/],
    ['a comma that may be either', 'Ada Lund;one-leg-stand;left;2026-03-05;1,250', 'try 1', /may be 1250 or 1.250/],
    ['what no foot gives', 'Ada Lund;one-leg-stand;left;2026-03-05;9000', 'try 1', /lies outside what a foot gives/],
    ['no value', 'Ada Lund;one-leg-stand;left;2026-03-05;', 'try 1', /there is no value/],
  ])('names line and column of %s, and takes nothing', (_what, line, column, words) => {
    const { readings, faults } = one(line);
    expect(readings).toEqual([]);
    expect(faults).toMatchObject([{ line: 2, column, words: expect.stringMatching(words) as string }]);
  });

  it('a column that is not known is told, since what stands in it would be lost', () => {
    const { faults } = one('Ada Lund;one-leg-stand;left;2026-03-05;20;blue', 'person;check;foot;date;value;shoes');
    expect(faults).toEqual([
      { line: 1, column: 'shoes', words: 'is no column of readings: take it out, or call it note.' },
    ]);
    expect(sheet('person;check\nAda;stand').faults[0]).toMatchObject({ column: 'date' });
    expect(sheet('').faults).toHaveLength(1);
  });

  it('a value in another unit is not taken for one in its own', () => {
    const { faults } = one('Ada Lund;one-leg-stand;left;2026-03-05;20;cm', 'person;check;foot;date;value;unit');
    expect(faults[0]).toMatchObject({ column: 'unit' });
  });
});
