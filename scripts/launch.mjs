// `npm run demo` and `npm start`: install if needed, build if something changed, serve.
import { spawn, spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, readdirSync, statSync, writeFileSync } from 'node:fs';
import { connect } from 'node:net';
import { join } from 'node:path';
import { parseArgs } from 'node:util';
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

function leave(words, code = 2) {
  console.error(words);
  process.exit(code);
}

/** What was asked for; anything else is refused before anything is touched. */
function flags() {
  try {
    return parseArgs({
      options: {
        demo: { type: 'boolean', default: false },
        fresh: { type: 'boolean', default: false },
        'begin-anew': { type: 'boolean', default: false },
        data: { type: 'string' },
        port: { type: 'string', default: process.env.PORT ?? '4310' },
        host: { type: 'string' },
        name: { type: 'string', multiple: true },
        cert: { type: 'string' },
        key: { type: 'string' },
      },
    }).values;
  } catch (error) {
    return leave(
      `${error.message.split('. ')[0]}. There are --port N, --data FOLDER, --begin-anew, --host ADDRESS, --name NAME, --cert FILE, --key FILE and, for the demo, --fresh.`,
    );
  }
}

/** Whether somebody answers there: what is built is served, so it is not built anew under a running server. */
const taken = (port) =>
  new Promise((resolve) => {
    const socket = connect(port, '127.0.0.1');
    socket.setTimeout(1000);
    for (const [event, answer] of [
      ['connect', true],
      ['timeout', true],
      ['error', false],
    ])
      socket.once(event, () => {
        socket.destroy();
        resolve(answer);
      });
  });

const asked = flags();
const port = Number(asked.port);
if (!Number.isInteger(port) || port < 1 || port > 65_535)
  leave('The port must be a whole number from 1 to 65535, for example --port 4310.');
if (await taken(port))
  leave(
    `Port ${port} is taken; nothing was changed. Needlework may already run there: open http://127.0.0.1:${port}. Else stop the other program, or start with --port ${port + 1}.`,
    1,
  );
ensurePackages();
const stamp = sourceStamp();
const mark = 'dist/stamp';
if (!existsSync(mark) || readFileSync(mark, 'utf8') !== stamp) {
  console.log('Building …');
  // types are what `npm test` checks: whoever starts it waits a third less without
  const env = { ...process.env, NG_BUILD_TYPE_CHECK: '0' };
  const { status } = spawnSync('npx', ['tsx', 'scripts/build.ts'], { stdio: ['ignore', 'ignore', 'inherit'], env });
  if (status !== 0) leave('The build failed; read the lines above.', status ?? 1);
  mkdirSync('dist', { recursive: true });
  writeFileSync(mark, stamp);
}

const data = asked.data ?? (asked.demo ? 'data/demo' : 'data/own');
const passed = [
  ...['demo', 'fresh', 'begin-anew'].filter((flag) => asked[flag]).map((flag) => `--${flag}`),
  ...['host', 'cert', 'key'].flatMap((flag) => (asked[flag] === undefined ? [] : [`--${flag}`, asked[flag]])),
  ...(asked.name ?? []).flatMap((name) => ['--name', name]),
];
// one heap of the C library for all threads, since it gives little of each back; and little room for what is young,
// since answers are short: half the memory, and no slower
const settings = JSON.parse(readFileSync('scripts/server-environment.json', 'utf8'));
const server = spawn('node', ['dist/server/main.cjs', '--data', data, '--port', String(port), ...passed], {
  stdio: 'inherit',
  env: { ...settings, ...process.env },
});
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal));
server.on('exit', (code) => process.exit(code ?? 0));
