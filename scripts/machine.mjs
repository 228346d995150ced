// What a fresh machine lacks, found and installed where it can be. Plain JavaScript: it runs before anything is installed.
import { spawnSync } from 'node:child_process';
import { existsSync, readFileSync, statSync, writeFileSync } from 'node:fs';

const has = (program) => spawnSync('sh', ['-c', `command -v ${program}`]).status === 0;
const run = (command, args, options = {}) => spawnSync(command, args, { stdio: 'inherit', ...options }).status === 0;

function aptInstall(packages, why) {
  const root = typeof process.getuid === 'function' && process.getuid() === 0;
  if (!has('apt-get') || !root) {
    console.error(`${why} Please install: ${packages.join(', ')}.`);
    return false;
  }
  console.log(`${why} Installing ${packages.join(', ')} …`);
  const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' };
  const quiet = ['ignore', 'ignore', 'inherit'];
  spawnSync('apt-get', ['update', '-qq'], { stdio: quiet, env });
  return run('apt-get', ['install', '-y', '-qq', '--no-install-recommends', ...packages], { stdio: quiet, env });
}

/** The packages of this project, as the lock file has them; the database module may have to be compiled. */
export function ensurePackages() {
  const lock = readFileSync('package-lock.json', 'utf8');
  const mark = 'node_modules/.needlework-lock';
  if (existsSync(mark) && readFileSync(mark, 'utf8') === lock) return;
  if (
    existsSync('node_modules/.package-lock.json') &&
    statSync('node_modules/.package-lock.json').mtimeMs > statSync('package-lock.json').mtimeMs
  ) {
    writeFileSync(mark, lock);
    return;
  }
  const missing = ['python3', 'make', 'g++'].filter((tool) => !has(tool));
  if (missing.length > 0) aptInstall(missing, `Compiling the database module needs ${missing.join(', ')}.`);
  console.log('Installing packages; the database module may take two minutes to compile …');
  // Not `npm ci`: it refuses a lock file that leaves out packages for other platforms which the registry did not have.
  if (!run('npm', ['install', '--no-save', '--no-audit', '--no-fund', '--loglevel=error'])) {
    console.error(
      'The packages could not be installed. Nothing else was changed; read the lines above, then try again.',
    );
    process.exit(1);
  }
  writeFileSync(mark, lock);
}

/** A Chromium for the tests in a real browser. */
export function ensureChromium() {
  if (existsSync('/usr/bin/chromium')) return;
  if (!aptInstall(['chromium'], 'The browser tests need Chromium.') || !existsSync('/usr/bin/chromium')) {
    console.error('Chromium is not at /usr/bin/chromium, so the browser tests cannot run.');
    process.exit(1);
  }
}
