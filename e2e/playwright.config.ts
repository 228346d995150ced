import { defineConfig } from '@playwright/test';

const port = 4311;
const measuredAlone = ['tones.spec.ts', 'frames.spec.ts', 'long-lists.spec.ts'];

/** The real pages in Debian's Chromium, against the real server on a fresh demo database. */
export default defineConfig({
  testDir: '.',
  outputDir: '../test-results',
  fullyParallel: true,
  // one a processor of the smallest machine that teaches: a third one only starves the other two
  workers: 2,
  // a page that answers at all answers within this, also on a machine three times slower than a teacher's
  timeout: 120_000,
  expect: { timeout: 20_000 },
  forbidOnly: true,
  use: {
    baseURL: `http://127.0.0.1:${port}`,
    viewport: { width: 1280, height: 800 },
    launchOptions: {
      executablePath: '/usr/bin/chromium',
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
      ],
    },
    // what a failure looked like is kept as text; `--trace on` records all of it, at a third more work for every test
    trace: 'off',
    contextOptions: { reducedMotion: 'reduce' },
    // what a page asks for is what these tests answer; pages that are kept are tried in `offline.spec.ts`
    serviceWorkers: 'block',
  },
  projects: [
    { name: 'pages', testIgnore: measuredAlone },
    // real time is measured alone: another browser on the same processor starves the sound, and holds up the page
    { name: 'alone', testMatch: measuredAlone, dependencies: ['pages'], workers: 1 },
  ],
  webServer: {
    command: `rm -rf data/e2e && node dist/server/main.cjs --port ${port} --data data/e2e --demo`,
    cwd: '..',
    url: `http://127.0.0.1:${port}/api/health`,
    timeout: 30_000,
    reuseExistingServer: false,
  },
});
