import { gunzipSync, gzipSync } from 'node:zlib';
import AxeBuilder from '@axe-core/playwright';
import { type Page, type Request, expect, test } from '@playwright/test';
import type { CoursePage } from '@core/contract';
import { copyOf } from './designer';
import { sizes, smallTargets, smallText, unreadable } from './read-page';

type Run = Parameters<AxeBuilder['options']>[0]['runOnly'];
const wcag: Run = { type: 'tag', values: ['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa', 'best-practice'] };
const contrast: Run = { type: 'rule', values: ['color-contrast'] };

/**
 * What axe finds wrong. What passes is not described, no picture or sound is loaded ahead, and all of it is done in the
 * page itself, which has no frames of others: a third of the time.
 * @param run tags or rules
 */
async function violations(page: Page, run: Run, within?: string): Promise<string[]> {
  const axe = new AxeBuilder({ page }).options({ runOnly: run, resultTypes: ['violations'], preload: false });
  const found = await (within === undefined ? axe : axe.include(within)).setLegacyMode().analyze();
  return found.violations.map(
    (v) => `${v.id}: ${v.nodes.map((n) => [n.target.join(' '), n.any[0]?.message].join(' ')).join('; ')}`,
  );
}

/** Transitions that are going on once the page has been drawn twice: the first drawing is what starts them. */
const stillRunning = async (): Promise<number> => {
  await new Promise(requestAnimationFrame);
  await new Promise(requestAnimationFrame);
  return document.getAnimations().filter((a) => a.playState === 'running').length;
};

for (const [name, path] of [
  ['desk', '/'],
  ['classes', '/classes'],
  ['designer', '/class/:id'],
  ['floor', '/class/:id/floor'],
  ['the load of a class', '/class/:id/through/load'],
  ['the kit of a class', '/class/:id/through/kit'],
  ['where to stand', '/class/:id/through/sight'],
  ['the idea of a class', '/class/:id/through/idea'],
  ['the music of a class', '/class/:id/through/music'],
  ['card', '/class/:id/card'],
  ['script', '/class/:id/script'],
  ['rehearsal', '/class/:id/rehearse'],
  ['the face for the room', '/class/:id/room'],
  ['earlier states', '/class/:id/earlier'],
  ['what was taken out', '/taken-out'],
  ['copies and files', '/safe'],
  ['a class from a brief', '/compose'],
  ['courses', '/courses'],
  ['calendar', '/calendar'],
  ['a course', '/courses/demo-winter'],
  ['the load of a course', '/courses/demo-winter/load'],
  ['homework', '/homework'],
  ['a sheet of homework', '/homework/demo-home-oswin'],
  ['a sheet for a level', '/homework/demo-home-lunch'],
  ['looking back', '/groups/demo-lunch/back'],
  ['log', '/log'],
  ['exercises', '/exercises'],
  ['an exercise', '/exercises/toe-wave'],
  ['the exercise editor', '/exercises/toe-wave/edit'],
  ['a new exercise', '/exercises/new'],
  ['how I teach', '/teaching'],
  ['words', '/words'],
  ['people', '/people'],
  ['a group', '/groups/demo-lunch'],
  ['a look at a group', '/groups/demo-lunch/look?check=one-leg-stand'],
  ['a look at words', '/groups/demo-lunch/look?check=knee-in-line'],
  ['a look at soles', '/groups/demo-lunch/look?check=sore-spots'],
  ['levels of a group', '/groups/demo-lunch/ladders?exercise=one-leg-stand'],
  ['checks', '/checks'],
  ['a check', '/checks/one-leg-stand'],
  ['bands', '/bands'],
  ['devices', '/devices'],
] as const) {
  test(`${name}: everybody can read it, in light and dark, from 360 to 1280 px`, async ({ page, request }) => {
    const id = path.includes(':id') ? await copyOf(request, 'Saturday workshop: the whole foot') : '';
    if (name === 'calendar') {
      // one word is one line: as tall for a thumb as what takes three
      const { course } = (await (await request.get('/api/courses/demo-winter')).json()) as CoursePage;
      const short = { ...course, id: 'look-short', title: 'Low' };
      await request.put('/api/courses/look-short', { data: { basedOn: null, course: short } });
    }
    await page.goto(path.replace(':id', id));
    await expect(page.locator('main').first()).toBeVisible();
    await expect(page.locator('nw-loading .wait')).toHaveCount(0);
    if (name === 'earlier states') await page.locator('.state').first().click();
    if (name === 'designer') await page.getByRole('button', { name: 'Add an exercise' }).waitFor();
    // a button that has just come alive changes its colour for a moment
    await expect.poll(() => page.evaluate(stillRunning), { message: 'nothing changes any more' }).toBe(0);
    expect(await violations(page, wcag), 'WCAG 2.2 AA').toEqual([]);
    await page.emulateMedia({ colorScheme: 'dark' });
    await expect.poll(() => page.evaluate(stillRunning), { message: 'colours have changed over' }).toBe(0);
    expect(await violations(page, contrast), 'contrast in dark').toEqual([]);
    for (const width of [1280, 768, 390, 360]) {
      await page.setViewportSize({ width, height: 800 });
      await page.evaluate(() => new Promise(requestAnimationFrame));
      // a chart is drawn anew for its width a moment later
      const wide = () => page.evaluate(() => document.documentElement.scrollWidth);
      await expect.poll(wide, { message: `nothing is cut off at ${width} px` }).toBeLessThanOrEqual(width);
    }
    for (const size of sizes) {
      await page.setViewportSize(size);
      await page.evaluate(() => new Promise(requestAnimationFrame));
      const at = `at ${size.width} x ${size.height}`;
      expect.soft(await smallText(page), `letters ${at}`).toEqual([]);
      expect.soft(await smallTargets(page), `targets ${at}`).toEqual([]);
      await expect.poll(() => unreadable(page), { message: `texts over each other ${at}` }).toEqual([]);
    }
  });
}

const dialogs: readonly (readonly [name: string, open: (page: Page) => Promise<void>])[] = [
  ['the class', (page) => page.locator('button.who').click()],
  ['who comes', (page) => page.getByRole('button', { name: 'Who comes' }).click()],
  ['the fit', (page) => page.getByRole('button', { name: 'Fit to slot' }).click()],
  ['a better order', (page) => page.getByRole('button', { name: 'find a better order' }).click()],
  ['the keys', (page) => page.getByRole('button', { name: 'Keys' }).click()],
];
for (const [name, open] of dialogs)
  test(`the dialog of ${name}: everybody can read it, in light and dark, at five sizes, and Escape leaves it`, async ({
    page,
    request,
  }) => {
    await page.goto(`/class/${await copyOf(request, 'Saturday workshop: the whole foot')}`);
    await open(page);
    const dialog = page.getByRole('dialog');
    await expect(dialog).toBeVisible();
    await expect(page.locator('mat-progress-bar')).toHaveCount(0);
    await expect.poll(() => page.evaluate(stillRunning), { message: 'nothing changes any more' }).toBe(0);
    expect(await violations(page, wcag, 'mat-dialog-container')).toEqual([]);
    await page.emulateMedia({ colorScheme: 'dark' });
    await expect.poll(() => page.evaluate(stillRunning), { message: 'colours have changed over' }).toBe(0);
    expect(await violations(page, contrast, 'mat-dialog-container'), 'contrast in dark').toEqual([]);
    for (const size of sizes) {
      await page.setViewportSize(size);
      const at = `at ${size.width} x ${size.height}`;
      expect.soft(await smallText(page, 'mat-dialog-container'), `letters ${at}`).toEqual([]);
      expect.soft(await smallTargets(page, 'mat-dialog-container'), `targets ${at}`).toEqual([]);
    }
    await page.keyboard.press('Escape');
    await expect(dialog).toHaveCount(0);
  });

test('the first page loads under 250 kB of compressed script', async ({ page }) => {
  const scripts: Request[] = [];
  let asked = false;
  page.on('request', (request) => {
    // the page is there once it asks for the desk; the other pages are fetched ahead of their need, and later
    asked ||= new URL(request.url()).pathname === '/api/desk';
    if (!asked && request.url().endsWith('.js')) scripts.push(request);
  });
  await page.goto('/');
  await page.locator('.drafts li').first().waitFor();
  const sizes = await Promise.all(
    scripts.map(async (request) => {
      const body = (await (await request.response())?.body()) ?? Buffer.alloc(0);
      const plain = body.subarray(0, 2).equals(Buffer.from([0x1f, 0x8b])) ? gunzipSync(body) : body;
      return gzipSync(plain).length;
    }),
  );
  const bytes = sizes.reduce((sum, size) => sum + size, 0);
  expect(bytes).toBeGreaterThan(20_000);
  expect(bytes).toBeLessThan(250_000);
});
