import { expect, test } from '@playwright/test';
import { copyOf } from './designer';

test('tones lie within 50 ms of their instants', async ({ page, request }) => {
  const id = await copyOf(request, 'Five minutes before the reel');
  await page.goto(`/class/${id}/floor`);
  await expect(page.locator('.count')).toHaveText('ready');
  await page.keyboard.press('Space');
  await page.keyboard.press('Space');
  await page.waitForTimeout(16_000);
  const late = await page.evaluate(() =>
    performance.getEntriesByName('needlework-tone').map((mark) => {
      const { lateMs } = (mark as PerformanceMark).detail as { lateMs: number };
      return lateMs;
    }),
  );
  // circles have four phases of a second each
  expect(late.length).toBeGreaterThanOrEqual(12);
  expect(Math.max(...late.map(Math.abs)), late.map((ms) => ms.toFixed(1)).join(', ')).toBeLessThan(50);
});
