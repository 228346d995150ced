import { type Page, expect, test } from '@playwright/test';
import { OwnServer } from './own-server';

const right = 'copper lantern sings to herring';
const server = new OwnServer(4395);
test.describe.configure({ mode: 'serial' });
test.use({ baseURL: server.url });
test.afterAll(() => server.remove());

const field = (page: Page) => page.getByLabel('Password', { exact: true });
async function give(page: Page, password: string): Promise<void> {
  await field(page).fill(password);
  await page.getByRole('button', { name: 'Sign in' }).click();
}
/** The classes of the hall are there to be seen. */
const seen = (page: Page) => page.getByRole('link', { name: /Thursday lunch: quiet/ }).first();

test('a server that other devices reach asks for the password, and the page goes on where it was', async ({ page }) => {
  server.setPassword(right);
  await server.start('--demo', '--host', '0.0.0.0');
  await page.goto('/classes');
  await expect(field(page)).toBeFocused();
  await page.keyboard.press('Escape');
  await give(page, 'copper lantern');
  await expect(page.getByRole('alert')).toContainText('That is not the password');
  await expect(seen(page)).toBeHidden();
  await give(page, right);
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await expect(seen(page)).toBeVisible();
  await expect(page).toHaveURL(/\/classes$/);
  // what it holds from now on no script of a page can read
  expect(await page.evaluate(() => document.cookie)).toBe('');
  await page.reload();
  await expect(seen(page)).toBeVisible();
});

test('an edit that met the locked door is kept, and sent when the password is given', async ({ page, request }) => {
  await page.goto('/classes');
  await give(page, right);
  await seen(page).click();
  const title = page.getByLabel('Name of the class');
  await expect(title).toBeVisible();
  // somebody changes the password at the machine: every device is out
  const next = 'walnut harbour quilt eleven';
  server.setPassword(next);
  await title.fill('Thursday lunch: quieter ankles');
  await title.press('Enter');
  await expect(field(page)).toBeVisible();
  await give(page, next);
  await expect(page.locator('.save')).toHaveText('Saved');
  expect((await request.get('/api/classes')).status()).toBe(401);
  await page.goto('/classes');
  await expect(page.getByRole('link', { name: /quieter ankles/ }).first()).toBeVisible();
  server.setPassword(right);
});

test('over a class that is being taught nothing is laid; the door waits at its foot', async ({ page }) => {
  await page.goto('/classes');
  await give(page, right);
  await seen(page).click();
  await expect(page).toHaveURL(/\/class\//);
  await page.goto(`${page.url()}/floor`);
  await expect(page.locator('.waiting .of')).toHaveText('ready');
  server.setPassword(right);
  await page.keyboard.press('Space');
  await expect(page.getByRole('button', { name: 'End the class' })).toBeVisible();
  // the tablet is opened again in the middle of it: the class is kept in its browser
  await page.reload();
  const foot = page.getByText('This device is signed out');
  await expect(foot).toBeVisible();
  await expect(page.getByRole('button', { name: 'End the class' })).toBeVisible();
  await expect(page.getByRole('dialog')).toHaveCount(0);
  const [next, bar] = [page.getByRole('button', { name: /^Next/ }), page.locator('p.foot')];
  const [above, below] = [(await next.boundingBox())!, (await bar.boundingBox())!];
  expect(above.y + above.height).toBeLessThanOrEqual(below.y);
  await page.getByRole('button', { name: 'Sign in' }).click();
  await give(page, right);
  await expect(foot).toBeHidden();
  await expect(page.getByRole('button', { name: 'End the class' })).toBeVisible();
});

test('who signs out leaves nothing behind in the browser', async ({ page }) => {
  await page.goto('/classes');
  await give(page, right);
  await seen(page).click();
  await expect(page.getByLabel('Name of the class')).toBeVisible();
  const kept = () =>
    page.evaluate(
      () =>
        new Promise<number>((found) => {
          const opening = indexedDB.open('keyval-store');
          opening.onsuccess = () => {
            const count = opening.result.transaction('keyval').objectStore('keyval').count();
            count.onsuccess = () => {
              opening.result.close();
              found(count.result);
            };
          };
        }),
    );
  await expect.poll(kept).toBeGreaterThan(0);
  await page.goto('/safe');
  await page.getByRole('button', { name: 'Sign out here' }).click();
  await expect(field(page)).toBeVisible();
  expect(await kept()).toBe(0);
});
