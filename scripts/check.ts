import { spawn } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { stripVTControlCharacters } from 'node:util';

/** Every check, whatever the others say. The last line counts them all. */
interface Tally {
  readonly passed: number;
  readonly failed: number;
  /** What failed and how, said once more at the end: whoever reads the last lines alone can begin to mend. */
  readonly failures?: readonly string[];
}

interface Check {
  readonly name: string;
  readonly command: string;
  readonly args: readonly string[];
  /** How many passed and failed; without it the whole check counts as one. */
  readonly tally?: (succeeded: boolean) => Tally;
  /** What has to be done before it begins. */
  readonly after?: Check;
}

const scratch = mkdtempSync(join(tmpdir(), 'needlework-check-'));
const faultReport = join(scratch, 'faults.json');
const playwrightReport = join(scratch, 'playwright.json');

/** A report that is missing or counts nothing is a failure. */
function counted<T>(file: string, tally: (report: T) => Tally): Tally {
  try {
    const found = tally(JSON.parse(readFileSync(file, 'utf8')) as T);
    return found.passed + found.failed > 0 ? found : { passed: 0, failed: 1 };
  } catch {
    return { passed: 0, failed: 1 };
  }
}

/** Unit and component tests of a room. */
function jest(name: string, room: string): Check {
  const report = join(scratch, `jest-${room}.json`);
  return {
    name,
    command: 'npx',
    args: ['jest', '--silent', '--json', '--outputFile', report, '--selectProjects', room],
    tally: () =>
      counted(report, (r: JestReport) => ({
        passed: r.numPassedTests,
        failed: Math.max(r.numFailedTests, r.numFailedTestSuites),
        failures: r.testResults.flatMap(({ assertionResults }) =>
          assertionResults
            .filter(({ status }) => status === 'failed')
            .map(({ fullName, failureMessages }) => failure(fullName, failureMessages)),
        ),
      })),
  };
}

/** What is read of Jest's report. */
interface JestReport {
  readonly numPassedTests: number;
  readonly numFailedTests: number;
  readonly numFailedTestSuites: number;
  readonly testResults: readonly {
    readonly assertionResults: readonly { status: string; fullName: string; failureMessages: readonly string[] }[];
  }[];
}

/** What is read of a file, or of a block of tests, in Playwright's report. */
interface BrowserSuite {
  readonly specs?: readonly {
    readonly title: string;
    readonly file: string;
    readonly ok: boolean;
    readonly tests: readonly { readonly results: readonly { readonly errors: readonly { message?: string }[] }[] }[];
  }[];
  readonly suites?: readonly BrowserSuite[];
}

/** A failed test and the first lines of what it says. */
const failure = (name: string, messages: readonly string[]): string =>
  [
    name,
    ...stripVTControlCharacters(messages.join('\n'))
      .split('\n')
      .filter((line) => line.trim())
      .slice(0, 12),
  ].join('\n     ');

const failuresOf = ({ specs = [], suites = [] }: BrowserSuite): string[] => [
  ...specs
    .filter(({ ok }) => !ok)
    .map(({ title, file, tests }) =>
      failure(
        `${file}: ${title}`,
        tests.flatMap(({ results }) => results.flatMap(({ errors }) => errors.map(({ message }) => message ?? ''))),
      ),
    ),
  ...suites.flatMap(failuresOf),
];

const build: Check = { name: 'build', command: 'npx', args: ['tsx', 'scripts/build.ts'] };
const faults: Check = {
  name: 'faults of the disk, kills, second starts',
  command: 'npx',
  args: ['tsx', 'scripts/faults.ts', '--short', '--report', faultReport],
  tally: () => counted(faultReport, (r: Tally) => r),
  after: build,
};
/** The longest first, so that two lanes end at about the same time. */
const sideBySide: readonly Check[] = [
  jest('unit tests of core', 'core'),
  build,
  jest('unit and component tests of pages', 'web'),
  jest('tests of the server', 'server'),
  { name: 'lint', command: 'npx', args: ['eslint', '--max-warnings', '0', '.'] },
  faults,
  { name: 'types', command: 'npx', args: ['tsc', '-p', 'tsconfig.json'] },
  { name: 'format', command: 'npx', args: ['prettier', '--check', '--log-level', 'warn', '.'] },
  { name: 'types of pages and their tests', command: 'npx', args: ['tsc', '-p', 'web/tsconfig.lint.json'] },
  { name: 'types of core alone', command: 'npx', args: ['tsc', '-p', 'core/tsconfig.json'] },
  { name: 'boundaries', command: 'npm', args: ['run', '--silent', 'boundaries'] },
  { name: 'dead exports', command: 'npx', args: ['knip'] },
];

const browser: Check = {
  name: 'tests in Chromium',
  command: 'npx',
  args: ['playwright', 'test', '--config', 'e2e/playwright.config.ts', '--reporter=list,json'],
  tally: () =>
    counted(
      playwrightReport,
      (r: { stats: { expected: number; unexpected: number; flaky: number }; errors: unknown[] } & BrowserSuite) => ({
        passed: r.stats.expected,
        failed: r.stats.unexpected + r.stats.flaky + r.errors.length,
        failures: failuresOf(r),
      }),
    ),
};

/**
 * Runs a check. One that runs alone talks as it goes; what others say is printed when they end, so that checks side by
 * side do not talk into each other.
 */
async function run(check: Check, alone = false): Promise<Tally & { readonly name: string; readonly seconds: number }> {
  const from = performance.now();
  const said: Buffer[] = [];
  if (alone) console.log(`\n── ${check.name}`);
  const child = spawn(check.command, check.args, {
    stdio: ['ignore', alone ? 'inherit' : 'pipe', alone ? 'inherit' : 'pipe'],
    env: { ...process.env, NG_CLI_ANALYTICS: 'false', PLAYWRIGHT_JSON_OUTPUT_NAME: playwrightReport },
  });
  for (const stream of [child.stdout, child.stderr]) stream?.on('data', (piece: Buffer) => said.push(piece));
  const succeeded = await new Promise<boolean>((resolve) => {
    child.on('error', () => resolve(false));
    child.on('close', (code) => resolve(code === 0));
  });
  if (!alone) console.log(`\n── ${check.name}\n${Buffer.concat(said).toString('utf8')}`);
  const tally = check.tally?.(succeeded) ?? { passed: succeeded ? 1 : 0, failed: succeeded ? 0 : 1 };
  return { name: check.name, ...tally, seconds: Math.round((performance.now() - from) / 1000) };
}

/** Takes one check after the other off a list, as lanes beside it do, until none is left. */
async function lane(waiting: Check[], done: Set<Check>, results: Awaited<ReturnType<typeof run>>[]): Promise<void> {
  for (;;) {
    const next = waiting.findIndex(({ after }) => !after || done.has(after));
    const [check] = next < 0 ? [] : waiting.splice(next, 1);
    if (!check) return;
    results.push(await run(check));
    done.add(check);
  }
}

async function main(): Promise<void> {
  const [waiting, done, results] = [[...sideBySide], new Set<Check>(), [] as Awaited<ReturnType<typeof run>>[]];
  // most checks keep one processor busy, and the smallest machine that teaches has two
  await Promise.all([lane(waiting, done, results), lane(waiting, done, results)]);
  results.push(await run(browser, true));
  rmSync(scratch, { recursive: true, force: true });
  console.log('\n');
  for (const text of results.flatMap(({ failures = [] }) => failures)) console.log(`FAIL ${text}`);
  for (const { name, passed, failed, seconds } of results)
    console.log(`${failed === 0 ? 'ok  ' : 'FAIL'} ${name}: ${passed} passed, ${failed} failed (${seconds} s)`);
  const sum = (key: 'passed' | 'failed') => results.reduce((n, r) => n + r[key], 0);
  console.log(`\n${sum('passed')} passed, ${sum('failed')} failed`);
  process.exitCode = sum('failed') === 0 ? 0 : 1;
}

void main();
