import request from 'supertest';
import type { LastTime } from '@core/contract';
import { type Plan, itemsOf } from '@core/plan';
import { type RunState, carriedOver } from '@core/run';
import { floorTeacher } from '@core/testing/floor-teacher';
import { samplePlan, testServer } from '../testing/server';

const host = { Host: '127.0.0.1:4310' };

describe('what a class left when it was taught last', () => {
  const open = (groupId: string | null = null) => {
    const server = testServer();
    const api = request(server.app);
    const classOf = (id: string, of: string | null): Plan => {
      const plan = samplePlan(server, id);
      return { ...plan, brief: { ...plan.brief, groupId: of } };
    };
    const plan = classOf('class-1', groupId);
    const find = (revision: string) => server.library.byRevision([revision])[0]?.exercise ?? null;
    /** Begun, its first bouts taught, then ended. */
    const teach = async (runId: string, date: string, bouts: number): Promise<RunState> => {
      const teacher = floorTeacher(plan, find);
      for (let i = 0; i < bouts; i++) {
        teacher.count();
        teacher.work();
      }
      teacher.tell({ kind: 'ended' });
      const start = { classId: plan.id, version: 1, plan, startedAt: `${date}T18:00:00.000Z` };
      await api.put(`/api/runs/${runId}`).set(host).send(start).expect(204);
      const events = teacher.events.map((event) => ({ ...event, runId }));
      await api.post(`/api/runs/${runId}/events`).set(host).send({ events }).expect(204);
      return teacher.now();
    };
    const last = async () => ((await api.get('/api/runs/last/class-1').set(host).expect(200)).body as LastTime).last;
    return { server, api, plan, classOf, teach, last };
  };

  it('is nothing where it never was, and what the newest class left where it was', async () => {
    const { plan, teach, last, api } = open();
    expect(await last()).toBeNull();
    await teach('run-1', '2026-09-01', 99);
    const state = await teach('run-2', '2026-09-08', 1);
    await api.put('/api/runs/run-2/remarks').set(host).send({ headcount: 9, note: 'Bring the tape.' }).expect(204);
    const found = await last();
    expect(found).toMatchObject({ runId: 'run-2', note: 'Bring the tape.', ...carriedOver(state) });
    expect(found!.notReached.length).toBeGreaterThan(0);
    expect(itemsOf(plan).map(({ id }) => id)).toEqual(expect.arrayContaining(found!.notReached));
  });

  it('goes over into the next class of the same group, by what that has too', async () => {
    const { server, classOf, teach, api } = open('lunch');
    await teach('run-1', '2026-09-01', 1);
    server.classes.create({ saveId: 'save-2', plan: classOf('class-2', 'lunch') });
    server.classes.create({ saveId: 'save-3', plan: classOf('class-3', null) });
    const left = async (id: string) => ((await api.get(`/api/runs/last/${id}`).set(host)).body as LastTime).last;
    expect(await left('class-2')).toMatchObject({ runId: 'run-1', notReached: ['class-2-item-1'] });
    // other people
    expect(await left('class-3')).toBeNull();
  });

  it('forgets a class that was taken out of the log', async () => {
    const { teach, last, api } = open();
    await teach('run-1', '2026-09-01', 99);
    await teach('run-2', '2026-09-08', 1);
    await api.delete('/api/runs/run-2').set(host).expect(204);
    expect(await last()).toMatchObject({ runId: 'run-1', notReached: [] });
  });

  it('counts an exercise that was put in on the way among those that were taught', async () => {
    const { server, teach, plan, api } = open();
    await teach('run-1', '2026-09-01', 1);
    const walk = server.library.one('walk-and-compare');
    const uses = async () =>
      ((await api.get('/api/exercises/walk-and-compare/classes').set(host).expect(200)).body as { taught: number })
        .taught;
    const before = await uses();
    const [first] = itemsOf(plan);
    const item = {
      ...first,
      id: 'walk-9',
      exerciseId: 'walk-and-compare',
      revision: walk.revision,
      rungId: null,
      dose: walk.exercise.doses.usual,
    };
    const command = { type: 'add-item', blockId: plan.blocks[0]!.id, index: 1, item };
    const event = { runId: 'run-1', deviceId: 'tablet', seq: 900, atMs: 900_000, event: { kind: 'adapted', command } };
    await api
      .post('/api/runs/run-1/events')
      .set(host)
      .send({ events: [event] })
      .expect(204);
    expect(await uses()).toBe(before + 1);
  });
});
