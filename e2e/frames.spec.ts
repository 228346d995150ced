import { type Page, expect, test } from '@playwright/test';

interface Composing {
  /** The longest that the page was busy meanwhile, ms; drawing what was found is not counted. */
  readonly longest: number;
  /** How long the worker took, ms. */
  readonly took: number;
}

/** How the page was while the next three were composed. */
async function composing(page: Page): Promise<Composing> {
  const measured = page.evaluate(
    () =>
      new Promise<Composing>((resolve) => {
        const tasks: PerformanceEntry[] = [];
        new PerformanceObserver((list) => tasks.push(...list.getEntries())).observe({ entryTypes: ['longtask'] });
        let began: number | null = null;
        const look = (): void => {
          const working = document.querySelector('.go mat-progress-bar') !== null;
          if (working) began ??= performance.now();
          if (began === null || working) return void setTimeout(look, 5);
          const end = performance.now();
          const meanwhile = tasks.filter(({ startTime, duration }) => startTime + duration < end - 60);
          resolve({ longest: Math.max(0, ...meanwhile.map(({ duration }) => duration)), took: end - began });
        };
        look();
      }),
  );
  await page.getByRole('button', { name: 'Three others' }).click();
  return measured;
}

// 50 ms where three classes take a second and a half; a machine that composes more slowly draws as much more slowly
const share = 1 / 30;
const within = ({ longest, took }: Composing): boolean => longest <= Math.max(50, took * share);

test('composing is done in the one worker: meanwhile no frame takes longer than 50 ms, or a thirtieth of it', async ({
  page,
}) => {
  await page.goto('/compose');
  await page.getByRole('button', { name: 'Compose three classes' }).click();
  await expect(page.locator('nw-proposal-card')).toHaveCount(3);
  const runs: Composing[] = [];
  // whatever else this machine does shares its processors: the calmest of some runs counts
  for (let run = 0; run < 10 && !runs.some(within); run++) runs.push(await composing(page));
  expect(runs.some(within), JSON.stringify(runs)).toBe(true);
  expect(page.workers()).toHaveLength(1);
});
