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
import { type Endpoint, endpointsOf, measured } from './fuzz-endpoints';
import { anyCuts, change, changed, isRecord, oddIds, spoilt } from './spoil';

/** Longer than this nobody waits, ms. */
const hangMs = 15_000;

export interface Tally {
  readonly cases: number;
  readonly accepted: number;
  readonly refused: number;
}

/** One question: an address, an id, and what is wrong with what is sent. */
export const anyCase = fc.record({
  endpoint: fc.nat(100_000),
  id: fc.nat(10_000),
  oddId: fc.constantFrom(...Array<boolean>(7).fill(false), true),
  changes: fc.array(change, { maxLength: 3 }),
  text: fc.option(fc.string({ unit: 'binary', maxLength: 40 }), { freq: 12 }),
  queryChanges: fc.option(change, { freq: 3 }),
});
type Case = typeof anyCase extends fc.Arbitrary<infer T> ? T : never;

/** One file that comes in: which, and what happened to its bytes on the way. */
export const anyFile = fc.record({
  file: fc.nat(1000),
  cuts: anyCuts,
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
  private untouched: ReadonlyMap<string, string> = new Map();
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
    this.untouched = this.leftAlone();
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
    const meant = endpoint.body && (await this.onTheNewest(path, endpoint.body(id)));
    const asRead = endpoint.body && JSON.stringify(changed(meant, changes));
    const body = endpoint.method === 'GET' ? undefined : (text ?? asRead);
    await this.call(endpoint.method, address, body);
    // what another password opens is asked nothing
    this.password.remove();
  }

  /** Asks everything once as it should be asked. @returns what was refused all the same */
  async askAll(): Promise<readonly string[]> {
    const refused = new Set<string>();
    for (const one of new Set(this.endpoints)) {
      const { refused: before } = this.count;
      const endpoint = this.endpoints.indexOf(one);
      await this.ask({ endpoint, id: 0, oddId: false, changes: [], text: null, queryChanges: null });
      if (this.count.refused > before) refused.add(`${one.method} ${one.path}`);
      if (one.path.endsWith('/take')) await this.settled(this.ids.get('coming')?.[0] ?? '', 'taking');
    }
    return [...refused];
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
    const now = this.leftAlone();
    const touched = [...this.untouched].filter(([field, value]) => now.get(field) !== value);
    if (touched.length > 0)
      throw new Error(
        `changed, and nobody had touched it: ${touched.map(([field, value]) => `${field} ${value} ${now.get(field) ?? 'gone'}`.slice(0, 600)).join('; ')}`,
      );
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

  /** An edit is made on what is there now: one that is not clashes, and nothing of it is looked at. */
  private async onTheNewest(path: string, body: unknown): Promise<unknown> {
    if (!isRecord(body) || (body['basedOn'] ?? null) === null) return body;
    const read = (await this.call('GET', path)).body;
    return isRecord(read) ? { ...body, basedOn: read['revision'] ?? read['version'] ?? body['basedOn'] } : body;
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

  /** Rows that nothing asked of has an id of, as they lie in the database: by their kind, each field as text. */
  private leftAlone(): ReadonlyMap<string, string> {
    const db = new Database(this.files.file, { readonly: true });
    const fields = kinds.flatMap(({ kind, table }) => {
      const row = db.prepare(`select * from ${table} where id = ?`).get(this.keptOf.get(kind) ?? '');
      return Object.entries((row ?? {}) as Record<string, unknown>).map(([field, value]): [string, string] => [
        `${kind}.${field}`,
        JSON.stringify(value),
      ]);
    });
    db.close();
    return new Map(fields);
  }

  /** Finds what there is: ids to ask by, documents to send, files to take in. */
  private async fill(): Promise<void> {
    // one to ask for and one to leave alone, of each kind
    await this.secondCourse();
    const db = new Database(this.files.file, { readonly: true });
    const owner = db.prepare('select student_id from homework where id = ?').pluck();
    for (const { kind, table } of kinds) {
      // homework goes with the one it is for
      const kept = kind === 'student' ? owner.get(this.keptOf.get('homework')) : null;
      // a class of a course is touched by its course
      const found = db
        .prepare(`select id from ${table} where id not like 'demo-winter-%' order by id = ? desc, id limit 12`)
        .pluck()
        .all(kept) as string[];
      const last = kept === null ? found.pop() : found.shift();
      if (last !== undefined) this.keptOf.set(kind, last);
      this.ids.set(kind, found);
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
    const { readings, notes } = measured(fetched);
    this.ids.set('reading', readings.map(({ id }) => id).slice(0, 12));
    this.ids.set('note', notes.map(({ id }) => id).slice(0, 12));
    this.ids.set('copy', await this.aCopy());
    this.ids.set('device', ['mat', 'gauge']);
    this.ids.set('nth', ['1']);
    for (const kind of ['band', 'protocol']) this.ids.set(kind, [`fuzz-${kind}-1`, `fuzz-${kind}-2`]);
    this.ids.set('of', ['class', 'exercise', 'course', 'student', 'group', 'taught', 'everything']);
    const begun = async (path: string, body: string | Buffer) =>
      ((await this.call('POST', path, body)).body as { id: string }).id;
    const file = Buffer.from(JSON.stringify(await get(`/files/class/${one('class')}`)));
    this.ids.set('coming', [await begun('/coming', file)]);
    this.ids.set('going', [await begun('/going', JSON.stringify({ of: 'plans' }))]);
    await this.settled(this.ids.get('coming')?.[0] ?? '', 'reading');
    const asks = endpointsOf(fetched, one);
    this.endpoints.push(...asks.flatMap((endpoint) => Array<Endpoint>(endpoint.often ?? 1).fill(endpoint)));
    await this.writeFiles(one);
  }

  private async secondCourse(): Promise<void> {
    const { body } = await this.call('GET', '/courses');
    const [first] = (body as { courses: { course: object }[] }).courses;
    const course = { ...first?.course, id: 'fuzz-course' };
    await this.call('PUT', '/courses/fuzz-course', JSON.stringify({ basedOn: null, course }));
  }

  /** A copy to look into. */
  private async aCopy(): Promise<string[]> {
    await this.call('POST', '/copies');
    for (;;) {
      const { body } = await this.call('GET', '/copies');
      const { making, copies } = body as { making: number | null; copies: { name: string }[] };
      if (making === null) return copies.map(({ name }) => name);
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
    add('roster.csv', await written(`/people/groups/${one('group')}/roster.csv`));
    add(
      'words.vtt',
      'WEBVTT A class\n\n1 Two-foot rise\n00:00.000 --> 00:10.000\nRise.\n\n00:12.000 --> 00:20.000\nLower.\n',
    );
    add('none', '');
  }
}

const kinds = [
  { kind: 'class', table: 'classes' },
  { kind: 'exercise', table: 'exercises' },
  { kind: 'run', table: 'runs' },
  { kind: 'group', table: 'groups' },
  { kind: 'course', table: 'courses' },
  { kind: 'homework', table: 'homework' },
  { kind: 'student', table: 'students' },
] as const;

const textOf = (query: Record<string, unknown>): Record<string, string> =>
  Object.fromEntries(
    Object.entries(query).map(([key, value]) => [
      key,
      typeof value === 'string' ? value : (JSON.stringify(value) ?? ''),
    ]),
  );

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
