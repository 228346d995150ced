import { type APIRequestContext, type Page, expect, test } from '@playwright/test';
import type { ClassRead } from '@core/contract';
import { Designer, classIdOf, copyOf, secondsOf } from './designer';
import { unreadable } from './read-page';

test('a dose of zero or a thousand is refused in words and the class stays as it was', async ({ page }) => {
  const designer = new Designer(page);
  await designer.start(10, 'Too much');
  await designer.add('rise', 'Rise on both feet');
  await designer.row('Rise on both feet').click();
  const before = await designer.planned.textContent();
  for (const [typed, words] of [
    ['0', 'Reps must be at least 1.'],
    ['1000', 'Reps must be at most 200.'],
  ] as const) {
    await designer.number('reps').fill(typed);
    await designer.number('reps').press('Tab');
    await expect(page.getByText(words)).toBeVisible();
    await expect(designer.number('reps')).toHaveValue('12');
    await page.getByRole('button', { name: 'All right' }).click();
  }
  await designer.number('reps').fill('a dozen');
  await designer.number('reps').press('Tab');
  await expect(designer.number('reps')).toHaveValue('12');
  await expect(designer.planned).toHaveText(before ?? '');
});

test('forty items in a slot of two minutes are shown as over, not refused', async ({ page, request }) => {
  const id = await copyOf(request, 'Five minutes before the reel');
  const { plan } = (await (await request.get(`/api/classes/${id}`)).json()) as ClassRead;
  const [block] = plan.blocks;
  const [item] = block?.items ?? [];
  if (!block || !item) throw new Error('an empty demo class');
  const items = Array.from({ length: 39 }, (_, i) => ({ ...item, id: `forty-${i}` }));
  const saved = await request.put(`/api/classes/${id}`, {
    data: { saveId: `forty-${id}`, basedOn: 1, plan: { ...plan, blocks: [{ ...block, items }] } },
  });
  expect(saved.status()).toBe(200);
  const designer = new Designer(page);
  await page.goto(`/class/${id}`);
  await page
    .getByRole('button', { name: /^More for Ankle/ })
    .first()
    .click();
  await page.getByRole('menuitem', { name: 'Do it once more' }).click();
  await expect(designer.rows).toHaveCount(40);
  await designer.set('minutes of the slot', 2);
  const over = async () => secondsOf(await designer.planned.textContent()) - 120;
  expect(await over()).toBeGreaterThan(1800);
  await expect(page.locator('.against b')).toHaveText(
    `${Math.floor((await over()) / 60)}:${String((await over()) % 60).padStart(2, '0')} over`,
  );
  await designer.saved();
});

test('the server lost while editing: edits are kept here and saved when it is back', async ({ page, context }) => {
  const designer = new Designer(page);
  await designer.start(10, 'Stormy');
  await context.route('**/api/classes/**', (route) =>
    route.request().method() === 'PUT' ? route.abort() : route.continue(),
  );
  await designer.add('rise', 'Rise on both feet');
  await expect(page.getByRole('alert')).toContainText('kept in this browser');
  await context.unroute('**/api/classes/**');
  await designer.saved();
  await page.reload();
  await expect(designer.rows).toHaveText(['Rise on both feet']);
});

test('the page closed while the server is away: the edits come back with the page', async ({ page, context }) => {
  const designer = new Designer(page);
  await designer.start(10, 'Power cut');
  await context.route('**/api/classes/**', (route) =>
    route.request().method() === 'PUT' ? route.abort() : route.continue(),
  );
  await designer.add('rise', 'Rise on both feet');
  await expect(page.getByRole('alert')).toContainText('kept in this browser');
  const address = page.url();
  await page.close();
  await context.unroute('**/api/classes/**');
  const again = new Designer(await context.newPage());
  await again.page.goto(address);
  await expect(again.rows).toHaveText(['Rise on both feet']);
  await again.saved();
});

test('two tabs: the second is told, and nothing is lost on either side', async ({ context, request }) => {
  const id = await copyOf(request, 'Monday: chairs only');
  const [a, b] = [new Designer(await context.newPage()), new Designer(await context.newPage())];
  for (const tab of [a, b]) {
    await tab.page.goto(`/class/${id}`);
    await expect(tab.rows.first()).toBeVisible();
  }
  await a.page.getByLabel('Name of the class').fill('From the first tab');
  await a.page.getByLabel('Name of the class').press('Enter');
  await a.saved();
  await expect
    .poll(async () => ((await (await request.get(`/api/classes/${id}`)).json()) as { version: number }).version)
    .toBe(2);
  await b.page.getByLabel('Name of the class').fill('From the second tab');
  await b.page.getByLabel('Name of the class').press('Enter');
  const dialog = b.page.getByRole('dialog', { name: 'Changed in two places' });
  await expect(dialog).toContainText('From the first tab');
  await dialog.getByRole('button', { name: 'Both, mine as a copy' }).click();
  await expect(b.page.getByLabel('Name of the class')).toHaveValue('From the first tab');
  const list = (await (await request.get('/api/classes')).json()) as { classes: { title: string }[] };
  expect(list.classes.map((c) => c.title)).toContain('From the second tab, my side');
  const kept = (await (await request.get(`/api/classes/${id}/revisions`)).json()) as {
    revisions: { kind: string; title: string }[];
  };
  expect(kept.revisions.filter((r) => r.kind === 'clash').map((r) => r.title)).toEqual(['From the second tab']);
});

test('an exercise taken out of the library stays in the class that uses it', async ({ page, request }) => {
  const designer = new Designer(page);
  await designer.start(10, 'Keeps what it has');
  await designer.add('jump', 'Small jumps on the spot');
  await page.getByRole('button', { name: 'More about Small jumps on the spot' }).click();
  await page.getByRole('menuitem', { name: 'Take it out of the library' }).click();
  await expect(page.locator('nw-picker .name').filter({ hasText: 'Small jumps on the spot' })).toHaveCount(0);
  await page.reload();
  await designer.row('Small jumps').click();
  await expect(page.getByText('No longer in the library. This class keeps it as it was.')).toBeVisible();
  expect((await request.post('/api/exercises/small-jumps/restore')).status()).toBe(204);
});

test('a class that is not there says so and leads back', async ({ page }) => {
  await page.goto('/class/no-such-class');
  await expect(page.getByRole('heading', { name: 'This class cannot be opened' })).toBeVisible();
  await page.getByRole('link', { name: 'All classes' }).click();
  await expect(page.getByRole('button', { name: 'New class', exact: true })).toBeVisible();
});

test('a deleted class comes back', async ({ page, request }) => {
  const id = await copyOf(request, 'Five minutes before the reel');
  await request.put(`/api/classes/${id}`, {
    data: {
      saveId: `rename-${id}`,
      basedOn: 1,
      plan: {
        ...((await (await request.get(`/api/classes/${id}`)).json()) as { plan: object }).plan,
        title: `Away ${id}`,
      },
    },
  });
  await page.goto('/classes');
  await page.getByRole('button', { name: `More for Away ${id}` }).click();
  await page.getByRole('menuitem', { name: 'Delete' }).click();
  await expect(page.getByRole('link', { name: new RegExp(`Away ${id}`) })).toHaveCount(0);
  await page.getByRole('button', { name: 'Bring it back' }).click();
  await expect(page.getByText(`Away ${id}`).first()).toBeVisible();
  expect(classIdOf(page)).toBe('');
});

test.describe('what an earlier page left unsaved in this browser', () => {
  const title = 'Arches for long days on deck';

  /** Puts something under a key of this browser's store, as a page that was closed would have left it. */
  async function left(page: Page, key: string, value: unknown): Promise<void> {
    await page.goto('/classes');
    await expect(page.getByRole('link', { name: title }).first()).toBeVisible();
    await page.evaluate(
      ([at, what]) =>
        new Promise<void>((done, failed) => {
          const opening = indexedDB.open('keyval-store');
          opening.onupgradeneeded = () => opening.result.createObjectStore('keyval');
          opening.onerror = () => failed(new Error('no store'));
          opening.onsuccess = () => {
            const writing = opening.result.transaction('keyval', 'readwrite');
            writing.objectStore('keyval').put(what, at);
            writing.oncomplete = () => done();
          };
        }),
      [key, value] as const,
    );
  }
  const kept = (page: Page, key: string) =>
    page.evaluate(
      (at) =>
        new Promise<unknown>((done) => {
          const opening = indexedDB.open('keyval-store');
          opening.onsuccess = () => {
            const reading = opening.result.transaction('keyval').objectStore('keyval').get(at);
            reading.onsuccess = () => done(reading.result);
          };
        }),
      key,
    );
  async function planOf(request: APIRequestContext, id: string): Promise<Record<string, unknown>> {
    return ((await (await request.get(`/api/classes/${id}`)).json()) as { plan: Record<string, unknown> }).plan;
  }

  test('by an older application: it is brought to today’s form and saved', async ({ page, request }) => {
    const id = await copyOf(request, title);
    const { format, accepted, ...older } = await planOf(request, id);
    expect([format, accepted]).toEqual([10, []]);
    await left(page, `draft:${id}`, { saveId: `old-${id}`, basedOn: 1, plan: { ...older, title: 'Drafted long ago' } });
    const designer = new Designer(page);
    await page.goto(`/class/${id}`);
    await expect(page.getByLabel('Name of the class')).toHaveValue('Drafted long ago');
    await designer.saved();
    expect(await planOf(request, id)).toMatchObject({ format: 10, title: 'Drafted long ago' });
    expect(await kept(page, `draft:${id}`)).toBeUndefined();
  });

  for (const [what, change, words] of [
    ['by a newer application', { format: 99 }, 'written by a newer Needlework'],
    ['cut off in the middle', { plan: { title: 'Half' } }, 'cannot be read'],
  ] as const)
    test(`${what}: the class opens, it is said, and the draft stays`, async ({ page, request }) => {
      const id = await copyOf(request, title);
      const draft = { saveId: `old-${id}`, basedOn: 1, plan: await planOf(request, id), ...change };
      await left(page, `draft:${id}`, draft);
      await page.goto(`/class/${id}`);
      await expect(page.locator('mat-snack-bar-container')).toContainText(words);
      await expect(new Designer(page).rows.first()).toBeVisible();
      expect(await kept(page, `draft:${id}`)).toEqual(draft);
    });
});

test('eighty items with the longest names, and a title of one emoji: every page of the class stays readable', async ({
  page,
  request,
}) => {
  const id = await copyOf(request, 'Saturday workshop: the whole foot');
  const { plan } = (await (await request.get(`/api/classes/${id}`)).json()) as ClassRead;
  const items = plan.blocks.flatMap((block) => block.items);
  const long = 'Schienbeinkantengelenkbeweglichkeit';
  const eighty = Array.from({ length: 80 }, (_, i) => {
    const item = items[i % items.length];
    if (!item) throw new Error('an empty demo class');
    return {
      ...item,
      id: `eighty-${i}`,
      note: `${long} `.repeat(8),
      ...(item.kind === 'talk' ? {} : { recheck: null, wornUntil: null }),
    };
  });
  const blocks = [0, 1, 2, 3].map((n) => ({
    ...plan.blocks[0],
    id: `long-${n}`,
    name: `${long}${long}`.slice(0, 60),
    items: eighty.slice(n * 20, n * 20 + 20),
  }));
  const put = async (title: string, basedOn: number) =>
    expect(
      (
        await request.put(`/api/classes/${id}`, {
          data: { saveId: `long-${basedOn}-${id}`, basedOn, plan: { ...plan, title, blocks } },
        })
      ).status(),
    ).toBe(200);
  await put(`${long}${long}${long}${long}`.slice(0, 120), 1);
  for (const path of [
    '',
    '/floor',
    '/card',
    '/script',
    '/through/load',
    '/through/kit',
    '/through/sight',
    '/earlier',
  ]) {
    await page.goto(`/class/${id}${path}`);
    await expect(page.locator('main').first()).toBeVisible();
    await expect(page.locator('nw-loading .wait')).toHaveCount(0);
    for (const size of [
      { width: 1280, height: 800 },
      { width: 390, height: 844 },
    ]) {
      await page.setViewportSize(size);
      const wide = () => page.evaluate(() => document.documentElement.scrollWidth);
      await expect.poll(wide, { message: `${path} at ${size.width}` }).toBeLessThanOrEqual(size.width);
      // a chart is drawn anew for its width a moment later
      await expect.poll(() => unreadable(page), { message: `${path} at ${size.width}` }).toEqual([]);
    }
  }
  await put('🦶', 2);
  await page.setViewportSize({ width: 1280, height: 800 });
  await page.goto(`/class/${id}`);
  await expect(page).toHaveTitle('🦶 · Needlework');
  await page.goto('/classes');
  const link = page.locator(`a[href="/class/${id}/floor"]`);
  await expect(link).toHaveAccessibleName('To the floor: 🦶');
  await link.click();
  await expect(page.locator('.waiting .of')).toHaveText('ready');
});

test('an empty class says on every page of it that it is empty, and leads to the first exercise', async ({ page }) => {
  const designer = new Designer(page);
  await designer.start(10, 'Nothing yet');
  const id = classIdOf(page);
  for (const path of ['/floor', '/through/load', '/script', '/card']) {
    await page.goto(`/class/${id}${path}`);
    await expect(page.getByText(/Nothing (to teach yet|is in this class yet|is said yet|planned yet)/)).toBeVisible();
    await expect(page.locator(`a[href="/class/${id}"]`).first()).toBeVisible();
  }
});
