import { createHash } from 'node:crypto';
import { mkdtempSync, rmSync } from 'node:fs';
import { type Server as HttpServer, createServer } from 'node:http';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import Database from 'better-sqlite3';
import { Router } from 'express';
import fc from 'fast-check';
import { Problem } from '@core/contract';
import { Password } from '../access/password';
import { Sessions } from '../access/sessions';
import { newId } from '../new-id';
import { FileServer } from './file-server';

/** Longer than this nobody waits, ms. */
const hangMs = 15_000;

/** What nobody means: numbers at the ends, texts that want to be something else, forms that are none. */
const odd: readonly unknown[] = [
  null,
  true,
  0,
  -1,
  0.5,
  1e308,
  2 ** 53,
  '',
  ' ',
  'a'.repeat(5000),
  '\u0000',
  '\ud800',
  '../../../needlework.sqlite',
  "'; drop table classes; --",
  '<img src=x onerror=alert(1)>',
  '=1+1',
  '2026-02-30',
  '9999-12-31T23:59:59.999Z',
  [],
  {},
  JSON.parse('{"__proto__":{"admin":true},"constructor":1}'),
  JSON.parse(`${'['.repeat(300)}${']'.repeat(300)}`),
];

interface Change {
  readonly path: readonly number[];
  readonly op: 'replace' | 'remove' | 'add' | 'twice' | 'borrow';
  readonly value: number;
}
const change: fc.Arbitrary<Change> = fc.record({
  path: fc.array(fc.nat(40), { minLength: 1, maxLength: 9 }),
  op: fc.constantFrom('replace', 'remove', 'add', 'twice', 'borrow'),
  value: fc.nat(10_000),
});

const isRecord = (value: unknown): value is Record<string, unknown> => typeof value === 'object' && value !== null;

/** A value with something in it changed, somewhere down the path; the value itself stays as it was. */
export function changed(value: unknown, changes: readonly Change[]): unknown {
  let whole = structuredClone(value);
  for (const { path, op, value: nth } of changes) {
    let at: unknown = whole;
    let above: Record<string, unknown> | null = null;
    let key = '';
    for (const step of path) {
      if (!isRecord(at) || Object.keys(at).length === 0) break;
      const keys = Object.keys(at);
      above = at;
      key = keys[step % keys.length] ?? '';
      at = at[key];
    }
    const other = structuredClone(odd[nth % odd.length]);
    if (!above) whole = other;
    else if (op === 'remove' && Array.isArray(above)) above.splice(Number(key), 1);
    else if (op === 'remove') delete above[key];
    else if (op === 'add') above[Array.isArray(above) ? above.length : `more${nth}`] = other;
    else if (op === 'twice' && Array.isArray(above)) above.push(structuredClone(above[Number(key)]));
    else if (op === 'borrow') above[key] = Object.values(above)[nth % Object.keys(above).length];
    else above[key] = other;
  }
  return whole;
}

/** An address of the API, and how what is sent there is made as it should be. */
interface Endpoint {
  readonly method: 'GET' | 'POST' | 'PUT' | 'DELETE';
  /** A name behind a colon stands for an id of that kind. */
  readonly path: string;
  readonly query?: Readonly<Record<string, string>>;
  /** What is sent, as it should be. */
  readonly body?: (id: string) => unknown;
  /** How often it is asked, beside others; once where nothing is said. */
  readonly often?: number;
}

export interface Tally {
  readonly cases: number;
  readonly accepted: number;
  readonly refused: number;
}

const anyOps = fc.array(change, { maxLength: 3 });
/** One question: an address, an id, and what is wrong with what is sent. */
export const anyCase = fc.record({
  endpoint: fc.nat(100_000),
  id: fc.nat(10_000),
  oddId: fc.constantFrom(...Array<boolean>(7).fill(false), true),
  changes: anyOps,
  text: fc.option(fc.string({ unit: 'binary', maxLength: 40 }), { freq: 12 }),
  queryChanges: fc.option(change, { freq: 3 }),
});
type Case = typeof anyCase extends fc.Arbitrary<infer T> ? T : never;

/** One file that comes in: which, and what happened to its bytes on the way. */
export const anyFile = fc.record({
  file: fc.nat(1000),
  cuts: fc.array(
    fc.record({
      at: fc.double({ min: 0, max: 1, noNaN: true }),
      op: fc.constantFrom('cut', 'byte', 'twice', 'drop', 'word'),
      value: fc.nat(255),
    }),
    { maxLength: 3 },
  ),
  take: fc.boolean(),
});
type AnyFile = typeof anyFile extends fc.Arbitrary<infer T> ? T : never;

/** A hall with all there is in it, that is asked anything by anybody, and looked over afterwards. */
export class FuzzedServer {
  private readonly routes = new Map<Watched, { readonly path: string; hit: boolean }>();
  private readonly doorFolder = mkdtempSync(join(tmpdir(), 'needlework-door-'));
  private readonly password = new Password(this.doorFolder);
  private readonly hosts = new Set<string>();
  private readonly files: FileServer;
  private readonly http: HttpServer;
  private readonly ids = new Map<string, readonly string[]>();
  /** Of each kind one that nothing is asked of. */
  private readonly keptOf = new Map<string, string>();
  private readonly endpoints: Endpoint[] = [];
  private readonly sent: { readonly name: string; readonly bytes: Buffer }[] = [];
  private untouched = '';
  private base = '';
  private count = { cases: 0, accepted: 0, refused: 0 };

  constructor() {
    const sessions = new Sessions(this.doorFolder, () => Date.now());
    const door = { password: this.password, sessions, others: false, secure: false, port: 1 };
    const unwatch = watchRoutes(this.routes);
    this.files = new FileServer({ hosts: this.hosts, door }).withDemo();
    unwatch();
    this.http = createServer(this.files.app);
  }

  async start(): Promise<this> {
    await new Promise<void>((listening) => this.http.listen(0, '127.0.0.1', listening));
    const { port } = this.http.address() as AddressInfo;
    this.hosts.add(`127.0.0.1:${port}`);
    this.base = `http://127.0.0.1:${port}/api`;
    await this.fill();
    this.untouched = this.digest();
    return this;
  }

  get tally(): Tally {
    return this.count;
  }

  /** Routes that nothing was asked of. */
  get unasked(): readonly string[] {
    return [...this.routes].flatMap(([{ methods }, { path, hit }]) =>
      hit ? [] : [`${Object.keys(methods).join()} ${path}`],
    );
  }

  /** Asks one question. @throws where the answer is a fault of the server, or none, or not in words */
  async ask({ endpoint: nth, id: nthId, oddId, changes, text, queryChanges }: Case): Promise<void> {
    const endpoint = this.endpoints[nth % this.endpoints.length];
    if (!endpoint) throw new Error('nothing to ask');
    let id = '';
    const path = endpoint.path.replace(/:(\w+)/g, (_, kind: string) => {
      const known = this.ids.get(kind) ?? [];
      id = oddId ? (oddIds[nthId % oddIds.length] ?? '') : (known[nthId % (known.length + 1)] ?? newId());
      return encodeURIComponent(id);
    });
    const query = queryChanges ? changed(endpoint.query ?? {}, [queryChanges]) : (endpoint.query ?? {});
    const address = `${path}?${new URLSearchParams(isRecord(query) ? textOf(query) : {}).toString()}`;
    const asRead = endpoint.body && JSON.stringify(changed(endpoint.body(id), changes));
    const body = endpoint.method === 'GET' ? undefined : (text ?? asRead);
    await this.call(endpoint.method, address, body);
    // what another password opens is asked nothing
    this.password.remove();
  }

  /** Asks everything once as it should be asked. */
  async askAll(): Promise<void> {
    for (const endpoint of this.endpoints.keys())
      await this.ask({ endpoint, id: 0, oddId: false, changes: [], text: null, queryChanges: null });
  }

  /** Sends one file, looks at what became of it, and takes it where it can be taken. */
  async send({ file: nth, cuts, take }: AnyFile): Promise<string> {
    const file = this.sent[nth % this.sent.length];
    if (!file) throw new Error('no files');
    const answer = await this.call('POST', '/coming', spoilt(file.bytes, cuts));
    if (answer.status !== 202) return 'refused';
    const { id } = answer.body as { id: string };
    const state = await this.settled(id, 'reading');
    if (state === 'ready' && take) {
      await this.call('POST', `/coming/${id}/take`, JSON.stringify({ kinds: null, only: null, over: 'none' }));
      const taken = await this.settled(id, 'taking');
      if (taken === 'refused') return taken;
    }
    await this.call('DELETE', `/coming/${id}`);
    return state;
  }

  /** @throws where something that nobody touched is another, the database is not whole, or what was taken cannot be read again */
  async lookOver(): Promise<void> {
    if (this.digest() !== this.untouched) throw new Error('something was changed that nobody had touched');
    const db = new Database(this.files.file, { readonly: true });
    const whole = db.pragma('integrity_check', { simple: true });
    const loose = db.pragma('foreign_key_check') as unknown[];
    db.close();
    if (whole !== 'ok' || loose.length > 0) throw new Error(`the database is not whole: ${String(whole)}`);
    const readable = [
      'classes',
      'exercises',
      'people',
      'courses',
      'homework',
      'runs',
      'protocols',
      'bands',
      'preferences',
    ];
    for (const path of readable) {
      const { status } = await this.call('GET', `/${path}`);
      if (status !== 200) throw new Error(`/${path} cannot be read any more: ${status}`);
    }
  }

  async close(): Promise<void> {
    this.http.closeAllConnections();
    await new Promise((closed) => this.http.close(closed));
    this.files.close();
    rmSync(this.doorFolder, { recursive: true, force: true });
  }

  private async settled(id: string, from: string): Promise<string> {
    for (;;) {
      const { body } = await this.call('GET', `/coming/${id}`);
      const { state } = body as { state: string };
      if (state !== from) return state;
      await new Promise((later) => setTimeout(later, 1));
    }
  }

  private async call(method: string, path: string, body?: string | Buffer): Promise<{ status: number; body: unknown }> {
    const what = `${method} ${path} ${typeof body === 'string' ? body.slice(0, 600) : ''}`;
    const stop = new AbortController();
    const hanging = setTimeout(() => stop.abort(), hangMs);
    const type = typeof body === 'string' ? 'application/json' : 'application/octet-stream';
    const headers = new Headers(body === undefined ? [] : [['Content-Type', type]]);
    try {
      const sent = typeof body === 'string' || body === undefined ? body : new Uint8Array(body);
      const answer = await fetch(`${this.base}${path}`, { method, headers, body: sent ?? null, signal: stop.signal });
      const { status } = answer;
      this.count.cases++;
      this.count[status < 400 ? 'accepted' : 'refused']++;
      const kind = answer.headers.get('content-type') ?? '';
      if (kind.startsWith('text/event-stream')) {
        stop.abort();
        return { status, body: null };
      }
      const bytes = await answer.text();
      // a moment, while a copy is put back, is said and over
      if (status >= 500 && !bytes.includes('"a-moment"'))
        throw new Error(`${status}: ${bytes} ${this.files.server.faults.map(String).join('; ')}`);
      const read: unknown = kind.includes('json') && bytes !== '' ? JSON.parse(bytes) : bytes;
      if (status >= 400) Problem.parse(read);
      if (/node_modules|\n {4}at /.test(status >= 400 ? bytes : ''))
        throw new Error(`it tells of its inside: ${bytes}`);
      return { status, body: read };
    } catch (error) {
      throw new Error(`${what}: ${error instanceof Error ? error.message : String(error)}`, { cause: error });
    } finally {
      clearTimeout(hanging);
    }
  }

  /** Rows that nothing asked of has an id of, as they lie in the database. */
  private digest(): string {
    const db = new Database(this.files.file, { readonly: true });
    const rows = kinds.flatMap(({ kind, table }) => {
      const kept = this.keptOf.get(kind) ?? '';
      return db.prepare(`select * from ${table} where id = ?`).all(kept);
    });
    db.close();
    return createHash('sha256').update(JSON.stringify(rows)).digest('hex');
  }

  /** Finds what there is: ids to ask by, documents to send, files to take in. */
  private async fill(): Promise<void> {
    const db = new Database(this.files.file, { readonly: true });
    const bodies = new Map<string, unknown>();
    for (const { kind, table } of kinds) {
      const found = db.prepare(`select id from ${table} order by id limit 12`).all() as { id: string }[];
      const last = found.pop();
      if (last) this.keptOf.set(kind, last.id);
      this.ids.set(
        kind,
        found.map(({ id }) => id),
      );
    }
    db.close();
    const one = (kind: string): string => this.ids.get(kind)?.[0] ?? this.keptOf.get(kind) ?? '';
    const known = (kind: string) => new Set([...(this.ids.get(kind) ?? []), one(kind)]);
    const get = async (path: string) => (await this.call('GET', path)).body as never;
    const fetched = new Map<string, unknown>();
    const keep = async (name: string, path: string) => fetched.set(name, await get(path));
    for (const kind of ['class', 'course', 'homework', 'run']) {
      const plural = { class: 'classes', course: 'courses', homework: 'homework', run: 'runs' }[kind] ?? kind;
      for (const id of known(kind)) await keep(`${kind} ${id}`, `/${plural}/${id}`);
    }
    for (const id of known('student')) await keep(`student ${id}`, `/people/students/${id}`);
    for (const id of known('group')) await keep(`group ${id}`, `/people/groups/${id}`);
    for (const id of known('exercise')) await keep(`exercise ${id}`, `/exercises/${id}`);
    await keep('preferences', '/preferences');
    await keep('protocols', '/protocols');
    const plan = (fetched.get(`class ${one('class')}`) as { plan: unknown }).plan;
    const of = <T>(kind: string, id: string): T =>
      (fetched.get(`${kind} ${id}`) ?? fetched.get(`${kind} ${one(kind)}`)) as T;
    const saved = (kind: string, name: string) => (id: string) => {
      const read = of<Record<string, unknown>>(kind, id);
      const there = fetched.has(`${kind} ${id}`);
      const doc = read[name] as Record<string, unknown>;
      return { basedOn: there ? read['version'] : null, [name]: there ? doc : { ...doc, id } };
    };
    const page = of<{ readings: { id: string }[]; notes: { id: string }[] }>('student', one('student'));
    this.ids.set('reading', page.readings.map(({ id }) => id).slice(0, 12));
    this.ids.set('note', page.notes.map(({ id }) => id).slice(0, 12));
    const [reading, note] = [page.readings[0], page.notes[0]];
    const today = { at: '2026-10-01T12:00:00.000Z', today: '2026-10-01' };
    const { run, events } = {
      run: of<{ plan: unknown; classId: string }>('run', one('run')),
      events: of<{ events: unknown[] }>('run', one('run')).events,
    };
    const protocol = (fetched.get('protocols') as { protocols: { protocol: unknown }[] }).protocols;
    bodies.set('protocol', protocol[0]);
    const { copies } = await this.aCopy();
    this.ids.set('copy', copies);
    this.ids.set('coming', []);
    this.ids.set('going', []);
    this.ids.set('device', ['mat', 'gauge']);
    this.ids.set('of', ['class', 'exercise', 'course', 'student', 'group', 'taught', 'everything']);
    const asks: Endpoint[] = [
      { method: 'GET', path: '/health' },
      { method: 'GET', path: '/access' },
      { method: 'POST', path: '/access', body: () => ({ password: 'copper lantern sings' }) },
      { method: 'DELETE', path: '/access' },
      { method: 'DELETE', path: '/access/all' },
      { method: 'POST', path: '/access/strength', body: () => ({ password: 'copper lantern sings' }) },
      { method: 'PUT', path: '/access/password', body: () => ({ current: null, next: 'copper lantern sings' }) },
      { method: 'DELETE', path: '/access/password', body: () => ({ current: 'copper lantern sings' }) },
      { method: 'GET', path: '/classes', query: { limit: '5', find: 'quiet' } },
      {
        method: 'POST',
        path: '/classes',
        body: () => ({ saveId: newId(), plan: { ...(plan as object), id: newId() } }),
        often: 3,
      },
      { method: 'GET', path: '/classes/:class' },
      {
        method: 'PUT',
        path: '/classes/:class',
        body: (id) => ({ saveId: newId(), ...saved('class', 'plan')(id) }),
        often: 8,
      },
      { method: 'DELETE', path: '/classes/:class' },
      { method: 'POST', path: '/classes/:class/restore' },
      { method: 'POST', path: '/classes/:class/duplicate', body: () => ({ saveId: newId(), id: newId() }) },
      { method: 'GET', path: '/classes/:class/other-doses' },
      { method: 'GET', path: '/classes/:class/revisions', query: { limit: '3' } },
      { method: 'GET', path: '/classes/:class/revisions/:nth' },
      { method: 'GET', path: '/classes/:class/card.pdf', query: { size: 'usual' } },
      { method: 'GET', path: '/classes/:class/order.csv' },
      { method: 'GET', path: '/exercises', query: { limit: '3' } },
      { method: 'GET', path: '/exercises/:exercise' },
      { method: 'PUT', path: '/exercises/:exercise', body: (id) => exerciseSave(of('exercise', id), id), often: 8 },
      { method: 'POST', path: '/exercises/:exercise/return' },
      { method: 'GET', path: '/exercises/:exercise/classes', query: { limit: '3' } },
      { method: 'POST', path: '/exercises/:exercise/move', body: () => ({ classIds: [one('class')] }) },
      { method: 'DELETE', path: '/exercises/:exercise' },
      { method: 'POST', path: '/exercises/:exercise/restore' },
      { method: 'GET', path: '/taken-out', query: { limit: '3' } },
      { method: 'GET', path: '/preferences' },
      { method: 'PUT', path: '/preferences', body: () => fetched.get('preferences'), often: 6 },
      { method: 'GET', path: '/protocols' },
      { method: 'PUT', path: '/protocols/:protocol', body: () => protocolSave(bodies.get('protocol')), often: 3 },
      { method: 'GET', path: '/bands' },
      { method: 'PUT', path: '/bands/:band', body: (id) => ({ basedOn: null, band: { id, name: 'Blue' } }), often: 2 },
      { method: 'DELETE', path: '/bands/:band' },
      { method: 'GET', path: '/people' },
      { method: 'GET', path: '/people/archived' },
      { method: 'GET', path: '/people/students/:student' },
      { method: 'PUT', path: '/people/students/:student', body: saved('student', 'student'), often: 8 },
      { method: 'DELETE', path: '/people/students/:student' },
      { method: 'GET', path: '/people/students/:student/readings.csv' },
      { method: 'GET', path: '/people/groups/:group' },
      { method: 'PUT', path: '/people/groups/:group', body: saved('group', 'group'), often: 6 },
      { method: 'GET', path: '/people/groups/:group/readings.csv' },
      { method: 'GET', path: '/people/groups/:group/roster.csv' },
      { method: 'GET', path: '/people/groups/:group/helped' },
      { method: 'GET', path: '/people/groups/:group/taught' },
      { method: 'GET', path: '/people/groups/:group/readings', query: { protocols: 'knee-to-wall' } },
      { method: 'PUT', path: '/readings/:reading', body: (id) => ({ ...reading, id }), often: 6 },
      { method: 'DELETE', path: '/readings/:reading' },
      { method: 'POST', path: '/readings/:reading/restore' },
      { method: 'PUT', path: '/notes/:note', body: (id) => ({ ...note, id }), often: 4 },
      { method: 'DELETE', path: '/notes/:note' },
      { method: 'POST', path: '/notes/:note/restore' },
      { method: 'GET', path: '/courses' },
      { method: 'GET', path: '/courses/archived' },
      { method: 'GET', path: '/courses/calendar.ics' },
      { method: 'GET', path: '/courses/:course' },
      { method: 'GET', path: '/courses/:course/calendar.ics' },
      { method: 'GET', path: '/courses/:course/plans' },
      { method: 'GET', path: '/courses/:course/load' },
      { method: 'PUT', path: '/courses/:course', body: saved('course', 'course'), often: 6 },
      {
        method: 'POST',
        path: '/courses/:course/classes',
        body: () => ({ classes: [{ key: '2026-10-06', plan }] }),
        often: 2,
      },
      { method: 'GET', path: '/homework', query: { limit: '3' } },
      { method: 'GET', path: '/homework/between', query: { from: '2026-09-01', to: '2026-10-01' } },
      { method: 'GET', path: '/homework/:homework' },
      { method: 'GET', path: '/homework/:homework/sheet.pdf', query: { size: 'large' } },
      { method: 'PUT', path: '/homework/:homework', body: saved('homework', 'homework'), often: 6 },
      { method: 'GET', path: '/runs', query: { limit: '3' } },
      { method: 'GET', path: '/runs/last/:class' },
      { method: 'GET', path: '/runs/done', query: { group: one('group'), from: today.at, to: today.at } },
      { method: 'GET', path: '/runs/learned' },
      { method: 'GET', path: '/runs/over/:class' },
      { method: 'GET', path: '/runs/:run' },
      {
        method: 'PUT',
        path: '/runs/:run',
        body: () => ({ classId: run.classId, version: 1, plan: run.plan, startedAt: today.at }),
        often: 3,
      },
      { method: 'POST', path: '/runs/:run/events', body: () => ({ events: events.slice(0, 8) }), often: 6 },
      { method: 'PUT', path: '/runs/:run/remarks', body: () => ({ headcount: 9, note: 'Quiet.' }) },
      { method: 'DELETE', path: '/runs/:run' },
      { method: 'POST', path: '/runs/:run/restore' },
      { method: 'GET', path: '/desk', query: today },
      { method: 'GET', path: '/desk/due', query: today },
      { method: 'GET', path: '/desk/groups/:group', query: today },
      { method: 'GET', path: '/devices/:device', query: { kind: 'steady', seed: '1' } },
      { method: 'GET', path: '/coming/:coming' },
      { method: 'GET', path: '/coming/:coming/entries', query: { kind: 'class' } },
      { method: 'POST', path: '/coming/:coming/take', body: () => ({ kinds: null, only: null, over: 'none' }) },
      { method: 'DELETE', path: '/coming/:coming' },
      { method: 'POST', path: '/coming', body: () => ({ format: 1 }) },
      { method: 'POST', path: '/going', body: () => ({ of: 'class', id: one('class') }) },
      { method: 'GET', path: '/going/:going' },
      { method: 'GET', path: '/going/:going/file' },
      { method: 'GET', path: '/files/:of/:class' },
      { method: 'GET', path: '/copies' },
      { method: 'POST', path: '/copies' },
      { method: 'POST', path: '/copies/:copy/look' },
      { method: 'GET', path: '/copies/:none/file' },
      { method: 'POST', path: '/copies/:none/restore' },
      { method: 'DELETE', path: '/copies/:none' },
      { method: 'GET', path: '/nowhere/:class' },
    ];
    this.endpoints.push(...asks.flatMap((endpoint) => Array<Endpoint>(endpoint.often ?? 1).fill(endpoint)));
    await this.writeFiles(one);
  }

  /** A copy to look into. */
  private async aCopy(): Promise<{ readonly copies: string[] }> {
    await this.call('POST', '/copies');
    for (;;) {
      const { body } = await this.call('GET', '/copies');
      const { making, copies } = body as { making: number | null; copies: { name: string }[] };
      if (making === null) return { copies: copies.map(({ name }) => name) };
      await new Promise((later) => setTimeout(later, 5));
    }
  }

  private async writeFiles(one: (kind: string) => string): Promise<void> {
    const add = (name: string, text: string | Buffer) => this.sent.push({ name, bytes: Buffer.from(text) });
    const written = async (path: string) => {
      const { body } = await this.call('GET', path);
      return typeof body === 'string' ? body : `${JSON.stringify(body)}\n`;
    };
    for (const kind of ['class', 'course', 'student', 'group']) {
      const text = await written(`/files/${kind}/${one(kind)}`);
      add(`${kind}.json`, text);
      add(`${kind}.json.gz`, gzipSync(text));
    }
    add('readings.csv', await written(`/people/groups/${one('group')}/readings.csv`));
    add(
      'words.vtt',
      'WEBVTT A class\n\n1 Two-foot rise\n00:00.000 --> 00:10.000\nRise.\n\n00:12.000 --> 00:20.000\nLower.\n',
    );
    add('none', '');
  }
}

/** Ids that are none, or somebody's idea of a way out of the folder. */
const oddIds = [
  '',
  '.',
  '..',
  '../../password.json',
  '%00',
  '\u0000',
  'a'.repeat(3000),
  '__proto__',
  'constructor',
  '🩰',
  "' or 1=1 --",
];

const kinds = [
  { kind: 'class', table: 'classes' },
  { kind: 'exercise', table: 'exercises' },
  { kind: 'run', table: 'runs' },
  { kind: 'student', table: 'students' },
  { kind: 'group', table: 'groups' },
  { kind: 'course', table: 'courses' },
  { kind: 'homework', table: 'homework' },
] as const;

function exerciseSave(read: { readonly exercise: object; readonly revision: string }, id: string): object {
  return { exercise: { ...read.exercise, id }, basedOn: read.revision };
}

function protocolSave(read: unknown): unknown {
  return isRecord(read) && 'protocol' in read ? { basedOn: null, protocol: read['protocol'] } : read;
}

const textOf = (query: Record<string, unknown>): Record<string, string> =>
  Object.fromEntries(
    Object.entries(query).map(([key, value]) => [
      key,
      typeof value === 'string' ? value : (JSON.stringify(value) ?? ''),
    ]),
  );

/** A file whose bytes were cut off, changed, doubled or left out on the way. */
function spoilt(bytes: Buffer, cuts: AnyFile['cuts']): Buffer {
  let left = bytes;
  for (const { at, op, value } of cuts) {
    const from = Math.floor(at * left.length);
    const [before, after] = [left.subarray(0, from), left.subarray(from)];
    if (op === 'cut') left = before;
    else if (op === 'twice') left = Buffer.concat([before, after.subarray(0, value), after]);
    else if (op === 'drop') left = Buffer.concat([before, after.subarray(value)]);
    else if (op === 'word') left = Buffer.concat([before, Buffer.from(JSON.stringify(odd[value % odd.length])), after]);
    else left = Buffer.concat([before, Buffer.of(value), after.subarray(1)]);
  }
  return left;
}

interface Watched {
  readonly methods: Readonly<Record<string, boolean>>;
  dispatch: (...parts: unknown[]) => unknown;
}

/** Notes each route that is made from now on, and whether it was ever asked. @returns ends the noting */
function watchRoutes(routes: Map<Watched, { readonly path: string; hit: boolean }>): () => void {
  const proto = Router.prototype as { route: (path: string) => Watched };
  const { route } = proto;
  proto.route = function watched(this: unknown, path: string): Watched {
    const made = route.call(this, path);
    const noted = { path, hit: false };
    routes.set(made, noted);
    const dispatch = made.dispatch.bind(made);
    made.dispatch = (...parts) => {
      noted.hit = true;
      return dispatch(...parts);
    };
    return made;
  };
  return () => void (proto.route = route);
}
