import Ajv2020 from 'ajv/dist/2020';
import addFormats from 'ajv-formats';
import fc from 'fast-check';
import { readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { newCourse } from '../course';
import { catalogue } from '../exercise/catalogue';
import { newHomework } from '../homework';
import type { RunEvent } from '../run';
import { anyOf } from '../testing/any-of';
import { anyPlan } from '../testing/arbitrary';
import { NeedleworkFile, betweenRecords, closeFile, openFile, readHead } from './needlework-file';
import { publishedSchemas, schemaFile } from './published';
import { RecordKind } from '../contract';
import { FileRecord, type RecordOf, readRecord, recordId, recordKinds } from './record';
import { RecordSplitter } from './split-records';

const saved = '2026-03-01T12:00:00.000Z';
const revision = '0123456789abcdef';
const takenOut = fc.constantFrom(null, saved);
/** Read off the form of a kind. */
function formed(kind: RecordKind): fc.Arbitrary<FileRecord> {
  const found = FileRecord.options.find(({ shape }) => shape.kind.value === kind);
  if (!found) throw new Error(kind);
  return anyOf<FileRecord>(found);
}

/** Any record of each kind; where a document is more than its form says, one that is made as the application makes it. */
const anyRecord: Readonly<Record<RecordKind, fc.Arbitrary<FileRecord>>> = {
  preferences: formed('preferences'),
  exercise: fc.record({
    kind: fc.constant('exercise' as const),
    revision: fc.constant(revision),
    current: fc.boolean(),
    origin: fc.constantFrom('built-in' as const, 'own' as const),
    changed: fc.boolean(),
    takenOut,
    exercise: fc.constantFrom(...catalogue),
  }),
  protocol: formed('protocol'),
  band: formed('band'),
  group: formed('group'),
  student: formed('student'),
  reading: formed('reading'),
  note: formed('note'),
  class: fc.record({ kind: fc.constant('class' as const), saved: fc.constant(saved), takenOut, plan: anyPlan() }),
  course: fc.record({
    kind: fc.constant('course' as const),
    saved: fc.constant(saved),
    course: fc
      .integer({ min: 1, max: 52 })
      .map((weeks) => ({ ...newCourse('course-1', 'Spring', '2026-03-02', 'Europe/London'), weeks })),
    classes: fc.array(
      fc.record({ key: fc.constant('2026-03-02'), classId: fc.constant('class-1'), byHand: fc.boolean() }),
    ),
  }),
  homework: fc.record({
    kind: fc.constant('homework' as const),
    saved: fc.constant(saved),
    homework: fc.constantFrom(
      newHomework('home-1', 'At home', { kind: 'student', studentId: 'student-1' }, '2026-03-02'),
    ),
  }),
  taught: fc.record({
    kind: fc.constant('taught' as const),
    id: fc.constant('run-0001'),
    classId: fc.constant('class-1'),
    version: fc.integer({ min: 1, max: 9 }),
    startedAt: fc.constant(saved),
    headcount: fc.constantFrom(null, 0, 12),
    note: fc.string({ maxLength: 40 }),
    takenOut,
    run: fc.record({ format: fc.constant(1 as const), plan: anyPlan(), events: fc.constant<RunEvent[]>([]) }),
  }),
};
const any = fc.oneof(...Object.values(anyRecord));

describe('what a file of Needlework holds', () => {
  const ajv = new Ajv2020({ strict: false, allErrors: true });
  addFormats(ajv);
  for (const schema of Object.values(publishedSchemas())) ajv.addSchema(schema);

  it.each(recordKinds)('a record of kind %s is read back as it was written', (kind) => {
    fc.assert(
      fc.property(anyRecord[kind], (record) => {
        const read = readRecord(JSON.parse(JSON.stringify(record)));
        expect(read).toEqual({ ok: true, value: record });
        expect(record.kind).toBe(kind);
        expect(typeof recordId(record)).toBe('string');
      }),
      { numRuns: 25 },
    );
  });

  it('any file fits its published JSON Schema, as ajv judges it (JSON Schema 2020-12)', () => {
    const fits = ajv.getSchema(schemaFile('needlework-file'));
    fc.assert(
      fc.property(fc.array(any, { maxLength: 3 }), (records) => {
        const file = { needlework: 1, made: saved, holds: 'All of it', aboutPeople: true, records };
        void fits?.(JSON.parse(JSON.stringify(file)));
        expect(fits?.errors ?? []).toEqual([]);
        expect(NeedleworkFile.safeParse(file).success).toBe(true);
      }),
      { numRuns: 40 },
    );
    // the schema refuses what is none
    expect(fits?.({ needlework: 1, made: saved, holds: '', aboutPeople: true, records: [{ kind: 'shoe' }] })).toBe(
      false,
    );
    expect(fits?.({ needlework: 1, made: 'yesterday', holds: '', aboutPeople: true, records: [] })).toBe(false);
  });

  it('is published in docs/format as it is in the code', () => {
    const folder = join(__dirname, '..', '..', 'docs', 'format');
    const written = readdirSync(folder).filter((name) => name.endsWith('.schema.json'));
    const schemas = publishedSchemas();
    expect(written.sort()).toEqual(Object.keys(schemas).map(schemaFile).sort());
    for (const [name, schema] of Object.entries(schemas))
      expect(JSON.parse(readFileSync(join(folder, schemaFile(name)), 'utf8'))).toEqual(
        JSON.parse(JSON.stringify(schema)),
      );
  });

  it('has the kinds that pages and server speak of', () => {
    expect([...recordKinds].sort()).toEqual([...RecordKind.options].sort());
  });

  it('names the field at fault and why', () => {
    const reading = fc.sample(anyRecord.reading, 1)[0] as RecordOf<'reading'>;
    const wrong = { ...reading, reading: { ...reading.reading, date: '31 March' } };
    const read = readRecord(wrong);
    expect(read).toMatchObject({ ok: false, error: { field: 'reading.date', words: 'needs a date, as 2026-03-14.' } });
    expect(readRecord({ kind: 'shoe' })).toMatchObject({ ok: false, error: { field: 'kind' } });
    expect(readRecord('reading')).toMatchObject({ ok: false });
  });

  it('a class of an older format is brought up, one of a newer format is refused', () => {
    const [plan] = fc.sample(anyPlan(), 1);
    const older = readRecord({ kind: 'class', saved, takenOut: null, plan: { ...plan, format: 8 } });
    expect(older.ok).toBe(true);
    const newer = readRecord({ kind: 'class', saved, takenOut: null, plan: { ...plan, format: 99 } });
    expect(newer).toMatchObject({
      ok: false,
      error: { field: 'plan', words: 'was written by a newer Needlework; open it with that version.' },
    });
  });
});

describe('a file taken apart while it comes in', () => {
  const head = { made: saved, holds: 'Two classes', aboutPeople: false };
  /** A file as text, cut into pieces anywhere, as it comes over a wire. */
  function split(text: string, pieces: readonly number[]) {
    const splitter = new RecordSplitter();
    const found: unknown[] = [];
    const lines: number[] = [];
    let at = 0;
    for (const length of [...pieces, text.length]) {
      for (const { line, text: record } of splitter.push(text.slice(at, at + length))) {
        found.push(JSON.parse(record));
        lines.push(line);
      }
      at += length;
    }
    return { found, lines, fault: splitter.end(), head: splitter.head };
  }

  it('gives what JSON itself gives, however it is laid out and wherever it is cut', () => {
    const records = fc.array(fc.dictionary(fc.string(), fc.jsonValue()), { maxLength: 5 });
    const cuts = fc.array(fc.integer({ min: 1, max: 40 }), { maxLength: 20 });
    fc.assert(
      fc.property(records, cuts, fc.constantFrom('own', '', ' ', '\t'), (wanted, pieces, layout) => {
        const before = { needlework: 1, ...head };
        const lines = wanted.map((record, i) => betweenRecords(i === 0) + JSON.stringify(record)).join('');
        const text =
          layout === 'own'
            ? openFile(head) + lines + closeFile
            : JSON.stringify({ ...before, records: wanted }, null, layout);
        const { found, fault, head: outer } = split(text, pieces);
        expect(fault).toBeNull();
        expect(found).toEqual((JSON.parse(text) as { records: unknown }).records);
        expect(JSON.parse(outer ?? '')).toEqual({ ...before, records: [] });
      }),
    );
  });

  it('knows the line on which each record begins', () => {
    const text = `${openFile(head)}${betweenRecords(true)}{"kind":"a"}${betweenRecords(false)}{"kind":\n"b"}${betweenRecords(false)}{}${closeFile}`;
    const { lines, found, head: outer } = split(text, []);
    expect(lines).toEqual([2, 3, 5]);
    expect(found).toHaveLength(3);
    expect(readHead(JSON.parse(outer ?? ''))).toEqual({ ok: true, value: head });
  });

  it('has the head as soon as the records begin', () => {
    const splitter = new RecordSplitter();
    expect(splitter.push('{"needlework": 2')).toEqual([]);
    expect(splitter.head).toBeNull();
    splitter.push(', "records": [ ');
    expect(readHead(JSON.parse(splitter.head ?? ''))).toEqual({ ok: false, error: 'newer-file' });
  });

  it.each([
    ['cut off in a record', '{"needlework":1,"records":[\n{"a":1},\n{"b":', 3, /cut off here/],
    ['cut off between two', '{"needlework":1,"records":[\n{"a":1},\n', 3, /cut off here/],
    ['empty', '  \n', 2, /empty/],
    ['no file at all', 'PK\u0003\u0004', 1, /does not begin with a brace/],
    ['a list of words', '{"records":["a"]}', 1, /object in braces/],
    ['a comma too many', '{"records":[\n{},\n,{}]}', 3, /comma too many/],
    ['a comma at the end', '{"records":[{},]}', 1, /missing behind the last comma/],
    ['a comma missing', '{"records":[{}\n{}]}', 2, /comma is missing/],
    ['something behind the end', '{"records":[]}\n{"records":[]}', 2, /behind the end/],
    ['nested without an end', `{"records":[${'{"a":['.repeat(100)}`, 1, /nested deeper/],
    ['a head without an end', `{"a":"${'x'.repeat(30_000)}`, 1, /too long/],
  ])('refuses what is %s, and says where', (_what, text, line, words) => {
    const { fault } = split(text, [3]);
    expect(fault).toMatchObject({ line, words: expect.stringMatching(words) as string });
  });
});
