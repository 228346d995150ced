import { type ChildProcess, spawn } from 'node:child_process';
import { existsSync } from 'node:fs';

/** Builds the pages at each change and restarts the server at each change; http://127.0.0.1:4310. */
const children: ChildProcess[] = [
  spawn('npx', ['ng', 'build', '--watch', '--configuration', 'development'], { stdio: 'inherit' }),
];
// the server wants pages to serve
const waiting = setInterval(() => {
  if (!existsSync('dist/web/index.html')) return;
  clearInterval(waiting);
  children.push(
    spawn('npx', ['tsx', 'watch', 'server/main.ts', '--data', 'data/dev', '--demo', '--pages', 'dist/web'], {
      stdio: 'inherit',
    }),
  );
}, 500);
for (const signal of ['SIGINT', 'SIGTERM'] as const)
  process.on(signal, () => {
    clearInterval(waiting);
    children.forEach((child) => child.kill(signal));
  });
