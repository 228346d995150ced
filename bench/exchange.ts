import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { start, stop } from '../scripts/built-server';
import type { Report } from './timing';

interface State {
  readonly id: string;
  readonly state?: string;
  readonly making?: number | null;
}

async function ask(url: string, method = 'GET', body?: string | Uint8Array<ArrayBuffer>): Promise<State> {
  const type = typeof body === 'string' ? 'application/json' : 'application/octet-stream';
  const answer = await fetch(url, {
    method,
    body: body ?? null,
    headers: body === undefined ? {} : { 'Content-Type': type },
  });
  if (!answer.ok) throw new Error(`${url}: ${answer.status} ${await answer.text()}`);
  return (await answer.json()) as State;
}

/** Asks as a page does until something is so. */
async function until(url: string, so: (state: State) => boolean): Promise<State> {
  for (;;) {
    const found = await ask(url);
    if (found.state === 'failed' || found.state === 'refused') throw new Error(`${url}: ${JSON.stringify(found)}`);
    if (so(found)) return found;
    await new Promise((later) => setTimeout(later, 50));
  }
}

/** Ten years out as a file and as a copy, and in again where nothing is yet: from the first question to the last answer, s. */
export async function filesOfTenYears(base: string, report: Report): Promise<void> {
  const seconds = async <T>(name: string, work: () => Promise<T>): Promise<T> => {
    const from = performance.now();
    const done = await work();
    report(name, (performance.now() - from) / 1000, 's', 10);
    return done;
  };
  const file = await seconds('everything out as one file (JSON, packed)', async () => {
    const { id } = await ask(`${base}/api/going`, 'POST', JSON.stringify({ of: 'everything' }));
    await until(`${base}/api/going/${id}`, ({ state }) => state === 'ready');
    return new Uint8Array(await (await fetch(`${base}/api/going/${id}/file`)).arrayBuffer());
  });
  const copy = await seconds('a copy of the database, read through', async () => {
    await ask(`${base}/api/copies`, 'POST');
    await until(`${base}/api/copies`, ({ making }) => making === null);
    const { copies } = (await (await fetch(`${base}/api/copies`)).json()) as { copies: { name: string }[] };
    return new Uint8Array(await (await fetch(`${base}/api/copies/${copies[0]?.name ?? ''}/file`)).arrayBuffer());
  });
  for (const [name, bytes] of [
    ['that file in again', file],
    ['that copy in again', copy],
  ] as const) {
    const data = mkdtempSync(join(tmpdir(), 'needlework-in-'));
    const empty = await start(data);
    try {
      await seconds(`${name}, looked into and taken`, async () => {
        const from = performance.now();
        const { id } = await ask(`${empty.base}/api/coming`, 'POST', bytes);
        await until(`${empty.base}/api/coming/${id}`, ({ state }) => state === 'ready');
        report('  of it until it is known what it has', (performance.now() - from) / 1000, 's', 10);
        await ask(
          `${empty.base}/api/coming/${id}/take`,
          'POST',
          JSON.stringify({ kinds: null, only: null, over: 'none' }),
        );
        await until(`${empty.base}/api/coming/${id}`, ({ state }) => state === 'taken');
      });
    } finally {
      await stop(empty);
      rmSync(data, { recursive: true, force: true });
    }
  }
}
