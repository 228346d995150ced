import ICAL from 'ical.js';
import { type APIRequestContext, type Page, expect, test } from '@playwright/test';
import type { CoursePage } from '@core/contract';
import { Designer } from './designer';

const chip = (page: Page, number: number) => page.getByRole('button', { name: new RegExp(`^Class ${number},`) });
const panel = (page: Page) => page.locator('nw-class-panel');
const idOf = (page: Page) => page.url().split('/').at(-1) ?? '';
const read = async (request: APIRequestContext, id: string) =>
  (await (await request.get(`/api/courses/${id}`)).json()) as CoursePage;

/** A course of three weeks with one class a week, its ladders suggested. */
async function planned(page: Page, title: string): Promise<string> {
  await page.goto('/courses');
  await page.getByRole('button', { name: 'New course' }).click();
  // what was just made waits for its name
  await expect(page.getByLabel('Name of the course')).toBeFocused();
  await page.keyboard.type(title);
  await page.keyboard.press('Enter');
  await page.getByRole('spinbutton', { name: 'weeks', exact: true }).fill('3');
  await page.getByRole('spinbutton', { name: 'weeks', exact: true }).press('Tab');
  await page.getByRole('spinbutton', { name: 'minutes on Tuesday' }).fill('12');
  await page.getByRole('spinbutton', { name: 'minutes on Tuesday' }).press('Tab');
  return idOf(page);
}

test('a course from nothing: its days, its ladders, a class for every date, one changed by hand and left alone', async ({
  page,
  request,
}) => {
  const id = await planned(page, 'Three weeks of mornings');
  // what can never be is said, with what cures it
  const never = page.getByRole('alert').filter({ hasText: /never opens?:/ });
  await expect(never).toBeVisible();
  await never.getByRole('button').click();
  await expect(never).toHaveCount(0);
  await page.getByRole('spinbutton', { name: 'weeks', exact: true }).fill('3');
  await page.getByRole('spinbutton', { name: 'weeks', exact: true }).press('Tab');
  await page.getByText('Phases: mobilise').click();
  await page.getByLabel('Phases', { exact: true }).selectOption({ label: 'Without jumps' });
  await page.getByRole('button', { name: 'Without Unstable ground' }).click();
  await page.getByRole('button', { name: 'Suggest some' }).click();
  await expect(page.locator('svg.line').first()).toHaveAttribute('aria-label', /: from week 1 .*Aim: /);

  await page.getByRole('button', { name: 'Make the 3 classes' }).click();
  await expect(page.getByText('3 classes made.')).toBeVisible();
  await chip(page, 2).click();
  await expect(panel(page)).toContainText('As before:');
  await expect(panel(page)).toContainText('planned');

  await panel(page).getByRole('link', { name: 'Open it' }).click();
  const designer = new Designer(page);
  await designer.saved();
  await page.getByLabel('Name of the class').fill('Mine now');
  await page.getByLabel('Name of the class').press('Enter');
  await expect.poll(async () => (await read(request, id)).classes[1]?.byHand).toBe(true);
  await page.goto(`/courses/${id}`);
  await expect(chip(page, 2)).toHaveAccessibleName(/changed by hand$/);
  await page.getByRole('button', { name: 'Make what is to come anew' }).click();
  await expect(page.getByText('2 classes made.')).toBeVisible();
  expect((await read(request, id)).classes[1]).toMatchObject({ title: 'Mine now', byHand: true });
});

test('a class is dragged to another date: what follows is said first, and only then it is so', async ({
  page,
  request,
}) => {
  // all of it in sight: near the edge of a window the page scrolls by itself under what is dragged
  await page.setViewportSize({ width: 1280, height: 1600 });
  const id = await planned(page, 'Dragged');
  await expect(page.getByRole('button', { name: 'Make the 3 classes' })).toBeVisible();
  const from = await chip(page, 1).boundingBox();
  const friday = page.locator('.day').filter({ hasText: 'Friday' }).locator('.cell').first();
  const to = await friday.boundingBox();
  if (!from || !to) throw new Error('Both are in sight.');
  await page.mouse.move(from.x + from.width / 2, from.y + from.height / 2);
  await page.mouse.down();
  await page.mouse.move(from.x + from.width / 2, from.y + from.height + 8, { steps: 4 });
  await page.mouse.move(to.x + to.width / 2, to.y + to.height / 2, { steps: 8 });
  await expect(page.locator('.cdk-drag-preview')).toBeVisible();
  const now = (await friday.boundingBox()) ?? to;
  await page.mouse.move(now.x + now.width / 2, now.y + now.height / 2, { steps: 3 });
  await expect(friday.locator('.cdk-drag-placeholder')).toBeAttached();
  await page.mouse.up();
  await expect(panel(page)).toContainText('Nothing else moves');
  expect((await read(request, id)).course.moved).toEqual([]);
  await panel(page).getByRole('button', { name: 'So be it' }).click();
  await expect.poll(async () => (await read(request, id)).course.moved.length).toBe(1);
  await expect(friday.getByRole('button')).toHaveAccessibleName(/^Class 1, Fri .*moved from Tue/);
  // by hand the same, and back
  await panel(page)
    .getByLabel('On another date')
    .fill((await read(request, id)).course.moved[0]?.from ?? '');
  await panel(page).getByRole('button', { name: 'So be it' }).click();
  await expect(chip(page, 1)).toHaveAccessibleName(/^Class 1, Tue/);
});

test('the winter of Saltmarsh Hall: the missed week moved the doors', async ({ page }) => {
  await page.goto('/courses');
  await page.getByRole('link', { name: /Winter lunches/ }).click();
  await expect(page.locator('.notes')).toContainText('later than planned: week 2 missed');
});

test('a course is put away and brought back', async ({ page }) => {
  // one of its own: the winter is read by others meanwhile
  const id = await planned(page, 'Only for summer');
  await expect.poll(async () => (await read(page.request, id)).course.weekly[0]?.minutes).toBe(12);
  await page.goto('/courses');
  const card = page.locator('li').filter({ has: page.locator(`a[href='/courses/${id}']`) });
  await card.getByRole('button', { name: 'Put away' }).click();
  await expect(card).toHaveCount(0);
  await page.getByRole('button', { name: 'Courses that are put away' }).click();
  await card.getByRole('button', { name: 'Bring back' }).click();
  await page.getByRole('button', { name: 'The courses that go on' }).click();
  await expect(card).toBeVisible();
});

test('the calendar has the winter on its days, and its file is read by another package; days off come from a file', async ({
  page,
  request,
}) => {
  await page.goto('/calendar');
  await page
    .getByRole('link', { name: /Winter lunches at Saltmarsh Hall/ })
    .first()
    .waitFor();
  const file = await (await request.get('/api/courses/demo-winter/calendar.ics')).text();
  const events = ICAL.Component.fromString(file)
    .getAllSubcomponents('vevent')
    .map((event) => new ICAL.Event(event));
  const { course } = await read(request, 'demo-winter');
  expect(events.filter(({ startDate }) => !startDate.isDate)).toHaveLength(2 * course.weeks - 2);

  const id = await planned(page, 'From the office');
  const { from } = (await read(request, id)).course;
  const day = from.replaceAll('-', '');
  const calendar = `BEGIN:VCALENDAR\r\nVERSION:2.0\r\nBEGIN:VEVENT\r\nUID:f\r\nDTSTART;VALUE=DATE:${day}\r\nSUMMARY:Harbour fair\r\nEND:VEVENT\r\nEND:VCALENDAR\r\n`;
  await page
    .locator('.file input')
    .setInputFiles({ name: 'hall.ics', mimeType: 'text/calendar', buffer: Buffer.from(calendar) });
  await page.locator('.offered li').getByRole('button', { name: 'a show' }).click();
  await expect
    .poll(async () => (await read(request, id)).course.off)
    .toEqual([{ from, to: from, why: 'show', note: 'Harbour fair' }]);
  await page
    .locator('.file input')
    .setInputFiles({ name: 'x.ics', mimeType: 'text/calendar', buffer: Buffer.from('no calendar') });
  await expect(page.getByText('This is no calendar file')).toBeVisible();
});
