import { expect, test } from '@playwright/test';
import { Designer, copyOf, keptHere } from './designer';

test('an exercise is found by an everyday word, narrowed by the sentence, and read about', async ({ page }) => {
  await page.goto('/exercises');
  await expect(page.getByText(/1\d\d of 1\d\d exercises/)).toBeVisible();
  await page.getByLabel('Find by any word').fill('wobble');
  await expect(page.getByRole('listitem').filter({ hasText: 'Stand on one leg' }).first()).toBeVisible();
  await page.getByLabel('Find by any word').fill('towel');
  await expect(page.getByRole('listitem').filter({ hasText: 'Gather a cloth' })).toBeVisible();
  await page.getByLabel('Floor').selectOption('carpet');
  await expect(page.getByRole('listitem').filter({ hasText: 'Gather a cloth' })).toHaveCount(0);
  await page.getByRole('button', { name: 'Show all' }).click();
  await page.getByLabel('Find by any word').fill('inversion band');
  await page.getByRole('listitem').filter({ hasText: 'Band: turn the foot in' }).first().click();
  await expect(page.getByRole('heading', { name: 'Band: turn the foot in' })).toBeVisible();
  // 12 reps of 6 s on each foot, talk 2 s, a band to put on 15 s, 2 s and 3 s to change foot: 2:46
  await expect(page.getByRole('row', { name: /usual 12 reps/ })).toContainText('2:46');
  await page.getByRole('button', { name: /firmer band/ }).click();
  await expect(page.getByRole('row', { name: /usual 10 reps/ })).toBeVisible();
  // other tests copy classes that use it: a page of them is shown, and then the next
  const users = page.getByRole('region', { name: 'Classes that use it' });
  const more = users.getByRole('button', { name: 'More of them' });
  await expect(users.getByRole('listitem').first()).toContainText(/workshop|lunch/);
  while (await more.isVisible()) {
    const shown = await users.getByRole('listitem').count();
    await more.click();
    await expect.poll(() => users.getByRole('listitem').count()).toBeGreaterThan(shown);
  }
  await expect(users).toContainText('Thursday lunch: quiet ankles');
  await expect(page.getByRole('region', { name: 'Instead of it' })).toContainText('Waist loop: turn the foot in');
});

test('an exercise is put in a class from its own page, among its kind and once; or begins a new one', async ({
  page,
  request,
}) => {
  const id = await copyOf(request, 'Saturday workshop: the whole foot');
  const designer = new Designer(page);
  await page.goto('/exercises/towel-gather');
  await page.getByRole('button', { name: 'Put it in a class' }).click();
  await page.getByRole('menu').locator(`a[href^="/class/${id}?"]`).click();
  await designer.saved();
  await expect(page).toHaveURL(new RegExp(`/class/${id}$`));
  await expect(page.locator('nw-running-order .row.selected .exercise')).toContainText('Gather a cloth');
  const rows = await designer.rows.count();
  await page.reload();
  await expect(designer.rows).toHaveCount(rows);

  await page.goto('/exercises/towel-gather');
  await page.getByRole('button', { name: 'Put it in a class' }).click();
  await page.getByRole('menuitem', { name: /A new class/ }).click();
  await expect(designer.rows).toHaveCount(1);
  await expect(designer.rows).toContainText('Gather a cloth');
});

test('an instructor makes an exercise with the keyboard and finds it in a class', async ({ page, request }) => {
  await page.goto('/exercises/new');
  await page.getByRole('button', { name: 'Save the exercise' }).click();
  await expect(page.getByRole('alert')).toContainText('Nothing is lost');
  await expect(page.getByText('The name must not be empty.')).toBeVisible();
  await expect(page.getByLabel('Name, in plain words')).toBeFocused();
  await page.getByLabel('Name, in plain words').fill('Harbour toe roll');
  for (const part of ['What it is for, and how it is found', 'What to say', 'What to watch', 'More about this phase'])
    await page.getByText(part, { exact: true }).click();
  await page.getByLabel('What it is for, in one').fill('Lifts the toes in order. Roll in.');
  await expect(page.getByText('turned out at the ankle')).toBeVisible();
  await page.getByLabel('Words to find it by').fill('harbour, roll');
  // the footprint is the editor: the big toe rests, one Enter and it is lifted
  const toe = page.getByRole('button', { name: 'working foot, big toe rests on floor; change' });
  await toe.focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: 'working foot, big toe lifts; change' })).toBeFocused();
  await page.getByLabel('Done backwards it is called').fill('back');
  await page.getByLabel('Seconds', { exact: true }).fill('0');
  for (const [cue, words] of [
    ['Set-up', 'Sit tall.'],
    ['Action', 'Toes up in order.'],
    ['Picture', 'A wave on the slipway.'],
    ['Correction', 'Slower.'],
  ] as const)
    await page.getByLabel(new RegExp(`^${cue}:`)).fill(words);
  await page.getByRole('button', { name: 'A fault' }).click();
  await page.getByLabel('What is seen').fill('toes rise together');
  await page.getByLabel('What is said').fill('One by one.');
  await page.getByRole('button', { name: 'Save the exercise' }).click();
  await expect(page.getByText('Phase 1, seconds needs a length of at least a quarter of a second.')).toBeVisible();
  // a reload keeps what was typed, once it is written down
  await expect.poll(() => page.evaluate(keptHere)).toContain('One by one.');
  await page.reload();
  await expect(page.getByLabel('Name, in plain words')).toHaveValue('Harbour toe roll');
  await page.getByLabel('Seconds', { exact: true }).fill('3');
  await page.getByRole('button', { name: 'Save the exercise' }).click();
  await expect(page.getByRole('heading', { name: 'Harbour toe roll' })).toBeVisible();
  await expect(page.getByText('Your own exercise')).toBeVisible();
  const { exercise } = (await (await request.get('/api/exercises/harbour-toe-roll')).json()) as {
    exercise: { performance: { phases: { working: { contacts: { bigToe: object } } }[] } };
  };
  expect(exercise.performance.phases[0]?.working.contacts.bigToe).toEqual({ contact: 'lift', meets: 'air' });
});

test('a name alone makes an exercise; two levels are a ladder; it is put in a class, and says what it still owes', async ({
  page,
}) => {
  await page.goto('/exercises/new');
  await page.getByLabel('Name, in plain words').fill('Gangway balance');
  await page.getByRole('button', { name: 'Save the exercise' }).click();
  await expect(page.getByRole('heading', { name: 'Gangway balance' })).toBeVisible();
  const designer = new Designer(page);
  await designer.start(5, 'With one of my own');
  await designer.add('gangway', 'Gangway balance');
  await designer.saved();
  await page.getByRole('link', { name: 'To the floor' }).click();
  await expect(page.locator('.waiting .of')).toHaveText('ready');
  await page.keyboard.press('Space');
  await expect(page.locator('.waiting .of')).toContainText('of set-up');
  await page.keyboard.press('Space');
  await expect(page.locator('.of')).toHaveText('of 8');
});

test('an own exercise says all that a built-in one says: counts, stand-ins, pressure, two wordings, a school’s own way', async ({
  page,
  request,
}) => {
  await page.goto('/exercises/new?from=lean-and-shift');
  await expect(page.getByLabel('Name, in plain words')).toHaveValue(/my way$/);
  await page.getByLabel('Name, in plain words').fill('Quay lean');
  await page.getByLabel('firm ball, how many').fill('2');
  await page.getByLabel('firm ball, how many').blur();
  await page.getByRole('combobox', { name: 'In place of firm ball' }).selectOption('roller');
  await page.getByLabel('What roller in place of firm ball changes').fill('the whole width at once');
  const phases = page.locator('nw-phases-editor').first();
  await phases.getByLabel('On the tool, % of weight').fill('35');
  await phases.getByLabel('To the next spot, cm').fill('0.5');
  await page.getByRole('button', { name: 'A school’s own way' }).click();
  const variants = page.locator('nw-variants-editor');
  const own = variants.locator('.variant').last();
  await own.getByRole('combobox', { name: /^Question of variant/ }).selectOption('comfort');
  await own.getByLabel('Action said here', { exact: true }).fill('Lean until it is just not nice.');
  await own.getByLabel('Action said here, in anatomical words').fill('Load to mild discomfort.');
  await page.getByRole('button', { name: 'Save the exercise' }).click();
  await expect(page.getByRole('heading', { name: 'Quay lean' })).toBeVisible();
  const { exercise } = (await (await request.get('/api/exercises/quay-lean')).json()) as {
    exercise: { performance: { kit: object[]; phases: { pressure: object }[] }; schoolVariants: object[] };
  };
  expect(exercise.performance.kit[0]).toMatchObject({
    count: 2,
    substitutes: expect.arrayContaining([{ kit: 'roller', changes: 'the whole width at once' }]),
  });
  expect(exercise.performance.phases[0]?.pressure).toEqual({ bodyWeightPercent: 35, shiftCm: 0.5 });
  expect(exercise.schoolVariants.at(-1)).toMatchObject({
    when: { comfort: 'mild-in-release' },
    cues: { action: { plain: 'Lean until it is just not nice.', anatomical: 'Load to mild discomfort.' } },
  });
});

test('a built-in exercise is changed, a class moves to it, and it returns to its original', async ({
  page,
  request,
}) => {
  await page.goto('/exercises/sideways-ankle-rock');
  await page.getByRole('link', { name: 'Change it' }).click();
  await page.getByLabel('What it is for, in one sentence').fill('Mine for Saltmarsh Hall.');
  await page.getByRole('button', { name: 'Save the exercise' }).click();
  await expect(page.getByText('Changed by you')).toBeVisible();
  await page.getByRole('button', { name: 'Return to the original' }).click();
  await expect(page.getByText('Changed by you')).toHaveCount(0);
  const { changed } = (await (await request.get('/api/exercises/sideways-ankle-rock')).json()) as { changed: boolean };
  expect(changed).toBe(false);
});

test('the words are found, and a cue is read for muddles', async ({ page }) => {
  await page.goto('/words');
  await page.getByLabel('Find a word').fill('eversion');
  await expect(page.getByText('The sole faces away')).toBeVisible();
  await page.getByLabel('A cue of yours').fill('Roll in and flex.');
  await expect(page.locator('q').filter({ hasText: 'Roll in' })).toBeVisible();
  await expect(page.getByText('foot up · curl the toes')).toBeVisible();
});

test('what a foot teacher would correct in an own exercise is said in words, and it is saved all the same', async ({
  page,
  request,
}) => {
  await page.goto('/exercises/new?from=sore-spot-wait');
  const asked = page.getByRole('region', { name: 'What a foot teacher would ask' });
  await expect(page.getByLabel('Name, in plain words')).toHaveValue(/my way$/);
  await expect(asked).toHaveCount(0);
  await page.getByLabel('Name, in plain words').fill('Slipway wait');
  await page.getByLabel('What is seen').first().fill('the sole hurts');
  await expect(asked).toContainText('“hurts” is felt or thought, not seen');
  await page.getByLabel('What is seen').first().fill('the heel hangs in the air');
  await expect(asked).toContainText('cannot be seen from the front: the heel is behind the foot');
  await page.getByText('In words: what each place meets').first().click();
  await page.getByRole('checkbox', { name: 'big toe' }).first().check();
  await page.getByRole('button', { name: 'Save the exercise' }).click();
  await expect(page.getByRole('heading', { name: 'Slipway wait' })).toBeVisible();
  await expect(page.getByRole('region', { name: 'What the feet do' })).toContainText('a hand: big toe');
  const { exercise } = (await (await request.get('/api/exercises/slipway-wait')).json()) as {
    exercise: { performance: { phases: { working: { hands: string[]; middle: object } }[] } };
  };
  expect(exercise.performance.phases[0]?.working).toMatchObject({
    hands: ['big toe'],
    middle: { contact: 'press', meets: 'ball' },
  });
});

test('a level that opens by weeks says so, on its page and where it is chosen', async ({ page, request }) => {
  await page.goto('/exercises/small-jumps');
  const ladder = page.getByRole('region', { name: 'Ladder' });
  await expect(ladder).toContainText('opens after 5 weeks. For people new to impact');
  const id = await copyOf(request, 'Saturday workshop: the whole foot');
  await page.goto(`/class/${id}`);
  const designer = new Designer(page);
  await designer.add('small jumps', 'Small jumps on the spot');
  await designer.row('Small jumps on the spot').click();
  const level = page.getByRole('region', { name: 'Level' });
  await level.getByRole('button', { name: 'small jumps, hands on a support: for most' }).click();
  await expect(level).toContainText('“small jumps, hands on a support” opens after 5 weeks.');
});
