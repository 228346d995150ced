import { cpSync, existsSync, readFileSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { build } from 'esbuild';

const outside = ['better-sqlite3', '@node-rs/argon2', 'pdfkit'];

/** Builds pages and server into dist/, with the licences of all that is shipped in them. */
async function buildServer(): Promise<void> {
  rmSync('dist/server', { recursive: true, force: true });
  const { metafile } = await build({
    entryPoints: { main: 'server/main.ts', thread: 'server/exchange/thread.ts' },
    outdir: 'dist/server',
    outExtension: { '.js': '.cjs' },
    bundle: true,
    platform: 'node',
    format: 'cjs',
    target: 'node20',
    // two are compiled for a machine, one reads files of its own beside it
    external: outside,
    // its other form cannot be bundled
    alias: { 'jsonc-parser': 'jsonc-parser/lib/esm/main.js' },
    sourcemap: 'linked',
    logLevel: 'warning',
    metafile: true,
  });
  cpSync('server/migrations', 'dist/server/migrations', { recursive: true });
  const bundled = Object.keys(metafile.inputs).flatMap(
    (path) => /node_modules\/((?:@[^/]+\/)?[^/]+)\//.exec(path)?.[1] ?? [],
  );
  writeFileSync(
    'dist/server/notices.txt',
    licencesOf([...bundled, ...outside, '@fontsource/atkinson-hyperlegible-next']),
  );
}

const fonts = ['@fontsource-variable/atkinson-hyperlegible-next', '@fontsource-variable/fraunces'];

/** The licences of packages, one after the other; a package without one is named with what it says of itself. */
function licencesOf(packages: readonly string[]): string {
  return [...new Set(packages)]
    .sort()
    .map((name) => {
      const folder = join('node_modules', name);
      const file = readdirSync(folder).find((found) => /^licen[cs]e/i.test(found));
      const { license } = JSON.parse(readFileSync(join(folder, 'package.json'), 'utf8')) as { license?: string };
      return `${name} (${license ?? 'see below'})\n\n${file ? readFileSync(join(folder, file), 'utf8').trim() : 'It ships no licence text.'}\n`;
    })
    .join(`\n${'-'.repeat(80)}\n\n`);
}

/** What is shipped with the application, at /notices.txt: scripts of the pages, fonts, and what the server is made with. */
function writeNotices(): void {
  const parts = [
    ['In the pages', 'dist/web/3rdpartylicenses.txt'],
    ['In the server', 'dist/server/notices.txt'],
  ] as const;
  const texts = parts.flatMap(([title, file]) =>
    existsSync(file) ? [`${title}\n\n${readFileSync(file, 'utf8')}`] : [],
  );
  writeFileSync('dist/web/notices.txt', [`Fonts\n\n${licencesOf(fonts)}`, ...texts].join(`\n${'='.repeat(80)}\n\n`));
}

async function buildPages(): Promise<void> {
  const building = spawn('npx', ['ng', 'build', '--no-progress'], {
    stdio: 'inherit',
    env: { ...process.env, NG_CLI_ANALYTICS: 'false' },
  });
  const [status] = (await once(building, 'exit')) as [number | null];
  if (status !== 0) process.exit(status ?? 1);
}

async function run(): Promise<void> {
  const only = process.argv[2];
  // side by side: the one waits for its own process
  await Promise.all([only === 'server' ? null : buildPages(), only === 'pages' ? null : buildServer()]);
  if (existsSync('dist/web/index.html')) writeNotices();
}

run().catch((error: unknown) => {
  console.error(error);
  process.exit(1);
});
