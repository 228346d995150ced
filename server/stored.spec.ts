import { cpSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import Database from 'better-sqlite3';
import request from 'supertest';
import { ClassRead, Problem, RunRead } from '@core/contract';
import { travel } from '@core/dose';
import { type Plan, itemsOf } from '@core/plan';
import { composeServer } from './compose';
import { openDatabase } from './database';
import { samplePlan, testServer } from './testing/server';

const migrations = join(__dirname, 'migrations');
const host = '127.0.0.1:4310';
const at = '2026-03-01T12:00:00.000Z';

/** The migrations as they were before runs carried a number and their exercises. */
function olderMigrations(folder: string): string {
  const older = join(folder, 'older');
  cpSync(migrations, older, { recursive: true });
  const file = join(older, 'meta', '_journal.json');
  const journal = JSON.parse(readFileSync(file, 'utf8')) as { entries: { tag: string }[] };
  const first = journal.entries.findIndex(({ tag }) => tag.endsWith('run_exercises'));
  for (const { tag } of journal.entries.slice(first)) rmSync(join(older, `${tag}.sql`));
  writeFileSync(file, JSON.stringify({ ...journal, entries: journal.entries.slice(0, first) }));
  return older;
}

/** A class that walks, as an application of an earlier format wrote it: without the later fields, lengths as passes. */
function asWrittenEarlier(plan: Plan, format: number | undefined): object {
  const { concerns, teacherAt, kitOut, cupboard, ...brief } = plan.brief;
  const { accepted, ...rest } = plan;
  void [concerns, teacherAt, kitOut, cupboard, accepted];
  const blocks = plan.blocks.map((block) => ({
    ...block,
    items: block.items.map((item) => ({
      ...item,
      dose: [
        {
          kind: 'travel',
          passes: 2,
          steps: 20,
          stepsPerMinute: 80,
          turnSeconds: 4,
          sets: 1,
          setRestSeconds: 0,
          multipliers: [],
        },
      ],
    })),
  }));
  return { ...rest, format, brief, blocks };
}

describe('what another version of Needlework has stored', () => {
  const folder = mkdtempSync(join(tmpdir(), 'needlework-stored-'));
  const file = join(folder, 'needlework.sqlite');
  let server: ReturnType<typeof composeServer>;
  let plan: Plan;
  const get = (path: string) => request(server.app).get(path).set('Host', host);

  beforeAll(() => {
    const sample = testServer();
    plan = samplePlan(sample, 'class-1');
    sample.close();
    openDatabase(file, olderMigrations(folder)).close();
    const db = new Database(file);
    const row = db.prepare(
      'insert into classes (id, version, plan, title, audience, slot_seconds, planned_ms, item_count, outline, updated_at) values (?, 1, ?, ?, ?, 600, 0, 0, ?, ?)',
    );
    const keep = (id: string, stored: object | string) =>
      row.run(id, typeof stored === 'string' ? stored : JSON.stringify({ ...stored, id }), id, 'mixed', '[]', at);
    keep('class-format-0', asWrittenEarlier(plan, undefined));
    keep('class-format-1', asWrittenEarlier(plan, 1));
    keep('class-of-the-future', { ...plan, format: 99, feet: 'three' });
    keep('class-cut-in-half', JSON.stringify(plan).slice(0, 400));
    db.prepare(
      'insert into runs (id, class_id, version, plan, title, planned_ms, started_at, note) values (?, ?, 1, ?, ?, 0, ?, ?)',
    ).run('run-of-old', 'class-1', JSON.stringify(asWrittenEarlier(plan, 1)), 'Old', at, '');
    db.prepare('insert into run_events (run_id, device_id, seq, at_ms, event) values (?, ?, 0, 1000, ?)').run(
      'run-of-old',
      'device-1',
      JSON.stringify({ kind: 'moved', leg: 1 }),
    );
    db.close();
    server = composeServer({ file, migrations, hosts: new Set([host]) });
  });
  afterAll(() => {
    server.close();
    rmSync(folder, { recursive: true, force: true });
  });

  it.each(['class-format-0', 'class-format-1'])('%s is brought up to date when it is read', async (id) => {
    const read = ClassRead.parse((await get(`/api/classes/${id}`).expect(200)).body);
    expect(read.plan).toMatchObject({
      format: 10,
      accepted: [],
      brief: { concerns: [], teacherAt: 'walks', kitOut: 'when-needed' },
    });
    expect(itemsOf(read.plan)[0]?.dose).toEqual([travel(2, 20, 80)]);
  });

  it('a class of a newer format is told and left alone, and the list still shows it', async () => {
    const answer = await get('/api/classes/class-of-the-future').expect(409);
    expect(Problem.parse(answer.body)).toMatchObject({ code: 'not-readable' });
    expect(Problem.parse(answer.body).detail).toContain('newer Needlework (format 99; this one reads up to 10)');
    const { classes } = (await get('/api/classes').expect(200)).body as { classes: { id: string }[] };
    expect(classes.map((c) => c.id).sort()).toEqual([
      'class-cut-in-half',
      'class-format-0',
      'class-format-1',
      'class-of-the-future',
    ]);
    const db = new Database(file, { readonly: true });
    const kept = db.prepare('select plan from classes where id = ?').get('class-of-the-future') as { plan: string };
    db.close();
    expect(kept.plan).toContain('"feet":"three"');
  });

  it('a class that is cut in half is told, not blank and not a fault of the server', async () => {
    const answer = await get('/api/classes/class-cut-in-half').expect(409);
    expect(Problem.parse(answer.body).detail).toBe(
      'This class cannot be read: it is cut off or empty. It is kept as it is.',
    );
  });

  it('a taught class keeps what happened, in today’s words, and is found by its exercises', async () => {
    const run = RunRead.parse((await get('/api/runs/run-of-old').expect(200)).body);
    expect(run.events.map((e) => e.event)).toEqual([{ kind: 'moved', bout: 1 }]);
    expect(itemsOf(run.plan)[0]?.dose).toEqual([travel(2, 20, 80)]);
    const uses = (await get('/api/exercises/two-foot-rise/classes').expect(200)).body as { taught: number };
    expect(uses.taught).toBe(1);
  });

  it('a page of an older version that saves an older plan is understood', async () => {
    const old = { ...asWrittenEarlier(plan, 1), id: 'class-from-old-page' };
    await request(server.app)
      .post('/api/classes')
      .set('Host', host)
      .send({ saveId: 'save-old', plan: old })
      .expect(201);
    const read = ClassRead.parse((await get('/api/classes/class-from-old-page').expect(200)).body);
    expect(read.plan.format).toBe(10);
  });
});
