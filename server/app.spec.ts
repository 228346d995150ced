import request from 'supertest';
import { ClassList, ClassRead, Problem, RunList, RunRead } from '@core/contract';
import { type Plan, itemsOf } from '@core/plan';
import { samplePlan, testServer } from './testing/server';

const host = '127.0.0.1:4310';
let server: ReturnType<typeof testServer>;
let plan: Plan;
const call = (method: 'get' | 'post' | 'put' | 'delete', path: string) =>
  request(server.app)[method](path).set('Host', host);
const create = (saveId = 'save-0001', body: Plan = plan) => call('post', '/api/classes').send({ saveId, plan: body });
const save = (saveId: string, basedOn: number, body: Plan) =>
  call('put', `/api/classes/${body.id}`).send({ saveId, basedOn, plan: body });
const read = async (id: string) => ClassRead.parse((await call('get', `/api/classes/${id}`)).body);

beforeEach(() => {
  server = testServer();
  plan = samplePlan(server, 'class-1');
});
afterEach(() => {
  expect(server.faults).toEqual([]);
  server.close();
});

describe('a class over HTTP', () => {
  it('is created, listed with its time, read with the revisions it pins, saved', async () => {
    expect((await create()).status).toBe(201);
    const list = ClassList.parse((await call('get', '/api/classes')).body).classes;
    expect(list).toMatchObject([{ id: 'class-1', itemCount: 2, version: 1, slotSeconds: 1200 }]);
    expect(list[0]?.plannedMs).toBeGreaterThan(20_000);
    expect(list[0]?.outline.length).toBe(2);
    const got = await read('class-1');
    expect(got.plan).toEqual(plan);
    // its exercises go out as they were written, and say what they say where they are judged
    expect(got).toEqual(server.classes.read('class-1'));
    expect(got.standbys.length).toBeGreaterThan(0);
    expect(got.revisions.map((r) => r.exercise.id).sort()).toEqual(['two-foot-rise', 'walk-and-notice']);
    const saved = await save('save-0002', 1, { ...plan, title: 'Changed' });
    expect(saved.body).toMatchObject({ version: 2 });
    expect((await read('class-1')).plan.title).toBe('Changed');
  });

  it('is listed page by page, newest first, and no page is longer than asked', async () => {
    for (let i = 1; i <= 5; i++) await create(`save-no-${i}`, samplePlan(server, `class-${i}`));
    const seen: string[] = [];
    let after = '';
    for (let page = 0; page < 3; page++) {
      const list = ClassList.parse((await call('get', `/api/classes?limit=2${after}`)).body);
      seen.push(...list.classes.map((c) => c.id));
      expect(list.next === null).toBe(page === 2);
      after = `&after=${list.next ?? ''}`;
    }
    expect(seen).toEqual(['class-5', 'class-4', 'class-3', 'class-2', 'class-1']);
    expect((await call('get', '/api/classes?limit=0')).status).toBe(422);
    expect((await call('get', '/api/classes?limit=2&after=nowhere')).status).toBe(200);
  });

  it('is duplicated with the other foot leading, deleted, and brought back', async () => {
    await create();
    expect(
      (await call('post', '/api/classes/class-1/duplicate').send({ saveId: 'save-0003', id: 'class-2' })).status,
    ).toBe(201);
    expect((await read('class-2')).plan).toMatchObject({ lead: 'right', title: 'Quiet ankles, again' });
    expect((await call('delete', '/api/classes/class-1')).status).toBe(204);
    expect((await call('get', '/api/classes/class-1')).status).toBe(404);
    expect(ClassList.parse((await call('get', '/api/classes')).body).classes).toHaveLength(1);
    expect((await call('post', '/api/classes/class-1/restore')).status).toBe(200);
    expect((await read('class-1')).plan).toEqual(plan);
  });
});

describe('the same save sent twice', () => {
  it('returns the first answer and saves once', async () => {
    const first = await create();
    const again = await create();
    expect(again.body).toEqual(first.body);
    const changed = { ...plan, title: 'Changed' };
    const saved = await save('save-0002', 1, changed);
    const repeated = await save('save-0002', 1, changed);
    expect(repeated.status).toBe(200);
    expect(repeated.body).toEqual(saved.body);
    expect((await read('class-1')).version).toBe(2);
  });

  it('is refused when its id belongs to another class', async () => {
    await create();
    const other = await create('save-0001', samplePlan(server, 'class-9'));
    expect(Problem.parse(other.body)).toMatchObject({ status: 409, code: 'save-id-reused' });
  });
});

describe('two tabs', () => {
  it('a save based on an older version clashes; both sides are kept', async () => {
    await create();
    await save('save-tab-a', 1, { ...plan, title: 'From tab A' });
    const answer = await save('save-tab-b', 1, { ...plan, title: 'From tab B' });
    const problem = Problem.parse(answer.body);
    expect(problem).toMatchObject({ status: 409, code: 'clash' });
    expect(problem.clash?.current.plan.title).toBe('From tab A');
    const kept = await call('get', `/api/classes/class-1/revisions/${problem.clash?.keptRevision ?? 0}`);
    expect(ClassRead.parse(kept.body).plan.title).toBe('From tab B');
    expect((await read('class-1')).version).toBe(2);
  });

  it('the clashing save sent again gets the same answer and is kept once', async () => {
    await create();
    await save('save-tab-a', 1, { ...plan, title: 'A' });
    const first = await save('save-tab-b', 1, { ...plan, title: 'B' });
    const again = await save('save-tab-b', 1, { ...plan, title: 'B' });
    expect(again.body).toEqual(first.body);
    const { revisions } = (await call('get', '/api/classes/class-1/revisions')).body as {
      revisions: { kind: string }[];
    };
    expect(revisions.filter((r) => r.kind === 'clash')).toHaveLength(1);
  });
});

describe('an exercise deleted while used in a class', () => {
  it('leaves the library, and the class keeps and can save what it has', async () => {
    await create();
    expect((await call('delete', '/api/exercises/two-foot-rise')).status).toBe(204);
    const library = server.library.current();
    expect(library.some((r) => r.exercise.id === 'two-foot-rise')).toBe(false);
    const got = await read('class-1');
    expect(got.revisions.find((r) => r.exercise.id === 'two-foot-rise')?.removed).toBe(true);
    expect((await save('save-0002', 1, { ...plan, title: 'Still here' })).status).toBe(200);
    expect((await call('post', '/api/exercises/two-foot-rise/restore')).status).toBe(204);
    expect((await call('delete', '/api/exercises/no-such')).status).toBe(404);
  });
});

describe('a class that was taught', () => {
  const start = () => ({ classId: plan.id, version: 1, plan, startedAt: '2026-11-24T12:00:00.000Z' });
  const event = (seq: number, runId = 'run-0001') => ({
    runId,
    deviceId: 'dev-0001',
    seq,
    atMs: seq * 1000,
    event: { kind: 'started' },
  });
  const add = (events: unknown[]) => call('post', '/api/runs/run-0001/events').send({ events });

  it('is begun, takes events once each, keeps headcount and note', async () => {
    for (let i = 0; i < 2; i++) expect((await call('put', '/api/runs/run-0001').send(start())).status).toBe(204);
    expect((await add([event(0), event(1)])).status).toBe(204);
    expect((await add([event(1), event(2)])).status).toBe(204);
    await call('put', '/api/runs/run-0001/remarks').send({ headcount: 11, note: 'Windy.' });
    const read = RunRead.parse((await call('get', '/api/runs/run-0001')).body);
    expect(read.events.map((e) => e.seq)).toEqual([0, 1, 2]);
    expect(read).toMatchObject({ headcount: 11, note: 'Windy.', plan });
    expect(RunList.parse((await call('get', '/api/runs')).body).runs).toMatchObject([
      { id: 'run-0001', title: 'Quiet ankles' },
    ]);
  });

  it('goes out of the log and comes back whole; what a device still sends for it meanwhile is kept', async () => {
    await call('put', '/api/runs/run-0001').send(start());
    await add([event(0)]);
    expect((await call('delete', '/api/runs/run-0001')).status).toBe(204);
    expect(RunList.parse((await call('get', '/api/runs')).body).runs).toEqual([]);
    expect((await call('get', '/api/runs/run-0001')).status).toBe(404);
    const taught = async () =>
      ((await call('get', '/api/exercises/two-foot-rise/classes')).body as { taught: number }).taught;
    expect(await taught()).toBe(0);
    expect((await add([event(1)])).status).toBe(204);
    expect((await call('post', '/api/runs/run-0001/restore')).status).toBe(204);
    const read = RunRead.parse((await call('get', '/api/runs/run-0001')).body);
    expect([read.events.map((e) => e.seq), await taught()]).toEqual([[0, 1], 1]);
    expect((await call('delete', '/api/runs/no-such-run')).status).toBe(404);
  });

  it('refuses events of another run, of a run that was not begun, and a headcount below zero', async () => {
    expect((await add([event(0)])).status).toBe(404);
    await call('put', '/api/runs/run-0001').send(start());
    expect((await add([event(0, 'run-0002')])).status).toBe(422);
    expect((await call('put', '/api/runs/run-0001/remarks').send({ headcount: -1, note: '' })).status).toBe(422);
  });
});

describe('bad input', () => {
  const problemOf = async (answer: request.Test) => {
    const got = await answer;
    expect(got.headers['content-type']).toContain('application/problem+json');
    return Problem.parse(got.body);
  };

  it('a malformed body is told so', async () => {
    const answer = call('post', '/api/classes').set('Content-Type', 'application/json').send('{"plan":');
    expect(await problemOf(answer)).toMatchObject({ status: 400, code: 'malformed' });
  });

  it('a dose of zero or of a thousand names the field and the limit', async () => {
    const withReps = (reps: number) => {
      const copy = structuredClone(plan);
      const part = itemsOf(copy)[1]?.dose[0];
      if (part?.kind === 'reps') part.reps = reps;
      return copy;
    };
    const none = await problemOf(create('save-0001', withReps(0)));
    expect(none.fields).toEqual([{ path: 'plan.blocks.0.items.1.dose.0.reps', words: 'must be at least 1.' }]);
    const many = await problemOf(create('save-0001', withReps(1000)));
    expect(many.detail).toBe('plan.blocks.0.items.1.dose.0.reps must be at most 200.');
  });

  it('a slot of two minutes with forty items is saved: it is over, not wrong', async () => {
    const [block] = plan.blocks;
    const [item] = block?.items ?? [];
    if (!block || !item) throw new Error('sample');
    const many = {
      ...plan,
      slotSeconds: 120,
      blocks: [{ ...block, items: Array.from({ length: 40 }, (_, i) => ({ ...item, id: `item-no-${i}` })) }],
    };
    expect((await create('save-0001', many)).status).toBe(201);
  });

  it('an exercise revision that is not known here is named', async () => {
    const copy = structuredClone(plan);
    const item = itemsOf(copy)[0];
    if (item) item.revision = 'f'.repeat(32);
    expect(await problemOf(create('save-0001', copy))).toMatchObject({ status: 422, code: 'unknown-revision' });
  });

  it('unknown fields, wrong types, foreign classes, unknown addresses: each a 4xx with a reason', async () => {
    await create();
    expect(
      await problemOf(call('post', '/api/classes').send({ saveId: 'save-0009', plan: { ...plan, extra: 1 } })),
    ).toMatchObject({ status: 422 });
    expect(await problemOf(call('post', '/api/classes').send({ saveId: 7, plan }))).toMatchObject({ status: 422 });
    expect(await problemOf(call('post', '/api/classes').send([]))).toMatchObject({ status: 422 });
    expect(await problemOf(create('save-0010'))).toMatchObject({ status: 409, code: 'id-in-use' });
    expect(await problemOf(save('save-0011', 1, { ...plan, id: 'class-7' }))).toMatchObject({ status: 404 });
    expect(await problemOf(call('get', '/api/classes/%00'))).toMatchObject({ status: 404 });
    expect(await problemOf(call('get', '/api/classes/class-1/revisions/abc'))).toMatchObject({ status: 404 });
    expect(await problemOf(call('get', '/api/nothing'))).toMatchObject({ status: 404 });
    expect(
      await problemOf(
        call('post', '/api/classes').send({ saveId: 'save-0012', plan: { ...plan, title: 'x'.repeat(2_000_000) } }),
      ),
    ).toMatchObject({ status: 413 });
  });

  it('another host’s name and another page’s writes are refused', async () => {
    const rebound = await request(server.app).get('/api/classes').set('Host', 'evil.example');
    expect(Problem.parse(rebound.body)).toMatchObject({ status: 421, code: 'host-not-allowed' });
    expect(await problemOf(create().set('Origin', 'http://evil.example'))).toMatchObject({
      status: 403,
      code: 'origin-not-allowed',
    });
    expect(await problemOf(create().set('Sec-Fetch-Site', 'cross-site'))).toMatchObject({ status: 403 });
    expect((await create().set('Origin', `http://${host}`)).status).toBe(201);
  });
});
