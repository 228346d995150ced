import { type ChildProcess, spawn } from 'node:child_process';
import settings from './server-environment.json';

/** What a server said, and how it ended. */
export interface Told {
  readonly code: number | null;
  readonly words: string;
}
export interface Running {
  readonly child: ChildProcess;
  readonly base: string;
  readonly port: number;
  readonly data: string;
  readonly said: () => string;
}

let nextPort = 4500;
const running = new Set<ChildProcess>();

export const freePort = (): number => nextPort++;
export const pause = (ms: number) => new Promise((done) => setTimeout(done, ms));

/** Begins the server as it is built, whatever becomes of it. @param uid whose process it is */
export function begin(data: string, flags: readonly string[], port: number, uid?: number) {
  const child = spawn(process.execPath, ['dist/server/main.cjs', '--data', data, '--port', String(port), ...flags], {
    env: { ...settings, ...process.env },
    ...(uid === undefined ? {} : { uid, gid: uid }),
  });
  running.add(child);
  let said = '';
  for (const stream of [child.stdout, child.stderr]) stream.on('data', (piece: Buffer) => (said += piece.toString()));
  const ended = new Promise<Told>((done) =>
    child.once('close', (code) => {
      running.delete(child);
      done({ code, words: said });
    }),
  );
  return { child, said: () => said, ended };
}

/** Starts a server that is to come up. */
export async function start(data: string, flags: readonly string[] = [], port = freePort()): Promise<Running> {
  const { child, said, ended } = begin(data, flags, port);
  let over = false;
  void ended.then(() => (over = true));
  while (!said().includes('is ready')) {
    if (over) throw new Error(`it did not start: ${said()}`);
    await pause(5);
  }
  return { child, base: `http://127.0.0.1:${port}`, port, data, said };
}

export async function stop({ child }: Pick<Running, 'child'>, signal: NodeJS.Signals = 'SIGTERM'): Promise<void> {
  const gone = new Promise((done) => child.once('close', done));
  child.kill(signal);
  await gone;
}

export function killAll(): void {
  for (const child of running) child.kill('SIGKILL');
}

/** Asks a server something. @returns the status, and the JSON it answers; null where it answers nothing */
export async function call({ base }: Pick<Running, 'base'>, method: string, path: string, body?: object) {
  const answer = await fetch(`${base}${path}`, {
    method,
    headers: { 'Content-Type': 'application/json' },
    ...(body ? { body: JSON.stringify(body) } : {}),
  });
  const text = await answer.text();
  return { status: answer.status, body: (text === '' ? null : JSON.parse(text)) as unknown };
}
