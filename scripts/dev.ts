import { spawn } from 'node:child_process';

/** Builds the pages at each change and restarts the server at each change; http://127.0.0.1:4310. */
const children = [
  spawn('npx', ['ng', 'build', '--watch', '--configuration', 'development'], { stdio: 'inherit' }),
  spawn('npx', ['tsx', 'watch', 'server/main.ts', '--data', 'data/dev', '--demo', '--pages', 'dist/web'], {
    stdio: 'inherit',
  }),
];
for (const signal of ['SIGINT', 'SIGTERM'] as const)
  process.on(signal, () => children.forEach((child) => child.kill(signal)));
