import { type Page, expect, test } from '@playwright/test';
import { Designer, secondsOf } from './designer';

const cards = (page: Page) => page.locator('nw-proposal-card');

async function composed(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'Compose three classes' }).click();
  await expect(cards(page)).toHaveCount(3);
}

test('from a brief to a class on the floor: three proposals, one swapped, opened, its reason gone once it is edited', async ({
  page,
}) => {
  await page.goto('/');
  await page.getByRole('link', { name: 'From a brief' }).click();
  await page.getByRole('spinbutton', { name: 'minutes' }).fill('20');
  await page.getByRole('spinbutton', { name: 'minutes' }).press('Tab');
  await page.getByLabel('Somebody has').selectOption({ label: 'a sore Achilles tendon' });
  await composed(page);
  const card = cards(page).first();
  const names = () => card.locator('.name').allTextContents();
  const before = await names();
  await card.getByRole('button', { name: `Another exercise in the place of ${before[2]}`, exact: true }).click();
  await expect(card.getByRole('button', { name: 'As it was' })).toBeVisible();
  const after = await names();
  expect(after).not.toContain(before[2]);
  expect(after).toHaveLength(before.length);
  const said = await card.locator('.time b').textContent();
  await card.getByRole('button', { name: 'Open in the designer' }).click();

  const designer = new Designer(page);
  await designer.saved();
  await expect(designer.planned).toHaveText(said ?? '');
  expect(Math.abs(secondsOf(said) - 1140)).toBeLessThanOrEqual(20);
  expect(await designer.rows.allTextContents()).toEqual(after);
  await page.getByRole('button', { name: /Worth a look/ }).click();
  await expect(page.locator('nw-findings')).not.toContainText('is left out with');
  await designer.row(after[2]!).click();
  const why = page.locator('nw-item-panel .because');
  await expect(why).toContainText('Why it is here:');
  await page.locator('nw-dose-sentence').getByRole('spinbutton').first().press('ArrowUp');
  await expect(why).toHaveCount(0);
  await page.keyboard.press('Escape');
  await page.getByRole('link', { name: 'To the floor' }).click();
  await expect(page.getByText(after[0]!).first()).toBeVisible();
});

test('for a group: who comes and what they have is in the sentence, what was sent away stays away, the three before come back', async ({
  page,
}) => {
  await page.goto('/compose');
  await page.getByLabel('The group').selectOption({ label: 'Chairs by the window' });
  await expect(page.getByRole('spinbutton', { name: 'people' })).toHaveValue('5');
  await expect(page.getByRole('button', { name: 'Nobody has falls, faints or dizziness' })).toBeVisible();
  await composed(page);
  const card = cards(page).first();
  const names = () => card.locator('.name').allTextContents();
  const swap = (name: string) =>
    card
      .getByRole('button', { name: `Another exercise in the place of ${name}`, exact: true })
      .first()
      .click();
  const first = await names();
  // mobility has others of its kind for these people
  const at = first.indexOf((await card.locator('[aria-label="Mobility"] .name').first().textContent()) ?? '');
  await swap(first[at]!);
  await expect.poll(names).not.toEqual(first);
  const second = await names();
  const fresh = second[at]!;
  expect(second).toEqual(first.map((name, i) => (i === at ? fresh : name)));
  await swap(fresh);
  await expect.poll(names).not.toEqual(second);
  const third = await names();
  expect(third).not.toContain(first[at]);
  expect(third).not.toContain(fresh);
  // who works with keys is still where they were
  await expect(
    card.getByRole('button', { name: `Another exercise in the place of ${third[at]}`, exact: true }),
  ).toBeFocused();

  await page.getByRole('button', { name: 'Three others' }).click();
  await expect.poll(names).not.toEqual(third);
  await page.getByRole('button', { name: 'The three before' }).click();
  await expect.poll(names).toEqual(third);
  await card.getByRole('button', { name: 'As it was' }).click();
  await card.getByRole('button', { name: 'As it was' }).click();
  await expect.poll(names).toEqual(first);
  await expect(card.getByRole('button', { name: 'As it was' })).toHaveCount(0);

  await page.getByLabel('What it is for').selectOption({ label: 'release and recovery' });
  await expect(page.getByText('The brief has changed: these are for what it was.')).toBeVisible();
  await page.getByRole('button', { name: 'Compose three classes' }).click();
  await expect(card.locator('h2')).toContainText('release');
  await expect(page.getByText('The brief has changed')).toHaveCount(0);
});

test('what cannot be had together is said, with briefs that work', async ({ page }) => {
  await page.goto('/compose');
  await page.getByRole('spinbutton', { name: 'minutes' }).fill('60');
  await page.getByRole('spinbutton', { name: 'minutes' }).press('Tab');
  await page.getByLabel('Above all').selectOption({ label: 'band' });
  await page.getByRole('button', { name: 'Compose three classes' }).click();
  const clash = page.getByRole('alert', { name: 'What cannot be had together' });
  await expect(clash).toContainText('You ask for band');
  await clash.getByRole('button', { name: 'with 12 bands' }).click();
  await expect(cards(page).first()).toBeVisible();
  await expect(clash).toHaveCount(0);
  await expect(cards(page).first().locator('.shares')).toContainText('band');
});

test('a better order is taken as one step, and foot by foot is one switch with its minutes', async ({ page }) => {
  const designer = new Designer(page);
  await designer.start(30, 'Scattered');
  await designer.add('chair turn out loop', 'Chair: turn the foot out in a loop');
  await designer.add('rise both feet', 'Rise on both feet');
  await designer.add('chair turn in', 'Chair: turn the foot in, ankles crossed');
  await page.keyboard.press('Escape');
  // three blocks of one: brought into one, so that there is something to order
  // the block that the rise left stands empty between them, and is gone through
  const blocks = page.locator('nw-running-order .block');
  for (const [name, block] of [
    ['Rise on both feet', 0],
    ['Chair: turn the foot in', 1],
    ['Chair: turn the foot in', 0],
  ] as const) {
    await designer.row(name).focus();
    await page.keyboard.press('Alt+ArrowUp');
    await expect(blocks.nth(block)).toContainText(name);
  }
  const before = await designer.planned.textContent();
  await page.getByRole('button', { name: 'find a better order' }).click();
  const dialog = page.getByRole('dialog');
  await expect(dialog.locator('.outcome')).toContainText(before ?? '');
  await expect(dialog).toContainText('less of moving about');
  const promised = await dialog.locator('.outcome b').textContent();
  await dialog.getByRole('button', { name: 'Take this order' }).click();
  await expect(designer.planned).toHaveText(promised ?? '');
  await page.keyboard.press('Control+z');
  await expect(designer.planned).toHaveText(before ?? '');
});
