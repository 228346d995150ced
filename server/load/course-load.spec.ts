import request from 'supertest';
import { CourseLoad } from '@core/contract';
import { type Course, newCourse } from '@core/course';
import { busier } from '@core/load';
import { newHomework } from '@core/homework';
import { samplePlan, testServer } from '../testing/server';

const host = { Host: '127.0.0.1:4310' };
const course: Course = {
  ...newCourse('spring', 'Spring', '2026-03-02', 'Europe/London'),
  weeks: 3,
  groupId: 'lunch',
};

async function open() {
  const server = testServer();
  const api = request(server.app);
  const put = (path: string, body: object) =>
    api
      .put(path)
      .set(host)
      .send(body)
      .expect(({ ok }) => expect(ok).toBe(true));
  await put('/api/people/groups/lunch', {
    basedOn: null,
    group: { format: 1, id: 'lunch', name: 'Lunch', note: '', archived: false },
  });
  await put('/api/courses/spring', { basedOn: null, course });
  const plan = (key: string) => {
    const made = samplePlan(server, `spring-${key}`);
    return { ...made, brief: { ...made.brief, groupId: 'lunch' } };
  };
  await api
    .post('/api/courses/spring/classes')
    .set(host)
    .send({ classes: ['2026-03-03', '2026-03-10'].map((key) => ({ key, plan: plan(key) })) })
    .expect(200);
  const rises = async () => {
    const answer = await api.get('/api/courses/spring/load').set(host).expect(200);
    return CourseLoad.parse(answer.body).entries.map(({ date, source, load, of: { kind } }) => [
      date,
      source,
      kind,
      Math.round(busier(load.rises)),
    ]);
  };
  return { server, api, put, plan, rises };
}

describe('what the weeks of a course ask of the feet', () => {
  it('is read off its classes: twelve rises in each', async () => {
    const { rises } = await open();
    expect(await rises()).toEqual([
      ['2026-03-03', 'planned', 'class', 12],
      ['2026-03-10', 'planned', 'class', 12],
    ]);
  });

  it('of a class in the log is what was done, on the date of the course; any other class of the group counts too', async () => {
    const { put, api, plan, rises } = await open();
    const teach = async (runId: string, classId: string, startedAt: string) => {
      await put(`/api/runs/${runId}`, { classId, version: 1, plan: { ...plan('2026-03-03'), id: classId }, startedAt });
      const at = (seq: number, atMs: number, event: object) => ({ runId, deviceId: 'dev-1', seq, atMs, event });
      // begun and ended at once: nothing was done
      const events = [at(1, 0, { kind: 'started' }), at(2, 1000, { kind: 'ended' })];
      await api
        .post(`/api/runs/${runId}/events`)
        .set(host)
        .send({ events })
        .expect(({ ok }) => expect(ok).toBe(true));
    };
    await teach('run-1', 'spring-2026-03-03', '2026-03-03T18:00:00.000Z');
    await teach('run-2', 'another-class', '2026-03-06T18:00:00.000Z');
    expect(await rises()).toEqual([
      ['2026-03-03', 'taught', 'run', 0],
      ['2026-03-06', 'taught', 'run', 0],
      ['2026-03-10', 'planned', 'class', 12],
    ]);
  });

  it("has the homework of its group on each of its days, and not one student's own", async () => {
    const { server, put, rises } = await open();
    const { revision, exercise } = server.library.one('two-foot-rise');
    const item = {
      id: 'home-rise',
      exerciseId: exercise.id,
      revision,
      rungId: exercise.ladder?.startRung ?? null,
      dose: exercise.doses.usual,
      sets: [2, 3] as [number, number],
      rhythm: 'twice-a-week' as const,
      hidesIn: '',
      note: '',
    };
    const level = { kind: 'level' as const, groupId: 'lunch', words: '', concerns: [] };
    const sheet = { ...newHomework('home-1', 'At home', level, '2026-03-16'), weeks: 1, items: [item] };
    await put('/api/homework/home-1', { basedOn: null, homework: sheet });
    const own = { ...sheet, id: 'home-2', for: { kind: 'student' as const, studentId: 'somebody' } };
    await put('/api/homework/home-2', { basedOn: null, homework: own });
    // the class of that week is not planned yet, so it is taken to load the calf: one day is left, twice 12 rises
    expect((await rises()).filter(([, source]) => source === 'home')).toEqual([['2026-03-20', 'home', 'home', 24]]);
  });
});
