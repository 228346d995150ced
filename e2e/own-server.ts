import { type ChildProcess, execFileSync, spawn } from 'node:child_process';
import { once } from 'node:events';
import { rmSync } from 'node:fs';
import { get } from 'node:http';
import { get as secureGet } from 'node:https';
import { join } from 'node:path';

const root = join(__dirname, '..');

/** A server of a test's own, which can be killed and started again on the same data. */
export class OwnServer {
  private process: ChildProcess | null = null;
  private readonly data: string;
  readonly url: string;

  /** @param protocol what it is asked by to see whether it is there; "https" where it is started with a certificate */
  constructor(
    private readonly port: number,
    private readonly protocol: 'http' | 'https' = 'http',
  ) {
    this.data = join(root, `data/e2e-${port}`);
    this.url = `${protocol}://127.0.0.1:${port}`;
    rmSync(this.data, { recursive: true, force: true });
  }

  /** Gives its folder a password, as one does at the machine itself. */
  setPassword(password: string): void {
    execFileSync('npx', ['tsx', 'scripts/password.ts', '--data', this.data], { cwd: root, input: `${password}\n` });
  }

  async start(...flags: string[]): Promise<void> {
    const args = [join(root, 'dist/server/main.cjs'), '--port', String(this.port), '--data', this.data, ...flags];
    this.process = spawn(process.execPath, args, { stdio: 'ignore' });
    for (let tries = 0; tries < 300; tries++) {
      if (await this.answers()) return;
      await new Promise((later) => setTimeout(later, 100));
    }
    throw new Error('the server did not start');
  }

  /** Whether it answers; its certificate is its own, and nobody's here to judge. */
  private answers(): Promise<boolean> {
    return new Promise((answer) => {
      const ask = this.protocol === 'https' ? secureGet : get;
      ask(`${this.url}/api/health`, { rejectUnauthorized: false }, (response) => {
        response.resume();
        answer(response.statusCode === 200);
      }).on('error', () => answer(false));
    });
  }

  async kill(): Promise<void> {
    const { process: running } = this;
    this.process = null;
    if (running?.exitCode !== null) return;
    const gone = once(running, 'exit');
    running.kill('SIGKILL');
    await gone;
  }

  async remove(): Promise<void> {
    await this.kill();
    rmSync(this.data, { recursive: true, force: true });
  }
}
