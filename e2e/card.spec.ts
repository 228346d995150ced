import { readFileSync } from 'node:fs';
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
    // both feet stand beside what is done; where words leave no room for them, it is said
    const feet = await page.locator('.feet nw-foot:visible').count();
    expect(feet > 5).toBe(title !== 'Saturday workshop: the whole foot');
    const points = await page
      .locator('.sheet')
      .evaluate((sheet) => (Number.parseFloat(getComputedStyle(sheet).fontSize) * 72) / 96);
    expect(points).toBeGreaterThanOrEqual(6);
  });
}

test('on a phone the card stacks, and what paper holds is still what is said', async ({ page, request }) => {
  const id = await copyOf(request, 'Thursday lunch: quiet ankles');
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto(`/class/${id}/card`);
  await expect(page.locator('.feet nw-foot').first()).toBeVisible();
  await expect(page.getByText('leave no room for the feet')).toHaveCount(0);
  const pdf = (await page.pdf({ preferCSSPageSize: true })).toString('latin1');
  expect(pdf.match(/\/Type\s*\/Page[^s]/g)).toHaveLength(1);
});

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

test('the thread leaves as a picture that stands alone, as Chromium draws it', async ({ page, request }) => {
  const id = await copyOf(request, 'Thursday lunch: quiet ankles');
  await page.goto(`/class/${id}`);
  const cloth = page.getByRole('listbox', { name: /^Thread of the class/ });
  await expect(cloth).toBeVisible();
  const drawnWidth = Number(await cloth.getAttribute('width'));
  await page.getByRole('button', { name: 'On paper' }).click();
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('menuitem', { name: 'The thread as a picture' }).click(),
  ]);
  expect(file.suggestedFilename()).toMatch(/^Thursday-lunch-quiet-ankles.*\.svg$/);
  const svg = readFileSync(await file.path(), 'utf8');
  expect(svg).not.toMatch(/_ngcontent|class=|var\(--/);
  // drawn where no style of the page reaches it, and measured there
  await page.goto('about:blank');
  await page.setContent(svg.replace(/^<\?xml.*\?>/, ''));
  const found = await page.evaluate(() => {
    const root = document.querySelector('svg')!;
    const stitches = [...root.querySelectorAll('path')].filter((path) => path.getTotalLength() > 0);
    const colours = new Set(stitches.map((path) => getComputedStyle(path).stroke));
    return {
      title: root.querySelector('title')?.textContent,
      width: root.getBoundingClientRect().width,
      stitches: stitches.length,
      colours: colours.size,
      names: [...root.querySelectorAll('text')].map((text) => text.textContent.trim()),
    };
  });
  expect(found.title).toContain('Thursday lunch: quiet ankles');
  expect(found.width).toBe(drawnWidth + 96);
  expect(found.stitches).toBeGreaterThan(10);
  // the two feet are told apart by colour, also here
  expect(found.colours).toBeGreaterThan(2);
  expect(found.names).toEqual(expect.arrayContaining(['L', 'R', '0:00']));
});
