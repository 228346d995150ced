import { expect, test } from '@playwright/test';
import { Designer, copyOf, secondsOf } from './designer';

/** Small jumps that leave the floor: most begin with the level that only bounces. */
async function addJumps(designer: Designer): Promise<void> {
  const { page } = designer;
  await designer.add('jump', 'Small jumps on the spot');
  await designer.row('Small jumps on the spot').click();
  await page.getByRole('button', { name: 'small jumps, hands on a support: for most' }).click();
}

test('the review finds jumps on cold calves, mends them in one step, and undo brings the finding back', async ({
  page,
}) => {
  const designer = new Designer(page);
  await designer.start(10, 'Cold jumps');
  await addJumps(designer);
  await designer.add('rock heel', 'Rock from heels to balls');
  await page.getByRole('button', { name: 'Close', exact: true }).click();
  await page.getByRole('button', { name: /Worth a look/ }).click();
  const finding = page.locator('nw-findings article').filter({ hasText: 'cold calves' });
  await expect(finding).toContainText('Safety');
  await expect(finding).toContainText('at least a minute of calf work');
  await finding.getByRole('button', { name: 'Move Small jumps on the spot after Rock from heels to balls' }).click();
  await expect(finding).toHaveCount(0);
  await expect(designer.rows).toHaveText(['Rock from heels to balls', 'Small jumps on the spot']);
  await page.keyboard.press('Control+z');
  await expect(finding).toHaveCount(1);
});

test('a finding that is wanted so stays quiet, with its note, also after a reload', async ({ page }) => {
  const designer = new Designer(page);
  await designer.start(10, 'Warm from the reel');
  await addJumps(designer);
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: /Worth a look/ }).click();
  const finding = page.locator('nw-findings article').filter({ hasText: 'cold calves' });
  await finding.getByRole('button', { name: 'I want it so' }).click();
  await page.getByLabel('Why you want it so').fill('they come from the reel');
  await page.keyboard.press('Enter');
  await expect(finding).toHaveCount(0);
  await designer.saved();
  await page.reload();
  await page.getByRole('button', { name: /Worth a look/ }).click();
  await page.getByText('1 kept on purpose').click();
  await expect(page.getByText('“they come from the reel”')).toBeVisible();
});

test('somebody with sore knees: what must be left out is found and swapped', async ({ page }) => {
  const designer = new Designer(page);
  await designer.start(10, 'Knees');
  await designer.add('deep squat rest', 'Rest in a deep squat');
  await page.getByRole('button', { name: /people|mixed group/ }).click();
  await page.getByLabel('Somebody in the room has').click();
  await page.getByRole('option', { name: 'sore knees' }).click();
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Done' }).click();
  await page.getByRole('button', { name: 'Close', exact: true }).click();
  await page.getByRole('button', { name: /Worth a look/ }).click();
  const finding = page.locator('nw-findings article').filter({ hasText: 'sore knees' });
  await finding.locator('.steps button').first().click();
  await expect(finding).toHaveCount(0);
  await expect(designer.rows.filter({ hasText: 'Rest in a deep squat' })).toHaveCount(0);
});

test('fit lands the class in its slot, shows each change with its reason, and is one undo', async ({
  page,
  request,
}) => {
  const id = await copyOf(request, 'Thursday lunch: quiet ankles');
  await page.goto(`/class/${id}`);
  const designer = new Designer(page);
  await page.getByLabel('minutes of the slot').fill('15');
  await page.getByLabel('minutes of the slot').press('Tab');
  await expect(page.getByLabel('minutes of the slot')).toHaveValue('15');
  const before = await designer.planned.textContent();
  await page.getByRole('button', { name: 'Fit to slot' }).click();
  const dialog = page.getByRole('dialog');
  await expect(dialog).toContainText('Aim: 14:15');
  await expect(dialog.locator('.outcome')).toContainText(before ?? '');
  await expect(dialog.locator('li').first()).toContainText('the class was too long');
  // a class that is too long raises nothing
  for (const words of await dialog.locator('li').allTextContents()) expect(words).toMatch(/−\d+:\d\d$/);
  const promised = secondsOf(await dialog.locator('.outcome b').textContent());
  await dialog.getByRole('button', { name: 'Take all' }).click();
  await expect(dialog).toHaveCount(0);
  expect(secondsOf(await designer.planned.textContent())).toBe(promised);
  expect(Math.abs(promised - 855)).toBeLessThanOrEqual(20);
  await page.keyboard.press('Control+z');
  await expect(designer.planned).toHaveText(before ?? '');
});

test('a slot that cannot be met says by how much, and what to leave out; taking part of it is taking part', async ({
  page,
  request,
}) => {
  const id = await copyOf(request, 'Ten minutes at the ferry desk');
  await page.goto(`/class/${id}`);
  await page.getByLabel('minutes of the slot').fill('4');
  await page.getByLabel('minutes of the slot').press('Tab');
  await page.getByRole('button', { name: 'Fit to slot' }).click();
  const dialog = page.getByRole('dialog');
  await expect(dialog.getByRole('alert')).toContainText('at its least');
  await expect(dialog.getByRole('alert')).toContainText('more than that allows');
  await dialog.locator('.removals button').first().click();
  await expect(dialog.getByRole('alert')).toHaveCount(0);
  const rows = dialog.locator('li');
  await expect(rows.nth(1)).toBeVisible();
  await rows.first().getByRole('checkbox').uncheck();
  await expect(dialog.getByRole('button', { name: 'Take what is ticked' })).toBeEnabled();
});

test('heavy work is done in the one worker, never in the page', async ({ page, request }) => {
  const id = await copyOf(request, 'Saturday workshop: the whole foot');
  await page.goto(`/class/${id}`);
  await page.getByRole('button', { name: 'Fit to slot' }).waitFor();
  expect(page.workers()).toHaveLength(0);
  await page.getByRole('button', { name: 'Fit to slot' }).click();
  await expect(page.getByRole('dialog').locator('.outcome')).toBeVisible();
  await page.getByLabel('What may change').selectOption({ label: 'Band alone' });
  await expect(page.getByRole('dialog').locator('.outcome')).toBeVisible();
  expect(page.workers()).toHaveLength(1);
  await page.getByRole('button', { name: 'Leave it as it is' }).click();
  await expect(page.getByRole('dialog')).toHaveCount(0);
});

test('on the floor a class that is late is shown what gives way, then does it, and one tap takes it back', async ({
  page,
  request,
}) => {
  const id = await copyOf(request, 'Thursday lunch: quiet ankles');
  await page.clock.install({ time: new Date('2026-11-25T12:00:00Z') });
  await page.goto(`/class/${id}/floor`);
  await expect(page.locator('.waiting .of')).toHaveText('ready');
  await page.clock.pauseAt(new Date('2026-11-25T12:05:00Z'));
  await page.keyboard.press('Space');
  await page.clock.fastForward(5 * 60_000);
  await page.keyboard.press('ArrowRight');
  await page.clock.runFor(100);
  const ends = page.locator('.ends');
  await expect(ends).toHaveText(/ends at 2[2-9]:/);
  const before = await ends.textContent();
  await page.getByRole('button', { name: 'catch up' }).click();
  await page.clock.resume();
  const sheet = page.locator('nw-catch-up');
  await expect(sheet.getByText(/It then ends at|Even so it ends at/)).toBeVisible();
  expect(await sheet.locator('li').count()).toBeGreaterThan(1);
  await expect(sheet.locator('li').first()).toContainText('→');
  // nothing has given way yet
  await expect(ends).toHaveText(new RegExp(before!.slice(0, -2)));
  await sheet.getByRole('button', { name: 'Do it' }).click();
  await expect(ends).toHaveText(/ends at (19|20):/);
  await page.keyboard.press('u');
  await expect(ends).toHaveText(/ends at 2[2-9]:/);
});
