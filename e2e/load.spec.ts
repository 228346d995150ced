import { expect, test } from '@playwright/test';
import type { ClassesMade, ExerciseRevision } from '@core/contract';
import { newCourse } from '@core/course';
import { reps } from '@core/dose';
import { newBlock, newItem, newPlan } from '@core/plan';

test('a week that rises too steeply is named, and one press takes it down as it was tried', async ({ page, request }, {
  repeatEachIndex,
}) => {
  const id = `e2e-steep-${repeatEachIndex}`;
  const course = { ...newCourse(id, 'Steep weeks', '2031-03-03', 'Europe/London'), weeks: 3 };
  const put = (path: string, data: object) => request.put(path, { data });
  expect((await put(`/api/courses/${id}`, { basedOn: null, course })).ok()).toBe(true);
  const rise = (await (await request.get('/api/exercises/two-foot-rise')).json()) as ExerciseRevision;
  const classes = [40, 90].map((count, i) => {
    const key = ['2031-03-04', '2031-03-11'][i] ?? '';
    const item = { ...newItem(`${id}-item-${i}`, rise.exercise, rise.revision), dose: [reps(count)] };
    const plan = {
      ...newPlan(`${id}-${key}`, `Steep ${i + 1}`, 1800),
      blocks: [newBlock(`${id}-block-${i}`, 'Work', [item])],
    };
    return { key, plan };
  });
  const made = (await (await request.post(`/api/courses/${id}/classes`, { data: { classes } })).json()) as ClassesMade;
  expect(made.made).toHaveLength(2);

  await page.goto(`/courses/${id}/load`);
  const fault = page.locator('.fault');
  await expect(fault).toContainText('rises on a foot go from 40 to 90, 125 % more; up to 60 would do');
  await expect(page.locator('nw-load-chart svg text').first()).toBeVisible();
  await fault.getByRole('button', { name: /^60 instead of 90 in Rise on both feet/ }).click();
  await expect(fault).toHaveCount(0);
  await expect(page.locator('tbody tr').nth(1)).toContainText('+50 %');
});
