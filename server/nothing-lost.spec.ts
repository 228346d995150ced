import request from 'supertest';
import {
  ClassList,
  ClassRead,
  ClassRevisions,
  Problem,
  RunList,
  RunRead,
  type SaveAnswer,
  TakenOut,
} from '@core/contract';
import { reps } from '@core/dose';
import { type Plan, itemsOf } from '@core/plan';
import { type Server } from './compose';
import { samplePlan, testServer } from './testing/server';

const host = '127.0.0.1:4310';
const day = 86_400_000;

/** A server whose clock is set by the test. */
function serverAt(more: Parameters<typeof testServer>[0] = {}) {
  const clock = { ms: Date.UTC(2026, 0, 5, 9) };
  const server = testServer({ now: () => new Date((clock.ms += 1)).toISOString(), ...more });
  const call = (method: 'get' | 'post' | 'put' | 'delete', path: string, body?: object) =>
    request(server.app)[method](path).set('Host', host).send(body);
  return { server, clock, call };
}
const withDose = (plan: Plan, n: number, change: object = {}): Plan => ({
  ...plan,
  blocks: plan.blocks.map((block) => ({
    ...block,
    items: block.items.map((item) =>
      item.kind === 'exercise' ? { ...item, dose: [{ ...reps(n), ...change }] } : item,
    ),
  })),
});

describe('the same words sent twice count once; other words under the same number are refused', () => {
  const { server, call } = serverAt();
  const plan = samplePlan(server, 'class-1');
  afterAll(() => server.close());
  const problem = async (answer: request.Test) => Problem.parse((await answer).body);

  it('a save with other content', async () => {
    await call('post', '/api/classes', { saveId: 'save-1', plan }).expect(201);
    const other = await problem(call('post', '/api/classes', { saveId: 'save-1', plan: { ...plan, title: 'Other' } }));
    expect(other).toMatchObject({ status: 409, code: 'save-id-reused' });
    await call('put', '/api/classes/class-1', { saveId: 'save-2', basedOn: 1, plan: withDose(plan, 8) }).expect(200);
    await call('put', '/api/classes/class-1', { saveId: 'save-2', basedOn: 1, plan: withDose(plan, 8) }).expect(200);
    expect(
      await problem(call('put', '/api/classes/class-1', { saveId: 'save-2', basedOn: 2, plan: withDose(plan, 9) })),
    ).toMatchObject({ code: 'save-id-reused', detail: 'It had other content then. Nothing was changed; save again.' });
    expect(ClassRead.parse((await call('get', '/api/classes/class-1')).body).version).toBe(2);
  });

  it('a save is known for a season; later its number may be used again', async () => {
    const { server: later, clock, call: ask } = serverAt();
    const one = samplePlan(later, 'class-1');
    await ask('post', '/api/classes', { saveId: 'save-1', plan: one }).expect(201);
    clock.ms += 89 * day;
    await ask('put', '/api/classes/class-1', { saveId: 'save-2', basedOn: 1, plan: withDose(one, 8) }).expect(200);
    await ask('post', '/api/classes', { saveId: 'save-1', plan: samplePlan(later, 'class-2') }).expect(409);
    clock.ms += 2 * day;
    await ask('put', '/api/classes/class-1', { saveId: 'save-3', basedOn: 2, plan: withDose(one, 9) }).expect(200);
    await ask('post', '/api/classes', { saveId: 'save-1', plan: samplePlan(later, 'class-2') }).expect(201);
    later.close();
  });

  it('a copy that was made is answered again, also when the original is deleted since', async () => {
    const copy = { saveId: 'save-3', id: 'class-2' };
    const first = (await call('post', '/api/classes/class-1/duplicate', copy).expect(201)).body as SaveAnswer;
    await call('delete', '/api/classes/class-1').expect(204);
    expect((await call('post', '/api/classes/class-1/duplicate', copy).expect(201)).body).toEqual(first);
    await call('post', '/api/classes/class-1/restore').expect(200);
  });

  it('a taught class with another plan, and an event with a number that says something else', async () => {
    const start = { classId: 'class-1', version: 1, plan, startedAt: '2026-01-05T12:00:00.000Z' };
    const event = (seq: number, atMs: number) => ({
      runId: 'run-1',
      deviceId: 'device-1',
      seq,
      atMs,
      event: { kind: 'started' },
    });
    await call('put', '/api/runs/run-1', start).expect(204);
    await call('put', '/api/runs/run-1', start).expect(204);
    expect(await problem(call('put', '/api/runs/run-1', { ...start, plan: withDose(plan, 3) }))).toMatchObject({
      code: 'run-id-reused',
    });
    await call('post', '/api/runs/run-1/events', { events: [event(0, 1000)] }).expect(204);
    await call('post', '/api/runs/run-1/events', { events: [event(0, 1000), event(1, 2000)] }).expect(204);
    expect(
      await problem(call('post', '/api/runs/run-1/events', { events: [event(2, 3000), event(1, 2500)] })),
    ).toMatchObject({ status: 409, code: 'event-number-reused' });
    const { events } = RunRead.parse((await call('get', '/api/runs/run-1')).body);
    expect(events.map(({ atMs }) => atMs)).toEqual([1000, 2000]);
  });
});

describe('earlier states', () => {
  const { server, clock, call } = serverAt();
  const plan = samplePlan(server, 'class-1');
  const name = 'Rise on both feet';
  let version = 1;
  let saves = 0;
  const save = async (body: Plan, basedOn = version) => {
    const answer = await call('put', '/api/classes/class-1', { saveId: `save-no-${++saves}`, basedOn, plan: body });
    if (answer.status === 200) ({ version } = answer.body as SaveAnswer);
    return answer;
  };
  const states = async (query = '') =>
    ClassRevisions.parse((await call('get', `/api/classes/class-1/revisions${query}`).expect(200)).body);
  beforeAll(() => call('post', '/api/classes', { saveId: 'save-first', plan }).expect(201));
  afterAll(() => server.close());

  it('say what each has otherwise than the one before it, and can be read', async () => {
    await save(withDose(plan, 8));
    await save({ ...withDose(plan, 8), title: 'Shorter' });
    const { revisions } = await states();
    expect(revisions.map(({ differs }) => differs[0])).toEqual([
      '“Quiet ankles” is now “Shorter”',
      expect.stringMatching(/now 8 reps$/),
      undefined,
    ]);
    expect(revisions[1]?.differs.some((words) => words.startsWith(name))).toBe(true);
    const first = revisions.at(-1)?.number ?? 0;
    const read = ClassRead.parse((await call('get', `/api/classes/class-1/revisions/${first}`)).body);
    expect(read.plan).toEqual(plan);
  });

  it('what a clash set aside stands among them, with how it differs', async () => {
    await save({ ...plan, title: 'From elsewhere' }, 1);
    const [newest] = (await states()).revisions;
    expect(newest).toMatchObject({ kind: 'clash', title: 'From elsewhere' });
    expect(newest?.differs).toContain('“Shorter” is now “From elsewhere”');
  });

  it('a year of evenings: every day has a state, and an evening of edits does not push the year out', async () => {
    for (let evening = 0; evening < 40; evening++) {
      clock.ms += 9 * day;
      await save({ ...plan, title: `Evening ${evening}` });
    }
    for (let edit = 0; edit < 60; edit++) {
      clock.ms += 30_000;
      await save({ ...plan, title: `Edit ${edit}` });
    }
    const titles: string[] = [];
    for (let page = await states(); ; page = await states(`?after=${page.next}`)) {
      titles.push(...page.revisions.map(({ title }) => title));
      expect(page.revisions.length).toBeLessThanOrEqual(20);
      if (page.next === null) break;
    }
    for (let evening = 0; evening < 39; evening++) expect(titles).toContain(`Evening ${evening}`);
    expect(titles.slice(0, 20)).toEqual(Array.from({ length: 20 }, (_, i) => `Edit ${59 - i}`));
    expect(titles.filter((title) => title.startsWith('Edit')).length).toBeLessThan(30);
  });
});

describe('what was taken out', () => {
  const { server, clock, call } = serverAt();
  afterAll(() => server.close());
  const list = async (query = '') => TakenOut.parse((await call('get', `/api/taken-out${query}`).expect(200)).body);

  it('is listed, whatever it is, what went last first, page by page', async () => {
    expect(await list()).toEqual({ entries: [], next: null });
    const plan = samplePlan(server, 'class-1', 'Monday');
    await call('post', '/api/classes', { saveId: 'save-1', plan }).expect(201);
    await call('put', '/api/runs/run-1', {
      classId: 'class-1',
      version: 1,
      plan,
      startedAt: '2026-01-05T12:00:00.000Z',
    }).expect(204);
    await call('delete', '/api/classes/class-1').expect(204);
    clock.ms += day;
    await call('delete', '/api/exercises/short-foot').expect(204);
    clock.ms += day;
    await call('delete', '/api/runs/run-1').expect(204);
    const all = (await list()).entries;
    expect(all.map(({ kind, title }) => [kind, title])).toEqual([
      ['run', 'Monday'],
      ['exercise', 'Arch lift with long toes'],
      ['class', 'Monday'],
    ]);
    const first = await list('?limit=2');
    const second = await list(`?limit=2&after=${first.next ?? ''}`);
    expect([...first.entries, ...second.entries]).toEqual(all);
    expect(second.next).toBeNull();
    await call('post', '/api/classes/class-1/restore').expect(200);
    expect((await list()).entries).toHaveLength(2);
  });
});

describe('a long list', () => {
  const { server, clock, call } = serverAt();
  const classes = async (query: string) =>
    ClassList.parse((await call('get', `/api/classes?${query}`).expect(200)).body).classes.map(({ title }) => title);
  beforeAll(async () => {
    for (const [i, title] of ['Monday: chairs', 'Élan for dancers', 'monday, bands', 'Friday'].entries()) {
      clock.ms += 30 * day;
      const plan = samplePlan(server, `class-${i}`, title);
      await call('post', '/api/classes', { saveId: `save-${i}`, plan }).expect(201);
      const startedAt = new Date(clock.ms).toISOString();
      await call('put', `/api/runs/run-${i}`, { classId: plan.id, version: 1, plan, startedAt }).expect(204);
    }
  });
  afterAll(() => server.close());

  it('is narrowed to words of the title, in any order, whatever their case and accents', async () => {
    expect(await classes('words=monday')).toEqual(['monday, bands', 'Monday: chairs']);
    expect(await classes('words=dancers%20elan')).toEqual(['Élan for dancers']);
    expect(await classes('words=monday%20bands')).toEqual(['monday, bands']);
    expect(await classes('words=100%25')).toEqual([]);
    const runs = RunList.parse((await call('get', '/api/runs?words=BANDS')).body).runs;
    expect(runs.map(({ title }) => title)).toEqual(['monday, bands']);
  });

  it('and to what is older than a day, so that the oldest is reached at once', async () => {
    expect(await classes(`before=${new Date(Date.UTC(2026, 2, 10)).toISOString()}`)).toEqual([
      'Élan for dancers',
      'Monday: chairs',
    ]);
    expect((await call('get', '/api/classes?before=yesterday')).status).toBe(422);
  });
});

describe('a class has a most', () => {
  const { server, call } = serverAt();
  const plan = samplePlan(server, 'class-1');
  afterAll(() => server.close());

  it('more than that is refused in words and at once, when it is saved and when it is taught', async () => {
    const per = (['toes', 'spots', 'directions'] as const).map((of) => ({ per: of, count: 12 }));
    const huge = withDose(plan, 200, { sets: 20, multipliers: per });
    // seven million repetitions: where they are worked out first, this does not end
    const answer = await call('post', '/api/classes', { saveId: 'save-1', plan: huge });
    expect(Problem.parse(answer.body)).toMatchObject({
      status: 422,
      code: 'too-much',
      detail: expect.stringContaining('give it fewer, or make two classes') as string,
    });
    const start = { classId: 'class-1', version: 1, plan: huge, startedAt: '2026-01-05T12:00:00.000Z' };
    await call('put', '/api/runs/run-1', start).expect(422);
    expect(itemsOf(huge)).toHaveLength(2);
  });
});

describe('a fault of the disk', () => {
  const save = (server: Pick<Server, 'app'>, plan: Plan) =>
    request(server.app).post('/api/classes').set('Host', host).send({ saveId: 'save-1', plan });

  it('a folder that is gone takes no saves, and what can be read is still read', async () => {
    let there = true;
    const { server } = serverAt({ mayWrite: () => there });
    const plan = samplePlan(server, 'class-1');
    there = false;
    expect(Problem.parse((await save(server, plan)).body)).toMatchObject({ status: 503, code: 'data-gone' });
    expect((await request(server.app).get('/api/classes').set('Host', host)).status).toBe(200);
    there = true;
    expect((await save(server, plan)).status).toBe(201);
    server.close();
  });

  it.each([
    ['SQLITE_FULL', 'The disk is full'],
    ['SQLITE_BUSY', 'Another program holds the data'],
    ['SQLITE_READONLY_DBMOVED', 'The data cannot be written'],
    ['SQLITE_IOERR_WRITE', 'The disk does not answer as it should'],
    ['SQLITE_CORRUPT_VTAB', 'The data is damaged'],
  ])('%s is told in words, and that it is not saved', async (code, title) => {
    const { server } = serverAt({
      mayWrite: () => {
        throw Object.assign(new Error(code), { code });
      },
    });
    const told = Problem.parse((await save(server, samplePlan(server, 'class-1'))).body);
    expect(told).toMatchObject({ status: 503, code: 'disk-fault', title });
    expect(told.detail).toMatch(/not saved/);
    expect(server.faults).toHaveLength(1);
    server.close();
  });
});

describe('another page in the same browser', () => {
  const { server } = serverAt();
  const plan = samplePlan(server, 'class-1');
  afterAll(() => server.close());
  const write = (headers: Record<string, string>) =>
    request(server.app).post('/api/classes').set('Host', host).set(headers).send({ saveId: 'save-1', plan });

  it.each([
    [{ 'Sec-Fetch-Site': 'same-site' }],
    [{ 'Sec-Fetch-Site': 'cross-site', Origin: `http://${host}` }],
    [{ 'Sec-Fetch-Site': 'same-origin', Origin: 'http://127.0.0.1:9999' }],
  ] as const)('writes nothing: %j', async (headers) => {
    expect((await write(headers)).status).toBe(403);
  });

  it('its own page does, and so does a program that is no browser', async () => {
    expect((await write({ 'Sec-Fetch-Site': 'same-origin', Origin: `http://${host}` })).status).toBe(201);
    expect((await write({})).status).toBe(201);
  });

  it('every answer carries the rules for the browser, a refused one too', async () => {
    for (const asked of [host, 'evil.example']) {
      const { headers } = await request(server.app).get('/api/health').set('Host', asked);
      expect(headers['content-security-policy']).toContain("font-src 'self';");
      expect(headers['permissions-policy']).toContain('camera=()');
      expect(headers['x-content-type-options']).toBe('nosniff');
    }
  });
});
