import { type Page, expect, test } from '@playwright/test';
import { copyOf } from './designer';

/** Lets so much time pass: in seconds that each fire what is due, and the last of it frame by frame. */
async function leap(page: Page, ms: number): Promise<void> {
  for (let left = ms - 100; left > 0; left -= 1000) await page.clock.fastForward(Math.min(left, 1000));
  await page.clock.runFor(Math.min(ms, 100));
}

/** A class on the floor, ready, with a clock that stands until it is told to run. */
async function floorOf(page: Page, id: string): Promise<void> {
  await page.clock.install({ time: new Date('2026-11-24T12:00:00Z') });
  await page.goto(`/class/${id}/floor`);
  await expect(page.locator('.waiting .of')).toHaveText('ready');
  await page.clock.pauseAt(new Date('2026-11-24T12:05:00Z'));
}

test('follows the teacher: ready, set-up counts up, reps, the other side, the next item waits', async ({
  page,
  request,
}) => {
  const id = await copyOf(request, 'Five minutes before the reel');
  await floorOf(page, id);
  await expect(page.locator('.name')).toHaveText('Ankle circles');
  await leap(page, 3000);
  await expect(page.locator('.clock b')).toHaveText('0:00');

  await page.keyboard.press('Space');
  await leap(page, 4300);
  await expect(page.locator('.waiting .of')).toHaveText('4 s of set-up, 5 planned');
  await page.keyboard.press('PageDown');
  // circles of 4 s: the third begins at 8 s
  await leap(page, 9000);
  await expect(page.locator('.count')).toHaveText('3');
  await expect(page.locator('.of')).toHaveText('of 5');
  await expect(page.locator('.side')).toHaveText('right foot');
  await expect(page.locator('.mirror')).toHaveText('you show your left');
  await expect(page.locator('.phase')).toContainText('way 1 of 2');

  await page.keyboard.press('Space');
  await leap(page, 6000);
  await expect(page.locator('.cue')).toHaveText('held · tap to go on');
  await expect(page.locator('.count')).toHaveText('3');
  await page.keyboard.press('Space');
  await leap(page, 32_000);
  // the other foot is set up at once
  await expect(page.locator('.side')).toHaveText('left foot');
  await expect(page.locator('.of')).toContainText('s of set-up');
  await page.keyboard.press('Space');
  await leap(page, 41_000);
  await expect(page.locator('.name')).toHaveText('Easy steps to the side, front and back');
  await expect(page.locator('.waiting .of')).toHaveText('ready');
});

test('survives a reload at the same rep, and takes back a slip of the finger', async ({ page, request }) => {
  const id = await copyOf(request, 'Five minutes before the reel');
  await floorOf(page, id);
  await page.keyboard.press('Space');
  await page.keyboard.press('Space');
  await leap(page, 5000);
  await expect(page.locator('.count')).toHaveText('2');
  await page.reload();
  // the page opens in the little time that it is given, and takes no notice of how long this machine needs for it
  await expect(async () => {
    await leap(page, 50);
    await expect(page.locator('.name')).toHaveText('Ankle circles', { timeout: 1000 });
  }).toPass();
  await expect(page.locator('.count')).toHaveText('2');
  await page.keyboard.press('ArrowRight');
  await leap(page, 50);
  await expect(page.locator('.waiting .of')).toHaveText('ready');
  await page.keyboard.press('u');
  await leap(page, 50);
  await expect(page.locator('.side')).toHaveText('right foot');
  await expect(page.locator('.count')).toHaveText('2');
});

test('a laptop that slept mid-rep: the count is held where it was, and that is said', async ({ page, request }) => {
  const id = await copyOf(request, 'Five minutes before the reel');
  await page.goto(`/class/${id}/floor`);
  await expect(page.locator('.waiting .of')).toHaveText('ready');
  await page.keyboard.press('Space');
  await page.keyboard.press('Space');
  await expect(page.locator('.count')).toHaveText('2', { timeout: 8000 });
  // The wall clock runs on while the other one stands, as in sleep.
  await page.evaluate(() => {
    const real = Date.now.bind(Date);
    Date.now = () => real() + 95_000;
  });
  await expect(page.getByRole('alert')).toContainText('away for 95 s. The count is held');
  await expect(page.locator('.cue')).toHaveText('held · tap to go on');
  await expect(page.locator('.count')).toHaveText('2');
});

test('one more set changes the end; the class ends in the log with planned against actual', async ({
  page,
  request,
}) => {
  const id = await copyOf(request, 'Five minutes before the reel');
  await floorOf(page, id);
  await page.keyboard.press('Space');
  await leap(page, 10_000);
  await page.keyboard.press('Space');
  await leap(page, 2000);
  const ends = page.locator('.ends');
  const before = await ends.textContent();
  await page.getByRole('button', { name: '+ a set' }).click();
  await leap(page, 50);
  await expect(ends).not.toHaveText(before ?? '');
  await page.keyboard.press('u');
  await leap(page, 50);
  await expect(ends).toHaveText(before ?? '');
  await leap(page, 24_000);
  await page.keyboard.press('ArrowRight');
  await page.getByRole('button', { name: 'End the class' }).click();
  await page.clock.resume();
  await expect(page.getByRole('heading', { name: 'That was the class' })).toBeVisible();
  await page.getByLabel('How many came').fill('12');
  await page.getByLabel('A note for next time').fill('Floor was cold.');
  await page.getByRole('button', { name: 'Put it in the log' }).click();
  await expect(page).toHaveURL(/\/log\//);
  await expect(page.getByText('12 came')).toBeVisible();
  await expect(page.getByText('Floor was cold.')).toBeVisible();
  await expect(page.locator('tbody tr').first()).toContainText('6 of 10 done');
  await expect(page.locator('tbody tr').first()).toContainText('0:10 / 0:05');
  await page.getByRole('link', { name: 'All taught classes' }).click();
  await expect(page.getByRole('link', { name: /Five minutes before the reel, again/ }).first()).toBeVisible();
});

test('the server lost while teaching: the class goes on and is sent when it is back', async ({
  page,
  context,
  request,
}) => {
  const id = await copyOf(request, 'Five minutes before the reel');
  await floorOf(page, id);
  await context.route('**/api/runs/**', (route) => route.abort());
  await page.keyboard.press('Space');
  await leap(page, 10_000);
  await page.keyboard.press('Space');
  await leap(page, 5000);
  await expect(page.locator('.count')).toHaveText('2');
  await page.getByRole('button', { name: 'End the class' }).click();
  await page.clock.resume();
  await page.getByRole('button', { name: 'Put it in the log' }).click();
  await expect(page.getByRole('alert').filter({ hasText: 'kept in this browser' })).toBeVisible();
  await context.unroute('**/api/runs/**');
  await page.getByRole('button', { name: 'Put it in the log' }).click();
  await expect(page).toHaveURL(/\/log\//);
});

test('a plan changed on another page while it is taught: the class goes on, and it is said', async ({
  page,
  request,
}) => {
  const id = await copyOf(request, 'Five minutes before the reel');
  await page.goto(`/class/${id}/floor`);
  await expect(page.locator('.waiting .of')).toHaveText('ready');
  await page.keyboard.press('Space');
  const { plan } = (await (await request.get(`/api/classes/${id}`)).json()) as { plan: object };
  await request.put(`/api/classes/${id}`, {
    data: { saveId: `other-${id}`, basedOn: 1, plan: { ...plan, blocks: [] } },
  });
  await page.evaluate(() => window.dispatchEvent(new Event('focus')));
  await expect(page.getByRole('alert')).toContainText('This class goes on as it was when you began.');
  await expect(page.locator('.name')).toHaveText('Ankle circles');
});

test('a plan deleted while it is taught: the class goes on, that is said, and it stands in the log', async ({
  page,
  request,
}) => {
  const id = await copyOf(request, 'Five minutes before the reel');
  await page.goto(`/class/${id}/floor`);
  await expect(page.locator('.waiting .of')).toHaveText('ready');
  await page.keyboard.press('Space');
  await request.delete(`/api/classes/${id}`);
  await page.evaluate(() => window.dispatchEvent(new Event('focus')));
  await expect(page.getByRole('alert')).toContainText('The plan was deleted on another page.');
  await page.keyboard.press('Space');
  await page.getByRole('button', { name: 'End the class' }).click();
  await page.getByRole('button', { name: /Put it in the log/ }).click();
  await expect(page).toHaveURL(/\/log\//);
  await expect(page.getByRole('heading', { name: /Five minutes before the reel/ })).toBeVisible();
});

test('two tablets on one class: each teaches its own, and both stand in the log', async ({
  page,
  request,
  browser,
}) => {
  const id = await copyOf(request, 'Five minutes before the reel');
  const other = await (await browser.newContext()).newPage();
  for (const tablet of [page, other]) {
    await tablet.goto(`/class/${id}/floor`);
    await expect(tablet.locator('.waiting .of')).toHaveText('ready');
    await tablet.keyboard.press('Space');
  }
  await page.keyboard.press('ArrowRight');
  await expect(page.locator('.side')).toHaveText('left foot');
  await expect(other.locator('.side')).toHaveText('right foot');
  for (const tablet of [page, other]) {
    await tablet.getByRole('button', { name: 'End the class' }).click();
    await tablet.getByRole('button', { name: /Put it in the log/ }).click();
    await expect(tablet).toHaveURL(/\/log\//);
  }
  const { runs } = (await (await request.get('/api/runs?limit=100')).json()) as { runs: { classId: string }[] };
  expect(runs.filter(({ classId }) => classId === id)).toHaveLength(2);
  await other.context().close();
});

test('a class with no items says what to do', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('button', { name: 'New class', exact: true }).click();
  await page.getByRole('menuitem', { name: '45 minutes' }).click();
  await page.locator('a.go').click();
  await expect(page.getByText('This class has no items.')).toBeVisible();
});

test('a browser with no audio: the class goes on, and it is said', async ({ page, request }) => {
  const id = await copyOf(request, 'Five minutes before the reel');
  await page.addInitScript(() => {
    Object.defineProperty(window, 'AudioContext', {
      value: class {
        constructor() {
          throw new Error('no audio');
        }
      },
    });
  });
  await page.goto(`/class/${id}/floor`);
  await expect(page.locator('.waiting .of')).toHaveText('ready');
  await page.keyboard.press('Space');
  await page.keyboard.press('Space');
  await expect(page.getByText('This browser makes no sound.')).toBeVisible();
  await expect(page.locator('.count')).toHaveText('2', { timeout: 8000 });
});

for (const [name, width, height] of [
  ['a 10-inch tablet', 1280, 800],
  ['a tablet held upright', 800, 1280],
  ['a phone', 390, 844],
] as const) {
  test(`on ${name} count and side are large and the one tap is in reach`, async ({ page, request }) => {
    const id = await copyOf(request, 'Five minutes before the reel');
    await page.setViewportSize({ width, height });
    await page.goto(`/class/${id}/floor`);
    await expect(page.locator('.waiting .of')).toHaveText('ready');
    await page.keyboard.press('Space');
    await page.keyboard.press('Space');
    await expect(page.locator('.of')).toHaveText('of 5');
    const px = async (selector: string) =>
      Number.parseFloat(await page.locator(selector).evaluate((e) => getComputedStyle(e).fontSize));
    expect(await px('.count')).toBeGreaterThanOrEqual(width >= 800 && height >= 800 ? 200 : 100);
    expect(await px('.side')).toBeGreaterThanOrEqual(width === 1280 ? 100 : 50);
    expect(await px('.side')).toBeGreaterThanOrEqual(await px('.name'));
    await expect(page.locator('.go')).toBeInViewport({ ratio: 1 });
  });
}
