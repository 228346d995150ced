import request from 'supertest';
import { GroupTaught } from '@core/contract';
import { type Plan, itemsOf } from '@core/plan';
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
    return { plan, teach, taught, remove: (id: string) => api.delete(`/api/runs/${id}`).set(host).expect(204) };
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
});
