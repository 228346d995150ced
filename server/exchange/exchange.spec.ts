import { existsSync, readFileSync, readdirSync, renameSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { gunzipSync, gzipSync } from 'node:zlib';
import Database from 'better-sqlite3';
import Papa from 'papaparse';
import { Coming, ClassRead, ComingEntries, Copies, type People, type RecordKind } from '@core/contract';
import { NeedleworkFile } from '@core/format';
import { newStudent } from '@core/roster';
import { FileServer } from '../testing/file-server';
import { samplePlan } from '../testing/server';
import { textOf } from './source';
import { runHere } from './thread';

type Ready = Extract<Coming, { readonly state: 'ready' }>;
const opened: FileServer[] = [];
const fileServer = (): FileServer => {
  const made = new FileServer();
  opened.push(made);
  return made;
};
const ready = (coming: Coming): Ready => {
  if (coming.state !== 'ready') throw new Error(JSON.stringify(coming));
  return coming;
};
const unpackedOf = (file: Buffer): string => gunzipSync(file).toString('utf8');
/** What is in a file, without when it was written and whatever order its records have. */
const recordsIn = (file: Buffer): string[] =>
  NeedleworkFile.parse(JSON.parse(unpackedOf(file)))
    .records.map((record) => JSON.stringify(record))
    .sort();
const sum = (counts: Ready['counts'], state: 'new' | 'same' | 'differs' | 'out' | 'kept'): number =>
  Object.values(counts).reduce((all, of) => all + of[state], 0);

afterAll(() => {
  for (const server of opened) server.close();
});

// all of a demo studio goes through it several times
jest.setTimeout(60_000);

/** A studio, and a place that takes in what the studio writes. */
const from = fileServer().withDemo();
const to = fileServer();

describe('everything out as a file, and in again', () => {
  let file: Buffer;
  beforeAll(async () => {
    file = await from.write('everything');
  });

  it('is one valid document, says that it is about people, and has a record a line', () => {
    const text = unpackedOf(file);
    const read = NeedleworkFile.parse(JSON.parse(text));
    expect(read.aboutPeople).toBe(true);
    expect(read.holds).toContain('health record');
    expect(text.trimEnd().split('\n')).toHaveLength(read.records.length + 2);
    const kinds = new Set(read.records.map(({ kind }) => kind));
    for (const kind of [
      'exercise',
      'group',
      'student',
      'reading',
      'note',
      'class',
      'course',
      'homework',
      'taught',
    ] satisfies RecordKind[])
      expect(kinds).toContain(kind);
  });

  it('loses nothing: what an empty place takes in goes out the same', async () => {
    const coming = ready(await to.send(file));
    expect(sum(coming.counts, 'new')).toBeGreaterThan(100);
    expect(sum(coming.counts, 'differs') + sum(coming.counts, 'kept')).toBe(0);
    const taken = await to.take(coming.id);
    expect(taken).toMatchObject({ state: 'taken' });
    expect(recordsIn(await to.write('everything'))).toEqual(recordsIn(file));
  });

  it('takes the same file twice without doubling anything', async () => {
    const again = ready(await to.send(file));
    expect(sum(again.counts, 'new') + sum(again.counts, 'differs') + sum(again.counts, 'out')).toBe(0);
    expect(sum(again.counts, 'same')).toBeGreaterThan(100);
    await to.take(again.id, { over: 'all' });
    expect(recordsIn(await to.write('everything'))).toEqual(recordsIn(file));
  });

  it('has times, desk, people and log there as they are here', async () => {
    for (const path of ['/api/classes?limit=50', '/api/runs?limit=50', '/api/people', '/api/courses']) {
      const [mine, theirs] = await Promise.all([from.get(path), to.get(path)]);
      const bare = (body: unknown) =>
        JSON.parse(
          JSON.stringify(body, (key, value: unknown) => (key === 'version' || key === 'next' ? undefined : value)),
        ) as unknown;
      expect(theirs.status).toBe(200);
      expect(bare(theirs.body)).toEqual(bare(mine.body));
    }
  });

  it('a class of a course is still one that the course made, and one that was changed by hand is one that was', async () => {
    const { body } = await from.get('/api/courses');
    const [{ course }] = (body as { courses: [{ course: { id: string } }] }).courses;
    const of = async (server: FileServer) =>
      (
        (await server.get(`/api/courses/${course.id}`)).body as { classes: { key: string; byHand: boolean }[] }
      ).classes.map(({ key, byHand }) => [key, byHand]);
    expect(await of(to)).toEqual(await of(from));
  });

  it('without people it names nobody', async () => {
    const plans = await from.write('plans');
    const read = NeedleworkFile.parse(JSON.parse(unpackedOf(plans)));
    expect(read.aboutPeople).toBe(false);
    expect(read.records.map(({ kind }) => kind)).not.toContain('student');
    const { body } = await from.get('/api/people');
    for (const { student } of (body as { students: { student: { name: string } }[] }).students)
      expect(unpackedOf(plans)).not.toContain(student.name);
  });
});

describe('a class that goes to another teacher', () => {
  const from = fileServer();
  const to = fileServer();
  const own = async (server: FileServer, name: string) => {
    const plan = samplePlan(server.server, 'class-1');
    const [revision] = server.server.library.byRevision([
      plan.blocks[0]?.items[0]?.kind === 'exercise' ? plan.blocks[0].items[0].revision : '',
    ]);
    const exercise = { ...revision?.exercise, id: 'my-own-way', name: { plain: name, anatomical: name } };
    await server.put('/api/exercises/my-own-way', { basedOn: null, exercise }).expect(200);
    return server.server.library.one('my-own-way');
  };
  let file: string;

  beforeAll(async () => {
    const mine = await own(from, 'Walk by the harbour');
    const plan = samplePlan(from.server, 'class-1');
    const [block] = plan.blocks;
    const items = (block?.items ?? []).map((item, i) =>
      i === 0 && item.kind === 'exercise' ? { ...item, exerciseId: 'my-own-way', revision: mine.revision } : item,
    );
    from.server.classes.create({ saveId: 'save-1', plan: { ...plan, blocks: block ? [{ ...block, items }] : [] } });
    // the class pins the state before
    await from
      .put('/api/exercises/my-own-way', {
        basedOn: mine.revision,
        exercise: { ...mine.exercise, purpose: 'Changed since.' },
      })
      .expect(200);
    const { text, headers } = await from.get('/api/files/class/class-1');
    file = text;
    expect(headers['content-disposition']).toContain('needlework-class-');
  });

  it('brings the exercises it needs, in the state it pins, and they stay out of the library', async () => {
    const coming = ready(await to.send(file));
    expect(coming.aboutPeople).toBe(false);
    expect(coming.counts.class).toMatchObject({ new: 1 });
    await to.take(coming.id);
    const read = ClassRead.parse((await to.get('/api/classes/class-1')).body);
    expect(read.revisions.map(({ exercise }) => exercise.name.plain)).toContain('Walk by the harbour');
    expect(to.server.library.current().map(({ exercise }) => exercise.id)).not.toContain('my-own-way');
    const [summary] = to.server.classes.list({ limit: 5 }).classes;
    expect(summary?.plannedMs).toBe(from.server.classes.summary('class-1').plannedMs);
    expect(summary?.outline.length).toBeGreaterThan(0);
  });

  it('one that is here and says something else is taken only where that was asked for; the state before is kept', async () => {
    const changed = JSON.parse(file) as { records: { kind: string; plan?: { title: string } }[] };
    for (const { kind, plan } of changed.records) if (kind === 'class' && plan) plan.title = 'Quiet ankles, again';
    const text = JSON.stringify(changed);
    const first = ready(await to.send(text));
    expect(first.counts.class).toMatchObject({ new: 0, differs: 1 });
    const { entries } = ComingEntries.parse((await to.post(`/api/coming/${first.id}/entries`, { kind: 'class' })).body);
    expect(entries).toEqual([{ kind: 'class', id: 'class-1', title: 'Quiet ankles, again', state: 'differs' }]);
    await to.take(first.id);
    expect(to.server.classes.read('class-1').plan.title).toBe('Quiet ankles');
    const second = ready(await to.send(text));
    await to.take(second.id, { over: ['class class-1'] });
    expect(to.server.classes.read('class-1')).toMatchObject({ plan: { title: 'Quiet ankles, again' }, version: 2 });
    expect(to.server.classes.revisions('class-1', { limit: 10 }).revisions.map(({ title }) => title)).toEqual([
      'Quiet ankles, again',
      'Quiet ankles',
    ]);
  });

  it('one that was deleted here comes back where that was asked for', async () => {
    to.server.classes.delete('class-1');
    const coming = ready(await to.send(file));
    expect(coming.counts.class).toMatchObject({ out: 1 });
    await to.take(coming.id);
    expect((await to.get('/api/classes/class-1')).status).toBe(404);
    const again = ready(await to.send(file));
    await to.take(again.id, { over: 'all' });
    expect(to.server.classes.read('class-1').plan.title).toBe('Quiet ankles');
  });

  it('an exercise whose words were changed under its revision is refused', async () => {
    const forged = file.replace('Walk by the harbour', 'Walk by the harbour, barefoot');
    const coming = await to.send(forged);
    expect(coming).toMatchObject({ state: 'refused', faults: [{ field: 'revision', line: 2 }] });
  });
});

describe('what is of people', () => {
  it('one person goes out with all that is theirs and nothing of anybody else', async () => {
    const { body } = await from.get('/api/people');
    const { students } = body as { students: { student: { id: string; name: string } }[] };
    const one = students[0]?.student ?? { id: '', name: '' };
    const { text, headers } = await from.get(`/api/files/student/${one.id}`);
    expect(headers['content-disposition']).toContain('health-data');
    expect(headers['content-disposition']).not.toContain(one.name.split(' ')[0]);
    const read = NeedleworkFile.parse(JSON.parse(text));
    expect(read.aboutPeople).toBe(true);
    for (const record of read.records) {
      if (record.kind === 'student') expect(record.student.id).toBe(one.id);
      if (record.kind === 'reading') expect(record.reading.studentId).toBe(one.id);
      if (record.kind === 'note') expect(record.note.studentId).toBe(one.id);
    }
    for (const { student } of students) if (student.id !== one.id) expect(text).not.toContain(`"${student.name}"`);
  });

  it('where people stay out, what was measured of them stays out too, and is not counted as taken', async () => {
    const place = fileServer();
    const coming = ready(await place.send(await from.write('everything')));
    expect(coming.counts.reading?.new).toBeGreaterThan(100);
    const taken = await place.take(coming.id, { kinds: ['reading', 'note', 'homework', 'band'] });
    if (taken.state !== 'taken') throw new Error(taken.state);
    expect(taken.taken.reading).toBeUndefined();
    expect(taken.taken.note).toBeUndefined();
    expect((await place.get('/api/people')).body).toMatchObject({ students: [] });
  });

  it('what was measured is never written over, and somebody who was deleted here stays deleted', async () => {
    const file = unpackedOf(await from.write('everything'));
    const changed = JSON.parse(file) as { records: { kind: string; reading?: { note: string; id: string } }[] };
    const reading = changed.records.find(({ kind }) => kind === 'reading')?.reading;
    if (reading) reading.note = 'Somebody else wrote this.';
    const coming = ready(await to.send(JSON.stringify(changed)));
    expect(coming.counts.reading).toMatchObject({ kept: 1, differs: 0, new: 0 });
    await to.take(coming.id, { over: 'all' });
    expect(unpackedOf(await to.write('everything'))).not.toContain('Somebody else wrote this.');

    const { body } = await to.get('/api/people');
    const [{ student }] = (body as { students: [{ student: { id: string; name: string } }] }).students;
    await to.delete(`/api/people/students/${student.id}`).expect(200);
    const again = ready(await to.send(file));
    expect(again.dropped).toBeGreaterThan(0);
    await to.take(again.id, { over: 'all' });
    expect(unpackedOf(await to.write('everything'))).not.toContain(`"studentId":"${student.id}"`);
  });
});

describe('a database that came from elsewhere', () => {
  /** A database as another Needlework wrote it, with one class in it, changed by whoever sent it. */
  async function sent(change: (db: Database.Database) => void): Promise<Buffer> {
    const there = fileServer();
    there.server.classes.create({ saveId: 'save-1', plan: samplePlan(there.server, 'class-1') });
    const { body } = await there.post('/api/copies');
    void body;
    const { copies } = await there.until('/api/copies', Copies, ({ making }) => making === null);
    const path = join(there.folder, 'copies', copies[0]?.name ?? '');
    const db = new Database(path);
    change(db);
    db.close();
    return readFileSync(path);
  }

  it('is judged record by record, as a file is', async () => {
    const here = fileServer();
    const coming = ready(await here.send(await sent(() => undefined)));
    expect(coming).toMatchObject({ leftOut: 0, counts: { class: { new: 1 } } });
    await here.take(coming.id);
    expect(here.server.classes.read('class-1').plan.title).toBe('Quiet ankles');
  });

  it('with an exercise that is not what its address says is refused', async () => {
    const forged = await sent((db) =>
      db.exec(
        `update exercise_revisions set body = json_set(body, '$.name.plain', 'Jump') where exercise_id = 'two-foot-rise'`,
      ),
    );
    const here = fileServer();
    expect(await here.send(forged)).toMatchObject({
      state: 'refused',
      faults: [{ line: null, field: 'revision', what: 'exercise “Jump”' }],
    });
  });

  it('with a class that makes no sense is refused, one that is torn is told and stays out', async () => {
    const here = fileServer();
    const senseless = await sent((db) => db.exec(`update classes set plan = json_set(plan, '$.slotSeconds', -1)`));
    expect(await here.send(senseless)).toMatchObject({ state: 'refused', faults: [{ field: 'plan.slotSeconds' }] });
    const torn = await sent((db) => db.exec('update classes set plan = substr(plan, 1, 300)'));
    const coming = ready(await here.send(torn));
    expect(coming.leftOut).toBe(1);
    expect(coming.counts.class).toBeUndefined();
  });

  it('with work of its own in it (a trigger) does none of it here', async () => {
    const here = fileServer();
    here.server.classes.create({ saveId: 'save-2', plan: samplePlan(here.server, 'class-2', 'Mine') });
    const trap = await sent((db) =>
      db.exec(`create trigger trap after insert on exercises begin delete from classes; end;
               create table entries (kind text); insert into entries values ('trap');`),
    );
    const coming = ready(await here.send(trap));
    await here.take(coming.id, { over: 'all' });
    expect(
      here.server.classes
        .list({ limit: 5 })
        .classes.map(({ title }) => title)
        .sort(),
    ).toEqual(['Mine', 'Quiet ankles']);
  });
});

describe('a file on its way', () => {
  const here = fileServer();
  const left = () => (existsSync(join(here.folder, 'coming')) ? readdirSync(join(here.folder, 'coming')) : []);

  it('leaves nothing lying about once it is refused or taken', async () => {
    await here.send('{"photos": []}');
    expect(left()).toEqual([]);
    here.server.classes.create({ saveId: 'save-1', plan: samplePlan(here.server, 'class-1') });
    const coming = ready(await here.send((await here.get('/api/files/class/class-1')).text));
    expect(left()).not.toEqual([]);
    await here.take(coming.id);
    expect(left()).toEqual([]);
  });

  it('is let be while it is taken', async () => {
    const coming = ready(await here.send((await here.get('/api/files/class/class-1')).text));
    await here.post(`/api/coming/${coming.id}/take`, { kinds: null, only: null, over: 'none' }).expect(202);
    expect((await here.delete(`/api/coming/${coming.id}`)).status).toBe(409);
    await here.until(`/api/coming/${coming.id}`, Coming, ({ state }) => state === 'taken');
    expect((await here.delete(`/api/coming/${coming.id}`)).status).toBe(204);
    expect((await here.get(`/api/coming/${coming.id}`)).status).toBe(404);
  });

  it('where the database cannot be opened again, it is said, and it goes on as soon as it can', async () => {
    const broken = new FileServer({
      run: (kind, job, tell) => {
        if (kind !== 'take') return runHere(kind, job, tell);
        // the disk gives back something else than was written
        renameSync(broken.file, `${broken.file}.whole`);
        writeFileSync(broken.file, 'nothing of a database');
        return { result: Promise.reject(new Error('The disk broke.')), cancel: () => undefined };
      },
    });
    opened.push(broken);
    broken.server.classes.create({ saveId: 'save-1', plan: samplePlan(broken.server, 'class-1') });
    const coming = ready(await broken.send((await broken.get('/api/files/class/class-1')).text));
    await broken.take(coming.id);
    expect(await broken.get('/api/classes')).toMatchObject({ status: 503, body: { title: 'The data is damaged' } });
    for (const end of ['', '-wal', '-shm']) rmSync(`${broken.file}${end}`, { force: true });
    renameSync(`${broken.file}.whole`, broken.file);
    expect(await broken.get('/api/classes')).toMatchObject({ status: 200, body: { classes: [{ id: 'class-1' }] } });
  });
});

describe('what cannot be taken', () => {
  const here = fileServer();
  let good: string;
  beforeAll(async () => {
    here.server.classes.create({ saveId: 'save-1', plan: samplePlan(here.server, 'class-1') });
    good = (await here.get('/api/files/class/class-1')).text;
  });
  const before = async () => unpackedOf(await here.write('everything')).replace(/"made":"[^"]*"/, '');

  it.each([
    ['nothing', () => Buffer.alloc(0), /no file of Needlework/],
    ['a picture', () => Buffer.from([0x89, 0x50, 0x4e, 0x47, 13, 10, 26, 10]), /no file of Needlework/],
    ['an archive', () => Buffer.from('PK\u0003\u0004 and so on'), /no file of Needlework/],
    ['another program’s JSON', () => '{"classes": []}', /no file of Needlework/],
    ['a file of a newer version', () => good.replace('"needlework":1', '"needlework":2'), /newer Needlework/],
    ['a file cut in half', () => good.slice(0, good.length / 2), /cannot be read/],
    ['a packed file cut in half', () => gzipSync(good).subarray(0, 900), /cut off or damaged/],
    [
      'letters that are none',
      () => Buffer.concat([Buffer.from(good.slice(0, 60)), Buffer.from([0xff, 0xfe, 0xfd])]),
      /UTF-8/,
    ],
    [
      'a database that is none',
      () => `SQLite format 3\u0000${'x'.repeat(4000)}`,
      /cannot be read|another program|damaged/,
    ],
  ])('%s is refused in words, and nothing is changed', async (_what, file, words) => {
    const was = await before();
    const coming = await here.send(file());
    expect(coming).toMatchObject({ state: 'refused', words: expect.stringMatching(words) as string });
    expect((await here.post(`/api/coming/${coming.id}/take`, { kinds: null, only: null, over: 'all' })).status).toBe(
      409,
    );
    expect(await before()).toBe(was);
    expect(here.server.faults).toEqual([]);
  });

  it('names line, field and reason of each fault, and takes nothing of a file with one', async () => {
    const lines = good.split('\n');
    const at = lines.findIndex((line) => line.includes('"kind":"class"'));
    lines[at] = (lines[at] ?? '').replace('"slotSeconds":1200', '"slotSeconds":"long"').replace('class-1"', 'class-2"');
    const coming = await here.send(lines.join('\n'));
    expect(coming).toMatchObject({
      state: 'refused',
      words: 'One thing in this file cannot be taken.',
      faults: [{ line: at + 1, what: 'class', field: 'plan.slotSeconds' }],
    });
    // laid out by hand, the line is the field's own
    const spread = JSON.stringify(JSON.parse(good), null, 2).replace('"slotSeconds": 1200', '"slotSeconds": -5');
    const line = spread.split('\n').findIndex((words) => words.includes('"slotSeconds": -5')) + 1;
    expect(await here.send(spread)).toMatchObject({ faults: [{ line, field: 'plan.slotSeconds' }] });
  });

  it('a class with an exercise that is nowhere is named by its title', async () => {
    const file = JSON.parse(good) as { records: { kind: string }[] };
    const without = { ...file, records: file.records.filter(({ kind }) => kind === 'class') };
    const other = fileServer();
    const unknown = JSON.stringify(without).replace(/"revision":"[0-9a-f]+"/g, '"revision":"0123456789abcdef"');
    expect(await other.send(unknown)).toMatchObject({
      state: 'refused',
      faults: [{ line: 1, what: 'class “Quiet ankles”', field: 'plan.blocks' }],
    });
  });

  it('a bomb is given up as soon as it is seen to be none of ours', async () => {
    const bomb = gzipSync(Buffer.alloc(200_000_000, ' '), { level: 1 });
    expect(bomb.length).toBeLessThan(2_000_000);
    expect(await here.send(bomb)).toMatchObject({
      state: 'refused',
      words: expect.stringMatching(/no file of Needlework/) as string,
    });
  });

  it('and one that begins like ours where it unpacks to more than anybody has taught', async () => {
    const path = join(here.folder, 'bomb.gz');
    writeFileSync(path, gzipSync(`${good.slice(0, good.indexOf('[') + 1)}${' '.repeat(3_000_000)}`));
    const read = async () => {
      let length = 0;
      for await (const { text } of textOf(path, true, 2_000_000)) length += text.length;
      return length;
    };
    await expect(read()).rejects.toThrow(/larger than 0.002 GB: more than anybody has taught/);
  });

  it('a name that leads out of the folder is nobody’s file: the database beside it stays', async () => {
    for (const id of ['../needlework', '..%2Fneedlework', '%2e%2e%2fneedlework', '%00']) {
      await here.delete(`/api/coming/${id}`).expect(404);
      await here.get(`/api/coming/${encodeURIComponent(id)}`).expect(404);
    }
    expect(existsSync(here.file)).toBe(true);
    await here.get('/api/classes').expect(200);
  });

  it('200 MB are refused by their first bytes, a database of 700 before it is read', async () => {
    const send = (first: string, bytes: number) =>
      here
        .post('/api/coming')
        .set('Content-Type', 'application/octet-stream')
        .set('Content-Length', String(bytes))
        .send(first);
    for (const [first, bytes] of [
      ['{', 200e6],
      ['SQLite format 3\0', 700e6],
    ] as const)
      expect(await send(first, bytes)).toMatchObject({ status: 413, body: { code: 'too-large' } });
  });
});

describe('readings as a table', () => {
  const here = fileServer();
  const consenting = (id: string, name: string) => ({
    basedOn: null,
    student: { ...newStudent(id, name, ['group-1']), consent: { date: '2026-01-01', by: 'self' as const } },
  });
  beforeAll(async () => {
    await here
      .put('/api/people/groups/group-1', {
        basedOn: null,
        group: { format: 1, id: 'group-1', name: 'Lunch', note: '', archived: false },
      })
      .expect(200);
    await here.put('/api/people/students/ada-0001', consenting('ada-0001', 'Ada Lund')).expect(200);
    await here
      .put('/api/people/students/ben-0001', { basedOn: null, student: newStudent('ben-0001', 'Ben Ost') })
      .expect(200);
  });
  const sheet = [
    'Person;Check;Foot;Date;Value;Note',
    'Ada Lund;one-leg-stand;left;2026-03-05;20,5;"two lines;',
    'and a semicolon"',
    'ada  lund;one-leg-stand;R;05.03.2026;18;',
  ];

  it('a sheet with semicolons and decimal commas comes in, goes out as CSV, and comes in again without doubling', async () => {
    const coming = ready(await here.send(`\uFEFF${sheet.join('\n')}\n`));
    expect(coming.counts).toEqual({ reading: { new: 2, same: 0, differs: 0, out: 0, kept: 0 } });
    await here.take(coming.id);
    const { text, headers } = await here.get('/api/people/groups/group-1/readings.csv');
    expect(headers['content-disposition']).toContain('health-data');
    const { data } = Papa.parse<Record<string, string>>(text, { header: true, skipEmptyLines: true });
    expect(data.map((row) => [row['foot'], row['try 1'], row['date']]).sort()).toEqual([
      ['left', '20.5', '2026-03-05'],
      ['right', '18', '2026-03-05'],
    ]);
    expect(data.find((row) => row['foot'] === 'left')?.['note']).toBe('two lines;\nand a semicolon');
    const again = ready(await here.send(text));
    expect(again.counts).toEqual({ reading: { new: 0, same: 2, differs: 0, out: 0, kept: 0 } });
    expect(ready(await here.send(sheet.join('\n'))).counts.reading).toMatchObject({ new: 0, same: 2 });
  });

  it('a list of names becomes people with their group; who is here stays as they are, and the same list again adds nobody', async () => {
    const list = 'Name,Group,To mind\nCora Vik,Evening,sore knees\nada lund,Evening,\nDag Moe,,\n';
    const coming = ready(await here.send(list));
    expect([coming.counts.student, coming.counts.group]).toEqual([
      { new: 2, same: 1, differs: 0, out: 0, kept: 0 },
      { new: 1, same: 0, differs: 0, out: 0, kept: 0 },
    ]);
    await here.take(coming.id);
    const { body } = await here.get('/api/people');
    const { groups, students } = body as People;
    const evening = groups.find(({ group }) => group.name === 'Evening')?.group.id ?? '';
    expect(students.filter(({ student }) => student.groupIds.includes(evening))).toMatchObject([
      { student: { name: 'Cora Vik', cautions: [{ concern: 'sore-knees' }] } },
    ]);
    expect(ready(await here.send(list)).counts.student).toMatchObject({ new: 0, same: 3 });
    const { text, headers } = await here.get(`/api/people/groups/${evening}/roster.csv`);
    expect(headers['content-disposition']).toContain('roster-health-data.csv');
    const { data } = Papa.parse<Record<string, string>>(text, { header: true, skipEmptyLines: true });
    expect(data).toMatchObject([{ name: 'Cora Vik', groups: 'Evening' }]);
    expect(data[0]?.['to mind']).toMatch(/knee/);
    expect(ready(await here.send(text)).counts.student).toMatchObject({ new: 0, same: 1 });
  });

  it('names the line on which something is wrong, and takes nothing of the table', async () => {
    const wrong = [
      ...sheet,
      'Ada Lund;one-leg-stand;left;2026-03-06;long;',
      'Ben Ost;one-leg-stand;left;2026-03-06;20;',
    ];
    expect(await here.send(wrong.join('\n'))).toMatchObject({
      state: 'refused',
      words: '2 things in this table cannot be taken.',
      faults: [
        { line: 5, field: 'try 1', words: 'is no number: long' },
        { line: 6, field: 'person', words: expect.stringContaining('has not agreed') as string },
      ],
    });
    const torn = [...sheet, 'Ada Lund;"one-leg'].join('\n');
    expect(await here.send(torn)).toMatchObject({
      state: 'refused',
      faults: [{ words: expect.stringContaining('quote') as string }],
    });
    const latin = Buffer.from('Person;Check;Foot;Date;Value\nJörg;one-leg-stand;left;2026-03-05;20', 'latin1');
    expect(await here.send(latin)).toMatchObject({
      state: 'refused',
      words: expect.stringContaining('UTF-8') as string,
    });
  });
});

describe('timed text', () => {
  const here = fileServer();
  const name = here.server.library.one('two-foot-rise').exercise.name.plain;
  const text = [
    'WEBVTT Evening by the quay',
    '',
    '1',
    '00:00.000 --> 00:05.000',
    '<v Teacher>Shoes &amp; socks off.',
    '',
    `2 ${name}`,
    '01:00.000 --> 03:00.000',
    'Rise, and slowly down.',
    '',
  ].join('\n');

  it('becomes a draft of a class, once, however often it is sent', async () => {
    const coming = ready(await here.send(text));
    expect(coming.counts).toEqual({ class: { new: 1, same: 0, differs: 0, out: 0, kept: 0 } });
    await here.take(coming.id);
    const [summary] = here.server.classes.list({ limit: 5 }).classes;
    expect(summary).toMatchObject({ title: 'Evening by the quay', slotSeconds: 180 });
    const { plan } = here.server.classes.read(summary?.id ?? '');
    expect(plan.blocks[0]?.items).toMatchObject([
      { kind: 'talk', seconds: 60, note: 'Shoes & socks off.' },
      { kind: 'exercise', exerciseId: 'two-foot-rise', note: 'Rise, and slowly down.' },
    ]);
    expect(ready(await here.send(text)).counts.class).toMatchObject({ new: 0, same: 1 });
  });

  it('without a word of its own it is refused', async () => {
    expect(await here.send('WEBVTT\n\nNOTE nothing\n')).toMatchObject({
      state: 'refused',
      words: expect.stringContaining('says nothing') as string,
    });
  });
});
