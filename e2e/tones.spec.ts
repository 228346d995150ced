import { type APIRequestContext, type Page, expect, test } from '@playwright/test';
import { copyOf } from './designer';

interface Heard {
  readonly lateMs: number;
  /** How far the sound itself stood still after the tone was handed over. */
  readonly stalledMs: number;
}

/** How late each tone of a first exercise leaves the loudspeaker. Circles have four phases of a second each. */
async function tones(page: Page, request: APIRequestContext): Promise<Heard[]> {
  const id = await copyOf(request, 'Five minutes before the reel');
  await page.goto(`/class/${id}/floor`);
  await expect(page.locator('.waiting .of')).toHaveText('ready');
  await page.keyboard.press('Space');
  await page.keyboard.press('Space');
  await page.waitForTimeout(16_000);
  return heard(page);
}

const heard = (page: Page): Promise<Heard[]> =>
  page.evaluate(() =>
    performance.getEntriesByName('needlework-tone').map((mark) => (mark as PerformanceMark).detail as Heard),
  );

const middle = (values: readonly number[]) => [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)] ?? NaN;

/**
 * A machine without a sound card that shares its processors stands still now and then, and its sound with it; that is
 * taken out here, tone by tone, and left in where the budget is measured (`npm run bench -- --tones 10`). What remains
 * is how well tones are placed: the middle one within a fifth of the budget, the worst within it in one run of three.
 */
async function lieWithin(heardIn: () => Promise<Heard[]>): Promise<void> {
  const runs: number[][] = [];
  const words = () => runs.map((late) => late.map((ms) => ms.toFixed(1)).join(', ')).join(' | ');
  const settled = () => runs.some((late) => Math.max(...late) < 50 && middle(late) < 10);
  do {
    const all = await heardIn();
    expect(all.length).toBeGreaterThanOrEqual(12);
    runs.push(all.map((tone) => Math.abs(tone.lateMs - tone.stalledMs)));
  } while (!settled() && runs.length < 3);
  expect(settled(), words()).toBe(true);
}

test('tones lie within 50 ms of their instants', async ({ page, request }) => {
  await lieWithin(() => tones(page, request));
});

test('so do the beats of the metronome', async ({ page, request }) => {
  const id = await copyOf(request, 'Five minutes before the reel');
  await lieWithin(async () => {
    await page.goto(`/class/${id}/through/music`);
    await page.getByRole('button', { name: 'Let it tick' }).click();
    // 96 a minute: sixteen beats in ten seconds
    await page.waitForTimeout(10_000);
    return heard(page);
  });
});
