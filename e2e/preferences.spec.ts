import { expect, test } from '@playwright/test';
import { Designer, classIdOf } from './designer';

// there is one teacher: two tests that change how they teach would each put back what the other changed
test.describe.configure({ mode: 'serial' });

test('what the teacher prefers chooses the words and marks other schools', async ({ page, request }) => {
  const before = (await (await request.get('/api/preferences')).json()) as { school: object };
  try {
    await page.goto('/teaching');
    await page.getByRole('radio', { name: 'out on effort' }).check();
    await expect(page.getByText('Saved')).toBeVisible();
    await page.goto('/exercises/step-rise-straight-knee');
    await page.getByRole('button', { name: /^one foot, below the edge of a step/ }).click();
    await expect(page.getByText('breathe out')).toBeVisible();
  } finally {
    await request.put('/api/preferences', { data: before });
  }
});

test('a teacher’s own pace is what new classes begin with', async ({ page, request }) => {
  const before: unknown = await (await request.get('/api/preferences')).json();
  try {
    await page.goto('/teaching');
    const band = page.getByRole('spinbutton', { name: 'Moving a band to the other foot' });
    await band.fill('20');
    await band.press('Tab');
    // it says that it is saved from before the change too: what counts is what the server has
    const kept = async () =>
      (await (await request.get('/api/preferences')).json()) as { pace: { moveBandSeconds: number } };
    await expect.poll(async () => (await kept()).pace.moveBandSeconds).toBe(20);
    await expect(page.getByText('Saved')).toBeVisible();
    const designer = new Designer(page);
    await designer.start(10, 'At my pace');
    const plan = (await (await request.get(`/api/classes/${classIdOf(page)}`)).json()) as {
      plan: { pace: { moveBandSeconds: number } };
    };
    expect(plan.plan.pace.moveBandSeconds).toBe(20);
  } finally {
    await request.put('/api/preferences', { data: before });
  }
});
