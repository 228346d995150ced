import request from 'supertest';
import { GroupDone, GroupLoads, GroupTaught } from '@core/contract';
import { type Plan, bareWorkPace, itemsOf } from '@core/plan';
import { samplePlan, testServer } from '../testing/server';

const host = { Host: '127.0.0.1:4310' };

describe('what a group was taught', () => {
  const open = () => {
    const server = testServer();
    const api = request(server.app);
    const plan = samplePlan(server, 'class-1');
    const teach = (runId: string, date: string, change: Partial<Plan> = {}, groupId: string | null = 'troupe') =>
      api
        .put(`/api/runs/${runId}`)
        .set(host)
        .send({
          classId: plan.id,
          version: 1,
          plan: { ...plan, ...change, brief: { ...plan.brief, groupId } },
          startedAt: `${date}T18:00:00.000Z`,
        })
        .expect(204);
    const taught = async () =>
      GroupTaught.parse((await api.get('/api/people/groups/troupe/taught').set(host).expect(200)).body);
    const work = async (runId: string, seconds: number, begins: object = { kind: 'started' }) => {
      const at = (seq: number, atMs: number, event: object) => ({ runId, deviceId: 'dev-1', seq, atMs, event });
      const events = [at(1, 0, begins), at(2, seconds * 1000, { kind: 'ended' })];
      await api.post(`/api/runs/${runId}/events`).set(host).send({ events });
    };
    const done = async (from: string, to: string) => {
      const query = { group: 'troupe', from: `${from}T00:00:00.000Z`, to: `${to}T00:00:00.000Z` };
      return GroupDone.parse((await api.get('/api/runs/done').query(query).set(host).expect(200)).body).taught;
    };
    const loads = async () =>
      GroupLoads.parse((await api.get('/api/runs/loads').query({ group: 'troupe' }).set(host).expect(200)).body).taught;
    return {
      plan,
      loads,
      teach,
      taught,
      work,
      done,
      remove: (id: string) => api.delete(`/api/runs/${id}`).set(host).expect(204),
    };
  };

  it('is how often each exercise, and the class that was last, with its levels and its lead', async () => {
    const { plan, teach, taught } = open();
    await teach('run-1', '2026-09-01', { title: 'First' });
    await teach('run-2', '2026-09-08', { title: 'Second', lead: 'right' });
    const { times, last } = await taught();
    const ids = new Set(itemsOf(plan).map(({ exerciseId }) => exerciseId));
    expect(times).toEqual(Object.fromEntries([...ids].map((id) => [id, 2])));
    expect(last).toEqual({
      title: 'Second',
      startedAt: '2026-09-08T18:00:00.000Z',
      lead: 'right',
      items: itemsOf(plan).map(({ exerciseId, rungId }) => ({ exerciseId, rungId })),
    });
  });

  it('knows nothing of other groups, nor of what was taken out of the log', async () => {
    const { teach, taught, remove } = open();
    expect(await taught()).toEqual({ times: {}, last: null });
    await teach('run-1', '2026-09-01', {}, 'seniors');
    await teach('run-2', '2026-09-02', {}, null);
    expect(await taught()).toEqual({ times: {}, last: null });
    await teach('run-3', '2026-09-03');
    expect((await taught()).last).not.toBeNull();
    await remove('run-3');
    expect(await taught()).toEqual({ times: {}, last: null });
  });

  it('has the load of its last four classes, the newest first, of each as much as was done', async () => {
    const { plan, teach, work, loads, remove } = open();
    expect(await loads()).toEqual([]);
    const pace = bareWorkPace();
    for (const [i, day] of ['01', '08', '15', '22', '29'].entries()) {
      await teach(`run-${i}`, `2026-09-${day}`, { title: `Class ${i}`, pace });
      await work(`run-${i}`, i === 4 ? 0 : 600, { kind: 'flowing', on: true });
    }
    await teach('run-other', '2026-09-30', {}, 'seniors');
    const found = await loads();
    expect(found.map(({ runId, title }) => [runId, title])).toEqual([
      ['run-4', 'Class 4'],
      ['run-3', 'Class 3'],
      ['run-2', 'Class 2'],
      ['run-1', 'Class 1'],
    ]);
    // the newest was begun and ended at once; the others had their twelve rises
    expect(found.map(({ load }) => load.rises.left)).toEqual([0, 12, 12, 12]);
    expect(found[0]!.classId).toBe(plan.id);
    await remove('run-4');
    expect((await loads()).map(({ runId }) => runId)).toEqual(['run-3', 'run-2', 'run-1', 'run-0']);
  });

  it('between two instants has the minutes of work of each exercise, as they were; nothing of what was not begun', async () => {
    const { teach, work, done } = open();
    // nothing around the work, so that it begins at once
    const pace = bareWorkPace();
    await teach('run-1', '2026-09-01', { title: 'First', pace });
    await teach('run-2', '2026-09-08', { title: 'Second', pace });
    // long enough for the first exercise, a look of some seconds, and not for all of the rises
    await work('run-1', 25);
    const all = await done('2026-09-01', '2026-10-01');
    expect(all.map(({ runId, title }) => [runId, title])).toEqual([
      ['run-1', 'First'],
      ['run-2', 'Second'],
    ]);
    expect(Object.keys(all[0]?.work ?? {})).toEqual(['walk-and-notice']);
    expect(all[0]?.work['walk-and-notice']).toBeGreaterThan(0.1);
    expect(all[1]?.work).toEqual({});
    expect(await done('2026-09-02', '2026-09-08')).toEqual([]);
  });
});
