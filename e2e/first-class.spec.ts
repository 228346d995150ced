import { expect, test } from '@playwright/test';
import { Designer, copyOf, secondsOf } from './designer';

test('a new user builds a class from an empty page, saves it, finds it again and runs it', async ({ page }) => {
  const designer = new Designer(page);
  await designer.start(20, 'Tuesday at the slipway');
  await expect(designer.planned).toHaveText('0:00');
  await page.getByRole('button', { name: /Begin with/ }).click();
  await expect(designer.rows).toHaveText(['Walk and notice']);

  await designer.add('ball sole', 'Ball along the sole');
  await designer.add('big toe', 'Big toe up alone');
  await designer.add('strap', 'Press a strap under the inner ball');
  await designer.add('wobble', 'Stand on one leg');
  await designer.add('compare', 'Walk and compare');
  await expect(designer.rows).toHaveCount(6);
  // Blocks come by themselves, named after what is done in them.
  await expect(page.locator('nw-running-order .name').first()).toHaveValue('Look');

  // The rows add up to the clock, and the clock to the slot.
  const lengths = await page.locator('nw-running-order .row .length').allTextContents();
  const planned = secondsOf(await designer.planned.textContent());
  expect(lengths.map(secondsOf).reduce((a, b) => a + b, 0)).toBe(planned);
  await expect(page.locator('.against b')).toHaveText(
    `${Math.floor((1200 - planned) / 60)}:${String((1200 - planned) % 60).padStart(2, '0')} free`,
  );

  await designer.saved();
  await page.reload();
  await expect(designer.rows).toHaveCount(6);
  expect(secondsOf(await designer.planned.textContent())).toBe(planned);
  // what was done before the page was read anew is still taken back, and done again
  await page.keyboard.press('Control+z');
  await expect(designer.rows).toHaveCount(5);
  await page.keyboard.press('Control+Shift+z');
  await expect(designer.rows).toHaveCount(6);
  await designer.saved();
  await page.getByRole('link', { name: 'Classes', exact: true }).click();
  await expect(page.getByRole('link', { name: /Tuesday at the slipway/ }).first()).toBeVisible();

  await page.getByRole('link', { name: 'To the floor: Tuesday at the slipway' }).click();
  await expect(page.locator('.name')).toHaveText('Walk and notice');
  await page.keyboard.press('ArrowRight');
  await expect(page.locator('.name')).toHaveText('Ball along the sole');
  await expect(page.locator('.waiting .of')).toHaveText('ready');
});

test('the dose speaks: 3 rounds of 30 s at 3 contact points on each foot are 9:00 of work', async ({ page }) => {
  const designer = new Designer(page);
  await designer.start(30, 'Strap work');
  await designer.add('strap', 'Press a strap under the inner ball');
  await designer.row('Press a strap').click();
  await expect(designer.number('rounds')).toHaveValue('3');
  await page.getByRole('button', { name: 'repeat per …' }).click();
  await page.getByRole('menuitem', { name: '3 contact points' }).click();
  await expect(page.locator('nw-dose-sentence .product')).toHaveText(
    '3 contact points × 3 rounds × 2 feet = 18 holds, 9:00',
  );
  // 540 s of work; 8 rests of 5 s a foot: 80 s; 3 s to change foot; 2 s of talk; a strap is fiddly: set-up 15 s and 9 s
  await expect(designer.outcome).toHaveText('9:00 of work in 10:49');
  await expect(designer.row('Press a strap')).toContainText('3 rounds of 30 s, 3 contact points, each foot');

  await designer.number('seconds of each hold').press('ArrowUp');
  await expect(designer.number('seconds of each hold')).toHaveValue('45');
  await expect(designer.outcome).toContainText('13:30 of work');
  await page.keyboard.press('Control+z');
  await expect(designer.outcome).toContainText('9:00 of work');
});

test('the thread shows as many stitches as there are reps, and each foot its own', async ({ page }) => {
  const designer = new Designer(page);
  await designer.start(5, 'Stitches');
  await designer.add('big toe', 'Big toe up alone');
  await designer.row('Big toe up alone').click();
  await designer.set('reps', 6);
  const stitches = (foot: string) => page.locator(`.stitch.${foot}`).getAttribute('d');
  const count = (d: string | null) => (d?.match(/M/g) ?? []).length;
  await expect.poll(async () => [count(await stitches('left')), count(await stitches('right'))]).toEqual([6, 6]);
  await page.getByRole('radio', { name: /one more set/ }).click();
  await expect.poll(async () => [count(await stitches('left')), count(await stitches('right'))]).toEqual([12, 6]);
});

test('while an exercise is looked for the search stays in sight, and Escape gives the keyboard back to the order', async ({
  page,
  request,
}) => {
  await page.goto(`/class/${await copyOf(request, 'Saturday workshop: the whole foot')}`);
  const third = page.locator('nw-running-order .item').nth(2);
  await third.click();
  await page.keyboard.press('/');
  const search = page.getByRole('searchbox', { name: 'Find an exercise' });
  await expect(search).toBeFocused();
  await page.locator('nw-picker .pick').last().scrollIntoViewIfNeeded();
  await expect(search).toBeInViewport({ ratio: 1 });
  await search.fill('wobble');
  await search.press('Escape');
  await expect(page.locator('nw-picker')).toHaveCount(0);
  await expect(third).toBeFocused();
});
