import { gunzipSync, gzipSync } from 'node:zlib';
import AxeBuilder from '@axe-core/playwright';
import { expect, test } from '@playwright/test';
import { copyOf } from './designer';

for (const scheme of ['light', 'dark'] as const) {
  test.describe(scheme, () => {
    test.use({ colorScheme: scheme });
    for (const [name, path] of [
      ['classes', '/'],
      ['designer', '/class/:id'],
      ['floor', '/class/:id/floor'],
      ['card', '/class/:id/card'],
      ['log', '/log'],
      ['exercises', '/exercises'],
      ['an exercise', '/exercises/short-foot'],
      ['the exercise editor', '/exercises/short-foot/edit'],
      ['how I teach', '/teaching'],
      ['words', '/words'],
    ] as const) {
      test(`${name} passes axe (WCAG 2.2 AA)`, async ({ page, request }) => {
        const id = await copyOf(request, 'Thursday lunch: quiet ankles');
        await page.goto(path.replace(':id', id));
        await page.waitForLoadState('networkidle');
        if (name === 'designer') await page.getByRole('button', { name: 'Add an exercise' }).waitFor();
        const { violations } = await new AxeBuilder({ page })
          .withTags(['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa'])
          .analyze();
        expect(violations.map((v) => `${v.id}: ${v.nodes.map((n) => n.target.join(' ')).join('; ')}`)).toEqual([]);
      });
    }
  });
}

const places = ['/exercises', '/exercises/toe-wave', '/exercises/toe-wave/edit', '/teaching', '/words'];
for (const width of [360, 390, 768, 1280]) {
  test(`nothing is cut off at ${width} px`, async ({ page, request }) => {
    const id = await copyOf(request, 'Saturday workshop: the whole foot');
    await page.setViewportSize({ width, height: 800 });
    for (const path of ['/', `/class/${id}`, `/class/${id}/floor`, `/class/${id}/card`, '/log', ...places]) {
      await page.goto(path);
      await page.waitForLoadState('networkidle');
      const wide = await page.evaluate(() => document.documentElement.scrollWidth);
      expect(wide, path).toBeLessThanOrEqual(width);
    }
  });
}

test('the first page loads under 250 kB of compressed script', async ({ page }) => {
  let bytes = 0;
  page.on('response', async (response) => {
    if (!response.url().endsWith('.js')) return;
    const body = await response.body().catch(() => Buffer.alloc(0));
    const plain = body.subarray(0, 2).equals(Buffer.from([0x1f, 0x8b])) ? gunzipSync(body) : body;
    bytes += gzipSync(plain).length;
  });
  await page.goto('/');
  await page.waitForLoadState('networkidle');
  expect(bytes).toBeGreaterThan(20_000);
  expect(bytes).toBeLessThan(250_000);
});
