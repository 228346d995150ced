import { spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

/** Every check in turn; a failing one does not stop the next. The last line counts them all. */
interface Tally {
  readonly passed: number;
  readonly failed: number;
}

const scratch = mkdtempSync(join(tmpdir(), 'needlework-check-'));
const run = (command: string, args: readonly string[], env: Record<string, string> = {}) =>
  spawnSync(command, args, { stdio: 'inherit', env: { ...process.env, NG_CLI_ANALYTICS: 'false', ...env } }).status ===
  0;

const one =
  (args: readonly string[], command = 'npx') =>
  (): Tally =>
    run(command, args) ? { passed: 1, failed: 0 } : { passed: 0, failed: 1 };

function jest(): Tally {
  const file = join(scratch, 'jest.json');
  run('npx', ['jest', '--silent', '--json', '--outputFile', file]);
  return counted(file, (r: { numPassedTests: number; numFailedTests: number; numFailedTestSuites: number }) => ({
    passed: r.numPassedTests,
    failed: Math.max(r.numFailedTests, r.numFailedTestSuites),
  }));
}

function playwright(): Tally {
  const file = join(scratch, 'playwright.json');
  run('npx', ['playwright', 'test', '--config', 'e2e/playwright.config.ts', '--reporter=list,json'], {
    PLAYWRIGHT_JSON_OUTPUT_NAME: file,
  });
  return counted(file, (r: { stats: { expected: number; unexpected: number; flaky: number }; errors: unknown[] }) => ({
    passed: r.stats.expected,
    failed: r.stats.unexpected + r.stats.flaky + r.errors.length,
  }));
}

/** A report that is missing or counts nothing is a failure. */
function counted<T>(file: string, tally: (report: T) => Tally): Tally {
  try {
    const found = tally(JSON.parse(readFileSync(file, 'utf8')) as T);
    return found.passed + found.failed > 0 ? found : { passed: 0, failed: 1 };
  } catch {
    return { passed: 0, failed: 1 };
  }
}

const steps: readonly (readonly [string, () => Tally])[] = [
  ['format', one(['prettier', '--check', '--log-level', 'warn', '.'])],
  ['lint', one(['eslint', '--max-warnings', '0', '.'])],
  ['types', one(['tsc', '-p', 'tsconfig.json'])],
  ['types of pages and their tests', one(['tsc', '-p', 'web/tsconfig.lint.json'])],
  ['types of core alone', one(['tsc', '-p', 'core/tsconfig.json'])],
  ['boundaries', one(['run', '--silent', 'boundaries'], 'npm')],
  ['dead exports', one(['knip'])],
  ['unit and component tests', jest],
  ['build', one(['tsx', 'scripts/build.ts'])],
  ['tests in Chromium', playwright],
];

const results = steps.map(([name, step]) => {
  console.log(`\n── ${name}`);
  const from = performance.now();
  const tally = step();
  return { name, ...tally, seconds: Math.round((performance.now() - from) / 1000) };
});
rmSync(scratch, { recursive: true, force: true });
console.log('\n');
for (const { name, passed, failed, seconds } of results)
  console.log(`${failed === 0 ? 'ok  ' : 'FAIL'} ${name}: ${passed} passed, ${failed} failed (${seconds} s)`);
const sum = (key: 'passed' | 'failed') => results.reduce((n, r) => n + r[key], 0);
console.log(`\n${sum('passed')} passed, ${sum('failed')} failed`);
process.exit(sum('failed') === 0 ? 0 : 1);
