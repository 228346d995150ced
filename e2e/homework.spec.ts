import { expect, test } from '@playwright/test';
import { extractText, getDocumentProxy } from 'unpdf';
import type { HomeworkList, HomeworkPage } from '@core/contract';
import { groupOf } from './group';

test('a sheet from nothing: suggested, traded, marked by day, and on paper, read back by another package', async ({
  page,
  request,
}) => {
  const group = await groupOf(request, 'Homework group', ['Ada Tester', 'Bo Tester']);
  await page.goto(`/groups/${group}`);
  await page.getByRole('button', { name: 'New homework' }).click();
  await expect(page.getByLabel('Name of the sheet')).toHaveValue('At home: Homework group');
  await expect(page.getByLabel('Name of the sheet')).toBeFocused();
  const id = page.url().split('/').at(-1) ?? '';
  const kept = async () => ((await (await request.get(`/api/homework/${id}`)).json()) as HomeworkPage).homework;

  await page.getByRole('button', { name: 'Suggest exercises' }).click();
  const items = page.locator('nw-home-item');
  await expect(items.first()).toBeVisible();
  await expect(page.locator('.time')).toContainText('on full days');
  // nothing that was suggested is at fault
  await expect(page.locator('.fault')).toHaveCount(0);
  await items
    .first()
    .getByRole('button', { name: /^Leave out/ })
    .press('Enter');
  await expect(items.first().getByRole('button', { name: / up$/ })).toBeFocused();
  const count = await items.count();

  const strong = items.filter({ hasText: 'every other day, ' }).last();
  const before = await page.locator('nw-day-grid td.due').count();
  await strong.getByRole('radio', { name: /^every day, 2 to 3 sets/ }).check();
  await expect.poll(() => page.locator('nw-day-grid td.due').count()).toBeGreaterThan(before);
  await expect.poll(async () => (await kept()).items.at(-1)?.rhythm).toBe('daily');

  const [paper] = await Promise.all([
    page.waitForEvent('popup'),
    page.getByRole('link', { name: 'A page to print' }).click(),
  ]);
  await paper.close();
  const file = await (await request.get(`/api/homework/${id}/sheet.pdf`)).body();
  const doc = await getDocumentProxy(new Uint8Array(file));
  const { text, totalPages } = await extractText(doc, { mergePages: true });
  expect(totalPages).toBe(1);
  const words = text.replace(/\s+/g, ' ');
  expect(words).toContain('At home: Homework group');
  for (let at = 0; at < count; at++) {
    const name = ((await items.nth(at).locator('h2').textContent()) ?? '').replace(/^\s*\d+\s*/, '').trim();
    expect(words).toContain(name);
  }

  // by keyboard the focus stays where the hands are: in what came for what was pressed
  await page.getByRole('button', { name: 'It came back' }).press('Enter');
  await expect(page.getByRole('spinbutton', { name: 'days on which it was done' })).toBeFocused();
  await page.getByRole('spinbutton', { name: 'days on which it was done' }).fill('9');
  await page.getByRole('spinbutton', { name: 'days on which it was done' }).press('Tab');
  await expect.poll(async () => (await kept()).daysDone).toBe(9);

  await page.goto('/homework');
  const row = page.locator('li').filter({ has: page.locator(`a[href='/homework/${id}']`) });
  await expect(row).toContainText('done on 9 of 14 days');
  await row.getByRole('button', { name: 'Put away' }).click();
  await expect(row).toHaveCount(0);
});

test('homework stands in the calendar, at its course and in the file of its student', async ({ page, request }) => {
  const { homework } = (await (await request.get('/api/homework')).json()) as HomeworkList;
  const sheet = homework.find((one) => one.homework.id === 'demo-home-oswin')?.homework;
  if (sheet?.for.kind !== 'student') throw new Error('the demo has a sheet for one student');
  await page.goto(`/people/${sheet.for.studentId}`);
  await expect(page.locator('nw-at-home')).toContainText('For the stairs at the ferry');
  await page.goto('/courses/demo-winter');
  await expect(page.locator('nw-course-homework')).toContainText('Winter lunches: between the classes');
  await page.goto('/calendar');
  await expect(page.locator("a[data-kind='homework']").first()).toBeVisible();
});
