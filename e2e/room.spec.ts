import { expect, test } from '@playwright/test';
import { Designer, classIdOf } from './designer';

test('a class says what a teacher says: a range, an end sign, one foot, a re-check that follows its drill', async ({
  page,
}) => {
  const designer = new Designer(page);
  await designer.start(10, 'As it is said');
  await designer.add('doming', 'Arch lift with long toes');
  await designer.add('ankle circles', 'Ankle circles');
  await page.getByRole('button', { name: 'Close', exact: true }).click();

  await designer.row('Ankle circles').click();
  await page.getByRole('button', { name: 'say a range' }).click();
  await expect(designer.row('Ankle circles')).toContainText('4 to 6 reps');
  // upside down is told in a sentence, and nothing is lost
  await designer.set('number 2 of the range', 3);
  await expect(page.getByText('the smaller number first')).toBeVisible();
  await expect(designer.row('Ankle circles')).toContainText('4 to 6 reps');
  await page.getByRole('button', { name: 'until a sign shows' }).click();
  await expect(designer.row('Ankle circles')).toContainText('4 to 6 reps until it is felt');
  await page.getByRole('radio', { name: 'one foot only' }).click();
  await expect(designer.row('Ankle circles')).toContainText('L only');

  await page.getByRole('button', { name: 'More for Ankle circles' }).click();
  await page.getByRole('menuitem', { name: 'Walk and re-check after it' }).click();
  await expect(designer.rows).toHaveText(['Arch lift with long toes', 'Ankle circles', 'Walk and compare']);
  // over the edge of its block, then past the arch lift
  await designer.row('Ankle circles').press('Alt+ArrowUp');
  await designer.row('Ankle circles').press('Alt+ArrowUp');
  await expect(designer.rows).toHaveText(['Ankle circles', 'Walk and compare', 'Arch lift with long toes']);
  await page.keyboard.press('Control+z');
  // the rows have changed places before one of them is taken hold of
  await expect(designer.rows).toHaveText(['Arch lift with long toes', 'Ankle circles', 'Walk and compare']);
  await designer.row('Arch lift with long toes').press('Alt+ArrowDown');
  await expect(designer.rows).toHaveText(['Ankle circles', 'Walk and compare', 'Arch lift with long toes']);
  await designer.saved();

  // on the floor it goes on until the tap, and the look again is answered for each foot
  await page.goto(`/class/${classIdOf(page)}/floor`);
  await page.getByRole('button', { name: 'Set up', exact: true }).last().click();
  await page.getByRole('button', { name: 'Count', exact: true }).last().click();
  await expect(page.locator('.of')).toContainText('of 4 to 6, until it is felt');
  await page.getByRole('button', { name: 'Enough', exact: true }).last().click();
  await expect(page.locator('.phase')).toContainText('way 2 of 2');
  await page.getByRole('button', { name: 'Enough', exact: true }).last().click();
  await expect(page.locator('.name')).toHaveText('Walk and compare');
  const left = page.getByRole('group', { name: 'left foot' });
  await left.getByRole('button', { name: 'better' }).click();
  await expect(left.getByRole('button', { name: 'better' })).toHaveAttribute('aria-pressed', 'true');
  await page.getByRole('button', { name: 'End the class' }).click();
  await expect(page.getByText('After Ankle circles: left better')).toBeVisible();
  await expect(page.getByText('Not reached: Walk and compare, Arch lift with long toes')).toBeVisible();
  await page.getByRole('button', { name: /Put it in the log/ }).click();
  await expect(page).toHaveURL(/\/log\//);
  await expect(page.getByText('After Ankle circles: left better')).toBeVisible();
});

test('on every size the side is never cut and buttons show where the focus is', async ({ page, request }) => {
  const { classes } = (await (await request.get('/api/classes')).json()) as {
    classes: { id: string; title: string }[];
  };
  const id = classes.find((c) => c.title.startsWith('Thursday lunch'))?.id ?? '';
  for (const [width, height] of [
    [1280, 800],
    [1024, 768],
    [844, 390],
    [390, 844],
    [640, 400],
  ] as const) {
    await page.setViewportSize({ width, height });
    await page.goto(`/class/${id}/floor`);
    const side = page.locator('.side');
    await expect(side).toHaveText('both feet');
    const box = await side.boundingBox();
    const frame = await page.locator('.teach').boundingBox();
    expect([width, (box?.x ?? 0) + (box?.width ?? 0) <= (frame?.x ?? 0) + (frame?.width ?? 0) + 1]).toEqual([
      width,
      true,
    ]);
    expect([width, (box?.y ?? 0) + (box?.height ?? 0) <= height]).toEqual([width, true]);
  }
  await page.setViewportSize({ width: 1280, height: 800 });
  await page.goto(`/class/${id}`);
  for (const link of [
    page.getByRole('button', { name: 'On paper' }),
    page.getByRole('link', { name: 'To the floor' }),
  ]) {
    await link.focus();
    await page.keyboard.press('Shift+Tab');
    await page.keyboard.press('Tab');
    await expect(link).toBeFocused();
    expect(await link.evaluate((e) => getComputedStyle(e).outlineStyle)).toBe('solid');
  }
});

test('talk stands in the class and on the floor, and spacers are worn through the exercises after them', async ({
  page,
}) => {
  const designer = new Designer(page);
  await designer.start(10, 'Shoes off first');
  await designer.add('spacer', 'Wear toe spacers');
  await designer.add('doming', 'Arch lift with long toes');
  await designer.add('ankle circles', 'Ankle circles');
  await page.getByRole('button', { name: 'Close', exact: true }).click();
  await page.getByRole('button', { name: '+ talk or a pause' }).click();
  await page.getByRole('menuitem', { name: 'Shoes and socks off' }).click();
  const talk = designer.row('Shoes and socks off');
  await expect(talk).toContainText('0:00');
  await expect(talk).toContainText('1:00');
  await designer.set('seconds of talk', 90);
  await page.getByLabel('What there is to say').fill('Who has news of their feet?');
  await page.getByLabel('What there is to say').blur();
  await expect(talk).toContainText('1:30');
  await expect(talk).toContainText('Who has news of their feet?');

  await designer.row('Wear toe spacers').click();
  const before = await page.locator('.planned').textContent();
  await page.getByLabel('Beside the work').getByRole('combobox').click();
  await page.getByRole('option', { name: 'worn until after Ankle circles' }).click();
  await expect(designer.row('Wear toe spacers')).toContainText('worn through 2 exercises');
  await expect(page.getByText('Take off the toe spacers')).toBeVisible();
  await expect(page.locator('.planned')).not.toHaveText(before ?? '');
  // without the exercise behind which they come off they come off behind the one before it
  await designer.row('Ankle circles').press('Delete');
  await expect(designer.row('Wear toe spacers')).toContainText('worn through 1 exercise');
  await page.keyboard.press('Control+z');
  await expect(designer.row('Wear toe spacers')).toContainText('worn through 2 exercises');
  await designer.saved();

  await page.goto(`/class/${classIdOf(page)}/floor`);
  await expect(page.locator('.name')).toHaveText('Shoes and socks off');
  await expect(page.locator('.cue')).toHaveText('Who has news of their feet?');
  await page.getByRole('button', { name: 'Begin', exact: true }).last().click();
  await expect(page.locator('.of')).toContainText('of 1:30, until you tap');
  await page.getByRole('button', { name: 'Enough', exact: true }).last().click();
  await expect(page.locator('.name')).toHaveText('Wear toe spacers');
  await page.getByRole('button', { name: 'Set up', exact: true }).last().click();
  await page.getByRole('button', { name: 'Done', exact: true }).last().click();
  await expect(page.locator('.name')).toHaveText('Arch lift with long toes');
  await expect(page.getByText('on the feet')).toBeVisible();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowRight');
  await expect(page.locator('.name')).toHaveText('Take off the toe spacers');
  await page.getByRole('button', { name: 'End the class' }).click();
  await page.getByRole('button', { name: /Put it in the log/ }).click();
  await expect(page).toHaveURL(/\/log\//);
  await expect(page.getByRole('main')).toContainText('Shoes and socks off');

  // what was noted is put right; a class that was none goes out of the log, and comes back
  await page.getByRole('button', { name: /headcount/ }).click();
  await page.getByLabel('A note for next time').fill('Spacers stayed on well.');
  await page.getByRole('button', { name: 'Put it right' }).click();
  await expect(page.getByText('Spacers stayed on well.')).toBeVisible();
  await page.getByRole('button', { name: 'Take it out of the log' }).click();
  await expect(page).toHaveURL(/\/log$/);
  await expect(page.getByRole('listitem').filter({ hasText: 'Shoes off first' })).toHaveCount(0);
  await page.getByRole('button', { name: 'Bring it back' }).click();
  await expect(page.getByText('Spacers stayed on well.')).toBeVisible();
});
