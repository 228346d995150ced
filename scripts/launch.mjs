// `npm run demo` and `npm start`: install if needed, build if something changed, serve.
import { spawn, spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, readdirSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { ensurePackages } from './machine.mjs';

/** Changes when any source, or what it is built with, does. */
function sourceStamp() {
  const hash = createHash('sha256');
  const visit = (path) => {
    if (!existsSync(path)) return;
    const found = statSync(path);
    if (found.isDirectory()) {
      for (const name of readdirSync(path).sort()) visit(join(path, name));
    } else hash.update(`${path} ${found.size} ${Math.round(found.mtimeMs)}\n`);
  };
  ['core', 'server', 'web', 'scripts/build.ts', 'angular.json', 'package-lock.json', 'tsconfig.base.json'].forEach(
    visit,
  );
  return hash.digest('hex');
}

const demo = process.argv.includes('--demo');
ensurePackages();
const stamp = sourceStamp();
const mark = 'dist/stamp';
if (!existsSync(mark) || readFileSync(mark, 'utf8') !== stamp) {
  console.log('Building …');
  const { status } = spawnSync('npx', ['tsx', 'scripts/build.ts'], { stdio: ['ignore', 'ignore', 'inherit'] });
  if (status !== 0) {
    console.error('The build failed; read the lines above.');
    process.exit(status ?? 1);
  }
  mkdirSync('dist', { recursive: true });
  writeFileSync(mark, stamp);
}

const passed = process.argv.slice(2).filter((word) => word !== '--demo');
const data = demo ? 'data/demo' : 'data/own';
if (demo) rmSync(data, { recursive: true, force: true });
const server = spawn('node', ['dist/server/main.cjs', '--data', data, ...(demo ? ['--demo'] : []), ...passed], {
  stdio: 'inherit',
});
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal));
server.on('exit', (code) => process.exit(code ?? 0));
