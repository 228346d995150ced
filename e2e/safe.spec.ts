import { readFileSync } from 'node:fs';
import { gunzipSync } from 'node:zlib';
import { type Page, expect, test } from '@playwright/test';
import { OwnServer } from './own-server';

/** What is put back is all there is: these tests have a server of their own. */
let server: OwnServer;
test.describe.configure({ mode: 'serial' });
test.beforeAll(async () => {
  server = new OwnServer(4394);
  await server.start('--demo');
});
test.afterAll(() => server.remove());

async function classId(page: Page, title: string): Promise<string> {
  const answer = await page.request.get(`${server.url}/api/classes?limit=50`);
  const { classes } = (await answer.json()) as { classes: { id: string; title: string }[] };
  return classes.find((one) => one.title === title)?.id ?? '';
}
async function rename(page: Page, from: string, to: string): Promise<void> {
  await page.goto(`${server.url}/class/${await classId(page, from)}`);
  const name = page.getByLabel('Name of the class');
  await name.fill(to);
  await name.press('Enter');
  await expect(page.locator('.save')).toHaveText('Saved');
}
const safe = (page: Page) => page.goto(`${server.url}/safe`);

test('a copy is made, looked into, and one class of it comes back', async ({ page }) => {
  await safe(page);
  await page.getByRole('button', { name: 'Make a copy now' }).click();
  const copy = page.locator('nw-copies-list li').filter({ hasText: 'you asked for it' });
  await expect(copy).toContainText('9 classes');
  await rename(page, 'Saturday workshop: the whole foot', 'Spoilt by a slip');
  await safe(page);
  await copy.getByRole('button', { name: 'Look inside' }).click();
  const inside = page.locator('nw-coming-panel');
  await expect(inside.getByRole('heading', { name: /The copy from/ })).toBeVisible();
  await inside.getByLabel('A word of its name').fill('saturday');
  await inside.getByText('Saturday workshop: the whole foot').click();
  await expect(inside).toContainText('One thing is taken, as this has it.');
  await inside.getByRole('button', { name: 'Take it in' }).click();
  await expect(inside).toContainText('Taken in: 1 class.');
  await expect(page.locator('nw-copies-list li')).toHaveCount(2);
  await page.goto(`${server.url}/class/${await classId(page, 'Saturday workshop: the whole foot')}/earlier`);
  await expect(page.locator('main')).toContainText('Spoilt by a slip');
});

test('everything goes out as a file that says what it holds', async ({ page }) => {
  await safe(page);
  await page.getByRole('button', { name: 'Everything, with people' }).click();
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'Save the file' }).click(),
  ]);
  expect(file.suggestedFilename()).toMatch(/^needlework-everything-with-people-[\d-]+\.json\.gz$/);
  const read = JSON.parse(gunzipSync(readFileSync(await file.path())).toString()) as {
    aboutPeople: boolean;
    records: object[];
  };
  expect(read.aboutPeople).toBe(true);
  expect(read.records.length).toBeGreaterThan(1000);
  // taken in where it came from, it changes nothing
  await page.locator('input[type=file]').setInputFiles(await file.path());
  await expect(page.locator('nw-coming-panel')).toContainText('All that is in it is here already');
});

test('a class goes to another teacher by a file, and a slip in the file is named by line and field', async ({
  page,
}) => {
  await page.goto(`${server.url}/class/${await classId(page, 'Saturday workshop: the whole foot')}`);
  await page.getByRole('button', { name: 'On paper' }).click();
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('menuitem', { name: 'As a file, for another teacher' }).click(),
  ]);
  const text = readFileSync(await file.path(), 'utf8');
  await safe(page);
  const choose = page.locator('input[type=file]');
  const panel = page.locator('nw-coming-panel');
  const send = (name: string, body: string) =>
    choose.setInputFiles({ name, mimeType: 'application/json', buffer: Buffer.from(body) });

  await send('slip.json', text.replace('"slotSeconds":3600', '"slotSeconds":-1'));
  const line = text.split('\n').findIndex((words) => words.includes('"kind":"class"')) + 1;
  await expect(panel.getByRole('alert')).toContainText('slip.json was not taken');
  await expect(panel.getByRole('listitem')).toContainText(
    new RegExp(`Line ${line}, class:\\s*plan.slotSeconds must be at least 60`),
  );
  await send('half.json', text.slice(0, 3000));
  await expect(panel.getByRole('alert')).toContainText('cut off here');
  await send('holiday.json', '{"photos": []}');
  await expect(panel.getByRole('alert')).toContainText('This is no file of Needlework');

  const another = text
    .replaceAll(/"plan":\{"format":(\d+),"id":"[^"]+"/g, '"plan":{"format":$1,"id":"from-elsewhere"')
    .replace('Saturday workshop: the whole foot', 'From another hall');
  await send('class.json', another);
  await expect(panel).toContainText('1 class comes in.');
  await panel.getByRole('button', { name: 'Take it in' }).click();
  await expect(panel).toContainText('Taken in: 1 class.');
  await page.goto(`${server.url}/class/from-elsewhere`);
  await expect(page.getByLabel('Name of the class')).toHaveValue('From another hall');
});

test('a whole copy is put back, and what was there before can be put back in its turn', async ({ page }) => {
  await safe(page);
  const oldest = page.locator('nw-copies-list li').last();
  await oldest.getByRole('button', { name: 'Put back' }).click();
  await expect(oldest).toContainText('What is here now is copied first');
  await page.getByRole('button', { name: 'Put everything back' }).click();
  await expect(page.locator('.done')).toContainText('Everything is as it was');
  expect(await classId(page, 'From another hall')).toBe('');
  // and it goes on as before
  await rename(page, 'Saturday workshop: the whole foot', 'After the copy came back');
  await safe(page);
  const before = page.locator('nw-copies-list li').filter({ hasText: 'before another was put back' });
  await before.getByRole('button', { name: 'Put back' }).click();
  await page.getByRole('button', { name: 'Put everything back' }).click();
  await expect(before).toHaveCount(2);
  await expect.poll(() => classId(page, 'From another hall')).toBe('from-elsewhere');
});
