import { type Page, expect, test } from '@playwright/test';
import { Designer, copyOf } from './designer';

/** Where what is being worked on stands: the clock, the thread, the order, what stands beside it. */
const places = (page: Page): Promise<number[]> =>
  page.evaluate(() =>
    ['.brand', '.planned', 'nw-thread', 'nw-running-order', 'aside'].flatMap((selector) => {
      const box = document.querySelector(selector)?.getBoundingClientRect();
      return box ? [box.x, box.y] : [];
    }),
  );

for (const width of [1280, 1024]) {
  test(`at ${width} px nothing moves while the words of the state change: saving, saved, not saved, a menu`, async ({
    page,
    request,
  }) => {
    await page.setViewportSize({ width, height: 800 });
    await page.goto(`/class/${await copyOf(request, 'Saturday workshop: the whole foot')}`);
    const designer = new Designer(page);
    await designer.row('Ball along the sole').click();
    const number = page.locator('nw-dose-sentence input').first();
    await expect(number).toBeVisible();
    const before = await places(page);
    expect(before).toHaveLength(10);
    await number.press('ArrowUp');
    expect(await places(page), 'while it is saved').toEqual(before);
    await designer.saved();
    expect(await places(page), 'saved').toEqual(before);
    await page.route('**/api/classes/**', (route) =>
      route.request().method() === 'PUT' ? route.abort() : route.continue(),
    );
    await number.press('ArrowUp');
    await expect(page.getByRole('alert')).toContainText('kept in this browser');
    expect(await places(page), 'not saved').toEqual(before);
    await page.unroute('**/api/classes/**');
    await designer.saved();
    await page.getByRole('button', { name: 'Light or dark' }).click();
    await expect(page.getByRole('menuitem', { name: 'Dark' })).toBeVisible();
    expect(await places(page), 'with a menu open').toEqual(before);
  });
}

test('the name of the house and its places stand at one spot on every page', async ({ page, request }) => {
  const id = await copyOf(request, 'Monday: chairs only');
  const found = new Map<string, string>();
  for (const path of [
    '/',
    '/classes',
    `/class/${id}`,
    `/class/${id}/through/load`,
    `/class/${id}/card`,
    `/class/${id}/script`,
    `/class/${id}/earlier`,
    '/compose',
    '/courses',
    '/exercises',
    '/exercises/toe-wave',
    '/people',
    '/log',
    '/teaching',
    '/words',
    '/safe',
  ]) {
    await page.goto(path);
    const brand = page.getByRole('link', { name: 'Needlework', exact: true });
    await expect(brand).toBeVisible();
    await expect(page.getByRole('navigation', { name: 'Places' })).toBeVisible();
    const box = await brand.boundingBox();
    found.set(path, `${Math.round(box?.x ?? 0)}, ${Math.round(box?.y ?? 0)}`);
    await expect(page.locator('nw-loading .wait')).toHaveCount(0);
    await expect(page.locator('nw-top-bar ~ * :is(a[href], input, button:enabled)').first()).toBeVisible();
    // by keyboard nobody walks through all places to reach the page
    await page.keyboard.press('Tab');
    await expect(page.getByRole('button', { name: 'Past the places, to the page' })).toBeFocused();
    await page.keyboard.press('Enter');
    await expect(page.locator('nw-top-bar + *'), path).toBeFocused();
    await page.keyboard.press('Tab');
    await expect(page.locator('nw-top-bar ~ * :focus'), path).toHaveCount(1);
  }
  expect(new Set(found.values()).size, JSON.stringify([...found])).toBe(1);
});
