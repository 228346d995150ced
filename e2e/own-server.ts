import { type ChildProcess, spawn } from 'node:child_process';
import { once } from 'node:events';
import { rmSync } from 'node:fs';
import { join } from 'node:path';

const root = join(__dirname, '..');

/** A server of a test's own, which can be killed and started again on the same data. */
export class OwnServer {
  private process: ChildProcess | null = null;
  private readonly data: string;
  readonly url: string;

  constructor(private readonly port: number) {
    this.data = join(root, `data/e2e-${port}`);
    this.url = `http://127.0.0.1:${port}`;
    rmSync(this.data, { recursive: true, force: true });
  }

  async start(...flags: string[]): Promise<void> {
    const args = [join(root, 'dist/server/main.cjs'), '--port', String(this.port), '--data', this.data, ...flags];
    this.process = spawn(process.execPath, args, { stdio: 'ignore' });
    for (let tries = 0; tries < 300; tries++) {
      const answered = await fetch(`${this.url}/api/health`).then(
        (answer) => answer.ok,
        () => false,
      );
      if (answered) return;
      await new Promise((later) => setTimeout(later, 100));
    }
    throw new Error('the server did not start');
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
