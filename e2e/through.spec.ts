import { type Page, expect, test } from '@playwright/test';
import { Designer, copyOf, secondsOf } from './designer';

const view = (page: Page, name: string) =>
  page.getByRole('navigation', { name: 'Looked through' }).getByRole('link', { name: new RegExp(`^${name}`) });
const saved = (page: Page) => expect(page.locator('header [role=status]')).toHaveText('Saved');

/** On the floor, on to an exercise: goes past what comes before it. */
async function onTo(page: Page, name: string): Promise<void> {
  const shown = page.locator('.teach .name');
  await expect(shown).toHaveText(/./);
  await expect(async () => {
    if (!(await shown.textContent())?.includes(name)) await page.keyboard.press('ArrowRight');
    await expect(shown).toContainText(name, { timeout: 200 });
  }).toPass();
}

test('“I have 3 firm balls”: from the line under the thread, answered at once, swapped, printed for whoever opens the room', async ({
  page,
  request,
}) => {
  const id = await copyOf(request, 'Thursday lunch: quiet ankles');
  await page.goto(`/class/${id}`);
  const designer = new Designer(page);
  const before = secondsOf(await designer.planned.textContent());
  await page
    .getByRole('navigation', { name: 'Look through the class' })
    .getByRole('link', { name: /^Kit 11 × firm ball/ })
    .click();
  await page.getByRole('button', { name: 'Enough of firm ball: count them' }).click();
  const has = page.getByRole('spinbutton', { name: 'pieces there are: firm ball' });
  await has.fill('3');
  await has.press('Tab');
  const answer = page.locator('.answer');
  await expect(answer).toContainText('4 turns: 3, 3, 3 and 2 people.');
  await expect(answer).toContainText('more than with enough of them');
  await expect(answer).toContainText('Ball along the sole: the others');
  await expect(view(page, 'Kit')).toContainText('1 too few');
  await saved(page);
  // what it costs is what the class has become longer by
  await page.getByRole('link', { name: 'Back to the class' }).click();
  await expect.poll(async () => secondsOf(await designer.planned.textContent())).toBeGreaterThan(before + 60);
  await page.goBack();
  await page.getByRole('button', { name: 'Take small soft ball instead' }).click();
  await expect(answer).toHaveCount(0);
  await expect(page.locator('.pieces')).toContainText('small soft ball');
  await saved(page);
  await page.emulateMedia({ media: 'print' });
  const list = page.getByRole('article');
  await expect(list).toContainText('11 × small soft ball');
  await expect(list).toBeVisible();
  await expect(page.locator('.pieces')).toBeHidden();
  await expect(page.getByRole('navigation', { name: 'Looked through' })).toBeHidden();
  await page.emulateMedia({ media: 'screen' });
  await page.getByRole('link', { name: 'Back to the class' }).click();
  await expect.poll(async () => Math.abs(secondsOf(await designer.planned.textContent()) - before)).toBeLessThan(5);
});

test('one idea: offered, taken, drawn through the thread, said in the script and on the floor, and left again', async ({
  page,
  request,
}) => {
  const id = await copyOf(request, 'Saturday workshop: the whole foot');
  await page.goto(`/class/${id}/through/idea`);
  await page.getByRole('button', { name: /^The inner ball stays heavy\./ }).click();
  await expect(page.locator('.sum')).toContainText('of the work carries the inner ball');
  const bridges = page.locator('.parts .opposes');
  const opposed = await bridges.count();
  await saved(page);
  await page.getByRole('link', { name: 'Back to the class' }).click();
  await expect(page.locator('nw-thread path.idea')).toHaveAttribute('d', /^M/);
  await expect(page.locator('nw-thread path.idea-opposed')).toHaveAttribute('d', opposed > 0 ? /^M/ : '');
  await page.goto(`/class/${id}/script`);
  await expect(page.getByText(/The inner ball stays heavy\./).first()).toBeVisible();
  await page.goto(`/class/${id}/through/idea`);
  const carries = page.locator('.parts .carries b').first();
  const name = (await carries.textContent()) ?? '';
  await page.getByRole('link', { name: 'To the floor' }).click();
  await onTo(page, name);
  await expect(page.locator('nw-floor-panel')).toContainText('the idea');
  await page.goto(`/class/${id}/through/idea`);
  await page.getByRole('button', { name: 'Go without' }).click();
  await saved(page);
  await page.getByRole('link', { name: 'Back to the class' }).click();
  await expect(page.locator('nw-thread path.bare').first()).toBeAttached();
  await expect(page.locator('nw-thread path.idea')).toHaveCount(0);
});

test('where to stand: who stays in front is told what nobody sees; the room from above follows', async ({
  page,
  request,
}) => {
  const id = await copyOf(request, 'Troupe: long points, clean rises');
  await page.goto(`/class/${id}/through/sight`);
  await expect(page.getByText('Nobody has to turn round.')).toBeVisible();
  await page.getByLabel('Where I stand').selectOption('front');
  await expect(page.locator('.sum')).toContainText(/The class turns round/);
  await expect(page.locator('.sum')).toContainText('You stay in one place.');
  const turned = page.locator('em').first();
  await expect(turned).toContainText('they turn');
  await page
    .locator('.point')
    .filter({ has: page.locator('em') })
    .first()
    .click();
  await expect(page.locator('nw-room-plan svg')).toBeVisible();
  await page.getByLabel('How many teach').selectOption('2');
  await expect(page.locator('ul li p b').filter({ hasText: 'the second' }).first()).toBeVisible();
  await page.keyboard.press('Control+z');
  await page.keyboard.press('Control+z');
  await expect(page.getByText('Nobody has to turn round.')).toBeVisible();
});

test('music: a tempo of 0 is refused, a piece is written down, what stands on it told, and the floor counts in', async ({
  page,
  request,
}) => {
  const id = await copyOf(request, 'Five minutes before the reel');
  await page.goto(`/class/${id}/through/music`);
  const form = page.locator('form');
  await form.getByLabel('beats a minute').fill('0');
  await form.getByLabel('beats a minute').press('Tab');
  await expect(page.getByRole('alert')).toContainText('from 30 to 240');
  await form.getByLabel('beats a minute').fill('104');
  await form.getByLabel('Title').fill('Slow tide');
  await form.getByLabel('length').fill('0:10');
  await form.getByRole('button', { name: 'Add the piece' }).click();
  await page.getByLabel('Piece for Easy steps to the side, front and back').selectOption({ label: 'Slow tide' });
  // 32 counts at 104 a minute are 18.5 s
  await expect(page.locator('.piece').filter({ hasText: 'too soon' })).toContainText('over 8 s too soon');
  await page.getByLabel('Count-in').selectOption('8');
  await page.getByRole('button', { name: 'Let it tick' }).click();
  await expect(page.getByRole('button', { name: 'Silence' })).toBeVisible();
  await expect
    .poll(() => page.evaluate(() => performance.getEntriesByName('needlework-tone').length), { timeout: 15_000 })
    .toBeGreaterThan(4);
  await page.getByRole('button', { name: 'Silence' }).click();
  await saved(page);
  await page.getByRole('link', { name: 'Back to the class' }).click();
  await page.getByRole('button', { name: /Worth a look/ }).click();
  await expect(page.locator('nw-findings')).toContainText('“Slow tide” is over');
  await page.goto(`/class/${id}/floor`);
  await onTo(page, 'Easy steps');
  await expect(page.locator('nw-floor-panel')).toContainText('Slow tide, 104 a minute');
  // set up, then count: an eight at 104 a minute before the first phrase
  await page.keyboard.press('Space');
  await page.keyboard.press('Space');
  await expect(page.getByText('count in', { exact: true })).toBeVisible();
  await expect(page.getByText(/of 8, phrase 1 of 4/)).toBeVisible({ timeout: 15_000 });
});
