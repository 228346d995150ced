import request from 'supertest';
import { type Plan, addRecheck, applyCommand, itemsOf } from '@core/plan';
import type { RunAction } from '@core/run';
import { samplePlan, testServer } from '../testing/server';

const host = { Host: '127.0.0.1:4310' };

describe('what helped a group', () => {
  const open = () => {
    const server = testServer();
    const api = request(server.app);
    server.people.people.saveGroup('troupe', {
      basedOn: null,
      group: { format: 1, id: 'troupe', name: 'Troupe', note: '', archived: false },
    });
    const walk = server.library.one('walk-and-compare');
    const begun = samplePlan(server, 'class-1');
    const drill = itemsOf(begun).find(({ exerciseId }) => exerciseId === 'two-foot-rise')!;
    const looked = applyCommand(
      begun,
      addRecheck(begun, drill.id, walk.exercise, walk.revision, () => 'walk-1')!.command,
    );
    if (!looked.ok) throw new Error(looked.error.code);
    const plan: Plan = { ...looked.value, brief: { ...looked.value.brief, groupId: 'troupe' } };
    let seq = 0;
    const teach = async (runId: string, date: string, ...actions: RunAction[]) => {
      const start = { classId: plan.id, version: 1, plan, startedAt: `${date}T18:00:00.000Z` };
      await api.put(`/api/runs/${runId}`).set(host).send(start).expect(204);
      await say(runId, ...actions);
    };
    const say = (runId: string, ...actions: RunAction[]) =>
      api
        .post(`/api/runs/${runId}/events`)
        .set(host)
        .send({ events: actions.map((event) => ({ runId, deviceId: 'tablet', seq: seq++, atMs: 1000, event })) })
        .expect(204);
    const helped = async () =>
      (await api.get('/api/people/groups/troupe/helped').set(host).expect(200)).body as unknown;
    return { teach, say, helped, remove: (runId: string) => api.delete(`/api/runs/${runId}`).set(host).expect(204) };
  };
  const answered = (answer: 'better' | 'worse'): RunAction => ({
    kind: 'answered',
    itemId: 'walk-1',
    feet: 'both',
    answer,
  });
  const rise = (date: string, answer: string) => ({
    exerciseId: 'two-foot-rise',
    at: `${date}T18:00:00.000Z`,
    answer,
  });

  it('is what its classes answered after each exercise, newest class first', async () => {
    const { teach, helped } = open();
    await teach('run-1', '2026-09-01', answered('better'));
    await teach('run-2', '2026-09-08', answered('worse'));
    expect(await helped()).toEqual({
      answers: [rise('2026-09-08', 'worse'), rise('2026-09-01', 'better')],
      names: { 'two-foot-rise': 'Rise on both feet' },
    });
  });

  it('follows what is answered anew or taken back later, and forgets classes that were taken out of the log', async () => {
    const { teach, say, helped, remove } = open();
    await teach('run-1', '2026-09-01', answered('worse'));
    await say('run-1', answered('better'));
    expect(await helped()).toMatchObject({ answers: [rise('2026-09-01', 'better')] });
    await say('run-1', { kind: 'undone', seq: 1 }, { kind: 'undone', seq: 0 });
    expect(await helped()).toMatchObject({ answers: [] });
    await teach('run-2', '2026-09-08', answered('worse'));
    await remove('run-2');
    expect(await helped()).toMatchObject({ answers: [] });
  });
});
