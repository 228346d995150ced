import request from 'supertest';
import { type OwnProtocol, type Reading, newProtocol, noiseFrom, ownNumber } from '@core/measure';
import { newStudent } from '@core/roster';
import { numbers, sampleReading } from '@core/testing/sample-reading';
import { testServer } from '../testing/server';

const host = { Host: '127.0.0.1:4310' };
const lift: OwnProtocol = {
  ...newProtocol('heel-lift', 'heel lifted from a step'),
  result: { ...ownNumber('cm'), practice: false, trials: 1, combine: 'single', noise: noiseFrom('raw', 0.5) },
};
const reading = (id: string, date: string, cm: number): Reading =>
  sampleReading({ id, studentId: 'isla-1', protocol: 'heel-lift', date, value: numbers(cm) });

describe('protocols of one’s own', () => {
  const open = () => {
    const server = testServer();
    const api = request(server.app);
    server.people.people.saveGroup('troupe', {
      basedOn: null,
      group: { format: 1, id: 'troupe', name: 'Troupe', note: '', archived: false },
    });
    server.people.people.saveStudent('isla-1', {
      basedOn: null,
      student: { ...newStudent('isla-1', 'Isla', ['troupe']), consent: { date: '2026-01-01', by: 'self' } },
    });
    return {
      list: () => api.get('/api/protocols').set(host),
      save: (protocol: OwnProtocol, basedOn: number | null = null) =>
        api.put(`/api/protocols/${protocol.id}`).set(host).send({ basedOn, protocol }),
      takeOut: (id: string) => api.delete(`/api/readings/${id}`).set(host).expect(204),
      take: (one: Reading) => api.put(`/api/readings/${one.id}`).set(host).send(one),
      group: () => api.get('/api/people/groups/troupe').set(host),
      prefer: (weekly: Record<string, number>) =>
        api
          .get('/api/preferences')
          .set(host)
          .then(({ body }) =>
            api
              .put('/api/preferences')
              .set(host)
              .send({ ...(body as object), weekly }),
          ),
    };
  };

  it('are saved once, on the version before, and say how much was measured with them', async () => {
    const { list, save, take } = open();
    await save(lift).expect(200, { version: 1 });
    await save(lift).expect(200, { version: 1 });
    await save({ ...lift, short: 'heel lift' }, 1).expect(200, { version: 2 });
    await save({ ...lift, short: 'other' }, 1).expect(409);
    await take(reading('reading-1', '2026-09-01', 6)).expect(200);
    expect((await list()).body).toMatchObject({
      protocols: [{ version: 2, readings: 1, protocol: { short: 'heel lift' } }],
    });
  });

  it('are taken and judged as any other check is', async () => {
    const { save, take, group } = open();
    // it may have been made while the server was away, and come behind what was measured with it
    await take(reading('reading-1', '2026-09-01', 6)).expect(503);
    await save(lift).expect(200);
    await take(reading('reading-1', '2026-09-01', 6)).expect(200);
    await take(reading('reading-2', '2026-09-08', 6.2)).expect(200);
    await take(reading('reading-3', '2026-09-15', 900)).expect(422);
    await take(reading('reading-4', '2026-09-15', 8.5)).expect(200);
    expect((await group()).body).toMatchObject({
      standings: [{ protocol: 'heel-lift', foot: 'left', verdict: 'changed', value: 8.5, dates: 3 }],
    });
  });

  it('keep what a reading means once there is one; name, noise and pace may change, and are judged by at once', async () => {
    const { save, take, group } = open();
    await save(lift).expect(200);
    await take(reading('reading-1', '2026-09-01', 6)).expect(200);
    await take(reading('reading-2', '2026-09-08', 8.5)).expect(200);
    await save({ ...lift, result: { ...ownNumber('mm'), trials: 1, combine: 'single' } }, 1)
      .expect(422)
      .expect(({ body }) => expect(body).toMatchObject({ code: 'protocol-in-use' }));
    expect((await group()).body).toMatchObject({ standings: [{ verdict: 'changed' }] });
    const wilder = { ...ownNumber('cm'), ...lift.result, noise: noiseFrom('raw', 4) };
    await save({ ...lift, result: wilder }, 1).expect(200);
    expect((await group()).body).toMatchObject({ standings: [{ verdict: 'within-noise' }] });
  });

  it('stay closed by a reading that was taken out: it may come back', async () => {
    const { list, save, take, takeOut } = open();
    await save(lift).expect(200);
    await take(reading('reading-1', '2026-09-01', 6)).expect(200);
    await takeOut('reading-1');
    expect((await list()).body).toMatchObject({ protocols: [{ readings: 1 }] });
    await save({ ...lift, sides: 'both' }, 1).expect(422);
  });

  it('with an id of Needlework’s, or made of nothing, are refused', async () => {
    const { save } = open();
    await save({ ...lift, id: 'knee-to-wall' }).expect(422);
    await save({ ...lift, name: ' ' }).expect(422);
  });

  it('the teacher’s own change a week moves the next date at once', async () => {
    const { take, group, prefer } = open();
    const knee = (id: string, date: string) => ({ ...reading(id, date, 10), protocol: 'knee-to-wall' });
    await take({
      ...knee('reading-1', '2026-09-01'),
      value: { kind: 'number', trials: [10, 10, 10], known: true, cap: null },
    });
    await take({
      ...knee('reading-2', '2026-09-08'),
      value: { kind: 'number', trials: [10, 10, 10], known: true, cap: null },
    });
    const again = async () => ((await group()).body as { standings: { again: string }[] }).standings[0]?.again;
    // 3 · 0.54 · √(1 + 1/2) / g weeks after the newest: 20 for 0.1 cm, 4 for 0.5 cm
    expect(await again()).toBe('2027-01-26');
    await prefer({ 'knee-to-wall': 0.5 }).then(({ status }) => expect(status).toBe(204));
    expect(await again()).toBe('2026-10-06');
  });
});
