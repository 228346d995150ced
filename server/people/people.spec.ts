import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import request from 'supertest';
import { GroupPage, GroupReadings, People, StudentPage } from '@core/contract';
import { type Group, type LadderNote, type Student, newStudent } from '@core/roster';
import { numbers, sampleReading, word } from '@core/testing/sample-reading';
import { testServer } from '../testing/server';

const host = { Host: '127.0.0.1:4310' };
const group: Group = { format: 1, id: 'lunch', name: 'Thursday lunch', note: '', archived: false };
const somebody = (id: string, more: Partial<Student> = {}): Student => ({
  ...newStudent(id, 'Mara Lind', ['lunch']),
  consent: { date: '2026-01-10', by: 'self' },
  ...more,
});

function people(more: Parameters<typeof testServer>[0] = {}) {
  const server = testServer(more);
  const api = request(server.app);
  return {
    server,
    get: (path: string) => api.get(path).set(host),
    put: (path: string, body: object) => api.put(path).set(host).send(body),
    post: (path: string) => api.post(path).set(host),
    delete: (path: string) => api.delete(path).set(host),
    save: (student: Student, basedOn: number | null = null) =>
      api.put(`/api/people/students/${student.id}`).set(host).send({ basedOn, student }),
    take: (reading = sampleReading()) => api.put(`/api/readings/${reading.id}`).set(host).send(reading),
  };
}

describe('students and groups', () => {
  it('are listed by name, and those who come no more only where they are asked for', async () => {
    const { save, put, get } = people();
    await put('/api/people/groups/lunch', { basedOn: null, group }).expect(200, { version: 1 });
    await save(somebody('student-b', { name: 'Bo Arn' })).expect(200);
    await save(somebody('student-a', { name: 'Ada Brook' })).expect(200);
    await save(somebody('student-c', { name: 'Cy Dune', archived: true })).expect(200);
    const found = People.parse((await get('/api/people')).body);
    expect(found.students.map(({ student }) => student.name)).toEqual(['Ada Brook', 'Bo Arn']);
    expect(found.groups).toEqual([{ group, version: 1 }]);
    const gone = People.parse((await get('/api/people/archived')).body);
    expect(gone.students.map(({ student }) => student.name)).toEqual(['Cy Dune']);
  });

  it('are saved once, however often the same save comes, and two pages never overwrite each other', async () => {
    const { save, get } = people();
    await save(somebody('student-1')).expect(200, { version: 1 });
    await save(somebody('student-1')).expect(200, { version: 1 });
    await save(somebody('student-1', { notes: 'stairs' }), 1).expect(200, { version: 2 });
    const clash = await save(somebody('student-1', { notes: 'ladders' }), 1).expect(409);
    expect(clash.body).toMatchObject({ code: 'student-changed' });
    expect(StudentPage.parse((await get('/api/people/students/student-1')).body).student.notes).toBe('stairs');
  });

  it('refuse what is not a student, and say which field', async () => {
    const { save } = people();
    const answer = await save({ ...somebody('student-1'), name: ' ' }).expect(422);
    expect(JSON.stringify(answer.body)).toContain('name');
  });

  it('show a group with where everybody stands', async () => {
    const { put, save, take, get } = people();
    await put('/api/people/groups/lunch', { basedOn: null, group });
    await save(somebody('student-1'));
    await save(somebody('student-2', { groupIds: [] }));
    await take(sampleReading({ date: '2026-08-01', value: numbers(6, 6, 6) })).expect(200, { kept: true });
    await take(sampleReading({ value: numbers(9, 9, 9) })).expect(200);
    const page = GroupPage.parse((await get('/api/people/groups/lunch')).body);
    expect(page.students).toHaveLength(1);
    // 3 cm against a noise of 0.54 · √2 = 0.76 cm: four times
    expect(page.standings).toMatchObject([{ protocol: 'knee-to-wall', value: 9, verdict: 'changed', dates: 2 }]);
    expect(page.judged).toBe(2);
    await take(sampleReading({ date: '2026-09-20', value: numbers(6, 6, 6) }));
    expect(GroupPage.parse((await get('/api/people/groups/lunch')).body).standings[0]?.verdict).toBe('not-seen-again');
  });
});

describe('readings', () => {
  it('are taken once, never changed, taken out and brought back', async () => {
    const { save, take, get, delete: remove, post } = people();
    await save(somebody('student-1'));
    const reading = sampleReading();
    await take(reading).expect(200, { kept: true });
    await take(reading).expect(200, { kept: true });
    await take({ ...reading, value: numbers(1, 1, 1) }).expect(409);
    const read = async () => StudentPage.parse((await get('/api/people/students/student-1')).body).readings;
    expect(await read()).toEqual([reading]);
    await remove(`/api/readings/${reading.id}`).expect(204);
    expect(await read()).toEqual([]);
    await post(`/api/readings/${reading.id}/restore`).expect(204);
    expect(await read()).toEqual([reading]);
  });

  it.each([
    ['of a student who has not agreed', {}, { consent: null }, 'agreed'],
    ['from a date that has not come', { date: '2031-01-01' }, {}, 'not come'],
    ['that no foot gives: degrees typed as centimetres', { value: numbers(85, 84, 86) }, {}, 'unit'],
  ])('%s are refused in words', async (_what, more, student, words) => {
    const { save, take, get } = people();
    await save(somebody('student-1', student));
    const answer = await take(sampleReading(more)).expect(422);
    expect(answer.body).toMatchObject({ code: 'reading-refused', detail: expect.stringContaining(words) as string });
    expect(StudentPage.parse((await get('/api/people/students/student-1')).body).readings).toEqual([]);
  });

  it('of a check that nobody knows are not taken, and what is measured waits for it', async () => {
    const { save, take, get } = people();
    await save(somebody('student-1'));
    const answer = await take(sampleReading({ protocol: 'toe-telepathy' })).expect(503);
    expect(answer.body).toMatchObject({ code: 'check-unknown' });
    expect(StudentPage.parse((await get('/api/people/students/student-1')).body).readings).toEqual([]);
  });

  it('teach the server how much a check scatters in this studio, once there are enough', async () => {
    const { save, take, get } = people();
    await save(somebody('student-1'));
    const months = Array.from(
      { length: 26 },
      (_, i) => `${2024 + Math.floor(i / 12)}-${String((i % 12) + 1).padStart(2, '0')}-01`,
    );
    for (const [i, date] of months.entries()) await take(sampleReading({ date, value: numbers(i % 4 < 2 ? 7 : 9.5) }));
    const { noise } = StudentPage.parse((await get('/api/people/students/student-1')).body);
    expect(noise['knee-to-wall']).toBeGreaterThan(0.54);
  });
});

describe('notes of ladders', () => {
  const note = (more: Partial<LadderNote> = {}): LadderNote => ({
    id: 'note-1',
    studentId: 'student-1',
    exerciseId: 'one-leg-stand',
    foot: 'both',
    date: '2026-09-01',
    what: { kind: 'placed', rungId: 'five-fingers', why: 'begins', note: '' },
    by: '',
    ...more,
  });

  it('are kept once, taken out and brought back', async () => {
    const { save, put, post, get, delete: remove } = people();
    await save(somebody('student-1'));
    await put('/api/notes/note-1', note()).expect(200, { kept: true });
    await put('/api/notes/note-1', note()).expect(200, { kept: true });
    await put('/api/notes/note-1', note({ foot: 'left' })).expect(409);
    const read = async () => StudentPage.parse((await get('/api/people/students/student-1')).body).notes;
    expect(await read()).toEqual([note()]);
    await remove('/api/notes/note-1').expect(204);
    expect(await read()).toEqual([]);
    await post('/api/notes/note-1/restore').expect(204);
    expect(await read()).toHaveLength(1);
    await remove('/api/notes/nothing-here').expect(404);
  });

  it('go out of each student by date, of a group for whoever needs them; where somebody stands is read without the rest', async () => {
    const { server, save, put, get } = people();
    await put('/api/people/groups/lunch', { basedOn: null, group });
    await save(somebody('student-1'));
    await save(somebody('student-2'));
    const present = note({ id: 'note-2', studentId: 'student-2', date: '2026-08-01', what: { kind: 'present' } });
    await put('/api/notes/note-1', note()).expect(200);
    await put('/api/notes/note-2', present).expect(200);
    const all = async (more: string) => {
      const answer = await get(`/api/people/groups/lunch/readings?protocols=${more}`).expect(200);
      return GroupReadings.parse(answer.body).notes;
    };
    expect(await all('')).toEqual([note(), present]);
    expect(await all('&notes=none')).toEqual([]);
    expect(server.people.notes.placed(['student-1', 'student-2'])).toEqual([note()]);
    expect(server.people.notes.placed([])).toEqual([]);
    // written down late, and in no order
    const days = Array.from({ length: 300 }, (_, i) =>
      new Date(Date.UTC(2025, 0, 1 + ((i * 101) % 300))).toISOString(),
    );
    server.people.notes.addAll(
      days.map((day, i) => note({ id: `late-${i}`, date: day.slice(0, 10), what: { kind: 'present' } })),
    );
    const sent = await all('');
    expect(sent).toHaveLength(302);
    const dates = sent.flatMap(({ studentId, date }) => (studentId === 'student-1' ? [date] : []));
    expect(dates).toHaveLength(301);
    expect(dates).toEqual([...dates].sort());
  });

  it('are refused without consent and before their day, and dropped for somebody deleted', async () => {
    const { save, put, delete: remove } = people();
    await save(somebody('student-1', { consent: null }));
    await put('/api/notes/note-1', note()).expect(422);
    // a stop sign is minded whether measures are kept or not
    const stop = note({ id: 'note-s', exerciseId: null, what: { kind: 'stop', sign: 'faint or dizzy' } });
    await put('/api/notes/note-s', stop).expect(200);
    await save(somebody('student-2'));
    await put('/api/notes/note-2', note({ id: 'note-2', studentId: 'student-2', date: '2031-01-01' })).expect(422);
    await put('/api/notes/note-2', note({ id: 'note-2', studentId: 'student-2' })).expect(200);
    await remove('/api/people/students/student-2').expect(200);
    await put('/api/notes/note-3', note({ id: 'note-3', studentId: 'student-2' })).expect(200, { kept: false });
    await put('/api/notes/note-4', note({ id: 'note-4', studentId: 'nobody' })).expect(404);
  });
});

describe('deleting somebody', () => {
  it('takes record and readings out of the file itself, and drops what still comes in', async () => {
    const folder = mkdtempSync(join(tmpdir(), 'nw-people-'));
    const file = join(folder, 'needlework.sqlite');
    const { server, save, take, get, delete: remove } = people({ file });
    try {
      await save(somebody('student-1', { name: 'Quillon Featherstonehaugh' }));
      await take(sampleReading({ protocol: 'heel-line', value: word('leans in'), note: 'marrowfat' }));
      await remove('/api/people/students/student-1').expect(200, []);
      await get('/api/people/students/student-1').expect(404);
      await take(sampleReading()).expect(200, { kept: false });
      await save(somebody('student-1')).expect(404);
      server.close();
      const bytes = readFileSync(file).toString('latin1');
      expect(bytes).not.toContain('Featherstonehaugh');
      expect(bytes).not.toContain('marrowfat');
    } finally {
      rmSync(folder, { recursive: true, force: true });
    }
  });

  it('says which copies still hold what was deleted', async () => {
    const folder = mkdtempSync(join(tmpdir(), 'nw-people-'));
    const file = join(folder, 'needlework.sqlite');
    const { server, save, delete: remove } = people({ file });
    try {
      writeFileSync(`${file}.before-migration-6`, 'a copy');
      await save(somebody('student-1'));
      const answer = await remove('/api/people/students/student-1').expect(200);
      expect(answer.body).toMatchObject([{ name: 'needlework.sqlite.before-migration-6' }]);
      server.close();
    } finally {
      rmSync(folder, { recursive: true, force: true });
    }
  });

  it('of somebody who was never here is refused', async () => {
    const { delete: remove } = people();
    await remove('/api/people/students/nobody').expect(404);
  });
});
