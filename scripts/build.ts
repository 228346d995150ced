import { cpSync, rmSync } from 'node:fs';
import { spawnSync } from 'node:child_process';
import { build } from 'esbuild';

/** Builds pages and server into dist/. */
async function buildServer(): Promise<void> {
  rmSync('dist/server', { recursive: true, force: true });
  await build({
    entryPoints: { main: 'server/main.ts' },
    outdir: 'dist/server',
    outExtension: { '.js': '.cjs' },
    bundle: true,
    platform: 'node',
    format: 'cjs',
    target: 'node20',
    external: ['better-sqlite3'],
    sourcemap: 'linked',
    logLevel: 'warning',
  });
  cpSync('server/migrations', 'dist/server/migrations', { recursive: true });
}

function buildPages(): void {
  const { status } = spawnSync('npx', ['ng', 'build', '--no-progress'], {
    stdio: 'inherit',
    env: { ...process.env, NG_CLI_ANALYTICS: 'false' },
  });
  if (status !== 0) process.exit(status ?? 1);
}

async function run(): Promise<void> {
  const only = process.argv[2];
  if (only !== 'server') buildPages();
  if (only !== 'pages') await buildServer();
}

run().catch((error: unknown) => {
  console.error(error);
  process.exit(1);
});
