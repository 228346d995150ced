import { type APIRequestContext, type Page, expect, test } from '@playwright/test';
import { copyOf } from './designer';

/** How late each tone of a first exercise leaves the loudspeaker, ms. Circles have four phases of a second each. */
async function lateness(page: Page, request: APIRequestContext): Promise<number[]> {
  const id = await copyOf(request, 'Five minutes before the reel');
  await page.goto(`/class/${id}/floor`);
  await expect(page.locator('.count')).toHaveText('ready');
  await page.keyboard.press('Space');
  await page.keyboard.press('Space');
  await page.waitForTimeout(16_000);
  return page.evaluate(() =>
    performance
      .getEntriesByName('needlework-tone')
      .map((mark) => ((mark as PerformanceMark).detail as { lateMs: number }).lateMs),
  );
}

const middle = (values: readonly number[]) => [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)] ?? NaN;

/**
 * A fault of ours shifts every tone of every run; a machine that stalls the sound (this one has no sound card, and
 * shares its processors) shifts one, now and then. So the middle tone is held to a fifth of the budget in each run, and
 * the latest to the whole budget in the best of up to three.
 */
test('tones lie within 50 ms of their instants', async ({ page, request }) => {
  const runs: number[][] = [];
  const latest = () => Math.min(...runs.map((late) => Math.max(...late.map(Math.abs))));
  do {
    const late = await lateness(page, request);
    expect(late.length).toBeGreaterThanOrEqual(12);
    expect(Math.abs(middle(late)), `the middle of ${late.map((ms) => ms.toFixed(1)).join(', ')}`).toBeLessThan(10);
    runs.push(late);
  } while (latest() >= 50 && runs.length < 3);
  expect(latest(), runs.map((late) => late.map((ms) => ms.toFixed(1)).join(', ')).join(' | ')).toBeLessThan(50);
});
