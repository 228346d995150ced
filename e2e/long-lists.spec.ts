import { expect, test } from '@playwright/test';

test('the library stays quick with 2,000 exercises', async ({ page }) => {
  await page.route(/\/api\/exercises(\?.*)?$/, async (route) => {
    const answer = await route.fetch();
    const { exercises } = (await answer.json()) as { exercises: { revision: string; exercise: { id: string } }[] };
    const many = Array.from({ length: 2000 }, (_, i) => {
      const of = exercises[i % exercises.length];
      return (
        of && {
          ...of,
          revision: `${of.revision.slice(0, 24)}${i.toString(16).padStart(8, '0')}`,
          exercise: { ...of.exercise, id: `${of.exercise.id}-${i}` },
        }
      );
    });
    await route.fulfill({ json: { exercises: many, gone: [], whole: true, at: 'many.0', next: null } });
  });
  await page.goto('/exercises');
  await expect(page.getByText('2000 of 2000 exercises')).toBeVisible();
  const rows = page.getByRole('listitem');
  await expect(rows.first()).toBeVisible();
  expect(await rows.count()).toBeLessThan(40);
  await page.getByLabel('Find by any word').fill('big toe');
  await expect(page.getByText('2000 of 2000')).toHaveCount(0);
  expect(await rows.count()).toBeLessThan(40);
});
