import { existsSync, readFileSync, readdirSync, rmSync, truncateSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import Database from 'better-sqlite3';
import { Coming, Copies } from '@core/contract';
import { newStudent } from '@core/roster';
import { FileServer } from '../testing/file-server';
import { samplePlan } from '../testing/server';
import { keepDaily } from './daily';

// each has a server of its own, and copies a database
jest.setTimeout(60_000);

const opened: FileServer[] = [];
const fileServer = (): FileServer => {
  const made = new FileServer();
  opened.push(made);
  return made;
};
afterAll(() => {
  for (const server of opened) server.close();
});

const listOf = async (server: FileServer) => Copies.parse((await server.get('/api/copies')).body);
/** Makes a copy as the button does. @returns its name */
async function copyNow(server: FileServer): Promise<string> {
  await server.post('/api/copies').expect(202);
  const { copies } = await server.until('/api/copies', Copies, ({ making }) => making === null);
  return copies[0]?.name ?? '';
}
/** Puts one back, and waits until it lies there. */
async function putBack(server: FileServer, name: string): Promise<Copies> {
  await server.post(`/api/copies/${name}/restore`).expect(202);
  return server.until('/api/copies', Copies, ({ restoring }) => !restoring);
}
const addClass = (server: FileServer, id: string, title: string) =>
  server.server.classes.create({ saveId: `save-${id}`, plan: samplePlan(server.server, id, title) });
const titles = (server: FileServer) => server.server.classes.list({ limit: 10 }).classes.map(({ title }) => title);
const student = (id: string, name: string) => ({ basedOn: null, student: newStudent(id, name) });

describe('copies of everything', () => {
  it('one is made while the server is used, is one whole file, and says what is in it', async () => {
    const here = fileServer();
    addClass(here, 'class-1', 'Before the copy');
    await here.post('/api/copies').expect(202);
    addClass(here, 'class-2', 'Meanwhile');
    await here.until('/api/copies', Copies, ({ making }) => making === null);
    const { copies, folder } = await listOf(here);
    expect(copies).toHaveLength(1);
    expect(copies[0]).toMatchObject({ why: 'asked', until: null, holds: { people: 0 } });
    expect(copies[0]?.holds?.classes).toBeGreaterThanOrEqual(1);
    // read by SQLite alone, with nothing beside it
    const db = new Database(join(folder, copies[0]?.name ?? ''), { readonly: true });
    expect(db.pragma('integrity_check', { simple: true })).toBe('ok');
    expect(db.pragma('journal_mode', { simple: true })).toBe('delete');
    db.close();
    expect(readdirSync(folder).filter((name) => /-wal|-shm|\.part/.test(name))).toEqual([]);
  });

  it('is fetched as the one file that holds everything', async () => {
    const here = fileServer();
    addClass(here, 'class-1', 'Quiet ankles');
    const name = await copyNow(here);
    const bytes = await here.bytes(`/api/copies/${name}/file`);
    expect(bytes.subarray(0, 15).toString()).toBe('SQLite format 3');
    // and another Needlework takes it in
    const there = fileServer();
    const coming = await there.send(bytes);
    expect(coming).toMatchObject({ state: 'ready', counts: { class: { new: 1 } } });
    await there.take(coming.id);
    expect(titles(there)).toEqual(['Quiet ankles']);
  });

  it('after a look inside, one class comes back as it was and the rest stays as it is', async () => {
    const here = fileServer();
    addClass(here, 'class-1', 'Quiet ankles');
    addClass(here, 'class-2', 'Loud ankles');
    const name = await copyNow(here);
    for (const id of ['class-1', 'class-2']) {
      const { plan, version } = here.server.classes.read(id);
      here.server.classes.save(id, { saveId: `later-${id}`, basedOn: version, plan: { ...plan, title: 'Spoilt' } });
    }
    const { body } = await here.post(`/api/copies/${name}/look`);
    const look = await here.until(`/api/coming/${(body as Coming).id}`, Coming, ({ state }) => state !== 'reading');
    expect(look).toMatchObject({ state: 'ready', counts: { class: { differs: 2, new: 0 } } });
    await here.take(look.id, { only: [], over: ['class class-1'] });
    expect(titles(here).sort()).toEqual(['Quiet ankles', 'Spoilt']);
    expect(here.server.classes.revisions('class-1', { limit: 5 }).revisions.map(({ title }) => title)).toContain(
      'Spoilt',
    );
  });

  it('the whole is put back; what was there is copied first, and can be put back in its turn', async () => {
    const here = fileServer();
    addClass(here, 'class-1', 'In the copy');
    const name = await copyNow(here);
    addClass(here, 'class-2', 'After the copy');
    const { restored } = await putBack(here, name);
    expect(restored?.name).toBe(name);
    expect(titles(here)).toEqual(['In the copy']);
    // it goes on as a server does
    addClass(here, 'class-3', 'Planned since');
    await putBack(here, restored?.before ?? '');
    expect(titles(here).sort()).toEqual(['After the copy', 'In the copy']);
  });

  it('a page that saves on what was there before the copy came back is told of a clash, and nothing is lost', async () => {
    const here = fileServer();
    addClass(here, 'class-1', 'In the copy');
    const name = await copyNow(here);
    const { plan } = here.server.classes.read('class-1');
    here.server.classes.save('class-1', { saveId: 'save-two', basedOn: 1, plan: { ...plan, title: 'Two' } });
    here.server.classes.save('class-1', { saveId: 'save-three', basedOn: 2, plan: { ...plan, title: 'Three' } });
    await putBack(here, name);
    const mine = { saveId: 'save-four', basedOn: 3, plan: { ...plan, title: 'Mine' } };
    const { status, body } = await here.put('/api/classes/class-1', mine);
    expect(status).toBe(409);
    expect(body).toMatchObject({ code: 'clash', clash: { current: { plan: { title: 'In the copy' } } } });
    expect(here.server.classes.revisions('class-1', { limit: 5 }).revisions.map(({ title }) => title)).toContain(
      'Mine',
    );
  });

  it('somebody who was deleted since does not come back with a copy', async () => {
    const here = fileServer();
    for (const [id, name] of [
      ['student-1', 'Ine Vos'],
      ['student-2', 'Oda Brandt'],
    ] as const)
      await here.put(`/api/people/students/${id}`, student(id, name)).expect(200);
    const name = await copyNow(here);
    await here.put('/api/people/students/student-3', student('student-3', 'Came Later')).expect(200);
    // who deletes somebody is told of the copies that hold them, and of no other
    const { body: holding } = await here.delete('/api/people/students/student-1').expect(200);
    expect(holding).toMatchObject([{ name, until: null }]);
    expect((await here.delete('/api/people/students/student-3').expect(200)).body).toEqual([]);
    await putBack(here, name);
    const { body } = await here.get('/api/people');
    expect(JSON.stringify(body)).not.toContain('Ine Vos');
    expect(JSON.stringify(body)).toContain('Oda Brandt');
    expect(readFileSync(here.file).includes('Ine Vos')).toBe(false);
    // what comes in for them still is dropped
    expect((await here.put('/api/people/students/student-1', student('student-1', 'Ine Vos'))).status).toBe(404);
  });

  it.each([
    ['cut off', (path: string) => truncateSync(path, 20_000)],
    ['overwritten', (path: string) => writeFileSync(path, 'nothing of a database')],
    ['empty', (path: string) => truncateSync(path, 0)],
  ])('one that is %s is refused, and everything stays as it is', async (_what, spoil) => {
    const here = fileServer();
    addClass(here, 'class-1', 'Quiet ankles');
    const name = await copyNow(here);
    spoil(join(here.folder, 'copies', name));
    const { fault, restored } = await putBack(here, name);
    expect(restored).toBeNull();
    expect(fault).toMatch(/This copy cannot be put back.*(damaged|none of Needlework).*Nothing was changed/);
    expect(titles(here)).toEqual(['Quiet ankles']);
    addClass(here, 'class-2', 'Goes on');
    expect(existsSync(`${here.file}.coming`)).toBe(false);
  });

  it.each(['..%2Fneedlework.sqlite', 'needlework.sqlite', '%2Fetc%2Fpasswd', 'needlework-1-asked.sqlite'])(
    'no path is made from a name: %s',
    async (name) => {
      const here = fileServer();
      for (const answer of [
        await here.get(`/api/copies/${name}/file`),
        await here.post(`/api/copies/${name}/restore`),
        await here.delete(`/api/copies/${name}`),
      ])
        expect(answer.status).toBe(404);
      expect(existsSync(here.file)).toBe(true);
    },
  );

  it('where none can be made, it is said, and the page of copies goes on saying so', async () => {
    const here = fileServer();
    writeFileSync(join(here.folder, 'copies'), 'a file where the folder would be');
    await here.post('/api/copies').expect(202);
    const { fault } = await here.until('/api/copies', Copies, ({ making }) => making === null);
    expect(fault).toMatch(/could not be written|What you work with/);
    expect(here.server.classes.list({ limit: 1 }).classes).toEqual([]);
    rmSync(join(here.folder, 'copies'));
    await copyNow(here);
    expect((await listOf(here)).fault).toBeNull();
  });

  it('is made by itself once a day', () => {
    jest.useFakeTimers({ doNotFake: ['setImmediate', 'nextTick', 'queueMicrotask'] });
    try {
      const copies = { newestDaily: jest.fn<string | null, []>(() => null), make: jest.fn(() => Promise.resolve('')) };
      let now = '2026-03-01T09:00:00.000Z';
      const end = keepDaily(copies as never, () => now, jest.fn());
      jest.advanceTimersByTime(60_000);
      expect(copies.make).toHaveBeenCalledTimes(1);
      copies.newestDaily.mockReturnValue(now);
      jest.advanceTimersByTime(6 * 3_600_000);
      expect(copies.make).toHaveBeenCalledTimes(1);
      now = '2026-03-02T00:10:00.000Z';
      jest.advanceTimersByTime(3_600_000);
      expect(copies.make).toHaveBeenCalledWith('daily');
      end();
      const calls = copies.make.mock.calls.length;
      jest.advanceTimersByTime(48 * 3_600_000);
      expect(copies.make).toHaveBeenCalledTimes(calls);
    } finally {
      jest.useRealTimers();
    }
  });
});
