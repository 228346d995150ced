import { expect, test } from '@playwright/test';
import { Temporal } from 'temporal-polyfill';
import type { ClassRead, ExerciseRevision } from '@core/contract';
import { newCourse } from '@core/course';
import { newBlock, newItem, newPlan } from '@core/plan';
import { groupOf } from './group';

const dateAgo = (days: number): string => Temporal.Now.plainDateISO().subtract({ days }).toString();

test('a teacher comes in: the desk has the class that is on, what it needs and what is owed; each is one tap away, and gone once it is done', async ({
  page,
  request,
}, { repeatEachIndex }) => {
  const title = `Desk ${repeatEachIndex}`;
  const groupId = await groupOf(request, title, ['Ada Tester', 'Bo Tester']);
  const put = async (path: string, data: object) => expect((await request.put(path, { data })).ok(), path).toBe(true);
  const of = async (id: string) => (await (await request.get(`/api/exercises/${id}`)).json()) as ExerciseRevision;
  // it began an hour ago and lasts two, so that no other class of anybody comes before it
  const starts = Temporal.Now.zonedDateTimeISO().subtract({ hours: 1 });
  const key = starts.toPlainDate().toString();
  const id = `${groupId}-course`;
  const course = {
    ...newCourse(id, title, key, Temporal.Now.timeZoneId()),
    weeks: 1,
    groupId,
    weekly: [
      { weekday: starts.dayOfWeek, time: starts.toPlainTime().toString({ smallestUnit: 'minute' }), minutes: 120 },
    ],
  };
  await put(`/api/courses/${id}`, { basedOn: null, course });
  const items = await Promise.all(
    ['walk-and-notice', 'band-turn-out', 'two-foot-rise'].map(async (name, i) => {
      const { exercise, revision } = await of(name);
      return newItem(`${id}-item-${i}`, exercise, revision);
    }),
  );
  const empty = newPlan(`${id}-${key}`, `${title} 1`, 7200);
  const plan = {
    ...empty,
    brief: { ...empty.brief, groupId, people: 8 },
    blocks: [newBlock(`${id}-block`, 'Work', items)],
  };
  await request.post(`/api/courses/${id}/classes`, { data: { classes: [{ key, plan }] } });
  // last week the first exercise was done, and then the bell rang
  const runId = `${id}-run`;
  const { plan: stored } = (await (await request.get(`/api/classes/${plan.id}`)).json()) as ClassRead;
  const before = { ...stored, id: `${id}-before`, title: `${title} before` };
  await put(`/api/runs/${runId}`, {
    classId: before.id,
    version: 1,
    plan: before,
    startedAt: `${dateAgo(7)}T12:00:00.000Z`,
  });
  const ended = { runId, deviceId: 'tablet-1', seq: 0, atMs: 60_000, event: { kind: 'ended' } };
  expect((await request.post(`/api/runs/${runId}/events`, { data: { events: [ended] } })).ok()).toBe(true);
  // one was measured once, and passed a level twice
  const student = `${groupId}-0`;
  const note = (date: string, what: object) =>
    put(`/api/notes/${id}-${date}`, {
      id: `${id}-${date}`,
      studentId: student,
      exerciseId: 'one-leg-stand',
      foot: 'both',
      date,
      what,
      by: '',
    });
  const clean = {
    kind: 'clean',
    rungId: 'five-fingers',
    value: 30,
    conditions: { surface: 'floor', footwear: 'bare' },
  };
  await note(dateAgo(20), { kind: 'placed', rungId: 'five-fingers', why: 'begins', note: '' });
  await note(dateAgo(14), clean);
  await note(dateAgo(7), clean);
  await page.goto(`/groups/${groupId}/look?check=knee-to-wall`);
  await page.getByLabel('Date').fill(dateAgo(10));
  for (const n of [1, 2, 3]) await page.getByLabel(`Ada Tester, left, try ${n}`).fill('9');
  await page.getByLabel('Ada Tester, left, try 3').press('Enter');
  await expect(page.locator('nw-look-row').first()).toContainText('9.0 cm first');

  await page.goto('/');
  const next = page.getByRole('region', { name: `${title} 1` });
  await expect(next.locator('.when')).toContainText(/began (59|6\d) minutes ago/);
  await expect(next).toContainText('Put out for 8');
  await expect(next).toContainText(/band\s*× 8/);
  await expect(next).toContainText('not reached: Rise on both feet; it is in this class');
  const group = page.getByRole('region', { name: title, exact: true });
  await expect(group).toContainText(/Look again: knee to wall\s*Ada Tester/);

  await group.getByRole('link', { name: 'Ready for more: Stand on one leg' }).click();
  await page.getByRole('button', { name: 'Up to three fingertips' }).click();
  await page.getByRole('link', { name: 'Needlework' }).click();
  await expect(next).toBeVisible();
  await expect(group).toContainText('Look again');
  await expect(group.getByRole('link', { name: /Ready for more/ })).toHaveCount(0);

  await group.getByRole('link', { name: 'Look again: knee to wall' }).click();
  await expect(page).toHaveURL(/look\?check=knee-to-wall/);
  await page.goBack();

  await next.getByRole('link', { name: 'To the floor' }).click();
  await expect(page).toHaveURL(new RegExp(`/class/${plan.id}/floor$`));
  await expect(page.getByText(/Last time.*not reached: .*Rise on both feet/)).toBeVisible();
  await page.keyboard.press('Space');
  await page.keyboard.press('Space');
  await page.getByRole('button', { name: 'End the class' }).click();
  await page.getByRole('button', { name: /Put it in the log/ }).click();
  await expect(page).toHaveURL(/\/log\//);
  await page.goto('/');
  await expect(page.locator('.when')).toBeVisible();
  await expect(next).toHaveCount(0);
});

test('the first screen goes where the teacher goes: a new class, all classes, and back', async ({ page }) => {
  await page.goto('/');
  await expect(page.locator('.drafts li')).toHaveCount(3);
  await page.getByRole('link', { name: 'All classes' }).click();
  await expect(page).toHaveURL(/\/classes$/);
  await expect(page.getByRole('link', { name: 'Classes', exact: true })).toHaveAttribute('aria-current', 'page');
  await page.getByRole('link', { name: 'Desk', exact: true }).click();
  await page.getByRole('button', { name: 'New class', exact: true }).click();
  await page.getByRole('menuitem', { name: '20 minutes' }).click();
  await expect(page).toHaveURL(/\/class\//);
  await page.getByRole('link', { name: 'Classes', exact: true }).click();
  await expect(page).toHaveURL(/\/classes$/);
});
