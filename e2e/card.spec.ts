import { expect, test } from '@playwright/test';
import { copyOf } from './designer';

for (const title of [
  'Five minutes before the reel',
  'Thursday lunch: quiet ankles',
  'Saturday workshop: the whole foot',
]) {
  test(`the card of “${title}” is one A4 page with nothing cut`, async ({ page, request }) => {
    const id = await copyOf(request, title);
    await page.goto(`/class/${id}/card`);
    const rows = page.locator('tbody tr:not(.block)');
    await expect(rows.first()).toBeVisible();
    const pdf = await page.pdf({ preferCSSPageSize: true });
    const pages = pdf.toString('latin1').match(/\/Type\s*\/Page[^s]/g) ?? [];
    expect(pages).toHaveLength(1);
    expect(pdf.toString('latin1')).toMatch(/\/MediaBox\s*\[0 0 59[45]\.?\d* 84[12]/);
    await page.emulateMedia({ media: 'print' });
    const cut = await page.locator('.sheet').evaluate((sheet) => {
      const edge = sheet.getBoundingClientRect();
      return [...sheet.querySelectorAll('td, th, p')].filter((cell) => {
        const box = cell.getBoundingClientRect();
        return box.right > edge.right + 1 || cell.scrollWidth > cell.clientWidth + 1;
      }).length;
    });
    expect(cut).toBe(0);
    const points = await page
      .locator('.sheet')
      .evaluate((sheet) => (Number.parseFloat(getComputedStyle(sheet).fontSize) * 72) / 96);
    expect(points).toBeGreaterThanOrEqual(6);
  });
}

test('the card speaks clock time once it knows when the class starts', async ({ page, request }) => {
  const id = await copyOf(request, 'Thursday lunch: quiet ankles');
  await page.goto(`/class/${id}/card`);
  const starts = page.locator('.start');
  await expect(starts.first()).toHaveText('0:00');
  await page.getByLabel('Starts at').fill('12:05');
  await page.getByLabel('Starts at').blur();
  await expect(starts.first()).toHaveText('12:05:00');
  await expect(starts.nth(1)).toHaveText('12:05:25');
  await expect(page.getByText('Put out: firm ball × 11')).toBeVisible();
});
