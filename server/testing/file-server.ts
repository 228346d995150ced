import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import request from 'supertest';
import type * as z from 'zod';
import { Coming, Going } from '@core/contract';
import { addDemoCourse, addDemoCourseClasses } from '../demo/course';
import { addDemoHomework } from '../demo/homework';
import { addDemoPeople } from '../demo/people';
import { addDemoClasses } from '../demo/saltmarsh';
import { addTaughtWeeks } from '../demo/taught';
import type { Server, ServerOptions } from '../compose';
import { newId } from '../new-id';
import { testServer } from './server';

const host = '127.0.0.1:4310';
const demoNow = Date.UTC(2026, 9, 1, 12);

/** An answer whose body nobody has read yet. */
type Answer = Omit<request.Response, 'body'> & { readonly body: unknown };
type Asked = Omit<request.Test, 'then' | 'catch' | 'expect'> & Promise<Answer> & { expect(status: number): Asked };

/** A server on a database in a folder of its own, with what a page does with files. */
export class FileServer {
  readonly folder = mkdtempSync(join(tmpdir(), 'needlework-files-'));
  readonly file = join(this.folder, 'needlework.sqlite');
  readonly server: ReturnType<typeof testServer>;

  constructor(more: Partial<ServerOptions> = {}) {
    this.server = testServer({ file: this.file, ...more });
  }

  /** Saltmarsh Hall with all there is in it: people, readings, a course, homework, taught classes. */
  withDemo(): this {
    const { server } = this;
    addDemoClasses(server, newId);
    addTaughtWeeks(server, newId, demoNow);
    addDemoPeople(server, newId, demoNow);
    addDemoCourse(server, demoNow);
    addDemoCourseClasses(server, demoNow);
    addDemoHomework(server, demoNow);
    return this;
  }

  get app(): Server['app'] {
    return this.server.app;
  }

  get(path: string): Asked {
    return request(this.app).get(path).set('Host', host);
  }
  post(path: string, body?: object): Asked {
    return request(this.app).post(path).set('Host', host).send(body);
  }
  put(path: string, body?: object): Asked {
    return request(this.app).put(path).set('Host', host).send(body);
  }
  delete(path: string): Asked {
    return request(this.app).delete(path).set('Host', host);
  }

  /** The bytes of an answer. */
  async bytes(path: string): Promise<Buffer> {
    const answer = await this.get(path)
      .buffer(true)
      .parse((response, done) => {
        const chunks: Buffer[] = [];
        response.on('data', (chunk: Buffer) => chunks.push(chunk));
        response.on('end', () => done(null, Buffer.concat(chunks)));
      });
    return (answer as Answer).body as Buffer;
  }

  /** Everything, or everything but people, as a packed file. */
  async write(of: 'everything' | 'plans'): Promise<Buffer> {
    const { body } = await this.post('/api/going', { of });
    const going = await this.until(
      `/api/going/${(body as { id: string }).id}`,
      Going,
      ({ state }) => state !== 'writing',
    );
    return this.bytes(`/api/going/${going.id}/file`);
  }

  /** Sends a file, and waits until it was looked into. */
  async send(file: Buffer | string): Promise<Coming> {
    const answer = await request(this.app)
      .post('/api/coming')
      .set('Host', host)
      .set('Content-Type', 'application/octet-stream')
      .send(file);
    const { body, status } = answer as Answer;
    if (status !== 202) throw new Error(JSON.stringify(body));
    return this.until(`/api/coming/${(body as { id: string }).id}`, Coming, ({ state }) => state !== 'reading');
  }

  /** Takes what was chosen, all that is new where nothing is said, and waits until it is taken. */
  async take(id: string, choice: object = {}): Promise<Coming> {
    await this.post(`/api/coming/${id}/take`, { kinds: null, only: null, over: 'none', ...choice }).expect(202);
    return this.until(`/api/coming/${id}`, Coming, ({ state }) => state !== 'taking');
  }

  /** A page that asks again until something is so. */
  async until<T>(path: string, schema: z.ZodType<T>, so: (value: T) => boolean): Promise<T> {
    for (;;) {
      const { body } = await this.get(path);
      const value = schema.parse(body);
      if (so(value)) return value;
      await new Promise((resolve) => setImmediate(resolve));
    }
  }

  close(): void {
    this.server.close();
    rmSync(this.folder, { recursive: true, force: true });
  }
}
